import { v7 as uuid } from 'uuid';
import type { NewJob } from '@/contract/requests';
import type { Plate } from '@/core/equipment/plate';
import { refusal } from '@/core/finding/outcome';
import type { RunMode } from '@/core/finding/run-mode';
import type { Deed } from '@/core/job/deeds';
import { may } from '@/core/job/permissions';
import { type EquippedSheet, isEquipped, type JobSheet } from '@/core/job/sheet';
import { modesOf } from '@/core/phases/start-up/mode-proofs';
import { tell as work } from '@/core/phases/words';
import type { Language } from '@/core/words/render';
import { list, typed, value } from '@/core/words/said';
import type { Asks, AsksJob } from '@/server/asks';
import { audit } from '@/server/audit';
import type { Db } from '@/server/db/pool';
import { badInput, Problem } from '@/server/errors/problem';
import { sameOrStale } from '@/server/errors/stale';
import { customersStore } from '@/server/features/customers/customers-store';
import { type Person, peopleStore } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';
import { isWritten, writesFirst } from '@/server/write-once';
import type { JobAt } from './job-at';
import { refreshSummary } from './job-summary';
import { jobsStore } from './jobs-store';
import { keepSheet, readJobSheet, readStamped, seenBy } from './kept-sheets';

/** The sheet of a job of this person's company; another company's id is simply not there. */
export async function sheetFor(db: Db, person: Person, at: JobAt): Promise<JobSheet> {
  const sheet = await readJobSheet(db, person.companyId, at, person.certification);
  if (!sheet) throw noSuchJob();
  return sheet;
}

const noSuchJob = (): Problem => new Problem('not-found', { message: tell('server.no-such-job-in-your-company') });

/** A write to a job, under its lock. */
type JobChange = {
  db: Db;
  person: Person;
  jobId: string;
  sheet: JobSheet;
  /** Takes the id of what was sent: false where that is there already. */
  first: (what: string, body: { id: string }) => Promise<boolean>;
  /** One line of the audit trail. */
  trail: (what: Deed, detail: Record<string, unknown>) => Promise<void>;
};

/**
 * Every write to a job: its lock first, the sheet read once under it, the work, the projection, and the sheet as it stands
 * after. Nothing slips in between a judgement and what rests on it, a signature least of all.
 */
export async function changeJob(
  { database, person, at }: AsksJob,
  work: (change: JobChange) => Promise<void>,
): Promise<JobSheet> {
  const { jobId, circuitId } = at;
  const after = await database.transaction(async (db) => {
    await jobsStore.lock(db, person.companyId, jobId);
    const before = await readStamped(db, person.companyId, at);
    if (!before) throw noSuchJob();
    await work({
      db,
      person,
      jobId,
      sheet: seenBy(person.certification, before),
      first: (what, body) => writesFirst(db, person, { id: body.id, what, jobId, body }),
      trail: (what, detail) => audit(db, person, jobId, what, detail),
    });
    return refreshSummary(db, person.companyId, jobId, before.stamp);
  });
  // It holds now: whoever reads next need not read again what was just read.
  for (const [i, read] of after.entries())
    keepSheet(database, i === 0 ? { jobId } : { jobId, circuitId: read.sheet.circuit.id }, read);
  const read = circuitId === undefined ? after[0] : after.find((r) => r.sheet.circuit.id === circuitId);
  if (!read) throw noSuchJob();
  return seenBy(person.certification, read);
}

/** The same for a job that goes ahead: what is cancelled takes nothing more. */
export const changeOpenJob: typeof changeJob = (asks, work) =>
  changeJob(asks, async (change) => {
    mustGoAhead(change.sheet);
    await work(change);
  });

export function mustGoAhead({ cancelled }: Pick<JobSheet, 'cancelled'>): void {
  if (cancelled)
    throw new Problem('job-cancelled', {
      message: tell('server.job-is-cancelled', { by: cancelled.by, reason: typed(cancelled.reason) }),
      allowed: tell('server.open-it-again-first'),
    });
}

/** The sheet of a job whose new equipment is known; without it there is nothing to weigh or judge. */
export function mustBeEquipped(sheet: JobSheet): EquippedSheet {
  if (isEquipped(sheet)) return sheet;
  throw notEquipped();
}

export const notEquipped = (): Problem =>
  new Problem(
    'gate-held',
    refusal('plate', work('live.equipment-is-not-entered-yet'), work('live.choose-it-in-scope-and-sign')),
  );

export function mustNotBeHandedOver(sheet: JobSheet): void {
  const signed = sheet.signOffs.find((s) => s.phase === 'hand-over');
  if (signed)
    throw new Problem('already-signed', {
      message: tell('server.job-is-handed-over-add-amendment'),
      signed: { signOffId: signed.id, phase: signed.phase, at: signed.at },
    });
}

