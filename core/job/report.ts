import { odText } from '@/core/circuit/acr-tube';
import { UNIT_STATE_WORDS } from '@/core/circuit/total-charge';
import { lbOz } from '@/core/circuit/weigh-in';
import { METERING_WORDS } from '@/core/equipment/plate';
import { VERDICT_WORDS } from '@/core/finding/finding';
import { FIGURE_IDS } from '@/core/startup/figures';
import { QUANTITIES, type Quantity } from '@/core/startup/quantities';
import { shown, withUnit } from '@/core/units/format';
import { beforeTables } from './before-report';
import { circuitSources, circuitTables } from './circuit-report';
import { owedTasks, readOn } from './owed';
import { PHASE_WORDS } from './phases';
import { DISCLAIMER, moment, type Report, type ReportTable } from './report-parts';

export type { Report, ReportTable } from './report-parts';
export { moment } from './report-parts';

import type { SheetSignOff } from './sheet';
import type { Snapshot } from './snapshot';

export type ReportInput = {
  company: string;
  snapshot: Snapshot;
  signOffs: readonly SheetSignOff[];
  amendments: readonly { phase: string; by: string; note: string; at: string }[];
};

/** The commissioning report of a job from its snapshot: the same tables on screen and on paper. */
export function buildReport(input: ReportInput): Report {
  const { snapshot: s } = input;
  const signed = (['charge', 'start-up', 'hand-over'] as const).every((p) => input.signOffs.some((x) => x.phase === p));
  const sources = new Set<string>([
    ...s.movements.map((m) => m.source),
    ...(s.startUp?.measurements.map((m) => m.source) ?? []),
    ...(s.startUp?.airflow ? [s.startUp.airflow.source] : []),
    ...circuitSources(s.circuitRecord),
  ]);
  const marks = ['simulated', 'replayed'].filter((m) => sources.has(m));
  const speeds = [...new Set(s.runs.filter((r) => r.speed !== 1).map((r) => `${r.speed}×`))];
  return {
    title: 'Commissioning report',
    status: signed ? 'signed' : 'draft',
    statusSay: signed
      ? owedOf(s).length
        ? 'Signed and handed over, with proofs owed'
        : 'Signed and handed over'
      : 'Draft: not every phase is signed',
    simulated: marks.length
      ? `Contains ${marks.join(' and ')} readings${speeds.length ? `, run at ${speeds.join(', ')} real time` : ''}. Not a record of a real system.`
      : null,
    facts: facts(input),
    tables: [
      owedTable(s),
      chargeTable(s),
      movementTable(s),
      ...(s.startUp ? [figureTable(s), readingTable(s), findingTable(s)] : []),
      ...circuitTables(s.circuitRecord),
      ...beforeTables(s.before),
      gateTable(s),
      signTable(input),
    ].filter((t) => t.rows.length > 0),
    notes: [
      ...(s.startUp?.steady ? [`Steadiness: ${s.startUp.steady.say}. Window 300 s.`] : []),
      ...Object.entries(s.startUp?.confirmations ?? {}).map(
        ([name, c]) => `Confirmed ${CONFIRMATION_WORDS[name] ?? name}: ${c?.by}, ${moment(c?.at ?? '')}.`,
      ),
      `Schools: subcooling ± ${s.schools.subcoolingToleranceF} °F, superheat ± ${s.schools.superheatToleranceF} °F, air split ± ${s.schools.splitToleranceF} °F.`,
      `Formulas version ${s.formulaVersion}.`,
      DISCLAIMER,
    ],
  };
}

export const CONFIRMATION_WORDS: Record<string, string> = {
  filterClean: 'filter clean',
  indoorCoilClean: 'indoor coil clean',
  outdoorCoilCleanDry: 'outdoor coil clean and dry',
  enclosureRestored: 'panels, covers and fence back in place',
};

function facts({ company, snapshot: s }: ReportInput): [string, string][] {
  const p = s.circuit.plate;
  return [
    ['Contractor', company],
    ['Job', `${s.job.number}, ${s.job.scheduledFor}`],
    ['Customer', s.customer.name],
    ['Site', `${s.site.address}, ${s.site.town}`],
    ['Elevation', `${s.site.elevationFt.toFixed(0)} ft, station pressure ${withUnit(s.site.barometerPsia, 'psia')}`],
    ['System', `${s.system.name}: ${p.nominalTons}-ton ${s.system.kind}`],
    ['Outdoor unit', `${p.maker} ${p.model}${p.serial ? `, serial ${p.serial}` : ''}`],
    ['Refrigerant', `${p.refrigerant}, metering: ${METERING_WORDS[p.metering]}`],
    [
      'Line set',
      `${odText(p.liquidLineOdIn)} liquid, ${odText(p.vaporLineOdIn)} vapor, ${p.lineLengthFt ?? 'unknown'} ft`,
    ],
    ['Mode', s.job.mode],
    ['Lead', s.job.lead],
    [
      'Standing vacuum',
      standingWords(s) ??
        (s.vacuum
          ? `${s.vacuum.endMicrons} µm after ${s.vacuum.heldMin} min (typed by ${s.vacuum.by}, ${moment(s.vacuum.at)}${s.vacuum.reason ? `; nothing of the circuit on record: ${s.vacuum.reason}` : ''})`
          : 'not on record'),
    ],
  ];
}

/** The standing test on the circuit's own record, when there is one. */
function standingWords(s: Snapshot): string | undefined {
  const standing = s.circuitRecord?.evacuation.standing;
  if (!standing) return undefined;
  const { result, entry } = standing;
  return `${result.classification}: ${result.endMicrons.toFixed(0)} µm after ${(entry.body.samples.at(-1)?.[0] ?? 0).toFixed(0)} min (${entry.source}, ${entry.by}, ${moment(entry.at)})`;
}

