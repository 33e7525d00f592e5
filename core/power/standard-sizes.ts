/** Standard sizes of breakers and fuses (NEC 240.6(A), edition not checked), A. */
export const STANDARD_OCPD_A = [
  ...[15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200, 225, 250, 300, 350, 400, 450],
  ...[500, 600],
] as const;

/** Sums like 1.75 × 16.4 + 1.3 are 29.999… in floating point: without this the size below would be chosen, A. */
const ROUNDING_A = 1e-6;

/** The largest standard size at or below; the smallest there is where none is. */
export const sizeAtMost = (amps: number): number =>
  STANDARD_OCPD_A.findLast((size) => size <= amps + ROUNDING_A) ?? STANDARD_OCPD_A[0];

/** The smallest standard size at or above; undefined past the largest. */
export const sizeAtLeast = (amps: number): number | undefined =>
  STANDARD_OCPD_A.find((size) => size >= amps - ROUNDING_A);
