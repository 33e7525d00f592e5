import { pumpProgress } from '@/core/circuit/vacuum/pump-progress';
import { standingTest } from '@/core/circuit/vacuum/standing-test';
import { callsOf, runCall, SYSTEMS, specOf, wiredFor } from '@/core/controls/control-network';
import { explain } from '@/core/controls/explain';
import { faultsOf, layFault } from '@/core/controls/fault-codes';
import { breachesOf } from '@/core/controls/invariants';
import { reason } from '@/core/diagnosis/reason';
import { scoreOf } from '@/core/diagnosis/testing/score';
import { FIT_EMPTY, FIT_KINDS, judgeFit } from '@/core/fit/sheets';
import { adviceFor } from '@/core/plan/day/advice';
import { endsOf } from '@/core/plan/day/day-chance';
import { placeDay } from '@/core/plan/day/schedule';
import { orderBench, stepBench, vacuumBench } from '@/core/plant/bench/bench';
import { advance, command, newRig, type RigConfig, sample } from '@/core/plant/rig';
import { solveSystem } from '@/core/plant/system';
import { drawSystem } from '@/core/plant/unit/population';
import { SEEDS } from '@/core/practice/levels';
import { judgeRound } from '@/core/practice/practice';
import { BASE_PROBES } from '@/core/practice/probes';
import { bubbleF, bubblePsia, dewF, liquidLbFt3 } from '@/core/refrigerant/lookup';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { solveSaturation } from '@/core/refrigerant/saturation-solver';
import { saturatedStates, singlePhase } from '@/core/refrigerant/state';
import { superheatedVapour } from '@/core/refrigerant/superheated-vapour';
import { scopeItems } from '@/core/scope/scope';
import { sampleScope } from '@/core/scope/testing/sample-scope';
import { type RunSample, steadySamples } from '@/core/startup/live';
import { steadyState } from '@/core/startup/steady-state';

/** npm run bench: one JSON line a figure. Speed is shown here, never asserted in a test. */
const line = (what: string, value: number, unit: string): void => {
  process.stdout.write(`${JSON.stringify({ what, value: Number(value.toPrecision(4)), unit })}\n`);
};

/** Median of five rounds, per call, in ns. */
function perCall(calls: number, work: (i: number) => void): number {
  for (let i = 0; i < calls / 10; i++) work(i);
  const rounds = Array.from({ length: 5 }, () => {
    const at = performance.now();
    for (let i = 0; i < calls; i++) work(i);
    return ((performance.now() - at) / calls) * 1e6;
  }).sort((a, b) => a - b);
  return rounds[2]!;
}

let sink = 0;
for (const r of REFRIGERANTS) {
  const at = performance.now();
  sink += bubblePsia(r, 40) + superheatedVapour(r, 40, 10).lbFt3;
  line(`first lookups ${r}`, performance.now() - at, 'ms');
  line(
    `lookup bubble °F → psia ${r}`,
    perCall(200_000, (i) => (sink += bubblePsia(r, 30 + (i % 90)))),
    'ns',
  );
  line(
    `lookup dew psia → °F ${r}`,
    perCall(200_000, (i) => (sink += dewF(r, 60 + (i % 60)))),
    'ns',
  );
  line(
    `lookup liquid density ${r}`,
    perCall(200_000, (i) => (sink += liquidLbFt3(r, 30 + (i % 90)))),
    'ns',
  );
  line(
    `saturated state, pressures to energies ${r}`,
    perCall(100_000, (i) => (sink += saturatedStates(r, 30 + (i % 90)).bubblePa)) / 1000,
    'µs',
  );
  line(
    `saturation solved from the equation ${r}`,
    perCall(400, (i) => (sink += solveSaturation(r, 280 + (i % 40)).bubblePa)) / 1000,
    'µs',
  );
  line(
    `superheated vapor of the plant ${r}`,
    perCall(100_000, (i) => (sink += superheatedVapour(r, 30 + (i % 30), i % 40).lbFt3)),
    'ns',
  );
  line(
    `full superheated solve ${r}`,
    perCall(4000, (i) => (sink += singlePhase(r, 60 + (i % 20), 60, 'vapour')!.lbFt3)) / 1000,
    'µs',
  );
}
sink += bubbleF('R-410A', 300);

