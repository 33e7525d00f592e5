import { z } from 'zod';
import { choice, day, hidden, pick, text } from '@/core/form/field';
import { entry } from '@/core/phases/log/entry';
import { day as dayOf, value } from '@/core/words/said';
import { tell } from './words';

/** Who has to do something that is still open. */
export const OWNERS = [
  'our crew',
  'our office',
  'electrician',
  'plumber',
  'roofer',
  'customer',
  'maker',
  'other',
] as const;

/** A reading that could have shown what a call-back was about (common practice: each call-back is tied to one). */
export const SHOWN_BY = {
  charge: tell('open.by-charge'),
  airflow: tell('open.by-airflow'),
  electrical: tell('open.by-electrical'),
  water: tell('open.by-water'),
  tightness: tell('open.by-tightness'),
  'gas and vent': tell('open.by-gas'),
  controls: tell('open.by-controls'),
  noise: tell('open.by-noise'),
  none: tell('open.by-none'),
  unknown: tell('open.by-unknown'),
} as const;

/** What is open when the crew leaves, and what the customer calls about afterwards; each is closed with how. */
export const openEntries = {
  'open-item': entry(
    tell('open.item'),
    {
      what: text(tell('open.what'), 200, 3, { hint: tell('open.a-stop-is-none') }),
      owner: choice(tell('open.owner'), OWNERS),
      name: text(tell('open.name'), 80, 0, { hint: tell('after.may-stay-empty') }),
      due: day(tell('open.due')),
      next: text(tell('open.next-step'), 200, 3),
    },
    (b) =>
      tell('open.item-line', {
        what: b.what,
        owner: value(b.owner),
        name: b.name || '–',
        due: dayOf(b.due),
        next: b.next,
      }),
    { ofJob: true, afterHandOver: true },
  ),
  'call-back': entry(
    tell('open.call-back'),
    {
      reportedOn: day(tell('open.reported-on')),
      complaint: text(tell('open.complaint'), 300, 3),
      shownBy: pick(tell('open.shown-by'), SHOWN_BY, { stacked: true }),
      due: day(tell('open.due')),
    },
    (b) =>
      tell('open.call-back-line', {
        day: dayOf(b.reportedOn),
        complaint: b.complaint,
        shownBy: SHOWN_BY[b.shownBy],
      }),
    { ofJob: true, afterHandOver: true },
  ),
  'open-closed': entry(
    tell('open.closed'),
    {
      /** The first record of what is closed. */
      itemId: hidden(z.uuid()),
      on: day(tell('open.closed-on')),
      how: text(tell('open.how'), 300, 3),
    },
    (b) => tell('open.closed-line', { day: dayOf(b.on), how: b.how }),
    { ofJob: true, afterHandOver: true, offered: false },
  ),
};
