import { type EvacuationView, STANDING_LEAST_MIN } from '@/core/circuit/vacuum/evacuation';
import type { PumpProgress, StallCause } from '@/core/circuit/vacuum/pump-progress';
import { HOLDS_PER_MIN, type Standing } from '@/core/circuit/vacuum/standing-test';
import { type Button, type Move, moveOf } from '@/core/job/move';
import { bench, byHand, type LiveStream, newest, S_PER_MIN } from './stream';

/** Dry nitrogen of a sweep goes in to this, and soaks this long (common practice). */
const SWEEP_PSIG = 2;
const SOAK_MIN = 5;
/** Levels before the first and the second sweep of a triple evacuation (common practice), µm. */
const FIRST_SWEEP_MICRONS = 2000;
const LATER_SWEEP_MICRONS = 1000;
/** From this many minutes on there is time for other work. */
const TIME_FOR_WORK_MIN = 5;
/** What must hold before the pump runs. */
const BEFORE_PUMP = new Set(['compressor-locked', 'blank-off', 'gauge-place']);

/** What the worker fitted of the newest readings. */
export type VacuumFits = { progress: PumpProgress | undefined; standing: { result: Standing } | undefined };

/** The live evacuation: pump, sweeps, stall, standing test. */
export function liveEvacuate(evac: EvacuationView, stream: LiveStream, fits: VacuumFits | undefined): Move | undefined {
  const last = stream.samples.at(-1);
  const ready =
    evac.setup &&
    evac.checks.every((c) => !BEFORE_PUMP.has(c.id) || c.verdict === 'good' || c.verdict === 'look-again');
  if (!ready || !last) return undefined;
  const microns = newest(stream, 'microns');
  if (microns === undefined)
    return stream.samples.some((s) => typeof s.values.microns === 'number')
      ? {
          kind: 'not-proven',
          say: 'The gauge gives no signal.',
          because: 'Nothing is judged without it. Mend it, or type its reading.',
        }
      : undefined;
  if (evac.stage === 'standing') return standing(evac, stream, fits?.standing?.result);
  // What holds but began too shallow is pulled on.
  const shallow = evac.checks.some((c) => c.id === 'depth' && c.verdict !== 'good');
  if (evac.stage === 'broken' || (evac.stage === 'proven' && !shallow)) return undefined;
  const { switches } = stream;
  if (switches?.pumpOn === false)
    return {
      kind: 'now',
      say: 'Start the pump.',
      because: 'Gas ballast open for the first minutes, then shut.',
      button: bench(byHand(stream, 'The pump runs', 'Start the pump'), { orders: [{ kind: 'pump', on: true }] }),
    };
  if (switches?.open === false) return closed(evac, stream, microns);
  const said = Math.round(microns).toLocaleString('en-US');
  if (evac.sweepsWanted > evac.sweeps.length && microns <= sweepBelow(evac))
    return {
      kind: 'now',
      say: `At ${said} µm: sweep with dry nitrogen to ${SWEEP_PSIG} psig.`,
      because: `Sweep ${evac.sweeps.length + 1} of ${evac.sweepsWanted}; it carries moisture out.`,
      button: sweep(stream, microns, 'Sweep'),
    };
  const cause = fits?.progress?.stalled ? fits.progress.causes[0] : undefined;
  if (cause)
    return {
      kind: 'look-again',
      say: `It stands at ${said} µm: ${cause.cause}.`,
      because: `${cause.why} ${cause.act}`,
      button: remedy(cause.cause, stream, microns),
    };
  if (microns <= evac.targetMicrons)
    return {
      kind: 'good',
      say: `${evac.targetMicrons} µm reached. Valve the pump off and let it stand.`,
      because: 'Ten minutes at least; the gauge on the system tells the rest.',
      button: isolate(stream, microns),
    };
  return { kind: 'now', ...pulling(fits?.progress, evac.targetMicrons) };
}

const sweepBelow = (evac: EvacuationView): number =>
  evac.sweeps.length === 0 ? FIRST_SWEEP_MICRONS : LATER_SWEEP_MICRONS;

/** What is done about a stand. */
function remedy(cause: StallCause, stream: LiveStream, microns: number): Button | undefined {
  switch (cause) {
    case 'water':
    case 'ice':
      return sweep(stream, microns, 'Sweep with nitrogen');
    case 'hoses':
      return bench('Change the set-up', { form: 'pump-setup' });
    case 'leak or outgassing':
      return isolate(stream, microns);
    case 'pump oil':
      return bench('Pump oil changed', {
        orders: [{ kind: 'oil' }],
        entry: { kind: 'oil-change', body: { why: 'the vacuum stood still' } },
      });
  }
}

