import type { FitKind, FitSheet, FitSheets } from '@/core/fit/sheets';
import { now } from '@/server/clock';
import type { Db } from '@/server/db/pool';

/** Of one system of the job. */
type Key = { companyId: string; jobId: string; systemId: string };

export const fitsStore = {
  async read(db: Db, key: Key): Promise<FitSheets> {
    const rows = await db.rows<Omit<FitSheet, 'at'> & { at: Date }>(
      `select f.kind, f.record, f.measured, f.version, p.full_name as \`by\`, f.updated_at as at from fit_sheets f
       join people p on p.id = f.updated_by where f.company_id = :companyId and f.job_id = :jobId and f.system_id = :systemId`,
      key,
    );
    return Object.fromEntries(rows.map((r) => [r.kind, { ...r, at: r.at.toISOString() }])) as FitSheets;
  },

  /** False when the version is stale. */
  async put(
    db: Db,
    key: Key,
    sheet: { kind: FitKind; record: unknown; measured: string[]; version: number; personId: string },
  ): Promise<boolean> {
    const values = {
      ...key,
      ...sheet,
      record: JSON.stringify(sheet.record),
      measured: JSON.stringify(sheet.measured),
      now: now(),
    };
    const result =
      sheet.version === 0
        ? await db.run(
            `insert ignore into fit_sheets (job_id, system_id, company_id, kind, record, measured, updated_by, updated_at)
             values (:jobId, :systemId, :companyId, :kind, :record, :measured, :personId, :now)`,
            values,
          )
        : await db.run(
            `update fit_sheets set record = :record, measured = :measured, version = version + 1, updated_by = :personId, updated_at = :now
             where company_id = :companyId and job_id = :jobId and system_id = :systemId and kind = :kind and version = :version`,
            values,
          );
    return result.affectedRows === 1;
  },
};
