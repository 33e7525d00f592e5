/**
 * Where a condition turns from true to false between two ends, by halving.
 *
 * @param below true at `low` and up to the place looked for, false from there to `high`
 * @param steps halvings: the answer lies within (high − low) / 2^steps of it
 * @returns both sides of the place: the last value that is below, the first that is not, and their middle
 */
export function bisect(
  below: (x: number) => boolean,
  low: number,
  high: number,
  steps = 60,
): { below: number; above: number; middle: number } {
  let a = low;
  let b = high;
  for (let k = 0; k < steps; k++) {
    const middle = (a + b) / 2;
    if (below(middle)) a = middle;
    else b = middle;
  }
  return { below: a, above: b, middle: (a + b) / 2 };
}
