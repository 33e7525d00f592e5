import { v7 as uuid } from 'uuid';
import type { Plate } from '@/core/equipment/plate';
import { callOf } from '@/core/finding/run-mode';
import type { JobSheet } from '@/core/job/sheet';
import { buildUpOf } from '@/core/phases/charge/charge-sheet';
import { charge } from '@/core/phases/charge/phase';
import { rigFor } from '@/core/phases/live/rig-setup';
import type { Database } from '@/server/db/pool';
import type { Deps } from '@/server/deps';
import { usable } from '@/server/errors/problem';
import { cylindersStore } from '@/server/features/cylinders/cylinders-store';
import { addCircuit } from '@/server/features/jobs/circuits-service';
import type { JobAt } from '@/server/features/jobs/job-at';
import { refreshSummary } from '@/server/features/jobs/job-summary';
import { mustBeEquipped, setMode, sheetFor, updatePlate } from '@/server/features/jobs/jobs-service';
import { jobsStore } from '@/server/features/jobs/jobs-store';
import { DEMO_PASSWORD } from '@/server/features/people/people-routes';
import { hashPassword } from '@/server/features/people/people-service';
import { type Person, peopleStore } from '@/server/features/people/people-store';
import { override, recordVacuum, signPhase } from '@/server/features/phases/phases-service';
import { registerStore } from '@/server/features/register/register-store';
import { DEMO_CIRCUITS } from './circuits';
import { DEMO_COMPANY, DEMO_PEOPLE, DEMO_SETTINGS } from './company';
import { DEMO_CYLINDERS } from './cylinders';
import { DayClock } from './day-clock';
import { demoDay, demoMorning } from './demo-day';
import { DEMO_INSTRUMENTS } from './instruments';
import { DEMO_JOBS, type DemoJob } from './jobs';
import { loadCircuit } from './load-circuits';
import { loadMetal } from './load-metal';
import { loadOffer, OFFERED_JOB } from './load-offer';
import { DEMO_PLANS, loadPlan, loadWorked } from './load-plan';
import { loadLibrary, loadSurvey } from './load-surveys';
import { type PlayStep, playRun } from './play';
import { loadPractice } from './practice';
import { DEMO_SURVEYS } from './surveys';
import { tellStartUp } from './tell-start-up';

const DAY_MS = 86_400_000;
/** These jobs were done up to the vacuum on paper. */
const BEFORE_LOG = 'Recovered, brazed and tested on the paper sheet in the job folder.';
const READY_MICRONS = { endMicrons: 298, heldMin: 12 };

/** As many jobs of each kind as a quick load needs to copy from. */
const FEW = 2;

/**
 * Loads the demo company into a schema that holds no company yet; anything else is left alone. True when it loaded.
 * `few`: a couple of jobs of each kind, for a load that is made of their copies.
 */
