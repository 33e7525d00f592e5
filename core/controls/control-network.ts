import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { oneOf } from '@/core/finding/quantity-field';
import { FAULTS, type FaultCode, faultsOf, layFault, type Wired } from './fault-codes';
import { BREAKS, makePlan, type PlanSpec } from './make-plan';
import { type Solved, solve } from './solve';
import { CALLS, type Call, closures, type StatSetup } from './thermostat';
import { tell } from './words';

/** Systems whose network is known by name. */
export const SYSTEMS = [
  'split-heat-pump',
  'two-stage-cooling-furnace',
  'packaged-two-stage-heat-pump',
  'dual-fuel',
  'packaged-single-stage-heat-pump',
] as const;
export type SystemName = (typeof SYSTEMS)[number];

const MADE_OF: Readonly<Record<SystemName, Pick<PlanSpec, 'heatPump' | 'stages' | 'heat' | 'packaged'>>> = {
  'split-heat-pump': { heatPump: true, stages: 1, heat: 'strips', packaged: false },
  'two-stage-cooling-furnace': { heatPump: false, stages: 2, heat: 'two-stage furnace', packaged: false },
  'packaged-two-stage-heat-pump': { heatPump: true, stages: 2, heat: 'strips', packaged: true },
  'dual-fuel': { heatPump: true, stages: 1, heat: 'furnace', packaged: false },
  'packaged-single-stage-heat-pump': { heatPump: true, stages: 1, heat: 'strips', packaged: true },
};
export const specOf = (system: SystemName, more: Pick<PlanSpec, 'valve' | 'floatBreak' | 'freezeBreak'>): PlanSpec => ({
  ...MADE_OF[system],
  ...more,
});

/** The thermostat set up for what it hangs on. */
export const setupFor = (spec: PlanSpec): StatSetup => ({
  system: !spec.heatPump ? 'conventional' : spec.heat === 'strips' || spec.heat === 'none' ? 'heat pump' : 'dual fuel',
  valve: spec.valve,
  compressorStages: spec.stages,
  fanInHeat: 'equipment',
});

export const wiredFor = (spec: PlanSpec): Wired => ({ plan: makePlan(spec), setup: setupFor(spec) });

/** What a network does under a call with these safeties open. */
export const runCall = ({ plan, setup }: Wired, call: Call, open: readonly string[] = []): Solved =>
  solve(plan, {
    calls: closures(setup, call),
    demands: new Set(call === 'defrost' ? (['defrost'] as const) : []),
    open: new Set(open),
  });

/** Calls that a system without a heat pump does not know. */
const PUMP_CALLS: readonly Call[] = ['aux', 'emergency', 'defrost'];
export const callsOf = (spec: PlanSpec): Call[] => CALLS.filter((c) => spec.heatPump || !PUMP_CALLS.includes(c));

/**
 * Calls that a finished wiring is tried with: each that this system answers differently from the one before it, nothing at all among
 * them.
 */
export function triedCalls(spec: PlanSpec): Call[] {
  if (spec.communicating) return [];
  const two = spec.stages === 2;
  const heats = spec.heat !== 'none';
  return callsOf(spec).filter((call) => {
    if (call === 'cool1') return !spec.coolingless;
    if (call === 'cool2') return !spec.coolingless && two;
    if (call === 'heat1') return spec.heatPump || heats;
    if (call === 'heat2') return spec.heatPump ? two : spec.heat === 'two-stage furnace';
    return heats || (call !== 'aux' && call !== 'emergency');
  });
}

/** Calls that are proven with power and refrigerant too, at the start-up: everything that turns or heats. */
export const runningCalls = (spec: PlanSpec): Call[] => triedCalls(spec).filter((c) => c !== 'off' && c !== 'fan');

/**
 * What a 24 V control network runs under one call, with safeties open and a fault laid in: solved by nodal voltages, not by a table.
 *
 * @returns energised: contactor CC, second stage S2, valve RV, blower BL, outdoor fan OF, electric heat EH, fire F1 and F2, after
 * their delays, sorted; faults: the one laid in and what the network met by itself
 * @example controlNetwork({ system: 'dual-fuel', valve: 'O', call: 'aux', open: [] }) // BL F1
 */
export const controlNetwork = calculation({
  id: 'control-network',
  title: 'Control network',
  what: 'Which loads of a 24 V control network pull in under a call, with a safety open or a wiring fault in it.',
  formula:
    'union of wires and closed contacts; nodal voltages; a coil pulls in at 18 V; repeated until the relays stand still',
  source: 'Kirchhoff’s laws; usual terminals, common practice; the maker’s diagram wins',
  notCovered: 'Communicating controls; timers before their delay is over; zone panels.',
  input: z.strictObject({
    system: oneOf(SYSTEMS),
    valve: oneOf(['O', 'B']).default('O'),
    call: oneOf(CALLS),
    floatBreak: oneOf(BREAKS).default('R_ALL'),
    freezeBreak: oneOf(BREAKS).default('Y'),
    open: z
      .array(oneOf(['float', 'freeze']))
      .max(2)
      .describe('float, freeze')
      .default([]),
    fault: oneOf(FAULTS).optional(),
  }),
  compute: ({ system, call, open, fault, ...more }) => {
    const spec = specOf(system, more);
    if (!callsOf(spec).includes(call))
      return refuse('call', tell('controls.this-system-does-not-know-the-call'), callsOf(spec).join(', '));
    if (fault && !faultsOf(spec).includes(fault))
      return refuse('fault', tell('controls.this-system-cannot-have-the-fault'), faultsOf(spec).join(', '));
    const healthy = wiredFor(spec);
    const { runs, met } = runCall(fault ? layFault(fault, healthy, spec) : healthy, call, open);
    return ok({
      energised: [...runs].sort() as string[],
      faults: [...new Set<FaultCode | string>([...(fault ? [fault] : []), ...met])].sort(),
    });
  },
  example: {
    input: { system: 'dual-fuel', valve: 'O', call: 'aux', open: [] },
    expected: { energised: ['BL', 'F1'], faults: [] },
    tolerance: 0,
  },
});
