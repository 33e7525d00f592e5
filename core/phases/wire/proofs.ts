import { triedCalls } from '@/core/controls/control-network';
import {
  type Evidence,
  nextProbe,
  nextTrial,
  remaining,
  type Signatures,
  signaturesOf,
} from '@/core/controls/diagnose';
import { changedWires, type Edit, withEdits } from '@/core/controls/edits';
import { expectedIn, sameRuns, type Trial } from '@/core/controls/expected';
import { type FaultCode, layFault, type Wired } from '@/core/controls/fault-codes';
import { safetiesOf } from '@/core/controls/make-plan';
import type { Runs } from '@/core/controls/plan';
import { type Probe, probesOf } from '@/core/controls/probe';
import { type CircuitEntry, type EntryOf, standingEntries } from '@/core/phases/log/circuit-log';
import type { Wiring } from './wiring';

/** One trial of a finished wiring: what must be seen, what was. */
export type ProofRow = {
  trial: Trial;
  want: readonly Runs[];
  entry: EntryOf<'control-proof'> | undefined;
  /** A change made later touches it: it is tried again. */
  voided: boolean;
  state: 'open' | 'good' | 'wrong' | 'void';
};

/** The call that a safety is tried under: something must be running for it to stop. */
const TRIED_UNDER = 'cool1';

/** Everything that is tried on a finished wiring before the charge: each call, and each safety while it cools. */
export function trialsOwed({ spec }: Pick<Wiring, 'spec'>): Trial[] {
  const calls = triedCalls(spec);
  return [
    ...calls.map((call): Trial => ({ call, open: [] })),
    ...(calls.includes(TRIED_UNDER)
      ? safetiesOf(spec).map(({ device }): Trial => ({ call: TRIED_UNDER, open: [device] }))
      : []),
  ];
}

const isTrial = (a: Trial, b: Trial): boolean => a.call === b.call && a.open.join() === b.open.join();

/** Each trial with what was seen in it; a later change of what it rests on voids it. */
export function proofsOf(log: readonly CircuitEntry[], wiring: Wiring): ProofRow[] {
  const standing = standingEntries(log);
  const seen = standing.filter((e): e is EntryOf<'control-proof'> => e.kind === 'control-proof');
  return trialsOwed(wiring).map((trial) => {
    const want = expectedIn(wiring.healthy, trial);
    const entry = seen.findLast((e) => isTrial(e.body, trial));
    const voided = entry !== undefined && voidedBy(log, log.indexOf(entry), trial, wiring);
    const state = !entry ? 'open' : voided ? 'void' : sameRuns(entry.body.seen, want) ? 'good' : 'wrong';
    return { trial, want, entry, voided, state };
  });
}

/**
 * Whether anything written after an entry touches what it proved (decision 38). By the whole log: a plan that was put right since is what
 * stood when it was tried.
 */
function voidedBy(log: readonly CircuitEntry[], at: number, trial: Trial, wiring: Wiring): boolean {
  return log.slice(at + 1).some((e) => {
    const before = log.slice(0, log.indexOf(e));
    switch (e.kind) {
      case 'wiring-plan':
        return planBefore(before) !== undefined && JSON.stringify(planBefore(before)) !== JSON.stringify(controlsOf(e));
      case 'as-wired':
        return touches(wiring, trial, editsBefore(before), e.body.edits);
      case 'fault-mended':
        return touchedByFault(wiring, trial, e.body.code);
      case 'thermostat-set':
        return statBefore(before) !== undefined && statBefore(before) !== JSON.stringify(statOf(e));
      case 'withdrawn':
        return CHANGES.has(log.find((x) => x.id === e.supersedesId)?.kind ?? '');
      default:
        return false;
    }
  });
}

/** What changes a wiring: taken back, nobody knows what it was tried on. */
const CHANGES = new Set<string>(['wiring-plan', 'as-wired', 'fault-mended', 'thermostat-set']);

/** What of a plan decides what runs: a conductor counted again voids nothing. */
const controlsOf = ({ body: b }: EntryOf<'wiring-plan'>) =>
  [b.controls, b.heatPump, b.valve, b.stages, b.heat, b.floatBreak, [...b.extras].sort(), b.twoWires] as const;