export async function loadDemo(
  { database }: Pick<Deps, 'database'>,
  say: (line: string) => void,
  { few = false } = {},
): Promise<boolean> {
  const some = <T>(all: readonly T[]): readonly T[] => (few ? all.slice(0, FEW) : all);
  const [jobs, surveys, circuits] = [some(DEMO_JOBS), some(DEMO_SURVEYS), some(DEMO_CIRCUITS)];
  const [row] = await database.rows<{ n: number }>('select count(*) as n from companies');
  if (Number(row?.n) > 0) return false;
  say('Loading the demo company …');
  await database.run('insert into companies (id, name, settings, demo) values (:id, :name, :settings, true)', {
    ...DEMO_COMPANY,
    settings: JSON.stringify(DEMO_SETTINGS),
  });
  const passwordHash = await hashPassword(DEMO_PASSWORD);
  for (const person of DEMO_PEOPLE) {
    await database.run(
      `insert into people (id, company_id, full_name, sign_in, password_hash, role, certification, certificate_number)
       values (:id, :companyId, :fullName, :signIn, :passwordHash, :role, :certification, :certificateNumber)`,
      { ...person, companyId: DEMO_COMPANY.id, passwordHash },
    );
  }
  await loadLibrary(database, DEMO_COMPANY.id);
  await loadCylinders(database);
  for (const one of DEMO_INSTRUMENTS) await registerStore.insert(database, DEMO_COMPANY.id, one);
  await loadPractice(database);
  for (const job of jobs) {
    const { lead, id } = await insertJob(database, job, job.plate);
    if (job.story.kind === 'finished') await loadWorked(database, lead, { jobId: id }, job.number);
    await tell(database, lead, { jobId: id }, job);
    for (const circuit of job.more ?? []) await another(database, lead, id, circuit, job.day);
    await refreshSummary(database, DEMO_COMPANY.id, id);
  }
  for (const survey of surveys) {
    const { lead, id } = await insertJob(database, survey, null);
    await loadSurvey(database, lead, id, survey);
    await planned(database, lead, id, survey.number);
    if (survey.number === OFFERED_JOB) {
      await loadOffer(database, lead, { jobId: id });
      await loadMetal(database, lead, { jobId: id });
    }
  }
  for (const circuit of circuits) {
    const { lead, id } = await insertJob(database, circuit, circuit.plate);
    await loadCircuit(database, lead, id, circuit);
    await planned(database, lead, id, circuit.number);
    await refreshSummary(database, DEMO_COMPANY.id, id);
  }
  say(`Demo: ${DEMO_COMPANY.name}, ${jobs.length + surveys.length + circuits.length} jobs`);
  return true;
}

async function planned(database: Database, lead: Person, jobId: string, number: number): Promise<void> {
  const plan = DEMO_PLANS[number];
  if (plan) await loadPlan(database, lead, { jobId }, plan);
}

async function loadCylinders(database: Database): Promise<void> {
  const owner = DEMO_PEOPLE.find((p) => p.role === 'owner')!;
  const opened = new Date(Date.now() - 30 * DAY_MS);
  for (const { body, contentsOz } of DEMO_CYLINDERS) {
    await cylindersStore.insert(database, DEMO_COMPANY.id, { ...body, version: 0 });
    if (contentsOz > 0)
      await cylindersStore.addMovement(database, DEMO_COMPANY.id, {
        id: uuid(),
        cylinderId: body.id,
        kind: 'opening',
        oz: contentsOz,
        grossOz: contentsOz + body.tareOz,
        refrigerant: body.refrigerant,
        jobId: null,
        personId: owner.id,
        certificate: owner.certificateNumber,
        source: 'typed',
        recipient: null,
        note: null,
        occurredAt: opened,
      });
  }
}

type Head = Pick<
  DemoJob,
  'number' | 'customer' | 'language' | 'phone' | 'address' | 'town' | 'elevationFt' | 'system' | 'lead' | 'day'
>;

async function insertJob(database: Database, demo: Head, plate: Plate | null): Promise<{ lead: Person; id: string }> {
  const lead = (await peopleStore.byId(database, DEMO_PEOPLE.find((p) => p.signIn === demo.lead)!.id))!;
  const id = uuid();
  await database.transaction(async (db) => {
    await jobsStore.insert(
      db,
      DEMO_COMPANY.id,
      demo.number,
      {
        id,
        customerName: demo.customer,
        phone: demo.phone,
        customerLanguage: demo.language ?? 'en',
        address: demo.address,
        town: demo.town,
        elevationFt: demo.elevationFt,
        systemName: demo.system,
        leadId: lead.id,
        scheduledFor: demoDay(demo.day),
        plate,
      },
      { customerId: null, siteId: null, systemId: null, equipmentId: uuid(), circuitId: uuid() },
    );
    await refreshSummary(db, DEMO_COMPANY.id, id);
  });
  return { lead, id };
}

/** What still runs began some hours ago. */
const SO_FAR_MIN = 4 * 60;
export function dayOf(day: number): DayClock {
  return new DayClock(day >= 0 ? new Date(Date.now() - SO_FAR_MIN * 60_000) : demoMorning(day));
}

