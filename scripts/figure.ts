/** One figure of bench, soak or load: a JSON line. */
export function figure(what: string, value: number, unit: string): void {
  process.stdout.write(`${JSON.stringify({ what, value: Number(value.toPrecision(4)), unit })}\n`);
}

/** The value below which a share of them lies; 0 of nothing. */
export function quantileOf(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;
}
