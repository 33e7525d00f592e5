import { z } from 'zod';
import { barometerPsia, elevationField } from '@/core/air/moist-air';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { tell } from '@/core/startup/words';
import { BTUH_PER_W, DEFAULT_BAROMETER_PSIA } from '@/core/units/units';
import { q } from '@/core/words/said';

/** Btu/h per CFM per °F for standard air at sea level: 60 min × 0.075 lb/ft³ × 0.24 Btu/lb·°F. */
export const SENSIBLE_AT_SEA_LEVEL = 1.08;

/** The airflow a cooling coil wants, CFM a ton (common practice; the maker's range wins). */
export const CFM_PER_TON = { low: 350, high: 450, nominal: 400 };

export const AIRFLOW_METHODS = [
  'flow grid or hood',
  'strip-heat rise',
  'static with blower table',
  'maker’s test mode',
  'gas-heat rise',
  'drop over coil or filter',
  'sum of the registers',
] as const;
export type AirflowMethod = (typeof AIRFLOW_METHODS)[number];

export const airflowField = num(50, 20000, 'CFM');

export const airflowByHeatRise = calculation({
  id: 'airflow-heat-rise',
  title: 'Airflow by strip-heat rise',
  what: 'Measured airflow from the heat the strips give and how much warmer the air leaves.',
  formula: 'volts × amps × 3.412 / (1.08 × station/14.696 × rise)',
  source: 'Heat balance on the air stream',
  notCovered:
    'Compressor or gas heat on at the same time; amps that include a blower; supply read in sight of the strips.',
  input: z.strictObject({
    volts: num(100, 600, 'V'),
    amps: num(1, 200, 'A'),
    riseF: num(5.1, 120, '°F'),
    elevationFt: elevationField.default(0),
  }),
  compute: ({ volts, amps, riseF, elevationFt }) =>
    ok({
      airflowCfm:
        (volts * amps * BTUH_PER_W) /
        (SENSIBLE_AT_SEA_LEVEL * (barometerPsia(elevationFt) / DEFAULT_BAROMETER_PSIA) * riseF),
    }),
  example: { input: { volts: 236, amps: 39.8, riseF: 26 }, expected: { airflowCfm: 1141 }, tolerance: 1 },
});

export const airflowByStatic = calculation({
  id: 'airflow-static',
  title: 'Airflow by static pressure',
  what: 'Airflow from total external static and two neighbouring points of the blower table.',
  formula: 'straight line between the two table points',
  source: 'The maker’s blower table for the tap in use',
  notCovered: 'Points outside the two given; a wet coil where the table is for a dry one.',
  input: z.strictObject({
    tespInWc: num(0, 2, 'in. w.c.'),
    lowStaticInWc: num(0, 2, 'in. w.c.'),
    lowStaticCfm: num(50, 5000, 'CFM'),
    highStaticInWc: num(0, 2, 'in. w.c.'),
    highStaticCfm: num(50, 5000, 'CFM'),
  }),
  compute: (i) => {
    if (i.highStaticInWc <= i.lowStaticInWc) {
      return refuse(
        'highStaticInWc',
        tell('startup.second-table-point-must-have-higher'),
        tell('startup.above', { lowStaticInWc: q(i.lowStaticInWc, 'inWc', 'as is') }),
      );
    }
    if (i.tespInWc < i.lowStaticInWc || i.tespInWc > i.highStaticInWc) {
      return refuse(
        'tespInWc',
        tell('startup.measured-static-lies-outside-two-table'),
        tell('startup.to', { lowStaticInWc: i.lowStaticInWc, highStaticInWc: q(i.highStaticInWc, 'inWc', 'as is') }),
      );
    }
    const t = (i.tespInWc - i.lowStaticInWc) / (i.highStaticInWc - i.lowStaticInWc);
    return ok({ airflowCfm: i.lowStaticCfm + t * (i.highStaticCfm - i.lowStaticCfm) });
  },
  example: {
    input: { tespInWc: 0.58, lowStaticInWc: 0.5, lowStaticCfm: 1150, highStaticInWc: 0.7, highStaticCfm: 1040 },
    expected: { airflowCfm: 1106 },
    tolerance: 0.5,
  },
});

/** A drop this many times the published one, or as small a part of it, is another coil or a wrong port. */
const DROP_SPAN = 4;

export const airflowByDrop = calculation({
  id: 'airflow-drop',
  title: 'Airflow by the drop over coil or filter',
  what: 'Airflow from the pressure drop over a clean coil or filter and one point of its maker’s table.',
  formula: 'table CFM × √(drop / table drop)',
  source: 'Drop goes with the square of turbulent flow (fan laws, common practice)',
  notCovered:
    'Dirty filters; a wet coil where the table is for a dry one; deep pleats, whose drop grows slower than the square.',
  input: z.strictObject({
    dropInWc: num(0.01, 2, 'in. w.c.'),
    tableDropInWc: num(0.01, 2, 'in. w.c.'),
    tableCfm: airflowField,
  }),
  compute: ({ dropInWc, tableDropInWc, tableCfm }) => {
    const ratio = dropInWc / tableDropInWc;
    if (ratio > DROP_SPAN || ratio < 1 / DROP_SPAN)
      return refuse(
        'dropInWc',
        tell('startup.drop-far-from-its-table'),
        tell('startup.to', {
          lowStaticInWc: tableDropInWc / DROP_SPAN,
          highStaticInWc: q(tableDropInWc * DROP_SPAN, 'inWc', 'as is'),
        }),
      );
    return ok({ airflowCfm: tableCfm * Math.sqrt(ratio) });
  },
  example: {
    input: { dropInWc: 0.16, tableDropInWc: 0.22, tableCfm: 1200 },
    expected: { airflowCfm: 1023.4 },
    tolerance: 0.1,
  },
});
