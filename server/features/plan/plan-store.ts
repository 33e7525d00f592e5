import type { Db } from '@/server/db/pool';

/** Older pieces than so many say nothing of how the company works now. */
const MOST = 2000;

export type WorkedPiece = { piece: string; share: number };

export const planStore = {
  /**
   * How long the company's own pieces of work took, as shares of what the list says, newest first. Only what was typed with a
   * beginning and an end counts, and what stands.
   */
  worked: (db: Db, companyId: string): Promise<WorkedPiece[]> =>
    db.rows<WorkedPiece>(
      `select json_value(e.body, '$.piece') as piece,
         cast(json_value(e.body, '$.workedH') as double) / cast(json_value(e.body, '$.listH') as double) as share
       from circuit_entries e
       where e.company_id = :companyId and e.kind = 'plan-work'
         and cast(json_value(e.body, '$.workedH') as double) > 0 and cast(json_value(e.body, '$.listH') as double) > 0
         and not exists (select 1 from circuit_entries l where l.supersedes_id = e.id)
       order by e.seq desc limit ${MOST}`,
      { companyId },
    ),
};
