import type { NewDecision, NewObservation, NewScopeLine } from '@/contract/before';
import type { NewCircuitEntry } from '@/contract/circuit';
import type { DeviceRunBody, JobDetails, Round, TypedMeasurement } from '@/contract/requests';
import { barometerPsia } from '@/core/air/moist-air';
import type { FitKind, FitSheet } from '@/core/fit/sheets';
import type { Phase } from '@/core/job/phases';
import type { JobSheet, SheetMeasurement } from '@/core/job/sheet';
import { type CircuitEntry, splitLog, wholeLog } from '@/core/phases/log/circuit-log';
import { JOB_KINDS, phaseOfKind, SYSTEM_KINDS } from '@/core/phases/log/entries';
import { ownerOf } from '@/core/phases/registry';
import { keptOptions, toTake } from '@/core/phases/scope/offer/offer';
import type { BeforeId } from '@/core/scope/survey/before-dismantling';
import { factOf, isOfHouse } from '@/core/scope/survey/facts';
import { QUANTITIES, type Quantity } from '@/core/startup/quantities';
import type { Me } from '@/web/api/use-me';
import { showsOn, splitPath, systemSeenFrom } from '../circuit-path';
import type { Body } from './change';
import { withDeviceRead } from './overlay-readings';
import { acceptance, customer, signature, signedBy } from './overlay-signatures';
import { withWeighings } from './overlay-weighings';
import { jobOf, type Waiting } from './waiting';

const observations: Body<{ observations: NewObservation[] }> = (sheet, body, _write, me) => {
  const stored = new Set(sheet.survey.observations.map((o) => o.id));
  const found = body.observations.flatMap((o) => {
    const fact = factOf(o.fact);
    if (!fact || stored.has(o.id)) return [];
    const unit = fact.kind === 'number' ? fact.unit : '';
    const foundOnTheDay = sheet.signOffs.some((s) => s.phase === 'scope');
    const { occurredAt: at, ...seen } = o;
    return [{ ...seen, fact: fact.key, unit, foundOnTheDay, by: me.fullName, at }];
  });
  return { ...sheet, survey: { ...sheet.survey, observations: [...sheet.survey.observations, ...found] } };
};

const entry: Body<NewCircuitEntry> = (sheet, body, _write, me) => {
  const all = wholeLog(sheet);
  if (all.some((e) => e.id === body.id)) return sheet;
  const earlier = all.find((e) => e.id === body.supersedesId);
  const written = {
    id: body.id,
    circuitId: sheet.circuit.id,
    phase: phaseOfKind(body.kind) ?? earlier?.phase ?? 'recover',
    kind: body.kind,
    body: body.body,
    source: sourceOf(sheet, body.body),
    supersedesId: body.supersedesId,
    by: me.fullName,
    at: body.occurredAt,
  } as CircuitEntry;
  // What a lead let pass with the earlier entry before him is asked again, as the server will say.
  const falls = (o: JobSheet['overrides'][number]): boolean =>
    earlier !== undefined && o.phase === earlier.phase && o.at >= earlier.at;
  return { ...sheet, ...splitLog([...all, written]), overrides: sheet.overrides.filter((o) => !falls(o)) };
};

/** As the server will mark it: simulated where a stand-in or a run of this device gave the figures. */
const sourceOf = ({ runs }: JobSheet, body: object): CircuitEntry['source'] => {
  if ('simulated' in body && body.simulated) return 'simulated';
  const run = 'runId' in body ? runs.find((r) => r.id === body.runId) : undefined;
  return (run?.source as CircuitEntry['source'] | undefined) ?? 'typed';
};

/** A run of this device that the server has not heard of: where it goes on its window says so. */
const deviceRun: Body<DeviceRunBody> = (sheet, { id, phase, startedAt }) =>
  sheet.runs.some((r) => r.id === id)
    ? sheet
    : {
        ...sheet,
        runs: [
          ...sheet.runs,
          { id, circuitId: sheet.circuit.id, phase, source: 'simulated', speed: 1, state: 'stopped', startedAt },
        ],
      };

