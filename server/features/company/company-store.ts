import type { Language } from '@/core/words/render';
import type { Db } from '@/server/db/pool';

export type CompanyRow = { name: string; timeZone: string; customerLanguage: Language; version: number };

export const companyStore = {
  async read(db: Db, companyId: string): Promise<CompanyRow> {
    const [row] = await db.rows<CompanyRow>(
      'select name, time_zone as timeZone, customer_language as customerLanguage, version from companies where id = :companyId',
      { companyId },
    );
    return row!;
  },

  /** False when the version is stale. */
  async put(db: Db, companyId: string, { name, timeZone, customerLanguage, version }: CompanyRow): Promise<boolean> {
    const done = await db.run(
      'update companies set name = :name, time_zone = :timeZone, customer_language = :customerLanguage, version = version + 1 where id = :companyId and version = :version',
      { companyId, name, timeZone, customerLanguage, version },
    );
    return done.affectedRows === 1;
  },
};
