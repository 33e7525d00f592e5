import type { NewCustomerSignature, NewDecision, NewScopeLine } from '@/contract/before';
import type { LibraryItem } from '@/core/equipment/library-item';
import type { CustomerSignature, ScopeRecord, SignedTerms } from '@/core/job/sheet';
import { type Choice, EMPTY_CHOICE } from '@/core/scope/choice';
import type { Decision, ScopeItem } from '@/core/scope/item';
import type { OwnLine } from '@/core/scope/own-line';
import { now } from '@/server/clock';
import type { Db } from '@/server/db/pool';
import { libraryStore } from '@/server/features/library/library-store';

type Key = { companyId: string; jobId: string };
/** Of one system of the job. */
type SystemKey = Key & { systemId: string };

export const scopesStore = {
  async read(db: Db, key: SystemKey, stored: { record: Choice; version: number } | undefined): Promise<ScopeRecord> {
    const choice = stored ? { ...EMPTY_CHOICE, ...stored.record } : EMPTY_CHOICE;
    const [decisions, lines, signatures] = await Promise.all([
      db.rows<Omit<Decision, 'at'> & { at: Date }>(
        `select d.item as itemId, d.decision, d.reason, p.full_name as \`by\`, p.role, d.created_at as at from scope_decisions d
       join people p on p.id = d.person_id where d.company_id = :companyId and d.job_id = :jobId and d.system_id = :systemId order by d.seq`,
        key,
      ),
      db.rows<Omit<OwnLine, 'at'> & { at: Date }>(
        `select l.id, l.say, l.hours, l.materials, p.full_name as \`by\`, l.created_at as at from scope_lines l
       join people p on p.id = l.person_id where l.company_id = :companyId and l.job_id = :jobId and l.system_id = :systemId order by l.seq`,
        key,
      ),
      db.rows<Omit<CustomerSignature, 'at'> & { at: Date }>(
        `select s.id, s.subject, s.answer, s.reason, s.text_signed as text, s.said, s.customer, s.ink, s.items, s.terms, p.full_name as witness, s.signed_at as at
       from customer_signatures s join people p on p.id = s.witness_id where s.company_id = :companyId and s.job_id = :jobId and s.system_id = :systemId order by s.seq`,
        key,
      ),
    ]);
    const piece = async (id: string | null | undefined): Promise<LibraryItem | null> =>
      id ? ((await libraryStore.byId(db, key.companyId, id)) ?? null) : null;
    const [outdoor, indoor, furnace, heaterKit, thermostat] = await Promise.all([
      piece(choice.outdoorId),
      piece(choice.indoorId),
      piece(choice.furnaceId),
      piece(choice.heaterKitId),
      piece(choice.thermostatId),
    ]);
    return {
      choice,
      version: stored?.version ?? 0,
      lines: lines.map((l) => ({ ...l, at: l.at.toISOString() })),
      decisions: decisions.map((d) => ({ ...d, at: d.at.toISOString() })),
      signatures: signatures.map((s) => ({ ...s, at: s.at.toISOString() })),
      outdoor,
      indoor,
      furnace,
      heaterKit,
      thermostat,
      pairListed:
        outdoor && indoor ? await libraryStore.pairListed(db, key.companyId, outdoor.model, indoor.model) : null,
    };
  },

  /** Equipment that kept options name, and what of it is listed together. */
  async optionPieces(
    db: Db,
    companyId: string,
    options: readonly Choice[],
  ): Promise<Pick<ScopeRecord, 'pieces' | 'pairs'>> {
    const ids = new Set(
      options.flatMap((c) =>
        [c.outdoorId, c.indoorId, c.furnaceId, c.heaterKitId, c.thermostatId].filter((id) => !!id),
      ),
    );
    if (ids.size === 0) return {};
    const pieces = (await Promise.all([...ids].map((id) => libraryStore.byId(db, companyId, id!)))).filter(
      (p) => p !== undefined,
    );
    const models = new Set(pieces.map((p) => p.model));
    const pairs = (await libraryStore.pairs(db, companyId))
      .filter((p) => models.has(p.outdoorModel) && models.has(p.indoorModel))
      .map(({ outdoorModel, indoorModel }) => ({ outdoorModel, indoorModel }));
    return { pieces, pairs };
  },

  async addLine(db: Db, key: SystemKey, line: NewScopeLine & { personId: string }): Promise<void> {
    await db.run(
      `insert into scope_lines (id, company_id, job_id, system_id, say, hours, materials, person_id, created_at)
       values (:id, :companyId, :jobId, :systemId, :say, :hours, :materials, :personId, :now)`,
      { ...key, ...line, now: now() },
    );
  },

  async addDecision(db: Db, key: SystemKey, d: NewDecision & { personId: string }): Promise<void> {
    await db.run(
      `insert into scope_decisions (id, company_id, job_id, system_id, item, decision, reason, person_id, created_at)
       values (:id, :companyId, :jobId, :systemId, :itemId, :decision, :reason, :personId, :now)`,
      { ...key, ...d, now: now() },
    );
  },

  findDecision: (
    db: Db,
    id: string,
  ): Promise<(Key & { itemId: string; decision: string; reason: string | null }) | undefined> =>
    db.one<Key & { itemId: string; decision: string; reason: string | null }>(
      'select company_id as companyId, job_id as jobId, item as itemId, decision, reason from scope_decisions where id = :id',
      { id },
    ),

  async addSignature(
    db: Db,
    key: SystemKey,
    s: NewCustomerSignature & {
      textHash: string;
      items: ScopeItem[] | null;
      terms: SignedTerms | null;
      personId: string;
    },
  ): Promise<void> {
    await db.run(
      `insert into customer_signatures (id, company_id, job_id, system_id, subject, answer, reason, text_signed, text_hash, said, language, customer, ink, items, terms, witness_id, signed_at)
       values (:id, :companyId, :jobId, :systemId, :subject, :answer, :reason, :text, :textHash, :saidJson, :language, :customer, :ink, :json, :termsJson, :personId, :now)`,
      {
        ...key,
        ...s,
        saidJson: JSON.stringify(s.said),
        json: s.items ? JSON.stringify(s.items) : null,
        termsJson: s.terms ? JSON.stringify(s.terms) : null,
        now: now(),
      },
    );
  },

  findSignature: (db: Db, id: string): Promise<(Key & { subject: string; text: string }) | undefined> =>
    db.one<Key & { subject: string; text: string }>(
      'select company_id as companyId, job_id as jobId, subject, text_signed as text from customer_signatures where id = :id',
      { id },
    ),
};