const decision: Body<NewDecision> = (sheet, { itemId, decision: chosen, reason }, write, me) => ({
  ...sheet,
  scope: {
    ...sheet.scope,
    decisions: [
      ...sheet.scope.decisions,
      { itemId, decision: chosen, reason, by: me.fullName, role: me.role, at: write.at },
    ],
  },
});

const line: Body<NewScopeLine> = (sheet, { id, say, hours, materials }, write, me) =>
  sheet.scope.lines.some((l) => l.id === id)
    ? sheet
    : {
        ...sheet,
        scope: {
          ...sheet.scope,
          lines: [...sheet.scope.lines, { id, say, hours, materials, by: me.fullName, at: write.at }],
        },
      };

const measurements: Body<{ measurements: TypedMeasurement[] }> = (sheet, body, _write, me) => {
  const stored = new Set(sheet.measurements.map((m) => m.id));
  const typed = body.measurements
    .filter((m) => !stored.has(m.id))
    .map((m): SheetMeasurement => {
      const spec = m.quantity in QUANTITIES ? QUANTITIES[m.quantity as Quantity] : undefined;
      return {
        id: m.id,
        circuitId: sheet.circuit.id,
        setId: m.setId,
        phase: m.phase,
        stage: m.stage,
        quantity: m.quantity,
        mode: sheet.job.mode,
        value: m.value,
        uncertainty: spec?.uncertainty ?? 0,
        source: 'typed',
        instrument: 'typed by hand',
        location: '',
        person: me.fullName,
        runId: null,
        runSeconds: null,
        detail: m.startOz === undefined ? null : { startOz: m.startOz, endOz: m.endOz },
        supersedesId: m.supersedesId ?? null,
        occurredAt: m.occurredAt,
      };
    });
  return { ...sheet, measurements: [...sheet.measurements, ...typed] };
};

const confirmation: Body<{ confirmation: string; confirmed: boolean }> = (sheet, body, write, me) => {
  const { [body.confirmation as keyof JobSheet['startUp']['confirmations']]: _old, ...rest } =
    sheet.startUp.confirmations;
  return {
    ...sheet,
    startUp: {
      confirmations: body.confirmed ? { ...rest, [body.confirmation]: { by: me.fullName, at: write.at } } : rest,
    },
  };
};

const override: Body<{ id: string; gate: string; reason: string }> = (sheet, body, write, me) => {
  const phase = splitPath(write.path).path.split('/').at(-2) as Phase;
  const passed = { ...body, ownerId: ownerOf(sheet, phase), phase, by: me.fullName, at: write.at };
  return sheet.overrides.some((o) => o.id === body.id) ? sheet : { ...sheet, overrides: [...sheet.overrides, passed] };
};

const round: Body<Round> = (sheet, body, write, me) => {
  const read = withDeviceRead(measurements(sheet, { measurements: body.typed }, write, me), body, me);
  return body.sign === null ? read : signedBy(read, body.sign, 'start-up', write, me);
};

const waiver: Body<{ item: BeforeId; reason: string }> = (sheet, { item, reason }, write, me) => ({
  ...sheet,
  survey: {
    ...sheet.survey,
    waivers: [...sheet.survey.waivers, { item, reason, by: me.fullName, at: write.at }],
  },
});

const removal: Body<unknown> = (sheet, _body, write, me) => ({
  ...sheet,
  removal: sheet.removal ?? { by: me.fullName, at: write.at },
});

const fit: Body<Pick<FitSheet, 'record' | 'measured' | 'version'>> = (sheet, body, write, me) => {
  const kind = write.path.split('/').at(-1) as FitKind;
  return { ...sheet, fits: { ...sheet.fits, [kind]: { ...body, kind, by: me.fullName, at: write.at } } };
};

const choice: Body<{ choice: JobSheet['scope']['choice'] }> = (sheet, body) => ({
  ...sheet,
  scope: { ...sheet.scope, choice: body.choice },
});

