import type { JobDetails } from '@/contract/requests';
import { refusal } from '@/core/finding/outcome';
import { may } from '@/core/job/permissions';
import type { JobSheet } from '@/core/job/sheet';
import { q } from '@/core/words/said';
import type { AsksJob } from '@/server/asks';
import { now } from '@/server/clock';
import { badInput, Problem } from '@/server/errors/problem';
import { sameOrStale } from '@/server/errors/stale';
import { peopleStore } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';
import { sameName } from './circuits-service';
import { detailsStore } from './details-store';
import { changeJob, changeOpenJob, mustGoAhead, mustNotBeHandedOver } from './jobs-service';

const detailsOf = ({ customer, site, system, job }: JobSheet) => ({
  customerName: customer.name,
  phone: customer.phone,
  address: site.address,
  town: site.town,
  elevationFt: site.elevationFt,
  systemName: system.name,
  leadId: job.leadId,
  scheduledFor: job.scheduledFor,
});

/** Whose job it is, where, when and led by whom: put right, moved to another day, given to another lead. */
export function editJob(asks: AsksJob, { version, ...details }: JobDetails): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet, person, trail }) => {
    mustNotBeHandedOver(sheet);
    const before = detailsOf(sheet);
    if (details.leadId !== before.leadId) {
      const lead = (await peopleStore.ofCompany(db, person.companyId)).find((p) => p.id === details.leadId);
      if (!may(lead?.role, 'lead-job'))
        throw badInput(
          'leadId',
          lead ? tell('server.that-person-cannot-lead') : tell('server.that-person-is-not-in-your'),
          tell('server.lead-or-owner-of-your-company'),
        );
    }
    if (sheet.circuits.some((c) => c.systemId !== sheet.system.id && sameName(c.systemName, details.systemName)))
      throw badInput(
        'systemName',
        tell('server.there-is-system-of-that-name', { name: details.systemName }),
        tell('server.name-of-its-own'),
      );
    // Every pressure that was judged was judged by the station pressure of this elevation.
    if (details.elevationFt !== before.elevationFt && sheet.circuits.some((c) => c.signed.length > 0))
      throw badInput(
        'elevationFt',
        tell('server.elevation-is-signed-with-readings'),
        tell('server.the-elevation-that-stands', { elevationFt: q(before.elevationFt, 'ft', 'as is') }),
      );
    if (version !== sheet.job.version)
      return sameOrStale(
        tell('server.someone-changed-this-job-after-you'),
        { yours: { version, ...details }, stored: { version: sheet.job.version, ...before } },
        { sent: details, kept: before },
      );
    await detailsStore.put(db, person.companyId, sheet, details);
    await trail('job edited', { from: before, to: details });
  });
}

/** A job that does not go ahead, and why. What was written stays; nothing more is, until it is opened again. */
export function cancelJob(asks: AsksJob, body: { id: string; reason: string }): Promise<JobSheet> {
  return changeJob(asks, async ({ db, sheet, person, jobId, first, trail }) => {
    if (!(await first('cancellation', body))) return;
    mustNotBeHandedOver(sheet);
    mustGoAhead(sheet);
    if (await detailsStore.isRunning(db, person.companyId, jobId))
      throw new Problem(
        'run-state',
        refusal('run', tell('server.instruments-still-run'), tell('server.stop-them-first')),
      );
    await detailsStore.cancel(db, person, jobId, body.reason, now());
    await trail('job cancelled', { reason: body.reason });
  });
}

/** Takes a cancellation back. */
export function reopenJob(asks: AsksJob, body: { id: string; reason: string }): Promise<JobSheet> {
  return changeJob(asks, async ({ db, sheet, person, jobId, first, trail }) => {
    if (!(await first('reopening', body)) || !sheet.cancelled) return;
    await detailsStore.reopen(db, person.companyId, jobId);
    await trail('job reopened', { reason: body.reason });
  });
}
