import { useMemo } from 'react';
import { entriesOf } from '@/core/circuit/log/circuit-log';
import { STANDING_LEAST_MIN } from '@/core/circuit/vacuum/evacuation';
import type { PumpProgress } from '@/core/circuit/vacuum/pump-progress';
import { waterMicrons } from '@/core/circuit/vacuum/water-saturation';
import { evacuationView } from '@/core/job/circuit/circuit-views';
import { passes } from '@/core/job/gates';
import { sheetGates } from '@/core/job/sheet-gates';
import { post } from '@/web/api/http';
import type { StripPoint } from '@/web/bench/vacuum/strip-layout';
import { type StripTest, VacuumStrip } from '@/web/bench/vacuum/VacuumStrip';
import { Notice } from '@/web/kit/Notice';
import { useDesk } from '@/web/kit/use-media';
import type { VacuumAnswer } from '@/web/workers/vacuum-analysis';
import { BigFigure, CircuitFrame, type LiveMove } from '../circuit/CircuitFrame';
import { ordersOf } from '../circuit/orders';
import { useEntries } from '../circuit/use-entries';
import type { EquippedView } from '../job-context';
import { useVacuumAnalysis } from './use-vacuum-analysis';

const S_PER_MIN = 60;
const SWEEP_PSIG = 2;
/** A fall slower than this a minute is told as standing still. */
const STILL_PER_MIN = 0.01;
/** A hand-typed reading is drawn this far from the one before when nothing streams, by its own clock. */
const MS_PER_MIN = 60_000;

