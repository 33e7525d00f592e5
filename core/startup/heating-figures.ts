import { callOf, type RunMode } from '@/core/finding/run-mode';
import { tell } from '@/core/startup/words';
import { airflowLine, FIGURE_IDS, type Figure, type FigureId, type Figures, missingOf, reading } from './figure';
import { heatingFigures } from './heating-capacity';
import { offAt, readsLowF } from './probe-place';
import type { Readings } from './quantities';
import type { Airflow, StartUpSystem } from './system';

/** The outdoor coil evaporates this far below the air in heating (common practice: a sane band, not a target), °F. */
const OUTDOOR_COIL = { low: 8, high: 25 } as const;

/** What is derived of a run in heating: rise, heat by the air, how far below the air the outdoor coil stands. */
export function heatingFigureSet(
  system: StartUpSystem,
  readings: Readings,
  airflow: Airflow | undefined,
  evaporatingF: number | undefined,
): Figure[] {
  const heat = heatingFigures({ system, readings, ...(airflow ? { airflow } : {}) });
  const { supplyDryBulbF: supply, returnDryBulbF: back, outdoorDryBulbF: outdoor } = readings;
  const perF = heat && heat.btuh / heat.riseF;
  const expected = heat?.expected;
  return [
    {
      id: 'heating-rise',
      label: tell('startup.rise-over-the-indoor-coil'),
      unit: '°F',
      value: supply && back ? supply.value - back.value : undefined,
      ...(supply && back ? { uncertainty: Math.hypot(offAt(supply.uncertainty, supply.place), back.uncertainty) } : {}),
      readsLow: readsLowF(readings),
      missing: missingOf(readings, ['supplyDryBulbF', 'returnDryBulbF']),
      target:
        expected && perF
          ? {
              value: expected.at / perF,
              low: expected.low / perF,
              high: expected.high / perF,
              source: expected.source,
            }
          : undefined,
      noTarget: tell('startup.needs-measured-airflow'),
      working: [reading(readings, 'supplyDryBulbF'), reading(readings, 'returnDryBulbF')],
      formula: tell('startup.supply-return-dry-bulb'),
      source: tell('startup.definition'),
    },
    {
      id: 'heating-capacity',
      label: tell('startup.heating-capacity'),
      unit: 'Btu/h',
      value: heat?.btuh,
      ...(heat ? { uncertainty: heat.btuhOff } : {}),
      missing: airflow
        ? missingOf(readings, ['supplyDryBulbF', 'returnDryBulbF', 'outdoorDryBulbF'])
        : tell('startup.needs-measured-airflow'),
      target: expected && {
        value: expected.at,
        low: expected.low,
        high: expected.high,
        source: expected.source,
      },
      working: [
        reading(readings, 'supplyDryBulbF'),
        reading(readings, 'returnDryBulbF'),
        airflowLine(airflow),
        { label: tell('startup.station-pressure'), value: system.barometerPsia, unit: 'psia' },
        reading(readings, 'outdoorDryBulbF'),
      ],
      formula: tell('startup.1-08-station-cfm-rise'),
      source: tell('startup.heat-balance-on-the-air'),
      calculation: 'heat-rise-capacity',
    },
    {
      id: 'outdoor-coil-difference',
      label: tell('startup.outdoor-coil-below-the-air'),
      unit: '°F',
      value: outdoor && evaporatingF !== undefined ? outdoor.value - evaporatingF : undefined,
      missing: missingOf(readings, ['suctionPsig', 'outdoorDryBulbF']),
      target: { value: 15, ...OUTDOOR_COIL, source: tell('startup.common-practice-sane-band-not-target') },
      working: [reading(readings, 'outdoorDryBulbF'), reading(readings, 'suctionPsig')],
      formula: tell('startup.outdoor-air-dew-point'),
      source: tell('startup.suction-read-at-the-true-suction-port'),
    },
  ];
}

/** Figures of a call alone; the rest speaks in both. */
const OF_CALL: Readonly<Partial<Record<FigureId, 'cooling' | 'heating'>>> = {
  subcooling: 'cooling',
  superheat: 'cooling',
  'air-split': 'cooling',
  'condensing-over-ambient': 'cooling',
  approach: 'cooling',
  'coil-difference': 'cooling',
  'heating-rise': 'heating',
  'heating-capacity': 'heating',
  'outdoor-coil-difference': 'heating',
};

/** The figures that say something in a mode: the others carry no value. In heating the expected amps of cooling are none. */
export function figuresOf({ byId, saturation }: Figures, mode: RunMode): Figures {
  const call = callOf(mode);
  const shown = FIGURE_IDS.map((id): [FigureId, Figure] => {
    const figure = byId[id];
    const of = OF_CALL[id];
    if (of !== undefined && of !== call)
      return [
        id,
        { ...figure, value: undefined, target: undefined, missing: tell('startup.not-of-this-mode'), idle: true },
      ];
    if (id === 'compressor-amps' && call === 'heating')
      return [id, { ...figure, target: undefined, noTarget: tell('startup.makers-heating-table') }];
    return [id, figure];
  });
  return { byId: Object.fromEntries(shown) as Figures['byId'], saturation };
}
