import { z } from 'zod';
import { ACR_INSIDE_IN, ACR_SIZES } from '@/core/circuit/acr-tube';
import { tell } from '@/core/equipment/words';
import { allows, characters, REFUSED, YES_OR_NO } from '@/core/finding/allow';
import { num, oneOf } from '@/core/finding/quantity-field';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import type { Said } from '@/core/words/said';

export const EQUIPMENT_KINDS = ['outdoor', 'air-handler', 'coil', 'furnace', 'package'] as const;
export type EquipmentKind = (typeof EQUIPMENT_KINDS)[number];
export const EQUIPMENT_KIND_WORDS: Record<EquipmentKind, Said> = {
  outdoor: tell('equipment.outdoor-unit'),
  'air-handler': tell('equipment.air-handler'),
  coil: tell('equipment.cased-coil'),
  furnace: tell('equipment.furnace'),
  package: tell('equipment.packaged-unit'),
};

/** The same as headings of lists. */
export const EQUIPMENT_KINDS_WORDS: Record<EquipmentKind, Said> = {
  outdoor: tell('equipment.outdoor-units'),
  'air-handler': tell('equipment.air-handlers'),
  coil: tell('equipment.cased-coils'),
  furnace: tell('equipment.furnaces'),
  package: tell('equipment.packaged-units'),
};

const od = z
  .number()
  .refine((v) => ACR_INSIDE_IN.has(v), REFUSED.tubeSize)
  .meta(allows(ACR_SIZES));
const size = num(4, 400, 'in');
const name = z.string().trim().min(1).max(80).meta(characters(1, 80));
const yesNo = z.boolean().meta(YES_OR_NO);

/** One piece of equipment that may be ordered: the figures that charge, fit, power and scope need. */
export const libraryItemSchema = z.strictObject({
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
  widthIn: size,
  depthIn: size,
  heightIn: size,
  weightLb: num(5, 10000, 'lb, with packaging'),
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
});
export type LibraryFields = z.infer<typeof libraryItemSchema>;
export type LibraryItem = LibraryFields & { id: string; version: number };

/** Listing of an outdoor with an indoor unit: data that the company enters from its makers' listings. */
export const matchedPairSchema = z.strictObject({
  outdoorModel: name,
  indoorModel: name,
  reference: z.string().trim().min(1).max(40).meta(characters(1, 40)),
  coolingBtuh: num(3000, 1000000, 'Btu/h'),
});
export type MatchedPair = z.infer<typeof matchedPairSchema>;

/** Groups of refrigerants by safety class (ASHRAE 34, from memory). */
export const MILDLY_FLAMMABLE: readonly string[] = ['R-32', 'R-454B'];
