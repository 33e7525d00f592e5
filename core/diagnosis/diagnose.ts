import { z } from 'zod';
import { barometerPsia as stationAt } from '@/core/air/moist-air';
import { calculation } from '@/core/finding/calculation';
import { type Outcome, ok, refuse } from '@/core/finding/outcome';
import { num, oneOf } from '@/core/finding/quantity-field';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { tell } from '@/core/startup/words';
import { q } from '@/core/words/said';
import type { Plate } from './expected';
import type { Seen } from './features';
import { FOLLOW_UPS, type Follow } from './follow-ups';
import { type Ranked, type Reasoning, reason } from './reason';
import { reasonTwo } from './reason-two';

const INPUT = z.strictObject({
  refrigerant: oneOf(REFRIGERANTS),
  metering: oneOf(['txv', 'fixed-orifice'] as const),
  nominalTons: num(1, 25, 'tons'),
  targetSubcoolF: num(0, 30, '°F').optional(),
  outdoorF: num(50, 130, '°F'),
  returnDryBulbF: num(55, 100, '°F'),
  returnWetBulbF: num(40, 90, '°F'),
  supplyDryBulbF: num(25, 110, '°F'),
  suctionPsig: num(-10, 450, 'psig'),
  liquidPsig: num(10, 700, 'psig'),
  suctionLineF: num(-30, 160, '°F'),
  liquidLineF: num(20, 180, '°F'),
  dischargeLineF: num(40, 400, '°F').optional(),
  compressorA: num(0.1, 300, 'A'),
  ratedLoadA: num(1, 300, 'A'),
  barometerPsia: num(8, 16, 'psia').optional(),
  airflowCfm: num(50, 20000, 'CFM').optional(),
  drierDropF: num(0, 80, '°F').optional(),
  offPsig: num(-10, 700, 'psig').optional(),
  offF: num(-40, 140, '°F').optional(),
  compressorInletF: num(-30, 250, '°F').optional(),
});

/**
 * Which fault a cooling system's readings point to, by all of them at once.
 *
 * @param plate refrigerant, meter, tons, target subcooling where a plate gives one, rated load amps
 * @param readings °F, psig, A; follow-ups where they were done: drop over the drier, pressure at rest with the outdoor
 * temperature (offF), temperature at the compressor inlet
 * @returns ranked faults with their shares (falling, at least two, sum ≤ 1; `or` names what the readings cannot tell from
 * it), the verdict, what to do with the charge, and the measurement that is expected to settle most a minute
 * @errors a bulb above dry, offPsig without offF
 * @source differences from a middling design's physics against fault signatures over drawn systems, docs/diagnosis.md
 */
export const diagnose = calculation({
  id: 'diagnose',
  title: 'Which fault it is',
  what: 'What is wrong with a system in cooling, by every reading at once, how sure that is, and what to measure next.',
  formula:
    'belief = how often it is met × how well its signature meets the differences from expected; see docs/diagnosis.md',
  source: 'physics of the cycle over thousands of simulated systems; follow-ups common practice',
  notCovered:
    'Heating; inverters off their test mode; two faults at once; airflow and coils are taken as proven where charge is advised.',
  input: INPUT,
  compute: (i) => {
    const given = givenOf(i);
    return given.ok ? ok(answerOf(reason(...given.value))) : given;
  },
  example: {
    input: {
      refrigerant: 'R-410A',
      metering: 'txv',
      nominalTons: 3,
      targetSubcoolF: 10,
      outdoorF: 95,
      returnDryBulbF: 80,
      returnWetBulbF: 67,
      supplyDryBulbF: 60,
      suctionPsig: 128,
      liquidPsig: 385,
      suctionLineF: 57,
      liquidLineF: 103,
      compressorA: 11.6,
      ratedLoadA: 14.1,
    },
    expected: { verdict: 'healthy', chargeAdvice: 'leave' },
    tolerance: 0,
  },
});

const SHOWN = 5;

/**
 * Which two faults at once explain a cooling system's readings, for who has put one right or whose readings no single one explains.
 *
 * @param as for diagnose
 * @returns the likeliest pairs with their shares among all pairs, falling
 * @errors as for diagnose; pressures at which no saturation exists give no pair
 * @source the sum of both signatures, docs/diagnosis.md
 */
export const diagnoseTwo = calculation({
  id: 'diagnose-two',
  title: 'Which two faults at once',
  what: 'Which pair of faults explains every reading best, where one alone does not.',
  formula: 'belief = how often both are met × how well the sum of their signatures meets the differences from expected',
  source: 'physics of the cycle over thousands of simulated systems; follow-ups common practice',
  notCovered:
    'Whether it is one fault or two; three at once; a probe beside a fault; heating; inverters off their test mode.',
  input: INPUT,
  compute: (i) => {
    const given = givenOf(i);
    if (!given.ok) return given;
    const pairs = (reasonTwo(...given.value) ?? []).slice(0, SHOWN);
    return ok({ first: pairs[0]?.faults ?? [], pairs });
  },
  example: {
    input: {
      refrigerant: 'R-410A',
      metering: 'txv',
      nominalTons: 3,
      targetSubcoolF: 10,
      outdoorF: 95,
      returnDryBulbF: 80,
      returnWetBulbF: 67,
      supplyDryBulbF: 55,
      suctionPsig: 112,
      liquidPsig: 440,
      suctionLineF: 49,
      liquidLineF: 103,
      compressorA: 12.6,
      ratedLoadA: 14.1,
    },
    expected: { first: ['low-indoor-airflow', 'non-condensables'] },
    tolerance: 0,
  },
});

type Given = [Plate, Seen, Follow];

/** The readings as the reasoning takes them. */
function givenOf(i: z.output<typeof INPUT>): Outcome<Given> {
  if (i.returnWetBulbF > i.returnDryBulbF)
    return refuse(
      'returnWetBulbF',
      tell('startup.wet-bulb-must-be-below-dry'),
      tell('startup.at-most-f', { dryBulbF: q(i.returnDryBulbF, 'F', 'as is') }),
    );
  if ((i.offPsig === undefined) !== (i.offF === undefined))
    return refuse(
      i.offF === undefined ? 'offF' : 'offPsig',
      tell('startup.pressure-at-rest-goes-with-its-temperature'),
      tell('startup.both-or-neither'),
    );
  const { drierDropF, offPsig, offF, compressorInletF, barometerPsia = stationAt(0), ...rest } = i;
  const plate = { ...rest, targetSubcoolF: i.metering === 'txv' ? i.targetSubcoolF : undefined };
  return ok([plate, { ...rest, barometerPsia }, { drierDropF, offPsig, offF, compressorInletF }]);
}

type Answer = Pick<Reasoning, 'verdict' | 'chargeAdvice' | 'nextMeasurement'> & { ranked: Ranked[] };

/** Pressures at which no saturation exists contradict the rest: the gauges, their zero and the fluid come first. */
function answerOf(r: Reasoning | undefined): Answer {
  if (!r)
    return {
      ranked: [
        { fault: 'probe-doubt', probability: 0.95 },
        { fault: 'healthy', probability: 0.05 },
      ],
      verdict: 'readings-contradict',
      chargeAdvice: 'leave',
      nextMeasurement: { id: 'second-look', minutes: FOLLOW_UPS['second-look'].minutes },
    };
  const { ranked, verdict, chargeAdvice, nextMeasurement } = r;
  return { ranked, verdict, chargeAdvice, nextMeasurement };
}
