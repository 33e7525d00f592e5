import { tell } from '@/core/equipment/words';
import { q, type Said } from '@/core/words/said';
import type { Plate } from './plate';

/** A plate that can be typed but is odd: said beside the field, never refused. */
export type PlateWarning = { field: keyof Plate; say: Said };

/** Factory charge of ordinary split systems lies between about 1 and 5 lb a ton (common practice). */
const OZ_PER_TON = { low: 16, high: 80 };
/** RLA of single-phase compressors lies between about 3 and 9 A a ton (common practice). */
const RLA_PER_TON = { low: 3, high: 9 };

/** A compressor draws this many times its RLA when it starts (common practice; inverters less). */
const LRA_PER_RLA = { low: 1, high: 9 } as const;

export function plateWarnings(p: Plate): PlateWarning[] {
  const out: PlateWarning[] = [];
  const perTon = p.factoryChargeOz / p.nominalTons;
  if (perTon < OZ_PER_TON.low || perTon > OZ_PER_TON.high) {
    out.push({
      field: 'factoryChargeOz',
      say: tell('equipment.ton-is-unusual-pounds-typed-as', {
        perTon: q(perTon, 'oz', 0),
        low: OZ_PER_TON.low,
        high: OZ_PER_TON.high,
      }),
    });
  }
  const amps = p.compressorRlaA / p.nominalTons;
  if (p.plateVolts !== '460' && (amps < RLA_PER_TON.low || amps > RLA_PER_TON.high)) {
    out.push({ field: 'compressorRlaA', say: tell('equipment.ton-is-unusual-rla-not-lra', { amps: q(amps, 'A') }) });
  }
  const starts = p.compressorLraA ? p.compressorLraA / p.compressorRlaA : undefined;
  if (starts !== undefined && (starts < LRA_PER_RLA.low || starts > LRA_PER_RLA.high))
    out.push({
      field: 'compressorLraA',
      say: tell('equipment.lra-is-unusual-times-rla', {
        starts: q(starts, 'number', 1),
        low: LRA_PER_RLA.low,
        high: LRA_PER_RLA.high,
      }),
    });
  if (p.stages !== undefined && p.inverter !== (p.stages === 'variable'))
    out.push({ field: 'stages', say: tell('equipment.stages-and-inverter-differ') });
  if (p.metering !== 'fixed-orifice' && p.targetSubcoolingF === null) {
    out.push({
      field: 'targetSubcoolingF',
      say: tell('equipment.without-target-charge-can-never-be'),
    });
  }
  if (p.targetSource === 'technician' && p.targetSubcoolingF !== null) {
    out.push({
      field: 'targetSource',
      say: tell('equipment.technicians-own-target-can-never-give'),
    });
  }
  if (p.lineLengthFt === null) {
    out.push({
      field: 'lineLengthFt',
      say: tell('equipment.unknown-length-weigh-in-holds-back'),
    });
  }
  return out;
}
