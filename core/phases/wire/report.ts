import { USUAL_COLORS } from '@/core/controls/cable-plan';
import { runCall, runningCalls } from '@/core/controls/control-network';
import { laidWires } from '@/core/controls/edits';
import { FAULT_WORDS } from '@/core/controls/explain';
import { type Finding, VERDICT_WORDS } from '@/core/finding/finding';
import { acceptedIn } from '@/core/job/acceptance';
import type { ReportTable } from '@/core/job/report-parts';
import { type CircuitEntry, entriesOf, isMarked, latestOf } from '@/core/phases/log/circuit-log';
import { entryWords } from '@/core/phases/log/entries';
import { picturesOf } from '@/core/phases/pictures';
import type { PhotoMeta } from '@/core/scope/survey/before-dismantling';
import { list, moment, q, type Said, value } from '@/core/words/said';
import { carriedOver } from './carry-over';
import { inrushFindings } from './inrush';
import { CALL_WORDS, codesWords, deviceWords, SOURCE_WORDS, terminalWords, type WireSource } from './names';
import { plateAsks } from './power';
import { STAT_FIELDS } from './sheet-fields';
import { wireView } from './view';
import type { WireSheet } from './wiring';
import { tell } from './words';

/** What a signature freezes of the wiring: what was written, and how it was judged. */
export function wiringRecordOf(sheet: WireSheet) {
  const v = wireView(sheet);
  const { spec, wired } = v.wiring;
  return {
    log: sheet.systemLog.filter((e) => e.phase === 'wire' || e.kind === 'inrush'),
    circuits: v.circuits.map(({ plate, findings }) => ({ plate, findings })),
    sources: v.sources.map(({ which, isolation, finding }) => ({ which, isolation, finding })),
    schedule: laidWires(wired.plan).map((w) => ({ ...w, open: Boolean(w.open) })),
    letters: { valve: spec.valve, stages: spec.stages },
    proofs: v.proofs.map(({ trial, want, state, entry }) => ({
      trial,
      want,
      state,
      seen: entry?.body.seen ?? null,
      by: entry?.by ?? null,
      at: entry?.at ?? null,
      simulated: entry ? isMarked(entry.source) : false,
    })),
    running: runningCalls(spec).map((call) => ({ call, want: [...runCall(v.wiring.healthy, call).runs].sort() })),
    rows: v.rows.map(({ check, finding, entry }) => ({ id: check.id, finding, by: entry?.by ?? null })),
    findings: [
      ...v.controls,
      ...inrushFindings(sheet),
      ...(v.proven ? [v.proven] : []),
      ...v.thermostat,
      ...v.blower,
      ...v.starter,
      ...v.zones,
    ],
    accepted: sheet.acceptances.filter((a) => acceptedIn(a) === 'wire'),
  };
}
export type WiringRecord = ReturnType<typeof wiringRecordOf>;

const MARKED = (simulated: boolean): Said | string => (simulated ? tell('wire.simulated') : '');

