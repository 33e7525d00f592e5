import type { SystemType } from './fact';
import { COOLED, FIRED, SPLITS } from './fact';
import { type KnownFacts, systemTypeOf } from './facts';

type Item = { id: string; label: string; why: string; only?: readonly SystemType[] };

/** Pictures that can never be taken again once the old equipment is out. */
export const BEFORE_ITEMS = [
  { id: 'plates', label: 'Nameplates', why: 'warranty, records, refrigerant' },
  { id: 'wiring', label: 'Wiring at both ends and at the thermostat', why: 'it goes back the way it was' },
  { id: 'diagram', label: 'Wiring diagram in the door', why: 'it leaves with the door' },
  { id: 'breaker', label: 'Breaker and disconnect', why: 'sizes, and which feed is which' },
  { id: 'ducts', label: 'Duct connections', why: 'transition and plenum sizes' },
  {
    id: 'coil-face',
    label: 'Face of the old coil',
    why: 'dirt tells of a return leak or a missing filter',
    only: COOLED,
  },
  { id: 'drain', label: 'Drain and float wiring', why: 'what stopped the water, or did not', only: COOLED },
  { id: 'gas-vent', label: 'Gas valve and vent', why: 'licensed work follows it', only: FIRED },
  { id: 'lines', label: 'Line-set route and wall entry', why: 'length, bends and the seal', only: SPLITS },
  { id: 'access', label: 'Way in', why: 'the tightest place' },
  { id: 'damage', label: 'Damage already there', why: 'so that nobody asks who did it' },
] as const satisfies readonly Item[];
export type BeforeId = (typeof BEFORE_ITEMS)[number]['id'];
export const BEFORE_IDS = BEFORE_ITEMS.map((i) => i.id) as [BeforeId, ...BeforeId[]];

export type Waiver = { item: BeforeId; reason: string; by: string; at: string };
export type PhotoMeta = {
  id: string;
  subject: string;
  caption: string | null;
  widthPx: number;
  heightPx: number;
  bytes: number;
  by: string;
  at: string;
};

/** The subject a photo carries when it belongs to this list. */
export const beforeSubject = (id: BeforeId): string => `before:${id}`;

export type BeforeState = Item & {
  id: BeforeId;
  state: 'taken' | 'waived' | 'missing';
  photos: PhotoMeta[];
  waiver?: Waiver;
};

export function beforeList(known: KnownFacts, photos: readonly PhotoMeta[], waivers: readonly Waiver[]): BeforeState[] {
  const type = systemTypeOf(known);
  return BEFORE_ITEMS.filter((i: Item) => !i.only || (type !== undefined && i.only.includes(type))).map(
    (i: Item & { id: BeforeId }) => {
      const mine = photos.filter((p) => p.subject === beforeSubject(i.id));
      const waiver = waivers.find((w) => w.item === i.id);
      return { ...i, photos: mine, waiver, state: mine.length ? 'taken' : waiver ? 'waived' : 'missing' };
    },
  );
}
