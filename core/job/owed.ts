import type { Finding, Owed } from '@/core/finding/finding';

export const OWED_WORDS: Record<Owed['proof'], string> = {
  'cooling-charge': 'Check of the charge in cooling',
  'maker-test-mode': 'Check of the charge in the maker’s test mode',
  airflow: 'Proof of the airflow',
};

/** Months in which the season of a proof has come (design default): warm from May to September, cold from November to February. */
const MONTHS: Record<'warm' | 'cold', readonly number[]> = { warm: [5, 6, 7, 8, 9], cold: [11, 12, 1, 2] };
/** Where the season is already there, or any will do, the visit is due this much later (design default), days. */
const SOON_DAYS = 14;
const MONTH_NAMES = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];
const MS_PER_DAY = 86_400_000;

/** The first day on which a proof can be made: of its season, else soon. Days as YYYY-MM-DD. */
export function dueOn(owed: Owed, from: string): string {
  const [year, month] = from.split('-').map(Number) as [number, number];
  if (owed.season === 'any' || MONTHS[owed.season].includes(month))
    return new Date(Date.parse(from) + SOON_DAYS * MS_PER_DAY).toISOString().slice(0, 10);
  const first = MONTHS[owed.season][0]!;
  return `${month < first ? year : year + 1}-${String(first).padStart(2, '0')}-01`;
}

/** The day on which something was read, else the day of the job: from it an owed visit is counted. */
export const readOn = (measurements: readonly { occurredAt: string }[] | undefined, otherwise: string): string =>
  measurements
    ?.map((m) => m.occurredAt.slice(0, 10))
    .sort()
    .at(-1) ?? otherwise;

export type OwedTask = { proof: Owed['proof']; say: string; dueOn: string; because: string };

/** Proofs that a start-up leaves open, each once, with the day from which they can be made. */
export function owedTasks(findings: readonly Finding[], on: string): OwedTask[] {
  const seen = new Set<string>();
  return findings.flatMap((f) => {
    if (!f.owed || seen.has(f.owed.proof)) return [];
    seen.add(f.owed.proof);
    const due = dueOn(f.owed, on);
    const month = MONTH_NAMES[Number(due.slice(5, 7)) - 1]!;
    const when = f.owed.season === 'any' ? `by ${due}` : `from ${month} ${due.slice(0, 4)}`;
    return [{ proof: f.owed.proof, say: `${OWED_WORDS[f.owed.proof]}, owed ${when}`, dueOn: due, because: f.claim }];
  });
}
