import type { Db } from '@/server/db/pool';
import { Problem } from '@/server/errors/problem';
import { tell } from '@/server/words/tell';
import { type PictureSize, type Shelf, shelfKey } from './shelf';

type Bytes = { image: Buffer; thumbnail: Buffer };
type Named = { companyId: string; id: string; contentHash: string };

/** The bytes of pictures: in the database, or on a shelf outside of it. What the row holds wins: it may not have been moved yet. */
export class Pictures {
  constructor(
    readonly shelf?: Shelf,
    private readonly say: (line: string) => void = () => undefined,
  ) {}

  /**
   * Puts a picture on the shelf, and says what its row holds then. Before the row is written: a picture without a row is
   * never seen, a row without its picture would be a promise not kept.
   * @throws Problem `no-pictures` when the shelf does not answer.
   */
  async keep(named: Named, bytes: Bytes): Promise<{ image: Buffer | null; thumbnail: Buffer | null }> {
    const { shelf } = this;
    if (!shelf) return bytes;
    await this.asked(async () => {
      await Promise.all([
        shelf.put(shelfKey(named, 'image'), bytes.image),
        shelf.put(shelfKey(named, 'thumbnail'), bytes.thumbnail),
      ]);
    });
    return { image: null, thumbnail: null };
  }

  /** One picture of a company; undefined: there is none of this id. */
  async read(db: Db, companyId: string, id: string, size: PictureSize): Promise<Buffer | undefined> {
    const row = await db.one<{ contentHash: string; data: Buffer | null }>(
      `select content_hash as contentHash, ${size} as data from photos where company_id = :companyId and id = :id`,
      { companyId, id },
    );
    return row && (row.data ?? this.fromShelf({ companyId, id, contentHash: row.contentHash }, size));
  }

  /** Both sizes of every picture of a job, by id. */
  async ofJob(db: Db, key: { companyId: string; jobId: string }): Promise<({ id: string } & Bytes)[]> {
    const rows = await db.rows<{ id: string; contentHash: string; image: Buffer | null; thumbnail: Buffer | null }>(
      'select id, content_hash as contentHash, image, thumbnail from photos where company_id = :companyId and job_id = :jobId order by id',
      key,
    );
    const kept: ({ id: string } & Bytes)[] = [];
    for (const { id, contentHash, image, thumbnail } of rows) {
      const named = { companyId: key.companyId, id, contentHash };
      kept.push({
        id,
        image: image ?? (await this.fromShelf(named, 'image')),
        thumbnail: thumbnail ?? (await this.fromShelf(named, 'thumbnail')),
      });
    }
    return kept;
  }

  private async fromShelf(named: Named, size: PictureSize): Promise<Buffer> {
    const key = shelfKey(named, size);
    const data = await this.asked(async () => this.shelf?.get(key));
    if (data) return data;
    this.say(
      `The picture ${key} is not ${this.shelf ? `on ${this.shelf.name}` : 'here, and MB_PICTURES names no shelf'}.`,
    );
    throw missing();
  }

  private async asked<T>(work: () => Promise<T>): Promise<T> {
    try {
      return await work();
    } catch (error) {
      this.say(`${this.shelf?.name} does not answer: ${(error as Error).message}`);
      throw missing();
    }
  }
}

const missing = (): Problem => new Problem('no-pictures', { message: tell('server.pictures-out-of-reach') });
