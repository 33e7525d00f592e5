import Papa from 'papaparse';
import { type Outcome, refuse } from '@/core/finding/outcome';
import { startWave } from '@/core/plant/clamp/start-wave';
import { type CurrentSample, type Inrush, readInrush } from '@/core/power/inrush-capture';
import { tell } from '@/web/words/tell';

export type Captured = { samples: readonly CurrentSample[]; inrush: Inrush };

/** The start read out of a CSV of seconds and amps: two columns, a head or none; whatever else stands in it is refused by its row. */
export function inrushFromCsv(text: string): Outcome<Captured> {
  const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: true });
  const samples: CurrentSample[] = [];
  for (const [i, row] of data.entries()) {
    const [s, a] = row.slice(0, 2).map((x) => Number(x.trim()));
    if (Number.isFinite(s) && Number.isFinite(a) && row.length >= 2) samples.push([s!, a!]);
    else if (i > 0)
      return refuse('samples', tell('web.row-is-not-two-numbers', { row: i + 1 }), tell('web.seconds-and-amps'));
  }
  return captured(samples);
}

/** What the simulated clamp gives: a start at this share of the locked-rotor amps, softer with a starter; invented. */
export function simulatedStart(lraA: number, when: 'before' | 'after'): Outcome<Captured> {
  const soft = when === 'after';
  return captured(
    startWave({
      lockedA: lraA * (soft ? SOFT : HARD),
      runA: lraA * RUNS,
      startS: soft ? 0.42 : 0.24,
      forS: 0.8,
      offset: soft ? 0.1 : 0.6,
    }),
  );
}
const HARD = 0.85;
const SOFT = 0.3;
const RUNS = 0.14;

function captured(samples: readonly CurrentSample[]): Outcome<Captured> {
  const r = readInrush(samples);
  return r.ok ? { ok: true, value: { samples, inrush: r.value } } : r;
}
