import { fitWindow, movingMean, type WindowFit } from '@/core/numeric/window';
import { tell } from '@/core/startup/words';
import { list, q, type Said } from '@/core/words/said';

/** The channels that must all be quiet at once, with their largest slope per minute and standard deviation. */
export const STEADY_LIMITS = {
  superheatF: { slope: 0.3, sd: 1.0 },
  subcoolingF: { slope: 0.2, sd: 0.7 },
  suctionPsig: { slope: 0.7, sd: 2 },
  liquidPsig: { slope: 1.5, sd: 4 },
  returnDryBulbF: { slope: 0.15, sd: 0.4 },
  supplyDryBulbF: { slope: 0.15, sd: 0.4 },
  compressorA: { slope: 0.005, sd: 0.02, relative: true },
} as const;
export type SteadyChannel = keyof typeof STEADY_LIMITS;
const AIR_CHANNELS: readonly SteadyChannel[] = ['returnDryBulbF', 'supplyDryBulbF'];

export const STEADY_STATES = ['starting', 'settling', 'steady', 'hunting', 'provisional', 'invalid'] as const;
export type SteadyState = (typeof STEADY_STATES)[number];

export type SteadySample = { runSeconds: number } & Partial<Record<SteadyChannel, number | null>>;

/** What breaks the window: it may not reach back past one of these. */
export type RunEvent = {
  runSeconds: number;
  kind: 'compressor-start' | 'compressor-stop' | 'refrigerant' | 'setting' | 'gap';
  /** What a setting changed, by name. */
  change?: Record<string, unknown>;
};

export type SteadySettings = { minRunMin: number; recheckMin: number };
/** California Title 24 RA3.2 (from memory) asks at least 15 min; 10 for a re-check after a small change. */
export const DEFAULT_STEADY: SteadySettings = { minRunMin: 15, recheckMin: 10 };
/** A step above 5 % of the charge waits as long as a first start (common practice). */
export const LARGE_STEP_SHARE = 0.05;

export type SteadyResult = {
  state: SteadyState;
  /** In words, what is still missing or moving. */
  say: Said;
  /** Seconds for which the state has been steady without a break. */
  steadyForS: number;
  /** Least wait before it can be steady, where that is known. */
  waitS: number;
  channels: Partial<Record<SteadyChannel, WindowFit & { passes: boolean }>>;
  hunting?: { meanF: number; peakToPeakF: number; periodS: number };
};

export const WINDOW_S = 300;
const LEAST_SAMPLES = 30;
const LONGEST_GAP_S = 10;
const SMOOTH_S = 15;
const HUNTING_PEAK_TO_PEAK_F = 4;
const PROVISIONAL_FALL_PER_MIN = 0.5;
const LOOK_BACK_STEP_S = 15;
/** The last hour of a run is kept whole wherever it is judged; before it, samples are thinned for the drawing. */
export const WHOLE_S = 60 * 60;
/** It is said to be steady for at most this long, so that screen and signature look at the same samples. */
const LONGEST_SAID_S = WHOLE_S - 2 * WINDOW_S;

const WORDS: Record<SteadyChannel, Said> = {
  superheatF: tell('startup.superheat'),
  subcoolingF: tell('startup.subcooling'),
  suctionPsig: tell('startup.suction-pressure-2'),
  liquidPsig: tell('startup.liquid-pressure-2'),
  returnDryBulbF: tell('startup.return-air'),
  supplyDryBulbF: tell('startup.supply-air'),
  compressorA: tell('startup.compressor-amps-2'),
};

/**
 * Is the system steady enough for its readings to count?
 *
 * What: least-squares slope and standard deviation of each channel over the last 300 s, after a least run time; hunting
 * is tested first, on a 15 s moving mean. Any stop, setting change, added refrigerant or gap starts the window again.
 * Source: California Title 24 RA3.2 (15 min, from memory); limits are design defaults.
 * Not covered: inverter systems, which must hold the maker's test mode.
 */
