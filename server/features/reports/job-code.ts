import QRCode from 'qrcode';
import type { Db } from '@/server/db/pool';
import { settingsStore } from '@/server/features/settings/settings-store';

/** What the code on a paper or a label leads to: the job's page, or its number where the company named no address. */
export async function jobCode(
  db: Db,
  companyId: string,
  job: { id: string; number: number },
): Promise<{ svg: string; holds: string }> {
  const { settings } = await settingsStore.read(db, companyId);
  const base = typeof settings.pageAddress === 'string' ? settings.pageAddress.replace(/\/+$/, '') : '';
  const holds = base ? `${base}/jobs/${job.id}` : String(job.number);
  return { svg: await QRCode.toString(holds, { type: 'svg', margin: 0, errorCorrectionLevel: 'M' }), holds };
}
