import { Router } from 'express';
import { libraryItemsSchema, pairsSchema, partsSchema, patternsSchema } from '@/contract/before';
import { LIBRARY_TABLE, PAIR_TABLE, PATTERN_TABLE } from '@/core/equipment/library-csv';
import { PART_TABLE } from '@/core/plan/take-off/part-row';
import { audit } from '@/server/audit';
import { csvOf, sendCsv } from '@/server/csv';
import { lockCompany } from '@/server/db/lock-company';
import type { Deps } from '@/server/deps';
import { badInput, Problem, parseBody } from '@/server/errors/problem';
import { must, who } from '@/server/who';
import { tell } from '@/server/words/tell';
import { libraryStore } from './library-store';
import { pageStore } from './page-store';
import { partStore } from './part-store';
import { patternStore } from './pattern-store';

export function libraryRoutes({ database }: Deps): Router {
  const router = Router();

  router.get('/library', async (request, response) => {
    const { companyId } = who(request);
    response.json({
      items: await libraryStore.list(database, companyId),
      pairs: await libraryStore.pairs(database, companyId),
      patterns: await patternStore.list(database, companyId),
      parts: await partStore.list(database, companyId),
      pages: await pageStore.list(database, companyId),
    });
  });

  router.post('/library/items', async (request, response) => {
    const person = who(request);
    must(person, 'edit-library');
    const { items } = parseBody(libraryItemsSchema, request.body);
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
    response.status(201).json(counts);
  });

  router.post('/library/pairs', async (request, response) => {
    const person = who(request);
    must(person, 'edit-library');
    const { pairs } = parseBody(pairsSchema, request.body);
    await database.transaction(async (db) => {
      for (const pair of pairs) await libraryStore.putPair(db, person.companyId, pair);
      await audit(db, person, null, 'pairs changed', { pairs: pairs.length });
    });
    response.status(201).json({ added: pairs.length });
  });

  router.post('/library/parts', async (request, response) => {
    const person = who(request);
    must(person, 'edit-library');
    const { parts } = parseBody(partsSchema, request.body);
    await database.transaction(async (db) => {
      for (const part of parts) await partStore.put(db, person.companyId, part);
      await audit(db, person, null, 'parts changed', { parts: parts.length });
    });
    response.status(201).json({ added: parts.length });
  });

  router.post('/library/patterns', async (request, response) => {
    const person = who(request);
    must(person, 'edit-library');
    const { patterns } = parseBody(patternsSchema, request.body);
    await database.transaction(async (db) => {
      for (const pattern of patterns) await patternStore.put(db, person.companyId, pattern);
      await audit(db, person, null, 'model patterns changed', { patterns: patterns.length });
    });
    response.status(201).json({ added: patterns.length });
  });

  router.get('/library/:what.csv', async (request, response) => {
    const { companyId } = who(request);
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
    const file = Object.hasOwn(files, request.params.what) ? files[request.params.what] : undefined;
    if (!file) throw new Problem('not-found', { message: tell('server.no-such-file') });
    sendCsv(response, request.params.what, await file());
  });
  return router;
}
