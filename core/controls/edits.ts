import { z } from 'zod';
import { type Outcome, ok, refuse } from '@/core/finding/outcome';
import { chars, oneOf } from '@/core/finding/quantity-field';
import type { Said } from '@/core/words/said';
import { nodesOf } from './meter';
import type { Node, Plan, Wire } from './plan';
import { tell } from './words';

const name = chars(1, 60);

/** One change to the conductors of a plan, as a hand makes it. */
export const editSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('move'), wire: name, end: oneOf(['a', 'b']), to: name }),
  z.strictObject({ kind: z.literal('swap'), wire: name, other: name, end: oneOf(['a', 'b']) }),
  z.strictObject({ kind: z.literal('cut'), wire: name }),
  z.strictObject({ kind: z.literal('mend'), wire: name }),
  z.strictObject({ kind: z.literal('short'), a: name, b: name }),
  z.strictObject({ kind: z.literal('unshort'), a: name, b: name }),
  z.strictObject({ kind: z.literal('bypass'), device: name }),
]);
export type Edit = z.infer<typeof editSchema>;

const shortId = (a: Node, b: Node): string => `short:${[a, b].sort().join('+')}`;

/** The cabinet that a terminal is in, by its name. */
export const cabinetOf = (node: Node): string => node.split('.')[0]!;
/** Conductors that a crew lays: what is inside a cabinet is its maker's. */
export const laidWires = (plan: Plan): Wire[] =>
  plan.wires.filter((w) => w.cable !== 'factory' && !w.id.startsWith('short:'));

/** Terminals that a conductor's end may be put on: those of the cabinet it comes into. */
export function terminalsFor(plan: Plan, wire: Wire, end: 'a' | 'b'): Node[] {
  const cabinets = sidesOf(wire[end]);
  return [...nodesOf(plan)].filter((n) => cabinets.includes(cabinetOf(n)) && ON_A_STRIP.test(n)).sort();
}
/** Terminals with a screw of their own; what is behind them is soldered. */
const ON_A_STRIP = /\.(?:Rh?|C|Y[12]|G|OB|W[12]?|H|D[12]|A|B)$/;
/** Indoors one strip serves both cables. */
const sidesOf = (node: Node): string[] => {
  const cabinet = cabinetOf(node);
  return cabinet === 'in' || cabinet === 'odu' ? ['in', 'odu'] : [cabinet];
};

const refuseWith = (field: string, message: Said, allowed: readonly string[]): Outcome<never> =>
  refuse(field, message, allowed.join(', '));

/** A plan with one change made; refused where the conductor or the terminal is not there, or nothing would change. */
export function applyEdit(plan: Plan, edit: Edit): Outcome<Plan> {
  const wire = (id: string): Wire | undefined => plan.wires.find((w) => w.id === id);
  const withWires = (wires: readonly Wire[]): Outcome<Plan> => ok({ ...plan, wires });
  const ids = laidWires(plan).map((w) => w.id);
  const nodes = nodesOf(plan);
  switch (edit.kind) {
    case 'move': {
      const w = wire(edit.wire);
      if (!w) return refuseWith('wire', tell('controls.no-such-conductor'), ids);
      const places = terminalsFor(plan, w, edit.end);
      if (!places.includes(edit.to)) return refuseWith('to', tell('controls.no-such-terminal-there'), places);
      if (w[edit.end] === edit.to) return refuse('to', tell('controls.it-is-there-already'), places.join(', '));
      return withWires(plan.wires.map((x) => (x.id === w.id ? { ...x, [edit.end]: edit.to } : x)));
    }
    case 'swap': {
      const [w, o] = [wire(edit.wire), wire(edit.other)];
      if (!w) return refuseWith('wire', tell('controls.no-such-conductor'), ids);
      if (!o || o.id === w.id) return refuseWith('other', tell('controls.no-such-conductor'), ids);
      const { end } = edit;
      return withWires(
        plan.wires.map((x) => (x.id === w.id ? { ...x, [end]: o[end] } : x.id === o.id ? { ...x, [end]: w[end] } : x)),
      );
    }
    case 'cut':
    case 'mend': {
      const w = wire(edit.wire);
      if (!w) return refuseWith('wire', tell('controls.no-such-conductor'), ids);
      return withWires(plan.wires.map((x) => (x.id === w.id ? { ...x, open: edit.kind === 'cut' } : x)));
    }
    case 'short':
    case 'unshort': {
      const missing = (['a', 'b'] as const).find((side) => !nodes.has(edit[side]));
      if (missing) return refuseWith(missing, tell('controls.no-such-terminal-there'), [...nodes].sort());
      if (edit.a === edit.b) return refuse('b', tell('controls.two-terminals-make-a-short'), edit.a);
      const id = shortId(edit.a, edit.b);
      const rest = plan.wires.filter((w) => w.id !== id);
      return withWires(
        edit.kind === 'unshort' ? rest : [...rest, { id, a: edit.a, b: edit.b, role: 'short', cable: 'factory' }],
      );
    }
    default: {
      const devices = [...new Set(plan.switches.map((s) => s.device))];
      if (!devices.includes(edit.device)) return refuseWith('device', tell('controls.no-such-safety'), devices);
      const bridged = plan.switches.filter((s) => s.device === edit.device);
      return ok({
        ...plan,
        switches: plan.switches.filter((s) => s.device !== edit.device),
        wires: [
          ...plan.wires,
          ...bridged.map(
            (s, i): Wire => ({ id: `bypass:${edit.device}-${i}`, a: s.a, b: s.b, role: 'R', cable: 'factory' }),
          ),
        ],
      });
    }
  }
}

/** A plan with changes made one after the other; what cannot be made any more is left out. */
export function withEdits(plan: Plan, edits: readonly Edit[]): Plan {
  return edits.reduce((p, edit) => {
    const r = applyEdit(p, edit);
    return r.ok ? r.value : p;
  }, plan);
}

/** Conductors that lie otherwise in the second plan, and what was added to it. */
export function changedWires(a: Plan, b: Plan): { was: Wire | undefined; is: Wire | undefined }[] {
  const ids = new Set([...a.wires, ...b.wires].map((w) => w.id));
  return [...ids].flatMap((id) => {
    const [was, is] = [a, b].map((p) => p.wires.find((w) => w.id === id));
    const same = was && is && was.a === is.a && was.b === is.b && Boolean(was.open) === Boolean(is.open);
    return same ? [] : [{ was, is }];
  });
}

/** Terminals on which two conductors of one cable sit, and conductors that share a terminal with another role: told as they are made. */
export function stackedOn(plan: Plan): Node[] {
  const ends = laidWires(plan).flatMap((w) => [`${w.cable} ${w.a}`, `${w.cable} ${w.b}`]);
  return [...new Set(ends.filter((e, i) => ends.indexOf(e) !== i))].map((e) => e.split(' ')[1]!);
}
