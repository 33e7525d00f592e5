import { z } from 'zod';
import { ACR_INSIDE_IN, ACR_SIZES } from '@/core/circuit/acr-tube';
import { sizesField } from '@/core/circuit/line/allowed-sizes';
import { chartField } from '@/core/equipment/chart/chart-field';
import { tell } from '@/core/equipment/words';
import { allows, REFUSED, YES_OR_NO } from '@/core/finding/allow';
import { chars, num, oneOf } from '@/core/finding/quantity-field';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import type { Said } from '@/core/words/said';

export const EQUIPMENT_KINDS = [
  'outdoor',
  'air-handler',
  'coil',
  'furnace',
  'package',
  'heater-kit',
  'thermostat',
  'economizer',
  'soft-starter',
] as const;
/** What goes into or onto a unit: no place of its own is measured for it. */
export const ACCESSORIES: readonly string[] = ['heater-kit', 'thermostat', 'economizer', 'soft-starter'];
export type EquipmentKind = (typeof EQUIPMENT_KINDS)[number];
export const EQUIPMENT_KIND_WORDS: Record<EquipmentKind, Said> = {
  outdoor: tell('equipment.outdoor-unit'),
  'air-handler': tell('equipment.air-handler'),
  coil: tell('equipment.cased-coil'),
  furnace: tell('equipment.furnace'),
  package: tell('equipment.packaged-unit'),
  'heater-kit': tell('equipment.heater-kit'),
  thermostat: tell('equipment.thermostat'),
  economizer: tell('equipment.economizer'),
  'soft-starter': tell('equipment.soft-starter'),
};

/** The same as headings of lists. */
export const EQUIPMENT_KINDS_WORDS: Record<EquipmentKind, Said> = {
  outdoor: tell('equipment.outdoor-units'),
  'air-handler': tell('equipment.air-handlers'),
  coil: tell('equipment.cased-coils'),
  furnace: tell('equipment.furnaces'),
  package: tell('equipment.packaged-units'),
  'heater-kit': tell('equipment.heater-kits'),
  thermostat: tell('equipment.thermostats'),
  economizer: tell('equipment.economizers'),
  'soft-starter': tell('equipment.soft-starters'),
};

const od = z
  .number()
  .refine((v) => ACR_INSIDE_IN.has(v), REFUSED.tubeSize)
  .meta(allows(ACR_SIZES));
const size = num(4, 400, 'in');
const name = chars(1, 80);
const yesNo = z.boolean().meta(YES_OR_NO);
const note = (most: number) => chars(0, most).nullable().optional();

/** One piece of equipment that may be ordered: the figures that charge, fit, power and scope need. */
export const libraryItemSchema = z
  .strictObject({
    kind: oneOf(EQUIPMENT_KINDS),
    maker: name,
    model: name,
    tons: num(0.75, 50, 'tons').nullable(),
    refrigerant: oneOf(REFRIGERANTS).nullable(),
    metering: oneOf(['txv', 'eev', 'fixed-orifice']).nullable(),
    stages: oneOf(['single', 'two', 'variable']),
    heatPump: yesNo,
    controls: oneOf(['24v', 'communicating', 'either']),
    conductors: num(2, 18, 'wires'),
    widthIn: size.nullable(),
    depthIn: size.nullable(),
    heightIn: size.nullable(),
    weightLb: num(5, 10000, 'lb, with packaging').nullable(),
    volts: oneOf(['120', '208/230', '240', '208', '460']),
    phases: oneOf(['1', '3']),
    mcaA: num(1, 600, 'A').nullable(),
    mocpA: num(5, 800, 'A').nullable(),
    rlaA: num(1, 300, 'A').nullable(),
    fanFlaA: num(0.1, 60, 'A').nullable(),
    factoryChargeOz: num(1, 4000, 'oz').nullable(),
    includedLineFt: num(0, 100, 'ft').nullable(),
    liquidOdIn: od.nullable(),
    vaporOdIn: od.nullable(),
    longestLineFt: num(10, 400, 'ft').nullable(),
    targetSubcoolingF: num(1, 40, '°F').nullable(),
    driers: oneOf(['none', 'shipped', 'built in']),
    maxEspInWc: num(0.05, 3, 'in. w.c.').nullable(),
    minCfm: num(50, 20000, 'CFM').nullable(),
    supplyWidthIn: size.nullable(),
    supplyDepthIn: size.nullable(),
    returnWidthIn: size.nullable(),
    returnDepthIn: size.nullable(),
    outputBtuh: num(3000, 1000000, 'Btu/h').nullable(),
    riseLowF: num(5, 120, '°F').nullable(),
    riseHighF: num(5, 120, '°F').nullable(),
    capacity47Btuh: num(3000, 500000, 'Btu/h').nullable(),
    capacity17Btuh: num(1000, 500000, 'Btu/h').nullable(),
    a2lListed: yesNo,
    /** Asked since later: an older item has none of these. */
    liquidSizes: sizesField.nullable().optional(),
    vaporSizes: sizesField.nullable().optional(),
    orificeStamp: note(20),
    lraA: num(1, 1500, 'A').nullable().optional(),
    circuits: num(1, 4, 'circuits').nullable().optional(),
    lowestF: num(-40, 75, '°F').nullable().optional(),
    soundDb: num(30, 110, 'dB of sound power').nullable().optional(),
    inputBtuh: num(3000, 1500000, 'Btu/h').nullable().optional(),
    altitudeFt: num(0, 15000, 'ft').nullable().optional(),
    makerChart: chartField.nullable().optional(),
    bookPage: note(120),
    /** Electric heat of a kit or an air handler. */
    heaterKw: num(0.5, 100, 'kW').nullable().optional(),
    heatStages: num(0, 4, 'stages').nullable().optional(),
    coolStages: num(0, 4, 'stages').nullable().optional(),
    /** Models that an accessory fits, as its maker lists them. */
    fits: note(200),
    /** The pan of a coil stands the heat over an oil furnace. */
    panHot: yesNo.nullable().optional(),
    /** What the company sells it for, before tax. */
    price: num(0, 1_000_000, '').nullable().optional(),
    cop47: num(1, 8, '').nullable().optional(),
    cop17: num(1, 8, '').nullable().optional(),
    outsideAirCfm: num(10, 20000, 'CFM').nullable().optional(),
  })
  .superRefine((item, context) => {
    // Whatever is set somewhere has a size; an accessory may go without.
    if (ACCESSORIES.includes(item.kind)) return;
    for (const path of ['widthIn', 'depthIn', 'heightIn', 'weightLb'] as const)
      if (item[path] === null) context.addIssue({ code: 'custom', path: [path], message: REFUSED.missing });
  });
export type LibraryFields = z.infer<typeof libraryItemSchema>;
export type LibraryItem = LibraryFields & { id: string; version: number };

/** Listing of an outdoor with an indoor unit: data that the company enters from its makers' listings. */
export const matchedPairSchema = z.strictObject({
  outdoorModel: name,
  indoorModel: name,
  reference: chars(1, 40),
  coolingBtuh: num(3000, 1000000, 'Btu/h'),
});
export type MatchedPair = z.infer<typeof matchedPairSchema>;

/** Groups of refrigerants by safety class (ASHRAE 34, from memory). */
export const MILDLY_FLAMMABLE: readonly string[] = ['R-32', 'R-454B'];
