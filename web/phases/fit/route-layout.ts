import { cornerLimit } from '@/core/fit/access/corridor-corner';
import type { Route, StageFit } from '@/core/fit/access/route';
import type { Bounds } from '@/web/bench/sheet/scale';
import type { Measure, Point } from '@/web/bench/sheet/shapes';

/** One narrow place in section, in inches: what is built, the piece as it goes through, what is measured. */
export type StageShape = {
  frame: Bounds;
  /** Lines of the walls. */
  walls: readonly (readonly Point[])[];
  roof?: readonly [Point, Point];
  piece: readonly Point[];
  measures: readonly Measure[];
};

/** Room to see the wall beside an opening, in. */
const BESIDE_IN = 16;
/** How far a piece is drawn tilted where nothing says by how much, degrees. */
const SHOWN_TILT_DEG = 18;
const SHOWN_HATCH_DEG = 20;

/** A rectangle of these sides around a point, turned by degrees, counterclockwise. */
export function turned(w: number, h: number, [cx, cy]: Point, deg: number): Point[] {
  const t = (deg * Math.PI) / 180;
  const [c, s] = [Math.cos(t), Math.sin(t)];
  return (
    [
      [-w / 2, -h / 2],
      [w / 2, -h / 2],
      [w / 2, h / 2],
      [-w / 2, h / 2],
    ] as const
  ).map(([x, y]) => [cx + x * c - y * s, cy + x * s + y * c]);
}

export function stageShape(fit: StageFit, route: Route): StageShape {
  const { stage } = fit;
  if (stage.kind === 'opening') return opening(fit, stage, route.handlingIn);
  return stage.kind === 'corner' ? corner(fit, stage) : hatch(fit, stage);
}
type Stage<K extends StageFit['stage']['kind']> = Extract<StageFit['stage'], { kind: K }>;

/** A door or gate from the front: the piece stands in it, turned or tilted where it passes only so. */
function opening({ held, spareIn }: StageFit, { widthIn, heightIn }: Stage<'opening'>, handIn: number): StageShape {
  const room = { w: widthIn - 2 * handIn, h: heightIn - 2 * handIn };
  const straight = held.w <= room.w && held.h <= room.h;
  const onItsSide = !straight && held.h <= room.w && held.w <= room.h;
  const [w, h] = onItsSide ? [held.h, held.w] : [held.w, held.h];
  const tilted = !straight && !onItsSide && spareIn >= 0;
  const half = (Math.max(widthIn, w) + BESIDE_IN) / 2;
  return {
    frame: { x0: -half, x1: half, y0: 0, y1: Math.max(heightIn, h) + 2 },
    walls: [
      [
        [-half, 0],
        [-widthIn / 2, 0],
        [-widthIn / 2, heightIn],
        [widthIn / 2, heightIn],
        [widthIn / 2, 0],
        [half, 0],
      ],
    ],
    piece: tilted ? turned(w, h, [0, heightIn / 2], -SHOWN_TILT_DEG) : turned(w, h, [0, h / 2], 0),
    measures: [
      { is: 'dim', size: 12.5, from: [-widthIn / 2, 0], to: [widthIn / 2, 0], aside: [0, 13], side: -1 },
      { is: 'dim', size: 12.5, from: [-widthIn / 2, 0], to: [-widthIn / 2, heightIn], aside: [-12, 0], side: -1 },
    ],
  };
}

/** A corner from above, its outer corner at the origin: the long side slides along both outer walls. */
function corner({ held }: StageFit, { aIn, bIn }: Stage<'corner'>): StageShape {
  const length = Math.max(held.l, held.w);
  const thick = Math.min(held.l, held.w);
  const { atDeg } = cornerLimit(aIn, bIn, length);
  const reach = Math.max(length * 0.8, aIn, bIn);
  // Drawn in the middle of the turn: at either end it lies flat along a wall.
  const t = (Math.min(60, Math.max(30, atDeg)) * Math.PI) / 180;
  const ax = length * Math.cos(t);
  const ay = length * Math.sin(t);
  const nx = Math.sin(t) * thick;
  const ny = Math.cos(t) * thick;
  return {
    frame: { x0: 0, x1: bIn + reach, y0: 0, y1: aIn + reach },
    walls: [
      [
        [0, aIn + reach],
        [0, 0],
        [bIn + reach, 0],
      ],
      [
        [bIn, aIn + reach],
        [bIn, aIn],
        [bIn + reach, aIn],
      ],
    ],
    piece: [
      [ax, 0],
      [0, ay],
      [nx, ay + ny],
      [ax + nx, ny],
    ],
    measures: [
      { is: 'dim', size: 12.5, from: [0, aIn + reach], to: [bIn, aIn + reach], aside: [0, -2], side: -1 },
      { is: 'dim', size: 12.5, from: [bIn + reach, 0], to: [bIn + reach, aIn], aside: [-4, 0], side: -1 },
    ],
  };
}

/** A hatch from the side under its roof, the piece in the middle of the tilt that passes. */
function hatch({ held, tiltDeg }: StageFit, { lengthIn, curbIn, headroomIn }: Stage<'hatch'>): StageShape {
  const deg = tiltDeg ? (tiltDeg.from + tiltDeg.to) / 2 : SHOWN_HATCH_DEG;
  const half = Math.max(lengthIn + 36, held.h * 0.9) / 2;
  return {
    frame: { x0: -half, x1: half, y0: -curbIn - held.h * 0.45, y1: headroomIn + 4 },
    walls: [-1, 1].map((way): Point[] => [
      [way * half, -curbIn],
      [(way * lengthIn) / 2, -curbIn],
      [(way * lengthIn) / 2, 0],
      [way * half, 0],
    ]),
    roof: [
      [-half, headroomIn],
      [half, headroomIn],
    ],
    piece: turned(held.l, held.h, [0, -curbIn / 2], -deg),
    measures: [
      { is: 'dim', size: 12.5, from: [-lengthIn / 2, -curbIn], to: [lengthIn / 2, -curbIn], aside: [0, 12], side: -1 },
      { is: 'dim', size: 12.5, from: [-half, 0], to: [-half, headroomIn], aside: [6, 0], side: 1 },
    ],
  };
}
