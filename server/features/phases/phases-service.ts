import { createHash } from 'node:crypto';
import type { VacuumRequest } from '@/contract/requests';
import type { FurnaceProof } from '@/core/furnace/furnace-proof';
import { hasCircuit } from '@/core/job/before';
import { removalGates } from '@/core/job/before-gates';
import { isCircuitPhase, vacuumWantsReason } from '@/core/job/circuit/circuit-views';
import type { Gate, VacuumRecord } from '@/core/job/gates';
import { passes } from '@/core/job/gates';
import { type BuiltPhase, PHASE_NOUNS } from '@/core/job/phases';
import type { JobSheet, StartUpRecord } from '@/core/job/sheet';
import { sheetGates } from '@/core/job/sheet-gates';
import { beforeSnapshotOf, circuitSnapshotOf, snapshotOf } from '@/core/job/snapshot';
import { clock, q } from '@/core/words/said';
import { audit } from '@/server/audit';
import type { Database, Db } from '@/server/db/pool';
import { badInput, Problem } from '@/server/errors/problem';
import { contentOf, sameOrStale } from '@/server/errors/stale';
import { FURNACE_RECORD } from '@/server/features/jobs/job-sheet-store';
import { loadRecorded } from '@/server/features/jobs/job-summary';
import { changeJob, mustBeEquipped } from '@/server/features/jobs/jobs-service';
import { mustBeOpen } from '@/server/features/measurements/measurements-service';
import type { Person } from '@/server/features/people/people-store';
import { equipFromScope } from '@/server/features/scopes/equip-from-scope';
import { must } from '@/server/who';
import { tell } from '@/server/words/tell';
import { writesFirst } from '@/server/write-once';
import { phasesStore } from './phases-store';

/** Phases with gates. Those of recover hold two things: the release of the removal, and the signature under it. */
export type GatedPhase = BuiltPhase;

const NEEDS_READINGS: ReadonlySet<BuiltPhase> = new Set(['start-up', 'hand-over']);

export async function recordVacuum(
  database: Database,
  person: Person,
  jobId: string,
  body: VacuumRequest,
): Promise<JobSheet> {
  return changeJob(database, person, jobId, async (db, sheet) => {
    mustBeOpen(sheet, 'charge');
    if (vacuumWantsReason(sheet)) {
      must(person, 'type-vacuum-alone');
      if (body.reason === undefined)
        throw badInput({
          field: 'reason',
          message: tell('server.nothing-of-recovery-joints-pressure-test'),
          allowed: tell('server.10-to-300-characters-by-lead'),
        });
    }
    const record: VacuumRecord = {
      endMicrons: body.endMicrons,
      heldMin: body.heldMin,
      by: person.fullName,
      at: new Date().toISOString(),
      ...(body.reason === undefined ? {} : { reason: body.reason }),
    };
    const done = await phasesStore.putRecord(db, person.companyId, jobId, 'evacuate', record, body.version, person.id);
    if (!done)
      return sameOrStale(
        tell('server.someone-recorded-vacuum-test-after-you'),
        { yours: body, stored: sheet.vacuum },
        { sent: contentOf(record), kept: contentOf(sheet.vacuum) },
      );
    await audit(db, person, jobId, 'standing-vacuum test typed', record);
  });
}

/** The typed proof of a furnace alone. */
export function recordFurnace(
  database: Database,
  person: Person,
  jobId: string,
  { version, proof }: { version: number; proof: FurnaceProof },
): Promise<JobSheet> {
  return changeJob(database, person, jobId, async (db, sheet) => {
    mustBeOpen(sheet, 'hand-over');
    if (proof.plateRiseLowF >= proof.plateRiseHighF)
      throw badInput({
        field: 'plateRiseHighF',
        message: tell('server.window-of-rise-ends-below-its'),
        allowed: tell('server.above', { plateRiseLowF: q(proof.plateRiseLowF, 'F', 'as is') }),
      });
    const record = { ...proof, by: person.fullName, at: new Date().toISOString() };
    if (!(await phasesStore.putRecord(db, person.companyId, jobId, FURNACE_RECORD, record, version, person.id)))
      return sameOrStale(
        tell('server.someone-typed-furnaces-proof-after-you'),
        { yours: { version, proof }, stored: sheet.furnace },
        { sent: proof, kept: contentOf(sheet.furnace) },
      );
    await audit(db, person, jobId, 'furnace proof typed', record);
  });
}

