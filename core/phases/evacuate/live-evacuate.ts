import type { PumpProgress, StallCause } from '@/core/circuit/vacuum/pump-progress';
import { HOLDS_PER_MIN, type Standing } from '@/core/circuit/vacuum/standing-test';
import { type Button, type Move, moveOf } from '@/core/job/move';
import { type EvacuationView, STANDING_LEAST_MIN } from '@/core/phases/evacuate/evacuation';
import { tell } from '@/core/phases/evacuate/words';
import { bench, byHand, type LiveStream, newest, S_PER_MIN } from '@/core/phases/live/stream';
import { q, type Said, value } from '@/core/words/said';

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
          say: tell('live.gauge-gives-no-signal'),
          because: tell('live.nothing-is-judged-without-it-mend'),
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
      say: tell('live.start-pump'),
      because: tell('live.gas-ballast-open-for-first-minutes'),
      button: bench(byHand(stream, tell('live.pump-runs'), tell('live.start-pump-2')), {
        orders: [{ kind: 'pump', on: true }],
      }),
    };
  if (switches?.open === false) return closed(evac, stream, microns);
  if (evac.sweepsWanted > evac.sweeps.length && microns <= sweepBelow(evac))
    return {
      kind: 'now',
      say: tell('live.at-sweep-with-dry-nitrogen-to', {
        said: q(microns, 'microns'),
        psig: q(SWEEP_PSIG, 'psig', 0),
      }),
      because: tell('live.sweep-of-it-carries-moisture-out', {
        count: evac.sweeps.length + 1,
        sweepsWanted: evac.sweepsWanted,
      }),
      button: sweep(stream, microns, tell('live.sweep')),
    };
  const cause = fits?.progress?.stalled ? fits.progress.causes[0] : undefined;
  if (cause)
    return {
      kind: 'look-again',
      say: tell('live.it-stands-at', { said: q(microns, 'microns'), cause: value(cause.cause) }),
      because: tell('live.why-act', { why: cause.why, act: cause.act }),
      button: remedy(cause.cause, stream, microns),
    };
  if (microns <= evac.targetMicrons)
    return {
      kind: 'good',
      say: tell('live.reached-valve-pump-off-and-let', { targetMicrons: q(evac.targetMicrons, 'microns', 'as is') }),
      because: tell('live.ten-minutes-at-least-gauge-on'),
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
      return sweep(stream, microns, tell('live.sweep-with-nitrogen'));
    case 'hoses':
      return bench(tell('live.change-set-up'), { form: 'pump-setup' });
    case 'leak or outgassing':
      return isolate(stream, microns);
    case 'pump oil':
      return bench(tell('live.pump-oil-changed'), {
        orders: [{ kind: 'oil' }],
        entry: { kind: 'oil-change', body: { why: 'the vacuum stood still' } },
      });
  }
}

