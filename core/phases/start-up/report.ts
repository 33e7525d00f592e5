import { VERDICT_WORDS } from '@/core/finding/finding';
import type { RunMode } from '@/core/finding/run-mode';
import type { NamedInstrument } from '@/core/instrument/register';
import { acceptedIn } from '@/core/job/acceptance';
import type { ReportTable } from '@/core/job/report-parts';
import { ENTRIES, entryWords } from '@/core/phases/log/entries';
import type { Snapshot } from '@/core/phases/snapshot';
import { tell } from '@/core/phases/start-up/words';
import { FIGURE_IDS } from '@/core/startup/figure';
import { DUCT_GAIN_F, offAt } from '@/core/startup/probe-place';
import { QUANTITIES, type Quantity, type Reading } from '@/core/startup/quantities';
import { day, type Label, lower, measured, moment, q, type Said, value } from '@/core/words/said';

type Part = Pick<NonNullable<Snapshot['startUp']>, 'figures' | 'findings' | 'measurements'>;

/** The tables of every mode that was proven; each under its mode where there are several. */
export function proofTables(s: Snapshot): ReportTable[] {
  const { proofs, mode } = s.startUp!;
  const tables = (part: Part): ReportTable[] => [figureTable(part), readingTable(part), findingTable(part)];
  if (proofs.length === 0) return tables(s.startUp!);
  const named = (part: Part, of: RunMode): ReportTable[] =>
    tables(part).map((t) => ({ ...t, title: tell('job.table-of-mode', { title: t.title, mode: value(of) }) }));
  return [...named(s.startUp!, mode), ...proofs.flatMap((p) => named(p, p.mode))];
}

function figureTable({ figures, findings }: Part): ReportTable {
  return {
    title: tell('job.figures'),
    columns: [tell('job.figure'), tell('job.value'), tell('job.wanted'), tell('job.verdict'), tell('job.target-from')],
    rows: FIGURE_IDS.filter((id) => id in figures.byId && !figures.byId[id].idle).map((id) => {
      const f = figures.byId[id];
      const finding = findings.find((x) => x.id === (id === 'airflow-per-ton' ? 'airflow' : id));
      return [
        f.label,
        f.value === undefined
          ? (f.missing ?? '–')
          : f.uncertainty
            ? tell('job.plus-minus', { value: measured(f.value, f.unit), off: measured(f.uncertainty, f.unit) })
            : measured(f.value, f.unit),
        f.target
          ? tell('job.low-to-high', { low: measured(f.target.low, f.unit), high: measured(f.target.high, f.unit) })
          : '–',
        finding ? VERDICT_WORDS[finding.verdict] : tell('job.for-information'),
        f.target?.source ?? f.noTarget ?? '–',
      ];
    }),
  };
}

/** Proofs that were typed as they were seen: electric heat, a defrost. */
export const writtenTable = (s: Snapshot): ReportTable => ({
  title: tell('job.proofs-by-hand'),
  columns: [tell('job.proof'), tell('job.reading'), tell('job.who'), tell('job.when')],
  rows: s.startUp!.written.map((e) => [ENTRIES[e.kind].title, entryWords(e), e.by, moment(e.at)]),
});

/** What stays against advice, as the customer read and signed it. */
export const acceptedTable = (s: Snapshot): ReportTable => ({
  title: tell('job.accepted-against-advice'),
  columns: [tell('job.column-words'), tell('job.column-customer'), tell('job.column-lead'), tell('job.column-when')],
  rows: (s.acceptances ?? [])
    .filter((a) => acceptedIn(a) === 'start-up')
    .map((a) => [a.said, a.customer, a.by, moment(a.at)]),
});

function readingTable({ measurements }: Part): ReportTable {
  return {
    title: tell('job.final-readings'),
    columns: [
      tell('job.reading'),
      tell('job.value'),
      tell('job.source'),
      tell('job.instrument-and-place'),
      tell('job.who'),
      tell('job.when'),
    ],
    rows: [...measurements]
      .filter((m) => m.quantity in QUANTITIES)
      .sort((a, b) => Object.keys(QUANTITIES).indexOf(a.quantity) - Object.keys(QUANTITIES).indexOf(b.quantity))
      .map((m) => {
        const spec = QUANTITIES[m.quantity as Quantity];
        return [
          spec.label,
          tell('job.plus-minus', {
            value: measured(m.value, spec.unit),
            off: measured(offAt(spec.uncertainty, placeOf(m)), spec.unit),
          }),
          value(m.source),
          tell('job.instrument-at', {
            instrument: instrumentOf(m, spec.label),
            location: placeWords(placeOf(m), spec.location),
          }),
          m.person,
          moment(m.occurredAt),
        ];
      }),
  };
}

/** A reading whose place costs something says so. */
const placeOf = (m: { detail?: unknown }): Reading['place'] =>
  (m.detail as { place?: Reading['place'] } | null | undefined)?.place;
const placeWords = (place: Reading['place'], usual: Said): Said =>
  place === 'register'
    ? tell('job.nearest-register-reads-low', { off: q(DUCT_GAIN_F, 'F', 'as is') })
    : place === 'moved'
      ? tell('job.with-a-moved-clamp', { location: usual })
      : usual;

function findingTable({ findings }: Part): ReportTable {
  return {
    title: tell('job.findings'),
    columns: [tell('job.verdict'), tell('job.finding'), tell('job.because'), tell('job.source')],
    rows: findings.map((f) => [VERDICT_WORDS[f.verdict], f.claim, f.because, f.source]),
  };
}

/** What read it: a simulated probe and a typing hand are said in the reader's language, an instrument by its own name. */
const instrumentOf = (m: { source: string; instrument: string; detail?: unknown }, label: Said): Label => {
  const own = (m.detail as { instrument?: NamedInstrument } | null | undefined)?.instrument;
  return own ? ownInstrument(own) : unnamed(m, label);
};

/** An instrument of the register, with the day that its calibration holds to. */
function ownInstrument({ name, serial, calibratedTo, overdue }: NamedInstrument): Said {
  const said = serial ? `${name} (${serial})` : name;
  if (calibratedTo === null) return tell('job.own-instrument', { name: said });
  const to = day(calibratedTo);
  return tell(overdue ? 'job.own-instrument-overdue' : 'job.own-instrument-calibrated', { name: said, to });
}

const unnamed = (m: { source: string; instrument: string }, label: Said): Label =>
  m.source === 'simulated'
    ? tell('job.simulated-probe', { label: lower(label) })
    : m.source === 'typed'
      ? tell('job.typed-by-hand')
      : m.instrument;
