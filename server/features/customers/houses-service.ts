import type { Brought } from '@/contract/lists';
import type { HouseRow } from '@/core/job/house-csv';
import { audit } from '@/server/audit';
import { lockCompany } from '@/server/db/lock-company';
import type { Database } from '@/server/db/pool';
import { companyStore } from '@/server/features/company/company-store';
import type { Person } from '@/server/features/people/people-store';
import { housesStore } from './houses-store';

/**
 * Rows of a list into customers, houses and systems. A house that is there (same customer, address and town) stays as it is,
 * its jobs rest on it; a system it does not have yet is added to it. The same list twice changes nothing.
 */
export async function bringHouses(database: Database, person: Person, houses: readonly HouseRow[]): Promise<Brought> {
  const counts = { added: 0, updated: 0, unchanged: 0 };
  await database.transaction(async (db) => {
    // Two lists at once would each add the same house.
    await lockCompany(db, person.companyId);
    const { customerLanguage } = await companyStore.read(db, person.companyId);
    for (const given of houses) {
      const row = { ...given, language: given.language ?? customerLanguage };
      const there = await housesStore.siteOf(db, person.companyId, row);
      const siteId = there ?? (await housesStore.addSite(db, person.companyId, row));
      const system =
        row.systemName !== null && (await housesStore.addSystem(db, person.companyId, siteId, row.systemName));
      counts[!there ? 'added' : system ? 'updated' : 'unchanged'] += 1;
    }
    await audit(db, person, null, 'customers brought', counts);
  });
  return counts;
}
