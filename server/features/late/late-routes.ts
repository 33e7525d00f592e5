import type { Router } from 'express';
import type { LateList } from '@/contract/answers/late';
import { signOffSchema } from '@/contract/requests';
import { may } from '@/core/job/permissions';
import { lateSaid } from '@/core/phases/late';
import { audit } from '@/server/audit';
import type { Deps } from '@/server/deps';
import { Problem } from '@/server/errors/problem';
import { routesOf } from '@/server/route';
import { writesFirst } from '@/server/write-once';
import { type LateRow, lateStore } from './late-store';

/** A list longer than this nobody works off from a bar. */
const MOST_TOLD = 50;

const told = (rows: readonly LateRow[]): LateList => ({
  late: rows.map(({ what, body, seenBy, seenAt, ...row }) => ({
    ...row,
    say: lateSaid(what, body),
    writtenAt: row.writtenAt.toISOString(),
    arrivedAt: row.arrivedAt.toISOString(),
    signedAt: row.signedAt.toISOString(),
    seen: seenBy === null ? null : { by: seenBy, at: seenAt!.toISOString() },
  })),
});

/** What arrived after its signature: of a job, and what whoever leads has not seen yet. */
export function lateRoutes(deps: Deps): Router {
  const route = routesOf(deps);
  route.get('/late', async ({ database, person }) => {
    // Who leads hears of their own jobs; owner and office of all.
    const all = may(person.role, 'keep-people');
    const rows =
      all || may(person.role, 'amend')
        ? await lateStore.unseen(database, person.companyId, all ? null : person.id, MOST_TOLD)
        : [];
    return told(rows);
  });
  route.get('/jobs/:jobId/late', async ({ database, person, params }) =>
    told(await lateStore.ofJob(database, person.companyId, params.jobId)),
  );
  route.post(
    '/late/:lateId/seen',
    { may: 'amend', takes: signOffSchema, status: 200 },
    async ({ database, person, body: { id }, params }) => {
      const { lateId } = params;
      await database.transaction(async (db) => {
        const there = await lateStore.find(db, lateId);
        if (there?.companyId !== person.companyId) throw new Problem('not-found');
        if (!(await writesFirst(db, person, { id, what: 'late seen', jobId: there.jobId, body: { lateId } }))) return;
        await lateStore.seen(db, person.companyId, lateId, person.id);
        await audit(db, person, there.jobId, 'late entry seen', { id: lateId });
      });
      return { seen: true };
    },
  );
  return route.router;
}
