import type { Outcome } from '@/core/finding/outcome';
import { subcooling, superheat } from '@/core/refrigerant/saturation-calculations';
import { CFM_PER_TON } from './airflow';
import {
  approach,
  coilDifference,
  compressionRatio,
  condensingOverAmbient,
  expectedCompressorAmps,
} from './circuit-figures';
import { QUANTITIES, type Quantity, type Readings } from './quantities';
import { type Airflow, type StartUpSchools, type StartUpSystem, TARGET_SOURCE_WORDS } from './system';
import { targetAirSplit } from './target-split';
import { targetSuperheat } from './target-superheat';

export const FIGURE_IDS = [
  'subcooling',
  'superheat',
  'air-split',
  'compressor-amps',
  'fan-amps',
  'condensing-over-ambient',
  'approach',
  'coil-difference',
  'compression-ratio',
  'airflow-per-ton',
] as const;
export type FigureId = (typeof FIGURE_IDS)[number];

export type Target = { value: number; low: number; high: number; source: string };

export type WorkingLine = { label: string; value: number; unit: string; note?: string };

/** A derived quantity with everything that opens when it is touched. */
export type Figure = {
  id: FigureId;
  label: string;
  value?: number;
  unit: string;
  uncertainty?: number;
  target?: Target;
  /** Why there is no value or no target, in words. */
  missing?: string;
  noTarget?: string;
  working: WorkingLine[];
  formula: string;
  source: string;
  /** Catalogue id of the calculation behind it. */
  calculation?: string;
};

type Saturations = { evaporatingF?: number; condensingF?: number };
export type Figures = { byId: Record<FigureId, Figure>; saturation: Saturations };

/** dT/dp of saturation is at most about this near the conditions judged, °F per psi; widens ± of a pressure into °F. */
const SUCTION_F_PER_PSI = 0.45;
const LIQUID_F_PER_PSI = 0.23;

const SANE = {
  superheatValve: { low: 4, high: 25 },
  condensing: { low: 10, high: 30 },
  approach: { low: 2, high: 15 },
  coil: { low: 25, high: 42 },
  ratio: { low: 2, high: 4.5 },
};
const SANE_SOURCE = 'common practice; a sane band, not a target';

function reading(readings: Readings, quantity: Quantity): WorkingLine {
  const r = readings[quantity];
  const spec = QUANTITIES[quantity];
  return { label: spec.label, value: r?.value ?? Number.NaN, unit: spec.unit, note: r?.source ?? 'missing' };
}

function missingOf(readings: Readings, quantities: readonly Quantity[]): string | undefined {
  const gone = quantities.filter((name) => readings[name] === undefined || readings[name]?.trouble === 'lost');
  return gone.length ? `needs ${gone.map((g) => QUANTITIES[g].label.toLowerCase()).join(', ')}` : undefined;
}

function valueOr<T extends Record<string, unknown>, K extends keyof T>(
  outcome: Outcome<T>,
  key: K,
): number | undefined {
  return outcome.ok ? (outcome.value[key] as number) : undefined;
}

const off = (r: Readings, q: Quantity): number => r[q]?.uncertainty ?? QUANTITIES[q].uncertainty;

/**
 * All derived quantities of a cooling start-up from its readings: pure arithmetic, no judgement.
 * A figure whose readings are missing carries no value and says what it needs.
 */
