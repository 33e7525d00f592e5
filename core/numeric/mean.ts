export const mean = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0) / values.length;

/** The middle one, or the mean of the two in the middle. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length / 2;
  return sorted.length % 2 ? sorted[Math.floor(half)]! : (sorted[half - 1]! + sorted[half]!) / 2;
}
