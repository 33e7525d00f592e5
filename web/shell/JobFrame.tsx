import { ArrowLeft, Pencil } from 'lucide-react';
import { memo, type ReactNode, useState } from 'react';
import { Link, NavLink } from 'react-router';
import { METERING_WORDS } from '@/core/equipment/plate';
import { worstOf } from '@/core/finding/order';
import { type FitSheet, judgeFit } from '@/core/fit/sheets';
import type { Marked } from '@/core/job/marked';
import { PHASE_GROUPS, PHASE_WORDS, type Phase } from '@/core/job/phases';
import { isSigned, type JobSheet, ownerName } from '@/core/job/sheet';
import { visitNow, visitsOf } from '@/core/phases/hand-over/visits';
import type { PhaseDescriptor } from '@/core/phases/phase';
import { phaseById } from '@/core/phases/registry';
import { fitContextOf, newPieces } from '@/core/phases/scope/view';
import { noteOf, notNeeded, phasesOf } from '@/core/phases/standing';
import { hasCircuit, systemWords } from '@/core/phases/survey/view';
import { day, list, lower, type Said, sameSaid, value } from '@/core/words/said';
import { pagesOf } from '@/web/api/circuit-path';
import { useMe } from '@/web/api/use-me';
import { Mark, type MarkKind } from '@/web/kit/Mark';
import { useShowCurrent } from '@/web/kit/use-show-current';
import { LateBar } from '@/web/late/LateBar';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { CheckInBar } from './CheckInBar';
import { CircuitSwitch } from './CircuitSwitch';
import { CircuitTag } from './circuit-tag';
import { CancelledBar, JobDetails, mayEdit } from './JobDetails';
import { PageTitle } from './PageTitle';
import { SignedHere } from './SignedHere';
import { PersonMenu } from './TopBar';

type Props = {
  sheet: JobSheet;
  active: Phase | 'equipment' | 'fit';
  /** Marks what is read on this page, when it is no real instrument's. */
  marked?: Marked;
  /** The bench: the picture of the work. */
  children: ReactNode;
  /** Right: the log and the working. */
  side?: ReactNode;
  /** Bottom: the next move. */
  next?: ReactNode;
};

/** The frame of one job: header, rail of phases, bench, side and next move; folded for a phone. */
export function JobFrame({ sheet, active, marked = false, children, side, next }: Props) {
  const { plate } = sheet.circuit;
  const tag = ownerName(sheet, active === 'fit' ? 'system' : phaseById(active)?.owner);
  return (
    <div className="flex min-h-dvh flex-col lg:grid lg:h-[calc(100dvh-var(--waits,0px)-var(--bar-px))] lg:min-h-0 lg:grid-cols-[206px_minmax(0,1fr)_318px] lg:grid-rows-[60px_auto_minmax(0,1fr)_auto] lg:overflow-hidden">
      <PageTitle of={[activeWords(active), ...(tag ? [tag] : []), String(sheet.job.number), sheet.customer.name]} />
      <section
        aria-label={t('web.this-job')}
        className="flex items-center gap-x-5 border-b-[1.5px] border-ink px-3 py-1.5 lg:col-span-3 lg:px-5"
      >
        <Link to="/jobs" aria-label={t('web.all-jobs')} className="touch grid w-10 shrink-0 place-items-center lg:w-8">
          <ArrowLeft size={22} />
        </Link>
        <span className="narrow -ml-3 shrink-0 text-[21px] font-[700]">{sheet.job.number}</span>
        <Whose sheet={sheet} />
        <span className="ml-auto hidden shrink-0 font-[600] xl:block">
          {plate
            ? t('web.ton', {
                nominalTons: plate.nominalTons,
                kind: value(sheet.system.kind),
                refrigerant: plate.refrigerant,
                meteringWords: METERING_WORDS[plate.metering],
              })
            : say(systemWords(sheet))}
        </span>
        {marked ? (
          <span className="ml-auto shrink-0 border-[1.5px] border-dashed border-copper px-2 py-0.5 text-[12.5px] font-[650] text-copper xl:ml-0">
            <span className="sm:hidden">{marked === 'replayed' ? t('web.replayed') : t('web.simulated')}</span>
            <span className="hidden sm:inline">
              {t(marked === 'replayed' ? 'web.replayed-instruments' : 'web.simulated-instruments')}
            </span>
          </span>
        ) : (
          <span className="ml-auto xl:hidden" />
        )}
        <span className="lg:hidden">
          <PersonMenu />
        </span>
      </section>
      <div className="lg:col-span-3">
        <CheckInBar sheet={sheet} />
        <LateBar jobId={sheet.job.id} pages={pagesOf(sheet)} />
        <SignedHere sheet={sheet} />
      </div>
      <CircuitSwitch
        sheet={sheet}
        active={active}
        className="flex gap-1.5 overflow-x-auto border-b border-rule px-2 py-1.5 lg:hidden"
      />
      <Rail sheet={sheet} active={active} />
      {/* What is only read aloud is placed absolutely: it stays within what scrolls here, and does not lengthen the page. */}
      <main className={`relative min-w-0 flex-1 lg:overflow-y-auto ${side ? '' : 'lg:col-span-2'}`}>{children}</main>
      {side ? (
        <aside className="relative border-t border-rule lg:overflow-y-auto lg:border-t-0 lg:border-l">{side}</aside>
      ) : null}
      {sheet.cancelled || next ? (
        <div className="sticky bottom-0 z-20 lg:static lg:col-span-2 lg:col-start-2">
          {sheet.cancelled ? (
            <CancelledBar sheet={sheet} cancelled={sheet.cancelled} />
          ) : (
            <CircuitTag value={tag}>{next}</CircuitTag>
          )}
        </div>
      ) : null}
    </div>
  );
}

