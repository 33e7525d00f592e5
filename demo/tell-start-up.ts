import { v7 as uuid } from 'uuid';
import { handOver } from '@/core/phases/hand-over/phase';
import { startUp } from '@/core/phases/start-up/phase';
import type { SystemFeed } from '@/core/plant/feed/feed';
import type { Database } from '@/server/db/pool';
import type { JobAt } from '@/server/features/jobs/job-at';
import { sheetFor } from '@/server/features/jobs/jobs-service';
import type { Person } from '@/server/features/people/people-store';
import { confirm, signPhase } from '@/server/features/phases/phases-service';
import type { DayClock } from './day-clock';
import type { DemoStory } from './jobs';
import { type PlayStep, playRun } from './play';
import { tellHandOver } from './tell-hand-over';
import { writeDemoEntry } from './write-entry';

/** What the demo's leads looked at in cooling. */
const LOOKED_AT = ['filterClean', 'indoorCoilClean', 'outdoorCoilCleanDry', 'enclosureRestored'] as const;
type Started = Extract<DemoStory, { kind: 'starting' | 'read' | 'dirty' | 'finished' }>;

const airflow: PlayStep = { record: { stage: 'airflow', quantities: ['airflowCfm'] } };
const reading: PlayStep = { record: { stage: 'reading' } };
/** A filter that costs so many times its clean drop. */
const DIRTY = { filterLoaded: 7 };

function stepsOf(story: Started): PlayStep[] {
  switch (story.kind) {
    case 'starting':
      return [
        { order: { kind: 'start' } },
        { wait: 300 },
        ...(story.airflowProven ? [airflow] : []),
        { wait: story.minutes * 60 - 300 },
      ];
    case 'read':
      return [{ order: { kind: 'start' } }, { wait: 600 }, airflow, { wait: 1200 }, reading, { wait: 10 }];
    case 'dirty':
      return [
        { order: { kind: 'configure', change: DIRTY } },
        { order: { kind: 'start' } },
        { wait: 600 },
        airflow,
        { wait: 1200 },
        reading,
        {
          write: () => ({
            kind: 'correction',
            body: { what: 'filter changed', note: 'Grey through and bowed in, left from the old system.' },
          }),
        },
        { order: { kind: 'configure', change: { filterLoaded: 1 } } },
        { wait: 600 },
        airflow,
        { wait: 900 },
        reading,
        { wait: 10 },
      ];
    case 'finished':
      return [
        { order: { kind: 'start' } },
        { wait: 600 },
        airflow,
        { wait: 900 },
        ...Array.from({ length: Math.ceil(story.missingOz / 4) }, (_, i): PlayStep[] => [
          { order: { kind: 'weigh-in', oz: Math.min(4, story.missingOz - 4 * i) } },
          { wait: 720 },
        ]).flat(),
        { wait: 420 },
        { record: { stage: 'final' } },
        { wait: 10 },
      ];
  }
}

/** Plays a charged demo job through its start-up, as far as its story goes. */
export async function tellStartUp(
  database: Database,
  lead: Person,
  at: JobAt,
  story: Started,
  charged: SystemFeed,
  clock: DayClock,
): Promise<void> {
  for (const name of LOOKED_AT) {
    if (name === 'enclosureRestored' && story.kind !== 'finished') continue;
    if (story.kind === 'starting' && !story.airflowProven && name === 'indoorCoilClean') continue;
    await clock.do(2, () => confirm({ database, person: lead, at }, name, true));
  }
  await playRun(
    database,
    lead.id,
    await sheetFor(database, lead, at),
    lead.companyId,
    charged,
    'start-up',
    stepsOf(story),
    clock,
    story.kind === 'starting' ? 'running' : 'stopped',
    (entry, moment) => writeDemoEntry(database, lead, at, entry, moment).then(() => undefined),
  );
  if (story.kind !== 'finished') return;
  await clock.do(10, () => signPhase({ database, person: lead, at }, startUp, { id: uuid() }));
  if (story.open) return;
  await tellHandOver(database, lead, at, clock);
  await clock.do(10, () => signPhase({ database, person: lead, at }, handOver, { id: uuid() }));
}
