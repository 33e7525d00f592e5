import type { LibraryFields } from './library-item';
import { type Plate, plateSchema } from './plate';

export type LineFound = { liquidLineOdIn?: number; vaporLineOdIn?: number; lineLengthFt?: number };

/** The plate of the new unit from the library and the surveyed line set, so that nothing is typed twice; null when it lacks a figure. */
export function plateFromLibrary(item: LibraryFields, line: LineFound): Plate | null {
  const volts = item.volts === '120' ? '208/230' : item.volts;
  const checked = plateSchema.safeParse({
    maker: item.maker,
    model: item.model,
    serial: null,
    refrigerant: item.refrigerant,
    metering: item.metering ?? 'txv',
    heatPump: item.heatPump,
    inverter: item.stages === 'variable',
    nominalTons: item.tons,
    plateVolts: volts,
    compressorRlaA: item.rlaA,
    outdoorFanFlaA: item.fanFlaA,
    factoryChargeOz: item.factoryChargeOz,
    includedLineFt: item.includedLineFt ?? 0,
    unitState: 'factory-held',
    liquidLineOdIn: line.liquidLineOdIn ?? item.liquidOdIn,
    vaporLineOdIn: line.vaporLineOdIn ?? item.vaporOdIn,
    lineLengthFt: line.lineLengthFt ?? null,
    makerOzPerFt: null,
    drierOz: 0,
    coilOz: 0,
    targetSubcoolingF: item.targetSubcoolingF,
    targetSource: 'plate',
  });
  return checked.success ? checked.data : null;
}
