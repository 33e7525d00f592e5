/** A terminal: `device.terminal`. */
export type Node = string;

/** What the outside asks for besides the thermostat. */
export type Demand = 'defrost' | 'leak' | 'humidity';

/** When a contact is closed: a load that is on, a thermostat terminal that calls, a demand, or several of them. */
export type When =
  | { on: string }
  | { calls: Terminal }
  | { demand: Demand }
  | { not: When }
  | { all: readonly When[] }
  | { any: readonly When[] };

/** Terminals of a thermostat that it may close to R. */
export const TERMINALS = ['Y1', 'Y2', 'G', 'OB', 'W1', 'W2'] as const;
export type Terminal = (typeof TERMINALS)[number];

/** Transformer secondary; `phase` against the other one. */
export type Source = { id: string; r: Node; c: Node; va: number; fuseA: number; phase: 1 | -1; emfV: number };
/** One conductor. `cable` is where it runs: what is inside one cabinet is the factory's. */
export type Wire = { id: string; a: Node; b: Node; role: string; cable: Cable; open?: boolean };
export type Cable = 'stat' | 'outdoor' | 'factory';
/** A safety or a jumper; a device with several poles has several of these. */
export type Switch = { device: string; a: Node; b: Node };
export type Load = { id: string; a: Node; b: Node; va: number };
export type Contact = { id: string; a: Node; b: Node; when: When };

/** What runs, as everyone names it: contactor, second stage, valve, blower, outdoor fan, electric heat, fire one and two. */
export const RUNS = ['BL', 'CC', 'EH', 'F1', 'F2', 'OF', 'RV', 'S2'] as const;
export type Runs = (typeof RUNS)[number];

/** A control network as wired: plain data, so that it can be kept, drawn and changed by hand. */
export type Plan = {
  sources: readonly Source[];
  wires: readonly Wire[];
  switches: readonly Switch[];
  loads: readonly Load[];
  contacts: readonly Contact[];
  /** What runs follows from what is pulled in. */
  outputs: Readonly<Partial<Record<Runs, When>>>;
};

export const every = (...all: When[]): When => ({ all });
export const on = (id: string): When => ({ on: id });
export const not = (when: When): When => ({ not: when });

/** Whether a condition holds. */
export function holds(
  when: When,
  now: { on: (id: string) => boolean; calls: ReadonlySet<Terminal>; demands: ReadonlySet<Demand> },
): boolean {
  if ('on' in when) return now.on(when.on);
  if ('calls' in when) return now.calls.has(when.calls);
  if ('demand' in when) return now.demands.has(when.demand);
  if ('not' in when) return !holds(when.not, now);
  return 'all' in when ? when.all.every((w) => holds(w, now)) : when.any.some((w) => holds(w, now));
}
