import type { Outcome } from '@/core/finding/outcome';
import { subcooling, superheat } from '@/core/refrigerant/saturation-calculations';
import { tell } from '@/core/startup/words';
import { CFM_PER_TON } from './airflow';
import {
  approach,
  coilDifference,
  compressionRatio,
  condensingOverAmbient,
  expectedCompressorAmps,
} from './circuit-figures';
import {
  airflowLine,
  type Figure,
  type FigureId,
  type Figures,
  missingOf,
  reading,
  type Saturations,
  type WorkingLine,
} from './figure';
import { heatingFigureSet } from './heating-figures';
import { offAt, readsLowF } from './probe-place';
import { QUANTITIES, type Quantity, type Readings } from './quantities';
import { type Airflow, type StartUpSchools, type StartUpSystem, TARGET_SOURCE_WORDS } from './system';
import { targetAirSplit } from './target-split';
import { targetSuperheat } from './target-superheat';

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
const SANE_SOURCE = tell('startup.common-practice-sane-band-not-target');

function valueOr<T extends Record<string, unknown>, K extends keyof T>(
  outcome: Outcome<T>,
  key: K,
): number | undefined {
  return outcome.ok ? (outcome.value[key] as number) : undefined;
}

const off = (r: Readings, q: Quantity): number => offAt(r[q]?.uncertainty ?? QUANTITIES[q].uncertainty, r[q]?.place);

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
    label: tell('startup.station-pressure'),
    value: barometerPsia,
    unit: 'psia',
    note: tell('startup.from-elevation'),
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
    label: tell('startup.subcooling-2'),
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
            ...(system.targetSource === 'technician' ? { technician: true as const } : {}),
          }
        : undefined,
    noTarget: valve ? tell('startup.no-subcooling-on-plate') : tell('startup.fixed-orifice-is-judged-by-superheat'),
    working: [
      reading(r, 'liquidPsig'),
      station,
      {
        label: tell('startup.bubble-point'),
        value: saturation.condensingF ?? Number.NaN,
        unit: '°F',
        note: tell('startup.equation-of-state'),
      },
      reading(r, 'liquidLineF'),
    ],
    formula: tell('startup.bubble-point-liquid-line'),
    source: tell('startup.bubble-point-from-equation-of-state'),
    calculation: 'subcooling',
  });

  const orificeTarget = valve
    ? undefined
    : missingOf(r, ['returnWetBulbF', 'outdoorDryBulbF'])
      ? undefined
      : targetSuperheat({ indoorWetBulbF: v('returnWetBulbF'), outdoorDryBulbF: v('outdoorDryBulbF') });
  put({
    id: 'superheat',
    label: tell('startup.superheat-2'),
    unit: '°F',
    value: sh && valueOr(sh, 'superheatF'),
    uncertainty: Math.hypot(off(r, 'suctionLineF'), off(r, 'suctionPsig') * SUCTION_F_PER_PSI),
    missing: shGone ?? (sh && !sh.ok ? sh.refused.message : undefined),
    target: valve
      ? { value: 11, ...SANE.superheatValve, source: tell('startup.california-title-24-ra3-2-from') }
      : orificeTarget?.ok
        ? {
            value: orificeTarget.value.targetSuperheatF,
            low: orificeTarget.value.targetSuperheatF - schools.superheatToleranceF,
            high: orificeTarget.value.targetSuperheatF + schools.superheatToleranceF,
            source: tell('startup.from-indoor-wet-bulb-and-outdoor'),
          }
        : undefined,
    noTarget:
      orificeTarget && !orificeTarget.ok
        ? orificeTarget.refused.message
        : tell('startup.needs-return-wet-bulb-and-outdoor'),
    working: [
      reading(r, 'suctionLineF'),
      reading(r, 'suctionPsig'),
      station,
      {
        label: tell('startup.dew-point'),
        value: saturation.evaporatingF ?? Number.NaN,
        unit: '°F',
        note: tell('startup.equation-of-state'),
      },
    ],
    formula: tell('startup.suction-line-dew-point'),
    source: tell('startup.dew-point-from-equation-of-state'),
    calculation: 'superheat',
  });

  const splitGone = missingOf(r, ['returnDryBulbF', 'supplyDryBulbF']);
  const splitTarget = missingOf(r, ['returnDryBulbF', 'returnWetBulbF'])
    ? undefined
    : targetAirSplit({ returnDryBulbF: v('returnDryBulbF'), returnWetBulbF: v('returnWetBulbF') });
  put({
    id: 'air-split',
    label: tell('startup.air-split'),
    unit: '°F',
    value: splitGone ? undefined : v('returnDryBulbF') - v('supplyDryBulbF'),
    uncertainty: Math.hypot(off(r, 'returnDryBulbF'), off(r, 'supplyDryBulbF')),
    readsLow: readsLowF(r),
    missing: splitGone,
    target: splitTarget?.ok
      ? {
          value: splitTarget.value.targetSplitF,
          low: splitTarget.value.targetSplitF - schools.splitToleranceF,
          high: splitTarget.value.targetSplitF + schools.splitToleranceF,
          source: tell('startup.from-return-dry-and-wet-bulb'),
        }
      : undefined,
    noTarget:
      splitTarget && !splitTarget.ok
        ? tell('startup.outside-table', { allowed: splitTarget.refused.allowed })
        : tell('startup.needs-return-wet-bulb'),
    working: [reading(r, 'returnDryBulbF'), reading(r, 'supplyDryBulbF'), reading(r, 'returnWetBulbF')],
    formula: tell('startup.return-supply-dry-bulb'),
    source: tell('startup.definition'),
    calculation: 'target-air-split',
  });

  const expected = missingOf(r, ['outdoorDryBulbF'])
    ? undefined
    : expectedCompressorAmps({ rlaA: system.compressorRlaA, outdoorDryBulbF: v('outdoorDryBulbF') });
  put({
    id: 'compressor-amps',
    label: tell('startup.compressor-amps'),
    unit: 'A',
    value: r.compressorA?.value,
    uncertainty: off(r, 'compressorA'),
    missing: missingOf(r, ['compressorA']),
    target: expected?.ok
      ? {
          value: expected.value.expectedA,
          low: expected.value.expectedA * 0.85,
          high: expected.value.expectedA * 1.15,
          source: tell('startup.expected-at-this-outdoor-air-15'),
        }
      : undefined,
    noTarget: expected && !expected.ok ? expected.refused.message : tell('startup.needs-outdoor-air'),
    working: [
      reading(r, 'compressorA'),
      {
        label: tell('startup.rla-limit-not-target'),
        value: system.compressorRlaA,
        unit: 'A',
        note: tell('startup.plate'),
      },
      reading(r, 'outdoorDryBulbF'),
      reading(r, 'lineVolts'),
    ],
    formula: tell('startup.measured-against-rla-0-65-0'),
    source: tell('startup.design-default-from-system-model-rla'),
    calculation: 'expected-compressor-amps',
  });

  put({
    id: 'fan-amps',
    label: tell('startup.outdoor-fan-amps'),
    unit: 'A',
    value: r.outdoorFanA?.value,
    uncertainty: off(r, 'outdoorFanA'),
    missing: missingOf(r, ['outdoorFanA']),
    target: {
      value: system.outdoorFanFlaA,
      low: 0.05,
      high: system.outdoorFanFlaA,
      source: tell('startup.fla-on-plate-is-limit'),
    },
    working: [
      reading(r, 'outdoorFanA'),
      { label: tell('startup.fla'), value: system.outdoorFanFlaA, unit: 'A', note: tell('startup.plate') },
    ],
    formula: tell('startup.measured-against-fla'),
    source: tell('startup.plate-2'),
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
    label: tell('startup.condensing-over-outdoor'),
    unit: '°F',
    value: ctoa && valueOr(ctoa, 'condensingOverAmbientF'),
    uncertainty: Math.hypot(off(r, 'outdoorDryBulbF'), off(r, 'liquidPsig') * LIQUID_F_PER_PSI),
    missing: ctoaGone,
    target: { value: 20, ...SANE.condensing, source: SANE_SOURCE },
    working: [reading(r, 'liquidPsig'), station, reading(r, 'outdoorDryBulbF')],
    formula: tell('startup.bubble-point-outdoor-air'),
    source: tell('startup.definition'),
    calculation: 'condensing-over-ambient',
  });

  const approachGone = missingOf(r, ['liquidLineF', 'outdoorDryBulbF']);
  const near = approachGone
    ? undefined
    : approach({ liquidLineF: v('liquidLineF'), outdoorDryBulbF: v('outdoorDryBulbF') });
  put({
    id: 'approach',
    label: tell('startup.approach'),
    unit: '°F',
    value: near && valueOr(near, 'approachF'),
    uncertainty: Math.hypot(off(r, 'liquidLineF'), off(r, 'outdoorDryBulbF')),
    missing: approachGone,
    target: { value: 8, ...SANE.approach, source: SANE_SOURCE },
    working: [reading(r, 'liquidLineF'), reading(r, 'outdoorDryBulbF')],
    formula: tell('startup.liquid-line-outdoor-air'),
    source: tell('startup.definition'),
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
    label: tell('startup.coil-difference'),
    unit: '°F',
    value: dtd && valueOr(dtd, 'coilDifferenceF'),
    uncertainty: Math.hypot(off(r, 'returnDryBulbF'), off(r, 'suctionPsig') * SUCTION_F_PER_PSI),
    missing: dtdGone,
    target: { value: 35, ...SANE.coil, source: SANE_SOURCE },
    working: [reading(r, 'returnDryBulbF'), reading(r, 'suctionPsig'), station],
    formula: tell('startup.return-air-dew-point'),
    source: tell('startup.definition'),
    calculation: 'coil-difference',
  });

  const ratioGone = missingOf(r, ['suctionPsig', 'liquidPsig']);
  const ratio = ratioGone
    ? undefined
    : compressionRatio({ suctionPsig: v('suctionPsig'), liquidPsig: v('liquidPsig'), barometerPsia });
  put({
    id: 'compression-ratio',
    label: tell('startup.compression-ratio'),
    unit: ': 1',
    value: ratio && valueOr(ratio, 'compressionRatio'),
    missing: ratioGone,
    target: { value: 2.8, ...SANE.ratio, source: SANE_SOURCE },
    working: [reading(r, 'liquidPsig'), reading(r, 'suctionPsig'), station],
    formula: tell('startup.absolute-liquid-absolute-suction-pressure'),
    source: tell('startup.definition'),
    calculation: 'compression-ratio',
  });

  put({
    id: 'airflow-per-ton',
    label: tell('startup.airflow'),
    unit: 'CFM/ton',
    value: airflow && airflow.cfm / system.nominalTons,
    missing: airflow ? undefined : tell('startup.not-measured'),
    target: {
      value: CFM_PER_TON.nominal,
      low: CFM_PER_TON.low,
      high: CFM_PER_TON.high,
      source: tell('startup.common-practice-makers-range-wins'),
    },
    working: [
      airflowLine(airflow),
      { label: tell('startup.nominal-size'), value: system.nominalTons, unit: 'tons', note: tell('startup.plate') },
    ],
    formula: tell('startup.cfm-nominal-tons'),
    source: tell('startup.definition'),
  });

  for (const figure of heatingFigureSet(system, r, airflow, saturation.evaporatingF)) put(figure);
  return { byId, saturation };
}
