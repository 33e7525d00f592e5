import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { scopeOf } from '@/core/phases/scope/view';
import { ownItemId, ownLineSubject } from '@/core/scope/own-line';
import { type Client, startServer } from '@/server/testing/harness';
import { JobWalk, must } from '@/server/testing/job-walk';

const server = await startServer();
const lead = await server.as('alder-lead');
const helper = await server.as('alder-helper');
const stranger = await server.as('birch-lead');
afterAll(() => server.stop());

const line = (change: object = {}) => ({ id: uuid(), say: 'Cut back the hedge', hours: 1.5, materials: 40, ...change });

describe('work written into a scope by hand', () => {
  it('stands once, with its picture, on its own system; a helper and a stranger do not write it', async () => {
    const upstairs = await JobWalk.fresh(lead);
    const downstairs = await upstairs.another('Downstairs');
    const body = line();
    for (let k = 0; k < 2; k++) expect((await downstairs.post('/scope-lines', body)).status).toBe(201);
    await downstairs.photo(ownLineSubject(body.id));
    const { scope, survey } = await downstairs.sheet();
    expect(scope.lines).toMatchObject([{ id: body.id, say: body.say, hours: 1.5, materials: 40, by: 'alder lead' }]);
    expect(survey.photos.map((p) => p.subject)).toEqual([ownLineSubject(body.id)]);
    expect((await upstairs.sheet()).scope.lines).toEqual([]);
    expect((await downstairs.post('/scope-lines', { ...body, hours: 2 })).body).toMatchObject({ code: 'other-body' });
    const as = (client: Client) => new JobWalk(client, downstairs.id, downstairs.circuitId);
    expect((await as(helper).post('/scope-lines', line())).status).toBe(403);
    expect((await as(stranger).post('/scope-lines', line())).status).toBe(404);
    expect((await downstairs.post('/scope-lines', line({ hours: 400 }))).body).toMatchObject({
      code: 'bad-input',
      field: 'hours',
    });
    await expect(server.database.run("update scope_lines set say = 'x'")).rejects.toThrow(/append-only/);
  });
  it('is part of what the customer signs; on the day it is a change, answered like any other', async () => {
    const walk = await JobWalk.fresh(lead);
    await walk.survey({ systemType: 'furnace-gas', fuel: 'natural gas' });
    await walk.choose({ furnaceId: await walk.unit({ kind: 'furnace', tons: null, refrigerant: null }) });
    const first = line();
    must(await walk.post('/scope-lines', first));
    await walk.agree();
    const signed = scopeOf(await walk.sheet());
    expect(JSON.stringify(signed.text)).toContain('Cut back the hedge');
    expect(signed.change).toBeUndefined();
    const onTheDay = line({ say: 'Rebuild the platform', hours: 3, materials: 90 });
    must(await walk.post('/scope-lines', onTheDay));
    const change = scopeOf(await walk.sheet()).change!;
    expect(change.delta.added.map((i) => i.id)).toEqual([ownItemId(onTheDay.id)]);
    expect((await walk.held('hand-over')).map((g) => g.id)).toContain('change-answered');
    must(await walk.customer('change', change.text, { answer: 'no', reason: 'not today', ink: null }));
    const after = scopeOf(await walk.sheet());
    expect(after.items.find((i) => i.id === ownItemId(onTheDay.id))?.standing).toBe('out');
    expect((await walk.held('hand-over')).map((g) => g.id)).not.toContain('change-answered');
    // What was written in by mistake and taken out holds nothing.
    expect((await walk.held('hand-over')).map((g) => g.id)).not.toContain('musts-in');
  });
});
