import type { VerdictOf } from '@/core/finding/order';
import { newStackIn, type Stack, stackEnds } from '@/core/fit/stack/stack';
import { inText } from '@/web/bench/sheet/Dim';
import type { Bounds } from '@/web/bench/sheet/scale';
import { box, closed, type Ink, line, type Point, type Shape } from '@/web/bench/sheet/shapes';

/** How much of the plenum that stays is shown, and the air above the tallest thing, in. */
const PLENUM_SHOWN_IN = 14;
const HEADROOM_IN = 6;
/** The return that stays is drawn this much wider than its opening; the floor this much wider than the widest thing, in. */
const RETURN_EDGE_IN = 4;
const FLOOR_BEYOND_IN = 30;

const WALL: Ink = { line: 'ink', width: 1.5, fill: { hatch: 'wall' } };
const OLD: Ink = { line: 'ink2', width: 2, dash: '6 4', fill: 'rule2' };
const NEW: Ink = { line: 'ink', width: 2.5, fill: 'sheet' };

export type StackShapes = {
  frame: Bounds;
  /** Floor, return and plenum that stay, on either side. */
  house: Shape[];
  old: Shape[];
  /** What is dragged up and down. */
  unit: Shape[];
  /** What closes the gaps, and the figures. */
  closing: Shape[];
};

/** Old and new equipment in elevation, each on its own middle line, in inches above the floor. */
export function stackShapes(stack: Stack, verdict: VerdictOf): StackShapes {
  const { plenumIn, returnTopIn: base, raiseIn, plenum, returnOpening, old } = stack;
  const foot = base + raiseIn;
  const newTop = foot + newStackIn(stack);
  const around = (widthIn: number, y0: number, y1: number): [Point, Point] => [
    [-widthIn / 2, y0],
    [widthIn / 2, y1],
  ];
  const [upper, lower] = stackEnds(stack);
  const [above, below] = [verdict(`stack-${upper.end}`), verdict(`stack-${lower.end}`)];
  const [upperIn, lowerIn] =
    stack.flow === 'up' ? [stack.new.supply, stack.new.return] : [stack.new.return, stack.new.supply];
  const openings = [upperIn, lowerIn, plenum, returnOpening].map((o) => o.widthIn);
  const widest = Math.max(old.widthIn, stack.new.widthIn, ...openings, stack.closetWidthIn ?? 0);
  const half = (widest + FLOOR_BEYOND_IN) / 2;
  /** A transition between two openings, one above the other. */
  const between = (of: typeof above, [y0, w0]: Point, [y1, w1]: Point): Shape =>
    closed({ line: { of }, width: 2, fill: { hatchOf: of } }, [-w0 / 2, y0], [-w1 / 2, y1], [w1 / 2, y1], [w0 / 2, y0]);
  const coil = stack.coilHeightIn ?? 0;
  return {
    frame: {
      x0: -half,
      x1: half,
      y0: 0,
      y1: Math.max(plenumIn + PLENUM_SHOWN_IN, newTop + HEADROOM_IN, base + old.heightIn + HEADROOM_IN),
    },
    house: [
      line({ line: 'ink', width: 2 }, [-half, 0], [half, 0]),
      box(WALL, ...around(returnOpening.widthIn + RETURN_EDGE_IN, 0, base)),
      box(WALL, ...around(plenum.widthIn, plenumIn, plenumIn + PLENUM_SHOWN_IN)),
    ],
    old: [
      box(OLD, ...around(old.widthIn, base, base + old.heightIn)),
      { is: 'word', at: [0, base + old.heightIn / 2], text: `${inText(old.widthIn)} × ${inText(old.depthIn)}` },
      {
        is: 'dim',
        from: [-old.widthIn / 2, base],
        to: [-old.widthIn / 2, base + old.heightIn],
        aside: [-12, 0],
        side: -1,
      },
    ],
    unit: [
      box(NEW, ...around(stack.new.widthIn, foot, foot + stack.new.heightIn)),
      ...(coil > 0 ? [box(NEW, ...around(stack.new.widthIn, newTop - coil, newTop))] : []),
      {
        is: 'word',
        at: [0, foot + stack.new.heightIn / 2],
        text: `${inText(stack.new.widthIn)} × ${inText(stack.new.depthIn)}`,
      },
    ],
    closing: [
      ...(raiseIn > 0 ? [between(below, [foot, lowerIn.widthIn], [base, returnOpening.widthIn])] : []),
      ...(upper.gapIn === 0 ? [] : [between(above, [newTop, upperIn.widthIn], [plenumIn, plenum.widthIn])]),
      {
        is: 'dim',
        from: [-stack.new.widthIn / 2, foot],
        to: [-stack.new.widthIn / 2, newTop],
        aside: [-12, 0],
        side: -1,
      },
      {
        is: 'dim',
        from: [plenum.widthIn / 2, Math.min(newTop, plenumIn)],
        to: [plenum.widthIn / 2, Math.max(newTop, plenumIn)],
        aside: [14, 0],
        verdict: above,
        size: 16,
        minus: upper.gapIn < 0,
      },
      { is: 'dim', from: [-half, base], to: [-half, plenumIn], aside: [8, 0], size: 12.5, side: -1 },
    ],
  };
}
