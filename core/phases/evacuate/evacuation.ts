import type { CircuitSchools } from '@/core/circuit/schools';
import { type Standing, standingTest } from '@/core/circuit/vacuum/standing-test';
import type { Finding } from '@/core/finding/finding';
import { tell } from '@/core/phases/evacuate/words';
import { type CircuitEntry, type EntryOf, entriesAfter, entriesOf, latestOf } from '@/core/phases/log/circuit-log';
import { POLICY } from '@/core/policy/figures';
import { list, q, type Said, value } from '@/core/words/said';

/** A pump in order pulls its own gauge this low with nothing attached; above the second its oil is changed (common practice), µm. */
export const BLANK_OFF = { good: 50, worst: 100 } as const;
/** A standing test is held this long at least, min. */
export const STANDING_LEAST_MIN = POLICY.standingMin.value;
/** Sweeps with nitrogen that a triple evacuation makes. */
const TRIPLE_SWEEPS = 2;
const COMMON = tell('vacuum.common-practice');

export type EvacuationStage = 'set-up' | 'pumping' | 'standing' | 'proven' | 'broken';

export type EvacuationView = {
  stage: EvacuationStage;
  setup: EntryOf<'pump-setup'> | undefined;
  targetMicrons: number;
  limitMicrons: number;
  sweeps: EntryOf<'sweep'>[];
  sweepsWanted: number;
  /** The pump is valved off and the test runs; its start. */
  isolated: EntryOf<'isolated'> | undefined;
  /** The newest standing test and what it shows. */
  standing: { entry: EntryOf<'standing'>; result: Standing; startMicrons: number } | undefined;
  broken: EntryOf<'vacuum-broken'> | undefined;
  checks: Finding[];
};

export type EvacuationContext = {
  schools: CircuitSchools;
  /** Why this circuit wants a triple evacuation: kept lines, burnout; empty for a dry new one. */
  wetReasons: readonly Said[];
};

/** Where an evacuation stands and what is proven, from what was written down. */
export function evacuationOf(log: readonly CircuitEntry[], context: EvacuationContext): EvacuationView {
  const targetMicrons = Number(context.schools.evacTarget);
  const limitMicrons = Number(context.schools.decayLimit);
  const setup = latestOf(log, 'pump-setup');
  const sweeps = entriesOf(log, 'sweep');
  const broken = latestOf(log, 'vacuum-broken');
  const turning = entriesOf(log, 'isolated').at(-1);
  const entry = latestOf(log, 'standing');
  const standing = entry ? judged(log, entry, limitMicrons) : undefined;
  const afterTest = entry ? entriesAfter(log, entry) : [];
  const spoiled = afterTest.some((e) => e.kind === 'sweep');
  const afterIsolated = turning ? entriesAfter(log, turning) : [];
  const running = turning !== undefined && !afterIsolated.some((e) => e.kind === 'standing' || e.kind === 'sweep');
  const stage: EvacuationStage = !setup
    ? standing?.result.classification === 'tight'
      ? broken
        ? 'broken'
        : 'proven'
      : 'set-up'
    : broken && standing
      ? 'broken'
      : running
        ? 'standing'
        : standing?.result.classification === 'tight' && !spoiled
          ? 'proven'
          : 'pumping';
  const sweepsWanted = setup?.body.method === 'triple' ? TRIPLE_SWEEPS : 0;
  const view = {
    stage,
    setup,
    targetMicrons,
    limitMicrons,
    sweeps,
    sweepsWanted,
    isolated: running ? turning : undefined,
    standing: spoiled ? undefined : standing,
    broken,
  };
  return { ...view, checks: checksOf(log, view, context) };
}

/** The fit of a stored test never changes, and a page asks for it at every reading: each body is fitted once a limit. */
const fitted = new WeakMap<object, Map<number, ReturnType<typeof standingTest>>>();

