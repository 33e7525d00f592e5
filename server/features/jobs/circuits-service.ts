import { v7 as uuid } from 'uuid';
import type { NewCircuit } from '@/contract/requests';
import { refusal } from '@/core/finding/outcome';
import type { JobSheet } from '@/core/job/sheet';
import type { AsksJob } from '@/server/asks';
import { badInput, Problem } from '@/server/errors/problem';
import { tell } from '@/server/words/tell';
import { circuitsStore } from './circuits-store';
import { changeOpenJob, mustNotBeHandedOver } from './jobs-service';

/** As many circuits as one job may work on: more is another job. */
const MOST_CIRCUITS = 12;

/** One more circuit for a job: of a system that it works on already, or of another one of the same house. */
export function addCircuit(asks: AsksJob, body: NewCircuit): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet, person, jobId, first, trail }) => {
    if (!(await first('circuit', body))) return;
    mustNotBeHandedOver(sheet);
    if (sheet.circuits.length >= MOST_CIRCUITS)
      throw badInput(
        'name',
        tell('server.job-has-too-many-circuits'),
        tell('server.circuits-up-to', { most: MOST_CIRCUITS }),
      );
    const there = sheet.circuits.filter((c) => c.systemId === body.systemId);
    if (body.systemId !== null && there.length === 0)
      throw badInput('systemId', tell('server.no-such-system-on-this-job'), tell('server.system-of-this-job-or-new'));
    if (body.systemId === null && sheet.circuits.some((c) => sameName(c.systemName, body.systemName)))
      throw badInput(
        'systemName',
        tell('server.there-is-system-of-that-name', { name: body.systemName }),
        tell('server.name-of-its-own'),
      );
    if (there.some((c) => sameName(c.name, body.name)))
      throw badInput(
        'name',
        tell('server.there-is-circuit-of-that-name', { name: body.name }),
        tell('server.name-of-its-own'),
      );
    await circuitsStore.add(db, {
      id: body.id,
      companyId: person.companyId,
      jobId,
      siteId: sheet.site.id,
      systemId: body.systemId ?? uuid(),
      newSystem: body.systemId === null ? body.systemName : null,
      equipmentId: uuid(),
      name: body.name,
    });
    await trail('circuit added', { id: body.id, name: body.name, system: body.systemName });
  });
}

/** Two names that nobody would tell apart. */
export const sameName = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();

/** Takes a circuit off the job again, while nothing is written down for it; the first one stays. */
export function removeCircuit(asks: AsksJob, circuitId: string): Promise<JobSheet> {
  return changeOpenJob({ ...asks, at: { jobId: asks.at.jobId } }, async ({ db, sheet, person, jobId, trail }) => {
    mustNotBeHandedOver(sheet);
    const there = sheet.circuits.find((c) => c.id === circuitId);
    if (!there) return;
    const { systemId } = there;
    const last = sheet.circuits.every((c) => c.id === circuitId || c.systemId !== systemId);
    const key = { companyId: person.companyId, jobId, circuitId, systemId, last };
    if (sheet.circuits[0]!.id === circuitId || (await circuitsStore.isWritten(db, key)))
      throw new Problem(
        'gate-held',
        refusal(
          'circuitId',
          tell('server.circuit-is-in-the-record', { name: there.name }),
          tell('server.circuit-that-nothing-is-written-for'),
        ),
      );
    await circuitsStore.remove(db, person.companyId, jobId, circuitId);
    await trail('circuit removed', { id: circuitId, name: there.name });
  });
}
