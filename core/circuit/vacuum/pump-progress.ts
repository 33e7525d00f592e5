import { tell } from '@/core/circuit/vacuum/words';
import { fitWindow } from '@/core/numeric/window';
import { q, type Said } from '@/core/words/said';
import { effectiveCfm, type Hoses, PUMP_ULTIMATE_MICRONS, pullDownMinutes } from './pull-down';
import { waterMicrons } from './water-saturation';

/** The speed of the fall is read over this long, and a stall is told after twice that, min. */
const WINDOW_MIN = 2;
const STALL_MIN = 4;
/** Falling by less than this share over the stall time is standing still (design default). */
const STALL_SHARE = 0.06;
/** Water shows when the pressure stands within this factor of its boiling pressure (design default). */
const NEAR_WATER = 1.35;
/** Above this the first rush of air is still going; nothing is fitted, µm. */
const FIT_BELOW_MICRONS = 100_000;
const ICE_MICRONS = 4_600;
const ICE_FROM_MICRONS = 1_000;
/** Falling slower than this a minute, what comes in is taken to come steadily; faster, to fade with the pressure (design default). */
const STEADY_PER_MIN = 0.1;
/** Hoses that pass less than this share of the pump are named among the causes (design default). */
const NARROW_SHARE = 0.15;
const SECONDS = 60;
const LEAST_SAMPLES = 6;
/** Predictions beyond this are no use to a crew, min. */
const MOST_MIN = 24 * 60;

type Point = readonly [minute: number, microns: number];

export type StallCause = 'water' | 'ice' | 'hoses' | 'leak or outgassing' | 'pump oil';

export type PumpProgress = {
  nowMicrons: number;
  /** Share of the pressure that goes each minute, from the last two minutes; undefined while too little is known. */
  fallPerMin?: number;
  /** What keeps coming in against the pump, as the figures tell it, µm·CFM. */
  gasLoadMicronCfm?: number;
  /** Minutes from now to the target; undefined when the figures say it is not reached, or nothing is known. */
  minutesToTarget?: number;
  /** Where the pump comes to a stand with this gas load, µm. */
  endsAtMicrons?: number;
  stalled: boolean;
  /** Likely causes of a stall, the likeliest first. */
  causes: { cause: StallCause; why: Said; act: Said }[];
};

export type PumpSetup = {
  volumeFt3: number;
  pumpCfm: number;
  hoses: Hoses;
  targetMicrons: number;
  coldestPipeF: number;
};

/**
 * How an evacuation goes, from the falling gauge: the gas that still comes in, the time left, and why it stands still.
 *
 * The pull-down model (pull-down.ts) says how fast pump and hoses would lower a dry, tight volume here; what the gauge
 * falls slower is gas coming in: Q = S_eff (P − P_ult) + V dP/dt. While it still falls by a tenth a minute that gas is
 * taken to fade with the pressure (corners and oil emptying), and the time left is the longer of the dry model's and the
 * present fall going on. Once it falls slower, the gas is taken to come in steadily (a leak, water), and the time left, or
 * the pressure where it ends, is the model's with that load held.
 */
