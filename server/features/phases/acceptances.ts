import type { NewAcceptance } from '@/contract/before';
import type { Finding } from '@/core/finding/finding';
import { acceptable, acceptanceWords, acceptedIn } from '@/core/job/acceptance';
import type { Phase } from '@/core/job/phases';
import type { JobSheet } from '@/core/job/sheet';
import { phaseById } from '@/core/phases/registry';
import { acceptableIn } from '@/core/phases/start-up/start-up-sheet';
import type { AsksJob } from '@/server/asks';
import type { Db } from '@/server/db/pool';
import { badInput, Problem } from '@/server/errors/problem';
import { changeOpenJob } from '@/server/features/jobs/jobs-service';
import { loadRecorded } from '@/server/features/jobs/recorded';
import { mustBeOpen } from '@/server/features/measurements/measurements-service';
import type { Person } from '@/server/features/people/people-store';
import { speakIn } from '@/server/words/speak-to';
import { tell } from '@/server/words/tell';
import { addAcceptance } from './acceptances-store';

/** What of a phase may be accepted: look-agains of its sheet, or of the recorded start-up, that nobody let stand yet. */
export async function acceptableNow(db: Db, person: Person, sheet: JobSheet, phase: Phase): Promise<Finding[]> {
  if (phase !== 'start-up') return acceptable(phaseById(phase)?.notGood?.(sheet) ?? []);
  return acceptableIn(sheet, await loadRecorded(db, person.companyId, sheet));
}

/** The lead and the customer let a look-again stand: it stays one, marked accepted. */
export function accept(asks: AsksJob, body: NewAcceptance): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet, person, jobId, first, trail }) => {
    if (!(await first('acceptance', body))) return;
    const phase = acceptedIn(body);
    mustBeOpen(sheet, phase);
    const finding = (await acceptableNow(db, person, sheet, phase)).find((f) => f.id === body.finding);
    if (!finding)
      throw badInput(
        'finding',
        tell('server.nothing-of-the-reading-to-accept'),
        tell('server.look-again-of-the-recorded-reading'),
      );
    const said = acceptanceWords(finding, body.reason);
    const words = speakIn(body.language, { timeZone: sheet.site.timeZone, currency: sheet.scopeSchools.currency })(
      said,
    );
    if (words !== body.text)
      throw new Problem('stale-version', {
        field: 'text',
        message: tell('server.words-changed-after-they-were-shown'),
        yours: { text: body.text },
        stored: { text: words },
      });
    await addAcceptance(
      db,
      { companyId: person.companyId, jobId, circuitId: sheet.circuit.id },
      { ...body, said, personId: person.id },
    );
    await trail('accepted against advice', { finding: body.finding, reason: body.reason });
  });
}
