import type { Report } from '@/core/job/report-parts';
import type { Deps } from '@/server/deps';
import { logoStore } from '@/server/features/company/logo-store';
import type { Person } from '@/server/features/people/people-store';
import type { PaperPictures } from './told-report';

/** More than these make no paper anybody leafs through (design default). */
const MOST = 80;
/** A shelf elsewhere answers each in its own time. */
const AT_ONCE = 8;

const dataUri = (type: 'png' | 'jpeg', data: Buffer): string => `data:image/${type};base64,${data.toString('base64')}`;

/** The logo, and the small pictures that a report shows at their place. */
export async function picturesFor(
  { database, pictures }: Pick<Deps, 'database' | 'pictures'>,
  { companyId }: Person,
  report?: Report,
): Promise<PaperPictures> {
  const logo = await logoStore.read(database, companyId);
  const byId: Record<string, string> = {};
  const ids = report?.tables.flatMap((t) => t.pictures?.map((p) => p.id) ?? []) ?? [];
  for (let from = 0; from < Math.min(ids.length, MOST); from += AT_ONCE) {
    const some = ids.slice(from, Math.min(from + AT_ONCE, MOST));
    const read = await Promise.all(some.map((id) => pictures.read(database, companyId, id, 'thumbnail')));
    read.forEach((data, i) => {
      if (data) byId[some[i]!] = dataUri('jpeg', data);
    });
  }
  return { logo: logo && dataUri('png', logo), byId };
}
