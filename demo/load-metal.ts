import type { Database } from '@/server/db/pool';
import type { JobAt } from '@/server/features/jobs/job-at';
import type { Person } from '@/server/features/people/people-store';
import { writeDemoEntry } from './write-entry';

const NOTHING = {
  lengthIn: null,
  widthIn: null,
  topLengthIn: null,
  topWidthIn: null,
  diameterIn: null,
  heightIn: null,
  offsetXIn: null,
  offsetYIn: null,
  wallIn: null,
  hemIn: null,
  runIn: null,
  backIn: null,
  fallInPerFt: null,
  collars: null,
  collarIn: null,
  count: 1,
};
const PARTS = [
  { ...NOTHING, part: 'pan', name: 'attic pan', lengthIn: 36, widthIn: 30, wallIn: 2, hemIn: 0.5, gauge: '24' },
  {
    ...NOTHING,
    part: 'transition',
    name: 'supply transition',
    lengthIn: 24,
    widthIn: 20,
    topLengthIn: 18,
    topWidthIn: 16,
    heightIn: 12,
    offsetXIn: 3,
    offsetYIn: 2,
    gauge: '26',
  },
];

/** Parts of sheet metal of a demo job; the shop approved the last one. */
export async function loadMetal(database: Database, lead: Person, at: JobAt): Promise<void> {
  let partId = '';
  for (const body of PARTS)
    partId = await writeDemoEntry(database, lead, at, { kind: 'metal-part', body }, new Date(Date.now() - 5_400_000));
  const body = { partId, said: 'approved', who: 'Brisk Metal', note: '' };
  await writeDemoEntry(database, lead, at, { kind: 'shop-drawing', body }, new Date(Date.now() - 3_600_000));
}
