import { tell } from '@/core/scope/survey/words';
import type { Said } from '@/core/words/said';

/** What stands there, as the survey names it. */
export const SYSTEM_TYPES = [
  'split-hp',
  'split-ac',
  'dual-fuel',
  'packaged-ac',
  'packaged-hp',
  'gas-pack',
  'packaged-dual-fuel',
  'rooftop',
  'furnace-gas',
  'furnace-oil',
] as const;
export type SystemType = (typeof SYSTEM_TYPES)[number];
export const SYSTEM_TYPE_WORDS: Record<SystemType, Said> = {
  'split-hp': tell('survey.split-heat-pump'),
  'split-ac': tell('survey.split-cooling-with-furnace'),
  'dual-fuel': tell('survey.dual-fuel'),
  'packaged-ac': tell('survey.packaged-cooling'),
  'packaged-hp': tell('survey.packaged-heat-pump'),
  'gas-pack': tell('survey.gas-pack'),
  'packaged-dual-fuel': tell('survey.packaged-dual-fuel'),
  rooftop: tell('survey.rooftop-unit'),
  'furnace-gas': tell('survey.gas-furnace-only'),
  'furnace-oil': tell('survey.oil-furnace-only'),
};

const HEAT_PUMPS: readonly SystemType[] = ['split-hp', 'dual-fuel', 'packaged-hp', 'packaged-dual-fuel'];
const SPLITS: readonly SystemType[] = ['split-hp', 'split-ac', 'dual-fuel'];
const PACKAGES: readonly SystemType[] = ['packaged-ac', 'packaged-hp', 'gas-pack', 'packaged-dual-fuel', 'rooftop'];
const BURNING_PACKAGES: readonly SystemType[] = ['gas-pack', 'packaged-dual-fuel'];

/** Which pieces of a split system the job puts new ones in the place of. */
export const REPLACED = ['both-units', 'all', 'outdoor', 'coil', 'air-handler', 'furnace'] as const;
export type Replaced = (typeof REPLACED)[number];
export const REPLACED_WORDS: Record<Replaced, Said> = {
  'both-units': tell('survey.outdoor-unit-and-coil'),
  all: tell('survey.outdoor-unit-coil-and-furnace'),
  outdoor: tell('survey.outdoor-unit-alone'),
  coil: tell('survey.cased-coil-alone'),
  'air-handler': tell('survey.air-handler-alone'),
  furnace: tell('survey.furnace-alone'),
};

export const PIECES = ['outdoor', 'air-handler', 'coil', 'furnace', 'package'] as const;
export type Piece = (typeof PIECES)[number];

/** The answers that decide which pieces there are. */
type Answers = { readonly [fact: string]: unknown };

/** The pieces of a system: those that stand there when the work is done, and those of them that are new. */
export type Parts = { there: ReadonlySet<Piece>; fresh: ReadonlySet<Piece> };

/**
 * The pieces of a system from what the survey says of its kind and of what is replaced. Undefined while nobody said what kind
 * it is. Where nobody said what is replaced, both units of a split system are taken to be, and nothing of a furnace under them.
 */
export function partsOf(known: Answers): Parts | undefined {
  const type = known.systemType as SystemType | null | undefined;
  if (!type) return undefined;
  if (PACKAGES.includes(type)) return { there: new Set(['package']), fresh: new Set(['package']) };
  if (!SPLITS.includes(type)) return { there: new Set(['furnace']), fresh: new Set(['furnace']) };
  const indoor = new Set<Piece>(overFurnace(type, known.indoorType) ? ['coil', 'furnace'] : ['air-handler']);
  const there = new Set<Piece>(['outdoor', ...indoor]);
  switch (known.replaced as Replaced | null | undefined) {
    case 'all':
      return { there, fresh: there };
    case 'outdoor':
    case 'coil':
    case 'air-handler':
    case 'furnace': {
      const piece = known.replaced as 'outdoor' | 'coil' | 'air-handler' | 'furnace';
      // An air handler in the place of furnace and coil is what stands there then.
      const after = piece === 'air-handler' ? new Set<Piece>(['outdoor', 'air-handler']) : new Set([...there, piece]);
      return { there: after, fresh: new Set([piece]) };
    }
    default:
      return { there, fresh: new Set([...there].filter((p) => p !== 'furnace')) };
  }
}

/** A coil stands on a furnace, by what was seen; unseen, cooling alone stands on one and a heat pump on an air handler. */
function overFurnace(type: SystemType, indoorType: unknown): boolean {
  if (type === 'dual-fuel') return true;
  if (typeof indoorType === 'string') return indoorType !== 'air-handler';
  return type === 'split-ac';
}

/** What questions, pictures, fit sheets and rules are asked by. */
export const TRAITS = [
  /** The work opens a refrigerant circuit. */
  'cooled',
  /** It does, and the circuit has a line set. */
  'split',
  /** Made of pieces that may be replaced one without the other. */
  'of-pieces',
  /** And indoors it may be an air handler or a coil on a furnace. */
  'two-part',
  /** A new unit is set outdoors or on the roof. */
  'outdoor',
  'packaged',
  'rooftop',
  /** Indoors, in the house. */
  'indoors',
  /** A coil is in the air stream: there is water. */
  'wet',
  /** Something burns fuel, new or kept. */
  'fired',
  /** The refrigerant heats too. */
  'heat-pump',
  /** Electric heat may be in it. */
  'electric-heat',
] as const;
export type Trait = (typeof TRAITS)[number];

export function traitsOf(known: Answers): ReadonlySet<Trait> {
  const parts = partsOf(known);
  if (!parts) return new Set();
  const type = known.systemType as SystemType;
  const { there, fresh } = parts;
  const has: Record<Trait, boolean> = {
    cooled: isOpened(fresh),
    split: isOpened(fresh) && SPLITS.includes(type),
    'of-pieces': SPLITS.includes(type),
    'two-part': type === 'split-hp' || type === 'split-ac',
    outdoor: fresh.has('outdoor') || fresh.has('package'),
    packaged: there.has('package'),
    rooftop: type === 'rooftop',
    indoors: !there.has('package'),
    wet: there.has('coil') || there.has('air-handler') || there.has('package'),
    fired: there.has('furnace') || BURNING_PACKAGES.includes(type) || type === 'rooftop',
    'heat-pump': isOpened(fresh) && HEAT_PUMPS.includes(type),
    'electric-heat': there.has('air-handler') || type === 'packaged-hp' || type === 'rooftop',
  };
  return new Set(TRAITS.filter((t) => has[t]));
}

const isOpened = (fresh: ReadonlySet<Piece>): boolean => [...fresh].some((p) => p !== 'furnace');

/** Whether the work opens a refrigerant circuit: not with a furnace alone; taken for granted until somebody said what it is. */
export function opensCircuit(known: Answers): boolean {
  const parts = partsOf(known);
  return parts === undefined || isOpened(parts.fresh);
}

const FUELS: readonly unknown[] = ['natural gas', 'propane', 'oil'];

/** Whether something new burns fuel: its pressures, its rise and its carbon monoxide are read before the hand-over. */
export function burnsNew(known: Answers): boolean {
  const parts = partsOf(known);
  if (!parts) return false;
  const type = known.systemType as SystemType;
  return (
    parts.fresh.has('furnace') || BURNING_PACKAGES.includes(type) || (type === 'rooftop' && FUELS.includes(known.fuel))
  );
}
