import {
  type LibraryFields,
  type LibraryItem,
  libraryItemSchema,
  type MatchedPair,
} from '@/core/equipment/library-item';
import type { Db } from '@/server/db/pool';

type Row = { id: string; version: number; fields: LibraryFields };
/** The same figures; what says nothing and what is not there at all are one. */
const same = (a: object | undefined, b: object): boolean =>
  JSON.stringify(a, (_, v) => v ?? undefined) === JSON.stringify(b, (_, v) => v ?? undefined);
const item = (r: Row): LibraryItem => ({ ...r.fields, id: r.id, version: r.version });

export const libraryStore = {
  async list(db: Db, companyId: string): Promise<LibraryItem[]> {
    const rows = await db.rows<Row>(
      'select id, version, fields from library_items where company_id = :companyId and own = 1 order by kind, maker, tons, model',
      { companyId },
    );
    return rows.map(item);
  },

  async byId(db: Db, companyId: string, id: string): Promise<LibraryItem | undefined> {
    const row = await db.one<Row>(
      'select id, version, fields from library_items where company_id = :companyId and id = :id',
      { companyId, id },
    );
    return row && item(row);
  },

  /**
   * Adds a model, or brings the one of the same maker and name up to date. With a version one that is there is put right, its
   * name too: `stale` where somebody changed it meanwhile, `taken` where another has that name.
   */
  async put(
    db: Db,
    companyId: string,
    { id, fields, version }: { id: string; fields: LibraryFields; version?: number | undefined },
  ): Promise<'added' | 'updated' | 'unchanged' | 'stale' | 'taken'> {
    const values = {
      id,
      companyId,
      kind: fields.kind,
      maker: fields.maker,
      model: fields.model,
      tons: fields.tons,
      refrigerant: fields.refrigerant,
      json: JSON.stringify(fields),
      now: new Date(),
    };
    const there = await db.one<{ id: string; fields: LibraryFields }>(
      'select id, fields from library_items where company_id = :companyId and own = 1 and kind = :kind and maker = :maker and model = :model for update',
      values,
    );
    if (version !== undefined) {
      if (there && there.id !== id) return 'taken';
      const done = await db.changed(
        `update library_items set maker = :maker, model = :model, tons = :tons, refrigerant = :refrigerant, fields = :json,
           version = version + 1, updated_at = :now
         where company_id = :companyId and own = 1 and id = :id and kind = :kind and version = :version`,
        { ...values, version },
      );
      return done ? 'updated' : 'stale';
    }
    if (!there) {
      await db.run(
        `insert into library_items (id, company_id, kind, maker, model, tons, refrigerant, fields, updated_at)
         values (:id, :companyId, :kind, :maker, :model, :tons, :refrigerant, :json, :now)`,
        values,
      );
      return 'added';
    }
    if (same(libraryItemSchema.safeParse(there.fields).data, fields)) return 'unchanged';
    await db.run(
      `update library_items set tons = :tons, refrigerant = :refrigerant, fields = :json, version = version + 1, updated_at = :now
       where company_id = :companyId and own = 1 and kind = :kind and maker = :maker and model = :model`,
      values,
    );
    return 'updated';
  },

  async ownerOf(db: Db, id: string): Promise<string | undefined> {
    const row = await db.one<{ companyId: string }>(
      'select company_id as companyId from library_items where id = :id',
      { id },
    );
    return row?.companyId;
  },

  pairs: (db: Db, companyId: string): Promise<MatchedPair[]> =>
    db.rows<MatchedPair>(
      `select outdoor_model as outdoorModel, indoor_model as indoorModel, reference, cooling_btuh as coolingBtuh
       from matched_pairs where company_id = :companyId order by outdoor_model, indoor_model`,
      { companyId },
    ),

  async putPair(db: Db, companyId: string, pair: MatchedPair): Promise<void> {
    await db.run(
      `insert into matched_pairs (company_id, outdoor_model, indoor_model, reference, cooling_btuh, updated_at)
       values (:companyId, :outdoorModel, :indoorModel, :reference, :coolingBtuh, :now)
       on duplicate key update reference = values(reference), cooling_btuh = values(cooling_btuh), updated_at = values(updated_at)`,
      { companyId, ...pair, now: new Date() },
    );
  },

  async pairListed(db: Db, companyId: string, outdoorModel: string, indoorModel: string): Promise<boolean> {
    const rows = await db.rows(
      'select 1 from matched_pairs where company_id = :companyId and outdoor_model = :outdoorModel and indoor_model = :indoorModel',
      {
        companyId,
        outdoorModel,
        indoorModel,
      },
    );
    return rows.length > 0;
  },
};
