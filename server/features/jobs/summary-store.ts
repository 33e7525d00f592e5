import type { Db } from '@/server/db/pool';

/** A row of the lists as it is stored; what is told in words is text. */
export type SummaryRow = {
  jobId: string;
  circuitId: string | null;
  companyId: string;
  number: number;
  customer: string;
  address: string;
  system: string;
  leadName: string;
  scheduledFor: string;
  phase: string;
  state: string;
  mark: string;
  waitsFor: string;
  checkInDue: Date | null;
  owed: string;
  owedOn: string | null;
  searchText: string;
};

const COLUMNS = {
  job_id: 'jobId',
  circuit_id: 'circuitId',
  company_id: 'companyId',
  number: 'number',
  customer: 'customer',
  address: 'address',
  system: 'system',
  lead_name: 'leadName',
  scheduled_for: 'scheduledFor',
  phase: 'phase',
  state: 'state',
  mark: 'mark',
  waits_for: 'waitsFor',
  check_in_due: 'checkInDue',
  owed: 'owed',
  owed_on: 'owedOn',
  search_text: 'searchText',
} as const satisfies Record<string, keyof SummaryRow>;
const NAMES = Object.keys(COLUMNS);

// Put right in its place: a row that is taken out and put in again is also indexed again, every word of it.
const PUT = `insert into job_summary (${NAMES.join(', ')})
  values (${Object.values(COLUMNS)
    .map((field) => `:${field}`)
    .join(', ')})
  on duplicate key update ${NAMES.filter((n) => n !== 'job_id')
    .map((n) => `${n} = values(${n})`)
    .join(', ')}`;

export const summaryStore = {
  async put(db: Db, row: SummaryRow): Promise<void> {
    await db.later(PUT, row);
  },

  /** Whether this very row is stored. */
  async has(db: Db, row: SummaryRow): Promise<boolean> {
    const same = Object.entries(COLUMNS).map(([name, field]) =>
      name === 'waits_for' || name === 'system' || name === 'owed'
        ? `json_compact(${name}) = json_compact(:${field})`
        : `${name} <=> :${field}`,
    );
    return (await db.rows(`select 1 from job_summary where ${same.join(' and ')}`, row)).length === 1;
  },
};
