import type { CylinderBody } from '@/contract/circuit';
import type { Cylinder, CylinderMovement } from '@/core/circuit/recovery/cylinder';
import type { Db } from '@/server/db/pool';

export type CylinderRow = Cylinder & { version: number };

const SELECT = `select c.id, c.tag, c.used_for as \`use\`, c.refrigerant, c.water_capacity_lb as waterCapacityLb, c.tare_oz as tareOz,
  c.rating_psig as ratingPsig, c.retest_on as retestOn, c.disposable, c.flammable_mark as flammableMark, c.dip_tube as dipTube,
  if(c.own is null, 'gone', c.state) as state, c.version, coalesce((select sum(m.oz) from cylinder_movements m where m.cylinder_id = c.id), 0) as contentsOz
  from cylinders c`;

/** Entries of a log that name a cylinder. */
export const NAMES_CYLINDER: ReadonlySet<string> = new Set(['cylinder-used', 'recovered']);

type Raw = Omit<CylinderRow, 'disposable' | 'flammableMark' | 'dipTube'> & {
  disposable: number;
  flammableMark: number;
  dipTube: number;
};

const cylinderOf = (row: Raw): CylinderRow => ({
  ...row,
  disposable: row.disposable === 1,
  flammableMark: row.flammableMark === 1,
  dipTube: row.dipTube === 1,
  contentsOz: Number(row.contentsOz),
});

/** What the survey of a movement's job says of a fact now: text, or nothing. */
const factOf = (fact: 'outdoorModel' | 'outdoorSerial'): string =>
  `(select json_value(o.value, '$') from observations o where o.company_id = m.company_id and o.job_id = m.job_id
        and o.fact = '${fact}' order by o.seq desc limit 1)`;

export type LedgerRow = CylinderMovement & {
  source: string;
  recipient: string | null;
  tag: string;
  customer: string | null;
  address: string | null;
  model: string | null;
  serial: string | null;
};

export type FoundMovement = {
  companyId: string;
  cylinderId: string;
  oz: number;
  grossOz: number | null;
  kind: string;
  refrigerant: string | null;
  jobId: string | null;
};

