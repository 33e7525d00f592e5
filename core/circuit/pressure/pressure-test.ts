import { type CircuitEntry, type EntryOf, entriesAfter, entriesOf, latestOf } from '@/core/circuit/log/circuit-log';
import type { EntryBody } from '@/core/circuit/log/entry-bodies';
import type { CircuitSchools } from '@/core/circuit/schools';
import type { Finding } from '@/core/finding/finding';
import { holdVerdict } from './nitrogen-hold';

/** Where no plate tells the low side's limit, no more than this is put on it (common practice), psig. */
export const UNKNOWN_LIMIT_PSIG = 150;
/** A coil at rest, a warm pipe from brazing: the pressure is let settle this long (common practice), min. */
export const SETTLE_MIN = 10;
/** A line longer than this counts as long, ft. */
export const LONG_LINE_FT = 80;
const COMMON = 'common practice';
/** Nitrogen goes in by stages, with a stop to listen at each, psig (common practice). */
export const STAGES_PSIG = [50, 150] as const;
/** A hold counts as at its planned pressure down to this share of it: pipes cool while they settle. */
export const TARGET_SLACK = 0.97;

type Limits = Pick<EntryBody<'test-plan'>, 'section' | 'lowSidePsig' | 'highSidePsig' | 'gearPsig'>;

/** The highest pressure this section and this gear may see, and which of them says so. */
export function testLimit(plan: Limits): { psig: number; by: string } {
  const limits: { psig: number; by: string }[] = [
    plan.lowSidePsig === null
      ? { psig: UNKNOWN_LIMIT_PSIG, by: 'low side not known: never more than this' }
      : { psig: plan.lowSidePsig, by: 'low-side plate' },
    { psig: plan.gearPsig, by: 'gauge, hoses and valves' },
  ];
  if (plan.section === 'whole circuit' && plan.highSidePsig !== null)
    limits.push({ psig: plan.highSidePsig, by: 'high-side plate' });
  return limits.reduce((low, l) => (l.psig < low.psig ? l : low));
}

/** The pressure this company tests at: its school, never above the limit. */
export function testTarget(plan: Limits, schools: CircuitSchools): { psig: number; by: string } {
  const limit = testLimit(plan);
  const school = schools.pressureTarget === 'plate' ? Number.POSITIVE_INFINITY : Number(schools.pressureTarget);
  return school < limit.psig ? { psig: school, by: 'company school' } : limit;
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
  limit: { psig: number; by: string } | undefined;
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
      ? 'The expansion valve lets pressure through.'
      : 'Nobody said that the expansion valve is open.',
    because: 'A shut electronic valve keeps half the circuit out of the test.',
    source: COMMON,
    ...(context.expansionOpen
      ? {}
      : { next: { say: 'Drive it open or use the service magnet; write it down under Join.' } }),
  });
  if (plan && limit) {
    const over = plan.body.targetPsig > limit.psig;
    const reduced = !over && plan.body.targetPsig < testTarget(plan.body, context.schools).psig * TARGET_SLACK;
    checks.push({
      id: 'target',
      verdict: over ? 'stop' : reduced || plan.body.lowSidePsig === null ? 'look-again' : 'good',
      claim: over
        ? `${plan.body.targetPsig} psig is above what may be put on: ${limit.psig} psig by ${limit.by}.`
        : reduced || plan.body.lowSidePsig === null
          ? `Reduced pressure test at ${plan.body.targetPsig} psig: ${plan.body.reducedBecause ?? limit.by}.`
          : `Tested at ${plan.body.targetPsig} psig, ${limit.psig} allowed by ${limit.by}.`,
      because: 'The weakest part of the section sets the pressure; a lower one finds less.',
      source: 'plate; code tests may state pressure and time',
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
        ? `Bubbles at ${wet.map((j) => j.joint.body.place).join(', ')}.`
        : v.joints.length === 0
          ? 'No joint is logged to bubble.'
          : open.length
            ? `${open.length} of ${v.joints.length} joints not bubbled yet.`
            : `No bubbles at any of ${v.joints.length} joints.`,
      because: 'A hold of half an hour cannot see what a bubble shows.',
      source: 'IEC 60335-2-40 asks for 5 g a year or better at indoor field joints, from memory',
      ...(wet.length ? { next: { say: 'Release the nitrogen, make the joint again, test again.' }, miss: 1 } : {}),
    });
  return checks;
}

function holdCheck(hold: HoldView | undefined, holdMin: number, plan: EntryOf<'test-plan'> | undefined): Finding {
  const base = {
    id: 'hold',
    because: 'Measured pressure is held against what the temperature alone explains, real gas.',
    source: 'virial equation of nitrogen; propagation of uncertainty',
  };
  if (!hold?.verdict || hold.minutes === undefined)
    return { ...base, verdict: 'not-proven', claim: hold ? 'The hold runs.' : 'No hold on record.' };
  const { deltaPsi, uncertaintyPsi, classification, smallestLeakScfh } = hold.verdict;
  const figures = `${deltaPsi >= 0 ? '+' : '−'}${Math.abs(deltaPsi).toFixed(1)} ± ${uncertaintyPsi.toFixed(1)} psi from expected`;
  const held = hold.minutes.toFixed(0);
  if (!hold.end && classification !== 'leak')
    return { ...base, verdict: 'not-proven', claim: `The hold runs. After ${held} of ${holdMin} min: ${figures}.` };
  if (classification === 'leak')
    return {
      ...base,
      verdict: 'look-again',
      claim: `Leaks: ${figures} after ${hold.minutes.toFixed(0)} min.`,
      miss: Math.abs(deltaPsi) / uncertaintyPsi,
      next: { say: 'Bubble every joint, find it, release, mend, test again.' },
    };
  if (classification === 'inconclusive')
    return {
      ...base,
      verdict: 'not-proven',
      claim: `Reads too high: ${figures}.`,
      next: { say: 'Shade the thermometer, shut the cylinder, look for refrigerant left in the pipes; hold again.' },
    };
  const low = plan !== undefined && hold.start.body.psig < plan.body.targetPsig * TARGET_SLACK;
  if (low)
    return {
      ...base,
      verdict: 'not-proven',
      claim: `Held at ${hold.start.body.psig.toFixed(0)} psig, not at the planned ${plan.body.targetPsig}.`,
      next: { say: 'Bring it up to the planned pressure and hold again, or plan a reduced test with its reason.' },
    };
  if (hold.minutes < holdMin - 0.05)
    return {
      ...base,
      verdict: 'not-proven',
      claim: `No leak seen, but held only ${hold.minutes.toFixed(0)} of ${holdMin} min.`,
      next: { say: `Hold it ${holdMin} min.` },
    };
  return {
    ...base,
    verdict: 'good',
    claim: `No leak detected: ${figures} after ${hold.minutes.toFixed(0)} min; the smallest it could have seen is ${smallestLeakScfh.toFixed(2)} ft³/h.`,
  };
}