export function deriveFigures(
  system: StartUpSystem,
  r: Readings,
  airflow: Airflow | undefined,
  schools: StartUpSchools,
): Figures {
  const { refrigerant, barometerPsia } = system;
  const v = (name: Quantity): number => r[name]?.value ?? Number.NaN;
  const station: WorkingLine = {
    label: 'Station pressure',
    value: barometerPsia,
    unit: 'psia',
    note: 'from elevation',
  };
  const saturation: Saturations = {};

  const scGone = missingOf(r, ['liquidPsig', 'liquidLineF']);
  const sc = scGone
    ? undefined
    : subcooling({ refrigerant, liquidPsig: v('liquidPsig'), liquidLineF: v('liquidLineF'), barometerPsia });
  if (sc?.ok) saturation.condensingF = sc.value.saturationF;
  const shGone = missingOf(r, ['suctionPsig', 'suctionLineF']);
  const sh = shGone
    ? undefined
    : superheat({ refrigerant, suctionPsig: v('suctionPsig'), suctionLineF: v('suctionLineF'), barometerPsia });
  if (sh?.ok) saturation.evaporatingF = sh.value.saturationF;

  const valve = system.metering !== 'fixed-orifice';
  const byId = {} as Record<FigureId, Figure>;
  const put = (figure: Figure): void => {
    byId[figure.id] = figure;
  };

  put({
    id: 'subcooling',
    label: 'Subcooling',
    unit: '°F',
    value: sc && valueOr(sc, 'subcoolingF'),
    uncertainty: Math.hypot(off(r, 'liquidLineF'), off(r, 'liquidPsig') * LIQUID_F_PER_PSI),
    missing: scGone ?? (sc && !sc.ok ? sc.refused.message : undefined),
    target:
      valve && system.targetSubcoolingF !== undefined
        ? {
            value: system.targetSubcoolingF,
            low: system.targetSubcoolingF - schools.subcoolingToleranceF,
            high: system.targetSubcoolingF + schools.subcoolingToleranceF,
            source: TARGET_SOURCE_WORDS[system.targetSource],
          }
        : undefined,
    noTarget: valve ? 'no subcooling on the plate' : 'a fixed orifice is judged by superheat',
    working: [
      reading(r, 'liquidPsig'),
      station,
      { label: 'Bubble point', value: saturation.condensingF ?? Number.NaN, unit: '°F', note: 'equation of state' },
      reading(r, 'liquidLineF'),
    ],
    formula: 'bubble point − liquid line',
    source: 'Bubble point from the equation of state of the refrigerant',
    calculation: 'subcooling',
  });

  const orificeTarget = valve
    ? undefined
    : missingOf(r, ['returnWetBulbF', 'outdoorDryBulbF'])
      ? undefined
      : targetSuperheat({ indoorWetBulbF: v('returnWetBulbF'), outdoorDryBulbF: v('outdoorDryBulbF') });
  put({
    id: 'superheat',
    label: 'Superheat',
    unit: '°F',
    value: sh && valueOr(sh, 'superheatF'),
    uncertainty: Math.hypot(off(r, 'suctionLineF'), off(r, 'suctionPsig') * SUCTION_F_PER_PSI),
    missing: shGone ?? (sh && !sh.ok ? sh.refused.message : undefined),
    target: valve
      ? { value: 11, ...SANE.superheatValve, source: 'California Title 24 RA3.2, from memory: sane band at the unit' }
      : orificeTarget?.ok
        ? {
            value: orificeTarget.value.targetSuperheatF,
            low: orificeTarget.value.targetSuperheatF - schools.superheatToleranceF,
            high: orificeTarget.value.targetSuperheatF + schools.superheatToleranceF,
            source: 'from indoor wet bulb and outdoor dry bulb',
          }
        : undefined,
    noTarget:
      orificeTarget && !orificeTarget.ok ? orificeTarget.refused.message : 'needs return wet bulb and outdoor air',
    working: [
      reading(r, 'suctionLineF'),
      reading(r, 'suctionPsig'),
      station,
      { label: 'Dew point', value: saturation.evaporatingF ?? Number.NaN, unit: '°F', note: 'equation of state' },
    ],
    formula: 'suction line − dew point',
    source: 'Dew point from the equation of state of the refrigerant',
    calculation: 'superheat',
  });

  const splitGone = missingOf(r, ['returnDryBulbF', 'supplyDryBulbF']);
  const splitTarget = missingOf(r, ['returnDryBulbF', 'returnWetBulbF'])
    ? undefined
    : targetAirSplit({ returnDryBulbF: v('returnDryBulbF'), returnWetBulbF: v('returnWetBulbF') });
  put({
    id: 'air-split',
    label: 'Air split',
    unit: '°F',
    value: splitGone ? undefined : v('returnDryBulbF') - v('supplyDryBulbF'),
    uncertainty: Math.hypot(off(r, 'returnDryBulbF'), off(r, 'supplyDryBulbF')),
    missing: splitGone,
    target: splitTarget?.ok
      ? {
          value: splitTarget.value.targetSplitF,
          low: splitTarget.value.targetSplitF - schools.splitToleranceF,
          high: splitTarget.value.targetSplitF + schools.splitToleranceF,
          source: 'from return dry and wet bulb (Title 24 RA3.2-3, from memory)',
        }
      : undefined,
    noTarget:
      splitTarget && !splitTarget.ok ? `outside the table: ${splitTarget.refused.allowed}` : 'needs return wet bulb',
    working: [reading(r, 'returnDryBulbF'), reading(r, 'supplyDryBulbF'), reading(r, 'returnWetBulbF')],
    formula: 'return − supply dry bulb',
    source: 'Definition',
    calculation: 'target-air-split',
  });

  const expected = missingOf(r, ['outdoorDryBulbF'])
    ? undefined
    : expectedCompressorAmps({ rlaA: system.compressorRlaA, outdoorDryBulbF: v('outdoorDryBulbF') });
  put({
    id: 'compressor-amps',
    label: 'Compressor amps',
    unit: 'A',
    value: r.compressorA?.value,
    uncertainty: off(r, 'compressorA'),
    missing: missingOf(r, ['compressorA']),
    target: expected?.ok
      ? {
          value: expected.value.expectedA,
          low: expected.value.expectedA * 0.85,
          high: expected.value.expectedA * 1.15,
          source: 'expected at this outdoor air ± 15 % (design default; maker’s table wins)',
        }
      : undefined,
    noTarget: expected && !expected.ok ? expected.refused.allowed : 'needs outdoor air',
    working: [
      reading(r, 'compressorA'),
      { label: 'RLA (a limit, not a target)', value: system.compressorRlaA, unit: 'A', note: 'plate' },
      reading(r, 'outdoorDryBulbF'),
      reading(r, 'lineVolts'),
    ],
    formula: 'measured against RLA × (0.65 + 0.010 × (outdoor − 75))',
    source: 'Design default from the system model; RLA from the plate',
    calculation: 'expected-compressor-amps',
  });

  put({
    id: 'fan-amps',
    label: 'Outdoor fan amps',
    unit: 'A',
    value: r.outdoorFanA?.value,
    uncertainty: off(r, 'outdoorFanA'),
    missing: missingOf(r, ['outdoorFanA']),
    target: {
      value: system.outdoorFanFlaA,
      low: 0.05,
      high: system.outdoorFanFlaA,
      source: 'FLA on the plate is a limit',
    },
    working: [reading(r, 'outdoorFanA'), { label: 'FLA', value: system.outdoorFanFlaA, unit: 'A', note: 'plate' }],
    formula: 'measured against FLA',
    source: 'Plate',
  });

  const ctoaGone = missingOf(r, ['liquidPsig', 'outdoorDryBulbF']);
  const ctoa = ctoaGone
    ? undefined
    : condensingOverAmbient({
        refrigerant,
        liquidPsig: v('liquidPsig'),
        outdoorDryBulbF: v('outdoorDryBulbF'),
        barometerPsia,
      });
  put({
    id: 'condensing-over-ambient',
    label: 'Condensing over outdoor',
    unit: '°F',
    value: ctoa && valueOr(ctoa, 'condensingOverAmbientF'),
    uncertainty: Math.hypot(off(r, 'outdoorDryBulbF'), off(r, 'liquidPsig') * LIQUID_F_PER_PSI),
    missing: ctoaGone,
    target: { value: 20, ...SANE.condensing, source: SANE_SOURCE },
    working: [reading(r, 'liquidPsig'), station, reading(r, 'outdoorDryBulbF')],
    formula: 'bubble point − outdoor air',
    source: 'Definition',
    calculation: 'condensing-over-ambient',
  });

  const approachGone = missingOf(r, ['liquidLineF', 'outdoorDryBulbF']);
  const near = approachGone
    ? undefined
    : approach({ liquidLineF: v('liquidLineF'), outdoorDryBulbF: v('outdoorDryBulbF') });
  put({
    id: 'approach',
    label: 'Approach',
    unit: '°F',
    value: near && valueOr(near, 'approachF'),
    uncertainty: Math.hypot(off(r, 'liquidLineF'), off(r, 'outdoorDryBulbF')),
    missing: approachGone,
    target: { value: 8, ...SANE.approach, source: SANE_SOURCE },
    working: [reading(r, 'liquidLineF'), reading(r, 'outdoorDryBulbF')],
    formula: 'liquid line − outdoor air',
    source: 'Definition',
    calculation: 'approach',
  });

  const dtdGone = missingOf(r, ['suctionPsig', 'returnDryBulbF']);
  const dtd = dtdGone
    ? undefined
    : coilDifference({
        refrigerant,
        suctionPsig: v('suctionPsig'),
        returnDryBulbF: v('returnDryBulbF'),
        barometerPsia,
      });
  put({
    id: 'coil-difference',
    label: 'Coil difference',
    unit: '°F',
    value: dtd && valueOr(dtd, 'coilDifferenceF'),
    uncertainty: Math.hypot(off(r, 'returnDryBulbF'), off(r, 'suctionPsig') * SUCTION_F_PER_PSI),
    missing: dtdGone,
    target: { value: 35, ...SANE.coil, source: SANE_SOURCE },
    working: [reading(r, 'returnDryBulbF'), reading(r, 'suctionPsig'), station],
    formula: 'return air − dew point',
    source: 'Definition',
    calculation: 'coil-difference',
  });

  const ratioGone = missingOf(r, ['suctionPsig', 'liquidPsig']);
  const ratio = ratioGone
    ? undefined
    : compressionRatio({ suctionPsig: v('suctionPsig'), liquidPsig: v('liquidPsig'), barometerPsia });
  put({
    id: 'compression-ratio',
    label: 'Compression ratio',
    unit: ': 1',
    value: ratio && valueOr(ratio, 'compressionRatio'),
    missing: ratioGone,
    target: { value: 2.8, ...SANE.ratio, source: SANE_SOURCE },
    working: [reading(r, 'liquidPsig'), reading(r, 'suctionPsig'), station],
    formula: 'absolute liquid / absolute suction pressure',
    source: 'Definition',
    calculation: 'compression-ratio',
  });

  put({
    id: 'airflow-per-ton',
    label: 'Airflow',
    unit: 'CFM/ton',
    value: airflow && airflow.cfm / system.nominalTons,
    missing: airflow ? undefined : 'not measured',
    target: {
      value: CFM_PER_TON.nominal,
      low: CFM_PER_TON.low,
      high: CFM_PER_TON.high,
      source: 'common practice; maker’s range wins',
    },
    working: [
      {
        label: 'Airflow',
        value: airflow?.cfm ?? Number.NaN,
        unit: 'CFM',
        note: airflow ? `${airflow.method}, ${airflow.source}` : 'missing',
      },
      { label: 'Nominal size', value: system.nominalTons, unit: 'tons', note: 'plate' },
    ],
    formula: 'CFM / nominal tons',
    source: 'Definition',
  });

  return { byId, saturation };
}

/** Where a value stands against its target, in units of half the band; 0 at the target. */
export function missOf(figure: Figure): number {
  if (figure.value === undefined || !figure.target) return 0;
  const { value, low, high } = figure.target;
  const half = figure.value >= value ? high - value : value - low;
  return half > 0 ? (figure.value - value) / half : 0;
}
