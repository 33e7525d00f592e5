import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { WATER_TEST } from '@/demo/sample-entries';
import { startServer } from '@/server/testing/harness';
import { JobWalk, must } from '@/server/testing/job-walk';

const server = await startServer();
const lead = await server.as('alder-lead');
afterAll(() => server.stop());

const written = (body: object, more: object = {}) => ({
  id: uuid(),
  kind: 'set-check',
  body,
  supersedesId: null,
  occurredAt: new Date().toISOString(),
  ...more,
});

describe('what is written while the equipment is set', () => {
  it('belongs to its system: seen from each of its circuits, from no other system; a change takes the override off', async () => {
    const walk = await JobWalk.fresh(lead);
    await walk.survey({ systemType: 'rooftop', circuits: '2' });
    const second = await walk.another(null, 'Circuit 2');
    const other = await walk.another('Downstairs');
    await other.tell({ systemType: 'furnace-gas' });
    const first = written({ check: 'curb-gasket', answer: 'no' });
    must(await second.post('/circuit-entries', first));
    for (const seen of [walk, second]) {
      const { systemLog, circuitLog } = await seen.sheet();
      expect(systemLog.map((e) => e.id)).toEqual([first.id]);
      expect(circuitLog).toEqual([]);
    }
    expect((await other.sheet()).systemLog).toEqual([]);
    // What a lead let pass with it falls when it is put right, from whichever circuit.
    const pass = { id: uuid(), gate: 'set-checks', reason: 'proven on the paper sheet of this test' };
    must(await walk.post('/phases/set/overrides', pass));
    expect((await second.sheet()).overrides).toHaveLength(1);
    must(
      await walk.post('/circuit-entries', written({ check: 'curb-gasket', answer: 'yes' }, { supersedesId: first.id })),
    );
    expect((await second.sheet()).overrides).toEqual([]);
    expect((await second.sheet()).systemLog).toHaveLength(2);
    const back = written(
      { reason: 'tapped on the wrong line' },
      { kind: 'withdrawn', supersedesId: (await walk.sheet()).systemLog.at(-1)!.id },
    );
    must(await second.post('/circuit-entries', back));
    expect((await walk.sheet()).systemLog).toHaveLength(3);
    expect((await walk.sheet()).circuitLog).toEqual([]);
  });

  it('is refused with field, range and what to do', async () => {
    const walk = await JobWalk.fresh(lead);
    await walk.survey({ systemType: 'split-hp' });
    const refused = async (kind: string, body: object) =>
      (await walk.post('/circuit-entries', written(body, { kind }))).body;
    expect(await refused('set-check', { check: 'curb-gasket', answer: 'yes' })).toMatchObject({ field: 'check' });
    expect(await refused('set-check', { check: 'no-such', answer: 'yes' })).toMatchObject({
      code: 'bad-input',
      field: 'check',
    });
    expect(await refused('set-check', { check: 'unit-level', answer: 'yes' })).toMatchObject({
      field: 'reading',
      allowed: 'up to 6 in/ft',
    });
    expect(await refused('set-check', { check: 'unit-level', answer: 'yes', reading: -1 })).toMatchObject({
      field: 'reading',
    });
    expect(await refused('water-test', { ...WATER_TEST, outOz: 99 })).toMatchObject({
      field: 'outOz',
      allowed: 'up to 64 oz',
    });
    expect((await walk.sheet()).systemLog).toEqual([]);
  });
});