export default function EvacuatePage(view: EquippedView) {
  const { sheet, feed } = view;
  const desk = useDesk();
  const write = useEntries(view);
  const evac = evacuationView(sheet);
  const run = view.run?.phase === 'evacuate' ? view.run : undefined;
  const shownRun = run ?? view.pastRun;
  const points = useMemo(
    () =>
      feed.samples.flatMap((s): [number, number][] =>
        typeof s.values.microns === 'number' ? [[s.runSeconds / S_PER_MIN, s.values.microns]] : [],
      ),
    [feed.samples],
  );
  const typed = typedPoints(view);
  const isolatedS = evac.isolated && evac.isolated.body.runId === shownRun?.id ? evac.isolated.body.runSeconds : null;
  const answer = useVacuumAnalysis({
    points,
    setup: evac.setup
      ? {
          volumeFt3: evac.setup.body.volumeFt3,
          pumpCfm: evac.setup.body.pumpCfm,
          hoses: {
            boreIn: evac.setup.body.hoseBoreIn,
            lengthIn: evac.setup.body.hoseLengthIn,
            count: evac.setup.body.hoseCount,
            coresIn: evac.setup.body.coresIn,
          },
          targetMicrons: evac.targetMicrons,
          coldestPipeF: evac.setup.body.coldestPipeF,
        }
      : null,
    isolatedMin: isolatedS === null ? null : isolatedS / S_PER_MIN,
    limitMicrons: evac.limitMicrons,
  });
  const switches = run ? feed.bench?.switches : undefined;
  const now = points.at(-1);
  const silent = run !== undefined && feed.samples.length > 0 && feed.samples.at(-1)?.values.microns === null;
  // An instrument of one's own has no switches: the hand on the valve is the crew's.
  const order = async (body: unknown): Promise<unknown> =>
    switches ? post(`/runs/${run?.id}/commands`, body) : undefined;

  const live = run ? liveMove() : undefined;
  function liveMove(): LiveMove | undefined {
    const ready =
      evac.setup &&
      evac.checks.every(
        (c) =>
          !['compressor-locked', 'blank-off', 'gauge-place'].includes(c.id) ||
          c.verdict === 'good' ||
          c.verdict === 'look-again',
      );
    if (!ready || !now) return undefined;
    if (silent)
      return {
        kind: 'not-proven',
        say: 'The gauge gives no signal.',
        because: 'Nothing is judged without it. Mend it, or type its reading.',
      };
    if (evac.stage === 'standing') return standingMove();
    if (evac.stage === 'proven' || evac.stage === 'broken') return undefined;
    if (switches && !switches.pumpOn)
      return {
        kind: 'now',
        say: 'Start the pump.',
        because: 'Gas ballast open for the first minutes, then shut.',
        label: 'Start the pump',
        press: () => order({ kind: 'pump', on: true }),
      };
    if (switches && !switches.open)
      return {
        kind: 'now',
        say: evac.sweeps.length ? 'Swept and soaked: open the pump and pull again.' : 'Open the pump and pull on.',
        because: standingSays(),
        label: 'Open and pull',
        press: () => order({ kind: 'valve', open: true }),
      };
    const level =
      evac.sweepsWanted > evac.sweeps.length ? (evac.sweeps.length === 0 ? 2000 : 1000) : evac.targetMicrons;
    if (evac.sweepsWanted > evac.sweeps.length && now[1] <= level)
      return {
        kind: 'now',
        say: `At ${Math.round(now[1]).toLocaleString('en-US')} µm: sweep with dry nitrogen to ${SWEEP_PSIG} psig.`,
        because: `Sweep ${evac.sweeps.length + 1} of ${evac.sweepsWanted}; it carries moisture out.`,
        label: 'Sweep',
        press: () => sweep(now[1]),
      };
    const p = answer?.progress;
    const [cause] = p?.stalled ? p.causes : [];
    if (cause) {
      const wet = cause.cause === 'water' || cause.cause === 'ice';
      return {
        kind: 'look-again',
        say: `It stands at ${Math.round(now[1]).toLocaleString('en-US')} µm: ${cause.cause}.`,
        because: `${cause.why} ${cause.act}`,
        label: wet ? 'Sweep with nitrogen' : 'Pump oil changed',
        press: () => (wet ? sweep(now[1]) : freshOil()),
      };
    }
    if (now[1] <= evac.targetMicrons)
      return {
        kind: 'good',
        say: `${evac.targetMicrons} µm reached. Valve the pump off and let it stand.`,
        because: 'Ten minutes at least; the gauge on the system tells the rest.',
        label: 'Valve off and test',
        press: async () => {
          await order({ kind: 'valve', open: false });
          await write('isolated', { microns: Math.max(1, Math.round(now[1])), runId: run!.id, runSeconds: null });
        },
      };
    return { kind: 'now', ...pulling(p, evac.targetMicrons) };
  }

  async function sweep(fromMicrons: number): Promise<void> {
    await order({ kind: 'sweep', psig: SWEEP_PSIG });
    await write('sweep', {
      fromMicrons: Math.max(1, Math.round(fromMicrons)),
      psig: SWEEP_PSIG,
      soakMin: 5,
      runId: run!.id,
    });
  }

  async function freshOil(): Promise<void> {
    await order({ kind: 'oil' });
    await write('oil-change', { why: 'the vacuum stood still' });
  }

  function standingSays(): string {
    return evac.standing ? evac.standing.result.why : 'The pump is valved off.';
  }

  function standingMove(): LiveMove {
    const startS = isolatedS ?? 0;
    const minutes = now ? now[0] - startS / S_PER_MIN : 0;
    const result = answer?.standing?.result;
    const done = minutes >= STANDING_LEAST_MIN;
    if (isolatedS === null)
      return {
        kind: 'not-proven',
        say: 'The test began on other instruments: type its readings.',
        because: 'Minutes and microns from the gauge that was read.',
      };
    return {
      kind: done ? 'good' : 'now',
      say: done
        ? 'Ten minutes are over: record the test.'
        : `Leave it alone: ${Math.max(0, STANDING_LEAST_MIN - minutes).toFixed(0)} min to go.`,
      because: result && done ? result.why : 'Pump valved off. Wire the thermostat, bubble nothing, touch nothing.',
      label: done ? 'Record the test' : undefined,
      press: () =>
        write('standing', {
          samples: [],
          coldestPipeF: evac.setup?.body.coldestPipeF ?? 70,
          runId: run!.id,
          fromS: startS,
          toS: null,
        }),
    };
  }

  const gates = sheetGates(sheet, 'evacuate');
  const water = evac.setup ? waterMicrons(evac.setup.body.coldestPipeF) : undefined;
  const line: readonly StripPoint[] = points.length ? points : typed;
  return (
    <CircuitFrame
      view={view}
      phase="evacuate"
      about={
        evac.setup
          ? `${evac.setup.body.method === 'triple' ? 'triple, two sweeps' : 'one deep pull'} · to ${evac.targetMicrons} µm`
          : ''
      }
      checks={evac.checks}
      live={live}
      offers={['pump-setup', 'blank-off', 'oil-change', 'microns', 'sweep', 'isolated', 'standing']}
      figures={
        <BigFigure
          label="Vacuum now"
          testId="microns-now"
          value={silent ? '–' : (line.at(-1)?.[1].toLocaleString('en-US') ?? '–')}
          unit="µm"
          note={figureNote(answer, evac.stage, run !== undefined)}
        />
      }
      below={
        <>
          {answer?.progress?.stalled ? <Causes progress={answer.progress} /> : null}
          {sheet.signOffs.some((s) => s.phase === 'evacuate') ? null : (
            <Notice kind="look-again">
              Never start or insulation-test a compressor in vacuum. A vacuum tests one atmosphere: it never replaces
              the pressure test. {gates.every(passes) ? '' : 'The maker’s tighter limit wins.'}
            </Notice>
          )}
        </>
      }
    >
      {line.length > 1 ? (
        <VacuumStrip
          points={line}
          gapsMin={feed.events.filter((e) => e.kind === 'gap').map((e) => e.runSeconds / S_PER_MIN)}
          targetMicrons={evac.targetMicrons}
          limitMicrons={evac.limitMicrons}
          waterMicrons={water}
          waterF={evac.setup?.body.coldestPipeF}
          predicted={answer?.predicted ?? []}
          aheadMin={answer?.progress?.minutesToTarget}
          tests={testsOf(view, answer, isolatedS, shownRun?.id)}
          marks={ordersOf(feed.events)
            .filter((o) => o.order in WORDS)
            .map((o) => ({ minute: o.runSeconds / S_PER_MIN, word: WORDS[o.order]! }))}
          height={desk ? Math.max(360, Math.min(560, window.innerHeight - 330)) : 300}
        />
      ) : (
        <Before />
      )}
    </CircuitFrame>
  );
}

