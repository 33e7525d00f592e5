import { z } from 'zod';
import { ACR_INSIDE_IN, ACR_SIZES } from '@/core/circuit/acr-tube';
import { sizesField } from '@/core/circuit/line/allowed-sizes';
import { UNIT_STATES } from '@/core/circuit/total-charge';
import { chartField } from '@/core/equipment/chart/chart-field';
import { tell } from '@/core/equipment/words';
import { allows, REFUSED } from '@/core/finding/allow';
import { chars, num, oneOf, yesNo } from '@/core/finding/quantity-field';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';

const od = z
  .number()
  .refine((v) => ACR_INSIDE_IN.has(v), REFUSED.tubeSize)
  .meta(allows(ACR_SIZES));

/** What is read off the plate and the line set, once, for one refrigerant circuit. */
export const plateSchema = z
  .strictObject({
    maker: chars(1, 80),
    model: chars(1, 80),
    serial: chars(0, 80).nullable(),
    refrigerant: oneOf(REFRIGERANTS),
    metering: oneOf(['txv', 'eev', 'fixed-orifice']),
    heatPump: yesNo,
    inverter: yesNo,
    /** Everything in one sealed cabinet: no line set, no field charge. */
    packaged: yesNo.optional(),
    nominalTons: num(0.75, 25, 'tons'),
    plateVolts: oneOf(['120', '208/230', '240', '208', '460']),
    compressorRlaA: num(1, 200, 'A'),
    outdoorFanFlaA: num(0.1, 30, 'A'),
    factoryChargeOz: num(1, 2000, 'oz'),
    includedLineFt: num(0, 100, 'ft'),
    unitState: z.enum(UNIT_STATES).describe(UNIT_STATES.join(', ')),
    liquidLineOdIn: od,
    vaporLineOdIn: od,
    lineLengthFt: num(0, 400, 'ft').nullable(),
    makerOzPerFt: num(0.01, 5, 'oz/ft').nullable(),
    drierOz: num(0, 64, 'oz'),
    coilOz: num(-200, 400, 'oz'),
    targetSubcoolingF: num(1, 40, '°F').nullable(),
    targetSource: oneOf(['plate', 'maker', 'technician']),
    /** The size of the fixed orifice that the outdoor unit lists; not asked of older plates. */
    orificeStamp: chars(0, 20).nullable().optional(),
    /** Asked since later, and not of every plate: an older one has none of these. */
    phases: oneOf(['1', '3']).optional(),
    stages: oneOf(['single', 'two', 'variable']).optional(),
    compressorLraA: num(1, 1500, 'A').nullable().optional(),
    lowestOutdoorF: num(-40, 75, '°F').nullable().optional(),
    soundPowerDb: num(30, 110, 'dB of sound power').nullable().optional(),
    liquidSizes: sizesField.nullable().optional(),
    vaporSizes: sizesField.nullable().optional(),
    /** What the gauges must show in the test mode of an inverter, by outdoor and indoor air and speed. */
    makerChart: chartField.nullable().optional(),
    bookPage: chars(0, 120).nullable().optional(),
  })
  .refine((p) => p.vaporLineOdIn > p.liquidLineOdIn, {
    path: ['vaporLineOdIn'],
    message: REFUSED.vaporLine,
  });

export const METERING_WORDS = { txv: 'TXV', eev: 'EEV', 'fixed-orifice': tell('equipment.fixed-orifice') } as const;

export type Plate = z.infer<typeof plateSchema>;