export function steadyState(
  samples: readonly SteadySample[],
  events: readonly RunEvent[],
  settings: SteadySettings = DEFAULT_STEADY,
): SteadyResult {
  const now = judgeAt(samples, events, settings, samples.length);
  if (now.state !== 'steady') return now;
  // Walk back in steps of the run's own clock while the verdict holds, to say since when it has been steady: the same moments are
  // looked at each time, and what was found of them stands.
  const end = samples[samples.length - 1]!.runSeconds;
  let steadyForS = 0;
  let cut = samples.length;
  for (let at = before(end); steadyForS < LONGEST_SAID_S; at -= LOOK_BACK_STEP_S) {
    while (cut > 0 && samples[cut - 1]!.runSeconds > at) cut--;
    if (cut < LEAST_SAMPLES || judgeAt(samples, events, settings, cut).state !== 'steady') break;
    steadyForS = end - at;
  }
  return {
    ...now,
    steadyForS,
    say: tell('startup.steady-for-min', { value: Math.max(1, Math.round(steadyForS / 60)) }),
  };
}

/** The last step of the run's clock before a second of it. */
const before = (s: number): number => (Math.ceil(s / LOOK_BACK_STEP_S) - 1) * LOOK_BACK_STEP_S;

function quietResult(state: SteadyState, say: Said, waitS: number): SteadyResult {
  return { state, say, steadyForS: 0, waitS, channels: {} };
}

function judgeAt(
  samples: readonly SteadySample[],
  events: readonly RunEvent[],
  settings: SteadySettings,
  count: number,
): SteadyResult {
  const last = samples[count - 1];
  if (!last) return quietResult('starting', tell('startup.no-samples-yet'), WINDOW_S);
  const now = last.runSeconds;
  const past = events.filter((e) => e.runSeconds <= now);
  const started = lastOf(past, 'compressor-start');
  const stopped = lastOf(past, 'compressor-stop');
  if (started === undefined || (stopped !== undefined && stopped > started)) {
    return quietResult('starting', tell('startup.compressor-is-not-running-2'), settings.minRunMin * 60);
  }
  const changed = Math.max(
    started,
    ...past
      .filter((e) => e.kind === 'refrigerant' || e.kind === 'setting' || e.kind === 'gap')
      .map((e) => e.runSeconds),
  );
  const due = Math.max(started + settings.minRunMin * 60, changed > started ? changed + settings.recheckMin * 60 : 0);
  if (now < due) {
    const why = changed > started ? tell('startup.after-last-change') : tell('startup.of-compressor-run');
    const least = changed > started ? settings.recheckMin : settings.minRunMin;
    return quietResult(
      now - started < 60 ? 'starting' : 'settling',
      tell('startup.min-left-of', { due: Math.ceil((due - now) / 60), least: q(least, 'min', 'as is'), why }),
      due - now,
    );
  }
  const from = Math.max(now - WINDOW_S, changed);
  let at = count;
  while (at > 0 && samples[at - 1]!.runSeconds >= from) at--;
  const [first, size] = [samples[at], count - at];
  const kept = JUDGED.get(last);
  if (kept && kept.from === from && kept.first === first && kept.size === size) return kept.result;
  const result = judgeWindow(samples.slice(at, count), now, from);
  JUDGED.set(last, { from, first, size, result });
  return result;
}

/**
 * Windows by their last sample: what was read does not change, and a live page looks back over the same fifty minutes every second. A
 * sample that is read anew, or seen by another system, is another object.
 */
const JUDGED = new WeakMap<SteadySample, Judged>();
type Judged = { from: number; first: SteadySample | undefined; size: number; result: SteadyResult };

function lastOf(events: readonly RunEvent[], kind: RunEvent['kind']): number | undefined {
  let found: number | undefined;
  for (const e of events) if (e.kind === kind && (found === undefined || e.runSeconds > found)) found = e.runSeconds;
  return found;
}

