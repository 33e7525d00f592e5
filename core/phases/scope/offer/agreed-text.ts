import type { JobSheet } from '@/core/job/sheet';
import { lined, type ScopeView } from '@/core/phases/scope/view';
import { tell } from '@/core/phases/scope/words';
import { q, type Said } from '@/core/words/said';
import { type Offer, offersOf } from './offer';

/**
 * The words a customer signs the scope under: the work as agreed and, where options stood side by side, those that were not
 * taken, with their totals. What was offered can be shown later.
 */
export function agreedText(sheet: JobSheet, scope: ScopeView): Said {
  const left = offersOf(sheet).filter((o) => o.name !== '' && !o.stands);
  return left.length ? lined([scope.text, tell('offer.also-offered'), ...left.map(lineOf)]) : scope.text;
}

const lineOf = ({ name, unpriced, price }: Offer): Said =>
  unpriced.length
    ? tell('offer.also-offered-unpriced', { name })
    : tell('offer.also-offered-at', { name, total: q(price.total, 'cents') });
