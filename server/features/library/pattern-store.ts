import type { ModelPattern } from '@/core/equipment/model-pattern';
import { now } from '@/server/clock';
import type { Db } from '@/server/db/pool';

/** The company's table of model numbers: how its makers write sizes into them. */
export const patternStore = {
  list: (db: Db, companyId: string): Promise<ModelPattern[]> =>
    db.rows<ModelPattern>(
      `select part, pattern, per_ton as perTon, confidence, source from model_patterns
       where company_id = :companyId order by part, pattern`,
      { companyId },
    ),

  async put(db: Db, companyId: string, row: ModelPattern): Promise<void> {
    await db.run(
      `insert into model_patterns (company_id, part, pattern, per_ton, confidence, source, updated_at)
       values (:companyId, :part, :pattern, :perTon, :confidence, :source, :at)
       on duplicate key update per_ton = values(per_ton), confidence = values(confidence), source = values(source),
         updated_at = values(updated_at)`,
      { companyId, ...row, at: now() },
    );
  },
};
