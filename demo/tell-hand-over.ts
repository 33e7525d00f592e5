import { v7 as uuid } from 'uuid';
import { TAKE_OVER, takeOverWords } from '@/core/phases/hand-over/take-over';
import type { EntryKind } from '@/core/phases/log/entries';
import { daysAfter } from '@/core/words/calendar';
import type { Database } from '@/server/db/pool';
import type { JobAt } from '@/server/features/jobs/job-at';
import { sheetFor } from '@/server/features/jobs/jobs-service';
import type { Person } from '@/server/features/people/people-store';
import { reportOf } from '@/server/features/reports/reports-service';
import { customerSigns } from '@/server/features/scopes/scopes-service';
import { speakIn } from '@/server/words/speak-to';
import type { DayClock } from './day-clock';
import { writeDemoEntry } from './write-entry';

/** A made-up scrawl on the field of a signature. */
const INK = 'M30 90L48 40L62 92L80 52L96 88L120 60L140 86L170 48L186 90L230 62L262 84L310 70L360 78';
const WALKED = {
  thermostat: 'shown',
  filter: 'shown',
  shutOffs: 'shown',
  water: 'shown',
  outdoor: 'shown',
  gasValve: 'none here',
  alarms: 'not shown',
  papers: 'shown',
  whomToCall: 'shown',
  left: 'Manuals and a spare filter in the utility closet',
} as const;

/** The end of a demo job with its customer: serials, the walk, warranties, what is open, the signature. */
export async function tellHandOver(database: Database, lead: Person, at: JobAt, clock: DayClock): Promise<void> {
  const { job, customer, circuit, site, scopeSchools } = await sheetFor(database, lead, at);
  const write = (kind: EntryKind, body: Record<string, unknown>) =>
    clock.do(3, () => writeDemoEntry(database, lead, at, { kind, body }, clock.now));
  const serial = { piece: 'outdoor unit', model: circuit.plate?.model ?? '', serial: `K${job.number}07`, where: '' };
  await write('serial', serial);
  await write('walkthrough', { ...WALKED, who: customer.name });
  for (const [covers, years, by] of [
    ['all parts', 10, circuit.plate?.maker ?? 'the maker'],
    ['labor', 2, lead.companyName],
  ])
    await write('warranty-term', { covers, piece: '', beginsOn: job.scheduledFor, years, by });
  await write('open-item', {
    what: 'Light at the attic hatch',
    owner: 'electrician',
    name: 'Wirth Electric',
    due: daysAfter(job.scheduledFor, 20),
    next: 'The customer lets them in; a call the day before.',
  });
  await clock.do(3, async () => {
    const { five } = await reportOf(database, lead, at);
    const said = takeOverWords(five ?? []);
    const text = speakIn(customer.language, { timeZone: site.timeZone, currency: scopeSchools.currency })(said);
    await customerSigns(
      { database, person: lead, at },
      {
        id: uuid(),
        subject: TAKE_OVER,
        answer: 'yes',
        reason: null,
        text,
        said,
        language: customer.language,
        customer: customer.name,
        ink: INK,
      },
    );
  });
}
