import type { Language } from '@/core/words/render';
import type { Db } from '@/server/db/pool';

/** New rows of customers, their houses and what stands in them: whoever adds one adds it here. */
export const placesStore = {
  addCustomer: (
    db: Db,
    row: { customerId: string; companyId: string; customerName: string; phone: string | null; language: Language },
  ) =>
    db.run(
      'insert into customers (id, company_id, name, phone, language) values (:customerId, :companyId, :customerName, :phone, :language)',
      row,
    ),

  addSite: (
    db: Db,
    row: { siteId: string; companyId: string; customerId: string; address: string; town: string; elevationFt: number },
  ) =>
    db.run(
      'insert into sites (id, company_id, customer_id, address, town, elevation_ft) values (:siteId, :companyId, :customerId, :address, :town, :elevationFt)',
      row,
    ),

  /** `kind` in words once its plate is known; till then it is a system. */
  addSystem: (
    db: Db,
    row: { systemId: string; companyId: string; siteId: string; systemName: string; kind?: string },
  ) =>
    db.run(
      'insert into systems (id, company_id, site_id, name, kind) values (:systemId, :companyId, :siteId, :systemName, :kind)',
      { kind: 'system', ...row },
    ),
};
