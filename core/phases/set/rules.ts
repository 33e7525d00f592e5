import { refusal } from '@/core/finding/outcome';
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
      return refusal('check', tell('set.not-on-this-sheet'), list.map((c) => c.id).join(', '));
    return refusesAnswer(SET_ASKS[body.check], body);
  },
  'water-test': (_sheet, body) =>
    body.outOz > body.pouredOz
      ? refusal('outOz', tell('set.more-than-was-poured'), tell('set.up-to', { most: body.pouredOz, unit: 'oz' }))
      : undefined,
  'duct-leakage': (_sheet, body) => {
    const { means, cfm, pa, reason } = body;
    if (means === 'fan' && cfm == null) return refusal('cfm', tell('set.is-missing'), tell('set.flow-1-to-3000'));
    if (means === 'fan' && pa == null) return refusal('pa', tell('set.is-missing'), tell('set.pressure-12-to-50'));
    if (means === 'static and airflow') {
      const missing = COMPARED.find((name) => body[name] == null);
      if (missing) return refusal(missing, tell('set.is-missing'), tell('set.read-before-and-after'));
    }
    if (means === 'not measured' && !reason?.trim())
      return refusal('reason', tell('set.is-missing'), tell('set.why-it-was-not-measured'));
    return undefined;
  },
};
