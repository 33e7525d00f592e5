import type { Verdict } from '@/core/finding/finding';
import type { Said } from '@/core/words/said';
import type { Bounds } from './scale';

/** A place on a drawing in the units of its scale (inches), up and to the right. */
export type Point = readonly [x: number, y: number];
/** Moves a figure or a word aside on the screen so that it stands clear, px to the right and down. */
export type Aside = readonly [px: number, py: number];
export type Tone = 'ink' | 'ink2' | 'rule' | 'rule2' | 'copper' | 'pine' | 'ochre' | 'oxide' | 'sheet';
export type Hatch = 'wall' | 'soft' | 'copper' | 'ochre';
/** How a line is drawn: a tone or a verdict's; filled with a tone, a hatching or a verdict's hatching, or clear where it is only to be taken hold of. */
export type Ink = {
  line?: Tone | { of: Verdict };
  width?: number;
  dash?: string;
  round?: true;
  fill?: Tone | 'clear' | { hatch: Hatch } | { hatchOf: Verdict };
};

export type Line = { is: 'line'; points: readonly Point[]; closed?: true; ink: Ink };
/** A dimension is as long as it is drawn: its figure is the distance from one end to the other. */
export type Measure = {
  is: 'dim';
  from: Point;
  to: Point;
  aside?: Aside;
  side?: 1 | -1;
  size?: number;
  verdict?: Verdict;
  /** What runs past the place it should end at is told with a minus. */
  minus?: boolean;
  /** Inches unless it says otherwise. */
  unit?: string;
};
export type Word = {
  is: 'word';
  at: Point;
  text: Said | string;
  aside?: Aside;
  anchor?: 'start' | 'end';
  size?: number;
  bold?: true;
  tone?: Tone | { of: Verdict };
};
export type Circle = { is: 'circle'; at: Point; r: number; ink: Ink };
export type Shape = Line | Measure | Word | Circle;

export const line = (ink: Ink, ...points: readonly Point[]): Line => ({ is: 'line', points, ink });
export const closed = (ink: Ink, ...points: readonly Point[]): Line => ({ is: 'line', points, closed: true, ink });
/** An upright rectangle between two opposite corners, whichever they are. */
export const box = (ink: Ink, [x0, y0]: Point, [x1, y1]: Point): Line =>
  closed(ink, [x0, y0], [x1, y0], [x1, y1], [x0, y1]);

export const lengthOf = ({ from, to }: Pick<Measure, 'from' | 'to'>): number =>
  Math.hypot(to[0] - from[0], to[1] - from[1]);

/** Every place that shapes reach, words without their letters. */
export const reachOf = (shapes: readonly Shape[]): Point[] =>
  shapes.flatMap((s): readonly Point[] => {
    switch (s.is) {
      case 'line':
        return s.points;
      case 'dim':
        return [s.from, s.to];
      case 'word':
        return [s.at];
      default:
        return [
          [s.at[0] - s.r, s.at[1] - s.r],
          [s.at[0] + s.r, s.at[1] + s.r],
        ];
    }
  });

export const holds = (frame: Bounds, [x, y]: Point, slack = 1e-6): boolean =>
  x >= frame.x0 - slack && x <= frame.x1 + slack && y >= frame.y0 - slack && y <= frame.y1 + slack;
