import { v7 as uuid } from 'uuid';
import type { RunPhase } from '@/contract/requests';
import { recoveryCylinder } from '@/core/circuit/recovery/cylinder-choice';
import { evacuate } from '@/core/phases/evacuate/phase';
import { evacuationView } from '@/core/phases/evacuate/view';
import { join } from '@/core/phases/join/phase';
import { volumeOf } from '@/core/phases/join/view';
import { type BenchChange, benchFor } from '@/core/phases/live/bench-setup';
import type { EntryBody, EntryKind } from '@/core/phases/log/entries';
import type { PhaseDescriptor } from '@/core/phases/phase';
import { pressureTest } from '@/core/phases/pressure-test/phase';
import { recover } from '@/core/phases/recover/phase';
import { benchOf } from '@/core/phases/registry';
import { dewPsia } from '@/core/refrigerant/lookup';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { DEFAULT_BAROMETER_PSIA } from '@/core/units/units';
import {
  DEAD_PROOF,
  DRIER,
  JOINT,
  LINE_RUN,
  OLD_CHARGE,
  PUMP_SETUP,
  REMOVAL_FACTS,
  TEST_PLAN,
} from '@/demo/sample-entries';
import type { Database } from '@/server/db/pool';
import { usable } from '@/server/errors/problem';
import { recoverInto } from '@/server/features/cylinders/cylinder-moves';
import { cylindersStore } from '@/server/features/cylinders/cylinders-store';
import { readRunData } from '@/server/features/instruments/run-data';
import { mustBeEquipped, sheetFor } from '@/server/features/jobs/jobs-service';
import type { Person } from '@/server/features/people/people-store';
import { signPhase } from '@/server/features/phases/phases-service';
import { DEMO_JOINTS, type DemoCircuit } from './circuits';
import { DayClock } from './day-clock';
import { demoDay } from './demo-day';
import { type PlayStep, playRun } from './play';
import { writeDemoEntry } from './write-entry';

/** The demo's old systems stand at this before they are opened, °F. */
const STANDING_F = 74;
const COLDEST_F = 68;
/** These jobs began this morning; to write something down takes a moment, min. */
const SO_FAR_MIN = 6 * 60;
const WRITING_MIN = 2;

