import { z } from 'zod';
import { oneOf } from '@/core/finding/quantity-field';
import { hidden, text } from '@/core/form/field';
import { entry } from '@/core/phases/log/entry';
import { choiceSchema } from '@/core/scope/choice';
import { typed } from '@/core/words/said';
import { tell } from './words';

const itemIds = z.string().min(1).max(60);

/** The scope as it once stood on the page, kept under a name: an option to put beside others. */
export const scopeEntries = {
  'offer-option': entry(
    tell('offer.option'),
    {
      name: text(tell('offer.name-of-the-option'), 60, 2, { hint: tell('offer.such-as-keep-the-coil') }),
      why: text(tell('offer.what-speaks-for-it'), 300, 0, { hint: tell('offer.the-customer-reads-this') }),
      choice: hidden(choiceSchema.describe('a choice of equipment')),
      items: hidden(z.record(itemIds, oneOf(['in', 'out'])).describe('items that are in or out, by id')),
    },
    (b) => typed(b.name),
    { ofSystem: true, offered: false },
  ),
};
