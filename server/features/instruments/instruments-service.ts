import { randomBytes } from 'node:crypto';
import type { RunCommand, RunPhase } from '@/contract/requests';
import type { Cylinder } from '@/core/circuit/recovery/cylinder';
import { recoveryCylinder } from '@/core/circuit/recovery/cylinder-choice';
import { refusal } from '@/core/finding/outcome';
import { may } from '@/core/job/permissions';
import { PHASE_WORDS } from '@/core/job/phases';
import type { JobSheet } from '@/core/job/sheet';
import { benchFor } from '@/core/phases/live/bench-setup';
import { channelsOf } from '@/core/phases/live/channels';
import { rigFor, takenUp } from '@/core/phases/live/rig-setup';
import {
  cylinderOnto,
  heldBefore,
  heldStart,
  refusesMachine,
  refusesOrder,
  refusesTakingOut,
} from '@/core/phases/live/run-rules';
import { recoveryView, stillExpectedOz } from '@/core/phases/recover/view';
import { benchOf } from '@/core/phases/registry';
import { sheetGates } from '@/core/phases/standing';
import { BENCH_ORDERS, type BenchOrder } from '@/core/plant/bench/bench';
import { type BenchFeed, isBench, isSystem, type SystemFeed } from '@/core/plant/feed/feed';
import type { RigCommand, RigConfig } from '@/core/plant/rig';
import { dayAt } from '@/core/words/calendar';
import { audit } from '@/server/audit';
import type { Deps } from '@/server/deps';
import { badInput, Problem, refusedWith, usable } from '@/server/errors/problem';
import { cylindersStore } from '@/server/features/cylinders/cylinders-store';
import type { JobAt } from '@/server/features/jobs/job-at';
import { refreshSummary } from '@/server/features/jobs/job-summary';
import { mustGoAhead, sheetFor } from '@/server/features/jobs/jobs-service';
import { mustBeOpen, mustHoldVacuum } from '@/server/features/measurements/measurements-service';
import { answersFor } from '@/server/features/people/certified';
import type { Person } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';
import { isWritten, writesFirst } from '@/server/write-once';
import { type ActiveRun, benchNow } from './active-run';
import { isPort, type PortFeed } from './feed-protocol';
import { tokenHash } from './port-protocol';
import { type RunRow, runsStore } from './runs-store';
import { tellRun, toldOf } from './told-run';

export async function runFor(deps: Pick<Deps, 'database'>, person: Person, runId: string): Promise<RunRow> {
  const run = await runsStore.byId(deps.database, runId);
  if (!run || run.companyId !== person.companyId)
    throw new Problem('not-found', { message: tell('server.no-such-run-in-your-company') });
  return run;
}

export function activeOf(deps: Deps, run: RunRow): ActiveRun {
  const active = deps.hall.get(run.id);
  if (!active) throw new Problem('run-state', { message: tell('server.this-run-is-not-running-resume') });
  return active;
}

/** Starts the simulated instruments of a phase. One that already runs there is the run: a second start changes nothing. */
export function startRun(
  deps: Deps,
  person: Person,
  at: JobAt,
  body: { id: string; phase: RunPhase; speed: number },
): Promise<RunRow> {
  const { jobId } = at;
  return deps.hall.inTurn(jobId, () => startNow(deps, person, at, body));
}

