import { solveLinear } from '@/core/numeric/linear';
import { Nets } from './nets';
import { type Demand, holds, type Node, type Plan, RUNS, type Runs, type Source, type Terminal } from './plan';

/** A coil pulls in at this and falls out below that (common practice for 24 V relays), V. */
export const PULL_IN_V = 18;
const DROP_OUT_V = 10;
/** Rated volts of a coil, V. */
const RATED_V = 24;
/** A transformer's inner resistance from its size: 26.4 V empty, 24 V at full load, ohm·VA. */
const RESISTANCE_OHM_VA = 57.6;
/** Every point leaks a little, so that an island has a voltage of its own at all, S. */
const LEAK_S = 1e-7;
/** Relays that call each other to and fro never settle. */
const MOST_PASSES = 10;

export type FaultMet = 'RC_SHORT' | 'R_PARALLEL' | 'OSCILLATES';

export type Asked = {
  /** Terminals the thermostat closes to R. */
  calls: ReadonlySet<Terminal>;
  demands?: ReadonlySet<Demand>;
  /** Safeties that are open, by device. */
  open?: ReadonlySet<string>;
};

export type Solved = {
  runs: ReadonlySet<Runs>;
  met: ReadonlySet<FaultMet>;
  /** Loads that are pulled in. */
  on: ReadonlySet<string>;
  /** Across each load, V. */
  across: ReadonlyMap<string, number>;
  /** Fuses that blew, by source. */
  blown: ReadonlySet<string>;
  /** What each source gives, A. */
  amps: ReadonlyMap<string, number>;
  /** Volts between two terminals as a meter reads them. */
  between: (a: Node, b: Node) => number;
  /** Whether two terminals are one point now. */
  joined: (a: Node, b: Node) => boolean;
};

const NONE: ReadonlySet<never> = new Set<never>();

/**
 * What a control network does under one call: nodal voltages over the nets that wires, closed switches and closed contacts make,
 * repeated until every relay stands still.
 * A fuse that is asked for too much stays blown. Timers are past: what comes after its delay is there.
 */
export function solve(plan: Plan, { calls, demands = NONE, open = NONE }: Asked): Solved {
  const met = new Set<FaultMet>();
  const blown = new Set<string>();
  let on = new Set<string>();
  let last = pass();
  for (let n = 1; ; n++) {
    const settled = judge(last);
    if (settled) break;
    if (n === MOST_PASSES) {
      met.add('OSCILLATES');
      break;
    }
    last = pass();
  }
  const now = { on: (id: string) => on.has(id), calls, demands };
  return {
    runs: new Set(RUNS.filter((code) => plan.outputs[code] && holds(plan.outputs[code], now))),
    met,
    on,
    across: last.across,
    blown,
    amps: last.amps,
    between: last.between,
    joined: last.joined,
  };

  /** One look with the relays as they stand: voltages, and the amps of each source. */
  function pass() {
    const state = { on: (id: string) => on.has(id), calls, demands };
    const nets = new Nets();
    for (const w of plan.wires) if (!w.open) nets.join(w.a, w.b);
    for (const s of plan.switches) if (!open.has(s.device)) nets.join(s.a, s.b);
    for (const c of plan.contacts) if (holds(c.when, state)) nets.join(c.a, c.b);
    return { ...voltages(plan, nets, blown), joined: nets.same };
  }

  /** Takes what the look shows: fuses first, then relays. True when nothing moved. */
  function judge({ joined, across, amps }: ReturnType<typeof pass>): boolean {
    let moved = false;
    for (const [i, s] of plan.sources.entries()) {
      for (const other of plan.sources.slice(i + 1)) {
        if (!joined(s.r, other.r)) continue;
        met.add('R_PARALLEL');
        if (joined(s.c, other.c) && s.phase !== other.phase) met.add('RC_SHORT');
      }
      if (blown.has(s.id)) continue;
      const shorted = joined(s.r, s.c);
      if (shorted) met.add('RC_SHORT');
      if (shorted || Math.abs(amps.get(s.id) ?? 0) > s.fuseA) {
        blown.add(s.id);
        moved = true;
      }
    }
    // What a blown fuse takes with it is seen at the next look.
    if (moved) return false;
    const pulled = new Set<string>();
    for (const { id } of plan.loads) {
      const volts = Math.abs(across.get(id) ?? 0);
      if (volts >= (on.has(id) ? DROP_OUT_V : PULL_IN_V)) pulled.add(id);
    }
    moved = pulled.size !== on.size || [...pulled].some((id) => !on.has(id));
    on = pulled;
    return !moved;
  }
}

/** Voltages of all nets with these fuses blown. */
function voltages(plan: Plan, nets: Nets, blown: ReadonlySet<string>) {
  const index = new Map<string, number>();
  const at = (node: Node): number => {
    const net = nets.find(node);
    const known = index.get(net);
    if (known !== undefined) return known;
    index.set(net, index.size);
    return index.size - 1;
  };
  const loads = plan.loads.map((l) => ({ id: l.id, a: at(l.a), b: at(l.b), s: l.va / RATED_V ** 2 }));
  const live = plan.sources.filter((s) => !blown.has(s.id));
  const sources = live.map((s) => ({ ...s, a: at(s.r), b: at(s.c), s: 1 / ohmsOf(s) }));
  const n = index.size;
  const matrix = Array.from({ length: n }, (_, i) => {
    const row = new Array<number>(n).fill(0);
    row[i] = LEAK_S;
    return row;
  });
  const into = new Array<number>(n).fill(0);
  for (const { a, b, s } of [...loads, ...sources]) {
    if (a === b) continue;
    matrix[a]![a]! += s;
    matrix[b]![b]! += s;
    matrix[a]![b]! -= s;
    matrix[b]![a]! -= s;
  }
  for (const { a, b, s, emfV, phase } of sources) {
    if (a === b) continue;
    into[a]! += emfV * phase * s;
    into[b]! -= emfV * phase * s;
  }
  const v = solveLinear(matrix, into);
  return {
    across: new Map(loads.map((l) => [l.id, v[l.a]! - v[l.b]!])),
    // A shorted one gives all that its inner resistance lets through.
    amps: new Map(sources.map((s) => [s.id, (s.emfV * s.phase - (v[s.a]! - v[s.b]!)) * s.s])),
    between: (a: Node, b: Node): number => {
      const ia = index.get(nets.find(a));
      const ib = index.get(nets.find(b));
      // A wire that hangs in the air shows nothing.
      return ia === undefined || ib === undefined ? 0 : v[ia]! - v[ib]!;
    },
  };
}

const ohmsOf = ({ va }: Source): number => RESISTANCE_OHM_VA / va;
