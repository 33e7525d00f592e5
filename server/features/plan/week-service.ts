import { createHash } from 'node:crypto';
import { v7 as uuid } from 'uuid';
import type { MoveJob } from '@/contract/week';
import { may } from '@/core/job/permissions';
import { isHandedOver, type JobSheet } from '@/core/job/sheet';
import { visitsOf } from '@/core/phases/hand-over/visits';
import { latestOf } from '@/core/phases/log/circuit-log';
import { rosterOf } from '@/core/phases/plan/days';
import { type WeekSlot, weekSlots } from '@/core/phases/plan/week';
import type { AsksJob } from '@/server/asks';
import { now } from '@/server/clock';
import type { Db } from '@/server/db/pool';
import { badInput } from '@/server/errors/problem';
import { sameOrStale } from '@/server/errors/stale';
import { circuitStore } from '@/server/features/circuit/circuit-store';
import { everySheet } from '@/server/features/jobs/job-summary';
import { changeOpenJob, mustNotBeHandedOver } from '@/server/features/jobs/jobs-service';
import { peopleStore } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';
import { writesFirst } from '@/server/write-once';
import { ownShares } from './own-shares';
import { weekStore } from './week-store';

/** The days of all jobs between two days; a job that is handed over shows only what was planned after that. */
export async function slotsBetween(db: Db, companyId: string, from: string, to: string): Promise<WeekSlot[]> {
  const people = await peopleStore.ofCompany(db, companyId);
  const own = await ownShares(db, companyId);
  const slots: WeekSlot[] = [];
  for (const jobId of await weekStore.jobsBetween(db, companyId, from, to)) {
    const sheets = await everySheet(db, companyId, jobId);
    const sheet = sheets[0];
    if (!sheet) continue;
    const visits = visitsOf(sheet).map((v) => ({ id: v.planned?.id ?? null, on: v.on }));
    slots.push(
      ...weekSlots(sheets, visits, rosterOf(people), own, now().getTime()).filter(
        (s) => s.on >= from && s.on <= to && !(isHandedOver(sheet) && s.visitId === null && s.on > from),
      ),
    );
  }
  return slots;
}

/** A job moved to another day or lead: what it was before stays in its log, and the lead's place in the crew is handed on. */
export function moveJob(asks: AsksJob, sent: MoveJob): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet, person, jobId, trail }) => {
    const { id, version, ...to } = sent;
    if (!(await writesFirst(db, person, { id, what: 'reschedule', jobId: jobId, body: sent }))) return;
    mustNotBeHandedOver(sheet);
    const lead = (await peopleStore.ofCompany(db, person.companyId)).find((p) => p.id === to.leadId);
    if (!lead || !may(lead.role, 'lead-job'))
      throw badInput(
        'leadId',
        lead ? tell('server.that-person-cannot-lead') : tell('server.that-person-is-not-in-your'),
        tell('server.lead-or-owner-of-your-company'),
      );
    const stored = { leadId: sheet.job.leadId, scheduledFor: sheet.job.scheduledFor };
    if (version !== sheet.job.version)
      return sameOrStale(
        tell('server.someone-changed-this-job-after-you'),
        { yours: { version, ...to }, stored: { version: sheet.job.version, ...stored, why: '' } },
        { sent: { leadId: to.leadId, scheduledFor: to.scheduledFor }, kept: stored },
      );
    await weekStore.move(db, person.companyId, jobId, to.leadId, to.scheduledFor);
    const write = (kind: string, body: object, supersedesId: string | null) =>
      circuitStore.add(db, {
        id: uuid(),
        companyId: person.companyId,
        jobId: jobId,
        circuitId: sheet.circuit.id,
        phase: 'plan',
        kind,
        body,
        bodyHash: createHash('sha256').update(JSON.stringify(body)).digest('hex'),
        source: 'typed',
        supersedesId,
        personId: person.id,
        occurredAt: now(),
      });
    await write(
      'rescheduled',
      {
        from: stored.scheduledFor,
        to: to.scheduledFor,
        fromLead: sheet.job.lead,
        toLead: lead.fullName,
        why: to.why,
      },
      null,
    );
    const day = latestOf(sheet.jobLog, 'day-plan');
    if (day && lead.fullName !== sheet.job.lead && day.body.crew.includes(sheet.job.lead)) {
      const crew = [...new Set(day.body.crew.map((name) => (name === sheet.job.lead ? lead.fullName : name)))];
      await write('day-plan', { ...day.body, crew }, day.id);
    }
    await trail('job moved', { from: stored, to });
  });
}
