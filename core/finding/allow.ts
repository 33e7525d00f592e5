import { tell } from '@/core/finding/words';
import { type Label, type Said, typed, value } from '@/core/words/said';

/** What a field allows, for `.meta()` of its schema: a refusal tells it in the reader's language. */
export const allows = (allowed: Label): { allowed: Label } => ({ allowed });

const SIGNS = /^(psig|psia|psi|min|fpm)$/;
/** A unit that is a word has words; a sign is the same everywhere. */
export const unitWord = (unit: string): Label => (/[a-z]{3,}/.test(unit) && !SIGNS.test(unit) ? value(unit) : unit);

/** A number from `low` to `high`, in `unit`; no unit where it only counts. */
export const range = (low: number, high: number, unit: string): { allowed: Label } => {
  const ends = { low: String(low), high: String(high) };
  return allows(unit ? tell('finding.low-to-high', { ...ends, unit: unitWord(unit) }) : tell('finding.from-to', ends));
};
/** A text of this many characters. */
export const characters = (least: number, most: number): { allowed: Label } =>
  allows(
    least > 0
      ? tell('finding.least-to-most-characters', { least, most })
      : tell('finding.up-to-characters', { most: String(most) }),
  );
/** At most so many of something. */
export const upTo = (most: number, things: string): { allowed: Label } =>
  allows(tell('finding.up-to', { most, things: value(things) }));
export const YES_NO = allows(tell('finding.true-or-false'));
/** As a cell of a table is typed. */
export const YES_OR_NO = allows(tell('finding.yes-or-no'));
export const A_DAY = allows(tell('finding.date-2000-to-2100'));
export const A_TIME = allows(tell('finding.time-of-day'));
export const A_MOMENT = allows(tell('finding.moment-2000-to-2100'));

/** Messages of refinements: ids, which `saidOf` reads back, since a schema's own messages are plain text. */
export const REFUSED = {
  tubeSize: tell('finding.not-tube-size').id,
  sizeDigits: tell('finding.one-group-of-size-digits').id,
  stars: tell('finding.at-most-three-stars').id,
  years: tell('finding.outside-years').id,
  vaporLine: tell('finding.larger-than-liquid-line').id,
  declined: tell('finding.declined-needs-reason').id,
  unsignedYes: tell('finding.yes-needs-signature').id,
  missing: tell('finding.missing').id,
  idTwice: tell('finding.same-id-twice').id,
  bareNo: tell('finding.no-needs-reason').id,
  commonPassword: tell('finding.common-password').id,
} as const;
const ID = /^[a-z]+\.[a-z0-9-]+$/;
/** What a schema's own message says. */
export const saidOf = (message: string): Said => (ID.test(message) ? { id: message } : typed(message));
