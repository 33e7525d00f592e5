import { z } from 'zod';
import { REFUSED, upTo } from '@/core/finding/allow';
import { eachOnce } from '@/core/finding/each-once';
import { advise, type Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { chars, num, oneOf, yesNo } from '@/core/finding/quantity-field';
import { tell } from '@/core/fit/words';
import { bisect } from '@/core/numeric/bisect';
import { q, type Said } from '@/core/words/said';
import { carryingChecks } from './carrying';
import { cornerLimit } from './corridor-corner';
import { neededShortSide } from './face-through-opening';
import { hatchRange } from './hatch-pass';

const size = num(1, 300, 'in');
const name = chars(1, 60);
const id = chars(1, 40);

const opening = z.strictObject({ kind: z.literal('opening'), id, label: name, widthIn: size, heightIn: size });
const corner = z.strictObject({ kind: z.literal('corner'), id, label: name, aIn: size, bIn: size });
const hatch = z.strictObject({
  kind: z.literal('hatch'),
  id,
  label: name,
  lengthIn: size,
  widthIn: size,
  curbIn: num(0, 60, 'in'),
  headroomIn: size,
  /** Rated load of the ladder under it. */
  ladderLb: num(100, 1000, 'lb').nullable().optional(),
});
const weightLb = num(1, 5000, 'lb').nullable().optional();
const pieceShape = { label: name, lengthIn: size, widthIn: size, heightIn: size, weightLb };

/** The way in: what is carried, and every narrow place on the way. */
export const routeSchema = z.strictObject({
  piece: z.strictObject(pieceShape),
  /** What else is carried: the old one out, modules in. */
  pieces: z
    .array(z.strictObject({ ...pieceShape, id, way: oneOf(['in', 'out']) }))
    .max(12)
    .refine(eachOnce, REFUSED.idTwice)
    .meta(upTo(12, 'pieces'))
    .optional(),
  /** A unit whose compressor oil must stay where it is may not be laid down. */
  keepUpright: yesNo,
  /** Room for hands and packaging on each side. */
  handlingIn: num(0, 6, 'in'),
  stages: z
    .array(z.discriminatedUnion('kind', [opening, corner, hatch]))
    .max(20)
    .refine(eachOnce, REFUSED.idTwice)
    .meta(upTo(20, 'stages')),
});
export type Route = z.infer<typeof routeSchema>;
export type RouteStage = Route['stages'][number];
export type Piece = NonNullable<Route['pieces']>[number];

export const USUAL_HANDLING_IN = 0.5;
export const EMPTY_ROUTE: Route = {
  piece: { label: 'Air handler', lengthIn: 49, widthIn: 21, heightIn: 22, weightLb: null },
  keepUpright: false,
  handlingIn: USUAL_HANDLING_IN,
  stages: [],
};

/** How one stage goes: room to spare (negative: missing) in the best way to carry it, and how that is. */
export type StageFit = {
  stage: RouteStage;
  spareIn: number;
  how: Said;
  /** The piece as it goes through: along the way, across it, up. */
  held: { l: number; w: number; h: number };
  tiltDeg?: { from: number; to: number };
  /** The piece, where several are carried. */
  label?: string;
};

type Way = { l: number; w: number; h: number; how: Said };

/** Every way to hold the piece: l along the way, w across, h up. */
function ways({ piece: p, keepUpright }: Route): Way[] {
  const upright: Way[] = [
    { l: p.lengthIn, w: p.widthIn, h: p.heightIn, how: tell('fit.standing-long-side-first') },
    { l: p.widthIn, w: p.lengthIn, h: p.heightIn, how: tell('fit.standing-broad-side-first') },
  ];
  if (keepUpright) return upright;
  return [
    ...upright,
    { l: p.heightIn, w: p.widthIn, h: p.lengthIn, how: tell('fit.on-end') },
    { l: p.widthIn, w: p.heightIn, h: p.lengthIn, how: tell('fit.on-end-turned') },
    { l: p.lengthIn, w: p.heightIn, h: p.widthIn, how: tell('fit.on-its-side') },
    { l: p.heightIn, w: p.lengthIn, h: p.widthIn, how: tell('fit.on-its-side-broad-first') },
  ];
}

const best = (fits: StageFit[]): StageFit => fits.reduce((a, b) => (b.spareIn > a.spareIn ? b : a));

export function stageFit(route: Route, stage: RouteStage): StageFit {
  const hand = 2 * route.handlingIn;
  if (stage.kind === 'opening') {
    const a = Math.max(stage.widthIn, stage.heightIn) - hand;
    const b = Math.min(stage.widthIn, stage.heightIn) - hand;
    return best(
      ways(route).map((w) => {
        if (route.keepUpright) {
          return {
            stage,
            spareIn: Math.min(stage.widthIn - hand - w.w, stage.heightIn - hand - w.h),
            how: w.how,
            held: w,
          };
        }
        const p = Math.max(w.w, w.h);
        const q = Math.min(w.w, w.h);
        const needed = a > 0 ? neededShortSide(p, q, a) : p;
        return {
          stage,
          spareIn: b - needed,
          how: p > a ? tell('fit.tilted-in-frame', { how: w.how }) : w.how,
          held: w,
        };
      }),
    );
  }
  if (stage.kind === 'corner') {
    return best(
      ways(route).map((w) => {
        const length = Math.max(w.l, w.w);
        const thick = Math.min(w.l, w.w);
        const { limitIn } = cornerLimit(stage.aIn - hand, stage.bIn - hand, length);
        return { stage, spareIn: limitIn - thick, how: w.how, held: w };
      }),
    );
  }
  return best(ways(route).map((w) => hatchFit(route, stage, w, hand)));
}

/** Through a hatch: the third side against the hatch's width, and the tilt between roof and frame. */
function hatchFit(route: Route, stage: Extract<RouteStage, { kind: 'hatch' }>, w: Way, hand: number): StageFit {
  const across = stage.widthIn - hand - w.w;
  const box = { lengthIn: w.h, thicknessIn: w.l, curbIn: stage.curbIn, headroomIn: stage.headroomIn };
  if (route.keepUpright) {
    const spare = Math.min(across, stage.lengthIn - hand - w.l, stage.headroomIn - w.h);
    return { stage, spareIn: spare, how: w.how, held: w };
  }
  const range = hatchRange({ ...box, openingIn: stage.lengthIn - hand });
  if (!range) {
    const least = leastOpening(box);
    return {
      stage,
      spareIn: Math.min(across, stage.lengthIn - hand - least),
      how: tell('fit.roof-is-too-low-to-tilt', { how: w.how }),
      held: w,
    };
  }
  const spareIn = Math.min(across, stage.lengthIn - hand - leastOpening(box));
  return {
    stage,
    spareIn,
    how:
      range.fromDeg === 0
        ? tell('fit.upright-or-tilted-to', { how: w.how, toDeg: q(range.toDeg, 'number', 0) })
        : tell('fit.tilted-to', {
            how: w.how,
            fromDeg: q(range.fromDeg, 'number', 0),
            toDeg: q(range.toDeg, 'number', 0),
          }),
    held: w,
    tiltDeg: { from: range.fromDeg, to: range.toDeg },
  };
}

/** No opening of a house is longer than this, in. */
const LONGEST_OPENING_IN = 600;

/** The shortest opening through which the box still passes under this roof; long when the roof alone forbids it. */
function leastOpening(box: { lengthIn: number; thicknessIn: number; curbIn: number; headroomIn: number }): number {
  if (!hatchRange({ ...box, openingIn: LONGEST_OPENING_IN })) return LONGEST_OPENING_IN;
  return bisect((openingIn) => !hatchRange({ ...box, openingIn }), 0, LONGEST_OPENING_IN, 24).above;
}

/** How each stage goes for the piece that goes through it worst. */
export const fitsOf = (route: Route): StageFit[] =>
  route.stages.map((stage) =>
    [route.piece, ...(route.pieces ?? [])]
      .map((piece) => ({ ...stageFit({ ...route, piece }, stage), label: piece.label }))
      .reduce((a, b) => (b.spareIn < a.spareIn ? b : a)),
  );

/** Ways out when a piece does not pass, in the order they are tried (common practice). */
const WAYS_OUT = {
  opening: tell('fit.take-packaging-door-or-jamb-off'),
  corner: tell('fit.stand-it-on-end-split-it'),
  hatch: tell('fit.split-it-into-modules-choose-shorter'),
} as const;

/** Findings of the way in; `narrowestIn` is the narrowest place that the survey measured on it, in. */
export function judgeRoute(route: Route, narrowestIn?: number): Finding[] {
  if (route.stages.length === 0) {
    return [
      {
        id: 'route',
        verdict: 'not-proven',
        claim: tell('fit.way-in-is-not-measured'),
        because: tell('fit.unit-that-does-not-pass-hatch'),
        source: tell('fit.common-practice'),
        next: { say: tell('fit.measure-every-gate-door-corner-stair') },
      },
    ];
  }
  const fits = fitsOf(route);
  const tightest = best(fits.map((f) => ({ ...f, spareIn: -f.spareIn })));
  const checks = fits.map((f): Finding => {
    const short = f.spareIn < 0;
    const close = f.spareIn < 1;
    return {
      id: `stage-${f.stage.id}`,
      verdict: close ? 'look-again' : 'good',
      claim: short
        ? f.spareIn < -100
          ? tell('fit.cannot-pass', { label: f.stage.label, label2: f.label ?? route.piece.label })
          : tell('fit.short', { label: f.stage.label, spareIn: q(-f.spareIn, 'in') })
        : tell('fit.to-spare', {
            label: f.stage.label,
            spareIn: q(f.spareIn, 'in'),
            stage: f.stage === tightest.stage ? tell('fit.tightest') : '',
          }),
      because: tell('fit.best-way-side-kept-for-hands', { how: f.how, handlingIn: q(route.handlingIn, 'in', 'as is') }),
      source: tell('fit.plane-geometry'),
      next: advise(
        short ? WAYS_OUT[f.stage.kind] : close ? tell('fit.measure-again-with-trim-and-handles') : undefined,
      ),
      miss: -f.spareIn,
    };
  });
  checks.push(...carryingChecks(route));
  for (const stage of route.stages) if (stage.kind === 'hatch') checks.push(atticAccess(stage));
  if (narrowestIn !== undefined) checks.push(narrowest(route, narrowestIn));
  return orderFindings(checks);
}

/** Two people with a tape differ by this much, in (common practice). */
const TAPE_IN = 0.5;

/** The survey's narrowest place against the stages: one as narrow must be among them, or a place was left out. */
function narrowest(route: Route, narrowestIn: number): Finding {
  const widths = route.stages.map((s) => (s.kind === 'corner' ? Math.min(s.aIn, s.bIn) : s.widthIn));
  const leastIn = Math.min(...widths);
  const left = leastIn > narrowestIn + TAPE_IN;
  return {
    id: 'narrowest',
    verdict: left ? 'not-proven' : 'good',
    claim: left
      ? tell('fit.narrowest-place-of-survey-is-not-measured', { narrowestIn: q(narrowestIn, 'in', 'as is') })
      : tell('fit.narrowest-place-of-survey-is-measured'),
    because: tell('fit.survey-says-narrowest-here-is', {
      narrowestIn: q(narrowestIn, 'in', 'as is'),
      leastIn: q(leastIn, 'in', 'as is'),
    }),
    source: tell('fit.common-practice'),
    next: left ? { say: tell('fit.measure-that-place-and-add-it') } : undefined,
    miss: leastIn - narrowestIn,
  };
}

/** Least opening to an attic with equipment (IMC 306, from memory; the adopted code rules), in. */
const ATTIC_OPENING_IN = { short: 20, long: 30 } as const;

function atticAccess(hatch: Extract<RouteStage, { kind: 'hatch' }>): Finding {
  const short = Math.min(hatch.lengthIn, hatch.widthIn);
  const long = Math.max(hatch.lengthIn, hatch.widthIn);
  const small = short < ATTIC_OPENING_IN.short || long < ATTIC_OPENING_IN.long;
  return {
    id: `access-${hatch.id}`,
    verdict: small ? 'look-again' : 'good',
    claim: small
      ? tell('fit.smaller-than-attic-opening-must-be', { label: hatch.label })
      : tell('fit.large-enough-for-service', { label: hatch.label }),
    because: tell('fit.by-at-least-and-large-enough', {
      short: ATTIC_OPENING_IN.short,
      long: q(ATTIC_OPENING_IN.long, 'in', 'as is'),
    }),
    source: tell('fit.imc-306-from-memory-adopted-code'),
    next: small ? { say: tell('fit.enlarge-opening-or-say-in-scope') } : undefined,
    miss: Math.max(ATTIC_OPENING_IN.short - short, ATTIC_OPENING_IN.long - long, 0),
  };
}