function activeWords(active: Props['active']): string {
  if (active === 'equipment') return t('web.equipment');
  return say(active === 'fit' ? tell('web.fit-sheets') : PHASE_WORDS[active]);
}

/** Whose job it is and where; a tap opens its details. */
function Whose({ sheet }: { sheet: JobSheet }) {
  const { me } = useMe();
  const [open, setOpen] = useState(false);
  const words = (
    <>
      <span className="text-ink">{sheet.customer.name}</span>
      <span className="hidden md:inline">
        , {sheet.site.address} · {sheet.system.name.toLowerCase()}
      </span>
    </>
  );
  if (!mayEdit(me?.role, sheet)) return <span className="min-w-0 truncate text-ink2">{words}</span>;
  return (
    <>
      <button
        type="button"
        title={t('web.edit-job')}
        onClick={() => setOpen(true)}
        className="touch min-w-0 cursor-pointer truncate text-left text-ink2 decoration-dotted underline-offset-4 hover:underline"
      >
        {words}
        <Pencil size={14} className="ml-2 inline-block align-baseline text-copper" />
      </button>
      {open ? <JobDetails sheet={sheet} onClose={() => setOpen(false)} /> : null}
    </>
  );
}

/** Drawn anew only when the sheet is another one: a live reading does not judge the fit sheets again. */
const Rail = memo(function Rail({ sheet, active }: { sheet: JobSheet; active: Props['active'] }) {
  const strip = useShowCurrent<HTMLElement>(active);
  const pages = pagesOf(sheet);
  const circuit = hasCircuit(sheet);
  const skipped = notNeeded(sheet);
  const current = phasesOf(sheet).find((p) => !isSigned(sheet, p));
  const item =
    'relative flex shrink-0 items-center gap-1.5 px-2 py-2 max-lg:text-[14.5px] lg:gap-2.5 lg:px-3 lg:pl-5 font-[520] aria-[current=page]:bg-sheet aria-[current=page]:font-[700] aria-[current=page]:shadow-[inset_0_-4px_0_var(--copper)] lg:aria-[current=page]:shadow-[inset_5px_0_0_var(--copper)] touch';
  return (
    <nav
      ref={strip}
      aria-label={t('web.phases')}
      className="relative flex overflow-x-auto border-b border-rule lg:row-span-2 lg:block lg:overflow-y-auto lg:border-r lg:border-b-0 lg:pt-3"
    >
      <CircuitSwitch sheet={sheet} active={active} className="mr-2 mb-2 ml-3 hidden flex-col gap-1 lg:flex" />
      <NavLink to={`${pages}/equipment`} className={item}>
        <Mark kind={sheet.circuit.plate || (!circuit && newPieces(sheet).furnace) ? 'good' : 'to-come'} />
        <span className="lg:hidden">{t('web.unit-2')}</span>
        <span className="hidden lg:inline">{t('web.equipment')}</span>
      </NavLink>
      <VisitLine sheet={sheet} />
      {PHASE_GROUPS.map(({ group, phases }) => {
        const built = phases.flatMap((id) => phaseById(id) ?? []).filter((p) => inRail(p, sheet, active));
        const folded = skipped.filter((s) => phases.includes(s.phase) && s.phase !== active);
        if (built.length === 0 && folded.length === 0) return null;
        return (
          <div key={phases[0]} className="flex shrink-0 lg:block">
            <h2 className="mt-4 mb-1 hidden pl-5 text-[12px] font-[600] text-ink2 lg:block">{say(group)}</h2>
            {built.map((phase) => {
              const note = noteOf(phase, sheet);
              return (
                <NavLink
                  key={phase.id}
                  to={`${pages}/${phase.id}`}
                  aria-current={active === phase.id ? 'page' : undefined}
                  className={item}
                >
                  <Mark kind={note.mark ?? markOf(sheet, phase.id, current)} />
                  <span className="leading-tight">
                    {say(PHASE_WORDS[phase.id])}
                    <span className="hidden text-[12px] font-[450] text-ink2 lg:block">{say(note.say)}</span>
                  </span>
                </NavLink>
              );
            })}
            {folded.length ? (
              <p
                className="hidden px-3 py-1.5 pl-5 text-[12px] leading-tight text-ink2 lg:block"
                data-testid="not-needed"
              >
                {say(foldedWords(folded, skipped))}
              </p>
            ) : null}
            {phases.includes('survey') ? (
              <NavLink to={`${pages}/fit`} aria-current={active === 'fit' ? 'page' : undefined} className={item}>
                <Mark kind={fitMark(sheet)} />
                <span className="leading-tight">
                  <span className="lg:hidden">{t('web.fit')}</span>
                  <span className="hidden lg:inline">{t('web.fit-sheets')}</span>
                  <span className="hidden text-[12px] font-[450] text-ink2 lg:block">{fitNote(sheet)}</span>
                </span>
              </NavLink>
            ) : null}
          </div>
        );
      })}
    </nav>
  );
});

