import { lazy, Suspense, useEffect, useState } from 'react';
import { Link, Navigate, useNavigate, useParams } from 'react-router';
import { isEquipped } from '@/core/job/sheet';
import { standingOf } from '@/core/job/sheet-gates';
import { useFeed } from '@/web/api/use-feed';
import { useJobSheet } from '@/web/api/use-job-sheet';
import { useMe } from '@/web/api/use-me';
import { KeysHelp } from '@/web/shell/KeysHelp';
import { useKeys } from '@/web/shell/use-keys';
import { Waiting } from '@/web/shell/Waiting';
import { readAs, say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import type { JobView } from './job-context';
import { unsheetedOz } from './live-movement';
import { NoEquipment } from './NoEquipment';

const ChargePage = lazy(() => import('./charge/ChargePage'));
const StartUpPage = lazy(() => import('./start-up/StartUpPage'));
const HandOverPage = lazy(() => import('./hand-over/HandOverPage'));
const SurveyPage = lazy(() => import('./survey/SurveyPage'));
const ScopePage = lazy(() => import('./scope/ScopePage'));
const FitPage = lazy(() => import('./fit/FitPage'));
const RecoverPage = lazy(() => import('./recover/RecoverPage'));
const JoinPage = lazy(() => import('./join/JoinPage'));
const PressurePage = lazy(() => import('./pressure-test/PressurePage'));
const EvacuatePage = lazy(() => import('./evacuate/EvacuatePage'));
const EquipmentPage = lazy(() => import('./system/EquipmentPage'));

/** Phases of the circuit that stream: their pages show their own last run. */
const RECORDED = { recover: true, 'pressure-test': true, evacuate: true } as const;

const PAGES = {
  survey: SurveyPage,
  scope: ScopePage,
  fit: FitPage,
  recover: RecoverPage,
  'hand-over': HandOverPage,
  equipment: EquipmentPage,
} as const;
/** Pages that work on the new equipment; without it they say what to do first. */
const EQUIPPED_PAGES = {
  join: JoinPage,
  'pressure-test': PressurePage,
  evacuate: EvacuatePage,
  charge: ChargePage,
  'start-up': StartUpPage,
} as const;

export default function JobPage() {
  const { jobId = '', phase } = useParams();
  const { me } = useMe();
  const { sheet, trouble, send, replace, reload } = useJobSheet(jobId);
  // Times of a job are told by the clock of its site, on every page of it.
  if (sheet) readAs({ timeZone: sheet.site.timeZone });
  const [generation, setGeneration] = useState(0);
  const [help, setHelp] = useState(false);
  const navigate = useNavigate();
  const run = sheet?.runs.find((r) => r.state === 'running');
  const ownPhase = phase && phase in RECORDED ? phase : 'start-up';
  // On a page that streams, its own run is shown, even while that of another phase goes on.
  const shown = run && (run.phase === ownPhase || !(phase && phase in RECORDED)) ? run : undefined;
  const pastRun = shown ? undefined : sheet?.runs.filter((r) => r.phase === ownPhase).at(-1);
  const feed = useFeed(shown?.id ?? pastRun?.id, generation);
  const waiting = sheet && run ? unsheetedOz({ feed, run, sheet }) !== 0 : false;
  // The server stores a finished weighing at once; the sheet is read again until it holds it.
  useEffect(() => {
    if (!waiting) return;
    const timer = setInterval(() => void reload(), 400);
    return () => clearInterval(timer);
  }, [waiting, reload]);
  const go = (to: string): void => void navigate(`/jobs/${jobId}/${to}`);
  useKeys({
    'g j': () => navigate('/jobs'),
    'g f': () => navigate('/formulas'),
    'g e': () => go('equipment'),
    'g v': () => go('survey'),
    'g o': () => go('scope'),
    'g t': () => go('fit'),
    'g l': () => navigate('/library'),
    'g r': () => go('recover'),
    'g n': () => go('join'),
    'g p': () => go('pressure-test'),
    'g u': () => go('evacuate'),
    'g y': () => navigate('/cylinders'),
    'g c': () => go('charge'),
    'g s': () => go('start-up'),
    'g h': () => go('hand-over'),
    '?': () => setHelp(true),
  });
  if (!sheet || !me) {
    if (!trouble) return <Waiting />;
    return (
      <main className="mx-auto max-w-[560px] p-8">
        <h1 className="text-[24px]">
          {trouble.status === 404 ? say(tell('web.there-is-no-such-job')) : say(tell('web.job-could-not-be-opened'))}
        </h1>
        <p className="mt-2 mb-5">{trouble.message}</p>
        <Link to="/jobs" className="text-copper underline">
          {say(tell('web.back-to-jobs'))}
        </Link>
      </main>
    );
  }
  const Page = PAGES[phase as keyof typeof PAGES];
  const Equipped = EQUIPPED_PAGES[phase as keyof typeof EQUIPPED_PAGES];
  if (!Page && !Equipped) return <Navigate to={`/jobs/${jobId}/${standingOf(sheet).phase}`} replace />;
  const view: JobView = {
    sheet,
    me,
    actions: { send, replace, reload },
    run,
    feed,
    pastRun,
    rejoin: () => setGeneration((g) => g + 1),
  };
  return (
    <Suspense fallback={<Waiting />}>
      {Page ? (
        <Page key={`${jobId}-${phase}`} {...view} />
      ) : isEquipped(sheet) ? (
        <Equipped key={`${jobId}-${phase}`} {...view} sheet={sheet} />
      ) : (
        <NoEquipment sheet={sheet} active={phase as keyof typeof EQUIPPED_PAGES} />
      )}
      <KeysHelp open={help} onClose={() => setHelp(false)} />
    </Suspense>
  );
}
