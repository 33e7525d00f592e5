import sharp from 'sharp';
import { v7 as uuid } from 'uuid';
import { coreEnglish } from '@/contract/words/english';
import { type FitKind, type FitRecords, figurePaths } from '@/core/fit/sheets';
import { scope } from '@/core/phases/scope/phase';
import { scopeOf } from '@/core/phases/scope/view';
import { survey } from '@/core/phases/survey/phase';
import { surveyOf } from '@/core/phases/survey/view';
import { EMPTY_CHOICE } from '@/core/scope/choice';
import { beforeSubject } from '@/core/scope/survey/before-dismantling';
import type { FactValue } from '@/core/scope/survey/fact';
import { factOf } from '@/core/scope/survey/facts';
import type { Said } from '@/core/words/said';
import type { Database } from '@/server/db/pool';
import { fitsStore } from '@/server/features/fits/fits-store';
import { addCircuit } from '@/server/features/jobs/circuits-service';
import type { JobAt } from '@/server/features/jobs/job-at';
import { refreshSummary } from '@/server/features/jobs/job-summary';
import { sheetFor } from '@/server/features/jobs/jobs-service';
import { libraryStore } from '@/server/features/library/library-store';
import { partStore } from '@/server/features/library/part-store';
import { patternStore } from '@/server/features/library/pattern-store';
import type { Person } from '@/server/features/people/people-store';
import { signPhase } from '@/server/features/phases/phases-service';
import { choose, customerSigns, decide } from '@/server/features/scopes/scopes-service';
import { addPhoto, recordObservations, waive } from '@/server/features/surveys/surveys-service';
import { Pictures } from '@/server/pictures/pictures';
import { DEMO_LIBRARY, DEMO_PAIRS, DEMO_PATTERNS } from './equipment';
import { loadWiring } from './load-wiring';
import { DEMO_PARTS, soldAt } from './parts';
import type { DemoSurvey, DemoSystem } from './survey-types';

export async function loadLibrary(database: Database, companyId: string): Promise<void> {
  for (const fields of DEMO_LIBRARY)
    await libraryStore.put(database, companyId, { id: uuid(), fields: { ...fields, ...soldAt(fields) } });
  for (const pair of DEMO_PAIRS) await libraryStore.putPair(database, companyId, pair);
  for (const part of DEMO_PARTS) await partStore.put(database, companyId, part);
  for (const pattern of DEMO_PATTERNS) await patternStore.put(database, companyId, pattern);
}

/** Facts that are read off a plate. */
const PLATE_FACTS: ReadonlySet<string> = new Set([
  'oldYear',
  'outdoorModel',
  'outdoorSerial',
  'oldTons',
  'oldRefrigerant',
  'oldChargeOz',
  'mcaA',
]);

const observation = (fact: string, value: FactValue | null) => {
  const def = factOf(fact)!;
  const method =
    value === null
      ? ('seen' as const)
      : PLATE_FACTS.has(fact)
        ? ('plate' as const)
        : def.kind === 'number'
          ? ('measured' as const)
          : ('seen' as const);
  return {
    id: uuid(),
    fact,
    value,
    method,
    source: 'on site',
    confidence: 'high' as const,
    note: null,
    photoId: null,
    occurredAt: new Date().toISOString(),
  };
};

/** Walks an invented site through its survey and scope, through the same doors a crew goes through. */
export async function loadSurvey(database: Database, lead: Person, jobId: string, demo: DemoSurvey): Promise<void> {
  await walk(database, lead, { jobId }, demo, demo.customer);
  const systemName = demo.system;
  for (const name of demo.circuits ?? []) {
    const { system } = await sheetFor(database, lead, { jobId });
    await addCircuit({ database, person: lead, at: { jobId } }, { id: uuid(), name, systemId: system.id, systemName });
  }
  for (const other of demo.more ?? []) {
    const circuitId = uuid();
    const system = { id: circuitId, name: 'Circuit 1', systemId: null, systemName: other.system };
    await addCircuit({ database, person: lead, at: { jobId } }, system);
    await walk(database, lead, { jobId, circuitId }, other, demo.customer);
  }
  await refreshSummary(database, lead.companyId, jobId);
}

