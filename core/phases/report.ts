import { METERING_WORDS } from '@/core/equipment/plate';
import type { Chart } from '@/core/job/chart';
import { owedTasks, readOn } from '@/core/job/owed';
import type { Phase } from '@/core/job/phases';
import { DISCLAIMER, type Report, type ReportTable } from '@/core/job/report-parts';
import { pipeTables } from '@/core/phases/hand-over/gas-pipe';
import { tell } from '@/core/phases/words';
import { knownFacts } from '@/core/scope/survey/survey';
import { type Cell, day, type Label, list, moment, q, type Said, value } from '@/core/words/said';
import { chargePlate } from './charge/charge-sheet';
import { circuitSources, circuitTables } from './circuit-report';
import { furnaceTables, proofTables } from './furnace-report';
import { balanceTable } from './hand-over/balance';
import { chartsOf } from './hand-over/charts';
import { deskTable } from './hand-over/desk-fields';
import { fiveLines } from './hand-over/five-lines';
import type { StreamOf } from './hand-over/recorded-curves';
import { takenOver } from './hand-over/take-over';
import { picturesOf, surveyPictures } from './pictures';
import { phaseById } from './registry';
import { setPictures } from './set/report';
import { gateTable, keptOnTables, laterTables, named, type Signed, signTable } from './signed-tables';
import { wirePictures } from './wire/report';

export type { Report, ReportTable } from '@/core/job/report-parts';

import type { FurnaceSnapshot, Snapshot } from './snapshot';

export type ReportInput = Signed & {
  company: string;
  snapshot: Snapshot;
  /** What instruments gave in a run, where the reader has it: a device without a connection has not. */
  streamOf?: StreamOf | undefined;
  /** What the circuit of the snapshot is called, the records of the others, and the furnaces alone of other systems. */
  several?: {
    name: string;
    others: readonly { name: string; snapshot: Snapshot }[];
    furnaces: readonly { name: string; snapshot: FurnaceSnapshot }[];
  };
};

/** The commissioning report of a job from its snapshot: the same tables on screen and on paper. */
export function buildReport(input: ReportInput): Report {
  const { snapshot: s, several } = input;
  const all = [s, ...(several?.others.map((o) => o.snapshot) ?? [])];
  const signed = (['charge', 'start-up', 'hand-over'] as const).every((p) => input.signOffs.some((x) => x.phase === p));
  const sources = new Set(all.flatMap(sourcesOf));
  const marks = ['simulated', 'replayed'].filter((m) => sources.has(m));
  const jobLog = input.jobLog ?? s.jobLog ?? [];
  const five = fiveLines([{ name: several?.name, snapshot: s }, ...(several?.others ?? [])], jobLog);
  const chartsFor = (of: Snapshot, name: string | undefined): Chart[] =>
    chartsOf(of, input.streamOf ?? (() => undefined)).map((c) =>
      name === undefined ? c : { ...c, title: tell('job.circuit-table', { circuit: name, title: c.title }) },
    );
  const speeds = [...new Set(all.flatMap((x) => x.runs.filter((r) => r.speed !== 1).map((r) => `${r.speed}×`)))];
  return {
    title: tell('job.commissioning-report'),
    status: signed ? 'signed' : 'draft',
    statusSay: signed
      ? all.some((x) => owedOf(x).length)
        ? tell('job.signed-and-handed-over-with-proofs')
        : tell('job.signed-and-handed-over')
      : tell('job.draft-not-every-phase-is-signed'),
    simulated: marks.length
      ? tell('job.contains-readings-not-record-of-real', {
          marks: list(marks.map(value), ' / '),
          count: speeds.length ? tell('job.run-at-real-time', { speeds: list(speeds) }) : '',
        })
      : null,
    facts: facts(input),
    five,
    takenOver: takenOver(input.answers ?? [], five),
    desk: input.desk && deskTable(input.desk, { snapshot: s, signOffs: input.signOffs, jobLog }),
    charts: [...chartsFor(s, several?.name), ...(several?.others.flatMap((o) => chartsFor(o.snapshot, o.name)) ?? [])],
    tables: [
      ...ofCircuit(s, several?.name, input.photos),
      ...(several?.others.flatMap((o) => [
        ...plateTable(o.snapshot, o.name),
        ...ofCircuit(o.snapshot, o.name, input.photos),
      ]) ?? []),
      ...(several?.furnaces.flatMap((f) => named(furnaceTables(f.snapshot), f.name)) ?? []),
      ...scopesOf(all, input.photos),
      ...surveyPictures(input.photos),
      ...phaseTables(s, ['hand-over']),
      ...keptOnTables(jobLog, input.signOffs, s.site.timeZone),
      ...picturesOf('hand-over', { photos: input.photos, log: s.jobLog ?? [] }),
      gateTable(all),
      signTable(input),
      ...laterTables(input),
    ].filter((t) => t.rows.length > 0 || t.pictures),
    notes: [
      ...notesOf(s, several?.name),
      ...(several?.others.flatMap((o) => notesOf(o.snapshot, o.name)) ?? []),
      tell('job.schools-subcooling-superheat-air-split', {
        subcoolingToleranceF: q(s.schools.subcoolingToleranceF, 'F', 'as is'),
        superheatToleranceF: q(s.schools.superheatToleranceF, 'F', 'as is'),
        splitToleranceF: q(s.schools.splitToleranceF, 'F', 'as is'),
      }),
      tell('job.formulas-version', { formulaVersion: s.formulaVersion }),
      DISCLAIMER,
    ],
  };
}

