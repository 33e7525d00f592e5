import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { planFor } from '@/core/phases/wire/wiring';
import { goodControls, goodIsolation } from '@/demo/good-wiring';
import { startServer } from '@/server/testing/harness';
import { JobWalk, must } from '@/server/testing/job-walk';

const server = await startServer();
const lead = await server.as('alder-lead');
afterAll(() => server.stop());

const written = (kind: string, body: object, more: object = {}) => ({
  id: uuid(),
  kind,
  body,
  supersedesId: null,
  occurredAt: new Date().toISOString(),
  ...more,
});

describe('what is written while power and controls are wired', () => {
  it('belongs to its system; what a simulated cabinet gave is marked, whoever sent it', async () => {
    const walk = await JobWalk.fresh(lead);
    await walk.survey({ systemType: 'rooftop', circuits: '2' });
    const second = await walk.another(null, 'Circuit 2');
    const other = await walk.another('Downstairs');
    await other.tell({ systemType: 'furnace-gas' });
    must(
      await second.post('/circuit-entries', written('wiring-plan', { ...planFor(await walk.sheet()), valve: null })),
    );
    must(
      await second.post(
        '/circuit-entries',
        written('control-proof', { call: 'fan', open: [], seen: ['BL'], simulated: true }),
      ),
    );
    must(
      await walk.post(
        '/circuit-entries',
        written('control-proof', { call: 'off', open: [], seen: [], simulated: false }),
      ),
    );
    for (const seen of [walk, second]) {
      const { systemLog, circuitLog } = await seen.sheet();
      expect(systemLog.map((e) => [e.kind, e.source])).toEqual([
        ['wiring-plan', 'typed'],
        ['control-proof', 'simulated'],
        ['control-proof', 'typed'],
      ]);
      expect(circuitLog).toEqual([]);
    }
    expect((await other.sheet()).systemLog).toEqual([]);
  });

  it('is refused with field, range and what to do, and never answers 500', async () => {
    const walk = await JobWalk.fresh(lead);
    await walk.survey({ systemType: 'split-hp', replaced: 'both-units' });
    const refused = async (kind: string, body: object) =>
      (await walk.post('/circuit-entries', written(kind, body))).body;
    const plan = planFor(await walk.sheet());
    expect(await refused('wiring-plan', { ...plan, twoWires: true })).toMatchObject({ field: 'twoWires' });
    expect(await refused('wiring-plan', { ...plan, fuseA: 99 })).toMatchObject({
      code: 'bad-input',
      field: 'fuseA',
      allowed: '1 to 10 A',
    });
    expect(
      await refused('as-wired', { edits: [{ kind: 'move', wire: 'stat:G', end: 'b', to: 'moon.G' }] }),
    ).toMatchObject({
      field: 'edits.0.to',
      allowed: expect.stringContaining('in.OB'),
    });
    expect(await refused('as-wired', { edits: [{ kind: 'explode' }] })).toMatchObject({ code: 'bad-input' });
    expect(await refused('control-proof', { call: 'heat2', open: [], seen: [], simulated: false })).toMatchObject({
      field: 'call',
    });
    expect(
      await refused('meter-reading', { call: 'fan', open: [], a: 'x.R', b: 'in.C', volts: 24, simulated: false }),
    ).toMatchObject({
      field: 'a',
    });
    expect(
      await refused('isolation-step', {
        which: 'outdoor',
        step: 'waited',
        volts: null,
        microfarads: null,
        meter: null,
      }),
    ).toMatchObject({
      field: 'step',
      allowed: 'listed',
    });
    expect(
      await refused('inrush', {
        when: 'before',
        startRmsA: -4,
        peakA: null,
        startS: null,
        runA: null,
        learned: null,
        simulated: false,
      }),
    ).toMatchObject({
      field: 'startRmsA',
    });
    expect((await walk.sheet()).systemLog).toEqual([]);
  });

  it('nobody overrides the proof of dead; the signature freezes the wiring, and nothing more is written', async () => {
    const walk = await JobWalk.fresh(lead);
    await walk.survey({ systemType: 'split-hp', replaced: 'outdoor' });
    await walk.choose({ outdoorId: await walk.unit({ model: `W-${walk.id.slice(-6)}` }) });
    await walk.agree();
    const pass = { id: uuid(), gate: 'made-safe', reason: 'the electrician says that it is dead' };
    expect((await walk.post('/phases/wire/overrides', pass)).body).toMatchObject({
      code: 'not-allowed',
      field: 'gate',
    });
    await walk.wire();
    const sheet = await walk.sheet();
    expect(sheet.overrides).toEqual([]);
    expect(sheet.signOffs.map((s) => s.phase)).toContain('wire');
    const late = written('control-proof', { call: 'fan', open: [], seen: [], simulated: false });
    expect((await walk.post('/circuit-entries', late)).status).toBe(409);
    expect((await walk.held('start-up')).map((g) => g.id)).not.toContain('wire-signed');
  });

  it('a change after a proof voids it: the signature is refused until it is tried again', async () => {
    const walk = await JobWalk.fresh(lead);
    await walk.survey({ systemType: 'split-hp', replaced: 'both-units' });
    const sheet = await walk.sheet();
    for (const e of [...goodIsolation(sheet), ...goodControls(sheet)])
      must(await walk.post('/circuit-entries', written(e.kind, e.body)));
    expect((await walk.held('wire')).map((g) => g.id)).not.toContain('controls-proven');
    must(await walk.post('/circuit-entries', written('fault-mended', { code: 'W_OPEN', simulated: false })));
    expect((await walk.held('wire')).map((g) => g.id)).toContain('controls-proven');
    must(
      await walk.post(
        '/circuit-entries',
        written('control-proof', { call: 'aux', open: [], seen: ['BL', 'CC', 'EH'], simulated: false }),
      ),
    );
    must(
      await walk.post(
        '/circuit-entries',
        written('control-proof', { call: 'emergency', open: [], seen: ['BL', 'EH'], simulated: false }),
      ),
    );
    must(
      await walk.post(
        '/circuit-entries',
        written('control-proof', { call: 'defrost', open: [], seen: ['BL', 'CC', 'EH', 'RV'], simulated: false }),
      ),
    );
    for (const device of ['float', 'freeze'])
      must(
        await walk.post(
          '/circuit-entries',
          written('control-proof', {
            call: 'cool1',
            open: [device],
            seen: device === 'float' ? [] : ['BL', 'RV'],
            simulated: false,
          }),
        ),
      );
    expect((await walk.held('wire')).map((g) => g.id)).not.toContain('controls-proven');
  });
});
