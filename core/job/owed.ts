import type { Finding, Owed } from '@/core/finding/finding';
import { tell } from '@/core/job/words';
import { dayAt, daysAfter } from '@/core/words/calendar';
import { day, month, type Said } from '@/core/words/said';

export const OWED_WORDS: Record<Owed['proof'], Said> = {
  'cooling-charge': tell('job.check-of-charge-in-cooling'),
  'maker-test-mode': tell('job.check-of-charge-in-makers-test'),
  airflow: tell('job.proof-of-airflow'),
  cooling: tell('job.proof-of-cooling'),
  'cooling-low': tell('job.proof-of-cooling-low'),
  heating: tell('job.proof-of-heating'),
  'heating-low': tell('job.proof-of-heating-low'),
  defrost: tell('job.proof-of-defrost'),
};

/** Months in which the season of a proof has come (design default): warm from May to September, cold from November to February. */
const MONTHS: Record<'warm' | 'cold', readonly number[]> = { warm: [5, 6, 7, 8, 9], cold: [11, 12, 1, 2] };
/** Where the season is already there, or any will do, the visit is due this much later (design default), days. */
const SOON_DAYS = 14;

/** The first day on which a proof can be made: of its season, else soon. Days as YYYY-MM-DD. */
export function dueOn(owed: Owed, from: string): string {
  const [year, month] = from.split('-').map(Number) as [number, number];
  if (owed.season === 'any' || MONTHS[owed.season].includes(month)) return daysAfter(from, SOON_DAYS);
  const first = MONTHS[owed.season][0]!;
  return `${month < first ? year : year + 1}-${String(first).padStart(2, '0')}-01`;
}

/** The day on which something was read, else the day of the job: from it an owed visit is counted. */
export const readOn = (
  measurements: readonly { occurredAt: string }[] | undefined,
  otherwise: string,
  timeZone: string,
): string =>
  measurements
    ?.map((m) => dayAt(m.occurredAt, timeZone))
    .sort()
    .at(-1) ?? otherwise;

export type OwedTask = { proof: Owed['proof']; say: Said; dueOn: string; because: Said };

/** Proofs that a start-up leaves open, each once, with the day from which they can be made. */
export function owedTasks(findings: readonly Finding[], on: string): OwedTask[] {
  const seen = new Set<string>();
  return findings.flatMap((f) => {
    if (!f.owed || seen.has(f.owed.proof)) return [];
    seen.add(f.owed.proof);
    const due = dueOn(f.owed, on);
    return [
      {
        proof: f.owed.proof,
        say: tell(f.owed.season === 'any' ? 'job.owed-by' : 'job.owed-from', {
          proof: OWED_WORDS[f.owed.proof],
          due: f.owed.season === 'any' ? day(due) : month(due),
        }),
        dueOn: due,
        because: f.claim,
      },
    ];
  });
}
