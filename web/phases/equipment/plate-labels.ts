import type { Plate } from '@/core/equipment/plate';
import type { Said } from '@/core/words/said';
import { tell } from '@/web/words/tell';

/** What each field of the plate is called, on the form and where two versions of it are compared. */
export const PLATE_LABELS: Record<keyof Plate, Said> = {
  maker: tell('web.maker'),
  model: tell('web.model'),
  serial: tell('web.serial'),
  refrigerant: tell('web.refrigerant'),
  metering: tell('web.metering-device'),
  heatPump: tell('web.heat-pump'),
  inverter: tell('web.inverter-2'),
  packaged: tell('web.built-as'),
  nominalTons: tell('web.nominal-size'),
  plateVolts: tell('web.plate-voltage'),
  compressorRlaA: tell('web.compressor-rla'),
  outdoorFanFlaA: tell('web.outdoor-fan-fla'),
  factoryChargeOz: tell('web.factory-charge'),
  includedLineFt: tell('web.line-length-it-includes'),
  unitState: tell('web.what-is-in-unit-before-weighing'),
  liquidLineOdIn: tell('web.liquid-line-od-in'),
  vaporLineOdIn: tell('web.vapor-line-od-in'),
  lineLengthFt: tell('web.line-length-one-way'),
  makerOzPerFt: tell('web.makers-adder'),
  drierOz: tell('web.drier-adder'),
  coilOz: tell('web.indoor-coil-adder'),
  targetSubcoolingF: tell('web.target-subcooling'),
  targetSource: tell('web.target-comes-from'),
  orificeStamp: tell('web.orifice-listed'),
  phases: tell('web.phases-of-power'),
  stages: tell('web.stages'),
  compressorLraA: tell('web.compressor-lra'),
  lowestOutdoorF: tell('web.cools-down-to'),
  soundPowerDb: tell('web.sound-power-of-unit'),
  liquidSizes: tell('web.liquid-sizes-its-table-allows'),
  vaporSizes: tell('web.vapor-sizes-its-table-allows'),
  bookPage: tell('web.makers-book-and-page'),
};
