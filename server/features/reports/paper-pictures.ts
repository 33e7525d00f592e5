import type { Report } from '@/core/job/report-parts';
import type { Db } from '@/server/db/pool';
import { logoStore } from '@/server/features/company/logo-store';
import type { Person } from '@/server/features/people/people-store';
import { surveysStore } from '@/server/features/surveys/surveys-store';
import type { PaperPictures } from './told-report';

/** More than these make no paper anybody leafs through (design default). */
const MOST = 80;

const dataUri = (type: 'png' | 'jpeg', data: Buffer): string => `data:image/${type};base64,${data.toString('base64')}`;

/** The logo, and the small pictures that a report shows at their place. */
export async function picturesFor(db: Db, { companyId }: Person, report?: Report): Promise<PaperPictures> {
  const logo = await logoStore.read(db, companyId);
  const byId: Record<string, string> = {};
  const ids = report?.tables.flatMap((t) => t.pictures?.map((p) => p.id) ?? []) ?? [];
  for (const id of ids.slice(0, MOST)) {
    const data = await surveysStore.picture(db, companyId, id, 'thumbnail');
    if (data) byId[id] = dataUri('jpeg', data);
  }
  return { logo: logo && dataUri('png', logo), byId };
}