const option: Body<{ optionId: string }> = (sheet, { optionId }, write, me) => {
  const taken = keptOptions(sheet).find((o) => o.id === optionId)?.body;
  if (!taken) return sheet;
  const decisions = toTake(sheet, taken).map((d) => ({
    ...d,
    reason: taken.name,
    by: me.fullName,
    role: me.role,
    at: write.at,
  }));
  const { scope } = sheet;
  return {
    ...sheet,
    scope: { ...scope, choice: taken.choice, decisions: [...scope.decisions, ...decisions] },
  };
};

const mode: Body<{ mode: JobSheet['job']['mode'] }> = (sheet, body) => ({
  ...sheet,
  job: { ...sheet.job, mode: body.mode },
});

const details: Body<JobDetails> = (sheet, body) => ({
  ...sheet,
  job: { ...sheet.job, leadId: body.leadId, scheduledFor: body.scheduledFor },
  customer: { ...sheet.customer, name: body.customerName, phone: body.phone },
  site: {
    ...sheet.site,
    address: body.address,
    town: body.town,
    elevationFt: body.elevationFt,
    barometerPsia: barometerPsia(body.elevationFt),
  },
  system: { ...sheet.system, name: body.systemName },
});

const cancellation: Body<{ reason: string }> = (sheet, { reason }, write, me) => ({
  ...sheet,
  cancelled: sheet.cancelled ?? { by: me.fullName, at: write.at, reason },
});

const reopening: Body<unknown> = (sheet) => ({ ...sheet, cancelled: null });

/** What a write changes on the sheet until the server has judged it. */
const CHANGES: readonly (readonly [RegExp, Body<never>])[] = [
  [/\/observations$/, observations],
  [/\/circuit-entries$/, entry],
  [/\/device-runs$/, deviceRun],
  [/\/decisions$/, decision],
  [/\/scope-lines$/, line],
  [/\/option$/, option],
  [/\/measurements$/, measurements],
  [/\/rounds$/, round],
  [/\/confirmations$/, confirmation],
  [/\/overrides$/, override],
  [/\/sign-offs$/, signature],
  [/\/customer-signatures$/, customer],
  [/\/acceptances$/, acceptance],
  [/\/waivers$/, waiver],
  [/\/removal$/, removal],
  [/\/fits\/[a-z]+$/, fit],
  [/\/choice$/, choice],
  [/\/mode$/, mode],
  [/\/details$/, details],
  [/\/cancellation$/, cancellation],
  [/\/reopening$/, reopening],
];

/** What was written on another circuit's sheet and stands on this one: answers about the house, entries of the job or of their system. */
function ofAll(sheet: JobSheet, path: string, change: Body<unknown> | undefined, body: object): object | undefined {
  if (change === observations) return ofHouse(body);
  if (change !== entry) return undefined;
  const { kind } = body as NewCircuitEntry;
  const ofSystem = SYSTEM_KINDS.includes(kind) && systemSeenFrom(sheet, path) === sheet.system.id;
  return JOB_KINDS.includes(kind) || ofSystem ? body : undefined;
}

/** Of answers given on another system's sheet, those about the house they share. */
const ofHouse = (body: object): { observations: NewObservation[] } => ({
  observations: (body as { observations: NewObservation[] }).observations.filter((o) => isOfHouse(o.fact)),
});

/** The sheet with what this device still has to send: shown, judged, and never taken for stored. */
export function withWaiting(sheet: JobSheet, waiting: readonly Waiting[], me: Me): JobSheet {
  return waiting.reduce((s, write) => {
    if (write.refused) return s;
    const runId = /^\/runs\/([^/]+)\/device-log$/.exec(write.path)?.[1];
    if (runId !== undefined) return withWeighings(s, runId, write, me);
    if (jobOf(write.path) !== sheet.job.id) return s;
    const bare = splitPath(write.path).path;
    const change = CHANGES.find(([path]) => path.test(bare))?.[1] as Body<unknown> | undefined;
    const body = showsOn(sheet, write.path) ? write.body : ofAll(sheet, write.path, change, write.body);
    return change && body ? change(s, body, write, me) : s;
  }, sheet);
}
