import type { Finding } from '@/core/finding/finding';
import type { SheetWith } from '@/core/job/sheet';
import { type EntryOf, entriesOf } from '@/core/phases/log/circuit-log';
import type { TypedRound } from '@/core/startup/steady-from-repeats';
import { clock, q } from '@/core/words/said';
import { CORRECTIONS, MOVES_AIR } from './bench-entries';
import { ofCircuit } from './of-circuit';
import { MS_PER_MIN } from './rounds';
import { tell } from './words';

type Written = SheetWith<'circuit' | 'systemLog'>;
type Corrected = EntryOf<'correction'>;

/** When it was done, not when it was written down. */
export const doneAt = (e: Corrected): string => e.body.readAt ?? e.at;

/** What was put right on this circuit, by when it was done. */
export const correctionsOf = (sheet: Written): Corrected[] =>
  ofCircuit(sheet, 'correction').sort((a, b) => doneAt(a).localeCompare(doneAt(b)));

/** A reading is taken so long after something was put right (common practice), min; a washed coil dries longer. */
const SETTLES_MIN = 10;
const DRIES_MIN = 15;

/** When the air was last changed by hand: what was measured of it before says nothing now. */
export function airChangedAt(sheet: SheetWith<'systemLog'>): string {
  // A filter or a register is of the system, whichever of its circuits it was written down under.
  const air = entriesOf(sheet.systemLog, 'correction').filter((e) => MOVES_AIR.has(e.body.what));
  return air.map(doneAt).sort().at(-1) ?? '';
}

/** Something was put right after the reading that is judged: it says nothing of the system as it is now. */
export function unreadFinding(sheet: Written, readAt: string | undefined): Finding[] {
  const last = correctionsOf(sheet).at(-1);
  if (!last || readAt === undefined || readAt > doneAt(last)) return [];
  const wait = last.body.what === 'outdoor coil washed' ? DRIES_MIN : SETTLES_MIN;
  return [
    {
      id: 'correction-unread',
      step: 'steady',
      verdict: 'not-proven',
      claim: tell('job.put-right-and-not-read-since', { what: CORRECTIONS[last.body.what], at: clock(doneAt(last)) }),
      because: tell('job.reading-is-of-before'),
      source: tell('job.common-practice'),
      confidence: 'high',
      miss: 2,
      next: {
        say: tell('job.let-it-settle-then-read', { wait: q(wait, 'min', 'as is') }),
        because: tell('job.reading-is-of-before'),
        action: { kind: 'enter-reading', quantity: 'suctionPsig' },
        waitMin: wait,
      },
    },
  ];
}

/** Typed rounds since the system was last changed by hand: two on both sides of it do not show that it is steady. */
export function sinceChange(sheet: Written, rounds: readonly TypedRound[]): TypedRound[] {
  const last = correctionsOf(sheet).at(-1);
  const fromMin = last ? Date.parse(doneAt(last)) / MS_PER_MIN : Number.NEGATIVE_INFINITY;
  return rounds.filter((r) => r.atMin > fromMin);
}
