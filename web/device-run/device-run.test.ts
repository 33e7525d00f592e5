import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { movedOz, movementId, type ScaleMovement } from '@/contract/movement-id';
import { readingId } from '@/contract/reading-id';
import type { RunCommand } from '@/contract/requests';
import type { JobSheet } from '@/core/job/sheet';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { rigFor } from '@/core/phases/live/rig-setup';
import { recordedStartUp } from '@/core/phases/start-up/start-up-sheet';
import { vacuumBench } from '@/core/plant/bench/bench';
import { rowsOfBlock } from '@/core/plant/feed/block';
import { type FromDesk, PlantDesk } from '@/core/plant/feed/desk';
import { emptyBlock } from '@/core/plant/feed/run-feed';
import type { ApiProblem } from '@/web/api/http';
import { withWaiting } from '@/web/api/outbox/overlay';
import type { Waiting } from '@/web/api/outbox/waiting';
import type { Me } from '@/web/api/use-me';
import { type Desk, DeviceRun, type Outside } from './device-run';
import type { KeptPiece, KeptRun } from './kept-run';
import { orderDevice } from './order-device';
import { readHere } from './read-here';

const CONFIG = {
  seed: 3,
  volumeFt3: 0.35,
  pumpCfm: 6,
  hoses: { boreIn: 0.31, lengthIn: 36, count: 1, coresIn: false },
  pipeF: 78,
  leakMicronCfm: 0,
  gauge: 'right' as const,
};
let nowMs = 0;
let desk: PlantDesk;
let pieces: (KeptPiece & { id: string; certifiedId?: string })[];
let kept: KeptRun | undefined;

/** A desk on this thread, moved by the test's own clock. */
function openDesk(): Desk {
  const listeners: ((m: FromDesk) => void)[] = [];
  desk = new PlantDesk(
    (m) => {
      for (const hear of listeners) hear(structuredClone(m));
    },
    () => nowMs,
  );
  return { send: (m) => desk.take(structuredClone(m)), hear: (l) => void listeners.push(l), close: () => undefined };
}
const outside: Outside = {
  piece: (p) => void pieces.push(p),
  keep: (run) => {
    kept = run;
  },
  forget: () => {
    kept = undefined;
  },
};
const begun = (): KeptRun => {
  const feed = { bench: vacuumBench(CONFIG, 0.004) };
  return {
    id: 'run',
    personId: 'tess',
    jobId: 'job',
    circuitId: 'circuit',
    phase: 'evacuate',
    startedAt: '2026-06-01T12:00:00Z',
    speed: 1,
    feed,
    runSeconds: 0,
    seq: 0,
    pending: { samples: emptyBlock(feed), events: [] },
    keptMs: nowMs,
  };
};
const pass = (s: number): void => {
  for (let i = 0; i < s; i++) {
    nowMs += 1000;
    vi.setSystemTime(nowMs);
    desk.tick();
  }
};
const sent = (): number[] => pieces.flatMap((p) => p.samples.runSeconds);
const upTo = (n: number): number[] => Array.from({ length: n }, (_, i) => i + 1);

beforeEach(() => {
  nowMs = Date.UTC(2026, 5, 1, 12);
  pieces = [];
  kept = undefined;
  vi.useFakeTimers({ now: nowMs, toFake: ['Date'] });
});
afterEach(() => void vi.useRealTimers());

