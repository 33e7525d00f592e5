import type { NewObservation } from '@/contract/before';
import type { SurveyRecord } from '@/core/job/sheet';
import type { PhotoMeta, Waiver } from '@/core/scope/survey/before-dismantling';
import type { FactValue } from '@/core/scope/survey/fact';
import { KIND_FACTS, type KnownFacts } from '@/core/scope/survey/facts';
import type { Observation } from '@/core/scope/survey/survey';
import { now } from '@/server/clock';
import type { Db } from '@/server/db/pool';

type Key = { companyId: string; jobId: string };
/** Of one system of the job. */
type SystemKey = Key & { systemId: string };
/** Of one system, or of the house where there is none. */
type PlaceKey = Key & { systemId: string | null };
export type PhotoRow = { id: string; companyId: string; jobId: string; subject: string; contentHash: string };
export type NewPhoto = {
  id: string;
  subject: string;
  caption: string | null;
  widthPx: number;
  heightPx: number;
  bytes: number;
  contentHash: string;
  image: Buffer | null;
  thumbnail: Buffer | null;
  personId: string;
  takenAt: Date;
};

/** An observation with the system it is of; none: of the house. */
export type Observed = Observation & { systemId: string | null };

/** What was found of one system and of its house. */
export const observedOf = (all: readonly Observed[], systemId: string): Observation[] =>
  all.filter((o) => o.systemId === systemId || o.systemId === null).map(({ systemId: _, ...o }) => o);

/** What decides which phases each system goes through: the last answers to it. */
export function kindsOf(all: readonly Observed[]): Map<string | null, KnownFacts> {
  const kinds = new Map<string | null, KnownFacts>();
  for (const { systemId, fact, value } of all)
    if ((KIND_FACTS as readonly string[]).includes(fact))
      kinds.set(systemId, { ...kinds.get(systemId), [fact]: value });
  return kinds;
}

export const surveysStore = {
  /** Everything that was found at a job, of each of its systems and of the house, oldest first. */
  async observed(db: Db, key: Key): Promise<Observed[]> {
    const rows = await db.rows<
      Omit<Observed, 'at' | 'foundOnTheDay' | 'value'> & { at: Date; foundOnTheDay: number; value: unknown }
    >(
      `select o.id, o.system_id as systemId, o.fact, o.value, o.unit, o.method, o.source, o.confidence, o.note, o.photo_id as photoId,
       o.found_on_the_day as foundOnTheDay, p.full_name as \`by\`, o.occurred_at as at from observations o join people p on p.id = o.person_id
       where o.company_id = :companyId and o.job_id = :jobId order by o.seq`,
      key,
    );
    return rows.map((o) => ({
      ...o,
      value: o.value as FactValue | null,
      foundOnTheDay: o.foundOnTheDay === 1,
      at: o.at.toISOString(),
    }));
  },

  /** The pictures of one system and its house, and those that were done without. */
  async pictured(db: Db, key: SystemKey): Promise<Pick<SurveyRecord, 'waivers' | 'photos'>> {
    const [waivers, photos] = await Promise.all([
      db.rows<Omit<Waiver, 'at'> & { at: Date }>(
        `select w.item, w.reason, p.full_name as \`by\`, w.created_at as at from before_waivers w join people p on p.id = w.person_id
         where w.company_id = :companyId and w.job_id = :jobId and w.system_id = :systemId order by w.created_at`,
        key,
      ),
      db.rows<Omit<PhotoMeta, 'at'> & { at: Date }>(
        `select f.id, f.subject, f.caption, f.width_px as widthPx, f.height_px as heightPx, f.bytes, p.full_name as \`by\`, f.taken_at as at
         from photos f join people p on p.id = f.person_id where f.company_id = :companyId and f.job_id = :jobId and (f.system_id = :systemId or f.system_id is null) order by f.taken_at, f.id`,
        key,
      ),
    ]);
    return {
      waivers: waivers.map((w) => ({ ...w, at: w.at.toISOString() })),
      photos: photos.map((p) => ({ ...p, at: p.at.toISOString() })),
    };
  },

  findObservations: (db: Db, ids: string[]): Promise<(Key & { id: string; fact: string; value: unknown })[]> =>
    db.rows('select id, company_id as companyId, job_id as jobId, fact, value from observations where id in (:ids)', {
      ids,
    }),

  async addObservation(
    db: Db,
    key: PlaceKey,
    o: NewObservation & { unit: string; foundOnTheDay: boolean; personId: string },
  ): Promise<void> {
    await db.run(
      `insert into observations (id, company_id, job_id, system_id, fact, value, unit, method, source, confidence, note, photo_id, found_on_the_day, person_id, occurred_at)
       values (:id, :companyId, :jobId, :systemId, :fact, :json, :unit, :method, :source, :confidence, :note, :photoId, :foundOnTheDay, :personId, :when)`,
      { ...key, ...o, json: o.value === null ? null : JSON.stringify(o.value), when: new Date(o.occurredAt) },
    );
  },

  async addWaiver(
    db: Db,
    key: SystemKey,
    waiver: { id: string; item: string; reason: string; personId: string },
  ): Promise<void> {
    await db.run(
      `insert into before_waivers (id, company_id, job_id, system_id, item, reason, person_id, created_at)
       values (:id, :companyId, :jobId, :systemId, :item, :reason, :personId, :now)`,
      { ...key, ...waiver, now: now() },
    );
  },

  waiverOf: (db: Db, key: SystemKey & { item: string }): Promise<{ id: string; reason: string } | undefined> =>
    db.one<{ id: string; reason: string }>(
      'select id, reason from before_waivers where company_id = :companyId and job_id = :jobId and system_id = :systemId and item = :item',
      key,
    ),

  findPhoto: (db: Db, id: string): Promise<PhotoRow | undefined> =>
    db.one<PhotoRow>(
      'select id, company_id as companyId, job_id as jobId, subject, content_hash as contentHash from photos where id = :id',
      { id },
    ),

  async addPhoto(db: Db, key: PlaceKey, photo: NewPhoto): Promise<void> {
    await db.run(
      `insert into photos (id, company_id, job_id, system_id, subject, caption, width_px, height_px, bytes, content_hash, image, thumbnail, person_id, taken_at)
       values (:id, :companyId, :jobId, :systemId, :subject, :caption, :widthPx, :heightPx, :bytes, :contentHash, :image, :thumbnail, :personId, :takenAt)`,
      { ...key, ...photo },
    );
  },
};