function fittedOnce(body: EntryOf<'standing'>['body'], limitMicrons: number): ReturnType<typeof standingTest> {
  const known = fitted.get(body) ?? new Map<number, ReturnType<typeof standingTest>>();
  fitted.set(body, known);
  const result =
    known.get(limitMicrons) ?? standingTest({ samples: body.samples, limitMicrons, coldestPipeF: body.coldestPipeF });
  known.set(limitMicrons, result);
  return result;
}

function judged(log: readonly CircuitEntry[], entry: EntryOf<'standing'>, limitMicrons: number) {
  const result = fittedOnce(entry.body, limitMicrons);
  const isolated = entriesOf(log, 'isolated')
    .filter((i) => log.indexOf(i) < log.indexOf(entry))
    .at(-1);
  const startMicrons = isolated?.body.microns ?? entry.body.samples[0]?.[1] ?? Number.POSITIVE_INFINITY;
  if (result.ok) return { entry, result: result.value, startMicrons };
  const nothing: Standing = { classification: 'inconclusive', why: result.refused.message, endMicrons: startMicrons };
  return { entry, result: nothing, startMicrons };
}

function checksOf(
  log: readonly CircuitEntry[],
  view: Omit<EvacuationView, 'checks'>,
  { wetReasons }: EvacuationContext,
): Finding[] {
  const { setup, standing } = view;
  const blank = latestOf(log, 'blank-off');
  const checks: Finding[] = [];
  if (setup) {
    checks.push({
      id: 'compressor-locked',
      verdict: setup.body.compressorLocked ? 'good' : 'stop',
      claim: setup.body.compressorLocked
        ? tell('vacuum.compressor-cannot-start')
        : tell('vacuum.compressor-is-not-locked-out'),
      because: tell('vacuum.compressor-that-starts-or-is-insulation'),
      source: COMMON,
      next: setup.body.compressorLocked ? undefined : { say: tell('vacuum.lock-outdoor-unit-out-before-pump') },
    });
    const far = setup.body.gaugePlace === 'far from the pump';
    checks.push({
      id: 'gauge-place',
      verdict: far ? 'good' : 'not-proven',
      claim: far
        ? tell('vacuum.gauge-sits-on-system-far-from')
        : tell('vacuum.gauge-sits', { gaugePlace: setup.body.gaugePlace }),
      because: tell('vacuum.near-pump-it-reads-pump-and'),
      source: COMMON,
      next: far ? undefined : { say: tell('vacuum.move-gauge-to-far-side-of') },
    });
    if (setup.body.coresIn)
      checks.push({
        id: 'cores',
        verdict: 'look-again',
        claim: tell('vacuum.valve-cores-are-still-in'),
        because: tell('vacuum.core-lets-through-about-half-every'),
        source: COMMON,
        next: { say: tell('vacuum.take-both-cores-out-with-removal') },
      });
    if (wetReasons.length && setup.body.method !== 'triple')
      checks.push({
        id: 'method',
        verdict: 'look-again',
        claim: tell('vacuum.single-pull-on-circuit-with', { wetReasons: list(wetReasons, value('and')) }),
        because: tell('vacuum.oil-and-residues-hold-water-that'),
        source: COMMON,
        next: { say: tell('vacuum.sweep-twice-with-dry-nitrogen-between') },
      });
  }
  checks.push(blankOffCheck(blank));
  if (view.sweepsWanted > 0)
    checks.push({
      id: 'sweeps',
      verdict: view.sweeps.length >= view.sweepsWanted ? 'good' : 'not-proven',
      claim: tell('vacuum.of-nitrogen-sweeps-done', {
        count: Math.min(view.sweeps.length, view.sweepsWanted),
        sweepsWanted: view.sweepsWanted,
      }),
      because: tell('vacuum.triple-evacuation-breaks-vacuum-twice-with'),
      source: COMMON,
    });
  if (standing) checks.push(depthCheck(standing.startMicrons, view.targetMicrons), standingCheck(standing));
  else
    checks.push({
      id: 'standing',
      verdict: 'not-proven',
      claim: tell('vacuum.no-standing-test-yet'),
      because: tell('vacuum.only-vacuum-that-holds-by-itself'),
      source: COMMON,
    });
  return checks;
}

