import type { Db } from '@/server/db/pool';

export type SettingsRow = { settings: Record<string, string | number>; version: number };

export const settingsStore = {
  async read(db: Db, companyId: string): Promise<SettingsRow> {
    const row = await db.one<SettingsRow>(
      'select settings, settings_version as version from companies where id = :companyId',
      { companyId },
    );
    return row!;
  },

  /** False when the version is stale. */
  put: (db: Db, companyId: string, { settings, version }: SettingsRow): Promise<boolean> =>
    db.changed(
      'update companies set settings = :settings, settings_version = settings_version + 1 where id = :companyId and settings_version = :version',
      { companyId, version, settings: JSON.stringify(settings) },
    ),
};
