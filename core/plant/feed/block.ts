/** Samples as columns: the stored and the streamed form. */
export type SampleBlock = { runSeconds: number[]; values: Record<string, (number | null)[]> };
export type StoredEvent = { runSeconds: number; kind: string; [more: string]: unknown };

export function rowsOfBlock(block: SampleBlock): { runSeconds: number; values: Record<string, number | null> }[] {
  const names = Object.keys(block.values);
  return block.runSeconds.map((runSeconds, i) => ({
    runSeconds,
    values: Object.fromEntries(names.map((name) => [name, block.values[name]![i] ?? null])),
  }));
}

/** Puts later samples behind earlier ones. */
export function appendBlock(to: SampleBlock, from: SampleBlock): void {
  to.runSeconds.push(...from.runSeconds);
  for (const [name, values] of Object.entries(from.values)) {
    const column = to.values[name];
    if (column) column.push(...values);
    else to.values[name] = [...values];
  }
}
