import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { lengthField } from './face-through-opening';

const DEG = Math.PI / 180;
/** Angles are searched in steps of this, then the edges of the range refined. */
const STEP_DEG = 0.25;

export type HatchInput = {
  lengthIn: number;
  thicknessIn: number;
  openingIn: number;
  curbIn: number;
  headroomIn: number;
};

/** How much of the opening and of the headroom a tilted box takes; tilt 0 is straight up. */
function taken(i: HatchInput, deg: number): { opening: number; head: number } {
  const t = deg * DEG;
  return {
    opening: i.thicknessIn / Math.cos(t) + i.curbIn * Math.tan(t),
    head: i.lengthIn * Math.cos(t) + i.thicknessIn * Math.sin(t),
  };
}

const passesAt = (i: HatchInput, deg: number): boolean => {
  const { opening, head } = taken(i, deg);
  return opening <= i.openingIn + 1e-9 && head <= i.headroomIn + 1e-9;
};

/** The edge between an angle that passes and one that does not. */
function edge(i: HatchInput, passing: number, failing: number): number {
  let yes = passing;
  let no = failing;
  for (let k = 0; k < 40; k++) {
    const middle = (yes + no) / 2;
    if (passesAt(i, middle)) yes = middle;
    else no = middle;
  }
  return yes;
}

/** The widest range of tilt at which the box passes, or undefined. */
export function hatchRange(i: HatchInput): { fromDeg: number; toDeg: number } | undefined {
  let best: { fromDeg: number; toDeg: number } | undefined;
  let start: number | undefined;
  for (let deg = 0; deg < 90; deg += STEP_DEG) {
    const passes = passesAt(i, deg);
    if (passes && start === undefined) start = deg === 0 ? 0 : edge(i, deg, deg - STEP_DEG);
    if (start !== undefined && (!passes || deg + STEP_DEG >= 90)) {
      const end = passes ? deg : edge(i, deg - STEP_DEG, deg);
      if (!best || end - start > best.toDeg - best.fromDeg) best = { fromDeg: start, toDeg: end };
      start = undefined;
    }
  }
  return best;
}

/**
 * A long box through a hatch under a low roof: it must tilt enough for the roof and little enough for the opening.
 *
 * @param lengthIn, thicknessIn the box seen from the side · @param openingIn clear length of the hatch
 * @param curbIn depth of the hatch's frame, 0 to 60 · @param headroomIn above the hatch
 * @returns fits, and the range of tilt from upright at which it passes
 * @example hatchPass({ lengthIn: 49, thicknessIn: 21, openingIn: 30, curbIn: 8, headroomIn: 60 }) // 0 to 32.5°
 */
export const hatchPass = calculation({
  id: 'hatch-pass',
  title: 'Through a hatch under a low roof',
  what: 'Whether a unit can be tilted through a hatch when the roof above it is low, and at what angle.',
  formula: 'some θ with H/cosθ + t tanθ ≤ a and L cosθ + H sinθ ≤ h',
  source: 'plane geometry',
  notCovered:
    'Rafters and trusses in the way, and the third dimension: check the other face against the hatch’s width.',
  input: z.strictObject({
    lengthIn: lengthField,
    thicknessIn: lengthField,
    openingIn: lengthField,
    curbIn: num(0, 60, 'in'),
    headroomIn: lengthField,
  }),
  compute: (i) => {
    const range = hatchRange(i);
    return ok({ fits: range !== undefined, fromDeg: range?.fromDeg, toDeg: range?.toDeg });
  },
  example: {
    input: { lengthIn: 56, thicknessIn: 10, openingIn: 30, curbIn: 8, headroomIn: 48 },
    expected: { fits: true, fromDeg: 42.58, toDeg: 56.28 },
    tolerance: 0.06,
  },
});
