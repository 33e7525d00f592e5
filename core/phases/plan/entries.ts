import { z } from 'zod';
import { A_MOMENT } from '@/core/finding/allow';
import { num } from '@/core/finding/quantity-field';
import {
  choice,
  clockTime,
  count,
  day,
  either,
  figure,
  hidden,
  is,
  maybe,
  own,
  people,
  pick,
  sinceLater,
  text,
  words,
} from '@/core/form/field';
import { entry } from '@/core/phases/log/entry';
import { clock, day as dayOf, list, q, value } from '@/core/words/said';
import { metalEntries } from './metal-entries';
import { takeEntries } from './take-entries';
import { tell } from './words';

/** As many people as one crew has. */
export const MOST_CREW = 6;

/** What a crew waits for that is not its own. */
export const OUTSIDERS = ['electrician', 'inspector', 'crane', 'dry weather', 'power company'] as const;

/** What has to be there before it can be set. */
export const DELIVERED = [
  'outdoor unit',
  'indoor unit',
  'packaged unit',
  'furnace',
  'heater kit',
  'line set',
  'sheet metal',
  'curb',
  'pad',
  'thermostat',
  'fuel or power',
  'other piece',
] as const;

export const DELIVERY_STATES = ['ordered', 'promised', 'matches', 'is wrong', 'not ordered'] as const;

const pieceId = () => hidden(z.string().trim().min(1).max(80).describe('a piece of the day'));
const moment = () =>
  z.iso
    .datetime({ offset: true })
    .refine((s) => /^20\d\d-/.test(s))
    .meta(A_MOMENT);
const time = (label: ReturnType<typeof tell>) => own(moment(), label, { kind: 'time' });

