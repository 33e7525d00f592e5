import type { KnownSite } from '@/contract/customers';
import type { Db } from '@/server/db/pool';

/** As many as one looks through while typing. */
const MOST = 6;
const like = (text: string): string => `%${text.toLowerCase().replace(/[\\%_]/g, (c) => `\\${c}`)}%`;

export const customersStore = {
  /** Houses by any words of name, phone, street or town; the one with the newest job first. */
  async search(db: Db, companyId: string, text: string): Promise<KnownSite[]> {
    const words = text.trim().split(/\s+/).filter(Boolean).slice(0, 5);
    if (words.length === 0) return [];
    const where = words.map(
      (_, i) => `lower(concat_ws(' ', c.name, coalesce(c.phone, ''), s.address, s.town)) like :w${i}`,
    );
    const sites = await db.rows<Omit<KnownSite, 'systems'>>(
      `select c.id as customerId, c.name as customerName, c.phone, c.language, s.id as siteId, s.address, s.town, s.elevation_ft as elevationFt
       from sites s join customers c on c.id = s.customer_id
       where s.company_id = :companyId and ${where.join(' and ')}
       order by (select max(j.number) from jobs j join systems y on y.id = j.system_id where y.site_id = s.id) desc limit ${MOST}`,
      { companyId, ...Object.fromEntries(words.map((w, i) => [`w${i}`, like(w)])) },
    );
    if (sites.length === 0) return [];
    const systems = await db.rows<{ id: string; name: string; siteId: string }>(
      'select id, name, site_id as siteId from systems where company_id = :companyId and site_id in (:sites) order by name',
      { companyId, sites: sites.map((s) => s.siteId) },
    );
    return sites.map((s) => ({
      ...s,
      systems: systems.filter((y) => y.siteId === s.siteId).map(({ id, name }) => ({ id, name })),
    }));
  },

  async site(
    db: Db,
    companyId: string,
    siteId: string,
  ): Promise<{ customerId: string; systems: string[] } | undefined> {
    const row = await db.one<{ customerId: string }>(
      'select customer_id as customerId from sites where company_id = :companyId and id = :siteId',
      { companyId, siteId },
    );
    if (!row) return undefined;
    const systems = await db.rows<{ id: string }>(
      'select id from systems where company_id = :companyId and site_id = :siteId',
      { companyId, siteId },
    );
    return { ...row, systems: systems.map((s) => s.id) };
  },

  /** What was typed for the newest house of the same town. */
  elevationOf: (
    db: Db,
    companyId: string,
    town: string,
  ): Promise<{ elevationFt: number; address: string; town: string } | undefined> =>
    db.one<{ elevationFt: number; address: string; town: string }>(
      `select s.elevation_ft as elevationFt, s.address, s.town from sites s
       left join systems y on y.site_id = s.id left join jobs j on j.system_id = y.id
       where s.company_id = :companyId and lower(s.town) = :town order by j.number desc limit 1`,
      { companyId, town: town.trim().toLowerCase() },
    ),
};
