export type LinePoint = readonly [minute: number, value: number];

/** At most this many points a line: a phone and a page of paper draw them without a stutter. */
const MOST_POINTS = 360;
/** Old samples are thinned to every tenth: only a wider hole than that, or a gap the run names, breaks a line. */
const THINNED_S = 15;

/**
 * Every so many samples of a run, the newest among them: enough for a line.
 *
 * @returns the samples, and how many stand for one of them
 */
export function thinned<T>(samples: readonly T[]): { thin: T[]; every: number } {
  const every = Math.max(1, Math.ceil(samples.length / MOST_POINTS));
  return { thin: samples.filter((_, i) => i % every === 0 || i === samples.length - 1), every };
}

/**
 * Values over minutes of a run, to a tenth, one line for each way of reading a sample. A gap in the stream is a gap in every line; what
 * was not read is left out.
 *
 * @param gaps seconds of the run before which nothing was read for a while · @param every how many samples one stands for
 */
export function runLines<T extends { runSeconds: number }>(
  samples: readonly T[],
  ways: readonly ((sample: T) => number | null | undefined)[],
  { gaps, every }: { gaps: readonly number[]; every: number },
): LinePoint[][][] {
  const lines: LinePoint[][][] = ways.map(() => [[]]);
  samples.forEach((s, i) => {
    const before = samples[i - 1]?.runSeconds;
    const broken =
      before !== undefined &&
      (s.runSeconds - before > THINNED_S * every || gaps.some((g) => g > before && g <= s.runSeconds));
    for (const [k, read] of ways.entries()) {
      if (broken) lines[k]!.push([]);
      const y = read(s);
      if (typeof y === 'number') lines[k]!.at(-1)!.push([s.runSeconds / 60, Math.round(y * 10) / 10]);
    }
  });
  return lines.map((pieces) => pieces.filter((p) => p.length > 0));
}
