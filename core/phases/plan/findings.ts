import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import type { JobSheet } from '@/core/job/sheet';
import { deliveriesOf } from '@/core/phases/deliveries';
import { entriesOf } from '@/core/phases/log/circuit-log';
import { DAY_H } from '@/core/plan/day/calendar';
import { type Forecast, heatAt, NO_ENTRY_F } from '@/core/plan/day/heat';
import { orderBy } from '@/core/plan/order-by';
import { is, numberOf } from '@/core/scope/survey/facts';
import { knownFacts } from '@/core/scope/survey/survey';
import { daysBetween } from '@/core/words/calendar';
import { day as dayOf, list, lower, q, upper, value } from '@/core/words/said';
import { type DayPiece, type DayView, lastPlanned } from './day-view';
import { clockOf, pieceName } from './names';
import { tell } from './words';

/** A minute and a half more than agreed is no longer than agreed, h. */
const ROUND_H = 0.025;
const PRACTICE = tell('dayplan.common-practice');
const DESIGN = tell('dayplan.design-default');
const HOUR_MIN = 60;

/** What of a day is not as it should be, worst first. */
export function dayFindings(view: DayView, sheet: JobSheet): Finding[] {
  return orderFindings([
    ...certificate(view),
    ...windows(view),
    ...deliveries(view, sheet),
    ...outage(view, sheet),
    ...heat(view, sheet),
    ...late(view, sheet),
  ]);
}

const open = (p: DayPiece): boolean => p.progress?.done === undefined;

function certificate({ crew, pieces, said }: DayView): Finding[] {
  const first = pieces.find((p) => p.certified && open(p));
  if (!said || !first || crew.people.some((p) => p.certified)) return [];
  return [
    {
      id: 'day-certificate',
      verdict: 'look-again',
      claim: tell('dayplan.nobody-holds-a-certificate'),
      because: tell('dayplan.step-needs-one', { step: pieceName(first) }),
      source: tell('dayplan.epa-608'),
      next: { say: tell('dayplan.put-somebody-certified-on-it') },
    },
  ];
}

function windows({ pieces, placed }: DayView): Finding[] {
  return placed
    .filter((x) => x.missed)
    .map((x) => {
      const p = pieces.find((y) => y.id === x.id)!;
      return {
        id: `day-window-${x.id}`,
        verdict: 'look-again' as const,
        claim: tell('dayplan.misses-its-hours', { step: pieceName(p) }),
        because: tell('dayplan.does-not-fit-into-window'),
        source: PRACTICE,
        next: { say: tell('dayplan.move-the-window-or-the-work') },
      };
    });
}

function deliveries({ days, today }: DayView, sheet: JobSheet): Finding[] {
  const last = days.at(-1)!;
  return deliveriesOf(sheet).flatMap(({ id, body }): Finding[] => {
    const piece = tell('dayplan.piece-which', { piece: upper(value(body.piece)), what: body.what || '–' });
    // What came wrong stops the dismantling, not the day: go or no-go tells it.
    if (body.state === 'is wrong') return [];
    if (body.state === 'not ordered' && body.leadDays) {
      const by = orderBy(days[0]!, body.leadDays);
      const tooLate = today > by;
      return [
        {
          id: `day-late-${id}`,
          verdict: 'look-again',
          claim: tell(tooLate ? 'dayplan.comes-too-late' : 'dayplan.order-it-by', { piece, day: dayOf(by) }),
          because: tell('dayplan.takes-so-many-days', { days: String(body.leadDays) }),
          source: DESIGN,
          next: { say: tell(tooLate ? 'dayplan.move-or-split-the-job' : 'dayplan.order-it-now') },
        },
      ];
    }
    const late = body.due !== null && body.due > last;
    if (body.state !== 'not ordered' && !(late && body.state !== 'matches')) return [];
    return [
      {
        id: `day-late-${id}`,
        verdict: 'look-again',
        claim: tell(late ? 'dayplan.not-in-by-the-day' : 'dayplan.not-ordered-yet', { piece }),
        because: body.due ? tell('dayplan.promised-on', { day: dayOf(body.due) }) : tell('dayplan.no-day-promised'),
        source: PRACTICE,
        next: { say: tell('dayplan.move-or-split-the-job') },
      },
    ];
  });
}

