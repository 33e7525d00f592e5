import { dischargeF, efficiencyAt, MIDDLE, VOLUMETRIC_FALL } from '@/core/plant/unit/design';
import { idealWork } from '@/core/plant/unit/gas';
import { bubbleF, dewF } from '@/core/refrigerant/lookup';
import { superheatedVapour } from '@/core/refrigerant/superheated-vapour';
import { CFM_PER_TON } from '@/core/startup/airflow';
import { BTUH_PER_W } from '@/core/units/units';
import { type Air, expectedOf, type Plate } from './expected';

/** What was read on the running system, with the air it stands in. */
export type Seen = Air & {
  supplyDryBulbF: number;
  suctionPsig: number;
  liquidPsig: number;
  suctionLineF: number;
  liquidLineF: number;
  dischargeLineF?: number | undefined;
  compressorA: number;
  airflowCfm?: number | undefined;
};

/** Differences from what is expected, each in its own unit; the order is that of the signatures. */
export const FEATURES = [
  'subcoolingF',
  'superheatF',
  'condensingOverF',
  'evaporatingF',
  'splitF',
  'loadPct',
  'pumpedPct',
  'wetBulbDepressionF',
  'dischargeF',
  'airflowPct',
] as const;
export type Feature = (typeof FEATURES)[number];
export type Features = Record<Feature, number | undefined>;

const percentOver = (a: number, b: number): number => 100 * Math.log(a / b);
/** A superheat beyond this is as good as dry: more of it says nothing more. */
const DRY_F = 35;
/** A shell cools the gas by about this before the clamp (common practice), °F. */
const SHELL_LOSS_F = 4;

/** Differences of a reading from the expected; undefined where saturation is undefined at a pressure that was read. */
export function featuresOf(plate: Plate, seen: Seen): Features | undefined {
  const r = plate.refrigerant;
  const te = dewF(r, seen.suctionPsig + seen.barometerPsia);
  const tc = bubbleF(r, seen.liquidPsig + seen.barometerPsia);
  const expected = expectedOf(plate, seen);
  if (!expected || !Number.isFinite(te) || !Number.isFinite(tc)) return undefined;
  const e = expected.steady;
  const teWanted = dewF(r, e.suctionPsia);
  const tcWanted = bubbleF(r, e.liquidPsia);
  const superheat = Math.max(-8, Math.min(DRY_F, seen.suctionLineF - te));
  const suctionPsia = seen.suctionPsig + seen.barometerPsia;
  const ratio = Math.max(1.05, (seen.liquidPsig + seen.barometerPsia + MIDDLE.dischargeLossPsi) / suctionPsia);
  // What the compressor would draw at these very pressures, over what is expected of it.
  const line = superheatedVapour(r, te, Math.max(0, superheat));
  const ideal = idealWork(r, suctionPsia, line.lbFt3, ratio);
  const efficiency = efficiencyAt(MIDDLE.isentropic, ratio);
  const work = (line.lbFt3 * ideal * (1 - (VOLUMETRIC_FALL / MIDDLE.volumetric) * (ratio - 1))) / efficiency;
  const share = (expected.unit.displacementFt3H * work) / BTUH_PER_W / expected.unit.ratedAmpsW;
  const amps = seen.compressorA / (plate.ratedLoadA * MIDDLE.loadShare);
  return {
    subcoolingF: tc - seen.liquidLineF - (plate.targetSubcoolF ?? MIDDLE.subcoolingF),
    superheatF: superheat - Math.min(DRY_F, e.suctionLineF - teWanted),
    condensingOverF: tc - seen.outdoorF - (tcWanted - seen.outdoorF),
    evaporatingF: te - teWanted,
    splitF: seen.returnDryBulbF - seen.supplyDryBulbF - (seen.returnDryBulbF - e.supplyDryBulbF),
    loadPct: percentOver(amps, e.load),
    pumpedPct: percentOver(amps, share),
    wetBulbDepressionF: Math.min(4, seen.returnDryBulbF - seen.returnWetBulbF),
    dischargeF:
      seen.dischargeLineF === undefined
        ? undefined
        : seen.dischargeLineF + SHELL_LOSS_F - dischargeF(r, te + Math.max(0, superheat), ratio, ideal, efficiency),
    airflowPct:
      seen.airflowCfm === undefined ? undefined : percentOver(seen.airflowCfm, plate.nominalTons * CFM_PER_TON.nominal),
  };
}
