import type { Company } from '@/contract/company';
import type { Db } from '@/server/db/pool';
import { forgetWho } from '@/server/who-memory';

export const companyStore = {
  async read(db: Db, companyId: string): Promise<Company> {
    const row = await db.one<Company>(
      'select name, time_zone as timeZone, customer_language as customerLanguage, version from companies where id = :companyId',
      { companyId },
    );
    return row!;
  },

  /** False when the version is stale. */
  async put(db: Db, companyId: string, { name, timeZone, customerLanguage, version }: Company): Promise<boolean> {
    const done = await db.changed(
      'update companies set name = :name, time_zone = :timeZone, customer_language = :customerLanguage, version = version + 1 where id = :companyId and version = :version',
      { companyId, name, timeZone, customerLanguage, version },
    );
    forgetWho(db);
    return done;
  },
};
