/** A brake bends this wide before a shop says otherwise (common practice), in. */
export const BRAKE_IN = 48;
/** Two halves of a split overlap by this in all (common practice), in. */
export const SPLIT_LAP_IN = 1.5;

/** A bend that is too long for the brake: how many pieces, and how wide each is with its share of the laps. */
export type Split = { pieces: number; eachIn: number };

/**
 * How a long bend is made on a short brake: pieces with a standing seam, the lap downhill where water runs.
 *
 * @param bendIn · @param brakeIn what the brake takes · @returns undefined where it fits
 * @example splitForBrake(58) // two pieces of 29.75 in
 */
export function splitForBrake(bendIn: number, brakeIn = BRAKE_IN): Split | undefined {
  if (bendIn <= brakeIn) return undefined;
  const width = (pieces: number): number => (bendIn + (pieces - 1) * SPLIT_LAP_IN) / pieces;
  let pieces = 2;
  while (width(pieces) > brakeIn) pieces += 1;
  return { pieces, eachIn: width(pieces) };
}