/** The pump is valved off and no test runs: after a sweep it pulls again; after a failed test its cause comes first. */
function closed(evac: EvacuationView, stream: LiveStream, microns: number): Move {
  const open = (label: Said): Button | undefined => bench(label, { orders: [{ kind: 'valve', open: true }] });
  const pull = byHand(stream, tell('live.open-pulling'), tell('live.open-and-pull'));
  const swept = stream.orders.filter((o) => o.order !== 'configure').at(-1)?.order === 'sweep';
  if (swept)
    return {
      kind: 'now',
      say: tell('live.swept-and-soaked-open-pump-and'),
      because: tell('live.nitrogen-takes-moisture-it-has-taken'),
      button: open(pull),
    };
  if (evac.standing && holdsShallow(evac.standing, evac.targetMicrons))
    return {
      kind: 'look-again',
      say: tell('live.it-holds-but-goes-no-deeper'),
      because: tell('live.valved-off-it-rises-by-minute', {
        lateMicronsPerMin: q(evac.standing.result.lateMicronsPerMin!, 'microns'),
        targetMicrons: q(evac.targetMicrons, 'microns', 'as is'),
      }),
      button: bench(byHand(stream, tell('live.oil-changed-pulling'), tell('live.oil-changed-pull-again')), {
        orders: [{ kind: 'oil' }, { kind: 'valve', open: true }],
        entry: { kind: 'oil-change', body: { why: 'held flat above the target' } },
      }),
    };
  const failed = evac.checks.find((c) => c.id === 'standing' && c.next !== undefined);
  if (!evac.standing || !failed)
    return {
      kind: 'now',
      say: tell('live.open-pump-and-pull-on'),
      because: evac.standing?.result.why ?? tell('live.pump-is-valved-off'),
      button: open(pull),
    };
  const { classification } = evac.standing.result;
  return moveOf(
    failed,
    classification === 'moisture'
      ? sweep(stream, microns, tell('live.sweep-with-nitrogen'))
      : open(
          classification === 'leak'
            ? tell('live.mended', { stream: byHand(stream, tell('live.pulling-again'), tell('live.pull-again')) })
            : pull,
        ),
  );
}

const holdsShallow = ({ result, startMicrons }: NonNullable<EvacuationView['standing']>, target: number): boolean =>
  startMicrons > target && (result.lateMicronsPerMin ?? Number.POSITIVE_INFINITY) <= HOLDS_PER_MIN;

const isolate = (stream: LiveStream, microns: number): Button | undefined =>
  bench(byHand(stream, tell('live.valved-off-test-it'), tell('live.valve-off-and-test')), {
    orders: [{ kind: 'valve', open: false }],
    entry: {
      kind: 'isolated',
      body: { microns: Math.max(1, Math.round(microns)), runId: stream.runId, runSeconds: null },
    },
  });

const sweep = (stream: LiveStream, microns: number, label: Said): Button | undefined =>
  bench(byHand(stream, tell('live.swept'), label), {
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
          ? tell('live.go-wire-thermostat-about-to', {
              minutes: q(minutes, 'min', 'as is'),
              target: q(target, 'microns', 'as is'),
            })
          : tell('live.about-to', { minutes: q(minutes, 'min', 'as is'), target: q(target, 'microns', 'as is') }),
      because: tell('live.from-fall-of-last-two-minutes'),
      wait: tell('live.minutes', { minutes: q(minutes, 'min', 'as is') }),
    };
  }
  if (p?.endsAtMicrons !== undefined)
    return {
      say: tell('live.at-this-pace-it-ends-near', {
        endsAtMicrons: q(p.endsAtMicrons, 'microns'),
        target,
      }),
      because: tell('live.gas-still-comes-in-outgassing-moisture'),
    };
  return {
    say: tell('live.pulling-down-to', { target: q(target, 'microns', 'as is') }),
    because: tell('live.time-left-is-told-once-first'),
  };
}

function standing(evac: EvacuationView, stream: LiveStream, result: Standing | undefined): Move {
  const from = evac.isolated?.body;
  const last = stream.samples.at(-1)!;
  if (!from || from.runId !== stream.runId || from.runSeconds === null)
    return {
      kind: 'not-proven',
      say: tell('live.test-began-on-other-instruments-type'),
      because: tell('live.minutes-and-microns-from-gauge-that'),
    };
  const left = STANDING_LEAST_MIN - (last.runSeconds - from.runSeconds) / S_PER_MIN;
  if (left > 0)
    return {
      kind: 'now',
      say: tell('live.leave-it-alone-min-to-go', { left: Math.ceil(left) }),
      because: tell('live.pump-valved-off-wire-thermostat-bubble'),
    };
  return {
    kind: 'good',
    say: tell('live.ten-minutes-are-over-record-test'),
    because: result?.why ?? tell('live.curve-of-gauge-tells-tight-leak'),
    button: bench(tell('live.record-test'), {
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
