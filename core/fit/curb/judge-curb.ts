import { z } from 'zod';
import { advise, type Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { num } from '@/core/finding/quantity-field';
import { tell } from '@/core/fit/words';
import { q, upper, value } from '@/core/words/said';
import { curbMore } from './curb-more';
import {
  areaIn2,
  curbOverlap,
  fpmThrough,
  intersection,
  OVERLAP_GOOD_PCT,
  OVERLAP_LEAST_PCT,
  type Rectangle,
  rectangleSchema,
  SLOPE_LIMIT_DEG,
  SLOPE_LOOK_DEG,
  transitionSlope,
} from './curb-overlap';

/** What must be seen before the crane is called. */
export const LIFT_CHECKS = {
  weights: tell('fit.weights-of-unit-curb-and-accessories'),
  structure: tell('fit.roof-structure-carries-it-engineer-asked'),
  shipping: tell('fit.shipping-blocks-and-isolation-rail-removed'),
  gasket: tell('fit.curb-gasket-on-curb-insulated-and'),
  sheetMetal: tell('fit.sheet-metal-hand-on-roof-to'),
  crane: tell('fit.crane-exclusion-zone-power-lines-and'),
} as const;
export type LiftCheck = keyof typeof LIFT_CHECKS;
export const LIFT_CHECK_IDS = Object.keys(LIFT_CHECKS) as LiftCheck[];

/** Roof adapter: the unit's openings over the curb's, all on one origin. */
export const curbSchema = z.strictObject({
  unitBase: rectangleSchema,
  curbOutside: rectangleSchema,
  unitSupply: rectangleSchema,
  unitReturn: rectangleSchema,
  curbSupply: rectangleSchema,
  curbReturn: rectangleSchema,
  /** The duct drop through the roof under the curb. */
  dropSupply: rectangleSchema.nullable().optional(),
  dropReturn: rectangleSchema.nullable().optional(),
  adapterHeightIn: num(1, 60, 'in'),
  toleranceIn: num(0, 4, 'in'),
  cfm: num(100, 60000, 'CFM'),
  oldWeightLb: num(0, 20000, 'lb').nullable(),
  newWeightLb: num(0, 20000, 'lb, with the adapter curb').nullable(),
  lift: z
    .array(z.enum(LIFT_CHECK_IDS as [LiftCheck, ...LiftCheck[]]))
    .max(12)
    .describe('what was looked at'),
});
export type Curb = z.infer<typeof curbSchema>;

export const EMPTY_CURB: Curb = {
  unitBase: { x0: 0, y0: 0, x1: 88, y1: 58 },
  curbOutside: { x0: 4, y0: 4, x1: 80, y1: 50 },
  unitSupply: { x0: 10, y0: 12, x1: 46, y1: 32 },
  unitReturn: { x0: 52, y0: 12, x1: 78, y1: 40 },
  curbSupply: { x0: 18, y0: 10, x1: 42, y1: 30 },
  curbReturn: { x0: 50, y0: 10, x1: 74, y1: 36 },
  adapterHeightIn: 14,
  toleranceIn: 0.25,
  cfm: 4000,
  oldWeightLb: null,
  newWeightLb: null,
  lift: [],
};

export type OpeningFit = {
  name: 'Supply' | 'Return';
  unit: Rectangle;
  curb: Rectangle;
  both: Rectangle;
  overlapIn2: number;
  overlapPct: number;
  fpm: number;
  /** Steepest side, degrees, and how far it runs sideways. */
  slopeDeg: number;
  offsetIn: number;
  heightFor20In: number;
};

export function openingFits(c: Curb): OpeningFit[] {
  return (
    [
      ['Supply', c.unitSupply, c.curbSupply],
      ['Return', c.unitReturn, c.curbReturn],
    ] as const
  ).flatMap(([name, unit, curb]) => {
    const overlap = curbOverlap({ unitOpening: unit, curbOpening: curb });
    if (!overlap.ok) return [];
    const offsetIn = Math.max(
      Math.abs(unit.x0 - curb.x0),
      Math.abs(unit.x1 - curb.x1),
      Math.abs(unit.y0 - curb.y0),
      Math.abs(unit.y1 - curb.y1),
    );
    const slope = transitionSlope({ offsetIn: Math.min(200, offsetIn), heightIn: c.adapterHeightIn });
    const { overlapIn2, overlapPct } = overlap.value;
    return [
      {
        name,
        unit,
        curb,
        both: intersection(unit, curb),
        overlapIn2,
        overlapPct,
        fpm: overlapIn2 > 0 ? fpmThrough(c.cfm, overlapIn2) : Number.POSITIVE_INFINITY,
        slopeDeg: slope.ok ? slope.value.slopeDeg : 90,
        offsetIn,
        heightFor20In: slope.ok ? slope.value.heightFor20In : 0,
      },
    ];
  });
}

/** Air faster than this at a curb opening roars and costs pressure (common practice), fpm. */
const CURB_FPM = 1500;

export function judgeCurb(c: Curb): Finding[] {
  const fits = openingFits(c);
  const checks: Finding[] = fits.flatMap((f) => [overlapCheck(f), slopeCheck(f, c)]);
  for (const [field, r] of Object.entries({
    'Unit supply': c.unitSupply,
    'Unit return': c.unitReturn,
    'Curb supply': c.curbSupply,
    'Curb return': c.curbReturn,
  })) {
    if (!(areaIn2(r) > 0))
      checks.push({
        id: `area-${field}`,
        verdict: 'not-proven',
        claim: tell('fit.has-no-area', { field }),
        because: tell('fit.corner-is-on-wrong-side'),
        source: tell('fit.geometry'),
        next: { say: tell('fit.type-right-edge-greater-than-left') },
      });
  }
  checks.push(...curbMore(c));
  const over = mixed(c);
  if (over) checks.push(over);
  checks.push(weight(c));
  const missing = LIFT_CHECK_IDS.filter((id) => !c.lift.includes(id));
  checks.push({
    id: 'lift',
    verdict: missing.length ? 'not-proven' : 'good',
    claim: missing.length
      ? tell('fit.of-things-before-lift-not-looked', { count: missing.length, count2: LIFT_CHECK_IDS.length })
      : tell('fit.ready-for-lift'),
    because: missing.length
      ? tell('fit.first', { liftChecks: LIFT_CHECKS[missing[0]!] })
      : tell('fit.every-point-of-list-confirmed'),
    source: tell('fit.common-practice-crane-and-roof-work'),
    next: missing.length ? { say: tell('fit.go-through-list-before-crane-is') } : undefined,
  });
  return orderFindings(checks);
}

function overlapCheck(f: OpeningFit): Finding {
  const good = f.overlapPct >= OVERLAP_GOOD_PCT;
  const fast = f.fpm > CURB_FPM;
  const verdict = good && !fast ? 'good' : 'look-again';
  return {
    id: `overlap-${f.name}`,
    verdict,
    claim: tell('fit.of-smaller-opening-is-open-through', {
      name: upper(value(f.name)),
      overlapPct: q(f.overlapPct, 'pct'),
    }),
    because: tell('fit.overlapin2-fpm', {
      overlapIn2: q(f.overlapIn2, 'in2'),
      fpm: Number.isFinite(f.fpm) ? tell('fit.through-it', { fpm: q(f.fpm, 'fpm') }) : tell('fit.no-air-passes'),
    }),
    source: tell('fit.95-good-80-least-design-defaults'),
    next: advise(
      f.overlapPct < OVERLAP_LEAST_PCT
        ? tell('fit.redesign-adapter-transition-for-this-opening')
        : good && !fast
          ? undefined
          : tell('fit.trim-openings-or-build-transition-inside'),
    ),
    miss: (100 - f.overlapPct) / 5,
  };
}

function slopeCheck(f: OpeningFit, c: Curb): Finding {
  const steep = f.slopeDeg > SLOPE_LIMIT_DEG;
  const look = f.slopeDeg > SLOPE_LOOK_DEG;
  return {
    id: `slope-${f.name}`,
    verdict: look ? 'look-again' : 'good',
    claim: tell('fit.steepest-side', {
      name: upper(value(f.name)),
      slopeDeg: q(f.slopeDeg, 'number', 1),
      steep: steep ? tell('fit.too-steep') : look ? tell('fit.steep') : '',
    }),
    because: tell('fit.sideways-over', {
      offsetIn: q(f.offsetIn, 'in'),
      adapterHeightIn: q(c.adapterHeightIn, 'in', 'as is'),
    }),
    source: tell('fit.20-look-again-30-limit-common'),
    next: look
      ? { say: tell('fit.adapter-tall-brings-it-to-20', { heightFor20In: q(f.heightFor20In, 'in') }) }
      : undefined,
    miss: f.slopeDeg / SLOPE_LOOK_DEG,
  };
}

/** Supply of one over return of the other: the air would short-circuit. */
function mixed(c: Curb): Finding | undefined {
  const a = areaIn2(intersection(c.unitSupply, c.curbReturn));
  const b = areaIn2(intersection(c.unitReturn, c.curbSupply));
  if (a + b <= 0) return undefined;
  return {
    id: 'mixed',
    verdict: 'look-again',
    claim: tell('fit.supply-lies-over-return'),
    because: tell('fit.where-two-would-mix', { a: q(a + b, 'in2') }),
    source: tell('fit.geometry'),
    next: { say: tell('fit.part-them-inside-adapter-or-turn') },
    miss: 8,
  };
}

function weight(c: Curb): Finding {
  if (c.oldWeightLb === null || c.newWeightLb === null) {
    return {
      id: 'weight',
      verdict: 'not-proven',
      claim: tell('fit.old-and-new-weight-not-both'),
      because: tell('fit.roof-carries-what-it-was-built'),
      source: tell('fit.common-practice'),
      next: { say: tell('fit.read-both-off-submittals-adapter-curb') },
    };
  }
  const more = c.newWeightLb - c.oldWeightLb;
  return {
    id: 'weight',
    verdict: more > 0 ? 'look-again' : 'good',
    claim:
      more > 0 ? tell('fit.heavier-than-old-one', { more: q(more, 'lb', 0) }) : tell('fit.not-heavier-than-old-one'),
    because: tell('fit.out-in', { oldWeightLb: q(c.oldWeightLb, 'lb', 0), newWeightLb: q(c.newWeightLb, 'lb', 0) }),
    source: tell('fit.structure-is-engineers-work'),
    next: more > 0 ? { say: tell('fit.ask-engineer-before-lift') } : undefined,
    miss: Math.max(0, more / 100),
  };
}
