import type { VerdictOf } from '@/core/finding/order';
import { CODE_SLOPE, PREFERRED_SLOPE } from '@/core/fit/drain/drain-line';
import type { DrainSheet } from '@/core/fit/drain/drain-sheet';
import type { Bounds } from '@/web/bench/sheet/scale';
import { type Ink, line, type Point, type Shape } from '@/web/bench/sheet/shapes';
import { tell } from '@/web/words/tell';

/** The least fall that the profile is drawn for, in, and a sag's depth of the whole height where one was seen. */
const LEAST_FALL_SHOWN_IN = 4;
const SAG_OF_HEIGHT = 0.5;
/** The fall of a sagging line that nobody measured, as it is drawn, in. */
const FALL_UNKNOWN_IN = 2;
const SAG_PIECES = 16;

/** The drain in profile: feet along the line, inches above and below its beginning; the two scales differ. */
export function drainShapes(d: DrainSheet, verdict: VerdictOf): { frame: Bounds; shapes: Shape[] } {
  const { runFt, fallIn } = d;
  const preferredIn = runFt * PREFERRED_SLOPE;
  const deep = Math.max(preferredIn, fallIn ?? 0, LEAST_FALL_SHOWN_IN);
  const of = verdict('slope');
  const end = (fall: number): Point => [runFt, -fall];
  const pipe: Ink = { line: { of }, width: 5, dash: fallIn === null ? '8 6' : undefined };
  const word = { is: 'word', aside: [6, 4], anchor: 'start', size: 12 } as const;
  return {
    frame: { x0: 0, x1: runFt, y0: -deep, y1: 0 },
    shapes: [
      line({ line: 'ink2', width: 1, dash: '3 4' }, [0, 0], end(runFt * CODE_SLOPE)),
      { ...word, at: end(runFt * CODE_SLOPE), tone: 'ink2', text: tell('web.in-ft') },
      line({ line: 'pine', width: 1, dash: '3 4' }, [0, 0], end(preferredIn)),
      { ...word, at: end(preferredIn), tone: 'pine', text: tell('web.in-ft-2') },
      d.sags
        ? line(pipe, ...sagging(runFt, fallIn ?? FALL_UNKNOWN_IN, deep * SAG_OF_HEIGHT))
        : line(pipe, [0, 0], end(fallIn ?? 0)),
      { is: 'dim', from: [0, 0], to: [runFt, 0], aside: [0, -26], unit: 'ft' },
      fallIn === null
        ? { is: 'word', at: [runFt / 2, 0], aside: [0, 22], bold: true, text: tell('web.fall-not-measured') }
        : { is: 'dim', from: [runFt, 0], to: end(fallIn), verdict: of, side: -1, size: 16 },
    ],
  };
}

/** A line that hangs below its own slope in the middle and ends where it should. */
function sagging(runFt: number, fallIn: number, sagIn: number): Point[] {
  return Array.from({ length: SAG_PIECES + 1 }, (_, i): Point => {
    const t = i / SAG_PIECES;
    return [runFt * t, -(fallIn * t + 2 * sagIn * t * (1 - t))];
  });
}
