import { runCall, wiredFor } from './control-network';
import { seenOf, type Trial } from './expected';
import { type FaultCode, faultsOf, layFault, type Wired } from './fault-codes';
import type { PlanSpec } from './make-plan';
import type { Runs } from './plan';
import { type Probe, voltsClass } from './probe';
import type { Solved } from './solve';
import { trialsOf } from './trials';

export type Seen = Trial & { runs: readonly Runs[] };
/** What a meter showed between two terminals during a trial. */
export type Measured = Trial & Probe & { volts: number };
export type Evidence = { seen: readonly Seen[]; measured?: readonly Measured[] };

/** What one wiring shows in a trial; each is solved once. */
export type Signature = {
  show: (trial: Trial) => string;
  /** What the network met by itself: shorts, joined transformers. */
  met: (trial: Trial) => string;
  volts: (trial: Trial, probe: Probe) => number;
};
export type Signatures = ReadonlyMap<FaultCode | 'none', Signature>;

export function signatureOf(wired: Wired): Signature {
  const known = new Map<string, Solved>();
  const at = (trial: Trial): Solved => {
    const key = `${trial.call}/${trial.open.join()}`;
    const solved = known.get(key) ?? runCall(wired, trial.call, trial.open);
    known.set(key, solved);
    return solved;
  };
  return {
    show: (trial) => seenOf(at(trial).runs).join(' '),
    met: (trial) => [...at(trial).met].sort().join(' '),
    volts: (trial, { a, b }) => Math.abs(at(trial).between(a, b)),
  };
}

/** What every healthy or faulty wiring of a system shows; `none` is the healthy one. */
export function signaturesOf(spec: PlanSpec): Signatures {
  const healthy = wiredFor(spec);
  return new Map<FaultCode | 'none', Signature>([
    ['none', signatureOf(healthy)],
    ...faultsOf(spec).map((code) => [code, signatureOf(layFault(code, healthy, spec))] as const),
  ]);
}

export type Candidate = { code: FaultCode | 'none'; agrees: number; of: number };

/** Which wirings agree with what was seen and measured, the best first; those that disagree with anything stand behind. */
export function rankFaults(signatures: Signatures, { seen, measured = [] }: Evidence): Candidate[] {
  const of = seen.length + measured.length;
  return [...signatures]
    .map(([code, s]) => ({
      code,
      agrees:
        seen.filter((x) => s.show(x) === seenOf(x.runs).join(' ')).length +
        measured.filter((m) => voltsClass(s.volts(m, m)) === voltsClass(m.volts)).length,
      of,
    }))
    .sort((a, b) => b.agrees - a.agrees);
}

/** The wirings that nothing seen or measured speaks against. */
export const remaining = (signatures: Signatures, evidence: Evidence): (FaultCode | 'none')[] =>
  rankFaults(signatures, evidence)
    .filter((c) => c.agrees === c.of)
    .map((c) => c.code);

/**
 * The trial that separates those wirings best for what it takes: the least expected number left, then the cheapest. Undefined where no
 * trial tells any two of them apart.
 */
export function nextTrial(
  spec: PlanSpec,
  signatures: Signatures,
  left: readonly (FaultCode | 'none')[],
): Trial | undefined {
  let best: { trial: Trial; leaves: number } | undefined;
  for (const trial of trialsOf(spec)) {
    const leaves = expectedLeft(left, (code) => signatures.get(code)!.show(trial));
    if (leaves === undefined) continue;
    // They come in the order of what they take: only what leaves clearly fewer replaces one.
    if (!best || leaves < best.leaves - SAME) best = { trial, leaves };
  }
  return best?.trial;
}

/** The measurement that separates best what no trial tells apart; undefined where no meter does either. */
export function nextProbe(
  spec: PlanSpec,
  signatures: Signatures,
  left: readonly (FaultCode | 'none')[],
  probes: readonly Probe[],
): (Trial & Probe) | undefined {
  let best: { at: Trial & Probe; leaves: number } | undefined;
  for (const trial of trialsOf(spec))
    for (const probe of probes) {
      const leaves = expectedLeft(left, (code) => voltsClass(signatures.get(code)!.volts(trial, probe)));
      if (leaves !== undefined && (!best || leaves < best.leaves - SAME)) best = { at: { ...trial, ...probe }, leaves };
    }
  return best?.at;
}

const SAME = 1e-9;

/** How many of them are left on average once it is known which of these answers comes; undefined where all give the same. */
function expectedLeft(
  left: readonly (FaultCode | 'none')[],
  answer: (code: FaultCode | 'none') => string,
): number | undefined {
  const groups = new Map<string, number>();
  for (const code of left) groups.set(answer(code), (groups.get(answer(code)) ?? 0) + 1);
  return groups.size < 2 ? undefined : [...groups.values()].reduce((sum, n) => sum + n * n, 0) / left.length;
}
