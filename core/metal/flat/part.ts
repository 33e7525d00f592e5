import { range } from '@/core/finding/allow';
import type { Refusal } from '@/core/finding/outcome';
import { refusal } from '@/core/finding/outcome';
import { GAUGES, type Gauge, IN2_PER_FT2 } from '@/core/metal/sheet-gauge';
import { tell } from '@/core/metal/words';
import { flatBox } from './box-flat';
import { splitForBrake } from './brake';
import { flatHood } from './hood-flat';
import { flatPan } from './pan-flat';
import { areaOf, between, boxOf, type Piece } from './piece';
import { flatRound } from './round-flat';
import { type SelfTest, selfTest } from './self-test';
import { flatTransition } from './transition-flat';

export const PART_KINDS = ['transition', 'square to round', 'pan', 'cap', 'side cap', 'hood', 'box'] as const;
export type PartKind = (typeof PART_KINDS)[number];

/** What a part is made from: the figures that its kind has, null elsewhere. */
export type PartFigures = {
  lengthIn: number | null;
  widthIn: number | null;
  topLengthIn: number | null;
  topWidthIn: number | null;
  diameterIn: number | null;
  heightIn: number | null;
  offsetXIn: number | null;
  offsetYIn: number | null;
  wallIn: number | null;
  hemIn: number | null;
  runIn: number | null;
  backIn: number | null;
  fallInPerFt: number | null;
  collars: number | null;
  collarIn: number | null;
};
type Figure = keyof PartFigures;

/** What each kind cannot be drawn without; offsets, hems and collars are none where nobody says. */
export const NEEDS: Readonly<Record<PartKind, readonly Figure[]>> = {
  transition: ['lengthIn', 'widthIn', 'topLengthIn', 'topWidthIn', 'heightIn'],
  'square to round': ['lengthIn', 'widthIn', 'diameterIn', 'heightIn'],
  pan: ['lengthIn', 'widthIn', 'wallIn'],
  cap: ['lengthIn', 'widthIn', 'wallIn'],
  'side cap': ['lengthIn', 'widthIn', 'wallIn'],
  hood: ['widthIn', 'runIn', 'backIn', 'fallInPerFt'],
  box: ['lengthIn', 'widthIn', 'heightIn'],
};

/** Points on the circle of a cutting file (48 or more, common practice). */
const ROUND_POINTS = 48;

export type Drawn = { ok: true; pieces: Piece[] } | { ok: false; refused: Refusal };

/** Lays a part flat, or says which of its figures is missing or does not go. */
export function drawPart(kind: PartKind, f: PartFigures, gauge: Gauge): Drawn {
  const missing = NEEDS[kind].find((name) => f[name] === null);
  if (missing)
    return { ok: false, refused: { field: missing, message: tell('metal.figure-missing'), ...range(1, 240, 'in') } };
  const at = (name: Figure): number => f[name] ?? 0;
  const drawn = (pieces: Piece[] | undefined, field: Figure): Drawn =>
    pieces
      ? { ok: true, pieces }
      : {
          ok: false,
          refused: refusal(field, tell(TOO_MUCH[field] ?? 'metal.figure-missing'), tell('metal.what-goes-there')),
        };
  const pan = { lengthIn: at('lengthIn'), widthIn: at('widthIn'), wallIn: at('wallIn'), gauge };
  switch (kind) {
    case 'transition':
      return drawn(
        flatTransition({
          bottomIn: [at('lengthIn'), at('widthIn')],
          topIn: [at('topLengthIn'), at('topWidthIn')],
          heightIn: at('heightIn'),
          offsetIn: [at('offsetXIn'), at('offsetYIn')],
        }),
        'heightIn',
      );
    case 'square to round':
      return drawn(
        flatRound({
          squareIn: [at('lengthIn'), at('widthIn')],
          diameterIn: at('diameterIn'),
          heightIn: at('heightIn'),
          points: ROUND_POINTS,
        }),
        'heightIn',
      );
    case 'pan':
    case 'cap':
      return drawn([flatPan({ ...pan, hemIn: kind === 'pan' ? at('hemIn') : 0 }, kind)], 'wallIn');
    case 'side cap':
      return drawn([flatPan({ ...pan, hemIn: 0, longSidesOnly: true }, kind)], 'wallIn');
    case 'hood':
      return drawn(
        flatHood({ widthIn: at('widthIn'), runIn: at('runIn'), backIn: at('backIn'), fallInPerFt: at('fallInPerFt') }),
        'backIn',
      );
    case 'box':
      if (at('collars') > 0 && f.collarIn === null)
        return {
          ok: false,
          refused: { field: 'collarIn', message: tell('metal.figure-missing'), ...range(3, 30, 'in') },
        };
      return drawn(
        flatBox({
          lengthIn: at('lengthIn'),
          widthIn: at('widthIn'),
          heightIn: at('heightIn'),
          collars: at('collars'),
          collarIn: at('collarIn'),
          gauge,
        }),
        'collars',
      );
  }
}
const TOO_MUCH: Partial<Record<Figure, 'metal.front-lower-than-nothing' | 'metal.collars-do-not-go'>> = {
  backIn: 'metal.front-lower-than-nothing',
  collars: 'metal.collars-do-not-go',
};

/** What a shop asks of a part before it cuts. */
export type ShopFigures = {
  test: SelfTest;
  sheetFt2: number;
  weightLb: number;
  /** Longest bend, and how it is made where the brake is shorter. */
  longestBendIn: number;
  split: ReturnType<typeof splitForBrake>;
  /** The rectangle around each piece, for nesting. */
  rectangles: { w: number; h: number }[];
};
export function shopFigures(pieces: readonly Piece[], gauge: Gauge): ShopFigures {
  const sheetFt2 = pieces.reduce((sum, p) => sum + areaOf(p.cut), 0) / IN2_PER_FT2;
  const bends = pieces.flatMap((p) => p.bends.filter((b) => b.angleDeg >= SHARP_DEG).map((b) => between(b.a, b.b)));
  const longestBendIn = Math.max(0, ...bends);
  return {
    test: selfTest(pieces),
    sheetFt2,
    weightLb: sheetFt2 * GAUGES[gauge].lbFt2,
    longestBendIn,
    split: splitForBrake(longestBendIn),
    rectangles: pieces.map((p) => ({ w: boxOf(p.cut).widthIn, h: boxOf(p.cut).heightIn })),
  };
}
/** A softer bend is pressed by hand: it needs no brake (design default), degrees. */
const SHARP_DEG = 30;
