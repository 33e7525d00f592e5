import type { SheetWith } from '@/core/job/sheet';
import { type EntryOf, entriesOf } from '@/core/phases/log/circuit-log';

const nameOf = ({ body }: EntryOf<'delivery'>): string => `${body.piece} ${body.what.trim().toLowerCase()}`;

/** What was ordered, each by the newest that was said of it: "promised" yesterday and "matches" today are one delivery. */
export function deliveriesOf(sheet: SheetWith<'jobLog'>): EntryOf<'delivery'>[] {
  const newest = new Map<string, EntryOf<'delivery'>>();
  for (const entry of entriesOf(sheet.jobLog, 'delivery')) newest.set(nameOf(entry), entry);
  return [...newest.values()];
}
