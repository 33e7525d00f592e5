import { callsOf } from './control-network';
import type { Trial } from './expected';
import { type PlanSpec, safetiesOf } from './make-plan';
import type { Call } from './thermostat';

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
    .flatMap((call) => [[], ...safetiesOf(spec).map((s) => [s.device])].map((open): Trial => ({ call, open })))
    .sort((a, b) => costOf(a) - costOf(b));
