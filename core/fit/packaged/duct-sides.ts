import { z } from 'zod';
import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { num, oneOf, yesNo } from '@/core/finding/quantity-field';
import { tell } from '@/core/fit/words';
import { q, value } from '@/core/words/said';
import { crossoverBox } from './crossover-box';

/** Two side-by-side or stacked openings: where the supply lies, seen from where. */
const openings = z.strictObject({
  supply: oneOf(['left', 'right', 'upper', 'lower']),
  viewedFrom: oneOf(['the yard', 'inside the house']),
});
const height = num(0, 400, 'in');

/** A packaged unit against the duct openings of the house. */
export const packagedSchema = z.strictObject({
  unit: openings,
  house: openings,
  mirroredVariant: yesNo,
  clearBelowIn: height,
  supplyOdIn: num(4, 60, 'in'),
  box: z.strictObject({ aIn: num(6, 120, 'in'), bIn: num(6, 120, 'in') }),
  cfm: num(100, 20000, 'CFM'),
  /** Centre of the unit's openings above its own base, and of the house's above grade. */
  unitOpeningIn: height,
  houseOpeningIn: height,
  standIn: num(0, 120, 'in'),
  unitDrainIn: height,
  drainInletIn: height,
  hoodRunIn: num(0, 200, 'in'),
  /** Horizontal distance between unit and wall. */
  gapToWallIn: num(1, 200, 'in'),
});
export type Packaged = z.infer<typeof packagedSchema>;

export const EMPTY_PACKAGED: Packaged = {
  unit: { supply: 'left', viewedFrom: 'the yard' },
  house: { supply: 'left', viewedFrom: 'inside the house' },
  mirroredVariant: false,
  clearBelowIn: 12,
  supplyOdIn: 17,
  box: { aIn: 30, bIn: 24 },
  cfm: 1200,
  unitOpeningIn: 14,
  houseOpeningIn: 20,
  standIn: 4,
  unitDrainIn: 6,
  drainInletIn: 4,
  hoodRunIn: 26,
  gapToWallIn: 30,
};

type Side = Packaged['unit']['supply'];
/** Room needed under a duct that is led round below, beyond its outside diameter (common practice), in. */
export const REROUTE_CLEAR_IN = 6;
/** A hood falls away from the wall at least this (common practice), in/ft; ½ is what we make. */
export const HOOD_LEAST_IN_PER_FT = 0.25;
export const HOOD_FALL_IN_PER_FT = 0.5;
const MIRROR: Record<Side, Side> = { left: 'right', right: 'left', upper: 'upper', lower: 'lower' };

/** The supply side as seen from the yard, whichever side it was looked at from. Left and right swap; up and down do not. */
export const seenFromYard = (o: Packaged['unit']): Side => (o.viewedFrom === 'the yard' ? o.supply : MIRROR[o.supply]);

export type Crossing = 'straight' | 'crossed' | 'turned';

export function crossing(p: Packaged): Crossing {
  const unit = seenFromYard(p.unit);
  const house = seenFromYard(p.house);
  if (unit === house) return 'straight';
  const sideways = (s: Side): boolean => s === 'left' || s === 'right';
  return sideways(unit) === sideways(house) ? 'crossed' : 'turned';
}

export function judgePackaged(p: Packaged): Finding[] {
  return orderFindings([sides(p), ...(crossing(p) === 'straight' ? [] : [way(p)]), level(p), drain(p), hood(p)]);
}

function sides(p: Packaged): Finding {
  const kind = crossing(p);
  const seen = tell('fit.seen-from-yard-unit-supply-house', {
    unit: value(seenFromYard(p.unit)),
    house: value(seenFromYard(p.house)),
  });
  const base = {
    id: 'duct-sides',
    because: seen,
    source: tell('fit.geometry-both-looked-at-from-one'),
  };
  if (kind === 'straight') return { ...base, verdict: 'good', claim: tell('fit.supply-meets-supply') };
  return {
    ...base,
    verdict: 'look-again',
    claim: kind === 'crossed' ? tell('fit.supply-and-return-are-crossed') : tell('fit.one-is-side-by-side-other'),
    next: { say: tell('fit.look-at-both-from-yard-once') },
    miss: 9,
  };
}

/** A box is the way when the ducts cross, no variant swaps them and there is no room below. */
export const boxNeeded = (p: Packaged): boolean =>
  crossing(p) !== 'straight' && !p.mirroredVariant && p.clearBelowIn < p.supplyOdIn + REROUTE_CLEAR_IN;

