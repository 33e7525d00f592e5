import { holdVerdict } from '@/core/circuit/pressure/nitrogen-hold';
import type { CircuitSchools } from '@/core/circuit/schools';
import type { Finding } from '@/core/finding/finding';
import { type CircuitEntry, type EntryOf, entriesAfter, entriesOf, latestOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import { tell } from '@/core/phases/pressure-test/words';
import { list, q, type Said } from '@/core/words/said';

/** Where no plate tells the low side's limit, no more than this is put on it (common practice), psig. */
export const UNKNOWN_LIMIT_PSIG = 150;
/** A coil at rest, a warm pipe from brazing: the pressure is let settle this long (common practice), min. */
export const SETTLE_MIN = 10;
/** A line longer than this counts as long, ft. */
export const LONG_LINE_FT = 80;
const COMMON = tell('pressure.common-practice');
/** Nitrogen goes in by stages, with a stop to listen at each, psig (common practice). */
export const STAGES_PSIG = [50, 150] as const;
/** A hold counts as at its planned pressure down to this share of it: pipes cool while they settle. */
export const TARGET_SLACK = 0.97;

type Limits = Pick<EntryBody<'test-plan'>, 'section' | 'lowSidePsig' | 'highSidePsig' | 'gearPsig'>;

/** The highest pressure this section and this gear may see, and which of them says so. */
export function testLimit(plan: Limits): { psig: number; by: Said } {
  const limits: { psig: number; by: Said }[] = [
    plan.lowSidePsig === null
      ? { psig: UNKNOWN_LIMIT_PSIG, by: tell('pressure.low-side-not-known-never-more') }
      : { psig: plan.lowSidePsig, by: tell('pressure.low-side-plate') },
    { psig: plan.gearPsig, by: tell('pressure.gauge-hoses-and-valves') },
  ];
  if (plan.section === 'whole circuit' && plan.highSidePsig !== null)
    limits.push({ psig: plan.highSidePsig, by: tell('pressure.high-side-plate') });
  return limits.reduce((low, l) => (l.psig < low.psig ? l : low));
}

/** The pressure this company tests at: its school, never above the limit. */
export function testTarget(plan: Limits, schools: CircuitSchools): { psig: number; by: Said } {
  const limit = testLimit(plan);
  const school = schools.pressureTarget === 'plate' ? Number.POSITIVE_INFINITY : Number(schools.pressureTarget);
  return school < limit.psig ? { psig: school, by: tell('pressure.company-school') } : limit;
}

export type HoldView = {
  start: EntryOf<'hold-start'>;
  end: EntryOf<'hold-end'> | undefined;
  minutes: number | undefined;
  /** The newest look before its end. */
  look: EntryOf<'hold-look'> | undefined;
  /** Whether the minutes come from one unbroken run, or from two clocks. */
  clock: 'run' | 'clock';
  verdict?: {
    expectedPsig: number;
    deltaPsi: number;
    uncertaintyPsi: number;
    classification: string;
    smallestLeakScfh: number;
  };
};

export type PressureView = {
  stage: 'plan' | 'pressurise' | 'holding' | 'bubbles' | 'passed' | 'failed';
  plan: EntryOf<'test-plan'> | undefined;
  limit: { psig: number; by: Said } | undefined;
  target: number | undefined;
  holdMin: number;
  holds: HoldView[];
  hold: HoldView | undefined;
  joints: { joint: EntryOf<'joint'>; result: 'no bubbles' | 'bubbles' | undefined }[];
  released: boolean;
  checks: Finding[];
};

export type PressureContext = {
  schools: CircuitSchools;
  barometerPsia: number;
  lineFt: number | undefined;
  keptLines: boolean;
  preCharged: boolean;
  expansionOpen: boolean;
};

/** How long this hold must be: the school's shorter time for short new lines, the longer for long or kept ones. */
export function holdMinutes({ schools, lineFt, keptLines }: PressureContext): number {
  const long = keptLines || (lineFt ?? 0) > LONG_LINE_FT;
  if (schools.holdMin === '60') return 60;
  return schools.holdMin === '15' ? (long ? 30 : 15) : long ? 60 : 30;
}

const MS_PER_MIN = 60_000;
const S_PER_MIN = 60;

/** Minutes between start and end of a hold: by the run's own seconds, else by the clocks of the two entries. */
export function heldMinutes(
  start: Pick<EntryOf<'hold-start'>, 'at' | 'body'>,
  end: { at: string; body: { runId?: string | null; runSeconds?: number | null; readAt?: string } },
): { minutes: number; clock: 'run' | 'clock' } {
  const { runId = null, runSeconds = null } = end.body;
  if (start.body.runId !== null && start.body.runId === runId && runSeconds !== null)
    return { minutes: (runSeconds - (start.body.runSeconds ?? 0)) / S_PER_MIN, clock: 'run' };
  const from = start.body.readAt ?? start.at;
  const to = end.body.readAt ?? end.at;
  return { minutes: (Date.parse(to) - Date.parse(from)) / MS_PER_MIN, clock: 'clock' };
}

export function pressureOf(log: readonly CircuitEntry[], context: PressureContext): PressureView {
  const plan = latestOf(log, 'test-plan');
  const limit = plan ? testLimit(plan.body) : undefined;
  const holds = entriesOf(log, 'hold-start').map((start) => holdOf(log, start, plan, context));
  const hold = holds.at(-1);
  const holdMin = holdMinutes(context);
  const bubbles = entriesAfter(log, holds.at(-1)?.start).filter((e) => e.kind === 'bubble');
  const joints = entriesOf(log, 'joint').map((joint) => ({
    joint,
    result: (
      bubbles.filter((b) => b.kind === 'bubble' && b.body.jointId === joint.id).at(-1)?.body as
        | EntryBody<'bubble'>
        | undefined
    )?.result,
  }));
  const checks = checksOf({ plan, limit, hold, holdMin, joints }, context);
  const held = checks.find((c) => c.id === 'hold')?.verdict;
  const leak = hold?.verdict?.classification === 'leak' || joints.some((j) => j.result === 'bubbles');
  const stage: PressureView['stage'] = !plan
    ? 'plan'
    : !hold
      ? 'pressurise'
      : leak
        ? 'failed'
        : !hold.end
          ? 'holding'
          : held !== 'good'
            ? 'failed'
            : joints.some((j) => j.result === undefined)
              ? 'bubbles'
              : 'passed';
  return {
    stage,
    plan,
    limit,
    target: plan?.body.targetPsig,
    holdMin,
    holds,
    hold,
    joints,
    released: latestOf(log, 'released') !== undefined,
    checks,
  };
}

function holdOf(
  log: readonly CircuitEntry[],
  start: EntryOf<'hold-start'>,
  plan: EntryOf<'test-plan'> | undefined,
  { barometerPsia }: PressureContext,
): HoldView {
  const end = entriesOf(log, 'hold-end')
    .filter((e) => e.body.startId === start.id)
    .at(-1);
  const look = entriesOf(log, 'hold-look')
    .filter((e) => e.body.startId === start.id)
    .at(-1);
  const read = end ?? look;
  if (!read) return { start, end, look, minutes: undefined, clock: 'run' };
  const { minutes, clock } = heldMinutes(start, read);
  const judged = holdVerdict({
    startPsig: start.body.psig,
    startF: start.body.pipeF,
    endPsig: read.body.psig,
    endF: read.body.pipeF,
    minutes: Math.max(1, minutes),
    volumeFt3: plan?.body.volumeFt3 ?? 0.3,
    gaugePsi: plan?.body.gaugePsi,
    thermometerF: plan?.body.thermometerF,
    barometerPsia,
  });
  return { start, end, look, minutes, clock, ...(judged.ok ? { verdict: judged.value } : {}) };
}

function checksOf(
  v: Pick<PressureView, 'plan' | 'limit' | 'hold' | 'holdMin' | 'joints'>,
  context: PressureContext,
): Finding[] {
  const checks: Finding[] = [];
  const { plan, limit, hold } = v;
  checks.push({
    id: 'expansion',
    verdict: context.expansionOpen ? 'good' : 'not-proven',
    claim: context.expansionOpen
      ? tell('pressure.expansion-valve-lets-pressure-through')
      : tell('pressure.nobody-said-that-expansion-valve-is'),
    because: tell('pressure.shut-electronic-valve-keeps-half-circuit'),
    source: COMMON,
    ...(context.expansionOpen ? {} : { next: { say: tell('pressure.drive-it-open-or-use-service') } }),
  });
  if (plan && limit) {
    const over = plan.body.targetPsig > limit.psig;
    const reduced = !over && plan.body.targetPsig < testTarget(plan.body, context.schools).psig * TARGET_SLACK;
    checks.push({
      id: 'target',
      verdict: over ? 'stop' : reduced || plan.body.lowSidePsig === null ? 'look-again' : 'good',
      claim: over
        ? tell('pressure.is-above-what-may-be-put', {
            targetPsig: q(plan.body.targetPsig, 'psig', 'as is'),
            psig: q(limit.psig, 'psig', 'as is'),
            by: limit.by,
          })
        : reduced || plan.body.lowSidePsig === null
          ? tell('pressure.reduced-pressure-test-at', {
              targetPsig: q(plan.body.targetPsig, 'psig', 'as is'),
              reducedBecause: plan.body.reducedBecause ?? limit.by,
            })
          : tell('pressure.tested-at-allowed-by', {
              targetPsig: q(plan.body.targetPsig, 'psig', 'as is'),
              psig: limit.psig,
              by: limit.by,
            }),
      because: tell('pressure.weakest-part-of-section-sets-pressure'),
      source: tell('pressure.plate-code-tests-may-state-pressure'),
    });
  }
  checks.push(holdCheck(hold, v.holdMin, plan));
  const open = v.joints.filter((j) => j.result === undefined);
  const wet = v.joints.filter((j) => j.result === 'bubbles');
  if (v.joints.length || !context.preCharged)
    checks.push({
      id: 'bubbles',
      verdict: wet.length ? 'look-again' : open.length || v.joints.length === 0 ? 'not-proven' : 'good',
      claim: wet.length
        ? tell('pressure.bubbles-at', { value: list(wet.map((j) => j.joint.body.place)) })
        : v.joints.length === 0
          ? tell('pressure.no-joint-is-logged-to-bubble')
          : open.length
            ? tell('pressure.of-joints-not-bubbled-yet', { count: open.length, count2: v.joints.length })
            : tell('pressure.no-bubbles-at-any-of-joints', { count: v.joints.length }),
      because: tell('pressure.hold-of-half-hour-cannot-see'),
      source: tell('pressure.iec-60335-2-40-asks-for'),
      ...(wet.length ? { next: { say: tell('pressure.release-nitrogen-make-joint-again-test') }, miss: 1 } : {}),
    });
  return checks;
}

function holdCheck(hold: HoldView | undefined, holdMin: number, plan: EntryOf<'test-plan'> | undefined): Finding {
  const base = {
    id: 'hold',
    because: tell('pressure.measured-pressure-is-held-against-what'),
    source: tell('pressure.virial-equation-of-nitrogen-propagation-of'),
  };
  if (!hold?.verdict || hold.minutes === undefined)
    return {
      ...base,
      verdict: 'not-proven',
      claim: hold ? tell('pressure.hold-runs') : tell('pressure.no-hold-on-record'),
    };
  const { deltaPsi, uncertaintyPsi, classification, smallestLeakScfh } = hold.verdict;
  const figures = tell('pressure.from-expected', {
    deltaPsi: deltaPsi >= 0 ? '+' : '−',
    deltaPsi2: q(Math.abs(deltaPsi), 'number', 1),
    uncertaintyPsi: q(uncertaintyPsi, 'psi'),
  });
  const held = hold.minutes.toFixed(0);
  if (!hold.end && classification !== 'leak')
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('pressure.hold-runs-after-of', { held, holdMin: q(holdMin, 'min', 'as is'), figures }),
    };
  if (classification === 'leak')
    return {
      ...base,
      verdict: 'look-again',
      claim: tell('pressure.leaks-after', { figures, minutes: q(hold.minutes, 'min') }),
      miss: Math.abs(deltaPsi) / uncertaintyPsi,
      next: { say: tell('pressure.bubble-every-joint-find-it-release') },
    };
  if (classification === 'inconclusive')
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('pressure.reads-too-high', { figures }),
      next: { say: tell('pressure.shade-thermometer-shut-cylinder-look-for') },
    };
  const low = plan !== undefined && hold.start.body.psig < plan.body.targetPsig * TARGET_SLACK;
  if (low)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('pressure.held-at-not-at-planned', {
        psig: q(hold.start.body.psig, 'psig', 0),
        targetPsig: plan.body.targetPsig,
      }),
      next: { say: tell('pressure.bring-it-up-to-planned-pressure') },
    };
  if (hold.minutes < holdMin - 0.05)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('pressure.no-leak-seen-but-held-only', {
        minutes: q(hold.minutes, 'number', 0),
        holdMin: q(holdMin, 'min', 'as is'),
      }),
      next: { say: tell('pressure.hold-it', { holdMin: q(holdMin, 'min', 'as is') }) },
    };
  return {
    ...base,
    verdict: 'good',
    claim: tell('pressure.no-leak-detected-after-smallest-it', {
      figures,
      minutes: q(hold.minutes, 'min'),
      smallestLeakScfh: q(smallestLeakScfh, 'ft3PerH'),
    }),
  };
}
