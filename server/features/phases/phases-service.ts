import { createHash } from 'node:crypto';
import type { SignOffBody, VacuumRequest } from '@/contract/requests';
import { refusal } from '@/core/finding/outcome';
import type { FurnaceProof } from '@/core/furnace/furnace-proof';
import type { Gate } from '@/core/job/gates';
import { passes } from '@/core/job/gates';
import { PHASE_NOUNS } from '@/core/job/phases';
import type { JobSheet, StartUpRecord, VacuumRecord } from '@/core/job/sheet';
import { vacuumWantsReason } from '@/core/phases/circuit-kept';
import { logOf, wholeLog } from '@/core/phases/log/circuit-log';
import { gatesIn, type PhaseDescriptor } from '@/core/phases/phase';
import { sawOf } from '@/core/phases/saw';
import { beforeSnapshotOf } from '@/core/phases/snapshot';
import { hasCircuit } from '@/core/phases/survey/view';
import { clock, q } from '@/core/words/said';
import type { AsksJob } from '@/server/asks';
import { audit } from '@/server/audit';
import { now } from '@/server/clock';
import type { Database, Db } from '@/server/db/pool';
import { badInput, Problem } from '@/server/errors/problem';
import { contentOf, sameOrStale } from '@/server/errors/stale';
import { everySheet } from '@/server/features/jobs/job-summary';
import { changeOpenJob, mustBeEquipped } from '@/server/features/jobs/jobs-service';
import { loadRecorded } from '@/server/features/jobs/recorded';
import { FURNACE_RECORD } from '@/server/features/jobs/sheet-rows';
import { WITHOUT_CONNECTION_S } from '@/server/features/late/late-writes';
import { mustBeOpen } from '@/server/features/measurements/measurements-service';
import type { Person } from '@/server/features/people/people-store';
import { equipFromScope } from '@/server/features/scopes/equip-from-scope';
import { must } from '@/server/who';
import { tell } from '@/server/words/tell';
import { writesFirst } from '@/server/write-once';
import { phasesStore } from './phases-store';
import { recordKey } from './record-key';

export async function recordVacuum(asks: AsksJob, body: VacuumRequest): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet, person, trail }) => {
    mustBeOpen(sheet, 'charge');
    if (vacuumWantsReason(sheet)) {
      must(person, 'type-vacuum-alone');
      if (body.reason === undefined)
        throw badInput(
          'reason',
          tell('server.nothing-of-recovery-joints-pressure-test'),
          tell('server.10-to-300-characters-by-lead'),
        );
    }
    const record: VacuumRecord = {
      endMicrons: body.endMicrons,
      heldMin: body.heldMin,
      by: person.fullName,
      at: now().toISOString(),
      ...(body.reason === undefined ? {} : { reason: body.reason }),
    };
    const done = await phasesStore.putRecord(db, recordKey(person, sheet, 'evacuate'), record, body.version, person.id);
    if (!done)
      return sameOrStale(
        tell('server.someone-recorded-vacuum-test-after-you'),
        { yours: body, stored: sheet.vacuum },
        { sent: contentOf(record), kept: contentOf(sheet.vacuum) },
      );
    await trail('standing-vacuum test typed', record);
  });
}

/** The typed proof of a furnace alone. */
export function recordFurnace(
  asks: AsksJob,
  { version, proof }: { version: number; proof: FurnaceProof },
): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet, person, trail }) => {
    mustBeOpen(sheet, 'hand-over');
    if (proof.plateRiseLowF >= proof.plateRiseHighF)
      throw badInput(
        'plateRiseHighF',
        tell('server.window-of-rise-ends-below-its'),
        tell('server.above', { plateRiseLowF: q(proof.plateRiseLowF, 'F', 'as is') }),
      );
    const record = { ...proof, by: person.fullName, at: now().toISOString() };
    if (!(await phasesStore.putRecord(db, recordKey(person, sheet, FURNACE_RECORD), record, version, person.id)))
      return sameOrStale(
        tell('server.someone-typed-furnaces-proof-after-you'),
        { yours: { version, proof }, stored: sheet.furnace },
        { sent: proof, kept: contentOf(sheet.furnace) },
      );
    await trail('furnace proof typed', record);
  });
}

