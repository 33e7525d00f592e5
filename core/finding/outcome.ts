import type { z } from 'zod';
import { tell } from '@/core/finding/words';
import { type Label, type Said, value } from '@/core/words/said';
import { saidOf } from './allow';
import { allowedAt, namesAt } from './schema-fields';

/** Why an input cannot be used: which field, what is wrong, what is allowed. The same shape everywhere. */
export type Refusal = { field: string; message: Said; allowed: Label };

export type Outcome<T> = { ok: true; value: T } | { ok: false; refused: Refusal };

export const ok = <T>(value: T): Outcome<T> => ({ ok: true, value });

export const refusal = (field: string, message: Said, allowed: Label): Refusal => ({ field, message, allowed });

export const refuse = (...why: Parameters<typeof refusal>): { ok: false; refused: Refusal } => ({
  ok: false,
  refused: refusal(...why),
});

/** Turns the first problem zod found into a refusal; the allowed text comes from the field's own description. */
export function refusalFromZod(schema: z.ZodType, error: z.ZodError, input: unknown): Refusal {
  const issue = error.issues[0]!;
  if (issue.code === 'unrecognized_keys') {
    const field = issue.keys[0] ?? 'input';
    return refusal(
      field,
      tell('finding.is-not-field-of-this-calculation', { field }),
      namesAt(schema, issue.path).join(', '),
    );
  }
  const field = issue.path.map(String).join('.') || 'input';
  const described = allowedAt(schema, issue.path);
  const missing = issue.path.length > 0 && valueAt(input, issue.path) === undefined;
  return refusal(
    field,
    missing ? tell('finding.is-missing', { field }) : tell('finding.of-field', { field, problem: plain(issue) }),
    described ?? saidOf(issue.message),
  );
}

function plain(issue: z.core.$ZodIssue): Said {
  if (issue.code === 'too_small' || issue.code === 'too_big') return tell('finding.outside-allowed-range');
  if (issue.code === 'invalid_type') return tell('finding.needs', { expected: value(article(issue.expected)) });
  if (issue.code === 'invalid_value') return tell('finding.not-one-of-allowed-values');
  return saidOf(issue.message);
}

function valueAt(input: unknown, path: PropertyKey[]): unknown {
  let at = input;
  for (const key of path) {
    if (typeof at !== 'object' || at === null) return undefined;
    at = (at as Record<PropertyKey, unknown>)[key];
  }
  return at;
}

const article = (word: string): string => `${/^[aeiou]/.test(word) ? 'an' : 'a'} ${word}`;