/** Which visit this is, where a job takes more than one. */
function VisitLine({ sheet }: { sheet: JobSheet }) {
  const now = visitNow(sheet);
  const all = visitsOf(sheet).length;
  if (!now || all === 1) return null;
  return (
    <NavLink
      to={`${pagesOf(sheet)}/hand-over#visits`}
      className="touch hidden items-center pl-5 text-[12.5px] text-copper underline underline-offset-4 lg:flex"
      data-testid="visit-line"
    >
      {t('web.visit-line', { n: now.n, all, day: day(now.on) })}
    </NavLink>
  );
}

/** Why these phases are not gone through; a reason that stands further up already is not told again. */
function foldedWords(folded: readonly Skipped[], skipped: readonly Skipped[]): Said {
  const names = list(folded.map((f) => PHASE_WORDS[f.phase]));
  const { because } = folded[0]!;
  return skipped.find((s) => sameSaid(s.because, because)) === folded[0]
    ? tell('web.not-needed-because', { folded: names, because: lower(because) })
    : tell('web.not-needed', { folded: names });
}
type Skipped = { phase: Phase; because: Said };

/** A phase stands in the rail when the job goes through it, or it is open, or it always does. */
const inRail = (phase: PhaseDescriptor, sheet: JobSheet, active: Props['active']): boolean =>
  phase.always === true || phase.id === active || phase.needed(sheet);

const fitChecks = (sheet: JobSheet) => {
  const context = fitContextOf(sheet);
  return Object.values(sheet.fits).flatMap((f) => judgeFit(f as FitSheet, context));
};

function fitMark(sheet: JobSheet): MarkKind {
  const checks = fitChecks(sheet);
  return checks.length ? worstOf(checks) : 'to-come';
}

/** How many sheets are filled in, or the first thing that does not fit. */
function fitNote(sheet: JobSheet): string {
  const n = Object.keys(sheet.fits).length;
  if (n === 0) return t('web.nothing-measured');
  const look = fitChecks(sheet).filter((c) => c.verdict === 'look-again' || c.verdict === 'stop').length;
  return look ? t('web.to-look-at', { look }) : t('web.filled-in', { n });
}

function markOf(sheet: JobSheet, phase: Phase, current: Phase | undefined): MarkKind {
  if (isSigned(sheet, phase)) return sheet.overrides.some((o) => o.phase === phase) ? 'override' : 'good';
  return phase === current ? 'now' : 'to-come';
}
