import type { Plate } from './plate';

/** A plate that can be typed but is odd: said beside the field, never refused. */
export type PlateWarning = { field: keyof Plate; say: string };

/** Factory charge of ordinary split systems lies between about 1 and 5 lb a ton (common practice). */
const OZ_PER_TON = { low: 16, high: 80 };
/** RLA of single-phase compressors lies between about 3 and 9 A a ton (common practice). */
const RLA_PER_TON = { low: 3, high: 9 };

export function plateWarnings(p: Plate): PlateWarning[] {
  const out: PlateWarning[] = [];
  const perTon = p.factoryChargeOz / p.nominalTons;
  if (perTon < OZ_PER_TON.low || perTon > OZ_PER_TON.high) {
    out.push({
      field: 'factoryChargeOz',
      say: `${perTon.toFixed(0)} oz a ton is unusual (${OZ_PER_TON.low}–${OZ_PER_TON.high}). Pounds typed as ounces?`,
    });
  }
  const amps = p.compressorRlaA / p.nominalTons;
  if (p.plateVolts !== '460' && (amps < RLA_PER_TON.low || amps > RLA_PER_TON.high)) {
    out.push({ field: 'compressorRlaA', say: `${amps.toFixed(1)} A a ton is unusual. RLA, not LRA or MCA?` });
  }
  if (p.metering !== 'fixed-orifice' && p.targetSubcoolingF === null) {
    out.push({
      field: 'targetSubcoolingF',
      say: 'Without a target the charge can never be proven: look on the plate or in the maker’s table.',
    });
  }
  if (p.targetSource === 'technician' && p.targetSubcoolingF !== null) {
    out.push({
      field: 'targetSource',
      say: 'A technician’s own target can never give a good verdict, only not proven.',
    });
  }
  if (p.lineLengthFt === null) {
    out.push({
      field: 'lineLengthFt',
      say: 'Unknown length: the weigh-in holds back and the start-up trims in small steps.',
    });
  }
  return out;
}
