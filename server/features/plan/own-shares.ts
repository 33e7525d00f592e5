import type { OwnShares } from '@/core/phases/plan/day-view';
import type { Db } from '@/server/db/pool';
import { planStore } from './plan-store';

/** A share outside of these is a mistyped time, not a slow day. */
const LEAST_SHARE = 0.1;
const MOST_SHARE = 10;

/** How long the company's own pieces took, as shares of the list's hours, by step. */
export async function ownShares(db: Db, companyId: string): Promise<OwnShares> {
  const told = (await planStore.worked(db, companyId))
    .filter(({ share }) => share >= LEAST_SHARE && share <= MOST_SHARE)
    .map(({ piece, share }) => ({ step: piece.split('.')[0]!, share }));
  return Object.fromEntries(
    [...new Set(told.map((t) => t.step))].map((step) => [
      step,
      told.filter((t) => t.step === step).map((t) => t.share),
    ]),
  );
}
