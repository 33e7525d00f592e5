import type { z } from 'zod';
import { saidOf } from '@/core/finding/allow';
import { allowedAt } from '@/core/finding/schema-fields';
import type { Answers, Field, Fields } from '@/core/form/field';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { readTyped, type Typed, typedOf } from './typed';

/** What stands in the boxes of a form: text where something is typed, else the answer itself. */
export type Boxes = Record<string, unknown>;

const TYPED_KINDS: ReadonlySet<string> = new Set(['number', 'weight', 'pressure']);
export const isTyped = (field: Field): boolean => TYPED_KINDS.has(field.shown.kind);
const takesNothing = (field: Field): boolean => field.schema.safeParse(null).success;

/** The boxes before anybody says anything: by the fields, then by what the page knows. */
export function startOf(fields: Fields, known: Answers): Boxes {
  return Object.fromEntries(
    Object.entries(fields).map(([name, f]) => {
      const answer = name in known ? known[name] : f.start;
      return [name, isTyped(f) ? typedOf(f, answer) : answer];
    }),
  );
}

/** What is said so far, as conditions of other fields read it. */
export const answersOf = (fields: Fields, boxes: Boxes): Answers =>
  Object.fromEntries(
    Object.entries(fields).map(([name, f]) => [
      name,
      isTyped(f) ? readTyped(f, boxes[name] as Typed).value : boxes[name],
    ]),
  );

export const askedFor = (fields: Fields, boxes: Boxes): [string, Field][] => {
  const answers = answersOf(fields, boxes);
  return Object.entries(fields).filter(([, f]) => f.shown.kind !== 'hidden' && (!f.when || f.when(answers)));
};

/**
 * What would be sent: every number read from its text. A question that does not arise is kept as its field says; one that was
 * asked and not answered is missing, never a silent no.
 */
export function bodyOf(fields: Fields, boxes: Boxes): { body: Answers; unreadable: Record<string, string> } {
  const answers = answersOf(fields, boxes);
  const unreadable: Record<string, string> = {};
  const body: Record<string, unknown> = {};
  for (const [name, f] of Object.entries(fields)) {
    const answer = answers[name];
    if (f.when && !f.when(answers)) body[name] = f.unasked !== undefined ? f.unasked : answer;
    else if (isTyped(f)) {
      const read = readTyped(f, boxes[name] as Typed);
      if (read.trouble) unreadable[name] = read.trouble;
      else body[name] = read.value ?? (takesNothing(f) ? null : undefined);
    } else if (f.shown.kind === 'text' || f.shown.kind === 'date' || f.shown.kind === 'clock')
      body[name] = answer || (takesNothing(f) ? null : f.shown.kind === 'text' ? '' : undefined);
    else body[name] = answer;
  }
  return { body, unreadable };
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
    const allowed = allowedAt(schema, issue.path) ?? saidOf(issue.message);
    const value = body[field];
    const missing = value === undefined || value === '' || value === null;
    // A rule of the whole form says itself what is missing.
    if (missing && issue.code === 'custom') out[field] = say(saidOf(issue.message));
    else out[field] = t(missing ? 'web.missing-allowed' : 'web.not-allowed-allowed', { allowed });
  }
  return out;
}