export function pumpProgress(points: readonly Point[], setup: PumpSetup): PumpProgress | undefined {
  const last = points[points.length - 1];
  if (!last) return undefined;
  const [nowMin, nowMicrons] = last;
  const recent = points.filter(([t]) => nowMin - t <= WINDOW_MIN);
  const none: PumpProgress = { nowMicrons, stalled: false, causes: [] };
  const span = nowMin - (recent[0]?.[0] ?? nowMin);
  if (recent.length < LEAST_SAMPLES || span < WINDOW_MIN / 2 || nowMicrons > FIT_BELOW_MICRONS) return none;
  const fit = fitWindow(
    recent.map(([t]) => t * SECONDS),
    recent.map(([, y]) => Math.log(y)),
  );
  const fallPerMin = -fit.slopePerMin;
  const smooth = Math.exp(recent.reduce((s, [, y]) => s + Math.log(y), 0) / recent.length);
  // The mean of the window stands in its middle; brought forward to now by the slope.
  const level = smooth * Math.exp((-fallPerMin * span) / 2);
  const speed = effectiveCfm(setup.pumpCfm, setup.hoses, level);
  const gasLoad = Math.max(0, speed * (level - PUMP_ULTIMATE_MICRONS) - setup.volumeFt3 * level * fallPerMin);
  const before = points.find(([t]) => nowMin - t <= STALL_MIN);
  const stalled =
    nowMicrons > setup.targetMicrons &&
    before !== undefined &&
    nowMin - before[0] > 0.9 * STALL_MIN &&
    fallPerMin * STALL_MIN < STALL_SHARE;
  const known = { nowMicrons, fallPerMin, gasLoadMicronCfm: gasLoad };
  if (nowMicrons <= setup.targetMicrons) return { ...known, minutesToTarget: 0, stalled: false, causes: [] };
  const fading = fallPerMin > STEADY_PER_MIN;
  const left = pullDownMinutes({
    volumeFt3: setup.volumeFt3,
    pumpCfm: setup.pumpCfm,
    targetMicrons: setup.targetMicrons,
    startMicrons: nowMicrons,
    hoses: setup.hoses,
    gasLoad: fading ? 0 : gasLoad,
  });
  const asNow = fading ? Math.log(nowMicrons / setup.targetMicrons) / fallPerMin : 0;
  return {
    ...known,
    ...('minutes' in left
      ? Math.max(left.minutes, asNow) <= MOST_MIN
        ? { minutesToTarget: Math.max(left.minutes, asNow) }
        : {}
      : { endsAtMicrons: left.endsAtMicrons }),
    stalled,
    causes: stalled ? stallCauses(nowMicrons, setup) : [],
  };
}

/** Why a vacuum stands still, the likeliest first: what the pressure itself points at, then what is quick to try. */
export function stallCauses(microns: number, setup: PumpSetup): PumpProgress['causes'] {
  const water = waterMicrons(setup.coldestPipeF);
  const causes: PumpProgress['causes'] = [];
  const near = microns < water * NEAR_WATER && microns > water / NEAR_WATER;
  if (near)
    causes.push({
      cause: 'water',
      why: tell('vacuum.water-boils-at-where-pipes-are', {
        water: q(water, 'microns'),
        coldestPipeF: q(setup.coldestPipeF, 'F', 0),
      }),
      act: tell('vacuum.warm-low-places-sweep-with-dry'),
    });
  else if (microns <= ICE_MICRONS && microns >= ICE_FROM_MICRONS)
    causes.push({
      cause: 'ice',
      why: tell('vacuum.between-1-000-and-4-600'),
      act: tell('vacuum.break-with-dry-nitrogen-to-2'),
    });
  const dry = pullDownMinutes({
    volumeFt3: setup.volumeFt3,
    pumpCfm: setup.pumpCfm,
    targetMicrons: setup.targetMicrons,
    startMicrons: Math.max(microns, setup.targetMicrons + 1),
    hoses: setup.hoses,
    gasLoad: 0,
  });
  const speed = effectiveCfm(setup.pumpCfm, setup.hoses, microns);
  const hoses: PumpProgress['causes'][number] = {
    cause: 'hoses',
    why: tell('vacuum.through-these-hoses-only-of-reach', {
      coresIn: setup.hoses.coresIn ? tell('vacuum.and-cores') : '',
      speed: q(speed, 'number', 2),
      pumpCfm: q(setup.pumpCfm, 'cfm', 'as is'),
    }),
    act: tell('vacuum.take-cores-out-use-short-wide'),
  };
  // Narrow hoses make it slow; they explain a stand only where a dry, tight system would stand there too.
  const explains = setup.hoses.coresIn || !('minutes' in dry);
  if (explains) causes.push(hoses);
  causes.push({
    cause: 'leak or outgassing',
    why: tell('vacuum.gas-comes-in-as-fast-as'),
    act: tell('vacuum.valve-pump-off-and-watch-rise'),
  });
  if (!explains && speed < setup.pumpCfm * NARROW_SHARE) causes.push(hoses);
  causes.push({
    cause: 'pump oil',
    why: tell('vacuum.wet-oil-gives-its-own-vapour'),
    act: tell('vacuum.blank-pump-off-above-100-m'),
  });
  return causes;
}