/** What was steady and confirmed at the start-up of one circuit; under its name where there are several. */
function notesOf(s: Snapshot, name: string | undefined): Label[] {
  const notes = [
    ...(s.startUp?.steady ? [tell('job.steadiness-window-300-s', { say: s.startUp.steady.say })] : []),
    ...Object.entries(s.startUp?.confirmations ?? {}).map(([what, c]) =>
      tell('job.confirmed', { what: CONFIRMATION_WORDS[what] ?? what, by: c?.by, at: moment(c?.at ?? '') }),
    ),
  ];
  return name === undefined ? notes : notes.map((title) => tell('job.circuit-table', { circuit: name, title }));
}

/** The tables of one circuit; under its name where there are several. */
function ofCircuit(s: Snapshot, name: string | undefined, photos: Signed['photos']): ReportTable[] {
  const pictured = { photos, log: s.circuitRecord?.log ?? [], circuitId: s.circuit.id };
  const pictures = (...of: Phase[]): ReportTable[] => of.flatMap((phase) => picturesOf(phase, pictured));
  const tables = [
    owedTable(s),
    ...phaseTables(s, ['charge', 'start-up']),
    ...pictures('charge', 'start-up'),
    ...phaseTables(s, ['recover']),
    ...pictures('recover'),
    ...circuitTables(s.circuitRecord),
    ...pictures('join', 'pressure-test', 'evacuate'),
  ];
  return named(tables, name);
}

/** What burns fuel and what was agreed before the work, once for each system; under its name where there are several. */
function scopesOf(all: readonly Snapshot[], photos: Signed['photos']): ReportTable[] {
  const systems = [...new Map(all.map((s) => [s.system.id, s])).values()];
  return systems.flatMap((s) =>
    named(
      [
        ...proofTables(s),
        ...phaseTables(s, ['scope', 'set', 'wire']),
        balanceTable(s.before?.registers ?? []),
        ...(s.before?.gasPipe ? pipeTables(s.before.gasPipe) : []),
        ...setPictures(s, photos),
        ...wirePictures(s, photos),
      ],
      systems.length > 1 ? s.system.name : undefined,
    ),
  );
}

/** What stands in the head of the report for the first circuit, for another one. */
const plateTable = (s: Snapshot, circuit: string): ReportTable[] => [
  {
    title: tell('job.circuit-table', { circuit, title: tell('job.system') }),
    columns: [tell('job.what'), tell('job.value')],
    rows: facts({ company: '', snapshot: s, signOffs: [], amendments: [] }).filter(([label]) =>
      OF_A_CIRCUIT.has((label as Said).id),
    ),
  },
];
const OF_A_CIRCUIT = new Set(
  [
    tell('job.system'),
    tell('job.outdoor-unit'),
    tell('job.refrigerant'),
    tell('job.line-set'),
    tell('job.standing-vacuum'),
  ].map((w): string => w.id),
);

const sourcesOf = (s: Snapshot): string[] => [
  ...s.movements.map((m) => m.source),
  ...(s.startUp?.measurements.map((m) => m.source) ?? []),
  ...(s.startUp?.airflow ? [s.startUp.airflow.source] : []),
  ...(s.startUp?.written.map((e) => e.source) ?? []),
  ...(s.furnace?.simulated ? ['simulated'] : []),
  ...circuitSources(s.circuitRecord),
];

export const CONFIRMATION_WORDS: Record<string, Said> = {
  filterClean: tell('job.filter-clean'),
  indoorCoilClean: tell('job.indoor-coil-clean'),
  outdoorCoilCleanDry: tell('job.outdoor-coil-clean-and-dry'),
  enclosureRestored: tell('job.panels-covers-and-fence-back-in'),
  auxOff: tell('job.auxiliary-heat-off'),
  testModeCooling: tell('job.test-mode-in-cooling'),
  testModeHeating: tell('job.test-mode-in-heating'),
  testModeLeft: tell('job.test-mode-left'),
};

/** A job out of a file says so on every paper: what was signed in it is as the file had it. */
export const broughtFact = ({ at, by }: { at: string; by: string }): [Label, Cell] => [
  tell('job.brought-in'),
  tell('job.brought-in-line', { at: moment(at), by }),
];

