import { now } from '@/server/clock';
import type { Db } from '@/server/db/pool';

type Key = { companyId: string; itemId: string };

/** The page of the maker's book that a model's figures stand on, as a picture. */
export const pageStore = {
  /** Models that have one. */
  async list(db: Db, companyId: string): Promise<string[]> {
    const rows = await db.rows<{ itemId: string }>(
      'select item_id as itemId from model_pages where company_id = :companyId',
      { companyId },
    );
    return rows.map((r) => r.itemId);
  },

  async read(db: Db, key: Key): Promise<Buffer | undefined> {
    const row = await db.one<{ image: Buffer }>(
      'select image from model_pages where company_id = :companyId and item_id = :itemId',
      key,
    );
    return row?.image;
  },

  async put(db: Db, key: Key, page: { image: Buffer; contentHash: string }): Promise<void> {
    await db.run(
      `replace into model_pages (item_id, company_id, image, content_hash, updated_at)
       values (:itemId, :companyId, :image, :contentHash, :at)`,
      { ...key, image: page.image, contentHash: page.contentHash, at: now() },
    );
  },

  remove: (db: Db, key: Key): Promise<boolean> =>
    db.changed('delete from model_pages where company_id = :companyId and item_id = :itemId', key),
};
