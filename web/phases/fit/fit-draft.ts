import type { FitRecord, FitSheet } from '@/core/fit/sheets';

/** An edit of a fit sheet that nobody has taken yet, and the version it was made on (0: none was stored); `under` was on its way when it was made. */
export type FitDraft = { record: FitRecord; measured: string[]; version: number; under?: FitRecord };

export const sameRecord = (a: FitRecord, b: FitRecord): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * What becomes of an edit that was left on this device, a page closed in the moment of saving: it arrived after all, it goes
 * on where it was, or somebody saved in between and both sides are shown.
 */
export function resumed(draft: FitDraft | undefined, stored: FitSheet | undefined): 'none' | 'goes-on' | 'conflict' {
  if (!draft || (stored && sameRecord(draft.record, stored.record))) return 'none';
  const arrived = stored && draft.under && sameRecord(draft.under, stored.record);
  return arrived || draft.version === (stored?.version ?? 0) ? 'goes-on' : 'conflict';
}
