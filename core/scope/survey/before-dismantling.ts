import { tell } from '@/core/scope/survey/words';
import type { Said } from '@/core/words/said';
import { isOfHouse, type KnownFacts } from './facts';
import { type Trait, traitsOf } from './parts';

type Item = { id: string; label: Said; why: Said; only?: Trait };

/** Pictures that can never be taken again once the old equipment is out. */
export const BEFORE_ITEMS = [
  { id: 'plates', label: tell('survey.nameplates'), why: tell('survey.warranty-records-refrigerant') },
  { id: 'wiring', label: tell('survey.wiring-at-both-ends-and-at'), why: tell('survey.it-goes-back-way-it-was') },
  { id: 'diagram', label: tell('survey.wiring-diagram-in-door'), why: tell('survey.it-leaves-with-door') },
  { id: 'breaker', label: tell('survey.breaker-and-disconnect'), why: tell('survey.sizes-and-which-feed-is-which') },
  { id: 'ducts', label: tell('survey.duct-connections'), why: tell('survey.transition-and-plenum-sizes') },
  {
    id: 'coil-face',
    label: tell('survey.face-of-old-coil'),
    why: tell('survey.dirt-tells-of-return-leak-or'),
    only: 'wet',
  },
  {
    id: 'drain',
    label: tell('survey.drain-and-float-wiring'),
    why: tell('survey.what-stopped-water-or-did-not'),
    only: 'wet',
  },
  {
    id: 'gas-vent',
    label: tell('survey.gas-valve-and-vent'),
    why: tell('survey.licensed-work-follows-it'),
    only: 'fired',
  },
  {
    id: 'lines',
    label: tell('survey.line-set-route-and-wall-entry'),
    why: tell('survey.length-bends-and-seal'),
    only: 'split',
  },
  { id: 'access', label: tell('survey.way-in'), why: tell('survey.tightest-place') },
  { id: 'damage', label: tell('survey.damage-already-there'), why: tell('survey.so-that-nobody-asks-who-did') },
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

/** Whether a picture is of the house and not of one of its systems: one that answers a question about the house. */
export const pictureOfHouse = ({ subject }: Pick<PhotoMeta, 'subject'>): boolean =>
  subject.startsWith('fact:') && isOfHouse(subject.slice('fact:'.length));

export type BeforeState = Item & {
  id: BeforeId;
  state: 'taken' | 'waived' | 'missing';
  photos: PhotoMeta[];
  waiver?: Waiver;
};

export function beforeList(known: KnownFacts, photos: readonly PhotoMeta[], waivers: readonly Waiver[]): BeforeState[] {
  const traits = traitsOf(known);
  return BEFORE_ITEMS.filter((i: Item) => !i.only || traits.has(i.only)).map((i: Item & { id: BeforeId }) => {
    const mine = photos.filter((p) => p.subject === beforeSubject(i.id));
    const waiver = waivers.find((w) => w.item === i.id);
    return { ...i, photos: mine, waiver, state: mine.length ? 'taken' : waiver ? 'waived' : 'missing' };
  });
}
