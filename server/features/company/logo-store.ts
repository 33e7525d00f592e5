import { now } from '@/server/clock';
import type { Db } from '@/server/db/pool';

/** The picture at the head of a company's papers. */
export const logoStore = {
  async read(db: Db, companyId: string): Promise<Buffer | undefined> {
    const [row] = await db.rows<{ image: Buffer }>('select image from company_logos where company_id = :companyId', {
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

  async remove(db: Db, companyId: string): Promise<boolean> {
    const done = await db.run('delete from company_logos where company_id = :companyId', { companyId });
    return done.affectedRows > 0;
  },
};
