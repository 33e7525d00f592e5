import { v7 as uuid } from 'uuid';
import type { HouseRow } from '@/core/job/house-csv';
import type { Language } from '@/core/words/render';
import type { Db } from '@/server/db/pool';
import { placesStore } from './places-store';

/** A row whose language is settled. */
type House = HouseRow & { language: Language };

const same = (column: string, name: string): string => `lower(${column}) = lower(:${name})`;

/** Customers, houses and systems as rows of a list. */
export const housesStore = {
  list: (db: Db, companyId: string): Promise<HouseRow[]> =>
    db.rows<HouseRow>(
      `select c.name as customerName, c.phone, c.language, s.address, s.town, s.elevation_ft as elevationFt, y.name as systemName
       from sites s join customers c on c.id = s.customer_id left join systems y on y.site_id = s.id
       where s.company_id = :companyId order by c.name, s.town, s.address, y.name`,
      { companyId },
    ),

  async siteOf(db: Db, companyId: string, row: HouseRow): Promise<string | undefined> {
    const there = await db.one<{ id: string }>(
      `select s.id from sites s join customers c on c.id = s.customer_id where s.company_id = :companyId
         and ${same('c.name', 'customerName')} and ${same('s.address', 'address')} and ${same('s.town', 'town')} limit 1`,
      { companyId, ...row },
    );
    return there?.id;
  },

  /** A house with its customer: one of the same name and phone is the same customer. */
  async addSite(db: Db, companyId: string, row: House): Promise<string> {
    const there = await db.one<{ id: string }>(
      `select id from customers where company_id = :companyId and ${same('name', 'customerName')} and phone <=> :phone limit 1`,
      { companyId, ...row },
    );
    const customerId = there?.id ?? uuid();
    if (!there) await placesStore.addCustomer(db, { ...row, customerId, companyId });
    const siteId = uuid();
    await placesStore.addSite(db, { ...row, siteId, companyId, customerId });
    return siteId;
  },

  /** False where the house has a system of that name. */
  async addSystem(db: Db, companyId: string, siteId: string, systemName: string): Promise<boolean> {
    const there = await db.one(
      `select 1 from systems where company_id = :companyId and site_id = :siteId and ${same('name', 'systemName')}`,
      { companyId, siteId, systemName },
    );
    if (there) return false;
    await placesStore.addSystem(db, { systemId: uuid(), companyId, siteId, systemName });
    return true;
  },
};
