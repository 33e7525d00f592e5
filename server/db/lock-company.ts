import type { Db } from './pool';

/** Nothing else that locks the company goes on before this transaction ends: numbers, tags and new ids are given one at a time. */
export async function lockCompany(db: Db, companyId: string): Promise<void> {
  await db.later('select id from companies where id = :companyId for update', { companyId });
}
