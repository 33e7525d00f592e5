import type { PlayedRound } from '@/contract/answers/practice';
import type { LevelId } from '@/core/practice/levels';
import type { Db } from '@/server/db/pool';

type Raw = Omit<PlayedRound, 'right'> & { right: number };
/** A history longer than this is nobody's to read. */
const MOST = 500;

export const practiceStore = {
  /** The rounds of one person, or of everybody; the newest first. */
  async list(db: Db, companyId: string, personId: string | undefined): Promise<PlayedRound[]> {
    const rows = await db.rows<Raw>(
      `select r.id, r.person_id as personId, p.full_name as personName, r.level, r.seed, r.total, r.was_right as \`right\`,
         r.minutes, r.harm, r.finished_at as finishedAt
       from practice_rounds r join people p on p.id = r.person_id
       where r.company_id = :companyId and (:personId is null or r.person_id = :personId)
       order by r.finished_at desc, r.id desc limit ${MOST}`,
      { companyId, personId: personId ?? null },
    );
    return rows.map((r) => ({ ...r, right: r.right === 1, finishedAt: new Date(r.finishedAt).toISOString() }));
  },

  async insert(
    db: Db,
    row: Omit<PlayedRound, 'personName'> & { companyId: string; level: LevelId; moves: unknown; receivedAt: Date },
  ): Promise<void> {
    await db.run(
      `insert into practice_rounds
         (id, company_id, person_id, level, seed, moves, total, was_right, minutes, harm, finished_at, received_at)
       values (:id, :companyId, :personId, :level, :seed, :moves, :total, :right, :minutes, :harm, :finishedAt, :receivedAt)`,
      {
        ...row,
        right: row.right ? 1 : 0,
        moves: JSON.stringify(row.moves),
        finishedAt: new Date(row.finishedAt),
      },
    );
  },
};