/** What is said of a job's days: who comes and when, what moved, what was done, what comes from outside. */
export const planEntries = {
  'day-plan': entry(
    tell('dayplan.the-day'),
    {
      begins: clockTime(tell('dayplan.begins')),
      ends: clockTime(tell('dayplan.ends')),
      lunchAt: maybe(clockTime(tell('dayplan.lunch-at'), { hint: tell('dayplan.half-hour-or-none') })),
      crew: people(tell('dayplan.who-comes'), MOST_CREW),
      finishBy: maybe(clockTime(tell('dayplan.finish-by'), { hint: tell('dayplan.party-occupancy') })),
      why: text(tell('dayplan.because'), 60, 0, { hint: tell('dayplan.may-stay-empty') }),
    },
    (b) =>
      tell('dayplan.day-line', {
        begins: clock(b.begins),
        ends: clock(b.ends),
        crew: list(b.crew),
        finishBy: b.finishBy ? clock(b.finishBy) : '–',
      }),
    { ofJob: true, edited: true },
  ),
  'plan-work': entry(
    tell('dayplan.work-done'),
    {
      piece: pieceId(),
      startedAt: maybe(time(tell('dayplan.started-at'))),
      doneAt: maybe(time(tell('dayplan.done-at'))),
      who: people(tell('dayplan.who-did-it'), MOST_CREW),
      /** Hours by the list, and hours worked: from these the company learns how long its work takes. */
      listH: hidden(num(0, 500, 'h')),
      workedH: hidden(num(0, 500, 'h').nullable(), { start: null }),
    },
    (b) =>
      tell('dayplan.work-line', {
        from: b.startedAt ? clock(b.startedAt) : '–',
        to: b.doneAt ? clock(b.doneAt) : '–',
        who: list(b.who),
      }),
    { ofJob: true, offered: false },
  ),
  'plan-move': entry(
    tell('dayplan.moved-by-hand'),
    {
      piece: pieceId(),
      who: maybe(people(tell('dayplan.who-does-it'), MOST_CREW)),
      notBefore: maybe(clockTime(tell('dayplan.not-before'), { hint: tell('dayplan.may-stay-empty') })),
      /** The day of that time; the first one where none is named. */
      on: maybe(hidden(z.iso.date())),
      hours: maybe(figure(tell('dayplan.takes'), 0.05, 100, 'h', { hint: tell('dayplan.your-own-estimate') })),
    },
    (b) =>
      tell('dayplan.move-line', {
        who: b.who ? list(b.who) : '–',
        notBefore: b.notBefore ? clock(b.notBefore) : '–',
        hours: b.hours === null ? '–' : q(b.hours, 'h'),
      }),
    { ofJob: true, offered: false },
  ),
  outside: entry(
    tell('dayplan.somebody-from-outside'),
    {
      what: choice(tell('dayplan.who-or-what'), OUTSIDERS),
      on: day(tell('dayplan.on')),
      from: clockTime(tell('dayplan.from')),
      to: clockTime(tell('dayplan.to')),
    },
    (b) =>
      tell('dayplan.outside-line', { what: value(b.what), day: dayOf(b.on), from: clock(b.from), to: clock(b.to) }),
    { ofJob: true },
  ),
  delivery: entry(
    tell('dayplan.delivery'),
    {
      piece: choice(tell('dayplan.what-comes'), DELIVERED),
      what: text(tell('dayplan.which-one'), 80, 0, { hint: tell('dayplan.as-ordered') }),
      state: choice(tell('dayplan.it-is'), DELIVERY_STATES, { stacked: true }),
      due: maybe(day(tell('dayplan.promised-for'), { when: is('state', 'promised', 'ordered') })),
      leadDays: sinceLater(
        maybe(
          count(tell('dayplan.takes-days'), 0, 365, {
            hint: tell('dayplan.nine-in-ten-come-within'),
            when: is('state', 'not ordered'),
          }),
        ),
      ),
      dueAt: maybe(clockTime(tell('dayplan.at'), { when: is('state', 'promised') })),
      wrong: maybe(
        text(tell('dayplan.what-is-wrong'), 200, 3, {
          hint: tell('dayplan.wrong-such-as'),
          when: is('state', 'is wrong'),
        }),
      ),
    },
    (b) =>
      tell('dayplan.delivery-line', {
        piece: value(b.piece),
        what: b.what || '–',
        state: value(b.state),
        due: b.due ? dayOf(b.due) : (b.wrong ?? ''),
      }),
    { ofJob: true },
  ),
  away: entry(
    tell('dayplan.called-away'),
    {
      who: people(tell('dayplan.who'), MOST_CREW),
      on: day(tell('dayplan.on')),
      from: clockTime(tell('dayplan.from')),
      to: clockTime(tell('dayplan.to')),
    },
    (b) => tell('dayplan.away-line', { who: list(b.who), day: dayOf(b.on), from: clock(b.from), to: clock(b.to) }),
    { ofJob: true },
  ),
  'go-check': entry(
    tell('dayplan.go-check'),
    {
      cylinders: pick(
        tell('dayplan.recovery-cylinder'),
        {
          'has room': tell('dayplan.has-room-for-the-old-charge'),
          'no room': tell('dayplan.has-no-room'),
          'not needed': tell('dayplan.not-needed-here'),
        },
        { stacked: true },
      ),
      nitrogen: pick(
        tell('dayplan.nitrogen'),
        {
          enough: tell('dayplan.enough-for-test-and-purge'),
          'too little': tell('dayplan.too-little'),
          'not needed': tell('dayplan.not-needed-here'),
        },
        { stacked: true },
      ),
      weather: pick(
        tell('dayplan.weather-for-it'),
        {
          fits: tell('dayplan.weather-fits'),
          wet: tell('dayplan.weather-wet'),
          windy: tell('dayplan.weather-windy'),
        },
        { stacked: true },
      ),
      air: pick(
        tell('dayplan.while-it-is-off'),
        {
          agreed: tell('dayplan.hours-agreed'),
          temporary: tell('dayplan.temporary-is-there'),
          missing: tell('dayplan.temporary-is-missing'),
        },
        { stacked: true },
      ),
      access: either(tell('dayplan.access'), [
        [true, tell('dayplan.access-agreed')],
        [false, tell('dayplan.access-not-agreed')],
      ]),
    },
    (b) =>
      tell('dayplan.go-check-line', {
        cylinders: value(b.cylinders),
        nitrogen: value(b.nitrogen),
        weather: value(b.weather),
        air: value(b.air),
      }),
    { ofJob: true, edited: true, caution: tell('dayplan.no-go-is-no-shame') },
  ),
  ...takeEntries,
  ...metalEntries,
  rescheduled: entry(
    tell('dayplan.rescheduled'),
    {
      from: hidden(z.iso.date()),
      to: hidden(z.iso.date()),
      fromLead: hidden(words(120, 1)),
      toLead: hidden(words(120, 1)),
      why: hidden(words(200)),
    },
    (b) =>
      tell(b.fromLead === b.toLead ? 'dayplan.rescheduled-line' : 'dayplan.rescheduled-to-line', {
        from: dayOf(b.from),
        to: dayOf(b.to),
        lead: b.toLead,
        why: b.why || '–',
      }),
    { ofJob: true, byTap: true },
  ),
  forecast: entry(
    tell('dayplan.weather'),
    {
      on: day(tell('dayplan.on')),
      highF: figure(tell('dayplan.high'), -20, 130, '°F'),
      lowF: figure(tell('dayplan.low'), -40, 110, '°F'),
      humidityPct: figure(tell('dayplan.humidity-at-high'), 1, 100, '%'),
      roof: pick(tell('dayplan.roof-is'), { dark: tell('dayplan.dark'), light: tell('dayplan.light') }),
    },
    (b) =>
      tell('dayplan.forecast-line', {
        day: dayOf(b.on),
        high: q(b.highF, 'F', 0),
        low: q(b.lowF, 'F', 0),
        pct: q(b.humidityPct, 'pct'),
      }),
    { ofJob: true },
  ),
};