/** Plays a demo job through the phases of its circuit, as far as it reaches. */
export async function loadCircuit(database: Database, lead: Person, jobId: string, demo: DemoCircuit): Promise<void> {
  const clock = new DayClock(new Date(Date.now() - SO_FAR_MIN * 60_000));
  const joints: string[] = [];
  const write = (
    kind: EntryKind,
    body: Record<string, unknown>,
    source = 'typed',
    at = clock.pass(WRITING_MIN).now,
  ): Promise<string> => writeDemoEntry(database, lead, { jobId }, { kind, body, source }, at);
  const play = async (
    phase: RunPhase,
    change: BenchChange,
    steps: PlayStep[],
    leave: 'running' | 'stopped',
  ): Promise<void> => {
    const sheet = await sheetFor(database, lead, { jobId });
    const list = await cylindersStore.list(database, lead.companyId);
    const cylinder = recoveryCylinder(list, demo.old.refrigerant as Refrigerant, demoDay(0));
    const feed = usable(benchFor(sheet, benchOf(phase)!, change, cylinder));
    await playRun(database, lead.id, sheet, lead.companyId, feed, phase, steps, clock, leave, async (entry, at) => {
      await write(entry.kind, entry.body, 'simulated', at);
    });
  };
  const sign = (phase: PhaseDescriptor) =>
    clock.do(10, () => signPhase({ database, person: lead, at: { jobId } }, phase, { id: uuid() }));

  // Nobody knows the inside volume of the demo's old units: no pump-down.
  await write('old-charge', { ...OLD_CHARGE, ...demo.old, ozPerFt: 0.54, outdoorFt3: null });
  await write('removal-facts', REMOVAL_FACTS);
  await write('standing-read', {
    gaugePsig: Math.round(dewPsia(demo.old.refrigerant as Refrigerant, STANDING_F) - DEFAULT_BAROMETER_PSIA),
    coldF: STANDING_F,
    hotF: STANDING_F + 4,
    restH: 3,
    readsVacuum: true,
  });
  await write('method', { method: 'machine', reason: 'inside volume of the outdoor unit not known' });
  await write('dead-proof', DEAD_PROOF);
  if (demo.reach === 'recovering') {
    await play('recover', {}, [{ wait: 60 }, { order: { kind: 'machine', on: true } }, { wait: 100 }], 'running');
    return;
  }
  await recovered();
  await sign(recover);
  await joined();
  await sign(join);
  await planned();
  if (demo.reach === 'holding') {
    await play('pressure-test', { swingFPerH: -9 }, [...fill(), { write: startHold }, { wait: 17 * 60 }], 'running');
    for (const id of joints.slice(0, 3)) await write('bubble', { jointId: id, result: 'no bubbles' });
    return;
  }
  let startId = '';
  await play(
    'pressure-test',
    {},
    [...fill(), { write: startHold }, { wait: demo.kept ? 61 * 60 : 31 * 60 }],
    'stopped',
  );
  startId = (await sheetFor(database, lead, { jobId })).circuitLog.filter((e) => e.kind === 'hold-start').at(-1)!.id;
  await endHold(startId);
  for (const id of joints) await write('bubble', { jointId: id, result: 'no bubbles' });
  await write('released', { outdoors: true });
  await sign(pressureTest);
  await write('pump-setup', {
    ...PUMP_SETUP,
    method: demo.kept ? 'triple' : 'single-deep',
    volumeFt3: await volume(),
    coldestPipeF: COLDEST_F,
  });
  await write('blank-off', { microns: 34 });
  const pump: PlayStep[] = [{ wait: 20 }, { order: { kind: 'pump', on: true } }];
  if (demo.reach === 'wet') {
    await play('evacuate', { waterOz: 0.34 }, [...pump, { wait: 16 * 60 }], 'running');
    return;
  }
  let fromS = 0;
  await play(
    'evacuate',
    {},
    [
      ...pump,
      { wait: 7 * 60 },
      { order: { kind: 'valve', open: false } },
      {
        write: (r) => {
          fromS = r.runSeconds;
          return {
            kind: 'isolated',
            body: { microns: Math.round(r.value('microns')), runId: r.runId, runSeconds: r.runSeconds },
          };
        },
      },
      { wait: 11 * 60 },
      {
        write: (r) => ({
          kind: 'standing',
          body: {
            samples: r.since('microns', fromS),
            coldestPipeF: COLDEST_F,
            runId: r.runId,
            fromS,
            toS: r.runSeconds,
          },
        }),
      },
    ],
    'stopped',
  );
  if (demo.reach === 'standing') return;
  if (evacuationView(await sheetFor(database, lead, { jobId })).stage !== 'proven') return;
  await sign(evacuate);
  await write('vacuum-broken', { by: 'factory charge', toPsig: 2, gaugeProtected: true });
  const supply = (await cylindersStore.list(database, lead.companyId)).find(
    (c) => c.use === 'supply' && c.refrigerant === demo.plate.refrigerant,
  )!;
  await write('cylinder-used', { cylinderId: supply.id, leavesAs: 'liquid', hosePurged: true });
  await write('scale-drift', { driftOz: 0.1, minutes: 2 });
  await write('room', { areaFt2: 310, releaseHeightFt: 7.2, detector: true, circulationCfm: 900 });

  async function volume(): Promise<number> {
    return Math.round(1000 * (volumeOf(mustBeEquipped(await sheetFor(database, lead, { jobId }))) ?? 0.35)) / 1000;
  }

  async function recovered(): Promise<void> {
    const list = await cylindersStore.list(database, lead.companyId);
    const cylinder =
      list.find((c) => c.use === 'recovery' && c.refrigerant === demo.old.refrigerant && c.tag !== 'RC-07') ??
      list.find((c) => c.use === 'recovery' && c.refrigerant === null)!;
    const oz = Math.round(demo.old.factoryOz * 1.05 * 2) / 2;
    const startGrossOz = cylinder.tareOz + cylinder.contentsOz;
    const body: EntryBody<'recovered'> = {
      cylinderId: cylinder.id,
      startGrossOz,
      endGrossOz: startGrossOz + oz,
      oily: false,
      scale: 'refrigerant scale',
      runId: null,
    };
    const at = clock.pass(25).now;
    const id = await write('recovered', body, 'simulated', at);
    await recoverInto(
      database,
      lead,
      await sheetFor(database, lead, { jobId }),
      cylinder,
      id,
      body,
      'simulated',
      at.toISOString(),
    );
    await write('level', { reachedPsig: -5.6, afterPsig: -5.1, waitMin: 6 }, 'simulated');
  }

  async function joined(): Promise<void> {
    const { plate } = demo;
    const length = plate.lineLengthFt ?? 30;
    await write('opened', { nitrogenPsig: 1.5, cut: 'cold', capped: true });
    await write('line-run', {
      ...LINE_RUN,
      kept: demo.kept,
      flushed: demo.kept,
      liquidOdIn: plate.liquidLineOdIn,
      vaporOdIn: plate.vaporLineOdIn,
      pieces: [
        { ft: 4, way: 'along' },
        { ft: 9, way: 'up' },
        { ft: length - 19, way: 'along' },
        { ft: 6, way: 'down' },
      ],
      elbows: 6,
      invertedTrap: true,
      liquidThrough: ['attic'],
      liquidWallIn: 0.375,
      aroundF: 120,
      dewPointF: 72,
    });
    for (const j of DEMO_JOINTS)
      joints.push(
        await write('joint', {
          ...JOINT,
          ...j,
          prepared: ['reamed', 'cleaned', 'dry-fitted'],
          odIn: j.line === 'liquid' ? plate.liquidLineOdIn : plate.vaporLineOdIn,
          metals: j.place.startsWith('unit') ? 'copper to brass' : 'copper to copper',
          alloy: j.place.startsWith('unit') ? 'silver with flux' : 'copper-phosphorus',
        }),
      );
    await write('coil-hiss', { hiss: 'yes' });
    await write('drier', DRIER);
    await write('expansion-open', { how: 'not needed' });
    await write('nitrogen-cylinder', { nominalScf: 40, gaugePsig: 1750, purgeScfh: 4, purgeMin: 18 });
    await write('fire-watch', { minutes: 60, extinguisher: true });
  }

  async function planned(): Promise<void> {
    await write('test-plan', { ...TEST_PLAN, volumeFt3: await volume() });
  }

  function fill(): PlayStep[] {
    return [
      { wait: 10 },
      { order: { kind: 'pressurise', psig: 50 } },
      { wait: 90 },
      { order: { kind: 'pressurise', psig: 150 } },
      { wait: 90 },
      { order: { kind: 'pressurise', psig: 450 } },
      { wait: 120 },
      { order: { kind: 'close-source' } },
      { wait: 610 },
    ];
  }

  function startHold(r: { value: (c: string) => number; runId: string; runSeconds: number }) {
    return {
      kind: 'hold-start' as const,
      body: { psig: r.value('testPsig'), pipeF: r.value('pipeF'), runId: r.runId, runSeconds: r.runSeconds },
    };
  }

  async function endHold(id: string): Promise<void> {
    const sheet = await sheetFor(database, lead, { jobId });
    const start = sheet.circuitLog.find((e) => e.id === id) as { body: EntryBody<'hold-start'> };
    const runId = start.body.runId!;
    const { values, runSeconds } = (await readRunData(database, lead.companyId, runId)).samples.at(-1)!;
    await write(
      'hold-end',
      { startId: id, psig: values.testPsig, pipeF: values.pipeF, runId, runSeconds },
      'simulated',
    );
  }
}
