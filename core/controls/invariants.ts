import { runCall, triedCalls } from './control-network';
import type { Wired } from './fault-codes';
import { type PlanSpec, safetiesOf } from './make-plan';
import type { Runs } from './plan';
import type { Solved } from './solve';
import type { Call } from './thermostat';

/** What no wiring may do, whatever is called and whichever one safety is open. */
export const BROKEN = [
  'runs-while-off',
  'fan-starts-compressor',
  'compressor-without-blower',
  'safety-does-not-stop',
  'valve-against-mode',
  'no-heat-when-asked',
  'furnace-with-compressor',
  'short',
  'two-transformers-joined',
  'oscillates',
] as const;
export type Broken = (typeof BROKEN)[number];
export type Breach = { broken: Broken; call: Call; open: string | undefined };

const HEATS: readonly Runs[] = ['EH', 'F1', 'F2'];
const COOLS: readonly Call[] = ['cool1', 'cool2', 'defrost'];
const HEATS_BY_PUMP: readonly Call[] = ['heat1', 'heat2', 'aux'];

/**
 * What a wiring does that none may: every call with every single safety open, checked for shorts, for a compressor that should
 * stand, for heat that should come, for a valve that stands the wrong way.
 */
export function breachesOf(spec: PlanSpec, wired: Wired): Breach[] {
  const safeties = [undefined, ...safetiesOf(spec).map((s) => s.device)];
  return triedCalls(spec).flatMap((call) =>
    safeties.flatMap((open) =>
      brokenBy(spec, call, open, runCall(wired, call, open ? [open] : [])).map((broken) => ({ broken, call, open })),
    ),
  );
}

function brokenBy(spec: PlanSpec, call: Call, open: string | undefined, { runs, met }: Solved): Broken[] {
  const runsAny = (...codes: Runs[]): boolean => codes.some((c) => runs.has(c));
  const out: Broken[] = [];
  const when = (bad: boolean, broken: Broken): void => {
    if (bad) out.push(broken);
  };
  when(met.has('RC_SHORT'), 'short');
  when(met.has('R_PARALLEL'), 'two-transformers-joined');
  when(met.has('OSCILLATES'), 'oscillates');
  when(call === 'off' && runs.size > 0, 'runs-while-off');
  when(call === 'fan' && runsAny('CC'), 'fan-starts-compressor');
  when(runsAny('CC') && !runsAny('BL'), 'compressor-without-blower');
  if (open) {
    when(runsAny('CC'), 'safety-does-not-stop');
    return out;
  }
  const cooling = COOLS.includes(call);
  if (spec.heatPump && runsAny('CC') && (cooling || HEATS_BY_PUMP.includes(call)))
    when((runsAny('RV') !== (spec.valve === 'O')) === cooling, 'valve-against-mode');
  when((call === 'aux' || call === 'emergency') && !runsAny(...HEATS), 'no-heat-when-asked');
  when(call !== 'defrost' && runsAny('CC') && runsAny('F1'), 'furnace-with-compressor');
  return out;
}