async function startNow(
  deps: Deps,
  person: Person,
  at: JobAt,
  body: { id: string; phase: RunPhase; speed: number },
): Promise<RunRow> {
  const { jobId } = at;
  const { database, hall } = deps;
  const write = { id: body.id, what: 'run', jobId, body };
  if (await isWritten(database, person, write)) return runFor(deps, person, body.id);
  const sheet = await sheetFor(database, person, at);
  mustGoAhead(sheet);
  mustBeOpen(sheet, body.phase);
  const other = await runsStore.runningOf(database, person.companyId, sheet.circuit.id);
  if (other && other.phase === body.phase && other.source === 'simulated' && (await hall.isRead(other.id)))
    return other;
  if (other) await hall.stop(other.id);
  const feed = await feedFor(deps, person, sheet, body.phase);
  const run = {
    id: body.id,
    companyId: person.companyId,
    jobId,
    circuitId: sheet.circuit.id,
    phase: body.phase,
    source: 'simulated' as const,
    speed: body.speed,
    startedBy: person.id,
  };
  await database.transaction(async (db) => {
    await writesFirst(db, person, write);
    await runsStore.insert(db, run);
    await runsStore.saveRig(db, run, feed);
    await audit(db, person, jobId, 'run started', {
      runId: body.id,
      phase: body.phase,
      source: 'simulated',
      speed: body.speed,
    });
    await refreshSummary(db, person.companyId, jobId);
  });
  const row = (await runsStore.byId(database, body.id))!;
  await hall.open(row, feed, { runSeconds: 0, seq: 0 });
  // A system that is still running from an earlier run counts as started now: nobody watched it in between.
  if (isSystem(feed) && feed.rig.running) hall.command(row.id, { kind: 'start' });
  return row;
}

/** The simulated system or bench as it stood, or a fresh one; a bench waits for the phase before it. */
async function feedFor(
  { database }: Deps,
  person: Person,
  sheet: JobSheet,
  phase: RunPhase,
): Promise<SystemFeed | BenchFeed> {
  const bench = benchOf(phase);
  if (!bench) return systemFor(database, person, sheet);
  mustHavePhaseBefore(sheet, phase);
  return (
    ((await runsStore.rig(database, person.companyId, sheet, bench)) as BenchFeed | undefined) ??
    usable(
      benchFor(sheet, bench, {}, bench === 'recovery' ? await cylinderOnScale(database, person, sheet) : undefined),
    )
  );
}
async function systemFor(database: Deps['database'], person: Person, sheet: JobSheet): Promise<SystemFeed> {
  const stood = (await runsStore.rig(database, person.companyId, sheet)) as SystemFeed | undefined;
  return stood ? takenUp(stood, sheet.job.mode) : usable(rigFor(sheet));
}

/** A simulated system that runs follows the call at the thermostat: it stops, and is called for again. */
export async function followMode({ database, hall }: Deps, person: Person, sheet: JobSheet): Promise<void> {
  const run = await runsStore.runningOf(database, person.companyId, sheet.circuit.id);
  if (run?.phase === 'start-up' && run.source === 'simulated' && hall.get(run.id))
    hall.command(run.id, { kind: 'configure', change: { mode: sheet.job.mode } });
}

/** The cylinder a crew would put on the scale, as the page proposes it. */
async function cylinderOnScale(
  database: Deps['database'],
  person: Person,
  sheet: JobSheet,
): Promise<Cylinder | undefined> {
  const list = await cylindersStore.list(database, person.companyId);
  const { old } = recoveryView(sheet);
  const today = dayAt(new Date(), sheet.site.timeZone);
  return recoveryCylinder(list, old?.body.refrigerant, today, undefined, stillExpectedOz(sheet));
}

function mustHavePhaseBefore(sheet: JobSheet, phase: RunPhase): void {
  const first = heldBefore(sheet, phase);
  if (first)
    throw new Problem('gate-held', {
      field: first.id,
      message: tell('server.waits', { phaseWords: PHASE_WORDS[phase], say: first.say }),
      allowed: first.overridable ? tell('server.clear-it-or-lead-overrides-it') : tell('server.clear-it-first'),
      job: sheet.job.id,
    });
}

/** A run for instruments of the crew's own: they find it by the token, which is told once. */
export function openPortRun(
  deps: Deps,
  person: Person,
  at: JobAt,
  body: PortRunBody,
): Promise<{ token: string; channels: string[] }> {
  const { jobId } = at;
  return deps.hall.inTurn(jobId, () => openPortNow(deps, person, at, body));
}
type PortRunBody = { id: string; phase: RunPhase; source: 'instrument' | 'replayed' };

