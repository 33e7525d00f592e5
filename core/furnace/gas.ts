import { z } from 'zod';
import { elevationField } from '@/core/air/moist-air';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { sensibleFactor } from '@/core/startup/capacity';
import { DEFAULT_BAROMETER_PSIA, RANKINE_AT_0_F } from '@/core/units/units';

const SECONDS_PER_H = 3600;
/** Oxygen in outdoor air, percent by volume. */
const OXYGEN_PCT = 20.9;
/** Below this elevation nothing is taken off a natural-draft input; above it 4 % for each 1,000 ft of elevation. */
const DERATE_FROM_FT = 2000;
const DERATE_PER_1000_FT = 0.04;
const FT_PER_STEP = 1000;

/** Airflow of a furnace. @example gasAirflow({ outputBtuh: 76800, riseF: 55, elevationFt: 5280 }) // 1,570 CFM */
export const gasAirflow = calculation({
  id: 'gas-airflow',
  title: 'Airflow by gas heat',
  what: 'Measured airflow from the output of a furnace and how much warmer the air leaves.',
  formula: 'output / (1.08 × station/14.696 × rise)',
  source: 'Heat balance on the air stream',
  notCovered:
    'Output not by a clocked input and the efficiency at steady state; supply read in sight of the exchanger.',
  input: z.strictObject({
    outputBtuh: num(1000, 2000000, 'Btu/h'),
    riseF: num(5.1, 150, '°F'),
    elevationFt: elevationField.default(0),
  }),
  compute: ({ outputBtuh, riseF, elevationFt }) => ok({ cfm: outputBtuh / (sensibleFactor(elevationFt) * riseF) }),
  example: { input: { outputBtuh: 76800, riseF: 55, elevationFt: 0 }, expected: { cfm: 1293 }, tolerance: 1 },
});

/** Input by the gas meter. @example meterClock({ dialFt3: 0.5, revolutions: 1, seconds: 24.5, heatingValueBtuFt3: 1028 }) // 75,527 Btu/h */
export const meterClock = calculation({
  id: 'meter-clock',
  title: 'Clocked gas input',
  what: 'What a burner takes, from the seconds a meter’s test dial needs; everything else on the meter is off.',
  formula: 'ft³/h = 3600 × dial × turns / seconds; input = ft³/h × heating value',
  source: 'Definition; heating value from the utility, at the pressure it meters',
  notCovered: 'Meter pressure or temperature away from the utility’s base; pilots and other appliances that draw.',
  input: z.strictObject({
    dialFt3: num(0.05, 100, 'ft³ a turn'),
    revolutions: num(0.1, 200, 'turns'),
    seconds: num(1, 7200, 's'),
    heatingValueBtuFt3: num(200, 4000, 'Btu/ft³'),
  }),
  compute: ({ dialFt3, revolutions, seconds, heatingValueBtuFt3 }) => {
    const cfh = (SECONDS_PER_H * dialFt3 * revolutions) / seconds;
    return ok({ cfh, inputBtuh: cfh * heatingValueBtuFt3 });
  },
  example: {
    input: { dialFt3: 0.5, revolutions: 1, seconds: 24.5, heatingValueBtuFt3: 1028 },
    expected: { cfh: 73.469, inputBtuh: 75527 },
    tolerance: 1,
  },
});

/** Share of the plate’s input at an elevation. @example gasAltitude({ elevationFt: 4500 }) // 0.82 */
export const gasAltitude = calculation({
  id: 'gas-altitude',
  title: 'Gas input at altitude',
  what: 'The share of the plate’s input that a burner without instructions of its own is set to at an elevation.',
  formula: '1 to 2000 ft; above that 1 − 0.04 × elevation/1000',
  source: 'NFPA 54, older rule, edition not checked; the maker’s instructions and plate win',
  notCovered: 'Appliances whose maker gives kits or tables of their own, as most condensing ones do.',
  input: z.strictObject({ elevationFt: elevationField }),
  compute: ({ elevationFt }) =>
    ok({ factor: elevationFt <= DERATE_FROM_FT ? 1 : 1 - (DERATE_PER_1000_FT * elevationFt) / FT_PER_STEP }),
  example: { input: { elevationFt: 4500 }, expected: { factor: 0.82 }, tolerance: 1e-9 },
});

/** Carbon monoxide without excess air. @example coAirFree({ coPpm: 85, oxygenPct: 8.4 }) // 142 ppm */
export const coAirFree = calculation({
  id: 'co-air-free',
  title: 'CO, air-free',
  what: 'Carbon monoxide in flue gas as it would be without the excess air that thins it.',
  formula: 'CO × 20.9 / (20.9 − O₂)',
  source: 'Dilution balance; 20.9 % oxygen in air',
  notCovered: 'Readings with 20 % oxygen or more: that is room air, not flue gas.',
  input: z.strictObject({
    coPpm: num(0, 20000, 'ppm'),
    oxygenPct: num(0, 19.999, '%, below 20'),
  }),
  compute: ({ coPpm, oxygenPct }) => ok({ coAirFreePpm: (coPpm * OXYGEN_PCT) / (OXYGEN_PCT - oxygenPct) }),
  example: { input: { coPpm: 85, oxygenPct: 8.4 }, expected: { coAirFreePpm: 142 }, tolerance: 0.2 },
});

/** What a tight gas pipe’s gauge comes to. @example gasPipeHold({ startPsig: 15, startF: 68, endF: 55 }) // 14.27 psig */
export const gasPipeHold = calculation({
  id: 'gas-pipe-hold',
  title: 'Gas pipe test: pressure after a change of temperature',
  what: 'The gauge pressure that a tight pipe under air or nitrogen comes to when only its temperature changed.',
  formula: '(start + station) × T2/T1 − station, T absolute',
  source: 'Ideal gas at constant volume; the station pressure of the site',
  notCovered: 'Which pressure and how long: the gas code and the inspector say. Valves are isolated above ½ psi.',
  input: z.strictObject({
    startPsig: num(0.05, 150, 'psig'),
    startF: num(-20, 150, '°F'),
    endF: num(-20, 150, '°F'),
    barometerPsia: num(8, 16, 'psia').default(DEFAULT_BAROMETER_PSIA),
  }),
  compute: ({ startPsig, startF, endF, barometerPsia }) =>
    ok({
      expectedPsig: ((startPsig + barometerPsia) * (endF + RANKINE_AT_0_F)) / (startF + RANKINE_AT_0_F) - barometerPsia,
    }),
  example: { input: { startPsig: 15, startF: 68, endF: 55 }, expected: { expectedPsig: 14.27 }, tolerance: 0.005 },
});