const WORDS: Record<string, string> = { pump: 'pump', sweep: 'N₂ sweep', break: 'broken', oil: 'oil' };

function pulling(p: PumpProgress | undefined, target: number): Pick<LiveMove, 'say' | 'because' | 'wait'> {
  if (p?.minutesToTarget !== undefined && p.minutesToTarget > 0) {
    const minutes = Math.max(1, Math.ceil(p.minutesToTarget));
    return {
      say:
        minutes >= 5
          ? `Go wire the thermostat: about ${minutes} min to ${target} µm.`
          : `About ${minutes} min to ${target} µm.`,
      because: 'From the fall of the last two minutes, the hoses and the volume.',
      wait: `${minutes} min`,
    };
  }
  if (p?.endsAtMicrons !== undefined)
    return {
      say: `At this pace it ends near ${Math.round(p.endsAtMicrons).toLocaleString('en-US')} µm, above ${target}.`,
      because: 'Gas still comes in: outgassing, moisture or a leak. Watch whether it goes on falling.',
    };
  return { say: `Pulling down to ${target} µm.`, because: 'The time left is told once the first rush of air is out.' };
}

function figureNote(answer: VacuumAnswer | undefined, stage: string, running: boolean): string | undefined {
  if (!running) return 'not streaming';
  const p = answer?.progress;
  if (stage === 'standing' && answer?.standing)
    return `standing: ${answer.standing.result.lateMicronsPerMin !== undefined ? `${answer.standing.result.lateMicronsPerMin.toFixed(1)} µm/min` : 'too early to say'}`;
  if (p?.gasLoadMicronCfm !== undefined && p.fallPerMin !== undefined)
    return p.fallPerMin < STILL_PER_MIN
      ? 'stands still'
      : `falls ${(100 * (1 - Math.exp(-p.fallPerMin))).toFixed(0)} % a minute`;
  return undefined;
}