const planBefore = (log: readonly CircuitEntry[]) => {
  const last = log.findLast((e): e is EntryOf<'wiring-plan'> => e.kind === 'wiring-plan');
  return last && controlsOf(last);
};
const statOf = ({ body: b }: EntryOf<'thermostat-set'>) => [b.systemType, b.valve, b.compressorStages, b.fanInHeat];
const statBefore = (log: readonly CircuitEntry[]) => {
  const last = log.findLast((e): e is EntryOf<'thermostat-set'> => e.kind === 'thermostat-set');
  return last && JSON.stringify(statOf(last));
};
const editsBefore = (log: readonly CircuitEntry[]): readonly Edit[] =>
  log.findLast((e): e is EntryOf<'as-wired'> => e.kind === 'as-wired')?.body.edits ?? [];

/** A change of conductors touches a trial that would run otherwise without one of them, and every trial of a safety. */
function touches({ healthy }: Wiring, trial: Trial, was: readonly Edit[], is: readonly Edit[]): boolean {
  const changed = changedWires(withEdits(healthy.plan, was), withEdits(healthy.plan, is));
  if (changed.length === 0) return false;
  // What was added to the plan or taken off it again, a short or a bypass, may touch anything.
  return trial.open.length > 0 || changed.some(({ was: w, is: i }) => !w || !i || restsOn(healthy, trial, w.id));
}

function touchedByFault({ healthy, spec }: Wiring, trial: Trial, code: FaultCode): boolean {
  const laid = layFault(code, healthy, spec);
  if (!sameRuns(expectedIn(laid, trial), expectedIn(healthy, trial)) || trial.open.length > 0) return true;
  return changedWires(healthy.plan, laid.plan).some(({ was }) => was !== undefined && restsOn(healthy, trial, was.id));
}

const restsOn = (healthy: Wired, trial: Trial, wire: string): boolean =>
  !sameRuns(
    expectedIn({ ...healthy, plan: withEdits(healthy.plan, [{ kind: 'cut', wire }]) }, trial),
    expectedIn(healthy, trial),
  );

export type Diagnosis = {
  /** Wirings that nothing seen speaks against; `none` is the planned one. */
  left: readonly (FaultCode | 'none')[];
  /** What separates them next. */
  next: { kind: 'trial'; trial: Trial } | { kind: 'measure'; at: Trial & Probe } | undefined;
};

const known = new Map<string, Signatures>();
/** What every wiring of a system shows, solved once for each kind of system. */
function signaturesFor({ spec }: Wiring): Signatures {
  const key = JSON.stringify(spec);
  const signatures = known.get(key) ?? signaturesOf(spec);
  known.set(key, signatures);
  return signatures;
}

/** Which faults agree with everything that stands, and what tells them apart; undefined while nothing was seen otherwise than it should be. */
export function diagnosisOf(
  log: readonly CircuitEntry[],
  wiring: Wiring,
  proofs: readonly ProofRow[],
): Diagnosis | undefined {
  const mended = standingEntries(log).findLast((e) => e.kind === 'fault-mended')?.at ?? '';
  const measured = standingEntries(log).filter(
    (e): e is EntryOf<'meter-reading'> => e.kind === 'meter-reading' && e.at > mended,
  );
  const standing = proofs.filter((p) => p.state === 'good' || p.state === 'wrong');
  const evidence: Evidence = {
    seen: standing.map((p) => ({ ...p.trial, runs: p.entry!.body.seen })),
    measured: measured.map((m) => m.body),
  };
  const signatures = signaturesFor(wiring);
  const left = remaining(signatures, evidence);
  const wrong = standing.some((p) => p.state === 'wrong');
  if (!wrong && left.includes('none')) return undefined;
  const faults = left.filter((c) => c !== 'none');
  const trial = nextTrial(wiring.spec, signatures, faults);
  if (trial) return { left: faults, next: { kind: 'trial', trial } };
  const at = nextProbe(wiring.spec, signatures, faults, probesOf(wiring.healthy.plan));
  return { left: faults, next: at && { kind: 'measure', at } };
}