const config: RigConfig = {
  seed: 1,
  refrigerant: 'R-454B',
  metering: 'txv',
  tons: 3,
  mode: 'cooling',
  volts: 240,
  elevationFt: 1000,
  outdoorF: 94,
  indoorF: 79,
  indoorWetBulbF: 66,
  indoorEndF: 76,
  nominalChargeOz: 131,
  outdoorFanA: 1.1,
  indoorAir: 1,
  outdoorAir: 1,
  condenserClean: 1,
  meterOpening: 1,
  compressorHealth: 1,
  nonCondensablePsi: 0,
  probeFaults: {},
};
for (const call of ['cooling', 'heating'] as const)
  line(
    `plant steady solve, ${call}`,
    perCall(200, (i) => {
      sink += solveSystem({
        ...config,
        call,
        low: false,
        frost: 0,
        chargeRatio: 0.9 + (i % 50) / 500,
        outdoorF: call === 'cooling' ? 95 : 40,
        returnF: call === 'cooling' ? 80 : 70,
        returnWetBulbF: call === 'cooling' ? 67 : 55,
        barometerPsia: 14.7,
      }).compressorA;
    }) / 1e6,
    'ms',
  );

function judgedTotal(): number {
  const judged = judgeRound('two', SEEDS.two[0]!, [
    { kind: 'place', probes: [...BASE_PROBES] },
    { kind: 'act', id: 'open-airways' },
    { kind: 'wait', minutes: 15 },
    { kind: 'name', faults: ['low-indoor-airflow'] },
    { kind: 'finish' },
  ]);
  return judged.ok ? judged.value.total : 0;
}

let { state } = command(config, newRig(config, 118), { kind: 'start' });
const samples: RunSample[] = [];
const HOUR = 3600;
const start = performance.now();
for (let t = 1; t <= HOUR; t++) {
  // Something happens every ten minutes, so that the solver is not idle.
  if (t % 600 === 0) state = command(config, state, { kind: 'weigh-in', oz: 3 }).state;
  advance(config, state, 1);
  samples.push({ runSeconds: t, values: sample(config, state) });
}
const seconds = (performance.now() - start) / 1000;
line('plant, one hour at 1 Hz with six charge steps', HOUR / seconds, '× real time');

{
  // What a practice round or a worker runs at one go: a hot afternoon with the house cooling down, every second read.
  const AFTERNOON_S = 4 * HOUR;
  const hot = { ...config, outdoorF: 104, indoorF: 82, indoorWetBulbF: 69, indoorEndF: 75 };
  const afternoon = command(hot, newRig(hot, 112), { kind: 'start' }).state;
  const from = performance.now();
  for (let t = 0; t < AFTERNOON_S; t++) {
    advance(hot, afternoon, 1);
    sample(hot, afternoon);
  }
  line('plant, four hours of a hot afternoon', performance.now() - from, 'ms');
}
line('practice round played again and scored', perCall(5, () => (sink += judgedTotal())) / 1e6, 'ms');
const derived = steadySamples(samples, { refrigerant: 'R-454B', barometerPsia: 14.1 });
line(
  'steady-state judgement of a 1 h run',
  perCall(10, () => (sink += steadyState(derived, [{ runSeconds: 0, kind: 'compressor-start' }]).steadyForS)) / 1e6,
  'ms',
);
const scope = sampleScope({ known: { ...sampleScope().known, coilAgeYr: 12, liquidOdIn: '0.25', overFinished: true } });
line('scope rules over a surveyed job', perCall(2000, () => (sink += scopeItems(scope).length)) / 1000, 'µs');
for (const kind of FIT_KINDS) {
  const sheet = { kind, record: FIT_EMPTY[kind], measured: [] };
  const context = { elevationFt: 0, ductTons: 3, standIn: 0 };
  line(`fit sheet judged: ${kind}`, perCall(200, () => (sink += judgeFit(sheet, context).length)) / 1000, 'µs');
}
// A day on the pump at 1 Hz, as the screen keeps it: the last hour whole, every tenth second before.
const DAY_S = 86_400;
let vacuum = orderBench(
  vacuumBench(
    {
      seed: 1,
      volumeFt3: 0.4,
      pumpCfm: 6,
      hoses: { boreIn: 0.31, lengthIn: 36, count: 1, coresIn: false },
      pipeF: 70,
      leakMicronCfm: 8,
      gauge: 'right',
    },
    0.2,
  ),
  { kind: 'pump', on: true },
);
const day: [number, number][] = [];
const dayStart = performance.now();
for (let t = 1; t <= DAY_S; t++) {
  const { microns } = stepBench(vacuum, 1);
  if (typeof microns === 'number' && (t % 10 === 0 || DAY_S - t <= HOUR)) day.push([t / 60, microns]);
}
line('simulated vacuum, a day at 1 Hz', DAY_S / ((performance.now() - dayStart) / 1000), '× real time');
const setup = {
  volumeFt3: 0.4,
  pumpCfm: 6,
  hoses: { boreIn: 0.31, lengthIn: 36, count: 1, coresIn: false },
  targetMicrons: 300,
  coldestPipeF: 70,
};
line(
  'vacuum after a day: progress told',
  perCall(20, () => (sink += pumpProgress(day, setup)?.nowMicrons ?? 0)) / 1e6,
  'ms',
);
vacuum = orderBench(vacuum, { kind: 'valve', open: false });
const standing: [number, number][] = [];
for (let t = 0; t <= DAY_S; t++) standing.push([t / 60, stepBench(vacuum, 1).microns ?? 1]);
line(
  'standing test of a day at 1 Hz, fitted and classified',
  perCall(5, () => {
    const r = standingTest({ samples: standing });
    sink += r.ok ? r.value.endMicrons : 0;
  }) / 1e6,
  'ms',
);
if (!Number.isFinite(sink)) process.exit(1);

