import { now } from '@/server/clock';
import type { Db } from '@/server/db/pool';

/** The picture at the head of a company's papers. */
export const logoStore = {
  async read(db: Db, companyId: string): Promise<Buffer | undefined> {
    const row = await db.one<{ image: Buffer }>('select image from company_logos where company_id = :companyId', {
      companyId,
    });
    return row?.image;
  },

  async put(db: Db, companyId: string, logo: { image: Buffer; contentHash: string }): Promise<void> {
    await db.run(
      `replace into company_logos (company_id, image, content_hash, updated_at)
       values (:companyId, :image, :contentHash, :at)`,
      { companyId, ...logo, at: now() },
    );
  },

  remove: (db: Db, companyId: string): Promise<boolean> =>
    db.changed('delete from company_logos where company_id = :companyId', { companyId }),
};
