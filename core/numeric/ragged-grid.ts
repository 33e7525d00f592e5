/** A point of a table and what stands there. */
export type GridPoint = { at: readonly number[]; value: number };

/** Outside the table: on which axis, and where the table lies on it. */
export type Outside = { axis: number; low: number; high: number };
export type OnGrid = { ok: true; value: number } | { ok: false; outside: Outside };

/**
 * Interpolates linearly axis by axis over a table whose lines need not be equally long: between two neighboring values of
 * the first axis stand two smaller tables, each of which is read in the same way at the remaining axes.
 *
 * Exact at every point of the table; never extrapolates. Where one of the two neighbors does not reach the place asked for,
 * the place is outside. `snap` is the share by which a value may lie beyond either end of an axis and still count as that end (zero: exact).
 */
export function onRaggedGrid(
  points: readonly GridPoint[],
  at: readonly number[],
  snap: readonly number[] = [],
): OnGrid {
  return read(points, at, snap, 0);
}

function read(points: readonly GridPoint[], at: readonly number[], snap: readonly number[], axis: number): OnGrid {
  if (axis === at.length) return { ok: true, value: points[0]!.value };
  const stops = [...new Set(points.map((p) => p.at[axis]!))].sort((a, b) => a - b);
  const low = stops[0]!;
  const high = stops.at(-1)!;
  const slack = snap[axis] ?? 0;
  const asked = at[axis]!;
  if (asked < low - slack * Math.abs(low) || asked > high + slack * Math.abs(high))
    return { ok: false, outside: { axis, low, high } };
  const x = Math.min(high, Math.max(low, asked));
  const next = stops.findIndex((s) => s >= x);
  const right = stops[next]!;
  const there = read(
    points.filter((p) => p.at[axis] === right),
    at,
    snap,
    axis + 1,
  );
  if (right === x || !there.ok) return there;
  const left = stops[next - 1]!;
  const here = read(
    points.filter((p) => p.at[axis] === left),
    at,
    snap,
    axis + 1,
  );
  if (!here.ok) return here;
  return { ok: true, value: here.value + ((there.value - here.value) * (x - left)) / (right - left) };
}
