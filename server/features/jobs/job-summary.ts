import { LRUCache } from 'lru-cache';
import type { Certification } from '@/core/job/gates';
import { PHASE_WORDS, PHASES } from '@/core/job/phases';
import { type JobSheet, otherCircuits, ownerName } from '@/core/job/sheet';
import { tell } from '@/core/job/words';
import { checkInOf } from '@/core/phases/hand-over/check-in';
import { dayOfJob } from '@/core/phases/hand-over/visits';
import { rememberedOf } from '@/core/phases/memory';
import { type OwedVisit, owedVisits } from '@/core/phases/owed-visits';
import { phaseById } from '@/core/phases/registry';
import { type Standing, standingOf } from '@/core/phases/standing';
import { systemWords } from '@/core/phases/survey/view';
import { LANGUAGES } from '@/core/words/render';
import { day, typed, value } from '@/core/words/said';
import type { Db } from '@/server/db/pool';
import { memoryStore } from '@/server/features/memory/memory-store';
import { speakIn } from '@/server/words/speak-to';
import { checksNow, readStamped, SHEETS, type Stamped, seenBy } from './kept-sheets';
import { loadRecorded } from './recorded';
import { summaryStore } from './summary-store';

/** The circuit whose step comes first, and what it waits for; which circuit that is where there are several. */
async function nextOf(
  db: Db,
  companyId: string,
  sheets: readonly JobSheet[],
): Promise<{ sheet: JobSheet; standing: Standing; owed: OwedVisit[] }> {
  const each = [];
  for (const sheet of sheets) {
    const recorded = await loadRecorded(db, companyId, sheet);
    each.push({ sheet, recorded, standing: standingOf(sheet, recorded) });
  }
  const owed = sheets[0]!.cancelled ? [] : owedVisits(each);
  const behind = each.reduce((a, b) => (stepOf(b.standing) < stepOf(a.standing) ? b : a));
  const circuit = ownerName(behind.sheet, phaseById(behind.standing.phase)?.owner);
  if (circuit === undefined) return { ...behind, owed };
  const { standing } = behind;
  return {
    ...behind,
    owed,
    standing: { ...standing, waitsFor: tell('job.circuit-waits', { circuit, waits: standing.waitsFor }) },
  };
}
const stepOf = ({ phase, state }: Standing): number => (state === 'done' ? PHASES.length : PHASES.indexOf(phase));

/** The row of the lists; of a job as each of its circuits sees it. */
export async function summaryOf(db: Db, companyId: string, sheets: readonly JobSheet[]) {
  const next = await nextOf(db, companyId, sheets);
  const { sheet } = next;
  const { cancelled } = sheet;
  // It leaves the open ones where it stands, with who said so and why.
  const standing = cancelled
    ? {
        ...next.standing,
        state: 'cancelled' as const,
        mark: 'not-proven' as const,
        waitsFor: tell('job.cancelled', { by: cancelled.by, reason: typed(cancelled.reason) }),
      }
    : next.standing;
  const { plate } = sheet.circuit;
  const address = `${sheet.site.address}, ${sheet.site.town}`;
  const system = tell('job.named-system', {
    name: sheet.system.name,
    system: plate
      ? tell('job.tons-and-kind', {
          nominalTons: plate.nominalTons,
          kind: value(sheet.system.kind),
          refrigerant: plate.refrigerant,
        })
      : systemWords(sheet),
  });
  const found = inBoth([system, day(dayOfJob(sheet)), PHASE_WORDS[standing.phase]]);
  return {
    jobId: sheet.job.id,
    // None where it is the first: that is the one a job opens on.
    circuitId: sheet === sheets[0] ? null : sheet.circuit.id,
    companyId,
    number: sheet.job.number,
    customer: sheet.customer.name,
    address,
    system,
    leadName: sheet.job.lead,
    scheduledFor: dayOfJob(sheet),
    phase: standing.phase,
    state: standing.state,
    mark: standing.mark,
    waitsFor: standing.waitsFor,
    checkInDue: cancelled ? null : callDue(sheets),
    owed: next.owed,
    owedOn: next.owed[0]?.on ?? null,
    searchText:
      `${sheet.job.number} ${sheet.customer.name} ${address} ${dayOfJob(sheet)} ${found} ${plate ? `${plate.maker} ${plate.model} ` : ''}${sheet.job.lead}`
        .toLowerCase()
        .slice(0, 600),
  };
}