async function openPortNow(
  deps: Deps,
  person: Person,
  at: JobAt,
  body: PortRunBody,
): Promise<{ token: string; channels: string[] }> {
  const { jobId } = at;
  const { database, hall } = deps;
  if (await runsStore.byId(database, body.id))
    throw new Problem('other-body', refusal('id', tell('server.this-id-already-holds-run'), tell('server.new-id')));
  const sheet = await sheetFor(database, person, at);
  mustGoAhead(sheet);
  mustBeOpen(sheet, body.phase);
  mustHavePhaseBefore(sheet, body.phase);
  const other = await runsStore.runningOf(database, person.companyId, sheet.circuit.id);
  if (other) await hall.stop(other.id);
  const token = randomBytes(18).toString('base64url');
  const feed: PortFeed = {
    port: { channels: channelsOf(body.phase), tokenHash: tokenHash(token), told: toldOf(body.phase) },
  };
  await database.transaction(async (db) => {
    await runsStore.insert(db, {
      id: body.id,
      companyId: person.companyId,
      jobId,
      circuitId: sheet.circuit.id,
      phase: body.phase,
      source: body.source,
      speed: 1,
      startedBy: person.id,
    });
    await audit(db, person, jobId, 'run started', { runId: body.id, phase: body.phase, source: body.source });
    await refreshSummary(db, person.companyId, jobId);
  });
  const active = (await hall.open((await runsStore.byId(database, body.id))!, feed, { runSeconds: 0, seq: 0 }))!;
  // Stored at once, so that the token still finds its run after a restart.
  active.accept({
    type: 'batch',
    runId: body.id,
    producedAt: Date.now(),
    block: { runSeconds: [], values: {} },
    events: [{ runSeconds: 0, kind: 'port-open' }],
    feed,
  });
  await active.commit();
  return { token, channels: feed.port.channels };
}

export async function stopRun(deps: Deps, person: Person, runId: string): Promise<void> {
  const run = await runFor(deps, person, runId);
  if (run.startedBy !== person.id && !may(person.role, 'stop-run-of-another'))
    throw new Problem('not-allowed', { message: tell('server.run-of-another-person') });
  await deps.hall.stop(run.id);
  await deps.database.transaction(async (db) => {
    await runsStore.setState(db, run.id, 'stopped');
    await audit(db, person, run.jobId, 'run stopped', { runId });
    await refreshSummary(db, person.companyId, run.jobId);
  });
}

export async function resumeRun(deps: Deps, person: Person, runId: string): Promise<void> {
  const run = await runFor(deps, person, runId);
  await deps.hall.inTurn(run.jobId, () => resumeNow(deps, person, run));
}

async function resumeNow(deps: Deps, person: Person, run: RunRow): Promise<void> {
  const runId = run.id;
  if (deps.hall.get(run.id)) return;
  const last = await runsStore.lastChunk(deps.database, run.id);
  if (!last?.feed) throw new Problem('run-state', { message: tell('server.nothing-of-this-run-was-stored') });
  mustGoAhead(await sheetFor(deps.database, person, run));
  await runsStore.setState(deps.database, run.id, 'running');
  await audit(deps.database, person, run.jobId, 'run resumed', { runId });
  // Another server may have been faster: it is running then, which was asked for.
  await deps.hall.resume({ ...run, state: 'running' }, last);
}

