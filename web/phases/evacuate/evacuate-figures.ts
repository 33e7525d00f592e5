import { evacuationView } from '@/core/phases/evacuate/view';
import { type OrderEvent, S_PER_MIN } from '@/core/phases/live/stream';
import { entriesOf } from '@/core/phases/log/circuit-log';
import { q, type Said, value } from '@/core/words/said';
import type { StripPoint } from '@/web/bench/strip/span';
import type { StripTest } from '@/web/bench/vacuum/VacuumStrip';
import type { EquippedView } from '@/web/phases/job-context';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import type { VacuumAnswer } from '@/web/workers/vacuum-analysis';

/** A fall slower than this a minute is told as standing still. */
export const STILL_PER_MIN = 0.01;

/** A hand-typed reading is drawn this far from the one before when nothing streams, by its own clock. */
export const MS_PER_MIN = 60_000;

const WORDS: Record<string, Said> = {
  pump: value('pump'),
  sweep: tell('web.n-sweep'),
  break: value('broken'),
  oil: value('oil'),
};

/** What was done to the pump and the vacuum, as marks on the strip. */
export const marksOf = (orders: readonly OrderEvent[]): { minute: number; word: string }[] =>
  orders.filter((o) => o.order in WORDS).map((o) => ({ minute: o.runSeconds / S_PER_MIN, word: say(WORDS[o.order]) }));

export function figureNote(answer: VacuumAnswer | undefined, stage: string, running: boolean): string | undefined {
  if (!running) return t('web.not-streaming');
  const p = answer?.progress;
  if (stage === 'standing' && answer?.standing) {
    const { lateMicronsPerMin } = answer.standing.result;
    const rate = lateMicronsPerMin === undefined ? tell('web.too-early-to-say') : q(lateMicronsPerMin, 'micronsPerMin');
    return t('web.standing-rate', { rate });
  }
  if (p?.gasLoadMicronCfm !== undefined && p.fallPerMin !== undefined)
    return p.fallPerMin < STILL_PER_MIN
      ? t('web.stands-still')
      : t('web.falls-minute', { x: (100 * (1 - Math.exp(-p.fallPerMin))).toFixed(0) });
  return undefined;
}

export function testsOf(
  { sheet }: EquippedView,
  answer: VacuumAnswer | undefined,
  isolatedS: number | null,
  runId: string | undefined,
): StripTest[] {
  const words = {
    tight: say(value('tight')),
    leak: say(value('leak')),
    moisture: say(value('moisture')),
    inconclusive: t('web.nothing-certain'),
  } as const;
  const verdicts = { tight: 'good', leak: 'look-again', moisture: 'look-again', inconclusive: 'not-proven' } as const;
  const view = evacuationView(sheet);
  const done = entriesOf(sheet.circuitLog, 'standing')
    .filter((e) => e.body.runId !== null && e.body.runId === runId && e.body.fromS !== null)
    .map((e): StripTest => {
      const fromMin = (e.body.fromS ?? 0) / S_PER_MIN;
      const kind = view.standing?.entry.id === e.id ? view.standing.result.classification : 'inconclusive';
      return { fromMin, toMin: (e.body.toS ?? 0) / S_PER_MIN, fit: [], verdict: verdicts[kind], word: words[kind] };
    });
  if (isolatedS === null) return done;
  const fromMin = isolatedS / S_PER_MIN;
  const fit = answer?.standing?.fit ?? [];
  return [
    ...done,
    { fromMin, toMin: fit.at(-1)?.[0] ?? fromMin, fit, verdict: 'not-proven', word: say(value('standing')) },
  ];
}

/** Readings typed one by one stand on the clock of their entries. */
export function typedPoints({ sheet }: EquippedView): StripPoint[] {
  const standing = entriesOf(sheet.circuitLog, 'standing').at(-1);
  if (standing && standing.source === 'typed') return standing.body.samples;
  const list = entriesOf(sheet.circuitLog, 'microns');
  const start = list[0] ? Date.parse(list[0].at) : 0;
  return list.map((e): StripPoint => [(Date.parse(e.at) - start) / MS_PER_MIN, e.body.microns]);
}