/** How crossed ducts are put right: variant, then below, then the box. */
function way(p: Packaged): Finding {
  if (p.mirroredVariant) {
    return {
      id: 'crossing',
      verdict: 'good',
      claim: tell('fit.order-unit-variant-with-its-duct'),
      because: tell('fit.no-sheet-metal-is-needed-then'),
      source: tell('fit.makers-variants'),
    };
  }
  if (!boxNeeded(p)) {
    const below = p.supplyOdIn + REROUTE_CLEAR_IN;
    return {
      id: 'crossing',
      verdict: 'good',
      claim: tell('fit.lead-one-duct-round-below'),
      because: tell('fit.clear-needed', {
        clearBelowIn: q(p.clearBelowIn, 'in', 'as is'),
        below: q(below, 'in', 'as is'),
      }),
      source: tell('fit.duct-diameter-6-in-common-practice'),
    };
  }
  const box = crossoverBox({ boxAIn: p.box.aIn, boxBIn: p.box.bIn, supplyOdIn: p.supplyOdIn, cfm: p.cfm });
  if (!box.ok)
    return {
      id: 'crossing',
      verdict: 'look-again',
      claim: tell('fit.supply-duct-fills-crossover-box'),
      because: box.refused.message,
      source: tell('fit.geometry'),
      next: { say: tell('fit.make-box-larger-across-duct') },
    };
  const { openIn2, fpm, holds } = box.value;
  return {
    id: 'crossing',
    verdict: holds ? 'good' : 'look-again',
    claim: holds ? tell('fit.crossover-box-does-it') : tell('fit.crossover-box-is-too-small'),
    because: tell('fit.left-open-against-700', { openIn2: q(openIn2, 'in2'), fpm: q(fpm, 'fpm') }),
    source: tell('fit.conservation-of-flow-700-fpm-common'),
    next: {
      say: holds ? tell('fit.seal-and-insulate-inner-joints-insulate') : tell('fit.make-box-larger-or-cross-with'),
    },
    miss: fpm / 700,
  };
}

function level(p: Packaged): Finding {
  const offset = p.standIn + p.unitOpeningIn - p.houseOpeningIn;
  const slope = (Math.atan(Math.abs(offset) / p.gapToWallIn) * 180) / Math.PI;
  const way = tell('fit.houses-over', {
    offset: q(Math.abs(offset), 'in'),
    offset2: value(offset > 0 ? 'above' : 'below'),
    gapToWallIn: q(p.gapToWallIn, 'in', 'as is'),
  });
  return {
    id: 'opening-level',
    verdict: slope > 20 ? 'look-again' : 'good',
    claim:
      Math.abs(offset) < 0.5
        ? tell('fit.openings-are-level-with-stand-counted')
        : tell('fit.with-stand-units-openings-lie', { way }),
    because: tell('fit.of-slope-20-is-where-air', { slope: q(slope, 'number', 0) }),
    source: tell('fit.geometry-20-common-practice'),
    next: slope > 20 ? { say: tell('fit.make-offset-transitions-move-unit-out') } : undefined,
    miss: slope / 20,
  };
}

function drain(p: Packaged): Finding {
  const fall = p.standIn + p.unitDrainIn - p.drainInletIn;
  return {
    id: 'unit-drain',
    verdict: fall > 0 ? 'good' : 'look-again',
    claim:
      fall > 0
        ? tell('fit.drain-falls-to-its-inlet', { fall: q(fall, 'in') })
        : tell('fit.drain-would-have-to-run-uphill'),
    because: tell('fit.stand-lifts-units-drain-with-it'),
    source: tell('fit.geometry'),
    next: fall > 0 ? undefined : { say: tell('fit.raise-stand-lower-inlet-or-fit') },
    miss: -fall,
  };
}

function hood(p: Packaged): Finding {
  const fallIn = Math.ceil((p.hoodRunIn / 12) * HOOD_FALL_IN_PER_FT * 8 - 1e-9) / 8;
  return {
    id: 'hood',
    verdict: p.hoodRunIn > 0 ? 'good' : 'not-proven',
    claim:
      p.hoodRunIn > 0
        ? tell('fit.hood-of-fall-over-away-from', {
            fallIn: q(fallIn, 'in', 'as is'),
            hoodRunIn: q(p.hoodRunIn, 'in', 'as is'),
          })
        : tell('fit.no-rain-hood-measured'),
    because: tell('fit.half-inch-foot-rounded-up-to', { hoodLeastInPerFt: HOOD_LEAST_IN_PER_FT }),
    source: tell('fit.common-practice'),
    next: p.hoodRunIn > 0 ? undefined : { say: tell('fit.measure-from-wall-to-units-outer') },
  };
}
