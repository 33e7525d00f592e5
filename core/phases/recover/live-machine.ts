import { chillIce } from '@/core/circuit/recovery/chill-ice';
import { type Cylinder, cylinderChecks, cylinderFillOf } from '@/core/circuit/recovery/cylinder';
import { type RecoveryProgress, recoveryProgress } from '@/core/circuit/recovery/recovery-progress';
import { orderFindings } from '@/core/finding/order';
import { type Move, moveOf } from '@/core/job/move';
import { bench, byHand, type LiveStream, minutesSince, newest, S_PER_MIN } from '@/core/phases/live/stream';
import { tell } from '@/core/phases/recover/words';
import { STOP_BEFORE_OZ } from '@/core/plant/bench/recovery-bench';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { OZ_PER_LB, PSI_PER_INHG } from '@/core/units/units';
import { list, q, type Said } from '@/core/words/said';
import { LEVEL_WAIT_MIN } from './level-check';
import type { RecoveryView } from './recovery-view';

/** Pulled this far past the level before the machine is stopped: a little comes back out of the oil (design default), psi. */
const PAST_LEVEL_PSI = 0.5;
/** The lowest suction of the last quarter of an hour is what the machine reached, s. */
const REACHED_WITHIN_S = 900;

export type Recovering = {
  rec: RecoveryView;
  refrigerant: Refrigerant;
  /** The cylinder to recover into: the one on the scale, or the one to put there. */
  cylinder: Cylinder | undefined;
  /** What all usable cylinders together still take, oz. */
  roomOz: number;
  /** Still expected from this system, oz. */
  stillOz: number | undefined;
  today: string;
};

/** Ounces that came into the cylinder since the machine was started; 0 while it stands. */
export function movedOz(stream: LiveStream): number {
  const gross = grossNow(stream);
  return stream.switches?.machineOn && gross ? gross.nowOz - gross.startOz : 0;
}

/** The machine: cylinder, start, progress, level, five minutes of watching. Undefined without a suction reading. */
export function liveMachine(on: Recovering, stream: LiveStream): Move | undefined {
  const suction = newest(stream, 'suctionPsig');
  const { rec } = on;
  if (suction === undefined || !stream.switches) return undefined;
  if (rec.level.heldInHg !== undefined && rec.checks.find((c) => c.id === 'level')?.verdict === 'good')
    return undefined;
  if (stream.switches.machineOn) return running(on, stream, suction);
  if (stream.switches.atLimit === true && stream.switches.startGrossOz !== null && !weighedSince(on, stream))
    return atLimit(on, stream);
  // A full cylinder was taken off the scale's work: the circuit is not down yet, so the next one goes on.
  const next =
    on.cylinder !== undefined && stream.switches.cylinderId !== null && stream.switches.cylinderId !== on.cylinder.id;
  if (stream.switches.atLimit === true || next) return starting(on, stream);
  const waited = minutesSince(stream, 'machine');
  // A level that was read and does not do asks for the machine again.
  return rec.weighed && waited !== undefined && !rec.level.newest
    ? watching(stream, suction, waited)
    : starting(on, stream);
}

