import type { VerdictOf } from '@/core/finding/order';
import type { Rectangle } from '@/core/fit/curb/curb-overlap';
import { type Compass, footprint, gateSweep } from '@/core/fit/outdoor/gaps';
import { clearancesOf } from '@/core/fit/outdoor/judge-placement';
import type { Placement } from '@/core/fit/outdoor/placement';
import { inText } from '@/web/bench/sheet/Dim';
import { around, type Bounds } from '@/web/bench/sheet/scale';
import { box, closed, type Ink, line, type Point, type Shape } from '@/web/bench/sheet/shapes';

type Obstacle = Placement['obstacles'][number];

/** Room shown around the unit, what is kept of a long wall beside it, and around what stands there, in. */
const REACH_IN = 26;
const WALL_SHOWN_IN = 70;
const EDGE_IN = 4;
const BELOW_HOUSE_IN = 6;
/** The fan in the top, of the unit's shorter side. */
const FAN_OF_SIDE = 0.36;
/** Where along an upright thing its name stands. */
const NAME_AT = 0.72;

const OBSTACLE_INK: Record<Obstacle['kind'], Ink> = {
  wall: { line: 'ink', width: 9 },
  fence: { line: 'ink', width: 4, dash: '10 3' },
  plant: { line: 'ink', width: 4, dash: '2 5', round: true },
  vent: { line: 'ink', width: 4 },
  meter: { line: 'ink', width: 4 },
  other: { line: 'ink', width: 4 },
};

export type PlacementShapes = {
  frame: Bounds;
  behind: Shape[];
  /** One for each obstacle, in their order, each dragged by itself. */
  obstacles: Shape[][];
  gates: Shape[];
  /** The strip that each side must keep free. */
  needed: Shape[];
  unit: Shape[];
  /** What each side has. */
  gaps: Shape[];
};

/** Plan of the place in inches, north up and away from the house. */
export function placementShapes(p: Placement, verdict: VerdictOf): PlacementShapes {
  const u = footprint(p);
  const sides = clearancesOf(p);
  const frame = around([
    { x: u.x0 - REACH_IN, y: Math.min(u.y0, -BELOW_HOUSE_IN) },
    { x: u.x1 + REACH_IN, y: u.y1 + REACH_IN },
    ...p.obstacles.flatMap((o) => [
      { x: Math.max(o.x0, u.x0 - WALL_SHOWN_IN), y: o.y0 - EDGE_IN },
      { x: Math.min(o.x1, u.x1 + WALL_SHOWN_IN), y: o.y1 + EDGE_IN },
    ]),
    ...p.gates.flatMap(gateSweep),
    ...(p.oldPad
      ? [
          { x: p.oldPad.x0, y: p.oldPad.y0 },
          { x: p.oldPad.x1, y: p.oldPad.y1 },
        ]
      : []),
  ]);
  return {
    frame,
    behind: p.oldPad ? [boxOf({ line: 'ink2', dash: '5 4' }, p.oldPad)] : [],
    obstacles: p.obstacles.map((o) => obstacle(o, frame)),
    gates: p.gates.flatMap((g): Shape[] => [
      line({ line: 'ochre', width: 1.5, fill: { hatch: 'ochre' } }, ...gateSweep(g).map((at): Point => [at.x, at.y])),
      { is: 'word', at: [g.hingeXIn, g.hingeYIn], aside: [0, -8], size: 12.5, tone: 'ochre', text: g.label },
    ]),
    needed: sides.flatMap(({ compass, requiredIn, check }): Shape[] => {
      if (requiredIn === null) return [];
      const of = verdict(check.id);
      return [boxOf({ line: { of }, width: 1, fill: { hatchOf: of } }, strip(u, compass, requiredIn))];
    }),
    unit: unit(p, u),
    gaps: sides.flatMap(({ compass, availableIn, check }): Shape[] =>
      availableIn === undefined
        ? []
        : [{ is: 'dim', ...span(u, compass, availableIn), verdict: verdict(check.id), minus: availableIn < 0 }],
    ),
  };
}

const boxOf = (ink: Ink, r: Rectangle): Shape => box(ink, [r.x0, r.y0], [r.x1, r.y1]);

/** The strip of this depth before one side of the unit. */
export function strip(u: Rectangle, compass: Compass, deepIn: number): Rectangle {
  switch (compass) {
    case 'north':
      return { ...u, y0: u.y1, y1: u.y1 + deepIn };
    case 'south':
      return { ...u, y0: u.y0 - deepIn, y1: u.y0 };
    case 'east':
      return { ...u, x0: u.x1, x1: u.x1 + deepIn };
    default:
      return { ...u, x0: u.x0 - deepIn, x1: u.x0 };
  }
}

/** From the middle of one side straight away from it. */
function span(u: Rectangle, compass: Compass, lengthIn: number): { from: Point; to: Point } {
  const s = strip(u, compass, lengthIn);
  const mid: Point = [(u.x0 + u.x1) / 2, (u.y0 + u.y1) / 2];
  switch (compass) {
    case 'north':
      return { from: [mid[0], s.y0], to: [mid[0], s.y1] };
    case 'south':
      return { from: [mid[0], s.y1], to: [mid[0], s.y0] };
    case 'east':
      return { from: [s.x0, mid[1]], to: [s.x1, mid[1]] };
    default:
      return { from: [s.x1, mid[1]], to: [s.x0, mid[1]] };
  }
}

/** A wall, fence or plant, and its name beside it. */
function obstacle(o: Obstacle, frame: Bounds): Shape[] {
  const upright = Math.abs(o.y1 - o.y0) > Math.abs(o.x1 - o.x0);
  const name = { is: 'word', text: o.label, size: 12.5, tone: 'ink2' } as const;
  return [
    line(OBSTACLE_INK[o.kind], [o.x0, o.y0], [o.x1, o.y1]),
    upright
      ? { ...name, at: [o.x0, o.y0 + (o.y1 - o.y0) * NAME_AT], aside: [-8, 0], anchor: 'end' }
      : {
          ...name,
          at: [(Math.max(o.x0, frame.x0) + Math.min(o.x1, frame.x1)) / 2, (o.y0 + o.y1) / 2],
          aside: [0, o.kind === 'wall' ? 18 : -8],
        },
  ];
}

function unit(p: Placement, u: Rectangle): Shape[] {
  const middle: Point = [(u.x0 + u.x1) / 2, (u.y0 + u.y1) / 2];
  const front = strip(u, p.front, 0);
  return [
    closed({ line: 'ink', width: 2.5, fill: 'sheet' }, [u.x0, u.y0], [u.x1, u.y0], [u.x1, u.y1], [u.x0, u.y1]),
    ...(p.unit.discharge === 'up'
      ? [
          {
            is: 'circle' as const,
            at: middle,
            r: Math.min(u.x1 - u.x0, u.y1 - u.y0) * FAN_OF_SIDE,
            ink: { line: 'ink2' as const, width: 1.5 },
          },
        ]
      : []),
    line({ line: 'copper', width: 6 }, [front.x0, front.y0], [front.x1, front.y1]),
    {
      is: 'word',
      at: middle,
      aside: [0, 5],
      bold: true,
      text: `${inText(p.unit.widthIn)} × ${inText(p.unit.depthIn)}`,
    },
  ];
}
