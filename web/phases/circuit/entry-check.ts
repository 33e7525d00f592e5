import { allowedAt } from '@/core/finding/schema-fields';
import { ENTRY_BODIES, type EntryKind } from '@/core/phases/log/entry-bodies';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import type { FieldValues } from './entry-fields';

export type CylinderUse = 'recovery' | 'supply';

/** What stands in the way of writing an entry, field by field, in words; empty when nothing does. */
export function refusalOf(
  kind: EntryKind,
  body: FieldValues,
  unreadable: Record<string, string> = {},
): Record<string, string> {
  const out: Record<string, string> = { ...unreadable };
  const schema = ENTRY_BODIES[kind];
  const checked = schema.safeParse(body);
  if (checked.success) return out;
  for (const issue of checked.error.issues) {
    const field = String(issue.path[0] ?? '');
    if (out[field]) continue;
    const allowed = allowedAt(schema, issue.path) ?? issue.message;
    const value = body[field];
    const missing = value === undefined || value === '';
    out[field] = missing
      ? say(tell('web.missing-allowed', { allowed }))
      : say(tell('web.not-allowed-allowed', { allowed }));
  }
  return out;
}