/** Walks one system of it. */
async function walk(database: Database, lead: Person, at: JobAt, demo: DemoSystem, customer: string): Promise<void> {
  const { jobId } = at;
  const tell = (facts: Readonly<Record<string, FactValue | null>>) =>
    recordObservations(
      { database, person: lead, at },
      Object.entries(facts).map(([k, v]) => observation(k, v)),
    );
  await tell(demo.facts as Record<string, FactValue | null>);
  for (
    let open = surveyOf(await sheetFor(database, lead, at)).neverAsked;
    demo.restNotSeen && open.length;
    open = surveyOf(await sheetFor(database, lead, at)).neverAsked
  ) {
    await tell(Object.fromEntries(open.map((f) => [f.key, null])));
  }
  for (const id of demo.pictures)
    await addPhoto({ database, person: lead, at }, new Pictures(), {
      id: uuid(),
      subject: beforeSubject(id),
      caption: 'sample picture',
      takenAt: new Date().toISOString(),
      file: await samplePicture(id),
    });
  for (const [item, reason] of Object.entries(demo.waived))
    await waive({ database, person: lead, at }, { id: uuid(), item, reason });
  const keepFits = async (fits: Partial<FitRecords>, version: number): Promise<void> => {
    const of = await sheetFor(database, lead, at);
    for (const [kind, record] of Object.entries(fits)) {
      const sheet = {
        kind: kind as FitKind,
        record,
        measured: figurePaths(kind as FitKind, record),
        version,
        personId: lead.id,
      };
      await fitsStore.put(database, { companyId: lead.companyId, jobId, systemId: of.system.id }, sheet);
    }
  };
  await keepFits(demo.fits, 0);
  if (demo.choice) {
    const { outdoor, indoor, furnace, heaterKit, thermostat, ...rest } = demo.choice;
    const library = await libraryStore.list(database, lead.companyId);
    const idOf = (model: string | undefined): string | null => library.find((i) => i.model === model)?.id ?? null;
    await choose(
      { database, person: lead, at },
      {
        version: 0,
        choice: {
          ...EMPTY_CHOICE,
          ...rest,
          outdoorId: idOf(outdoor),
          indoorId: idOf(indoor),
          furnaceId: idOf(furnace),
          heaterKitId: idOf(heaterKit),
          thermostatId: idOf(thermostat),
        },
      },
    );
  }
  if (demo.reach !== 'surveying') await signPhase({ database, person: lead, at }, survey, { id: uuid() });
  if (demo.reach === 'scope-signed') await agree(database, lead, at, customer);
  if (demo.wiring) await loadWiring(database, lead, at, demo.wiring);
  if (demo.laterFits) await keepFits(demo.laterFits, 1);
  if (demo.foundLater) await tell(demo.foundLater as Record<string, FactValue>);
}

async function agree(database: Database, lead: Person, at: JobAt, customer: string): Promise<void> {
  const now = async () => scopeOf(await sheetFor(database, lead, at));
  for (const item of (await now()).items.filter((i) => i.standing === 'open'))
    await decide({ database, person: lead, at }, { id: uuid(), itemId: item.id, decision: 'in', reason: null });
  const sign = (subject: string, said: Said) =>
    customerSigns(
      { database, person: lead, at },
      {
        id: uuid(),
        subject,
        answer: 'yes',
        reason: null,
        text: coreEnglish(said),
        said,
        language: 'en',
        customer,
        ink: SAMPLE_INK,
      },
    );
  for (const d of (await now()).disclosures) await sign(`disclosure:${d.id}`, d.text);
  await sign('scope', (await now()).text);
  await signPhase({ database, person: lead, at }, scope, { id: uuid() });
}

/** A made-up hand. */
const SAMPLE_INK =
  'M40 92L52 54L66 96L78 58L92 98L110 70L124 92L140 74L156 94L176 66L190 96L214 78L236 92L262 72L288 90L330 80';

const TONES: Record<string, string> = {
  plates: '#b9b4a4',
  wiring: '#8a6f52',
  diagram: '#e6dfcc',
  breaker: '#5d6266',
  'coil-face': '#7d7666',
  ducts: '#9aa0a0',
  drain: '#c9c4b5',
  access: '#8f8a7b',
};

/** A drawn stand-in for a photograph: shapes only, so that no real plate or place is ever shown. */
function samplePicture(id: string): Promise<Buffer> {
  const tone = TONES[id] ?? '#a39d8c';
  const bars = Array.from(
    { length: 9 },
    (_, i) =>
      `<rect x="${120 + (i % 3) * 330}" y="${150 + Math.floor(i / 3) * 190}" width="${180 + ((i * 67) % 110)}" height="${26 + ((i * 31) % 60)}" fill="#00000030"/>`,
  ).join('');
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="1200" height="800"><rect width="1200" height="800" fill="${tone}"/><rect x="70" y="70" width="1060" height="660" fill="#ffffff22" stroke="#00000055" stroke-width="6"/>${bars}</svg>`;
  return sharp(Buffer.from(svg)).jpeg().toBuffer();
}