function running(on: Recovering, stream: LiveStream, suction: number): Move {
  const { rec, cylinder, refrigerant } = on;
  const moved = movedOz(stream);
  const fill = cylinder ? cylinderFillOf(cylinder, refrigerant) : undefined;
  const gross = grossNow(stream);
  const off = { orders: [{ kind: 'machine', on: false }] as const };
  if (!gross)
    return {
      kind: 'stop',
      say: tell('live.scale-gives-no-signal-stop-machine'),
      because: tell('live.nobody-sees-cylinders-limit-come-weigh'),
      button: bench(byHand(stream, tell('live.machine-is-off'), tell('live.machine-off')), { ...off }),
    };
  const weigh = bench(byHand(stream, tell('live.machine-is-off-weigh'), tell('live.machine-off-weigh')), {
    ...off,
    ...(cylinder ? { entry: { kind: 'recovered', body: weighed(stream, cylinder, gross) } } : {}),
  });
  if (cylinder && fill && cylinder.contentsOz + moved >= fill.limitOz - STOP_BEFORE_OZ)
    return {
      kind: 'stop',
      say: tell('live.stop-machine-cylinder-is-at-its'),
      because: tell('live.liquid-that-fills-cylinder-bursts-it'),
      button: weigh,
    };
  const wantedPsig = -rec.level.wantedInHg * PSI_PER_INHG;
  if (suction <= wantedPsig - PAST_LEVEL_PSI)
    return {
      kind: 'now',
      say: tell('live.level-reached-machine-off-then-watch', { levelWaitMin: q(LEVEL_WAIT_MIN, 'min', 'as is') }),
      because: tell('live.cylinder-is-weighed-at-rest'),
      button: weigh,
    };
  const progress = progressOf(on, stream, suction, moved, fill?.share);
  if (progress?.stalled)
    return {
      kind: 'look-again',
      say: tell('live.it-stands-at-2', { suction: q(suction, 'psig', 0), causes: progress.causes[0] }),
      because: tell('live.then', { causes: list(progress.causes.slice(1), ' ') }),
    };
  const level =
    rec.level.wantedInHg > 0 ? tell('live.vacuum-of', { inHg: q(rec.level.wantedInHg, 'inHg') }) : tell('live.0-psig');
  const minutes = progress?.minutesLeft === undefined ? undefined : Math.max(1, Math.ceil(progress.minutesLeft));
  return {
    kind: 'now',
    say: tell('live.recovering-so-far-suction', { moved: q(moved, 'lbOz'), suction: q(suction, 'psig', 0) }),
    because: progress?.chill
      ? tell('live.down-to-cylinder-is-hot-lift', { level, on: iceWords(on, moved) })
      : tell('live.down-to-watch-cylinders-limit', {
          level,
          progress: progress ? tell('live.minute', { lbPerMin: q(progress.lbPerMin, 'lb') }) : '',
        }),
    wait: minutes === undefined ? undefined : tell('live.minutes', { minutes: q(minutes, 'min', 'as is') }),
  };
}

type Gross = { startOz: number; nowOz: number };

/** The cylinder's weight at the start of the machine and now; undefined when the scale has not told both. */
function grossNow(stream: LiveStream): Gross | undefined {
  const startOz = stream.switches?.startGrossOz;
  const nowOz = newest(stream, 'scaleOz');
  return typeof startOz === 'number' && nowOz !== undefined ? { startOz, nowOz } : undefined;
}

function weighed(stream: LiveStream, cylinder: Cylinder, gross: Gross): Record<string, unknown> {
  return {
    cylinderId: cylinder.id,
    startGrossOz: gross.startOz,
    endGrossOz: gross.nowOz,
    oily: false,
    scale: stream.told ? 'own scale' : 'simulated scale',
    runId: stream.runId,
  };
}

/** Machine off: liquid in the oil boils out, then the level counts. */
function watching(stream: LiveStream, suction: number, waitedMin: number): Move {
  const left = Math.ceil(LEVEL_WAIT_MIN - waitedMin);
  if (waitedMin < LEVEL_WAIT_MIN)
    return {
      kind: 'now',
      say: tell('live.watching-to-go', { suction: q(suction, 'psig'), left: q(left, 'min', 'as is') }),
      because: tell('live.liquid-in-oil-boils-out-rise'),
      wait: tell('live.left', { left: q(left, 'min', 'as is') }),
    };
  const now = stream.samples.at(-1)!.runSeconds;
  const reached = stream.samples.flatMap((s) =>
    now - s.runSeconds <= REACHED_WITHIN_S && typeof s.values.suctionPsig === 'number' ? [s.values.suctionPsig] : [],
  );
  return {
    kind: 'now',
    say: tell('live.are-over-read-level', { levelWaitMin: q(LEVEL_WAIT_MIN, 'min', 'as is') }),
    because: tell('live.suction', { suction: q(suction, 'psig') }),
    button: bench(tell('live.write-level-down'), {
      entry: {
        kind: 'level',
        body: {
          reachedPsig: Math.min(suction, ...reached),
          afterPsig: suction,
          waitMin: Math.floor(waitedMin),
          runId: stream.runId,
        },
      },
    }),
  };
}

/** Whether what is on the scale since its start has been written down. */
const weighedSince = ({ rec }: Recovering, stream: LiveStream): boolean =>
  rec.weighings.some((w) => w.startGrossOz === stream.switches?.startGrossOz);