/** How power and controls were wired, as the report prints it; nothing where nothing of it was written. */
export function wireTables(record: WiringRecord | null | undefined): ReportTable[] {
  if (!record || record.log.length === 0) return [];
  const log = record.log as readonly CircuitEntry[];
  const judged = ({ verdict, claim, because, source }: Finding) => [VERDICT_WORDS[verdict], claim, because, source];
  const stat = latestOf(log, 'thermostat-set')?.body;
  return [
    {
      title: tell('wire.accepted-against-advice'),
      columns: [tell('wire.what'), tell('wire.customer'), tell('wire.by'), tell('wire.when')],
      rows: record.accepted.map((a) => [a.said, a.customer, a.by, moment(a.at)]),
    },
    {
      title: tell('wire.power'),
      columns: [tell('wire.verdict'), tell('wire.what'), tell('wire.because'), tell('wire.source')],
      rows: record.circuits.flatMap(({ plate, findings }) => [
        [SOURCE_WORDS[plate.which as WireSource], plateAsks(plate as never), '', ''],
        ...(findings as Finding[]).map(judged),
      ]),
    },
    {
      title: tell('wire.verified-without-voltage'),
      columns: [tell('wire.circuit'), tell('wire.verdict'), tell('wire.readings'), tell('wire.when')],
      rows: record.sources
        .filter((s) => s.isolation.readings.length > 0)
        .map((s) => [
          SOURCE_WORDS[s.which as WireSource],
          VERDICT_WORDS[(s.finding as Finding).verdict],
          list(
            s.isolation.readings.map((r) =>
              tell('wire.pair-reads', { pair: r.pair, side: value(r.side), volts: q(r.volts, 'V', 'as is') }),
            ),
            '; ',
          ),
          s.isolation.done.dead ? moment(s.isolation.done.dead) : '–',
        ]),
    },
    {
      title: tell('wire.connection-schedule'),
      columns: [
        tell('wire.cable'),
        tell('wire.usual-color'),
        tell('wire.from'),
        tell('wire.to'),
        tell('wire.role'),
        tell('wire.as-found'),
      ],
      rows: record.schedule.map((w) => [
        value(w.cable),
        USUAL_COLORS[w.role] ? value(USUAL_COLORS[w.role]!) : '–',
        terminalWords(w.a, record.letters as never),
        terminalWords(w.b, record.letters as never),
        w.open ? tell('wire.open-conductor', { role: w.role }) : w.role,
        value(carriedOver(log, w as never)),
      ]),
    },
    {
      title: tell('wire.controls-proven'),
      columns: [
        tell('wire.call'),
        tell('wire.must-run'),
        tell('wire.was-seen'),
        tell('wire.by'),
        tell('wire.when'),
        '',
      ],
      rows: record.proofs.map((p) => [
        p.trial.open.length
          ? tell('wire.call-with-open', { call: CALL_WORDS[p.trial.call], device: deviceWords(p.trial.open[0]!) })
          : CALL_WORDS[p.trial.call],
        codesWords(p.want),
        p.seen === null ? tell('wire.not-tried') : p.state === 'void' ? tell('wire.voided') : codesWords(p.seen),
        p.by ?? '–',
        p.at ? moment(p.at) : '–',
        MARKED(p.simulated),
      ]),
    },
    {
      title: tell('wire.running-owed-at-start-up'),
      columns: [tell('wire.call'), tell('wire.must-run')],
      rows: (record.running ?? []).map((r) => [CALL_WORDS[r.call], codesWords(r.want)]),
    },
    {
      title: tell('wire.faults-found-and-mended'),
      columns: [tell('wire.what'), tell('wire.by'), tell('wire.when'), ''],
      rows: entriesOf(log, 'fault-mended').map((e) => [
        FAULT_WORDS[e.body.code],
        e.by,
        moment(e.at),
        MARKED(isMarked(e.source)),
      ]),
    },
    {
      title: tell('wire.looked-at-and-set'),
      columns: [tell('wire.verdict'), tell('wire.what'), tell('wire.because'), tell('wire.source')],
      rows: [
        ...(record.findings as Finding[]).filter((f) => f.verdict !== 'not-proven').map(judged),
        ...record.rows.filter((r) => r.by !== null).map((r) => judged(r.finding as Finding)),
      ],
    },
    {
      title: tell('wire.thermostat-for-the-wall'),
      columns: [tell('wire.setting'), tell('wire.set-to')],
      rows: stat ? statRows(stat) : [],
    },
    {
      title: tell('wire.written-down'),
      columns: [tell('wire.when'), tell('wire.what'), tell('wire.by')],
      rows: (
        [
          'blower-board',
          'soft-starter',
          'inrush',
          'zoning',
          'found-wire',
          'maker-answer',
          'meter-reading',
          'traced-wire',
        ] as const
      ).flatMap((kind) => entriesOf(log, kind).map((e) => [moment(e.at), entryWords(e as CircuitEntry), e.by])),
    },
  ];
}

/** The thermostat's sheet line by line, as it is printed for the wall. */
export function statRows(stat: object): [Said | string, Said | string][] {
  return Object.entries(STAT_FIELDS).flatMap(([name, { label, shown }]): [Said | string, Said | string][] => {
    const said = (stat as Record<string, unknown>)[name];
    if (said === null || said === undefined) return [];
    const option = shown.kind === 'choice' ? shown.options.find(([v]) => v === said)?.[1] : undefined;
    const unit = shown.kind === 'number' ? ` ${shown.unit}` : '';
    return [[label, option ?? `${String(said)}${unit}`]];
  });
}

/** Pictures of what was wired, each at its check. */
export const wirePictures = (
  s: { before?: { wiring?: WiringRecord | null } | null },
  photos: readonly PhotoMeta[] | undefined,
): ReportTable[] => picturesOf('wire', { photos, log: (s.before?.wiring?.log ?? []) as readonly CircuitEntry[] });
