import type { Finding } from '@/core/finding/finding';
import type { JobSheet } from '@/core/job/sheet';
import { latestOf } from '@/core/phases/log/circuit-log';
import { openSpan, type Span, workedIn } from '@/core/plan/day/calendar';
import { crewOf } from '@/core/plan/day/crew';
import { is } from '@/core/scope/survey/facts';
import { knownFacts } from '@/core/scope/survey/survey';
import { list } from '@/core/words/said';
import { dayView, type OwnShares } from './day-view';
import type { RosterPerson } from './days';
import { dayFindings } from './findings';
import { tell } from './words';

/** One day of a job as a week shows it: from when to when, what of it waits, who is there. Hours of that day. */
export type WeekSlot = {
  jobId: string;
  number: number;
  customer: string;
  town: string;
  version: number;
  leadId: string;
  lead: string;
  on: string;
  /** The job's own day, or the visit that was planned by this entry. */
  visitId: string | null;
  n: number;
  of: number;
  crew: readonly string[];
  /** Somebody said who comes and when. */
  said: boolean;
  span: Span;
  /** While a machine or a hold runs alone. */
  waits: readonly Span[];
  /** Hours of work of this day, all people together. */
  workH: number;
  findings: readonly Finding[];
};

export type WeekVisit = { id: string | null; on: string };

/**
 * The days of a job for the week of the office: every visit with its hours, its waiting parts and what stands in its way.
 *
 * @param sheets one of each circuit, the first one first · @param visits its days in their order, the job's own first
 */
export function weekSlots(
  sheets: readonly JobSheet[],
  visits: readonly WeekVisit[],
  roster: readonly RosterPerson[],
  own: OwnShares,
  nowMs: number,
): WeekSlot[] {
  const sheet = sheets[0]!;
  const days = [...new Set(visits.map((v) => v.on))];
  const view = dayView(sheets, days, roster, own, nowMs);
  const findings = [...dayFindings(view, sheet), ...permitFinding(sheet)].filter((f) => f.verdict !== 'good');
  const planned = view.crew.days.filter((d) => !d.unplanned);
  return days.map((on, i) => {
    const day = planned[i]!;
    const [opens, closes] = openSpan(day, view.crew.days);
    const inDay = view.placed
      .filter((p) => p.end > opens && p.start < closes)
      .map((p) => ({ ...p, start: Math.max(p.start, opens), end: Math.min(p.end, closes) }))
      .filter((p) => p.end > p.start);
    const work = inDay.filter((p) => p.who.length > 0);
    const from = Math.min(day.to, ...inDay.map((p) => p.start));
    const to = Math.max(from, ...inDay.map((p) => p.end));
    return {
      jobId: sheet.job.id,
      number: sheet.job.number,
      customer: sheet.customer.name,
      town: sheet.site.town,
      version: sheet.job.version,
      leadId: sheet.job.leadId,
      lead: sheet.job.lead,
      on,
      visitId: visits.find((v) => v.on === on)?.id ?? null,
      n: i + 1,
      of: days.length,
      crew: view.crew.people.map((p) => p.name),
      said: view.said,
      span: [from - day.at, to - day.at],
      waits: merged(inDay.filter((p) => p.who.length === 0).map((p) => [p.start - day.at, p.end - day.at] as const)),
      workH: work.reduce((sum, p) => sum + workedIn(crewOf(view.crew, p.who), p.start, p.end) * p.who.length, 0),
      findings,
    };
  });
}

/** Spans that touch or overlap, as one. */
function merged(spans: readonly Span[]): Span[] {
  const out: [number, number][] = [];
  for (const [from, to] of [...spans].sort((a, b) => a[0] - b[0])) {
    const last = out.at(-1);
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else out.push([from, to]);
  }
  return out;
}

/** A permit that is needed before the work and that nobody has. */
function permitFinding(sheet: JobSheet): Finding[] {
  const known = knownFacts(sheet.survey.observations);
  if (!is(known, 'permit', 'needed', 'ask') || latestOf(sheet.jobLog, 'permit')) return [];
  return [
    {
      id: 'week-permit',
      verdict: 'look-again',
      claim: tell('dayplan.permit-not-in'),
      because: tell('dayplan.survey-says-permit'),
      source: tell('dayplan.common-practice'),
      next: { say: tell('dayplan.pull-the-permit') },
    },
  ];
}

/** Whoever is in two places, and a crew that is sent to two towns, by slot. */
export function clashesOf(slots: readonly WeekSlot[]): Map<WeekSlot, Finding[]> {
  const out = new Map<WeekSlot, Finding[]>();
  const add = (slot: WeekSlot, f: Finding): void => void out.set(slot, [...(out.get(slot) ?? []), f]);
  for (const a of slots)
    for (const b of slots) {
      if (a === b || a.on !== b.on || a.jobId === b.jobId) continue;
      const both = a.crew.filter((name) => b.crew.includes(name));
      if (both.length === 0) continue;
      const overlap = a.span[0] < b.span[1] && b.span[0] < a.span[1];
      if (overlap)
        add(a, {
          id: `week-twice-${b.number}`,
          verdict: 'look-again',
          claim: tell('dayplan.in-two-places', { who: list(both), number: String(b.number) }),
          because: tell('dayplan.hours-overlap'),
          source: tell('dayplan.common-practice'),
          next: { say: tell('dayplan.move-one-or-change-the-crew') },
        });
      else if (a.town !== b.town)
        add(a, {
          id: `week-travel-${b.number}`,
          verdict: 'look-again',
          claim: tell('dayplan.two-towns', { who: list(both), town: b.town }),
          because: tell('dayplan.travel-is-not-in-the-hours'),
          source: tell('dayplan.common-practice'),
          next: { say: tell('dayplan.allow-for-the-road') },
        });
    }
  return out;
}
