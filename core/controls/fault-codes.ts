import type { PlanSpec } from './make-plan';
import type { Plan, Source, Wire } from './plan';
import type { StatSetup } from './thermostat';

/** Faults that can be laid into a network, by their code. */
export const FAULTS = [
  'YO_SWAP',
  'OB_WRONG',
  'ODU_C_OPEN',
  'STAT_C_OPEN',
  'RC_SHORT',
  'YC_SHORT',
  'FLOAT_ABSENT',
  'FLOAT_FAN_ONLY',
  'RHRC_OPEN',
  'BACKFEED',
  'W_ON_O',
  'W_ON_Y',
  'W_ON_G',
  'W_OPEN',
  'DEFROST_W_OPEN',
  'YG_SWAP',
  'Y1Y2_SWAP',
  'DF_AS_ELECTRIC',
  'WIRE_REUSED',
] as const;
export type FaultCode = (typeof FAULTS)[number];

export type Wired = { plan: Plan; setup: StatSetup };

const wireOf = (plan: Plan, id: string): Wire | undefined => plan.wires.find((w) => w.id === id);
const withWires = (w: Wired, change: (wire: Wire) => Wire): Wired => ({
  ...w,
  plan: { ...w.plan, wires: w.plan.wires.map(change) },
});
const opened = (w: Wired, id: string): Wired => withWires(w, (x) => (x.id === id ? { ...x, open: true } : x));
/** The far end of a conductor on another terminal. */
const moved = (w: Wired, id: string, b: string): Wired => withWires(w, (x) => (x.id === id ? { ...x, b } : x));
function swapped(w: Wired, one: string, two: string): Wired {
  const [a, b] = [wireOf(w.plan, one)!, wireOf(w.plan, two)!];
  return withWires(w, (x) => (x.id === one ? { ...x, b: b.b } : x.id === two ? { ...x, b: a.b } : x));
}
const bridged = (w: Wired, role: string, a: string, b: string): Wired => ({
  ...w,
  plan: { ...w.plan, wires: [...w.plan.wires, { id: `fault:${role}`, a, b, role, cable: 'factory' }] },
});

/** A second transformer whose R meets ours: its own C stands apart. */
const SECOND: Source = { id: 'second', r: 'in.R', c: 'second.C', va: 40, fuseA: 3, phase: 1, emfV: 26.4 };

type Lay = {
  /** Whether a system has what goes wrong. */ fits: (spec: PlanSpec) => boolean;
  lay: (w: Wired, spec: PlanSpec) => Wired;
};
const always = (): boolean => true;
const pumps = (s: PlanSpec): boolean => s.heatPump;
const heated = (s: PlanSpec): boolean => s.heat !== 'none';
/** The heat line from the thermostat. */
const heatLine = (s: PlanSpec): string => (s.heat === 'strips' ? 'stat:W2' : 'stat:W1');
const cools = (s: PlanSpec): boolean => !s.coolingless;
/** Its outdoor unit hangs on the indoor transformer over a cable. */
const split = (s: PlanSpec): boolean => cools(s) && !s.packaged && !s.twoWires;

const LAY: Readonly<Record<FaultCode, Lay>> = {
  YO_SWAP: { fits: pumps, lay: (w) => swapped(w, 'stat:Y1', 'stat:OB') },
  OB_WRONG: {
    fits: pumps,
    lay: (w) => ({ ...w, setup: { ...w.setup, valve: w.setup.valve === 'O' ? 'B' : 'O' } }),
  },
  ODU_C_OPEN: { fits: split, lay: (w) => opened(w, 'outdoor:C') },
  // Batteries keep a thermostat calling: only its own display hangs on C.
  STAT_C_OPEN: { fits: always, lay: (w) => opened(w, 'stat:C') },
  RC_SHORT: { fits: always, lay: (w) => bridged(w, 'short', 'in.R', 'in.C') },
  YC_SHORT: { fits: cools, lay: (w) => bridged(w, 'short', 'in.Y1', 'in.C') },
  FLOAT_ABSENT: { fits: cools, lay: (w) => ({ ...w, plan: withoutFloat(w.plan) }) },
  FLOAT_FAN_ONLY: { fits: cools, lay: (w) => ({ ...w, plan: floatInFan(withoutFloat(w.plan)) }) },
  RHRC_OPEN: {
    fits: (s) => !s.heatPump && heated(s),
    lay: (w) => ({ ...w, plan: { ...w.plan, switches: w.plan.switches.filter((s) => s.device !== 'jumper') } }),
  },
  BACKFEED: { fits: always, lay: (w) => ({ ...w, plan: { ...w.plan, sources: [...w.plan.sources, SECOND] } }) },
  W_ON_O: { fits: (s) => pumps(s) && heated(s), lay: (w, s) => moved(w, heatLine(s), 'in.OB') },
  W_ON_Y: { fits: (s) => heated(s) && cools(s), lay: (w, s) => moved(w, heatLine(s), 'in.Y1') },
  W_ON_G: { fits: heated, lay: (w, s) => moved(w, heatLine(s), 'in.G') },
  W_OPEN: { fits: heated, lay: (w, s) => opened(w, heatLine(s)) },
  DEFROST_W_OPEN: {
    fits: (s) => pumps(s) && heated(s) && split(s),
    lay: (w) => opened(w, 'outdoor:W'),
  },
  YG_SWAP: { fits: cools, lay: (w) => swapped(w, 'stat:Y1', 'stat:G') },
  Y1Y2_SWAP: { fits: (s) => s.stages === 2, lay: (w) => swapped(w, 'stat:Y1', 'stat:Y2') },
  DF_AS_ELECTRIC: {
    fits: (s) => s.heatPump && s.heat === 'furnace',
    lay: ({ plan, setup }) => ({
      plan: {
        ...plan,
        contacts: [...plan.contacts, { id: 'stat:W2', a: 'stat.R', b: 'stat.W1', when: { calls: 'W2' } }],
      },
      setup: { ...setup, system: 'heat pump' },
    }),
  },
  // One conductor for the stage and for the fan.
  WIRE_REUSED: { fits: cools, lay: (w) => bridged(w, 'reused', 'stat.Y1', 'stat.G') },
};

function withoutFloat(plan: Plan): Plan {
  const floats = plan.switches.filter((s) => s.device === 'float');
  const joints = floats.map(
    (s, i): Wire => ({ id: `factory:no-float-${i}`, a: s.a, b: s.b, role: 'R', cable: 'factory' }),
  );
  return {
    ...plan,
    switches: plan.switches.filter((s) => s.device !== 'float'),
    wires: [...plan.wires, ...joints],
  };
}
/** The float breaks the fan's line alone. */
const floatInFan = (plan: Plan): Plan => ({
  ...plan,
  wires: plan.wires.map((w) => (w.id === 'stat:G' ? { ...w, b: 'float.G' } : w)),
  switches: [...plan.switches, { device: 'float', a: 'float.G', b: 'in.G' }],
});

/** Faults that a system can have; on data lines none of them shows. */
export const faultsOf = (spec: PlanSpec): FaultCode[] =>
  spec.communicating ? [] : FAULTS.filter((code) => LAY[code].fits(spec));
export const layFault = (code: FaultCode, wired: Wired, spec: PlanSpec): Wired => LAY[code].lay(wired, spec);
