import type { LibraryFields } from './library-item';
import { type Plate, plateSchema } from './plate';

/** A packaged unit has no line set: its plate carries these and nothing reads them. */
const SEALED_LINE = { liquidOdIn: 0.375, vaporOdIn: 0.75 } as const;

export type LineFound = { liquidLineOdIn?: number; vaporLineOdIn?: number; lineLengthFt?: number };

/** What the library says; what it does not know is left off the plate. */
const told = (known: Partial<Plate>): Partial<Plate> =>
  Object.fromEntries(Object.entries(known).filter(([, v]) => v !== null && v !== undefined && v !== ''));

/** The plate of the new unit from the library and the surveyed line set, so that nothing is typed twice; null when it lacks a figure. */
export function plateFromLibrary(item: LibraryFields, line: LineFound): Plate | null {
  const packaged = item.kind === 'package';
  const checked = plateSchema.safeParse({
    maker: item.maker,
    model: item.model,
    serial: null,
    refrigerant: item.refrigerant,
    metering: item.metering ?? 'txv',
    heatPump: item.heatPump,
    inverter: item.stages === 'variable',
    ...(packaged ? { packaged: true } : {}),
    nominalTons: item.tons,
    plateVolts: item.volts,
    phases: item.phases,
    stages: item.stages,
    ...told({
      compressorLraA: item.lraA,
      lowestOutdoorF: item.lowestF,
      soundPowerDb: item.soundDb,
      liquidSizes: packaged ? null : item.liquidSizes,
      vaporSizes: packaged ? null : item.vaporSizes,
      makerChart: item.stages === 'variable' ? item.makerChart : null,
      bookPage: item.bookPage,
      orificeStamp: item.metering === 'fixed-orifice' ? item.orificeStamp : null,
    }),
    compressorRlaA: item.rlaA,
    outdoorFanFlaA: item.fanFlaA,
    factoryChargeOz: item.factoryChargeOz,
    includedLineFt: packaged ? 0 : (item.includedLineFt ?? 0),
    unitState: 'factory-held',
    liquidLineOdIn: packaged ? SEALED_LINE.liquidOdIn : (line.liquidLineOdIn ?? item.liquidOdIn),
    vaporLineOdIn: packaged ? SEALED_LINE.vaporOdIn : (line.vaporLineOdIn ?? item.vaporOdIn),
    lineLengthFt: packaged ? 0 : (line.lineLengthFt ?? null),
    makerOzPerFt: null,
    drierOz: 0,
    coilOz: 0,
    targetSubcoolingF: item.targetSubcoolingF,
    targetSource: 'plate',
  });
  return checked.success ? checked.data : null;
}