export const cylindersStore = {
  async list(db: Db, companyId: string): Promise<CylinderRow[]> {
    return (
      await db.rows<Raw>(
        `${SELECT} where c.company_id = :companyId and c.own = 1 order by c.state, c.used_for, c.tag`,
        { companyId },
      )
    ).map(cylinderOf);
  },

  async byId(db: Db, companyId: string, id: string, lock = false): Promise<CylinderRow | undefined> {
    // The sum is read after the lock is held: what another transaction added meanwhile is in it.
    if (lock)
      await db.rows('select id from cylinders where company_id = :companyId and id = :id for update', {
        companyId,
        id,
      });
    const row = await db.one<Raw>(`${SELECT} where c.company_id = :companyId and c.id = :id`, { companyId, id });
    return row ? cylinderOf(row) : undefined;
  },

  async ownerOf(db: Db, id: string): Promise<string | undefined> {
    const row = await db.one<{ companyId: string }>('select company_id as companyId from cylinders where id = :id', {
      id,
    });
    return row?.companyId;
  },

  /** The one of a tag, under its lock. */
  async byTag(db: Db, companyId: string, tag: string): Promise<CylinderRow | undefined> {
    const there = await db.one<{ id: string }>(
      'select id from cylinders where company_id = :companyId and tag = :tag and own = 1 for update',
      { companyId, tag },
    );
    return there && cylindersStore.byId(db, companyId, there.id);
  },

  async tagTaken(db: Db, companyId: string, tag: string, id: string): Promise<boolean> {
    const rows = await db.rows(
      'select 1 from cylinders where company_id = :companyId and tag = :tag and own = 1 and id <> :id',
      {
        companyId,
        tag,
        id,
      },
    );
    return rows.length > 0;
  },

  async insert(db: Db, companyId: string, c: CylinderBody): Promise<void> {
    await db.run(
      `insert into cylinders (id, company_id, tag, used_for, refrigerant, water_capacity_lb, tare_oz, rating_psig, retest_on, disposable, flammable_mark, dip_tube, state)
       values (:id, :companyId, :tag, :use, :refrigerant, :waterCapacityLb, :tareOz, :ratingPsig, :retestOn, :disposable, :flammableMark, :dipTube, :state)`,
      { ...c, companyId },
    );
  },

  /** False when the version is stale. */
  update: (db: Db, companyId: string, c: CylinderBody): Promise<boolean> =>
    db.changed(
      `update cylinders set tag = :tag, used_for = :use, refrigerant = :refrigerant, water_capacity_lb = :waterCapacityLb, tare_oz = :tareOz,
       rating_psig = :ratingPsig, retest_on = :retestOn, disposable = :disposable, flammable_mark = :flammableMark, dip_tube = :dipTube,
       state = :state, version = version + 1 where company_id = :companyId and id = :id and version = :version`,
      { ...c, companyId },
    ),

  async setRefrigerant(db: Db, companyId: string, id: string, refrigerant: string): Promise<void> {
    await db.run(
      'update cylinders set refrigerant = :refrigerant, version = version + 1 where company_id = :companyId and id = :id and refrigerant is null',
      { companyId, id, refrigerant },
    );
  },

  async movementCount(db: Db, cylinderId: string): Promise<number> {
    const row = await db.one<{ n: number }>(
      'select count(*) as n from cylinder_movements where cylinder_id = :cylinderId',
      { cylinderId },
    );
    return Number(row?.n ?? 0);
  },

  /** Empty again and evacuated: it takes whatever comes first. */
  async clearRefrigerant(db: Db, companyId: string, id: string): Promise<void> {
    await db.run(
      'update cylinders set refrigerant = null, version = version + 1 where company_id = :companyId and id = :id',
      { companyId, id },
    );
  },

  findMovement: (db: Db, id: string): Promise<FoundMovement | undefined> =>
    db.one<FoundMovement>(
      'select company_id as companyId, cylinder_id as cylinderId, oz, gross_oz as grossOz, kind, refrigerant, job_id as jobId from cylinder_movements where id = :id',
      { id },
    ),

  async addMovement(
    db: Db,
    companyId: string,
    m: {
      id: string;
      cylinderId: string;
      kind: string;
      oz: number;
      grossOz: number | null;
      refrigerant: string | null;
      jobId: string | null;
      personId: string;
      certificate: string | null;
      source: string;
      recipient: string | null;
      note: string | null;
      occurredAt: Date;
    },
  ): Promise<void> {
    await db.run(
      `insert into cylinder_movements (id, company_id, cylinder_id, kind, oz, gross_oz, refrigerant, job_id, person_id, certificate, source, recipient, note, occurred_at)
       values (:id, :companyId, :cylinderId, :kind, :oz, :grossOz, :refrigerant, :jobId, :personId, :certificate, :source, :recipient, :note, :occurredAt)`,
      { ...m, companyId },
    );
  },

  /** The ledger, newest last: of one cylinder, or of all between two days. */
  async movements(
    db: Db,
    companyId: string,
    filter: { cylinderId?: string; from?: string; to?: string } = {},
  ): Promise<LedgerRow[]> {
    const rows = await db.rows<Omit<LedgerRow, 'at'> & { at: Date }>(
      `select m.id, m.cylinder_id as cylinderId, c.tag, m.kind, m.oz, m.gross_oz as grossOz, m.refrigerant, m.job_id as jobId, j.number as jobNumber,
       p.full_name as \`by\`, m.certificate, m.source, m.recipient, m.note, m.occurred_at as at, u.name as customer,
       concat(s.address, ', ', s.town) as address, ${factOf('outdoorModel')} as model, ${factOf('outdoorSerial')} as serial
       from cylinder_movements m join cylinders c on c.id = m.cylinder_id join people p on p.id = m.person_id
       left join jobs j on j.id = m.job_id left join systems y on y.id = j.system_id left join sites s on s.id = y.site_id
       left join customers u on u.id = s.customer_id
       where m.company_id = :companyId and c.own = 1 and (:cylinderId is null or m.cylinder_id = :cylinderId)
       and (:from is null or m.occurred_at >= :from) and (:to is null or m.occurred_at < :to) order by m.seq`,
      { companyId, cylinderId: filter.cylinderId ?? null, from: filter.from ?? null, to: filter.to ?? null },
    );
    return rows.map((r) => ({ ...r, at: r.at.toISOString() }));
  },

  /** Cylinders that a job's movements touched or its log names. */
  async ofJob(db: Db, key: { companyId: string; jobId: string }): Promise<Cylinder[]> {
    const rows = await db.rows<Raw>(
      `${SELECT} join (
         select m.cylinder_id as id from cylinder_movements m where m.company_id = :companyId and m.job_id = :jobId
         union select json_value(e.body, '$.cylinderId') from circuit_entries e
         where e.company_id = :companyId and e.job_id = :jobId and e.kind in (${[...NAMES_CYLINDER].map((kind) => `'${kind}'`).join(', ')})
       ) named on named.id = c.id where c.company_id = :companyId order by c.tag`,
      key,
    );
    return rows.map(cylinderOf).map(({ version: _, ...c }) => c);
  },
};
