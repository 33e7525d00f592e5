import type { Chart, Lines } from '@/core/job/chart';
import type { SheetMeasurement, SheetWith } from '@/core/job/sheet';
import { type CircuitEntry, entriesOf } from '@/core/phases/log/circuit-log';
import type { Snapshot } from '@/core/phases/snapshot';
import type { RunData } from '@/core/phases/start-up/system';
import { runLines, thinned } from '@/core/startup/run-lines';
import { type TrendLine, trendLines } from '@/core/startup/trend-lines';
import { PSI_PER_INHG } from '@/core/units/units';
import { q, type Said } from '@/core/words/said';
import { tell } from './words';

/** What instruments gave in a run, where it is at hand. */
export type StreamOf = (runId: string) => RunData | undefined;

/** The run that the recovery was recorded from: of its newest entry that names one. */
const recoveryRun = (log: readonly CircuitEntry[]): string | undefined =>
  (['recovered', 'level', 'rebound', 'pump-down'] as const)
    .flatMap((kind) => entriesOf(log, kind))
    .sort((a, b) => b.at.localeCompare(a.at))
    .flatMap(({ body }) => body.runId ?? [])[0];

/** The run and the second of it that the newest reading of the start-up was taken at. */
function readingRun(measurements: readonly SheetMeasurement[]): { runId: string; second: number } | undefined {
  const last = measurements.findLast((m) => m.phase === 'start-up' && m.runId !== null && m.runSeconds !== null);
  return last && { runId: last.runId!, second: last.runSeconds! };
}

/** The runs whose curves a report of this circuit shows. */
export const runsToDraw = (sheet: SheetWith<'circuitLog' | 'measurements'>): string[] =>
  [recoveryRun(sheet.circuitLog), readingRun(sheet.measurements)?.runId].filter((id) => id !== undefined);

/** The recovery and the start-up of one circuit as instruments read them, each to its recorded end. Typed work has none. */
export const recordedCurves = (s: Snapshot, streamOf: StreamOf): Chart[] => [
  ...recovery(s, streamOf),
  ...trend(s, streamOf),
];

const gapsOf = ({ events }: RunData): number[] => events.filter((e) => e.kind === 'gap').map((e) => e.runSeconds);

function recovery({ circuitRecord }: Snapshot, streamOf: StreamOf): Lines[] {
  const runId = recoveryRun(circuitRecord?.log ?? []);
  const run = runId === undefined ? undefined : streamOf(runId);
  if (!circuitRecord || !run) return [];
  const { thin, every } = thinned(run.samples);
  const [pieces] = runLines(thin, [(s) => s.values.suctionPsig], { gaps: gapsOf(run), every });
  const last = pieces!.at(-1)?.at(-1);
  if (!last) return [];
  const wantedPsig = -circuitRecord.recovery.level.wantedInHg * PSI_PER_INHG;
  return [
    {
      kind: 'lines',
      title: tell('five.recovery'),
      lines: [
        { say: tell('five.line-now', { what: tell('five.suction-now'), it: q(last[1], 'psig', 0) }), pieces: pieces! },
      ],
      bounds: [{ at: wantedPsig, say: tell('five.recover-to', { psig: q(wantedPsig, 'psig', 0) }) }],
    },
  ];
}

const NAMES: Record<TrendLine['id'], Said> = {
  superheat: tell('five.superheat'),
  subcooling: tell('five.subcooling'),
  'air-split': tell('five.air-split'),
};
const WANTED = {
  subcooling: tell('five.wanted-subcooling'),
  superheat: tell('five.wanted-superheat'),
} as const;

function trend({ startUp, circuit, site }: Snapshot, streamOf: StreamOf): Lines[] {
  const at = startUp ? readingRun(startUp.measurements) : undefined;
  const run = at && streamOf(at.runId);
  if (!startUp || !run) return [];
  const lines = trendLines({
    samples: run.samples.filter((s) => s.runSeconds <= at.second),
    refrigerant: circuit.plate.refrigerant,
    barometerPsia: site.barometerPsia,
    gaps: gapsOf(run),
  }).filter((l) => l.pieces.length > 0);
  if (lines.length === 0) return [];
  const by = circuit.plate.metering === 'fixed-orifice' ? 'superheat' : 'subcooling';
  const target = startUp.figures.byId[by]?.target;
  return [
    {
      kind: 'lines',
      title: tell('five.trend'),
      lines: lines.map(({ id, pieces }) => ({
        say: tell('five.line-now', { what: NAMES[id], it: q(pieces.at(-1)!.at(-1)![1], 'F', 1) }),
        pieces,
      })),
      bounds: [],
      ...(target ? { band: { low: target.low, high: target.high, say: WANTED[by] } } : {}),
    },
  ];
}
