import { solveLinear } from '@/core/numeric/linear';
import { Nets } from './nets';
import type { Node, Plan } from './plan';

/** Rated volts of a coil, V; its ohms follow from its sealed VA. */
const RATED_V = 24;
/** Above this a meter shows an open line, Ω. */
export const OPEN_OHMS = 100_000;
/** What every point leaks, S. */
const LEAK_S = 1e-9;

/**
 * What an ohmmeter shows between two terminals of a dead network: wires and closed safeties as they are, every relay at rest, coils by
 * their sealed VA, transformers lifted off.
 *
 * @returns Ω; undefined where the line is open
 */
export function ohmsBetween(plan: Plan, a: Node, b: Node, open: ReadonlySet<string> = new Set()): number | undefined {
  const nets = new Nets();
  for (const w of plan.wires) if (!w.open) nets.join(w.a, w.b);
  for (const s of plan.switches) if (!open.has(s.device)) nets.join(s.a, s.b);
  if (nets.same(a, b)) return 0;
  const index = new Map<string, number>();
  const at = (node: Node): number => {
    const net = nets.find(node);
    const i = index.get(net) ?? index.size;
    index.set(net, i);
    return i;
  };
  const [ia, ib] = [at(a), at(b)];
  const loads = plan.loads.map((l) => ({ a: at(l.a), b: at(l.b), s: l.va / RATED_V ** 2 }));
  const n = index.size;
  const matrix = Array.from({ length: n }, (_, i) => {
    const row = new Array<number>(n).fill(0);
    row[i] = LEAK_S;
    return row;
  });
  for (const { a: x, b: y, s } of loads) {
    if (x === y) continue;
    matrix[x]![x]! += s;
    matrix[y]![y]! += s;
    matrix[x]![y]! -= s;
    matrix[y]![x]! -= s;
  }
  // One ampere in at a, out at b: the volts between them are the ohms.
  const into = new Array<number>(n).fill(0);
  into[ia] = 1;
  into[ib] = -1;
  const v = solveLinear(matrix, into);
  const ohms = v[ia]! - v[ib]!;
  return ohms > OPEN_OHMS ? undefined : ohms;
}

/** Every terminal of a plan, in no order. */
export const nodesOf = (plan: Plan): Set<Node> =>
  new Set([
    ...plan.wires.flatMap((w) => [w.a, w.b]),
    ...plan.switches.flatMap((s) => [s.a, s.b]),
    ...plan.loads.flatMap((l) => [l.a, l.b]),
    ...plan.sources.flatMap((s) => [s.r, s.c]),
    ...plan.contacts.flatMap((c) => [c.a, c.b]),
  ]);