/** The cylinder's own switch stopped the machine: what came over is weighed before the next one is put on. */
function atLimit({ cylinder }: Recovering, stream: LiveStream): Move {
  const gross = grossNow(stream);
  return {
    kind: 'stop',
    say: tell('live.cylinder-is-at-its-limit-machine'),
    because: tell('live.liquid-that-fills-cylinder-bursts-it-2'),
    ...(cylinder && gross
      ? {
          button: bench(tell('live.weigh-it'), {
            entry: { kind: 'recovered', body: weighed(stream, cylinder, gross) },
          }),
        }
      : {}),
  };
}

function starting({ rec, cylinder, refrigerant, stillOz, roomOz, today }: Recovering, stream: LiveStream): Move {
  const short = tell('live.room-for-in-all-cylinders-are', {
    roomOz: q(roomOz, 'lbOz'),
    stillOz: q(stillOz ?? 0, 'lbOz'),
  });
  const toCylinders = bench(tell('live.go-to-cylinders'), { go: '/cylinders' });
  if (!cylinder)
    return {
      kind: 'not-proven',
      say: tell('live.no-recovery-cylinder-has-room-for'),
      because: tell('live.add-one-under-cylinders-or-bring'),
      button: toCylinders,
    };
  const refused = orderFindings(cylinderChecks(cylinder, refrigerant, undefined, today)).find(
    (c) => c.verdict === 'stop',
  );
  if (refused) return moveOf(refused, toCylinders);
  // A start that cannot end is no start: the crew would stand there with an open circuit and full cylinders.
  if (stillOz !== undefined && stillOz > roomOz)
    return {
      kind: 'stop',
      say: tell('live.bring-another-cylinder-before-you-start'),
      because: short,
      button: toCylinders,
    };
  if (stream.told && newest(stream, 'scaleOz') === undefined)
    return {
      kind: 'not-proven',
      say: tell('live.scale-gives-no-signal-connect-it'),
      because: tell('live.without-it-nobody-sees-cylinders-limit'),
    };
  if (stream.switches?.cylinderId !== cylinder.id)
    return {
      kind: 'now',
      say: tell('live.put-cylinder-on-scale-and-connect', { tag: cylinder.tag }),
      because: tell('live.it-holds', {
        cylinderId: stream.switches?.cylinderId ? tell('live.last-one-is-full-close-its') : '',
        contentsOz: q(cylinder.contentsOz, 'lbOz'),
      }),
      button: bench(
        byHand(stream, tell('live.is-on-scale', { tag: cylinder.tag }), tell('live.put-on', { tag: cylinder.tag })),
        {
          orders: [{ kind: 'cylinder', cylinderId: cylinder.id }],
        },
      ),
    };
  return {
    kind: 'now',
    say: tell('live.start-machine-into-cylinder', {
      newest: rec.level.newest ? tell('live.again') : '',
      tag: cylinder.tag,
    }),
    because: rec.level.newest
      ? (rec.checks.find((c) => c.id === 'level')?.claim ?? tell('live.level-was-not-reached'))
      : tell('live.cores-out-hoses-purged-cylinder-on'),
    button: bench(byHand(stream, tell('live.machine-runs'), tell('live.start-machine')), {
      orders: [{ kind: 'machine', on: true }],
    }),
  };
}

function progressOf(
  { rec }: Recovering,
  stream: LiveStream,
  suctionPsig: number,
  moved: number,
  fillShare: number | undefined,
): RecoveryProgress | undefined {
  const startS = stream.orders.filter((o) => o.order === 'machine').at(-1)?.runSeconds ?? 0;
  return recoveryProgress(
    stream.samples.flatMap((s): [number, number][] =>
      typeof s.values.scaleOz === 'number' && s.runSeconds >= startS
        ? [[s.runSeconds / S_PER_MIN, s.values.scaleOz]]
        : [],
    ),
    {
      suctionPsig,
      cylinderF: newest(stream, 'cylinderF'),
      leftOz: rec.expectedOz === undefined ? undefined : Math.max(0, rec.expectedOz - moved),
      fillShare,
    },
  );
}

/** How much ice what is still to come would melt. */
function iceWords({ rec, refrigerant }: Recovering, moved: number): Said {
  const left = rec.expectedOz === undefined ? 0 : (rec.expectedOz - moved) / OZ_PER_LB;
  const ice = left > 0.1 ? chillIce({ refrigerant, recoverLb: left }) : undefined;
  return ice?.ok
    ? tell('live.about-lb-of-ice-takes-up', { iceLb: Math.ceil(ice.value.iceLb) })
    : tell('live.chill-it-in-ice-water');
}
