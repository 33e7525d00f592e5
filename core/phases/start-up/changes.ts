import { movementsOf } from '@/core/job/movements';
import type { EquippedSheet } from '@/core/job/sheet';
import type { FigureId } from '@/core/startup/figure';
import { deriveFigures } from '@/core/startup/figures';
import { figuresOf } from '@/core/startup/heating-figures';
import { q, type Said } from '@/core/words/said';
import { CORRECTIONS } from './bench-entries';
import { correctionsOf, doneAt } from './corrections';
import { readingsOfRound, roundsOf } from './rounds';
import { airflowOf, startUpSystem } from './system';
import { tell } from './words';

/** What shows whether a change did what it was for. */
const SHOWN = [
  'superheat',
  'subcooling',
  'air-split',
  'condensing-over-ambient',
  'compressor-amps',
  'heating-rise',
] as const satisfies FigureId[];

export type ChangedFigure = { label: Said; unit: string; before?: number; after?: number };
/** One change of the running system with the rounds on both sides of it. */
export type Change = { id: string; at: string; what: Said; by: string; figures: ChangedFigure[] };

/**
 * Everything that was changed on the running system, oldest first: refrigerant moved, something put right; with the last round
 * before it and the last one before the next change. A side that nobody read has no figure.
 */
export function changesOf(sheet: EquippedSheet): Change[] {
  const mode = sheet.job.mode;
  const rounds = roundsOf(sheet, mode);
  const marks = [
    ...movementsOf(sheet.measurements)
      .filter((m) => m.phase === 'start-up')
      .map((m) => ({
        id: m.id,
        at: m.occurredAt,
        by: m.person,
        what: tell(m.oz >= 0 ? 'job.oz-added' : 'job.oz-recovered', { oz: q(Math.abs(m.oz), 'oz') }),
      })),
    ...correctionsOf(sheet).map((e) => ({ id: e.id, at: doneAt(e), by: e.by, what: CORRECTIONS[e.body.what] })),
  ].sort((a, b) => a.at.localeCompare(b.at));
  const system = startUpSystem(sheet);
  const airflow = airflowOf(sheet, undefined, mode);
  const figures = (round: (typeof rounds)[number] | undefined) =>
    round && figuresOf(deriveFigures(system, readingsOfRound(round.measurements), airflow, sheet.schools), mode).byId;
  return marks.map((mark, i) => {
    const before = figures(rounds.findLast((r) => r.at <= mark.at && r.at > (marks[i - 1]?.at ?? '')));
    const after = figures(rounds.findLast((r) => r.at > mark.at && r.at <= (marks[i + 1]?.at ?? '9')));
    return {
      ...mark,
      figures: SHOWN.flatMap((id): ChangedFigure[] => {
        const [a, b] = [before?.[id], after?.[id]];
        const shown = a ?? b;
        if (!shown || shown.idle || (a?.value === undefined && b?.value === undefined)) return [];
        return [
          {
            label: shown.label,
            unit: shown.unit,
            ...(a?.value === undefined ? {} : { before: a.value }),
            ...(b?.value === undefined ? {} : { after: b.value }),
          },
        ];
      }),
    };
  });
}