/** One confirmation is one tap: merged under a lock, so two crews on one job cannot lose each other's. */
export async function confirm(
  asks: AsksJob,
  name: keyof StartUpRecord['confirmations'],
  confirmed: boolean,
): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet, person, trail }) => {
    // The test mode is left after the start-up has its signature, before the hand-over.
    mustBeOpen(sheet, name === 'testModeLeft' ? 'hand-over' : 'start-up');
    const row = await phasesStore.record<StartUpRecord>(db, recordKey(person, sheet, 'start-up'), true);
    const confirmations = { ...row?.record.confirmations };
    if (confirmed) confirmations[name] = { by: person.fullName, at: now().toISOString() };
    else delete confirmations[name];
    const done = await phasesStore.putRecord(
      db,
      recordKey(person, sheet, 'start-up'),
      { confirmations },
      row?.version ?? 0,
      person.id,
    );
    if (!done) throw new Problem('stale-version', { message: tell('server.someone-confirmed-at-same-moment-try') });
    await trail(confirmed ? 'confirmed' : 'confirmation withdrawn', { name });
  });
}

/** What holds a phase now; a lead overrides what holds a release before it as well as what holds its signature. */
export async function gatesWithRecorded(database: Db, person: Person, sheet: JobSheet, phase: PhaseDescriptor) {
  const recorded = await recordedFor(database, person, sheet, phase);
  return [...(phase.releaseGates?.(sheet) ?? []), ...gatesIn(phase, sheet, recorded)];
}

export async function override(
  asks: AsksJob,
  phase: PhaseDescriptor,
  body: { id: string; gate: string; reason: string },
): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet, person, first, trail }) => {
    if (!(await first(`override ${phase.id}`, body))) return;
    mustBeOpen(sheet, phase.id);
    const gates = await gatesWithRecorded(db, person, sheet, phase);
    const gate = gates.find((g) => g.id === body.gate);
    if (!gate) throw badInput('gate', tell('server.no-such-gate-on-this-phase'), gates.map((g) => g.id).join(', '));
    if (!gate.overridable)
      throw new Problem('not-allowed', {
        field: 'gate',
        message: tell('server.can-never-be-overridden', { asks: gate.asks }),
      });
    if (sheet.overrides.some((o) => o.phase === phase.id && o.gate === body.gate))
      throw new Problem('other-body', { field: 'gate', message: tell('server.this-gate-is-already-overridden') });
    await phasesStore.addOverride(db, {
      ...body,
      ...recordKey(person, sheet, phase.id),
      afterEntryId: logOf(sheet, phase.id).at(-1)?.id ?? null,
      personId: person.id,
    });
    await trail('gate overridden', { phase: phase.id, gate: body.gate, reason: body.reason });
  });
}

function held(gates: Gate[]): Problem {
  const first = gates.find((g) => !passes(g))!;
  return new Problem('gate-held', {
    field: first.id,
    message: tell('server.held', { asks: first.asks, say: first.say }),
    allowed: first.overridable ? tell('server.clear-it-or-lead-overrides-it') : tell('server.clear-it-it-can-never-be'),
    gates,
  });
}

/** Signs a phase: every gate must hold or be overridden; the snapshot is frozen with its hash. */
export const signPhase = (asks: AsksJob, phase: PhaseDescriptor, body: SignOffBody, agoS?: number): Promise<JobSheet> =>
  changeOpenJob(asks, ({ db, sheet, person }) => signUnder(db, person, sheet, phase, body, agoS));