function blankOffCheck(blank: EntryOf<'blank-off'> | undefined): Finding {
  const base = { id: 'blank-off', because: tell('vacuum.it-proves-gauge-pump-and-its') };
  if (!blank)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('vacuum.gauge-and-pump-not-proven-by'),
      source: COMMON,
      next: { say: tell('vacuum.close-pump-off-with-gauge-on') },
    };
  const { microns } = blank.body;
  const verdict = microns <= BLANK_OFF.good ? 'good' : microns <= BLANK_OFF.worst ? 'look-again' : 'not-proven';
  return {
    ...base,
    verdict,
    claim: tell('vacuum.blanked-off-pump-reaches', { microns: q(microns, 'microns') }),
    source: tell('vacuum.good-above-change-oil', {
      common: COMMON,
      good: q(BLANK_OFF.good, 'microns', 'as is'),
      worst: BLANK_OFF.worst,
    }),
    ...(verdict === 'good' ? {} : { next: { say: tell('vacuum.change-pump-oil-clean-and-check') } }),
    miss: microns / BLANK_OFF.worst,
  };
}

function depthCheck(startMicrons: number, targetMicrons: number): Finding {
  const deep = startMicrons <= targetMicrons;
  return {
    id: 'depth',
    verdict: deep ? 'good' : 'look-again',
    claim: tell('vacuum.test-began-at-is-asked-for', { startMicrons: q(startMicrons, 'microns'), targetMicrons }),
    because: tell('vacuum.decay-of-shallow-vacuum-says-little'),
    source: tell('vacuum.company-school-makers-tighter-figure-wins'),
    miss: startMicrons / targetMicrons,
    ...(deep
      ? {}
      : {
          next: {
            say: tell('vacuum.pull-on-to-and-test-again', { targetMicrons: q(targetMicrons, 'microns', 'as is') }),
          },
        }),
  };
}

const STANDING_NEXT: Record<Standing['classification'], Said | undefined> = {
  tight: undefined,
  leak: tell('vacuum.sweep-to-little-nitrogen-pressure-bubble'),
  moisture: tell('vacuum.sweep-with-dry-nitrogen-warm-low'),
  inconclusive: tell('vacuum.hold-it-longer-or-sweep-with'),
};

function standingCheck({ result }: { result: Standing }): Finding {
  const figures: Said[] = [];
  if (result.leakMicronsPerMin !== undefined)
    figures.push(tell('vacuum.m-min-at-end', { leakMicronsPerMin: q(result.leakMicronsPerMin, 'number', 0) }));
  if (result.plateauMicrons !== undefined)
    figures.push(tell('vacuum.levels-off-near', { plateauMicrons: q(result.plateauMicrons, 'microns') }));
  const word = {
    tight: tell('vacuum.tight'),
    leak: tell('vacuum.leak'),
    moisture: tell('vacuum.moisture-or-outgassing'),
    inconclusive: tell('vacuum.nothing-certain'),
  }[result.classification];
  return {
    id: 'standing',
    verdict: { tight: 'good', leak: 'look-again', moisture: 'look-again', inconclusive: 'not-proven' }[
      result.classification
    ] as Finding['verdict'],
    claim: tell('vacuum.standing-found', {
      word,
      figures: list([tell('vacuum.microns-at-end', { endMicrons: q(result.endMicrons, 'microns') }), ...figures]),
    }),
    because: result.why,
    source: tell('vacuum.least-squares-on-rise-thresholds-common'),
    miss: 1,
    ...(STANDING_NEXT[result.classification] ? { next: { say: STANDING_NEXT[result.classification]! } } : {}),
  };
}