export async function commandRun(deps: Deps, person: Person, runId: string, command: RunCommand): Promise<void> {
  const run = await runFor(deps, person, runId);
  const active = activeOf(deps, run);
  const sheet = await sheetFor(deps.database, person, run);
  mustBeOpen(sheet, run.phase);
  const { feed } = active;
  if (command.kind === 'ahead') {
    // Time of real gear passes by itself.
    if (isPort(feed))
      throw badInput(
        'kind',
        tell('server.only-simulated-time-runs-ahead'),
        tell('server.start-stop-weigh-in-recover-close'),
      );
    deps.hall.ahead(run.id, command.seconds);
    return;
  }
  if (isBench(feed) && command.kind !== 'speed') {
    const refused = refusesOrder(feed.bench.kind, command.kind);
    if (refused) throw refusedWith(refused);
    const order = command.kind === 'cylinder' ? await cylinderOrder(deps, person, sheet, command.cylinderId) : command;
    if (command.kind === 'machine' && command.on) await mustHaveRoom(deps, person, sheet, active);
    await audit(deps.database, person, run.jobId, 'instrument command', { runId, command });
    deps.hall.command(run.id, order as BenchOrder);
    return;
  }
  if (!isPort(feed) && BENCH_ONLY.has(command.kind))
    throw badInput(
      'kind',
      tell('server.this-system-does-not-know-that'),
      tell('server.start-stop-weigh-in-recover-close'),
    );
  if (command.kind === 'weigh-in' || command.kind === 'recover') {
    mustHoldVacuum(sheet, sheetGates(sheet, 'charge'));
    const certified = await answersFor(deps.database, person, command.certifiedId);
    await runsStore.setCertified(deps.database, run.id, certified.id);
    active.run.certifiedId = certified.id;
    if ((isSystem(feed) && feed.movement) || typeof benchNow(feed, 1)?.switches.movementStartOz === 'number')
      throw new Problem('run-state', { message: tell('server.scale-is-still-busy-with-last') });
  }
  if (command.kind === 'recover') await mustHaveRecoveryCylinder(deps, person, sheet, command.oz);
  if (command.kind === 'start' && heldStart(sheet))
    throw new Problem(
      'gate-held',
      refusal(
        'charge-signed',
        tell('server.sign-weighed-charge-before-first-start'),
        tell('server.signed-charge-or-leads-override-with'),
      ),
    );
  if (isPort(feed)) {
    if (command.kind === 'machine' && command.on) await mustHaveRoom(deps, person, sheet, active);
    const told = command.kind === 'cylinder' ? await cylinderOrder(deps, person, sheet, command.cylinderId) : command;
    await tellRun(deps, person, active, told);
    return;
  }
  if (command.kind !== 'speed') await audit(deps.database, person, run.jobId, 'instrument command', { runId, command });
  if (command.kind === 'speed') await deps.hall.speed(active, command.speed);
  else if (command.kind === 'configure')
    deps.hall.command(run.id, { kind: 'configure', change: command.change as Partial<RigConfig> });
  else deps.hall.command(run.id, command as RigCommand);
}
/** The cylinder that is put on the scale. */
async function cylinderOrder(
  { database }: Deps,
  person: Person,
  sheet: JobSheet,
  cylinderId: string,
): Promise<BenchOrder> {
  const cylinder = await cylindersStore.byId(database, person.companyId, cylinderId);
  const today = dayAt(new Date(), sheet.site.timeZone);
  return usable(cylinderOnto(cylinder, recoveryView(sheet).old?.body.refrigerant, today));
}

/** What is taken out of the new system goes into a cylinder that may take it, and the ledger says which. */
async function mustHaveRecoveryCylinder(
  { database }: Deps,
  person: Person,
  sheet: JobSheet,
  oz: number,
): Promise<void> {
  const list = await cylindersStore.list(database, person.companyId);
  const refused = refusesTakingOut(sheet, list, oz, dayAt(new Date(), sheet.site.timeZone));
  if (refused) throw new Problem('run-state', refused);
}

/** Nothing is pumped into a cylinder that may not take it: never overridden. */
async function mustHaveRoom({ database }: Deps, person: Person, sheet: JobSheet, active: ActiveRun): Promise<void> {
  const id = benchNow(active.feed, 1)?.switches.cylinderId;
  if (typeof id !== 'string') return;
  const cylinder = await cylindersStore.byId(database, person.companyId, id);
  const today = dayAt(new Date(), sheet.site.timeZone);
  const refused = refusesMachine(cylinder, recoveryView(sheet).old?.body.refrigerant, today);
  if (refused) throw new Problem('run-state', refused);
}
const BENCH_ONLY: ReadonlySet<string> = new Set(
  Object.values(BENCH_ORDERS)
    .flat()
    .filter((k) => k !== 'configure'),
);
