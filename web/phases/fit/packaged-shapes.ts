import type { VerdictOf } from '@/core/finding/order';
import { HOOD_FALL_IN_PER_FT, type Packaged } from '@/core/fit/packaged/duct-sides';
import { inText } from '@/web/bench/sheet/Dim';
import type { Bounds } from '@/web/bench/sheet/scale';
import { box, line, type Shape } from '@/web/bench/sheet/shapes';
import { tell } from '@/web/words/tell';

/** The unit as it is drawn in section: its width, its least height, what stands above its openings, in. */
const UNIT_WIDE_IN = 46;
const UNIT_LEAST_HIGH_IN = 36;
const ABOVE_OPENING_IN = 14;
/** What is shown of the wall, of the ground, beside the unit and above everything, in. */
const WALL_IN = 10;
const GROUND_IN = 4;
const BESIDE_IN = 14;
const BEHIND_WALL_IN = 6;
const ABOVE_IN = 8;
const ABOVE_HOUSE_OPENING_IN = 16;
/** The feet of the stand, the drain pipe and the hood as they are drawn, in. */
const FOOT_FROM_EDGE_IN = 4;
const DRAIN_OUT_IN = 9;
const HOOD_BELOW_TOP_IN = 3;
const HOOD_LIP_IN = 2;
/** The duct sticks out of the crossover box this much, in. */
const DUCT_BEYOND_IN = 3;

type Drawn = { frame: Bounds; shapes: Shape[] };

/** The levels in section: wall at the right, unit on its stand, duct, drain and hood; inches above the ground. */
export function levelShapes(p: Packaged, verdict: VerdictOf): Drawn {
  const high = Math.max(UNIT_LEAST_HIGH_IN, p.unitOpeningIn + ABOVE_OPENING_IN);
  const open = p.standIn + p.unitOpeningIn;
  const top = Math.max(p.standIn + high, p.houseOpeningIn + ABOVE_HOUSE_OPENING_IN) + ABOVE_IN;
  const back = -p.gapToWallIn;
  const front = back - UNIT_WIDE_IN;
  const frame = { x0: front - BESIDE_IN, x1: WALL_IN + BEHIND_WALL_IN, y0: -GROUND_IN, y1: top };
  const foot = (x: number): Shape => line({ line: 'ink', width: 4 }, [x, 0], [x, p.standIn]);
  return {
    frame,
    shapes: [
      line({ line: 'ink', width: 2 }, [frame.x0, 0], [frame.x1, 0]),
      box({ line: 'ink', fill: { hatch: 'wall' } }, [0, -GROUND_IN], [WALL_IN, top]),
      ...(p.standIn > 0 ? [foot(front + FOOT_FROM_EDGE_IN), foot(back - FOOT_FROM_EDGE_IN)] : []),
      box({ line: 'ink', width: 2.5, fill: 'sheet' }, [front, p.standIn], [back, p.standIn + high]),
      line({ line: 'copper', width: 10 }, [back, open], [0, p.houseOpeningIn]),
      line(
        { line: { of: verdict('unit-drain') }, width: 2.5 },
        [front, p.standIn + p.unitDrainIn],
        [front - DRAIN_OUT_IN, p.drainInletIn],
        [front - DRAIN_OUT_IN, 0],
      ),
      { is: 'dim', from: [front, 0], to: [front, open], aside: [-26, 0], side: -1, size: 12.5 },
      { is: 'dim', from: [WALL_IN, 0], to: [WALL_IN, p.houseOpeningIn], aside: [10, 0], size: 12.5 },
      ...(p.hoodRunIn > 0 ? [hood(p.hoodRunIn, top - HOOD_BELOW_TOP_IN)] : []),
    ],
  };
}

/** A hood that falls away from the wall as we make it, with its lip. */
function hood(runIn: number, y: number): Shape {
  const low = y - (runIn / 12) * HOOD_FALL_IN_PER_FT;
  return line({ line: 'ink', width: 2.5 }, [0, y], [-runIn, low], [-runIn, low - HOOD_LIP_IN]);
}

/** The crossover box in section: the supply duct crosses inside, return air passes beside it. */
export function crossBoxShapes({ box: size, supplyOdIn }: Packaged, verdict: VerdictOf): Drawn {
  const { aIn, bIn } = size;
  const middle = aIn / 2;
  return {
    frame: {
      x0: -DUCT_BEYOND_IN,
      x1: bIn + DUCT_BEYOND_IN,
      y0: Math.min(0, middle - supplyOdIn / 2),
      y1: Math.max(aIn, middle + supplyOdIn / 2),
    },
    shapes: [
      box({ line: 'ink', width: 2.5, fill: { hatchOf: verdict('crossing') } }, [0, 0], [bIn, aIn]),
      box(
        { line: 'copper', width: 2.5, fill: 'sheet' },
        [-DUCT_BEYOND_IN, middle - supplyOdIn / 2],
        [bIn + DUCT_BEYOND_IN, middle + supplyOdIn / 2],
      ),
      {
        is: 'word',
        at: [bIn / 2, middle],
        aside: [0, 5],
        size: 13,
        bold: true,
        text: tell('web.supply-od', { supplyOdIn: inText(supplyOdIn) }),
      },
      { is: 'dim', from: [0, 0], to: [0, aIn], aside: [-18, 0], side: -1, size: 12.5 },
      { is: 'dim', from: [0, 0], to: [bIn, 0], aside: [0, 12], side: -1, size: 12.5 },
    ],
  };
}

export type Spot = { x: number; y: number };
/** Where an opening lies in the face of unit or wall, as parts of its width from the left and height from the top. */
const SPOTS: Record<Packaged['unit']['supply'], Spot> = {
  left: { x: 0.27, y: 0.5 },
  right: { x: 0.73, y: 0.5 },
  upper: { x: 0.5, y: 0.27 },
  lower: { x: 0.5, y: 0.73 },
};

/** Supply and return in one face: the return lies opposite. */
export function openingSpots(supply: Packaged['unit']['supply']): { supply: Spot; return: Spot } {
  const at = SPOTS[supply];
  return { supply: at, return: { x: 1 - at.x, y: 1 - at.y } };
}
