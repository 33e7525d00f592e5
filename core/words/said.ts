import { type Quantity, quantityOfUnit } from './quantity';

/** A number with what it measures; how it is written is decided where it is shown. `d`: decimals other than the usual. */
export type Amount = { readonly v: number | null | undefined; readonly q: Quantity; readonly d?: number | 'as is' };
/** A word in the middle of a sentence. */
export type Lower = { readonly lower: Said | string };
/** Several things in a row; `by` is what stands between them, a comma where nothing is said. */
export type List = { readonly list: readonly Param[]; readonly by?: Label };
/** A word at the head of a sentence. */
export type Upper = { readonly upper: Said | string };
/** A moment or a day, written in the site's own time zone and the reader's language. */
export type Moment = { readonly at: string };
/** The time of a day alone. */
export type Clock = { readonly clock: string };
export type Day = { readonly day: string };
export type Month = { readonly month: string };
export type Param = string | number | Amount | Said | Lower | Upper | List | Moment | Clock | Day | Month;
/** What a cell of a table holds. */
export type Cell = Param;

/** What is said, before any language: an id of a catalogue and what goes into its sentence. */
export type Said = { readonly id: string; readonly with?: Readonly<Record<string, Param>> };

/** What stands on a button or in a list: words, or a name that is the same in every language. */
export type Label = Said | string;

/** Sentences by id, with `{name}` where a parameter goes. */
export type Catalogue = Readonly<Record<string, string>>;

type Names<S extends string> = S extends `${string}{${infer P}}${infer Rest}` ? P | Names<Rest> : never;
/** What must come with an id: exactly the parameters of its English sentence. */
export type With<S extends string> = [Names<S>] extends [never]
  ? []
  : [params: { readonly [K in Names<S>]: Param | null | undefined }];

/** Makes sentences of one catalogue by id; the compiler holds ids and parameters against the English one. */
export const teller =
  <C extends Catalogue>() =>
  <K extends keyof C & string>(id: K, ...rest: With<C[K]>): Said =>
    rest.length ? { id, with: rest[0] as Record<string, Param> } : { id };

export const q = (v: number | null | undefined, quantity: Quantity, d?: number | 'as is'): Amount =>
  d === undefined ? { v, q: quantity } : { v, q: quantity, d };
/** A figure of a quantity that is known by its unit only. */
export const measured = (v: number | null | undefined, unit: string): Amount => q(v, quantityOfUnit(unit));
export const lower = (x: Said | string): Lower => ({ lower: x });
export const upper = (x: Said | string): Upper => ({ upper: x });
export const moment = (at: string): Moment => ({ at });
export const month = (iso: string): Month => ({ month: iso });
export const clock = (at: string): Clock => ({ clock: at });
export const day = (iso: string): Day => ({ day: iso });
export const list = (items: readonly (Param | undefined)[], by?: Label): List => ({
  list: items.filter((x) => x !== undefined),
  ...(by === undefined ? {} : { by }),
});

/** One of the fixed answers of a list, as it is stored: its words are in the catalogue under `value.`. */
export const value = (stored: string): Said => ({ id: `value.${slug(stored)}`, with: { stored } });
export const slug = (text: string): string => text.toLowerCase().replace(/[^a-z0-9]+/g, '-');

/** What a person typed, as it is: it has no other language. */
export const typed = (text: string): Said => ({ id: 'words.typed', with: { text } });
/** The same thing said, whatever the wording of its id is today. */
export const sameSaid = (a: Label | undefined, b: Label | undefined): boolean =>
  a === b || JSON.stringify(a) === JSON.stringify(b);

export const isSaid = (x: unknown): x is Said =>
  typeof x === 'object' && x !== null && typeof (x as { id?: unknown }).id === 'string';
