import { z } from 'zod';
import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { num, oneOf } from '@/core/finding/quantity-field';
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
  mirroredVariant: z.boolean().describe('true or false'),
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
  const seen = `Seen from the yard: unit supply ${seenFromYard(p.unit)}, house supply ${seenFromYard(p.house)}.`;
  const base = {
    id: 'duct-sides',
    because: seen,
    source: 'geometry: both looked at from one side; mirroring is the classic mistake',
  };
  if (kind === 'straight') return { ...base, verdict: 'good', claim: 'Supply meets supply.' };
  return {
    ...base,
    verdict: 'look-again',
    claim:
      kind === 'crossed' ? 'Supply and return are crossed.' : 'One is side by side, the other one above the other.',
    next: { say: 'Look at both from the yard once more before anything is ordered.' },
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
      claim: 'Order the unit variant with its duct sides the other way.',
      because: 'No sheet metal is needed then.',
      source: 'maker’s variants',
    };
  }
  if (!boxNeeded(p)) {
    const below = p.supplyOdIn + REROUTE_CLEAR_IN;
    return {
      id: 'crossing',
      verdict: 'good',
      claim: 'Lead one duct round below.',
      because: `${p.clearBelowIn} in clear, ${below} in needed.`,
      source: 'duct diameter + 6 in: common practice',
    };
  }
  const box = crossoverBox({ boxAIn: p.box.aIn, boxBIn: p.box.bIn, supplyOdIn: p.supplyOdIn, cfm: p.cfm });
  if (!box.ok)
    return {
      id: 'crossing',
      verdict: 'look-again',
      claim: 'The supply duct fills the crossover box.',
      because: box.refused.message,
      source: 'geometry',
      next: { say: 'Make the box larger across the duct.' },
    };
  const { openIn2, fpm, holds } = box.value;
  return {
    id: 'crossing',
    verdict: holds ? 'good' : 'look-again',
    claim: holds ? 'A crossover box does it.' : 'The crossover box is too small.',
    because: `${openIn2.toFixed(0)} in² left open: ${fpm.toFixed(0)} fpm against 700.`,
    source: 'conservation of flow; 700 fpm common practice',
    next: {
      say: holds
        ? 'Seal and insulate the inner joints, insulate and weatherproof the box, give it an access panel.'
        : 'Make the box larger, or cross with a smaller duct.',
    },
    miss: fpm / 700,
  };
}

function level(p: Packaged): Finding {
  const offset = p.standIn + p.unitOpeningIn - p.houseOpeningIn;
  const slope = (Math.atan(Math.abs(offset) / p.gapToWallIn) * 180) / Math.PI;
  const way = `${Math.abs(offset).toFixed(1)} in ${offset > 0 ? 'above' : 'below'} the house’s, over ${p.gapToWallIn} in`;
  return {
    id: 'opening-level',
    verdict: slope > 20 ? 'look-again' : 'good',
    claim:
      Math.abs(offset) < 0.5
        ? 'Openings are level with the stand counted.'
        : `With the stand the unit’s openings lie ${way}.`,
    because: `${slope.toFixed(0)}° of slope; 20° is where air lets go of the side.`,
    source: 'geometry; 20° common practice',
    next: slope > 20 ? { say: 'Make offset transitions, move the unit out, or change the stand.' } : undefined,
    miss: slope / 20,
  };
}

function drain(p: Packaged): Finding {
  const fall = p.standIn + p.unitDrainIn - p.drainInletIn;
  return {
    id: 'unit-drain',
    verdict: fall > 0 ? 'good' : 'look-again',
    claim: fall > 0 ? `The drain falls ${fall.toFixed(1)} in to its inlet.` : 'The drain would have to run uphill.',
    because: 'The stand lifts the unit’s drain with it.',
    source: 'geometry',
    next: fall > 0 ? undefined : { say: 'Raise the stand, lower the inlet, or fit a pump.' },
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
        ? `Hood: ${fallIn} in of fall over ${p.hoodRunIn} in, away from the wall.`
        : 'No rain hood measured.',
    because: `Half an inch a foot, rounded up to 1/8; never under ${HOOD_LEAST_IN_PER_FT} in/ft. Upper flange under the siding.`,
    source: 'common practice',
    next: p.hoodRunIn > 0 ? undefined : { say: 'Measure from the wall to the unit’s outer edge.' },
  };
}
