import { scopeOf } from '@/core/phases/scope/view';
import type { Database } from '@/server/db/pool';
import type { JobAt } from '@/server/features/jobs/job-at';
import { sheetFor } from '@/server/features/jobs/jobs-service';
import { libraryStore } from '@/server/features/library/library-store';
import type { Person } from '@/server/features/people/people-store';
import { writeDemoEntry } from './write-entry';

/** The demo job that is offered in three ways. */
export const OFFERED_JOB = 2149;

const OPTIONS: readonly { name: string; why: string; advised: boolean; outdoor?: string }[] = [
  { name: 'What must be done', why: '', advised: false },
  { name: 'As we advise', why: 'Ducts and filter let the new unit breathe; quieter in the landing.', advised: true },
  {
    name: 'Inverter, as we advise',
    why: 'Holds the house at night without starting and stopping.',
    advised: true,
    outdoor: 'OHP-36V',
  },
];

/** Keeps the options of a demo job: nothing of its scope is decided by it. */
export async function loadOffer(database: Database, lead: Person, at: JobAt): Promise<void> {
  const sheet = await sheetFor(database, lead, at);
  const library = await libraryStore.list(database, lead.companyId);
  for (const { name, why, advised, outdoor } of OPTIONS) {
    const items = Object.fromEntries(
      scopeOf(sheet)
        .items.filter((i) => !i.safety)
        .map((i) => [i.id, i.level === 'must' || (advised && i.level === 'should') ? 'in' : 'out']),
    );
    const other = library.find((i) => i.model === outdoor)?.id;
    const choice = { ...sheet.scope.choice, ...(other ? { outdoorId: other } : {}) };
    await writeDemoEntry(
      database,
      lead,
      at,
      { kind: 'offer-option', body: { name, why, choice, items } },
      new Date(Date.now() - 3_600_000),
    );
  }
}