function facts({ company, snapshot: s }: ReportInput): [Label, Cell][] {
  const p = s.circuit.plate;
  return [
    [tell('job.contractor'), company],
    [tell('job.job'), list([String(s.job.number), day(s.job.scheduledFor)])],
    [tell('job.customer'), s.customer.name],
    [tell('job.site'), `${s.site.address}, ${s.site.town}`],
    [
      tell('job.elevation'),
      tell('job.station-pressure', {
        elevationFt: q(s.site.elevationFt, 'ft'),
        barometerPsia: q(s.site.barometerPsia, 'psia'),
      }),
    ],
    [
      tell('job.system'),
      tell('job.ton', { name: s.system.name, nominalTons: p.nominalTons, kind: value(s.system.kind) }),
    ],
    [
      tell('job.outdoor-unit'),
      p.serial
        ? tell('job.unit-serial', { maker: p.maker, model: p.model, serial: p.serial })
        : `${p.maker} ${p.model}`,
    ],
    ...indoorFact(s),
    ...oldUnitFact(s),
    [
      tell('job.refrigerant'),
      tell('job.metering', { refrigerant: p.refrigerant, metering: METERING_WORDS[p.metering] }),
    ],
    ...(p.bookPage ? [[tell('job.figures-of-the-plate-from'), p.bookPage] as [Label, Cell]] : []),
    ...lineSetFact(s),
    [tell('job.mode'), value(s.job.mode)],
    [tell('job.lead'), s.job.lead],
    [
      tell('job.standing-vacuum'),
      standingWords(s) ??
        (s.vacuum
          ? tell('job.after-typed-by', {
              endMicrons: q(s.vacuum.endMicrons, 'microns', 'as is'),
              heldMin: q(s.vacuum.heldMin, 'min', 'as is'),
              by: s.vacuum.by,
              at: moment(s.vacuum.at),
              reason: s.vacuum.reason ? tell('job.nothing-of-circuit-on-record', { reason: s.vacuum.reason }) : '',
            })
          : tell('job.not-on-record')),
    ],
  ];
}

/** What was chosen for indoors; nothing where no choice was made. */
function indoorFact({ before }: Snapshot): [Label, Cell][] {
  const unit = before?.indoor;
  const furnace: [Label, Cell][] =
    before?.furnace && before.furnace !== unit
      ? [[tell('job.furnace'), `${before.furnace.maker} ${before.furnace.model}`]]
      : [];
  if (unit) return [[tell('job.indoor-unit'), `${unit.maker} ${unit.model}`], ...furnace];
  return before?.choice.keepCoil ? [[tell('job.indoor-unit'), tell('job.coil-is-kept')], ...furnace] : furnace;
}

/** The outdoor unit that was taken out, as the survey read its plate. */
function oldUnitFact({ before }: Snapshot): [Label, Cell][] {
  const known = knownFacts(before?.observations ?? []);
  const plate = [known.outdoorModel, known.outdoorSerial].filter((x) => typeof x === 'string');
  return plate.length ? [[tell('job.old-outdoor-unit'), plate.join(' · ')]] : [];
}

/** The line set that was charged for; a packaged unit has none. */
function lineSetFact(s: Snapshot): [Label, Cell][] {
  const p = chargePlate(s.circuit.plate, s.circuitRecord?.log ?? []);
  if (p.packaged) return [];
  return [
    [
      tell('job.line-set'),
      tell('job.liquid-vapor-ft', {
        liquidLineOdIn: q(p.liquidLineOdIn, 'od'),
        vaporLineOdIn: q(p.vaporLineOdIn, 'od'),
        lineLengthFt: p.lineLengthFt === null ? value('unknown') : q(p.lineLengthFt, 'ft'),
      }),
    ],
  ];
}

/** The standing test on the circuit's own record, when there is one. */
function standingWords(s: Snapshot): Said | undefined {
  const standing = s.circuitRecord?.evacuation.standing;
  if (!standing) return undefined;
  const { result, entry } = standing;
  return tell('job.after-2', {
    classification: value(result.classification),
    endMicrons: q(result.endMicrons, 'microns'),
    value: q(entry.body.samples.at(-1)?.[0] ?? 0, 'min'),
    source: value(entry.source),
    by: entry.by,
    at: moment(entry.at),
  });
}

const owedOf = (s: Snapshot) =>
  owedTasks(s.startUp?.findings ?? [], readOn(s.startUp?.measurements, s.job.scheduledFor, s.site.timeZone));

/** Proofs that today's weather or mode did not allow: told first, with the day from which they can be made. */
function owedTable(s: Snapshot): ReportTable {
  return {
    title: tell('job.owed-2'),
    columns: [tell('job.proof'), tell('job.when'), tell('job.because')],
    rows: owedOf(s).map((o) => [o.say, day(o.dueOn), o.because]),
  };
}

/** The tables of these phases, in this order. */
const phaseTables = (s: Snapshot, of: readonly Phase[]): ReportTable[] =>
  of.flatMap((id) => phaseById(id)?.tables?.(s) ?? []);