function outage({ outage }: DayView, sheet: JobSheet): Finding[] {
  if (!outage) return [];
  const hours = outage[1] - outage[0];
  const known = knownFacts(sheet.survey.observations);
  const agreed = numberOf(known, 'outageH');
  const frail = is(known, 'vulnerable', 'old or small', 'ill');
  if (agreed !== undefined ? hours <= agreed + ROUND_H : !frail) return [];
  return [
    {
      id: 'day-outage',
      verdict: 'look-again',
      claim: tell(frail ? 'dayplan.people-at-risk-without' : 'dayplan.longer-without-than-agreed', {
        hours: q(hours, 'h'),
      }),
      because:
        agreed === undefined
          ? tell('dayplan.no-hours-agreed')
          : tell('dayplan.agreed-hours', { hours: q(agreed, 'h') }),
      source: PRACTICE,
      next: { say: tell('dayplan.temporary-heat-or-cooling') },
    },
  ];
}

/** The worst hour of each hot place that somebody works in. */
function heat({ days, placed, held }: DayView, sheet: JobSheet): Finding[] {
  const first = days[0]!;
  const byDay = new Map<number, Forecast>(
    entriesOf(sheet.jobLog, 'forecast').map(({ body }) => [daysBetween(first, body.on), body]),
  );
  const time = clockOf(first, sheet.site.timeZone);
  const worst = new Map<string, { at: number; p: DayPiece; felt: ReturnType<typeof heatAt> }>();
  for (const x of placed) {
    const p = held.find((y) => y.id === x.id)!;
    if (!p.hot || p.done) continue;
    for (const at of [x.start, (x.start + x.end) / 2, x.end]) {
      const forecast = byDay.get(Math.floor(at / DAY_H));
      if (!forecast) continue;
      const felt = heatAt(p.hot, forecast, at % DAY_H);
      const before = worst.get(p.hot);
      if (!before || felt.heatIndexF > before.felt.heatIndexF) worst.set(p.hot, { at, p, felt });
    }
  }
  return [...worst].flatMap(([place, { at, p, felt }]): Finding[] => {
    if (felt.workMin === HOUR_MIN && felt.enter) return [];
    return [
      {
        id: `day-heat-${place}`,
        verdict: felt.enter ? 'look-again' : 'stop',
        claim: felt.enter
          ? tell('dayplan.feels-like', { place: value(place), heat: q(felt.heatIndexF, 'F', 0), at: time(at) })
          : tell('dayplan.too-hot-to-enter', { air: q(felt.airF, 'F', 0), limit: q(NO_ENTRY_F, 'F', 0), at: time(at) }),
        because: tell('dayplan.work-and-rest', {
          step: lower(pieceName(p)),
          work: q(felt.workMin, 'min'),
          rest: q(HOUR_MIN - felt.workMin, 'min'),
        }),
        source: tell('dayplan.nws-and-design-default'),
        next: { say: tell('dayplan.do-it-early-with-water') },
      },
    ];
  });
}

function late(view: DayView, sheet: JobSheet): Finding[] {
  const { ends, deadline, finished, plan, days, now } = view;
  if (!finished && ends !== undefined && ends > lastPlanned(view.crew).at + DAY_H) return [anotherVisit(view)];
  if (ends === undefined || finished || ends <= deadline + ROUND_H) return [];
  const time = clockOf(days[0]!, sheet.site.timeZone);
  const over = now !== undefined && now >= deadline;
  return [
    {
      id: 'day-late',
      verdict: 'look-again',
      claim: tell('dayplan.ends-after', { ends: time(ends), by: time(deadline) }),
      because:
        plan.finishBy && plan.why ? tell('dayplan.as-written', { wrong: plan.why }) : tell('dayplan.end-of-the-day'),
      source: DESIGN,
      next: { say: tell(over ? 'dayplan.plan-another-visit' : 'dayplan.float-parallel-hand-split') },
    },
  ];
}

/** More work than the planned days hold. */
function anotherVisit({ placed, held, crew }: DayView): Finding {
  const end = lastPlanned(crew).at + DAY_H;
  const left = placed.filter((x) => x.end > end).map((x) => pieceName(held.find((p) => p.id === x.id)!));
  return {
    id: 'day-over',
    verdict: 'look-again',
    claim: tell('dayplan.more-than-the-days-hold'),
    because: tell('dayplan.left-for-another-day', { left: list(left, '; ') }),
    source: PRACTICE,
    next: { say: tell('dayplan.plan-another-visit') },
  };
}
