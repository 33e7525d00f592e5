import { callsOf, runCall, wiredFor } from './control-network';
import { type FaultCode, faultsOf, layFault, type Wired } from './fault-codes';
import type { PlanSpec } from './make-plan';
import type { Runs } from './plan';
import type { Call } from './thermostat';

/** What can be tried: a call with at most one safety open. */
export type Trial = { call: Call; open: readonly ('float' | 'freeze')[] };
export type Seen = Trial & { runs: readonly Runs[] };

const NOTHING_OPEN = [[], ['float'], ['freeze']] as const;

/** How much it takes to try a call (house rule): turning a thermostat, waiting for a compressor, making a board defrost. */
const COST: Readonly<Record<Call, number>> = {
  off: 1,
  fan: 1,
  emergency: 2,
  cool1: 3,
  heat1: 3,
  cool2: 4,
  heat2: 4,
  aux: 4,
  defrost: 6,
};
/** Raising a float or opening a freeze stat besides. */
const OPENING_COST = 2;
const costOf = ({ call, open }: Trial): number => COST[call] + OPENING_COST * open.length;

/** Everything that can be tried on a system, the cheapest first. */
export const trialsOf = (spec: PlanSpec): Trial[] =>
  callsOf(spec)
    .flatMap((call) => NOTHING_OPEN.map((open): Trial => ({ call, open })))
    .sort((a, b) => costOf(a) - costOf(b));

const shown = (wired: Wired, { call, open }: Trial): string => [...runCall(wired, call, open).runs].sort().join(' ');

/** What every healthy or faulty wiring of a system shows, solved once. */
export type Signatures = ReadonlyMap<FaultCode | 'none', (trial: Trial) => string>;
export function signaturesOf(spec: PlanSpec): Signatures {
  const healthy = wiredFor(spec);
  const remembered = (wired: Wired) => {
    const known = new Map<string, string>();
    return (trial: Trial): string => {
      const key = `${trial.call}/${trial.open.join()}`;
      const at = known.get(key) ?? shown(wired, trial);
      known.set(key, at);
      return at;
    };
  };
  return new Map<FaultCode | 'none', (trial: Trial) => string>([
    ['none', remembered(healthy)],
    ...faultsOf(spec).map((code) => [code, remembered(layFault(code, healthy, spec))] as const),
  ]);
}

const runsOf = ({ runs }: Seen): string => [...runs].sort().join(' ');

export type Candidate = { code: FaultCode | 'none'; agrees: number; of: number };

/**
 * Which wirings agree with what was seen, the best first; `none` is the healthy one. Those that disagree with anything stand behind
 * all that agree with everything.
 */
export function rankFaults(signatures: Signatures, seen: readonly Seen[]): Candidate[] {
  return [...signatures]
    .map(([code, show]) => ({ code, agrees: seen.filter((s) => show(s) === runsOf(s)).length, of: seen.length }))
    .sort((a, b) => b.agrees - a.agrees);
}

/** The wirings that nothing seen speaks against. */
export const remaining = (signatures: Signatures, seen: readonly Seen[]): (FaultCode | 'none')[] =>
  rankFaults(signatures, seen)
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
    const groups = new Map<string, number>();
    for (const code of left) {
      const show = signatures.get(code)!(trial);
      groups.set(show, (groups.get(show) ?? 0) + 1);
    }
    if (groups.size < 2) continue;
    const leaves = [...groups.values()].reduce((sum, n) => sum + n * n, 0) / left.length;
    // They come in the order of what they take: only what leaves clearly fewer replaces one.
    if (!best || leaves < best.leaves - 1e-9) best = { trial, leaves };
  }
  return best?.trial;
}