describe('instruments that a device reads by itself', () => {
  it('show at once what they read, and send it in pieces without gaps or doubles', async () => {
    const run = new DeviceRun(begun(), openDesk(), outside);
    expect(run.snapshot().state).toBe('live');
    run.order({ kind: 'pump', on: true });
    pass(1500);
    expect(run.snapshot().samples.at(-1)!.runSeconds).toBe(1500);
    expect(run.snapshot().bench).toMatchObject({ kind: 'vacuum', told: false, switches: { pumpOn: true } });
    expect(pieces.map((p) => [p.seq, p.samples.runSeconds.length])).toEqual([
      [0, 600],
      [1, 600],
    ]);
    await run.stop();
    expect(sent()).toEqual(upTo(1500));
    expect(pieces.flatMap((p) => p.events.map((e) => e.kind))).toEqual(['order']);
    expect(new Set(pieces.map((p) => p.id)).size).toBe(3);
    expect(run.run).toMatchObject({ state: 'stopped', source: 'simulated' });
    expect(run.snapshot().state).toBe('ended');
    expect(kept).toBeUndefined();
    await run.stop();
    expect(pieces).toHaveLength(3);
  });
  it('go on after the window went, with the time between as a gap, from where they were kept', async () => {
    const first = new DeviceRun(begun(), openDesk(), outside);
    first.order({ kind: 'pump', on: true });
    pass(700);
    const microns = first.snapshot().samples.at(-1)!.values.microns!;
    const stood = structuredClone(kept!);
    const had = structuredClone(pieces);
    expect(stood.runSeconds).toBeGreaterThan(690);
    nowMs += 120_000;
    vi.setSystemTime(nowMs);
    const again = new DeviceRun(stood, openDesk(), outside, { gapMs: nowMs - stood.keptMs, pieces: had });
    const { samples, events } = again.snapshot();
    expect(samples.map((s) => s.runSeconds)).toEqual(upTo(stood.runSeconds));
    expect(events.at(-1)).toMatchObject({ kind: 'gap' });
    pass(30);
    const after = again.snapshot().samples.at(-1)!;
    expect(after.runSeconds).toBeGreaterThan(stood.runSeconds + 100);
    expect(after.values.microns!).toBeLessThan(microns * 1.1);
    await again.stop();
    const all = sent();
    expect(new Set(all).size).toBe(all.length);
    expect(all).toEqual([...all].sort((a, b) => a - b));
    expect(pieces.map((p) => p.seq)).toEqual(pieces.map((_, i) => i));
    expect(pieces.flatMap((p) => p.events).filter((e) => e.kind === 'gap')).toHaveLength(1);
  });
  it('time ahead is more than a piece: it is cut as the others are', async () => {
    const run = new DeviceRun(begun(), openDesk(), outside);
    run.ahead(1300);
    expect(pieces.map((p) => p.samples.runSeconds.length)).toEqual([600, 600]);
    await run.stop();
    expect(sent()).toEqual(upTo(1300));
  });
  it('a change of speed is told to the screen at once', () => {
    const run = new DeviceRun(begun(), openDesk(), outside);
    run.speed(60);
    expect(run.snapshot().bench!.speed).toBe(60);
    expect(run.run.speed).toBe(60);
    pass(10);
    expect(run.snapshot().samples.at(-1)!.runSeconds).toBe(600);
  });
});

describe('a charge on a device', () => {
  const sheet = sampleSheet();
  const system = (): KeptRun => {
    const read = rigFor(sheet);
    if (!read.ok) throw new Error(read.refused.field);
    const feed = read.value;
    return { ...begun(), phase: 'charge', feed, pending: { samples: emptyBlock(feed), events: [] } };
  };

  it('what was weighed is on its way as soon as the scale is at rest, with who answers for it', () => {
    const run = new DeviceRun(system(), openDesk(), outside);
    run.under('jory');
    run.order({ kind: 'weigh-in', oz: 10 });
    let s = 0;
    for (; s < 600 && pieces.length === 0; s++) pass(1);
    expect(pieces).toHaveLength(1);
    const moved = pieces[0]!.events.find((e) => e.kind === 'scale-movement') as unknown as ScaleMovement;
    expect(movedOz(moved)).toBeCloseTo(10, 0);
    expect(pieces[0]).toMatchObject({ seq: 0, certifiedId: 'jory' });
    expect(run.snapshot().rig).toMatchObject({ valveOpen: false, movementStartOz: null });
    // What comes after is in the next piece: no second is told twice.
    pass(5);
    void run.stop();
    expect(sent()).toEqual(upTo(s + 5));
    const waiting = pieces.map((p, seq) => ({ seq, path: '/runs/run/device-log', body: p, at: 'now' }));
    const runs = [{ ...run.run, circuitId: 'k' }];
    const shown = withWaiting({ ...sheet, runs }, waiting as unknown as Waiting[], { fullName: 'Tess Orlan' } as Me);
    expect(shown.measurements).toMatchObject([
      {
        id: movementId('run', moved.startS),
        value: movedOz(moved),
        source: 'simulated',
        stage: 'weigh-in',
        runId: 'run',
      },
    ]);
    // On the sheet of another job, and once the server has it, nothing is added.
    expect(withWaiting(sheet, waiting as unknown as Waiting[], {} as Me)).toEqual(sheet);
    expect(withWaiting(shown, waiting as unknown as Waiting[], {} as Me).measurements).toHaveLength(1);
  });

  it('is ordered by the rules of the server', async () => {
    const run = new DeviceRun(system(), openDesk(), outside);
    const me = { certification: 'none' } as Me;
    const weigh = { kind: 'weigh-in', oz: 10 } as const;
    const orderOf = (s: JobSheet, who: Me, command: RunCommand) =>
      orderDevice(run, s, who, command).then(
        () => 'done',
        (e: ApiProblem) => `${e.code} ${e.field}`,
      );
    expect(await orderOf({ ...sheet, vacuum: null }, me, weigh)).toBe('gate-held standing-vacuum');
    expect(await orderOf(sheet, me, weigh)).toBe('bad-input certifiedId');
    expect(await orderOf(sheet, me, { ...weigh, certifiedId: 'jory' })).toBe('done');
    pass(2);
    expect(await orderOf(sheet, { certification: 'universal' } as Me, weigh)).toBe('bad-input kind');
  });
});

