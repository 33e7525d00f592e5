import { type ComponentType, type LazyExoticComponent, lazy, Suspense, useEffect, useState } from 'react';
import { Link, Navigate, useNavigate, useParams } from 'react-router';
import { isEquipped } from '@/core/job/sheet';
import { benchOf, PHASES_BUILT, phaseById } from '@/core/phases/registry';
import { standingOf } from '@/core/phases/standing';
import { pagesOf } from '@/web/api/circuit-path';
import { useFeed } from '@/web/api/use-feed';
import { useJobSheet } from '@/web/api/use-job-sheet';
import { useMe } from '@/web/api/use-me';
import { useRun } from '@/web/device-run/use-run';
import { KeysHelp } from '@/web/shell/KeysHelp';
import { useKeys } from '@/web/shell/use-keys';
import { Waiting } from '@/web/shell/Waiting';
import { readAs, readAtHome } from '@/web/words/say';
import { t } from '@/web/words/tell';
import type { EquippedView, JobView } from './job-context';
import { unsheetedOz } from './live-movement';
import { NoEquipment } from './NoEquipment';

type Page = LazyExoticComponent<ComponentType<JobView> | ComponentType<EquippedView>>;
/** The page of each phase by the name of its folder; fit sheets and equipment stand beside them. */
const PAGES = new Map<string, Page>(
  Object.entries(import.meta.glob<{ default: ComponentType<JobView> }>('./*/*Page.tsx')).map(([file, load]) => [
    file.split('/')[1]!,
    lazy(load),
  ]),
);

export default function JobPage() {
  const { jobId = '', circuitId, phase } = useParams();
  const { me } = useMe();
  const { sheet, trouble, actions } = useJobSheet(jobId, me, circuitId);
  // Times of a job are told by the clock of its site, on every page of it.
  if (sheet) readAs({ timeZone: sheet.site.timeZone, currency: sheet.scopeSchools.currency });
  useEffect(() => () => readAtHome(), []);
  const [generation, setGeneration] = useState(0);
  const [help, setHelp] = useState(false);
  const navigate = useNavigate();
  const { run, ownOf, order } = useRun(sheet, me);
  const hasBench = phase !== undefined && benchOf(phase) !== undefined;
  const ownPhase = hasBench ? phase : 'start-up';
  // On a page with a bench its own run is shown, even while that of another phase goes on.
  const shown = run && (run.phase === ownPhase || !hasBench) ? run : undefined;
  const pastRun = shown ? undefined : sheet?.runs.filter((r) => r.phase === ownPhase).at(-1);
  const own = ownOf(shown?.id ?? pastRun?.id);
  const feed = useFeed(shown?.id ?? pastRun?.id, generation, own);
  const waiting = sheet && run ? unsheetedOz({ feed, run, sheet }) !== 0 : false;
  // The server stores a finished weighing at once; the sheet is read again until it holds it.
  useEffect(() => {
    if (!waiting) return;
    const timer = setInterval(() => void actions.reload(), 400);
    return () => clearInterval(timer);
  }, [waiting, actions]);
  const go = (to: string): void => void (sheet && navigate(`${pagesOf(sheet)}/${to}`));
  useKeys({
    'g j': () => navigate('/jobs'),
    'g f': () => navigate('/formulas'),
    'g e': () => go('equipment'),
    'g t': () => go('fit'),
    'g l': () => navigate('/library'),
    'g y': () => navigate('/cylinders'),
    ...Object.fromEntries(PHASES_BUILT.map((p) => [`g ${p.key}`, () => go(p.id)])),
    '?': () => setHelp(true),
  });
  if (!sheet || !me) {
    if (!trouble) return <Waiting />;
    return (
      <main className="mx-auto max-w-[560px] p-8">
        <h1 className="text-[24px]">
          {trouble.status === 404 ? t('web.there-is-no-such-job') : t('web.job-could-not-be-opened')}
        </h1>
        <p className="mt-2 mb-5">{trouble.message}</p>
        <Link to="/jobs" className="text-copper underline">
          {t('web.back-to-jobs')}
        </Link>
      </main>
    );
  }
  // The first circuit is the one a job opens on: it has one address, not two.
  if (circuitId !== undefined && sheet.circuits[0]!.id === circuitId)
    return <Navigate to={`${pagesOf(sheet)}/${phase ?? ''}`} replace />;
  const Page = phase && PAGES.get(phase);
  if (!Page) return <Navigate to={`${pagesOf(sheet)}/${standingOf(sheet).phase}`} replace />;
  const here = phaseById(phase);
  const view: JobView = {
    sheet,
    me,
    actions,
    run,
    own,
    order,
    feed,
    pastRun,
    rejoin: () => setGeneration((g) => g + 1),
  };
  return (
    <Suspense fallback={<Waiting />}>
      {here?.equipped && !isEquipped(sheet) ? (
        <NoEquipment sheet={sheet} active={here.id} />
      ) : (
        <Page key={`${sheet.circuit.id}-${phase}`} {...(view as EquippedView)} />
      )}
      <KeysHelp open={help} onClose={() => setHelp(false)} />
    </Suspense>
  );
}
