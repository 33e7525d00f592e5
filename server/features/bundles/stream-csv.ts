import Papa from 'papaparse';
import type { SampleBlock } from '@/core/plant/feed/block';

const HEAD = ['seq', 't'] as const;

/** The readings of a run as CSV: the piece they were stored in, the run's seconds, a column a channel; an empty cell is no signal. */
export function streamCsv(chunks: readonly { seq: number; samples: SampleBlock }[]): string {
  const channels = [...new Set(chunks.flatMap((c) => Object.keys(c.samples.values)))];
  const rows = chunks.flatMap(({ seq, samples }) =>
    samples.runSeconds.map((t, i) => [seq, t, ...channels.map((c) => samples.values[c]?.[i] ?? null)]),
  );
  return Papa.unparse({ fields: [...HEAD, ...channels], data: rows }, { newline: '\r\n' });
}

/**
 * The same back again: the samples of one piece, with the channels that it had.
 *
 * @returns undefined where a cell is no number or a channel is not there
 */
export function samplesIn(csv: string): ((seq: number, channels: readonly string[]) => SampleBlock) | undefined {
  const { data, errors } = Papa.parse<string[]>(csv, { skipEmptyLines: true });
  const [head, ...rows] = data;
  if (errors.length || head?.[0] !== HEAD[0] || head[1] !== HEAD[1]) return undefined;
  const bad = rows.some((r) => r.length !== head.length || r.some((x) => x !== '' && !Number.isFinite(Number(x))));
  if (bad || rows.some((r) => r[0] === '' || r[1] === '')) return undefined;
  const bySeq = new Map<number, string[][]>();
  for (const r of rows) {
    const seq = Number(r[0]);
    const of = bySeq.get(seq);
    if (of) of.push(r);
    else bySeq.set(seq, [r]);
  }
  return (seq, channels) => {
    const of = bySeq.get(seq) ?? [];
    const column = (name: string) => {
      const at = head.indexOf(name);
      return of.map((r) => (at < 0 || r[at] === '' ? null : Number(r[at])));
    };
    return {
      runSeconds: of.map((r) => Number(r[1])),
      values: Object.fromEntries(channels.map((c) => [c, column(c)])),
    };
  };
}