export async function createJob({ database, person }: Asks, job: NewJob): Promise<JobSheet> {
  const write = { id: job.id, what: 'job', jobId: null, body: job };
  if (await isWritten(database, person, write)) return sheetFor(database, person, { jobId: job.id });
  const people = await peopleStore.ofCompany(database, person.companyId);
  const lead = people.find((p) => p.id === job.leadId);
  if (!may(lead?.role, 'lead-job'))
    throw badInput(
      'leadId',
      lead ? tell('server.that-person-cannot-lead') : tell('server.that-person-is-not-in-your'),
      tell('server.lead-or-owner-of-your-company'),
    );
  await database.transaction(async (db) => {
    if (!(await writesFirst(db, person, write))) return;
    const known = await knownHouse(db, person, job);
    const number = await jobsStore.nextNumber(db, person.companyId);
    await jobsStore.insert(db, person.companyId, number, job, {
      customerId: known?.customerId ?? null,
      siteId: known?.siteId ?? null,
      systemId: known?.systemId ?? null,
      equipmentId: uuid(),
      circuitId: uuid(),
    });
    await audit(db, person, job.id, 'job created', { number });
    await refreshSummary(db, person.companyId, job.id);
  });
  return sheetFor(database, person, { jobId: job.id });
}

/** The house and the system that a new job is for, where the company knows them already. */
async function knownHouse(db: Db, person: Person, { siteId, systemId }: NewJob) {
  const site = siteId === undefined ? undefined : await customersStore.site(db, person.companyId, siteId);
  if (siteId !== undefined && !site)
    throw badInput('siteId', tell('server.no-such-house-of-yours'), tell('server.house-of-your-company-or-none'));
  if (systemId !== undefined && !site?.systems.includes(systemId))
    throw badInput('systemId', tell('server.no-such-system-of-that-house'), tell('server.system-of-the-house-or-none'));
  return site && { siteId: siteId!, customerId: site.customerId, systemId: systemId ?? null };
}

export function updatePlate(asks: AsksJob, { version, plate }: { version: number; plate: Plate }): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet, person, trail }) => {
    if (sheet.signOffs.some((s) => s.phase === 'charge')) {
      throw new Problem('already-signed', {
        message: tell('server.charge-is-signed-with-this-plate'),
      });
    }
    if (sheet.signOffs.some((s) => s.phase === 'scope') && !may(person.role, 'change-agreed-plate'))
      throw new Problem('not-allowed', { field: 'plate', message: tell('server.plate-is-signed-with-scope') });
    const done = await jobsStore.updatePlate(db, person.companyId, sheet.circuit.id, sheet.equipmentId, version, plate);
    if (!done)
      return sameOrStale(
        tell('server.someone-changed-equipment-after-you-read'),
        { yours: { version, plate }, stored: { version: sheet.circuit.version, plate: sheet.circuit.plate } },
        { sent: plate, kept: sheet.circuit.plate },
      );
    await trail('equipment changed', { from: sheet.circuit.plate, to: plate });
  });
}

/** The language of the customer's papers; what was signed stays in the language it was read in. */
export function setCustomerLanguage(asks: AsksJob, { language }: { language: Language }): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet: { customer }, person, trail }) => {
    if (customer.language === language) return;
    await jobsStore.setCustomerLanguage(db, person.companyId, customer.id, language);
    await trail('customer language chosen', { from: customer.language, to: language });
  });
}

/** What the system is called to do at the start-up; readings taken in another mode no longer count. */
export function setMode(asks: AsksJob, body: { version: number; mode: RunMode }): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet, person, jobId, trail }) => {
    if (sheet.job.mode === body.mode) return;
    if (sheet.signOffs.some((s) => s.phase === 'start-up'))
      throw new Problem('already-signed', { message: tell('server.start-up-is-signed-add-amendment') });
    const { plate } = sheet.circuit;
    if (plate && !modesOf(plate).includes(body.mode))
      throw badInput(
        'mode',
        tell('server.this-unit-does-not-run-so', { mode: value(body.mode) }),
        tell('server.modes-of-the-plate', { modes: list(modesOf(plate).map((m) => value(m))) }),
      );
    if (!(await jobsStore.setMode(db, person.companyId, jobId, body)))
      throw new Problem('stale-version', {
        message: tell('server.someone-changed-this-job-after-you'),
        yours: body,
        stored: { version: sheet.job.version, mode: sheet.job.mode },
      });
    await trail('mode set', { from: sheet.job.mode, to: body.mode });
  });
}