describe('a start-up on a device', () => {
  const sheet = sampleSheet();
  const begunHere = (): DeviceRun => {
    const read = rigFor(sheet);
    if (!read.ok) throw new Error(read.refused.field);
    const feed = read.value;
    return new DeviceRun(
      { ...begun(), phase: 'start-up', feed, pending: { samples: emptyBlock(feed), events: [] } },
      openDesk(),
      outside,
    );
  };
  const waitingOf = (run: DeviceRun, body: object): Waiting[] =>
    [
      { seq: 0, path: '/jobs/job/device-runs', body: { id: run.id, phase: 'start-up', startedAt: run.run.startedAt } },
      { seq: 1, path: '/jobs/job/rounds', body },
    ] as unknown as Waiting[];

  it('starts once its charge is signed for', async () => {
    const run = begunHere();
    const start = () => orderDevice(run, { ...sheet, signOffs: [] }, {} as Me, { kind: 'start' });
    await expect(start()).rejects.toMatchObject({ code: 'gate-held', field: 'charge-signed' });
    expect(run.snapshot().rig).toMatchObject({ running: false });
  });

  it('a round is what the pieces say that were sent before it, on the sheet as the server will store it', async () => {
    const run = begunHere();
    run.order({ kind: 'start' });
    pass(1300);
    const read = readHere(run, sheet, null);
    // Everything up to that second is on its way, no piece larger than one may be.
    expect(sent()).toEqual(upTo(1300));
    expect(pieces.every((p) => p.samples.runSeconds.length <= 600)).toBe(true);
    const samples = pieces.flatMap((p) => rowsOfBlock(p.samples));
    const mean = (name: string): number => {
      const last = samples.slice(-16).map((s) => s.values[name]!);
      return last.reduce((a, b) => a + b, 0) / last.length;
    };
    const { values, atS, stood } = read.device!;
    expect(atS).toBe(1300);
    for (const name of ['suctionPsig', 'liquidLineF', 'compressorA'] as const)
      expect(values[name]).toBeCloseTo(mean(name), 3);
    expect(values).not.toHaveProperty('airflowCfm');
    expect(readHere(run, sheet, ['airflowCfm']).device!.values).toEqual({
      airflowCfm: expect.closeTo(mean('airflowCfm'), 3),
    });
    expect(stood.ranMin).toBeCloseTo(21.6, 0);

    const body = { setId: 'set', stage: 'final', typed: [], run: read, sign: null };
    const waiting = waitingOf(run, body);
    const shown = withWaiting(sheet, waiting, { fullName: 'Tess Orlan' } as Me);
    const fresh = shown.measurements.filter((m) => m.setId === 'set');
    expect(Object.fromEntries(fresh.map((m) => [m.quantity, m.value]))).toEqual(values);
    expect(fresh.find((m) => m.quantity === 'suctionPsig')).toMatchObject({
      id: readingId('set', 'suctionPsig'),
      source: 'simulated',
      runId: run.id,
      runSeconds: 1300,
      person: 'Tess Orlan',
      detail: { steady: stood.steady },
    });
    expect(withWaiting(shown, waiting, {} as Me).measurements).toEqual(shown.measurements);
    // A signature rests on the same, with the run at hand or without it.
    const { events } = run.snapshot();
    const [withRun, without] = [{ samples, events }, undefined].map((data) => recordedStartUp(shown, () => data));
    expect(without?.steady.state).toBe(withRun?.steady.state);
    expect(without?.missing).toEqual(withRun?.missing);
    await run.stop();
  });

  it('of a run that the sheet does not have nothing is shown', () => {
    const run = begunHere();
    run.order({ kind: 'start' });
    pass(60);
    const body = { setId: 'set', stage: 'reading', typed: [], run: readHere(run, sheet, null), sign: null };
    expect(withWaiting(sheet, waitingOf(run, body).slice(1), {} as Me).measurements).toEqual(sheet.measurements);
  });
});