const owedOf = (s: Snapshot) =>
  owedTasks(s.startUp?.findings ?? [], readOn(s.startUp?.measurements, s.job.scheduledFor));

/** Proofs that today's weather or mode did not allow: told first, with the day from which they can be made. */
function owedTable(s: Snapshot): ReportTable {
  return {
    title: 'Owed',
    columns: ['Proof', 'When', 'Because'],
    rows: owedOf(s).map((o) => [o.say, o.dueOn, o.because]),
  };
}

function chargeTable(s: Snapshot): ReportTable {
  const b = s.charge?.build;
  const trim = s.movements.filter((m) => m.phase === 'start-up').reduce((sum, m) => sum + m.value, 0);
  const weighed = s.movements.filter((m) => m.phase === 'charge').reduce((sum, m) => sum + m.value, 0);
  return {
    title: 'Charge',
    columns: ['Part', 'oz', 'From'],
    rows: b
      ? [
          ...b.parts.filter((p) => p.id !== 'held-back').map((p) => [p.label, shown(p.oz, 'oz'), p.how]),
          ['Build-up', shown(b.totalOz, 'oz'), lbOz(b.totalOz)],
          ...(b.heldBackOz
            ? [['Held back for the trim', shown(b.heldBackOz, 'oz'), `${b.heldBackBecause}; trimmed in at start-up`]]
            : []),
          ['Already in the unit', shown(b.alreadyInUnitOz, 'oz'), UNIT_STATE_WORDS[s.circuit.plate.unitState]],
          ['Weighed in', shown(weighed, 'oz'), 'by scale, see movements'],
          ...(trim !== 0 ? [['Trim at start-up', shown(trim, 'oz'), 'by scale']] : []),
          [
            'Total in the system',
            shown(b.alreadyInUnitOz + weighed + trim, 'oz'),
            lbOz(b.alreadyInUnitOz + weighed + trim),
          ],
        ]
      : [],
  };
}

function movementTable(s: Snapshot): ReportTable {
  return {
    title: 'Refrigerant movements',
    columns: ['What', 'oz', 'Scale from – to', 'Source', 'Who', 'When'],
    rows: s.movements.map((m) => [
      { 'weigh-in': 'Weighed in', trim: 'Trim added', recover: 'Recovered' }[m.stage] ?? m.stage,
      shown(m.value, 'oz'),
      m.detail ? `${shown(Number(m.detail.startOz), 'oz')} – ${shown(Number(m.detail.endOz), 'oz')}` : '–',
      m.source,
      m.person,
      moment(m.occurredAt),
    ]),
  };
}

function figureTable(s: Snapshot): ReportTable {
  const { figures, findings } = s.startUp!;
  return {
    title: 'Figures',
    columns: ['Figure', 'Value', 'Wanted', 'Verdict', 'Target from'],
    rows: FIGURE_IDS.map((id) => {
      const f = figures.byId[id];
      const finding = findings.find((x) => x.id === (id === 'airflow-per-ton' ? 'airflow' : id));
      return [
        f.label,
        f.value === undefined
          ? (f.missing ?? '–')
          : `${withUnit(f.value, f.unit)}${f.uncertainty ? ` ± ${shown(f.uncertainty, f.unit)}` : ''}`,
        f.target ? `${shown(f.target.low, f.unit)} to ${shown(f.target.high, f.unit)}` : '–',
        finding ? VERDICT_WORDS[finding.verdict] : 'for information',
        f.target?.source ?? f.noTarget ?? '–',
      ];
    }),
  };
}

function readingTable(s: Snapshot): ReportTable {
  return {
    title: 'Final readings',
    columns: ['Reading', 'Value', 'Source', 'Instrument and place', 'Who', 'When'],
    rows: [...s.startUp!.measurements]
      .filter((m) => m.quantity in QUANTITIES)
      .sort((a, b) => Object.keys(QUANTITIES).indexOf(a.quantity) - Object.keys(QUANTITIES).indexOf(b.quantity))
      .map((m) => {
        const spec = QUANTITIES[m.quantity as Quantity];
        return [
          spec.label,
          `${withUnit(m.value, spec.unit)} ± ${spec.uncertainty}`,
          m.source,
          `${m.instrument}; ${m.location}`,
          m.person,
          moment(m.occurredAt),
        ];
      }),
  };
}

function findingTable(s: Snapshot): ReportTable {
  return {
    title: 'Findings',
    columns: ['Verdict', 'Finding', 'Because', 'Source'],
    rows: s.startUp!.findings.map((f) => [VERDICT_WORDS[f.verdict], f.claim, f.because, f.source]),
  };
}

function gateTable(s: Snapshot): ReportTable {
  return {
    title: 'Overrides',
    columns: ['Phase', 'Gate', 'Reason', 'Who', 'When'],
    rows: s.overrides.map((o) => [PHASE_WORDS[o.phase], o.gate, o.reason, o.by, moment(o.at)]),
  };
}

function signTable({ signOffs, amendments }: ReportInput): ReportTable {
  return {
    title: 'Signatures',
    columns: ['Phase', 'Who', 'Certificate', 'When', 'Content hash'],
    rows: [
      ...signOffs.map((x) => [
        PHASE_WORDS[x.phase],
        x.by,
        x.certificate ?? '–',
        moment(x.at),
        x.contentHash.slice(0, 16),
      ]),
      ...amendments.map((a) => [`Amendment to ${a.phase}`, a.by, '–', moment(a.at), a.note]),
    ],
  };
}