for (const system of SYSTEMS) {
  const spec = specOf(system, { valve: 'O', floatBreak: 'R_ALL', freezeBreak: 'Y' });
  const wired = wiredFor(spec);
  const calls = callsOf(spec);
  line(
    `control network ${system}, one call`,
    perCall(2000, (i) => (sink += runCall(wired, calls[i % calls.length]!).runs.size)) / 1000,
    'µs',
  );
  const at = performance.now();
  let solved = 0;
  for (const code of faultsOf(spec))
    for (const call of calls)
      for (const open of [[], ['float'], ['freeze']]) {
        sink += runCall(layFault(code, wired, spec), call, open).runs.size;
        solved += 1;
      }
  line(`control network ${system}, every call × open switch × fault (${solved})`, performance.now() - at, 'ms');
  const changed = layFault('RC_SHORT', wired, spec);
  line(
    `control network ${system}, a change explained and every invariant checked`,
    perCall(20, () => {
      sink += explain(spec, wired, changed).otherwise.length + breachesOf(spec, changed).length;
    }) / 1e6,
    'ms',
  );
}

// What the fault reasoning makes of drawn systems: shares, then a line a fault of what was named for it.
const score = scoreOf(77, 1_234_567);
for (const key of [
  'first',
  'firstTwo',
  'falseAlarms',
  'afterOne',
  'chargeCorrected',
  'healthyMoved',
  'othersMoved',
] as const)
  line(`fault reasoning over ${score.systems} drawn systems: ${key}`, 100 * score[key], '%');
for (const [fault, named] of score.confusion)
  process.stdout.write(
    `${JSON.stringify({ what: `named for ${fault}`, value: Object.fromEntries([...named].sort((a, b) => b[1] - a[1])), unit: 'systems' })}\n`,
  );
const one = drawSystem(3, 'undercharge');
line(
  'fault reasoning, one system',
  perCall(200, () => (sink += reason(one, { ...one.readings, barometerPsia: one.barometerPsia })!.ranked.length)) / 1e6,
  'ms',
);

/** A day of sixty pieces and six people, each piece after up to two earlier ones. */
const sixty = Array.from({ length: 60 }, (_, i) => ({
  id: `p${i}`,
  hours: 0.25 + (i % 7) / 4,
  after: i === 0 ? [] : [...new Set([`p${(i * 7) % i}`, `p${(i * 3) % i}`])],
  people: i % 5 === 0 ? 0 : i % 9 === 0 ? 2 : 1,
}));
const six = {
  people: ['a', 'b', 'c', 'd', 'e', 'f'].map((name) => ({ name, leads: false, certified: false, away: [] })),
  days: [0, 1, 2].map((n) => ({ at: 24 * n, from: 24 * n + 8, to: 24 * n + 17, lunch: undefined })),
};
line('plan a day, 60 pieces, 6 people', perCall(20, () => (sink += placeDay(sixty, six).length)) / 1e6, 'ms');
const given = placeDay(sixty, six);
const held = sixty.map((p) => ({ ...p, who: given.find((x) => x.id === p.id)!.who }));
line('advice for it', perCall(1, () => (sink += adviceFor(held, given, six, {})?.savesH ?? 0)) / 1e6, 'ms');
line(
  'chance of it, 2,000 runs',
  perCall(1, (i) => (sink += endsOf(held, six, { spreads: {}, seed: i })[0]!)) / 1e6,
  'ms',
);
