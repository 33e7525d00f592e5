import { z } from 'zod';
import { advise, type Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { num } from '@/core/finding/quantity-field';
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
  weights: 'Weights of unit, curb and accessories known; rigger has them',
  structure: 'Roof structure carries it; an engineer asked when it is heavier or spread otherwise',
  shipping: 'Shipping blocks and the isolation rail removed or noted',
  gasket: 'Curb gasket on, curb insulated and level',
  sheetMetal: 'A sheet-metal hand on the roof to trim',
  crane: 'Crane, exclusion zone, power lines and wind looked at; dry window',
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
        claim: `${field} has no area.`,
        because: 'A corner is on the wrong side.',
        source: 'geometry',
        next: { say: 'Type the right edge greater than the left, the far edge greater than the near.' },
      });
  }
  const over = mixed(c);
  if (over) checks.push(over);
  checks.push(weight(c));
  const missing = LIFT_CHECK_IDS.filter((id) => !c.lift.includes(id));
  checks.push({
    id: 'lift',
    verdict: missing.length ? 'not-proven' : 'good',
    claim: missing.length
      ? `${missing.length} of ${LIFT_CHECK_IDS.length} things before the lift not looked at.`
      : 'Ready for the lift.',
    because: missing.length ? `First: ${LIFT_CHECKS[missing[0]!]}.` : 'Every point of the list confirmed.',
    source: 'common practice; crane and roof work by qualified people',
    next: missing.length ? { say: 'Go through the list before the crane is booked.' } : undefined,
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
    claim: `${f.name}: ${f.overlapPct.toFixed(0)} % of the smaller opening is open through both.`,
    because: `${f.overlapIn2.toFixed(0)} in²; ${Number.isFinite(f.fpm) ? `${f.fpm.toFixed(0)} fpm through it` : 'no air passes'}.`,
    source: '95 % good, 80 % least: design defaults; 1500 fpm common practice',
    next: advise(
      f.overlapPct < OVERLAP_LEAST_PCT
        ? 'Redesign the adapter: a transition for this opening.'
        : good && !fast
          ? undefined
          : 'Trim the openings or build a transition inside the adapter.',
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
    claim: `${f.name}: steepest side ${f.slopeDeg.toFixed(1)}°${steep ? ', too steep' : look ? ', steep' : ''}.`,
    because: `${f.offsetIn.toFixed(1)} in sideways over ${c.adapterHeightIn} in.`,
    source: '20° look again, 30° limit: common practice',
    next: look ? { say: `An adapter ${f.heightFor20In.toFixed(1)} in tall brings it to 20°.` } : undefined,
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
    claim: 'A supply lies over a return.',
    because: `${(a + b).toFixed(0)} in² where the two would mix.`,
    source: 'geometry',
    next: { say: 'Part them inside the adapter, or turn the unit.' },
    miss: 8,
  };
}

function weight(c: Curb): Finding {
  if (c.oldWeightLb === null || c.newWeightLb === null) {
    return {
      id: 'weight',
      verdict: 'not-proven',
      claim: 'Old and new weight not both known.',
      because: 'The roof carries what it was built for.',
      source: 'common practice',
      next: { say: 'Read both off the submittals, adapter curb included.' },
    };
  }
  const more = c.newWeightLb - c.oldWeightLb;
  return {
    id: 'weight',
    verdict: more > 0 ? 'look-again' : 'good',
    claim: more > 0 ? `${more.toFixed(0)} lb heavier than the old one.` : 'Not heavier than the old one.',
    because: `${c.oldWeightLb.toFixed(0)} lb out, ${c.newWeightLb.toFixed(0)} lb in.`,
    source: 'structure is an engineer’s work',
    next: more > 0 ? { say: 'Ask an engineer before the lift.' } : undefined,
    miss: Math.max(0, more / 100),
  };
}
