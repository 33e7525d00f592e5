import { z } from 'zod';
import { choice, day, either, hidden, pick, text } from '@/core/form/field';
import { tell } from '@/core/phases/hand-over/words';
import { entry } from '@/core/phases/log/entry';
import { day as dayOf, value } from '@/core/words/said';

/** What a crew comes back for. */
export const PURPOSES = ['install', 'finish', 'owed proof', 'correction', 'inspection', 'other work'] as const;

/** The days a crew comes to the house, and how it leaves it each time; after the hand-over too. */
export const visitEntries = {
  visit: entry(
    tell('log.visit'),
    {
      on: day(tell('visit.planned-for')),
      purpose: choice(tell('visit.to'), PURPOSES),
      what: text(tell('visit.what-is-to-be-done'), 200, 0, { hint: tell('after.may-stay-empty') }),
      who: text(tell('visit.who-comes'), 120, 0, { hint: tell('after.may-stay-empty') }),
    },
    (b) =>
      tell('log.visit-line', {
        day: dayOf(b.on),
        purpose: value(b.purpose),
        what: b.what || '–',
        who: b.who || '–',
      }),
    { ofJob: true, afterHandOver: true },
  ),
  'visit-end': entry(
    tell('log.visit-end'),
    {
      /** The first record of the visit that ends; the job's own id for its first day. */
      visitId: hidden(z.uuid()),
      on: day(tell('visit.ended-on')),
      safe: either(tell('visit.left-safe-means'), [
        [true, tell('visit.safe')],
        [false, tell('visit.not-safe')],
      ]),
      dry: either(tell('visit.left-dry-means'), [
        [true, tell('visit.dry')],
        [false, tell('visit.not-dry')],
      ]),
      air: pick(
        tell('visit.the-house-has'),
        {
          runs: tell('visit.system-runs'),
          temporary: tell('visit.temporary-heat-or-cooling'),
          'without, agreed': tell('visit.neither-and-agreed'),
          without: tell('visit.neither-and-not-agreed'),
        },
        { stacked: true },
      ),
      open: text(tell('visit.still-to-be-done'), 300, 0, {
        hint: tell('after.may-stay-empty'),
      }),
    },
    (b) =>
      tell('log.visit-end-line', {
        day: dayOf(b.on),
        safe: tell(b.safe ? 'visit.safe' : 'visit.not-safe'),
        dry: tell(b.dry ? 'visit.dry' : 'visit.not-dry'),
        air: tell(AIR_WORDS[b.air]),
        open: b.open || '–',
      }),
    { ofJob: true, afterHandOver: true },
  ),
};

const AIR_WORDS = {
  runs: 'visit.system-runs',
  temporary: 'visit.temporary-heat-or-cooling',
  'without, agreed': 'visit.neither-and-agreed',
  without: 'visit.neither-and-not-agreed',
} as const;
