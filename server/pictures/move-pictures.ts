import { createHash } from 'node:crypto';
import type { Database } from '@/server/db/pool';
import type { Pictures } from './pictures';
import { shelfKey } from './shelf';

type Row = { companyId: string; id: string; contentHash: string; image: Buffer; thumbnail: Buffer };
/** Looked for at once: some hundred megabytes of pictures never lie in memory. */
const AT_ONCE = 8;

/**
 * Moves what lies in the database to the shelf, a few at a time, while everything else goes on; several servers may. A row
 * lets go of its bytes only when the shelf gave the same ones back.
 * @returns how many were moved.
 */
export async function movePictures(database: Database, pictures: Pictures): Promise<number> {
  const { shelf } = pictures;
  if (!shelf) return 0;
  let moved = 0;
  let after = '';
  for (;;) {
    const rows = await database.rows<Row>(
      `select company_id as companyId, id, content_hash as contentHash, image, thumbnail from photos
       where id > :after and image is not null order by id limit ${AT_ONCE}`,
      { after },
    );
    if (!rows.length) return moved;
    for (const row of rows) {
      await pictures.keep(row, row);
      const back = await shelf.get(shelfKey(row, 'image'));
      if (
        !back ||
        createHash('sha256').update(back).digest('hex') !== createHash('sha256').update(row.image).digest('hex')
      )
        throw new Error(`${shelf.name} gave another picture back than it was given: ${row.id}`);
      await database.run('update photos set image = null, thumbnail = null where id = :id', { id: row.id });
      moved += 1;
    }
    after = rows.at(-1)!.id;
  }
}
