import type { Refusal } from '@/core/finding/outcome';
import { refusal } from '@/core/finding/outcome';
import { drawPart } from '@/core/metal/flat/part';
import type { Gauge } from '@/core/metal/sheet-gauge';
import type { EntryRules } from '@/core/phases/phase';
import { tell } from './words';

/** A device's clock may run this far ahead of the server's (design default), ms. */
const CLOCK_AHEAD_MS = 5 * 60_000;
const HOUR_MS = 3_600_000;
/** Worked hours are no more than the clock between beginning and end, but for a minute of rounding, h. */
const ROUND_H = 1 / 60;

const before = (field: string): Refusal =>
  refusal(field, tell('dayplan.ends-before-it-begins'), tell('dayplan.a-later-time'));
const span = (_sheet: unknown, { from, to }: { from: string; to: string }): Refusal | undefined =>
  to <= from ? before('to') : undefined;

/** What makes no sense on a day: an end before its beginning, work that has not been done yet. */
export const PLAN_RULES: EntryRules = {
  'metal-part': (_sheet, body) => {
    const drawn = drawPart(body.part, body, Number(body.gauge) as Gauge);
    return drawn.ok ? undefined : drawn.refused;
  },
  outside: span,
  away: span,
  'day-plan': (_sheet, { begins, ends }) => (ends <= begins ? before('ends') : undefined),
  delivery: (_sheet, { state, wrong }) =>
    state === 'is wrong' && !wrong
      ? refusal('wrong', tell('dayplan.say-what-is-wrong'), tell('dayplan.a-few-words'))
      : undefined,
  forecast: (_sheet, { lowF, highF }) =>
    lowF > highF ? refusal('lowF', tell('dayplan.low-above-high'), tell('dayplan.at-most-the-high')) : undefined,
  'plan-work': (_sheet, { startedAt, doneAt, workedH }, { nowMs }) => {
    const begun = startedAt === null ? undefined : Date.parse(startedAt);
    const done = doneAt === null ? undefined : Date.parse(doneAt);
    if (begun === undefined && done === undefined)
      return refusal('startedAt', tell('dayplan.say-begun-or-done'), tell('dayplan.a-time-up-to-now'));
    for (const [field, at] of [
      ['startedAt', begun],
      ['doneAt', done],
    ] as const)
      if (at !== undefined && at > nowMs + CLOCK_AHEAD_MS)
        return refusal(field, tell('dayplan.has-not-come-yet'), tell('dayplan.a-time-up-to-now'));
    if (begun !== undefined && done !== undefined && done < begun) return before('doneAt');
    const most = begun === undefined || done === undefined ? 0 : (done - begun) / HOUR_MS + ROUND_H;
    return workedH !== null && workedH > most
      ? refusal('workedH', tell('dayplan.more-hours-than-the-clock'), tell('dayplan.hours-of-the-clock'))
      : undefined;
  },
};
