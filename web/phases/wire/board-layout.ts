import { laidWires } from '@/core/controls/edits';
import type { Node, Plan, Switch, Wire } from '@/core/controls/plan';

/** Rows of the terminal strips from top to bottom; a system has some of them. */
const ROWS = ['R', 'Rh', 'G', 'Y1', 'Y2', 'OB', 'W1', 'W2', 'H', 'D1', 'D2', 'C'] as const;
type Row = (typeof ROWS)[number];
export type Column = 'stat' | 'in' | 'out';

export type Place = { x: number; y: number };
export type Terminal = Place & { node: Node; column: Column };
export type DrawnWire = { wire: Wire; points: Place[] };
export type DrawnSwitch = { device: string; node: Node; from: Place; to: Place };
export type BoardLayout = {
  width: number;
  height: number;
  /** What a safety behind an indoor terminal takes, px. */
  safetyRoom: number;
  columns: Record<Column, number>;
  terminals: Terminal[];
  wires: DrawnWire[];
  switches: DrawnSwitch[];
};

/** Height of a row, of the head over the strips and of the foot under them, px. */
const ROW_PX = 52;
const HEAD_PX = 64;
const FOOT_PX = 18;
/** Side of a terminal's square, px. */
export const TERMINAL_PX = 28;
/** How far a safety stands from its terminal, px. */
const SWITCH_PX = 58;
const NARROW_PX = 560;

/** Where everything of a plan stands on the board: three strips side by side, one row for each role; nothing of it is measured. */
export function boardLayout(plan: Plan, widthPx: number, heatRow: 'W1' | 'W2'): BoardLayout {
  const narrow = widthPx < NARROW_PX;
  const laid = laidWires(plan);
  const outdoors = laid.some((w) => columnOf(w.a) === 'out' || columnOf(w.b) === 'out');
  const safetyRoom = plan.switches.some((s) => s.b.startsWith('odu.')) ? SWITCH_PX : 0;
  const margin = narrow ? 26 : 48;
  // Loads stand beside what they are in on a desk; a phone lists them.
  const right = widthPx - (outdoors ? (narrow ? 30 : 188) : narrow ? 30 + safetyRoom : 196 + safetyRoom);
  const columns = outdoors
    ? { stat: margin, in: margin + (right - margin - safetyRoom) * 0.48, out: right }
    : { stat: margin, in: right, out: right };
  const nodes = new Set(
    [
      ...laid.flatMap((w) => [w.a, w.b]),
      ...plan.switches.flatMap((s) => [s.a, s.b]),
      ...plan.wires.filter((w) => w.cable === 'factory').flatMap((w) => [w.a, w.b]),
    ].filter((n) => columnOf(n) && rowOf(n)),
  );
  const rows = ROWS.filter((row) => [...nodes].some((n) => rowOf(n) === row));
  const at = (node: Node): Place => {
    const behind = node.startsWith('odu.') && plan.switches.some((s) => s.b === node);
    const column = columnOf(node)!;
    const relay = node.startsWith('relay.');
    return {
      x: columns[column] + (behind || relay ? SWITCH_PX : 0),
      y: HEAD_PX + rows.indexOf(rowOf(node)!) * ROW_PX + ROW_PX / 2,
    };
  };
  const terminals = [...nodes]
    .filter((n) => !samePlace(n, plan) && (outdoors || !n.startsWith('out.')))
    .map((node): Terminal => ({ node, column: columnOf(node)!, ...at(node) }));
  const drawn = [...laid, ...plan.wires.filter((w) => w.id.startsWith('short:'))].filter(
    (w) => nodes.has(w.a) && nodes.has(w.b),
  );
  return {
    width: widthPx,
    height: HEAD_PX + rows.length * ROW_PX + FOOT_PX,
    safetyRoom,
    columns,
    terminals,
    wires: drawn.map((wire) => ({ wire, points: way(at(wire.a), at(wire.b)) })),
    switches: plan.switches.flatMap((s) => switchAt(s, at, columns.in)),
  };

  function rowOf(node: Node): Row | undefined {
    const name = node.split('.')[1] ?? '';
    // The outdoor board has one W; it goes on the line that heats.
    if (name === 'W') return heatRow;
    if (node === 'relay.A') return 'R';
    if (node === 'relay.B') return 'Y1';
    return ROWS.find((r) => r === name);
  }
}

const columnOf = (node: Node): Column | undefined => {
  const cabinet = node.split('.')[0];
  if (cabinet === 'stat' || cabinet === 'out') return cabinet;
  return cabinet === 'in' || cabinet === 'odu' || cabinet === 'relay' ? 'in' : undefined;
};

/** Behind a factory joint the same square stands for both ends. */
const samePlace = (node: Node, plan: Plan): boolean =>
  node.startsWith('odu.') && !plan.switches.some((s) => s.b === node);

/** From strip to strip: straight, and over on a slant where it changes its row. */
function way(a: Place, b: Place): Place[] {
  const [l, r] = a.x <= b.x ? [a, b] : [b, a];
  if (l.y === r.y) return [l, r];
  const span = r.x - l.x;
  const turn = l.x + span * 0.6;
  return [l, { x: turn, y: l.y }, { x: Math.min(r.x, turn + Math.max(18, span * 0.18)), y: r.y }, r];
}

/** A safety in its line: between the transformer and R above the strip, or right behind the indoor terminal. */
function switchAt({ device, b }: Switch, at: (node: Node) => Place, inX: number): DrawnSwitch[] {
  if (b.startsWith('odu.')) return [{ device, node: b, from: { x: inX, y: at(b).y }, to: at(b) }];
  if (device === 'jumper') return [{ device, node: b, from: at('stat.R'), to: at('stat.Rh') }];
  // In series on R: one over the other, the transformer on top.
  if (b === 'in.R') return [{ device, node: b, from: { x: inX, y: 26 }, to: at('in.R') }];
  return [];
}
