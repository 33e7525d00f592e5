import type { LibraryFields } from '@/core/equipment/library-item';
import { type OfferPrice, offerPrice } from '@/core/money/offer-price';
import type { ScopeItem } from '@/core/scope/item';
import type { ScopeInput } from '@/core/scope/scope-input';

/** Passed on as it is, without tax: what a town asks. */
const FEE_ITEMS: readonly string[] = ['permit'];

type Pieces = Pick<ScopeInput, 'outdoor' | 'indoor' | 'furnace' | 'heaterKit' | 'thermostat'>;
export type Priced = {
  /** Pieces of equipment that the library has no price for: then there is no total. */
  unpriced: string[];
  equipment: number;
  hours: number;
  price: OfferPrice;
};

const unitsOf = (p: Pieces): LibraryFields[] =>
  [...new Set([p.outdoor, p.indoor, p.furnace, p.heaterKit, p.thermostat])].filter((u) => u !== undefined);

/** What the work and the equipment of a scope are sold for: items that are in, pieces that are picked. */
export function pricedOf(items: readonly ScopeItem[], input: Pieces & Pick<ScopeInput, 'schools'>): Priced {
  const { schools } = input;
  const units = unitsOf(input);
  const sum = (of: (i: ScopeItem) => number, list: readonly ScopeItem[] = items): number =>
    list.reduce((total, i) => total + of(i), 0);
  const fees = sum(
    (i) => i.materials,
    items.filter((i) => FEE_ITEMS.includes(i.id)),
  );
  const hours = sum((i) => i.hours);
  const equipment = units.reduce((total, u) => total + (u.price ?? 0), 0);
  return {
    unpriced: units.filter((u) => !u.price).map((u) => `${u.maker} ${u.model}`),
    equipment,
    hours,
    price: offerPrice(
      { equipment, materials: sum((i) => i.materials) - fees, work: hours * schools.labourPerHour, fees },
      schools,
    ),
  };
}
