import { useSyncExternalStore } from 'react';
import { v7 as uuid } from 'uuid';
import { type ListedCylinder, onThisDevice } from '@/core/circuit/recovery/checked-out';
import type { Cylinder } from '@/core/circuit/recovery/cylinder';
import { recoveryCylinder } from '@/core/circuit/recovery/cylinder-choice';
import { isEquipped, type JobSheet } from '@/core/job/sheet';
import { chargeInOz } from '@/core/phases/charge/charge-sheet';
import { benchFor } from '@/core/phases/live/bench-setup';
import { rigFor, takenUp } from '@/core/phases/live/rig-setup';
import { heldBefore } from '@/core/phases/live/run-rules';
import { recoveryView, stillExpectedOz } from '@/core/phases/recover/view';
import { benchOf } from '@/core/phases/registry';
import { isSystem, type SystemFeed } from '@/core/plant/feed/feed';
import { emptyBlock } from '@/core/plant/feed/run-feed';
import { writePath } from '@/web/api/circuit-path';
import { nowIso, todayAt } from '@/web/api/clock';
import { deviceId } from '@/web/api/device-id';
import { deviceStore } from '@/web/api/device-store';
import { ApiProblem, get } from '@/web/api/http';
import { write } from '@/web/api/outbox/our-outbox';
import { withSheet } from '@/web/api/use-cylinders';
import type { Me } from '@/web/api/use-me';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { type Desk, DeviceRun, type Outside } from './device-run';
import type { DevicePhase, KeptRun } from './kept-run';
import { usable } from './order-device';
import { holdRun, letGoOf } from './run-locks';

/** Nobody looked at it for so long: it is no longer going on, what was read of it is sent, ms. */
const GIVEN_UP_MS = 30 * 60_000;

let runs: readonly DeviceRun[] = [];
/** Runs that another window of this device reads. */
let elsewhere: readonly KeptRun[] = [];
const listeners = new Set<() => void>();
function show(next: readonly DeviceRun[]): void {
  runs = next;
  for (const listener of listeners) listener();
}

/** Desks are one worker each: a device reads one or two runs, not twenty. */
function openDesk(): Desk {
  const worker = new Worker(new URL('../workers/plant-worker.ts', import.meta.url), { type: 'module' });
  return {
    send: (message) => worker.postMessage(message),
    hear: (listener) => worker.addEventListener('message', ({ data }) => listener(data)),
    close: () => worker.terminate(),
  };
}

/** One after the other: a piece is never kept before the run that it was cut from. */
let line: Promise<unknown> = Promise.resolve();
const inLine = (work: () => Promise<unknown>): void => {
  line = line.then(work).catch(() => undefined);
};

const outside: Outside = {
  piece: ({ id, runId, certifiedId, ...piece }) => {
    inLine(async () => (await deviceStore()).put('pieces', { runId, ...piece }));
    write('POST', `/runs/${runId}/device-log`, { id, ...piece, ...(certifiedId ? { certifiedId } : {}) }).catch(
      () => undefined,
    );
  },
  keep: (run) => inLine(async () => (await deviceStore()).put('runs', run)),
  forget: (runId) =>
    inLine(async () => {
      const store = await deviceStore();
      await store.delete('runs', runId);
      for (const key of await store.getAllKeysFromIndex('pieces', 'run', runId)) await store.delete('pieces', key);
      show([...runs]);
    }),
};

/** Simulated instruments of a phase, on this device: they need no server, and everything read in them is sent afterwards. */
export async function startOnDevice(sheet: JobSheet, me: Me, phase: DevicePhase): Promise<DeviceRun> {
  const other = elsewhere.find((r) => r.circuitId === sheet.circuit.id);
  if (other) throw new ApiProblem({ code: 'run-state', message: t('web.run-is-in-another-window') }, 0);
  const held = heldBefore(sheet, phase);
  if (held) throw new ApiProblem({ code: 'gate-held', field: held.id, message: say(held.say) }, 0);
  const bench = benchOf(phase);
  const before = runs.filter((r) => r.circuitId === sheet.circuit.id);
  // One after the other on a circuit: the gear is the same.
  for (const run of before) await run.stop();
  const feed = bench
    ? usable(benchFor(sheet, bench, {}, bench === 'recovery' ? await cylinderOnScale(sheet) : undefined))
    : systemOf(sheet, before);
  const run: KeptRun = {
    id: uuid(),
    personId: me.id,
    jobId: sheet.job.id,
    circuitId: sheet.circuit.id,
    phase,
    startedAt: nowIso(),
    speed: 1,
    feed,
    runSeconds: 0,
    seq: 0,
    pending: { samples: emptyBlock(feed), events: [] },
    keptMs: Date.now(),
  };
  // Told first: whatever is read in it names it.
  const told = { id: run.id, phase, startedAt: run.startedAt };
  write('POST', writePath(sheet.circuit.id, `/jobs/${run.jobId}/device-runs`), told).catch(() => undefined);
  void holdRun(run.id, () => leftTo(run.id));
  const begun = new DeviceRun(run, openDesk(), outside);
  show([...runs, begun]);
  // A system that ran on counts as started now: nobody watched it in between.
  if (isSystem(feed) && feed.rig.running) begun.order({ kind: 'start' });
  return begun;
}

