import type { Router } from 'express';
import { libraryItemsSchema, pairsSchema, partsSchema, patternsSchema } from '@/contract/before';
import { LIBRARY_TABLE, PAIR_TABLE, PATTERN_TABLE } from '@/core/equipment/library-csv';
import { PART_TABLE } from '@/core/plan/take-off/part-row';
import { audit } from '@/server/audit';
import { csvOf, sendCsv } from '@/server/csv';
import { lockCompany } from '@/server/db/lock-company';
import type { Deps } from '@/server/deps';
import { badInput, Problem } from '@/server/errors/problem';
import { routesOf } from '@/server/route';
import { tell } from '@/server/words/tell';
import { libraryStore } from './library-store';
import { pageStore } from './page-store';
import { partStore } from './part-store';
import { patternStore } from './pattern-store';

export function libraryRoutes(deps: Deps): Router {
  const route = routesOf(deps);

  route.get('/library', async ({ database, person }) => {
    const { companyId } = person;
    return {
      items: await libraryStore.list(database, companyId),
      pairs: await libraryStore.pairs(database, companyId),
      patterns: await patternStore.list(database, companyId),
      parts: await partStore.list(database, companyId),
      pages: await pageStore.list(database, companyId),
    };
  });

  route.post(
    '/library/items',
    { may: 'edit-library', takes: libraryItemsSchema },
    async ({ database, person, body: { items } }) => {
      const counts = { added: 0, updated: 0, unchanged: 0 };
      await database.transaction(async (db) => {
        await lockCompany(db, person.companyId);
        for (const one of items) {
          const owner = await libraryStore.ownerOf(db, one.id);
          if (owner && owner !== person.companyId) throw new Problem('not-found');
          const done = await libraryStore.put(db, person.companyId, one);
          if (done === 'stale')
            throw new Problem('stale-version', { message: tell('server.someone-changed-model-after-you') });
          if (done === 'taken')
            throw badInput('model', tell('server.model-of-that-name-is-there'), tell('server.name-of-its-own'));
          counts[done] += 1;
        }
        await audit(db, person, null, 'library changed', counts);
      });
      return counts;
    },
  );

  route.post(
    '/library/pairs',
    { may: 'edit-library', takes: pairsSchema },
    async ({ database, person, body: { pairs } }) => {
      await database.transaction(async (db) => {
        for (const pair of pairs) await libraryStore.putPair(db, person.companyId, pair);
        await audit(db, person, null, 'pairs changed', { pairs: pairs.length });
      });
      return { added: pairs.length };
    },
  );

  route.post(
    '/library/parts',
    { may: 'edit-library', takes: partsSchema },
    async ({ database, person, body: { parts } }) => {
      await database.transaction(async (db) => {
        for (const part of parts) await partStore.put(db, person.companyId, part);
        await audit(db, person, null, 'parts changed', { parts: parts.length });
      });
      return { added: parts.length };
    },
  );

  route.post(
    '/library/patterns',
    { may: 'edit-library', takes: patternsSchema },
    async ({ database, person, body: { patterns } }) => {
      await database.transaction(async (db) => {
        for (const pattern of patterns) await patternStore.put(db, person.companyId, pattern);
        await audit(db, person, null, 'model patterns changed', { patterns: patterns.length });
      });
      return { added: patterns.length };
    },
  );

  route.get('/library/:what.csv', async ({ database, person, params, response }) => {
    const { companyId } = person;
    const files: Record<string, () => Promise<string>> = {
      equipment: async () => csvOf(LIBRARY_TABLE, await libraryStore.list(database, companyId)),
      'equipment-template': async () => csvOf(LIBRARY_TABLE, []),
      pairs: async () => csvOf(PAIR_TABLE, await libraryStore.pairs(database, companyId)),
      'pairs-template': async () => csvOf(PAIR_TABLE, []),
      patterns: async () => csvOf(PATTERN_TABLE, await patternStore.list(database, companyId)),
      'patterns-template': async () => csvOf(PATTERN_TABLE, []),
      parts: async () => csvOf(PART_TABLE, await partStore.list(database, companyId)),
      'parts-template': async () => csvOf(PART_TABLE, []),
    };
    const file = Object.hasOwn(files, params.what) ? files[params.what] : undefined;
    if (!file) throw new Problem('not-found', { message: tell('server.no-such-file') });
    sendCsv(response, params.what, await file());
  });
  return route.router;
}
