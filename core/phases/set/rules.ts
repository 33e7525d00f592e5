import { refusesAnswer } from '@/core/phases/checks/entry';
import type { EntryRules } from '@/core/phases/phase';
import { SET_ASKS } from './asks';
import { setList } from './list';
import { tell } from './words';

const COMPARED = ['staticBeforeInWc', 'cfmBefore', 'staticAfterInWc', 'cfmAfter'] as const;

/** What an answer must have: its check is on this job's sheet, a reading where one is taken, a word where it does not apply. */
export const SET_RULES: EntryRules = {
  'set-check': (sheet, body) => {
    const list = setList(sheet);
    if (!list.some((c) => c.id === body.check))
      return { field: 'check', message: tell('set.not-on-this-sheet'), allowed: list.map((c) => c.id).join(', ') };
    return refusesAnswer(SET_ASKS[body.check], body);
  },
  'water-test': (_sheet, body) =>
    body.outOz > body.pouredOz
      ? {
          field: 'outOz',
          message: tell('set.more-than-was-poured'),
          allowed: tell('set.up-to', { most: body.pouredOz, unit: 'oz' }),
        }
      : undefined,
  'duct-leakage': (_sheet, body) => {
    const { means, cfm, pa, reason } = body;
    if (means === 'fan' && cfm == null)
      return { field: 'cfm', message: tell('set.is-missing'), allowed: tell('set.flow-1-to-3000') };
    if (means === 'fan' && pa == null)
      return { field: 'pa', message: tell('set.is-missing'), allowed: tell('set.pressure-12-to-50') };
    if (means === 'static and airflow') {
      const missing = COMPARED.find((name) => body[name] == null);
      if (missing)
        return { field: missing, message: tell('set.is-missing'), allowed: tell('set.read-before-and-after') };
    }
    if (means === 'not measured' && !reason?.trim())
      return { field: 'reason', message: tell('set.is-missing'), allowed: tell('set.why-it-was-not-measured') };
    return undefined;
  },
};