/** Found in either language: what it is, when, and where it stands. Jobs of a day are many, and each is written down often. */
function inBoth(words: readonly Parameters<ReturnType<typeof speakIn>>[0][]): string {
  const name = JSON.stringify(words);
  const there = spoken.get(name) ?? LANGUAGES.flatMap((l) => words.map(speakIn(l))).join(' ');
  spoken.set(name, there);
  return there;
}
const spoken = new LRUCache<string, string>({ max: SHEETS });

/** When whoever works alone there is to call next; null where nobody does, or the site is left. */
function callDue(sheets: readonly JobSheet[]): Date | null {
  const dueAt = sheets.map((s) => checkInOf(s, 0)?.dueAt).find((at) => at !== undefined);
  return dueAt === undefined ? null : new Date(dueAt);
}

/** A job as each of its circuits sees it, in their order; none when the job is not this company's. */
export async function everySheet(
  db: Db,
  companyId: string,
  jobId: string,
  certification: Certification = 'none',
): Promise<JobSheet[]> {
  return (await everyStamped(db, companyId, jobId)).map((read) => seenBy(certification, read));
}

/** The same with the change after which each was read; the first is the one a job opens on. */
async function everyStamped(db: Db, companyId: string, jobId: string): Promise<Stamped[]> {
  const first = await readStamped(db, companyId, { jobId });
  const all = first ? [first] : [];
  for (const { id } of first ? otherCircuits(first.sheet) : []) {
    const other = await readStamped(db, companyId, { jobId, circuitId: id });
    if (other) all.push(other);
  }
  return all;
}

/**
 * Writes the projection that lists read, in the transaction of whatever changed the job; what it was made of. `before` is the stamp of
 * the job's sheet as it was read under its lock: where the projection was last made at that very stamp, what is the same is not written
 * again.
 */
export async function refreshSummary(db: Db, companyId: string, jobId: string, before?: string): Promise<Stamped[]> {
  const read = await everyStamped(db, companyId, jobId);
  const sheets = read.map((r) => seenBy('none', r));
  if (sheets.length === 0) return [];
  const { system, waitsFor, owed, ...row } = await summaryOf(db, companyId, sheets);
  const json = { system: JSON.stringify(system), waitsFor: JSON.stringify(waitsFor), owed: JSON.stringify(owed) };
  const remembered = sheets.map(rememberedOf);
  const made = { summary: JSON.stringify([row, json]), memory: JSON.stringify(remembered) };
  const there = lastMade(db, jobId, before);
  if (there?.summary !== made.summary) await summaryStore.put(db, { ...row, ...json });
  else if (checksNow() && !(await summaryStore.has(db, { ...row, ...json })))
    throw new Error(`what the lists have of job ${jobId} is not what was written`);
  if (there?.memory !== made.memory) await memoryStore.put(db, companyId, jobId, remembered);
  const { stamp } = read[0]!;
  db.afterCommit(() => madeOf(db).set(jobId, { ...made, stamp }));
  return read;
}

/** A projection as it was last written by this server, and the change of the job after which it was. */
type Made = { stamp: string; summary: string; memory: string };
const projections = new WeakMap<object, LRUCache<string, Made>>();

function madeOf({ home }: Db): LRUCache<string, Made> {
  const there = projections.get(home) ?? new LRUCache<string, Made>({ max: SHEETS });
  projections.set(home, there);
  return there;
}

function lastMade(db: Db, jobId: string, before: string | undefined): Made | undefined {
  const last = before === undefined ? undefined : madeOf(db).get(jobId);
  return last?.stamp === before ? last : undefined;
}
