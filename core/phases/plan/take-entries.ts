import { z } from 'zod';
import { upTo } from '@/core/finding/allow';
import { choice, hidden, text } from '@/core/form/field';
import { entry } from '@/core/phases/log/entry';
import { value } from '@/core/words/said';
import { tell } from './words';

/** What is loaded, what goes back, what leaves the house and with which paper. */
export const takeEntries = {
  'take-loaded': entry(
    tell('dayplan.loaded'),
    { codes: hidden(z.array(z.string().trim().min(1).max(60)).max(200).meta(upTo(200, 'parts'))) },
    (b) => tell('dayplan.loaded-line', { n: String(b.codes.length) }),
    { ofJob: true, edited: true, byTap: true },
  ),
  'part-return': entry(
    tell('dayplan.part-return'),
    {
      part: text(tell('dayplan.which-part'), 80, 1),
      reason: choice(tell('dayplan.why-it-goes-back'), ['wrong part', 'damaged', 'defective', 'left over'], {
        stacked: true,
      }),
      claim: text(tell('dayplan.claim-number'), 80, 0, { hint: tell('dayplan.may-stay-empty') }),
    },
    (b) => tell('dayplan.return-line', { part: b.part, reason: value(b.reason), claim: b.claim || '–' }),
    { ofJob: true, offered: false, afterHandOver: true },
  ),
  disposal: entry(
    tell('dayplan.disposal'),
    {
      what: choice(
        tell('dayplan.what-went'),
        ['refrigerant', 'oil', 'metal', 'mercury', 'asbestos', 'oil tank', 'other waste'],
        {
          stacked: true,
        },
      ),
      to: text(tell('dayplan.went-to'), 120, 1),
      certificate: text(tell('dayplan.certificate'), 80, 0, { hint: tell('dayplan.keep-it-three-years') }),
    },
    (b) => tell('dayplan.disposal-line', { what: value(b.what), to: b.to, certificate: b.certificate || '–' }),
    { ofJob: true, offered: false, afterHandOver: true },
  ),
};
