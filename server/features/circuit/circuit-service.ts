import { createHash } from 'node:crypto';
import type { NewCircuitEntry } from '@/contract/circuit';
import { may } from '@/core/job/permissions';
import type { JobSheet } from '@/core/job/sheet';
import { refusesEntry } from '@/core/phases/entry-rules';
import { handedOverAt } from '@/core/phases/hand-over/visits';
import { type CircuitEntry, standingEntries, wholeLog } from '@/core/phases/log/circuit-log';
import { type EntryBody, type EntryKind, type EntryPhase, entryOf, phaseOfKind } from '@/core/phases/log/entries';
import { dayAt } from '@/core/words/calendar';
import type { Deps } from '@/server/deps';
import { badInput, Problem, parseBody, refusedWith } from '@/server/errors/problem';
import { cylindersStore } from '@/server/features/cylinders/cylinders-store';
import type { JobAt } from '@/server/features/jobs/job-at';
import { changeOpenJob, mustNotBeHandedOver, sheetFor } from '@/server/features/jobs/jobs-service';
import { mustBeOpen } from '@/server/features/measurements/measurements-service';
import type { Person } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';
import { isWritten, writesFirst } from '@/server/write-once';
import { recoverInto, takeBack } from '../cylinders/cylinder-moves';
import { circuitStore } from './circuit-store';
import { readFromRun } from './read-from-run';

const hashOf = (body: unknown): string => createHash('sha256').update(JSON.stringify(body)).digest('hex');

/** Adds one entry to a job's circuit log; the same id with the same body again changes nothing. */
export async function writeEntry(
  deps: Pick<Deps, 'database' | 'hall'>,
  person: Person,
  at: JobAt,
  sent: NewCircuitEntry,
): Promise<JobSheet> {
  const { jobId } = at;
  const { database } = deps;
  const asked = parseBody(entryOf(sent.kind).schema, sent.body) as EntryBody<EntryKind>;
  // What was sent is what makes an id the same or another one; figures read off a run come after.
  const write = { id: sent.id, what: `circuit ${sent.kind}`, jobId, body: { ...sent, body: asked } };
  // What was read off a run is not read again: the run may be over by now.
  if ('runId' in asked && asked.runId && (await isWritten(database, person, write)))
    return sheetFor(database, person, at);
  const read = await readFromRun(deps, person, jobId, sent.kind, asked);
  // An instrument may read what no entry of this kind can mean: then it is not this entry that should be written.
  parseBody(entryOf(sent.kind).schema, read.body);
  return changeOpenJob({ database, person, at }, async ({ db, sheet, person, trail }) => {
    if (!(await writesFirst(db, person, write))) return;
    const phase = phaseOf(sheet, sent);
    mustBeTheirs(sheet, person, sent);
    if (!comesAfter(sheet, sent)) {
      mustNotBeHandedOver(sheet);
      mustBeOpen(sheet, phase);
    }
    // What is replaced or withdrawn comes out of the ledger first, so that a corrected weight is held against what is there.
    const replaced = logOf(sheet).find((e) => e.id === sent.supersedesId);
    if (replaced?.kind === 'recovered')
      await takeBack(db, person, replaced.id, {
        note: sent.kind === 'withdrawn' ? `withdrawn: ${(read.body as EntryBody<'withdrawn'>).reason}` : 'corrected',
        occurredAt: new Date(sent.occurredAt),
      });
    const cylinderId = 'cylinderId' in read.body ? (read.body.cylinderId as string) : undefined;
    const cylinder = cylinderId ? await cylindersStore.byId(db, person.companyId, cylinderId, true) : undefined;
    if (cylinderId && !cylinder)
      throw badInput('cylinderId', tell('server.there-is-no-such-cylinder'), tell('server.cylinder-of-your-company'));
    const refused = refusesEntry(sheet, sent.kind, read.body, {
      cylinder,
      today: dayAt(new Date(), sheet.site.timeZone),
      nowMs: Date.now(),
      at: sent.occurredAt,
      typed: read.source === 'typed',
    });
    if (refused) throw refusedWith(refused);
    await circuitStore.add(db, {
      id: sent.id,
      companyId: person.companyId,
      jobId,
      circuitId: sheet.circuit.id,
      phase,
      kind: sent.kind,
      body: read.body,
      bodyHash: hashOf(asked),
      source: read.source,
      supersedesId: sent.supersedesId,
      personId: person.id,
      occurredAt: new Date(sent.occurredAt),
    });
    if (sent.kind === 'recovered' && cylinder)
      await recoverInto(
        db,
        person,
        sheet,
        cylinder,
        sent.id,
        read.body as EntryBody<'recovered'>,
        read.source,
        sent.occurredAt,
      );
    await trail(`circuit: ${sent.kind}`, {
      id: sent.id,
      supersedes: sent.supersedesId,
      body: brief(read.body),
    });
  });
}

/** Everything an entry may correct or withdraw: of the circuit, and of the whole job. */
const logOf = (sheet: JobSheet): CircuitEntry[] => wholeLog(sheet);

/** A visit brings the crew back to a closed sheet; what the hand-over froze of it stays as it is. */
function comesAfter(sheet: JobSheet, { kind, supersedesId }: NewCircuitEntry): boolean {
  const earlier = sheet.jobLog.find((e) => e.id === supersedesId);
  const frozen = earlier !== undefined && earlier.at <= (handedOverAt(sheet) ?? '');
  return !frozen && entryOf(kind === 'withdrawn' && earlier ? (earlier.kind as EntryKind) : kind).afterHandOver;
}

/** Another person's voltage check is not taken back or rewritten by a helper or the office. */
function mustBeTheirs(sheet: JobSheet, person: Person, sent: NewCircuitEntry): void {
  const earlier = logOf(sheet).find((e) => e.id === sent.supersedesId);
  if ((phaseOfKind(sent.kind) ?? earlier?.phase) === 'scope' && !may(person.role, 'choose-scope'))
    throw new Problem('not-allowed', { message: tell('server.options-by-who-chooses-scope') });
  if (earlier?.kind !== 'dead-proof' || earlier.by === person.fullName) return;
  if (!may(person.role, 'withdraw-voltage-check'))
    throw new Problem('not-allowed', { message: tell('server.only-their-own-voltage-check') });
}

/** The phase an entry belongs to; what it supersedes must stand in the same job, and only once. */
function phaseOf(sheet: JobSheet, sent: NewCircuitEntry): EntryPhase {
  const earlier = sent.supersedesId ? standingEntries(logOf(sheet)).find((e) => e.id === sent.supersedesId) : undefined;
  if (sent.supersedesId && !earlier)
    throw badInput(
      'supersedesId',
      tell('server.that-entry-does-not-stand-on'),
      tell('server.entry-of-this-job-that-stands'),
    );
  if (sent.kind === 'withdrawn') {
    if (!earlier)
      throw badInput(
        'supersedesId',
        tell('server.say-which-entry-is-withdrawn'),
        tell('server.entry-of-this-job-that-stands'),
      );
    return earlier.phase;
  }
  if (earlier && earlier.kind !== sent.kind)
    throw badInput(
      'supersedesId',
      tell('server.that-entry-is-not', {
        kind: entryOf(earlier.kind as EntryKind).title,
        kind2: entryOf(sent.kind).title,
      }),
      tell('server.entry-of-same-kind'),
    );
  return phaseOfKind(sent.kind)!;
}

/** The audit trail keeps the figures, not a thousand samples. */
function brief(body: object): object {
  return 'samples' in body ? { ...body, samples: (body.samples as unknown[]).length } : body;
}