/** The pump is valved off and no test runs: after a sweep it pulls again; after a failed test its cause comes first. */
function closed(evac: EvacuationView, stream: LiveStream, microns: number): Move {
  const open = (label: string): Button | undefined => bench(label, { orders: [{ kind: 'valve', open: true }] });
  const pull = byHand(stream, 'Open, pulling', 'Open and pull');
  const swept = stream.orders.filter((o) => o.order !== 'configure').at(-1)?.order === 'sweep';
  if (swept)
    return {
      kind: 'now',
      say: 'Swept and soaked: open the pump and pull again.',
      because: 'The nitrogen takes the moisture it has taken up out with it.',
      button: open(pull),
    };
  if (evac.standing && holdsShallow(evac.standing, evac.targetMicrons))
    return {
      kind: 'look-again',
      say: 'It holds but goes no deeper: change the pump oil, then pull again.',
      because: `Valved off it rises by ${evac.standing.result.lateMicronsPerMin!.toFixed(0)} µm a minute: neither leak nor water. Wet oil, or hoses, keep the pump above ${evac.targetMicrons} µm.`,
      button: bench(byHand(stream, 'Oil changed, pulling', 'Oil changed: pull again'), {
        orders: [{ kind: 'oil' }, { kind: 'valve', open: true }],
        entry: { kind: 'oil-change', body: { why: 'held flat above the target' } },
      }),
    };
  const failed = evac.checks.find((c) => c.id === 'standing' && c.next !== undefined);
  if (!evac.standing || !failed)
    return {
      kind: 'now',
      say: 'Open the pump and pull on.',
      because: evac.standing?.result.why ?? 'The pump is valved off.',
      button: open(pull),
    };
  const { classification } = evac.standing.result;
  return moveOf(
    failed,
    classification === 'moisture'
      ? sweep(stream, microns, 'Sweep with nitrogen')
      : open(classification === 'leak' ? `Mended: ${byHand(stream, 'pulling again', 'pull again')}` : pull),
  );
}

const holdsShallow = ({ result, startMicrons }: NonNullable<EvacuationView['standing']>, target: number): boolean =>
  startMicrons > target && (result.lateMicronsPerMin ?? Number.POSITIVE_INFINITY) <= HOLDS_PER_MIN;

const isolate = (stream: LiveStream, microns: number): Button | undefined =>
  bench(byHand(stream, 'Valved off, test it', 'Valve off and test'), {
    orders: [{ kind: 'valve', open: false }],
    entry: {
      kind: 'isolated',
      body: { microns: Math.max(1, Math.round(microns)), runId: stream.runId, runSeconds: null },
    },
  });

const sweep = (stream: LiveStream, microns: number, label: string): Button | undefined =>
  bench(byHand(stream, 'Swept', label), {
    orders: [{ kind: 'sweep', psig: SWEEP_PSIG }],
    entry: {
      kind: 'sweep',
      body: {
        fromMicrons: Math.max(1, Math.round(microns)),
        psig: SWEEP_PSIG,
        soakMin: SOAK_MIN,
        runId: stream.runId,
      },
    },
  });

function pulling(p: PumpProgress | undefined, target: number): Pick<Move, 'say' | 'because' | 'wait'> {
  if (p?.minutesToTarget !== undefined && p.minutesToTarget > 0) {
    const minutes = Math.max(1, Math.ceil(p.minutesToTarget));
    return {
      say:
        minutes >= TIME_FOR_WORK_MIN
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

function standing(evac: EvacuationView, stream: LiveStream, result: Standing | undefined): Move {
  const from = evac.isolated?.body;
  const last = stream.samples.at(-1)!;
  if (!from || from.runId !== stream.runId || from.runSeconds === null)
    return {
      kind: 'not-proven',
      say: 'The test began on other instruments: type its readings.',
      because: 'Minutes and microns from the gauge that was read.',
    };
  const left = STANDING_LEAST_MIN - (last.runSeconds - from.runSeconds) / S_PER_MIN;
  if (left > 0)
    return {
      kind: 'now',
      say: `Leave it alone: ${Math.ceil(left)} min to go.`,
      because: 'Pump valved off. Wire the thermostat, bubble nothing, touch nothing.',
    };
  return {
    kind: 'good',
    say: 'Ten minutes are over: record the test.',
    because: result?.why ?? 'The curve of the gauge tells tight, leak or moisture.',
    button: bench('Record the test', {
      entry: {
        kind: 'standing',
        body: {
          samples: [],
          coldestPipeF: evac.setup!.body.coldestPipeF,
          runId: stream.runId,
          fromS: from.runSeconds,
          toS: null,
        },
      },
    }),
  };
}