function judgeWindow(window: readonly SteadySample[], now: number, from: number): SteadyResult {
  const gap = window.some((s, i) => i > 0 && s.runSeconds - window[i - 1]!.runSeconds > LONGEST_GAP_S);
  if (window.length < LEAST_SAMPLES || gap || now - from < WINDOW_S - LONGEST_GAP_S) {
    return quietResult(
      'settling',
      tell('startup.insufficient-data-in-last-5-min'),
      Math.max(0, WINDOW_S - (now - from)),
    );
  }
  const channels: SteadyResult['channels'] = {};
  const moving: SteadyChannel[] = [];
  const series = new Map<SteadyChannel, { t: number[]; y: number[] }>();
  for (const channel of Object.keys(STEADY_LIMITS) as SteadyChannel[]) {
    const t: number[] = [];
    const y: number[] = [];
    for (const s of window) {
      const v = s[channel];
      if (v !== null && v !== undefined && Number.isFinite(v)) {
        t.push(s.runSeconds);
        y.push(v);
      }
    }
    if (t.length < LEAST_SAMPLES) {
      return quietResult('invalid', tell('startup.no-usable-signal-for', { words: WORDS[channel] }), WINDOW_S);
    }
    series.set(channel, { t, y });
    const fit = fitWindow(t, y);
    const limit = STEADY_LIMITS[channel];
    const scale = 'relative' in limit ? Math.abs(fit.mean) : 1;
    const passes = Math.abs(fit.slopePerMin) <= limit.slope * scale && fit.sd <= limit.sd * scale;
    channels[channel] = { ...fit, passes };
    if (!passes) moving.push(channel);
  }
  const hunting = huntingOf(series.get('superheatF')!, channels.superheatF!);
  if (hunting) {
    return {
      state: 'hunting',
      say: tell('startup.superheat-swings-every-s', {
        peakToPeakF: q(hunting.peakToPeakF, 'F'),
        periodS: Math.round(hunting.periodS),
      }),
      steadyForS: 0,
      waitS: WINDOW_S,
      channels,
      hunting,
    };
  }
  if (moving.length === 0) return { state: 'steady', say: tell('startup.steady'), steadyForS: 0, waitS: 0, channels };
  const fall = -(channels.returnDryBulbF?.slopePerMin ?? 0);
  const onlyAir = moving.every((c) => AIR_CHANNELS.includes(c));
  if (onlyAir && fall > STEADY_LIMITS.returnDryBulbF.slope && fall <= PROVISIONAL_FALL_PER_MIN) {
    return {
      state: 'provisional',
      say: tell('startup.house-still-pulling-down-minute-circuit', { fall: q(fall, 'F', 2) }),
      steadyForS: 0,
      waitS: WINDOW_S,
      channels,
    };
  }
  return {
    state: 'settling',
    say: tell('startup.still-moving', { value: list(moving.map((c) => WORDS[c])) }),
    steadyForS: 0,
    waitS: 60,
    channels,
  };
}

/** Swings: peak-to-peak above 4 °F on the smoothed signal with at least two crossings, and little drift beside them. */
function huntingOf(s: { t: number[]; y: number[] }, fit: WindowFit): SteadyResult['hunting'] {
  const smooth = movingMean(s.t, s.y, SMOOTH_S);
  const high = Math.max(...smooth);
  const low = Math.min(...smooth);
  const peakToPeakF = high - low;
  const spanS = s.t[s.t.length - 1]! - s.t[0]!;
  const driftF = Math.abs(fit.slopePerMin) * (spanS / 60);
  if (peakToPeakF <= HUNTING_PEAK_TO_PEAK_F || driftF > peakToPeakF / 2) return undefined;
  let crossings = 0;
  for (let i = 1; i < smooth.length; i++) {
    if (smooth[i]! - fit.mean > 0 !== smooth[i - 1]! - fit.mean > 0) crossings++;
  }
  if (crossings < 2) return undefined;
  return { meanF: fit.mean, peakToPeakF, periodS: (2 * spanS) / crossings };
}