/** The simulated system as this device left it, else a fresh one with as much in it as the sheet says. */
function systemOf(sheet: JobSheet, before: readonly DeviceRun[]): SystemFeed {
  const stood = before.map((r) => r.feed).findLast((f) => isSystem(f));
  return stood ? takenUp(stood, sheet.job.mode) : usable(rigFor(sheet, {}, inSystemOz(sheet)));
}

/** What the sheet says is in the system, so that a simulated one holds as much; undefined where nothing is known. */
const inSystemOz = (sheet: JobSheet): number | undefined => (isEquipped(sheet) ? chargeInOz(sheet) : undefined);

async function cylinderOnScale(sheet: JobSheet): Promise<Cylinder | undefined> {
  const { cylinders } = await get<{ cylinders: ListedCylinder[] }>('/cylinders').catch(() => ({ cylinders: [] }));
  const { old } = recoveryView(sheet);
  return recoveryCylinder(
    withSheet(onThisDevice(cylinders, deviceId()), sheet.cylinders),
    old?.body.refrigerant,
    todayAt(sheet.site.timeZone),
    undefined,
    stillExpectedOz(sheet),
  );
}

/** Another window goes on with it. */
function leftTo(runId: string): void {
  const run = runs.find((r) => r.id === runId);
  if (!run?.running) return;
  run.leave();
  elsewhere = [...elsewhere, run.asKept];
  show(runs.filter((r) => r !== run));
}

/** What the other window read last is kept by then, ms. */
const HANDED_ON_MS = 500;

/** Goes on here with a run that another window of this device reads; that one lets it go. */
export async function takeOver(me: Pick<Me, 'id'>, runId: string): Promise<void> {
  await holdRun(runId, () => leftTo(runId), { steal: true });
  await new Promise((done) => setTimeout(done, HANDED_ON_MS));
  const kept = await (await deviceStore()).get('runs', runId);
  elsewhere = elsewhere.filter((r) => r.id !== runId);
  if (kept?.personId === me.id) await goOn(kept);
  show([...runs]);
}

/** What this device was reading when its window went: taken up again with the time between as a gap; one call at a time. */
export function takeUpRuns(me: Pick<Me, 'id'>): Promise<void> {
  takingUp = takingUp.then(() => takeUp(me)).catch(() => undefined);
  return takingUp;
}
let takingUp: Promise<void> = Promise.resolve();

async function takeUp(me: Pick<Me, 'id'>): Promise<void> {
  const strangers = runs.filter((r) => r.personId !== me.id);
  for (const run of strangers) {
    if (run.running) run.leave();
    letGoOf(run.id);
  }
  if (strangers.length) show(runs.filter((r) => r.personId === me.id));
  const others: KeptRun[] = [];
  for (const kept of await (await deviceStore()).getAll('runs')) {
    if (kept.personId !== me.id || runs.some((r) => r.id === kept.id)) continue;
    if (await holdRun(kept.id, () => leftTo(kept.id))) await goOn(kept);
    else others.push(kept);
  }
  if (others.length || elsewhere.length) {
    elsewhere = others;
    show([...runs]);
  }
}

async function goOn(kept: KeptRun): Promise<void> {
  const pieces = await (await deviceStore()).getAllFromIndex('pieces', 'run', kept.id);
  const gapMs = Math.max(0, Date.now() - kept.keptMs);
  const run = new DeviceRun(kept, openDesk(), outside, { gapMs, pieces });
  show([...runs, run]);
  if (gapMs > GIVEN_UP_MS) await run.stop();
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};
/** The runs that this window reads or has read. */
export const useDeviceRuns = (): readonly DeviceRun[] => useSyncExternalStore(subscribe, () => runs);
/** The run of a circuit that another window of this device reads. */
export const useRunElsewhere = (circuitId: string): KeptRun | undefined =>
  useSyncExternalStore(subscribe, () => elsewhere).find((r) => r.circuitId === circuitId);