/** One more circuit of a job, with its own plate and story. */
async function another(
  database: Database,
  lead: Person,
  jobId: string,
  { name, system, plate, story }: NonNullable<DemoJob['more']>[number],
  day: number,
): Promise<void> {
  const circuitId = uuid();
  const { circuits } = await sheetFor(database, lead, { jobId });
  const systemId = circuits.find((c) => c.systemName === system)?.systemId ?? null;
  await addCircuit({ database, person: lead, at: { jobId } }, { id: circuitId, name, systemId, systemName: system });
  await updatePlate({ database, person: lead, at: { jobId, circuitId } }, { version: 1, plate });
  await tell(database, lead, { jobId, circuitId }, { story, day });
}

async function tell(
  database: Database,
  lead: Person,
  at: JobAt,
  { story, day }: Pick<DemoJob, 'story' | 'day'>,
): Promise<void> {
  if (story.kind === 'new') return;
  const clock = dayOf(day);
  if (story.kind === 'vacuum') {
    await clock.do(15, () =>
      recordVacuum(
        { database, person: lead, at },
        {
          version: 0,
          endMicrons: story.endMicrons,
          heldMin: story.heldMin,
          reason: BEFORE_LOG,
        },
      ),
    );
    return;
  }
  const passedOver = story.kind === 'finished' ? story.overrideVacuum : undefined;
  if (passedOver) {
    await clock.do(15, () =>
      recordVacuum({ database, person: lead, at }, { version: 0, endMicrons: 290, heldMin: 8, reason: BEFORE_LOG }),
    );
    await clock.do(5, () =>
      override({ database, person: lead, at }, charge, {
        id: uuid(),
        gate: 'standing-vacuum',
        reason: passedOver,
      }),
    );
  } else {
    await clock.do(15, () =>
      recordVacuum({ database, person: lead, at }, { version: 0, ...READY_MICRONS, reason: BEFORE_LOG }),
    );
  }
  const missingOz = 'missingOz' in story ? story.missingOz : 0;
  const cold = story.kind === 'read' && story.cold;
  if (cold) {
    const { job } = await sheetFor(database, lead, at);
    await clock.do(1, () => setMode({ database, person: lead, at }, { mode: 'heating', version: job.version }));
  }
  const sheet = await sheetFor(database, lead, at);
  const charged = await weighIn(database, lead, sheet, missingOz, clock);
  await clock.do(10, () => signPhase({ database, person: lead, at }, charge, { id: uuid() }));
  if (story.kind === 'charged') return;

  await tellStartUp(database, lead, at, story, charged, clock);
}

const HOT_DAY = { outdoorF: 94, indoorF: 78.5, indoorWetBulbF: 65, indoorEndF: 76 };

/** Weighs the build-up in; the system itself may want `missingOz` more than the build-up knows of. */
async function weighIn(database: Database, lead: Person, sheet: JobSheet, missingOz: number, clock: DayClock) {
  const build = buildUpOf(mustBeEquipped(sheet));
  if (!build.ok) throw new Error(`demo job ${sheet.job.number}: ${build.refused.message}`);
  const { totalOz, toWeighInOz } = build.value;
  const feed = usable(
    rigFor(sheet, {
      nominalChargeOz: totalOz + missingOz,
      ...(callOf(sheet.job.mode) === 'heating' ? {} : HOT_DAY),
    }),
  );
  const first = Math.min(toWeighInOz, Math.max(8, toWeighInOz / 2));
  const steps: PlayStep[] = [{ wait: 20 }];
  // A packaged unit comes with all of its charge.
  if (first > 0.5) steps.push({ order: { kind: 'weigh-in', oz: first } }, { wait: Math.ceil((first / 24) * 60) + 30 });
  if (toWeighInOz - first > 0.5) {
    steps.push(
      { order: { kind: 'weigh-in', oz: toWeighInOz - first } },
      { wait: Math.ceil(((toWeighInOz - first) / 24) * 60) + 30 },
    );
  }
  return playRun(database, lead.id, sheet, lead.companyId, feed, 'charge', steps, clock, 'stopped');
}