function testsOf(
  { sheet }: EquippedView,
  answer: VacuumAnswer | undefined,
  isolatedS: number | null,
  runId: string | undefined,
): StripTest[] {
  const words = { tight: 'tight', leak: 'leak', moisture: 'moisture', inconclusive: 'nothing certain' } as const;
  const verdicts = { tight: 'good', leak: 'look-again', moisture: 'look-again', inconclusive: 'not-proven' } as const;
  const view = evacuationView(sheet);
  const done = entriesOf(sheet.circuitLog, 'standing')
    .filter((e) => e.body.runId !== null && e.body.runId === runId && e.body.fromS !== null)
    .map((e): StripTest => {
      const fromMin = (e.body.fromS ?? 0) / S_PER_MIN;
      const kind = view.standing?.entry.id === e.id ? view.standing.result.classification : 'inconclusive';
      return { fromMin, toMin: (e.body.toS ?? 0) / S_PER_MIN, fit: [], verdict: verdicts[kind], word: words[kind] };
    });
  if (isolatedS === null) return done;
  const fromMin = isolatedS / S_PER_MIN;
  const fit = answer?.standing?.fit ?? [];
  return [...done, { fromMin, toMin: fit.at(-1)?.[0] ?? fromMin, fit, verdict: 'not-proven', word: 'standing' }];
}

/** Readings typed one by one stand on the clock of their entries. */
function typedPoints({ sheet }: EquippedView): StripPoint[] {
  const standing = entriesOf(sheet.circuitLog, 'standing').at(-1);
  if (standing && standing.source === 'typed') return standing.body.samples;
  const list = entriesOf(sheet.circuitLog, 'microns');
  const start = list[0] ? Date.parse(list[0].at) : 0;
  return list.map((e): StripPoint => [(Date.parse(e.at) - start) / MS_PER_MIN, e.body.microns]);
}

function Causes({ progress }: { progress: PumpProgress }) {
  return (
    <section aria-label="Why it stands still">
      <h2 className="text-[15px] font-[680]">Why it stands still, the likeliest first</h2>
      <ol className="mt-1">
        {progress.causes.map((c, i) => (
          <li key={c.cause} className="grid grid-cols-[26px_1fr] border-b border-rule2 py-1.5 leading-snug">
            <b className="font-[680]">{i + 1}</b>
            <span>
              <b className="font-[640] first-letter:uppercase inline-block">{c.cause}</b>{' '}
              <span className="text-[14px]">{c.why}</span>
              <span className="block text-[14px] font-[600]">{c.act}</span>
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

/** Before the pump runs: what makes it quick. */
function Before() {
  const list = [
    'Nitrogen released, core tools on, both cores out',
    'Micron gauge on the system, far from the pump, on its own valve',
    'Short wide hoses, one on each side; fresh pump oil',
    'Expansion valve open, service valves of a factory-charged unit shut',
    'Outdoor unit locked out',
  ];
  return (
    <div className="max-w-[640px] py-3">
      <h2 className="text-[19px]">Before the pump runs</h2>
      <ul className="mt-2">
        {list.map((text) => (
          <li key={text} className="border-b border-rule py-2 text-[16px]">
            {text}
          </li>
        ))}
      </ul>
      <p className="mt-3 text-[14px] text-ink2">Connect instruments, or type the readings as the gauge shows them.</p>
    </div>
  );
}
