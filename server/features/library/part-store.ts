import type { PartRow } from '@/core/plan/take-off/part-row';
import { now } from '@/server/clock';
import type { Db } from '@/server/db/pool';

/** The company's list of parts. */
export const partStore = {
  list: (db: Db, companyId: string): Promise<PartRow[]> =>
    db.rows<PartRow>(
      `select code, name, unit, pack, price, on_truck as onTruck from company_parts
       where company_id = :companyId order by name, code`,
      { companyId },
    ),

  async put(db: Db, companyId: string, row: PartRow): Promise<void> {
    await db.run(
      `insert into company_parts (company_id, code, name, unit, pack, price, on_truck, updated_at)
       values (:companyId, :code, :name, :unit, :pack, :price, :onTruck, :at)
       on duplicate key update name = values(name), unit = values(unit), pack = values(pack), price = values(price),
         on_truck = values(on_truck), updated_at = values(updated_at)`,
      { companyId, ...row, at: now() },
    );
  },
};