/** One confirmation is one tap: merged under a lock, so two crews on one job cannot lose each other's. */
export async function confirm(
  database: Database,
  person: Person,
  jobId: string,
  name: keyof StartUpRecord['confirmations'],
  confirmed: boolean,
): Promise<JobSheet> {
  return changeJob(database, person, jobId, async (db, sheet) => {
    mustBeOpen(sheet, 'start-up');
    const row = await phasesStore.record<StartUpRecord>(db, person.companyId, jobId, 'start-up', true);
    const confirmations = { ...row?.record.confirmations };
    if (confirmed) confirmations[name] = { by: person.fullName, at: new Date().toISOString() };
    else delete confirmations[name];
    const done = await phasesStore.putRecord(
      db,
      person.companyId,
      jobId,
      'start-up',
      { confirmations },
      row?.version ?? 0,
      person.id,
    );
    if (!done) throw new Problem('stale-version', { message: tell('server.someone-confirmed-at-same-moment-try') });
    await audit(db, person, jobId, confirmed ? 'confirmed' : 'confirmation withdrawn', { name });
  });
}

export async function gatesWithRecorded(database: Db, person: Person, sheet: JobSheet, phase: GatedPhase) {
  // A lead may override what holds the release of the removal as well as what holds the signature under it.
  if (phase === 'recover') return { gates: [...removalGates(sheet), ...sheetGates(sheet, phase)], recorded: undefined };
  const recorded = NEEDS_READINGS.has(phase) ? await loadRecorded(database, person.companyId, sheet) : undefined;
  return { gates: sheetGates(sheet, phase, recorded), recorded };
}

export async function override(
  database: Database,
  person: Person,
  jobId: string,
  phase: GatedPhase,
  body: { id: string; gate: string; reason: string },
): Promise<JobSheet> {
  return changeJob(database, person, jobId, async (db, sheet) => {
    if (!(await writesFirst(db, person, { id: body.id, what: `override ${phase}`, jobId, body }))) return;
    mustBeOpen(sheet, phase);
    const { gates } = await gatesWithRecorded(db, person, sheet, phase);
    const gate = gates.find((g) => g.id === body.gate);
    if (!gate)
      throw new Problem('bad-input', {
        field: 'gate',
        message: tell('server.no-such-gate-on-this-phase'),
        allowed: gates.map((g) => g.id).join(', '),
      });
    if (!gate.overridable)
      throw new Problem('not-allowed', {
        field: 'gate',
        message: tell('server.can-never-be-overridden', { asks: gate.asks }),
      });
    if (await phasesStore.findOverride(db, jobId, phase, body.gate))
      throw new Problem('other-body', { field: 'gate', message: tell('server.this-gate-is-already-overridden') });
    await phasesStore.addOverride(db, { ...body, companyId: person.companyId, jobId, phase, personId: person.id });
    await audit(db, person, jobId, 'gate overridden', { phase, gate: body.gate, reason: body.reason });
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
export async function signPhase(
  database: Database,
  person: Person,
  jobId: string,
  phase: BuiltPhase,
  id: string,
): Promise<JobSheet> {
  return changeJob(database, person, jobId, async (db, sheet) => {
    if (!(await writesFirst(db, person, { id, what: `sign ${phase}`, jobId, body: { id } }))) return;
    const signed = sheet.signOffs.find((s) => s.phase === phase);
    if (signed)
      throw new Problem('already-signed', {
        message: tell('server.signed-this-at', {
          by: signed.by,
          phaseNouns: PHASE_NOUNS[phase],
          at: clock(signed.at),
        }),
      });
    const recorded = NEEDS_READINGS.has(phase) ? await loadRecorded(db, person.companyId, sheet) : undefined;
    const gates = sheetGates(sheet, phase, recorded);
    if (!gates.every(passes)) throw held(gates);
    const signedAt = new Date();
    const content = {
      ...(phase === 'survey' || phase === 'scope' || (phase === 'hand-over' && !hasCircuit(sheet))
        ? beforeSnapshotOf(sheet, phase, gates)
        : isCircuitPhase(phase)
          ? circuitSnapshotOf(sheet, phase, gates)
          : snapshotOf(mustBeEquipped(sheet), phase, gates, recorded)),
      signedBy: person.fullName,
      certificate: person.certificateNumber,
      certification: person.certification,
      signedAt: signedAt.toISOString(),
    };
    const snapshot = JSON.stringify(content);
    const contentHash = createHash('sha256').update(snapshot).digest('hex');
    await phasesStore.insertSignOff(db, {
      id,
      companyId: person.companyId,
      jobId,
      phase,
      personId: person.id,
      signedAt,
      snapshot,
      contentHash,
    });
    await audit(db, person, jobId, 'phase signed', { phase, contentHash });
    if (phase === 'scope') await equipFromScope(db, person, sheet);
  });
}

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
