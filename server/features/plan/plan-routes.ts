import { Router } from 'express';
import type { OwnShares } from '@/core/phases/plan/day-view';
import type { Deps } from '@/server/deps';
import { who } from '@/server/who';
import { planStore } from './plan-store';

/** A share outside of these is a mistyped time, not a slow day. */
const LEAST_SHARE = 0.1;
const MOST_SHARE = 10;

/** What the company's own jobs say of the next one. */
export function planRoutes({ database }: Deps): Router {
  const router = Router();
  router.get('/plan/hours', async (request, response) => {
    const worked = await planStore.worked(database, who(request).companyId);
    const told = worked
      .filter(({ share }) => share >= LEAST_SHARE && share <= MOST_SHARE)
      .map(({ piece, share }) => ({ step: piece.split('.')[0]!, share }));
    const shares: OwnShares = Object.fromEntries(
      [...new Set(told.map((t) => t.step))].map((step) => [
        step,
        told.filter((t) => t.step === step).map((t) => t.share),
      ]),
    );
    response.json({ shares });
  });
  return router;
}