/** The same inside a transaction that already holds the job. */
export async function signUnder(
  db: Db,
  person: Person,
  sheet: JobSheet,
  phase: PhaseDescriptor,
  body: SignOffBody,
  agoS = 0,
): Promise<void> {
  const { id, saw } = body;
  if (phase.unsigned) throw new Problem('not-found', { message: tell('server.no-such-phase') });
  if (!(await writesFirst(db, person, { id, what: `sign ${phase.id}`, jobId: sheet.job.id, body }))) return;
  const signed = sheet.signOffs.find((s) => s.phase === phase.id);
  if (signed)
    throw new Problem('already-signed', {
      message: tell('server.signed-this-at', {
        by: signed.by,
        phaseNouns: PHASE_NOUNS[phase.id],
        at: clock(signed.at),
      }),
    });
  // What nobody could see on the device is not signed for: they look again, and sign again.
  if (saw !== undefined && saw !== sawOf(sheet, phase.id))
    throw new Problem(
      'stale-version',
      refusal(
        'saw',
        tell('server.written-since-it-was-signed', { phaseNouns: PHASE_NOUNS[phase.id] }),
        tell('server.look-and-sign-again'),
      ),
    );
  const recorded = await recordedFor(db, person, sheet, phase);
  const gates = gatesIn(phase, sheet, recorded);
  if (!gates.every(passes)) throw held(gates);
  const [signedAt, arrivedAt] = signedWhen(sheet, phase, agoS);
  const content = {
    ...(phase.owner === 'job' && sheet.circuits.length > 1
      ? await jobSnapshot(db, person, sheet, phase)
      : (phase.snapshot(sheet, gates, recorded) ?? mustBeEquipped(sheet))),
    signedBy: person.fullName,
    certificate: person.certificateNumber,
    certification: person.certification,
    signedAt: signedAt.toISOString(),
    ...(arrivedAt ? { arrivedAt: arrivedAt.toISOString() } : {}),
  };
  const snapshot = JSON.stringify(content);
  const contentHash = createHash('sha256').update(snapshot).digest('hex');
  await phasesStore.insertSignOff(db, {
    id,
    ...recordKey(person, sheet, phase.id),
    personId: person.id,
    signedAt,
    arrivedAt,
    snapshot,
    contentHash,
  });
  await audit(db, person, sheet.job.id, 'phase signed', { phase: phase.id, contentHash });
  if (phase.id === 'scope') await equipFromScope(db, person, sheet);
}

/**
 * When it was signed, and when it arrived where that is another moment: by the span that the device measured, and never
 * before the last thing that is signed for.
 */
function signedWhen(sheet: JobSheet, phase: PhaseDescriptor, agoS: number): [Date, Date | null] {
  const arrived = now();
  if (agoS < WITHOUT_CONNECTION_S) return [arrived, null];
  const last = Math.max(
    0,
    ...wholeLog(sheet).flatMap((e) => (e.phase === phase.id ? [Date.parse(e.at)] : [])),
    ...sheet.measurements.flatMap((m) => (m.phase === phase.id ? [Date.parse(m.occurredAt)] : [])),
  );
  const signed = Math.min(arrived.getTime(), Math.max(last, arrived.getTime() - agoS * 1000));
  return [new Date(signed), arrived];
}

/** What is the job's is signed for all of its circuits: none of them may hold it, and each furnace alone is frozen with it. */
async function jobSnapshot(db: Db, person: Person, seen: JobSheet, phase: PhaseDescriptor): Promise<object> {
  const sheets = await everySheet(db, person.companyId, seen.job.id, person.certification);
  for (const sheet of sheets) {
    const theirs = gatesIn(phase, sheet, await recordedFor(db, person, sheet, phase));
    if (!theirs.every(passes)) throw held(theirs);
  }
  const main = sheets.find(hasCircuit) ?? sheets[0]!;
  const recorded = await recordedFor(db, person, main, phase);
  const furnaces = sheets.filter((s) => s !== main && !hasCircuit(s));
  return {
    ...(phase.snapshot(main, gatesIn(phase, main, recorded), recorded) ?? mustBeEquipped(main)),
    furnaces: furnaces.map((s) => beforeSnapshotOf(s, 'hand-over', gatesIn(phase, s))),
  };
}

const recordedFor = (db: Db, person: Person, sheet: JobSheet, phase: PhaseDescriptor) =>
  phase.needsReadings ? loadRecorded(db, person.companyId, sheet) : Promise.resolve(undefined);

export async function amend(
  database: Database,
  person: Person,
  signOffId: string,
  body: { id: string; note: string },
): Promise<void> {
  const there = await phasesStore.signOff(database, signOffId);
  if (!there || there.companyId !== person.companyId) throw new Problem('not-found');
  await database.transaction(async (db) => {
    if (
      !(await writesFirst(db, person, {
        id: body.id,
        what: 'amendment',
        jobId: there.jobId,
        body: { ...body, signOffId },
      }))
    )
      return;
    await phasesStore.insertAmendment(db, { ...body, companyId: person.companyId, signOffId, personId: person.id });
    await audit(db, person, there.jobId, 'amended', { phase: there.phase, note: body.note });
  });
}
