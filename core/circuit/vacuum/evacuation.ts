import { type CircuitEntry, type EntryOf, entriesAfter, entriesOf, latestOf } from '@/core/circuit/log/circuit-log';
import type { CircuitSchools } from '@/core/circuit/schools';
import type { Finding } from '@/core/finding/finding';
import { type Standing, standingTest } from './standing-test';

/** A pump in order pulls its own gauge this low with nothing attached; above the second its oil is changed (common practice), µm. */
export const BLANK_OFF = { good: 50, worst: 100 } as const;
/** A standing test is held this long at least, min. */
export const STANDING_LEAST_MIN = 10;
/** Sweeps with nitrogen that a triple evacuation makes. */
const TRIPLE_SWEEPS = 2;
const COMMON = 'common practice';

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
  wetReasons: readonly string[];
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
      claim: setup.body.compressorLocked ? 'The compressor cannot start.' : 'The compressor is not locked out.',
      because: 'A compressor that starts or is insulation-tested in vacuum arcs inside.',
      source: COMMON,
      next: setup.body.compressorLocked ? undefined : { say: 'Lock the outdoor unit out before the pump starts.' },
    });
    const far = setup.body.gaugePlace === 'far from the pump';
    checks.push({
      id: 'gauge-place',
      verdict: far ? 'good' : 'not-proven',
      claim: far ? 'The gauge sits on the system, far from the pump.' : `The gauge sits ${setup.body.gaugePlace}.`,
      because: 'Near the pump it reads the pump and the hose, not the system.',
      source: COMMON,
      next: far ? undefined : { say: 'Move the gauge to the far side of the system, on a valved core tool.' },
    });
    if (setup.body.coresIn)
      checks.push({
        id: 'cores',
        verdict: 'look-again',
        claim: 'The valve cores are still in.',
        because: 'A core lets through about half: every minute of pumping becomes two.',
        source: COMMON,
        next: { say: 'Take both cores out with a removal tool.' },
      });
    if (wetReasons.length && setup.body.method !== 'triple')
      checks.push({
        id: 'method',
        verdict: 'look-again',
        claim: `A single pull on a circuit with ${wetReasons.join(' and ')}.`,
        because: 'Oil and residues hold water that a nitrogen sweep carries out.',
        source: COMMON,
        next: { say: 'Sweep twice with dry nitrogen between pulls.' },
      });
  }
  checks.push(blankOffCheck(blank));
  if (view.sweepsWanted > 0)
    checks.push({
      id: 'sweeps',
      verdict: view.sweeps.length >= view.sweepsWanted ? 'good' : 'not-proven',
      claim: `${Math.min(view.sweeps.length, view.sweepsWanted)} of ${view.sweepsWanted} nitrogen sweeps done.`,
      because: 'A triple evacuation breaks the vacuum twice with dry nitrogen.',
      source: COMMON,
    });
  if (standing) checks.push(depthCheck(standing.startMicrons, view.targetMicrons), standingCheck(standing));
  else
    checks.push({
      id: 'standing',
      verdict: 'not-proven',
      claim: 'No standing test yet.',
      because: 'Only a vacuum that holds by itself shows a tight, dry system.',
      source: COMMON,
    });
  return checks;
}

function blankOffCheck(blank: EntryOf<'blank-off'> | undefined): Finding {
  const base = { id: 'blank-off', because: 'It proves the gauge, the pump and its oil before they judge the system.' };
  if (!blank)
    return {
      ...base,
      verdict: 'not-proven',
      claim: 'Gauge and pump not proven by a blank-off.',
      source: COMMON,
      next: { say: 'Close the pump off with the gauge on it and read what it reaches.' },
    };
  const { microns } = blank.body;
  const verdict = microns <= BLANK_OFF.good ? 'good' : microns <= BLANK_OFF.worst ? 'look-again' : 'not-proven';
  return {
    ...base,
    verdict,
    claim: `Blanked off, the pump reaches ${microns.toFixed(0)} µm.`,
    source: `${COMMON}: ${BLANK_OFF.good} µm good, above ${BLANK_OFF.worst} change the oil`,
    ...(verdict === 'good'
      ? {}
      : { next: { say: 'Change the pump oil, clean and check the gauge, blank off again.' } }),
    miss: microns / BLANK_OFF.worst,
  };
}

function depthCheck(startMicrons: number, targetMicrons: number): Finding {
  const deep = startMicrons <= targetMicrons;
  return {
    id: 'depth',
    verdict: deep ? 'good' : 'look-again',
    claim: `The test began at ${startMicrons.toFixed(0)} µm; ${targetMicrons} is asked for.`,
    because: 'The decay of a shallow vacuum says little.',
    source: 'company school; the maker’s tighter figure wins',
    miss: startMicrons / targetMicrons,
    ...(deep ? {} : { next: { say: `Pull on to ${targetMicrons} µm and test again.` } }),
  };
}

const STANDING_NEXT: Record<Standing['classification'], string | undefined> = {
  tight: undefined,
  leak: 'Sweep to a little nitrogen pressure, bubble every joint and core tool, mend it, pull and test again.',
  moisture: 'Sweep with dry nitrogen, warm the low places, change the pump oil, pull and test again.',
  inconclusive: 'Hold it longer, or sweep with nitrogen, pull and test again.',
};

function standingCheck({ result }: { result: Standing }): Finding {
  const figures: string[] = [];
  if (result.leakMicronsPerMin !== undefined) figures.push(`${result.leakMicronsPerMin.toFixed(0)} µm/min at the end`);
  if (result.plateauMicrons !== undefined) figures.push(`levels off near ${result.plateauMicrons.toFixed(0)} µm`);
  const word = {
    tight: 'Tight',
    leak: 'A leak',
    moisture: 'Moisture or outgassing',
    inconclusive: 'Nothing certain',
  }[result.classification];
  return {
    id: 'standing',
    verdict: { tight: 'good', leak: 'look-again', moisture: 'look-again', inconclusive: 'not-proven' }[
      result.classification
    ] as Finding['verdict'],
    claim: `${word}: ${result.endMicrons.toFixed(0)} µm at the end${figures.length ? `, ${figures.join(', ')}` : ''}.`,
    because: result.why,
    source: 'least squares on the rise; thresholds common practice and design defaults',
    miss: 1,
    ...(STANDING_NEXT[result.classification] ? { next: { say: STANDING_NEXT[result.classification]! } } : {}),
  };
}
