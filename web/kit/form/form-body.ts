import type { z } from 'zod';
import { allowedAt } from '@/core/finding/schema-fields';
import type { Answers, Field, Fields } from '@/core/form/field';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { readTyped, type Typed } from './typed';

/** What a person said on a form so far, and the text that stands in its boxes. */
export type Half = { said: Answers; typed: Readonly<Record<string, Typed>> };
export const NOTHING: Half = { said: {}, typed: {} };

/** What stands in a form before anybody says anything: by its fields, then by what the page knows. */
export function startOf(fields: Fields, known: Answers): Answers {
  const own = Object.entries(fields).flatMap(([name, f]) => (f.start === undefined ? [] : [[name, f.start]]));
  return { ...Object.fromEntries(own), ...known };
}

export const askedFor = (fields: Fields, answers: Answers): [string, Field][] =>
  Object.entries(fields).filter(([, f]) => f.shown.kind !== 'hidden' && (!f.when || f.when(answers)));

const TYPED_KINDS: ReadonlySet<string> = new Set(['number', 'weight', 'pressure']);

/**
 * What would be sent: every number read from its text. A question that does not arise is kept as its field says; one that was
 * asked and not answered is missing, never a silent no.
 */
export function bodyOf(
  fields: Fields,
  known: Answers,
  half: Half,
): { body: Answers; unreadable: Record<string, string> } {
  const answers = { ...startOf(fields, known), ...half.said };
  const unreadable: Record<string, string> = {};
  const out: Record<string, unknown> = {};
  for (const [name, f] of Object.entries(fields)) {
    const answer = answers[name];
    const text = half.typed[name];
    if (f.when && !f.when(answers)) out[name] = f.unasked !== undefined ? f.unasked : answer;
    else if (text !== undefined && TYPED_KINDS.has(f.shown.kind)) {
      const read = readTyped(f, text);
      if (read.trouble) unreadable[name] = read.trouble;
      else out[name] = read.value ?? (f.schema.safeParse(null).success ? null : undefined);
    } else if (f.shown.kind === 'text' && (answer === undefined || answer === ''))
      out[name] = f.schema.safeParse(null).success ? null : '';
    else out[name] = answer;
  }
  return { body: out, unreadable };
}

/** What stands in the way of saving, field by field, in words; empty when nothing does. */
export function refusalsOf(
  schema: z.ZodType,
  body: Answers,
  unreadable: Record<string, string> = {},
): Record<string, string> {
  const out: Record<string, string> = { ...unreadable };
  const checked = schema.safeParse(body);
  if (checked.success) return out;
  for (const issue of checked.error.issues) {
    const field = String(issue.path[0] ?? '');
    if (out[field]) continue;
    const allowed = allowedAt(schema, issue.path) ?? issue.message;
    const value = body[field];
    const missing = value === undefined || value === '';
    out[field] = say(tell(missing ? 'web.missing-allowed' : 'web.not-allowed-allowed', { allowed }));
  }
  return out;
}
