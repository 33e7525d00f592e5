import type { JobSheet } from '@/core/job/sheet';
import { median } from '@/core/numeric/mean';
import { deliveriesOf } from '@/core/phases/deliveries';
import { entriesOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import type { PlacedPiece } from '@/core/plan/day/activity';
import { DAY_H, openSpan, type Span, workedIn } from '@/core/plan/day/calendar';
import { chainOf, endOf } from '@/core/plan/day/chain';
import type { Crew } from '@/core/plan/day/crew';
import { type Forecast, stretchBy } from '@/core/plan/day/heat';
import { dayWork, type PlanPiece } from '@/core/plan/day/make';
import { type Moved, movedBetween } from '@/core/plan/day/moved';
import { type DayRules, placeDay } from '@/core/plan/day/schedule';
import { stepOf } from '@/core/plan/day/steps';
import { durationOf, OWN_JOBS } from '@/core/plan/duration';
import { timesOf } from '@/core/plan/network';
import { dayAt, daysBetween, hoursFrom } from '@/core/words/calendar';
import { crewFor, type DayPlan, dayPlanOf, hoursOf, type RosterPerson, spanOn } from './days';
import { promisedFor } from './deliveries';
import { type OutsideWindow, outsideOf, windowsOf } from './outside';
import { doneSpan, type Progress, progressOf } from './progress';
import { daySystemsOf } from './source';

/** How long the company's own pieces took, as shares of what the list says, by step. */
export type OwnShares = Readonly<Record<string, readonly number[]>>;

/** A piece as the day sheet shows it. */
export type DayPiece = PlanPiece & {
  progress: Progress | undefined;
  /** Spread of ln hours. */
  sigma: number;
  /** How many of the company's own jobs its hours rest on, and their median; below five they are marked as a default. */
  ownJobs: number;
  ownMedianH: number | undefined;
  isDefault: boolean;
  /** Somebody said how long it takes. */
  typedHours: boolean;
};

export type DayView = {
  plan: DayPlan;
  said: boolean;
  days: readonly string[];
  /** By the clock of the site, YYYY-MM-DD. */
  today: string;
  crew: Crew;
  pieces: DayPiece[];
  /** The same with what each was given in the plan, as the forecast was placed with. */
  held: DayPiece[];
  rules: DayRules;
  planned: PlacedPiece[];
  placed: PlacedPiece[];
  chain: string[];
  /** How much each piece may slip before the end does, by what waits for what alone, h. */
  slack: ReadonlyMap<string, number>;
  /** The clock now, while the job's days last. */
  now: number | undefined;
  ends: number | undefined;
  /** How much later than planned, h; earlier is less than nothing. */
  behindH: number;
  deadline: number;
  moved: Moved[];
  outage: Span | undefined;
  outside: OutsideWindow[];
  /** People-hours of the whole. */
  workH: number;
  /** It has all been done. */
  finished: boolean;
};

/** A machine takes its time: its spread of ln hours is this (design default). */
const MACHINE_SIGMA = 0.1;
/** Two minutes: an hour that was said is held, whatever rounding did to it, h. */
const SLACK_H = 2 / 60;

/**
 * The day of a job: its work, its crew, how it was planned, how it stands now.
 *
 * @param sheets one of each circuit that is there, the first circuit's first · @param days of its visits, YYYY-MM-DD
 * @param roster the company's people · @param own how long its own jobs took · @param nowMs the clock of whoever looks, ms
 */
export function dayView(
  sheets: readonly JobSheet[],
  days: readonly string[],
  roster: readonly RosterPerson[],
  own: OwnShares,
  nowMs: number,
): DayView {
  const sheet = sheets[0]!;
  const { timeZone } = sheet.site;
  const first = days[0]!;
  const { plan, said } = dayPlanOf(sheet);
  const crew = crewFor(sheet, days, roster);
  const clock = (at: string | number): number => hoursFrom(first, at, timeZone);
  const outside = outsideOf(sheet, first);
  const pieces = piecesOf(sheets, own, clock, first, outside);
  const finished = pieces.every((p) => p.progress?.done !== undefined);
  const now = finished ? undefined : nowOn(days, clock(nowMs), dayAt(new Date(nowMs), timeZone), crew);
  const rules: DayRules = { now, stretch: stretchOf(sheet, first, days.length) };
  const fresh = pieces.map((p): DayPiece => ({ ...p, notBefore: p.notBefore }));
  const planned = placeDay(
    fresh,
    { ...crew, people: crew.people.map((p) => ({ ...p, away: [] })) },
    { stretch: rules.stretch },
  );
  const held = fresh.map((p) => holds(p, planned.find((x) => x.id === p.id)!, crew));
  const placed = placeDay(held, crew, rules);
  const ends = endOf(placed);
  const last = lastPlanned(crew);
  return {
    plan,
    said,
    days,
    today: dayAt(new Date(nowMs), timeZone),
    crew,
    pieces,
    held,
    rules,
    planned,
    placed,
    chain: chainOf(placed),
    slack: slackOf(pieces),
    now,
    ends,
    behindH: ends === undefined ? 0 : openHours(crew, endOf(planned)!, ends),
    deadline: plan.finishBy ? last.at + hoursOf(plan.finishBy) : last.to,
    moved: movedBetween(held, planned, placed).filter((m) => isCause(m, held)),
    outage: outageOf(pieces, placed),
    outside,
    workH: pieces.reduce((sum, p) => sum + p.hours * p.people, 0),
    finished,
  };
}

const slackOf = (pieces: readonly DayPiece[]): Map<string, number> =>
  new Map(timesOf(pieces).timed.map((t) => [t.activity.id, Math.max(0, t.latestStart - t.earliestStart)]));

/** Working hours between two moments, less than nothing backward: the night makes nobody late. */
function openHours(crew: Crew, from: number, to: number): number {
  const open = crew.days.map((d) => openSpan(d, crew.days));
  return to >= from ? workedIn(open, from, to) : -workedIn(open, to, from);
}

export const lastPlanned = (crew: Crew) => crew.days.findLast((d) => !d.unplanned)!;

/** While the days last the clock counts; before them nothing has begun, after them the rest waits for another visit. */
function nowOn(days: readonly string[], now: number, today: string, crew: Crew): number | undefined {
  if (today < days[0]!) return undefined;
  const last = lastPlanned(crew);
  return Math.min(now, daysBetween(days[0]!, today) > daysBetween(days[0]!, days.at(-1)!) ? last.to : now);
}

function piecesOf(
  sheets: readonly JobSheet[],
  own: OwnShares,
  clock: (at: string) => number,
  first: string,
  outside: readonly OutsideWindow[],
): DayPiece[] {
  const sheet = sheets[0]!;
  const made = dayWork(daySystemsOf(sheets));
  const progress = progressOf(made, sheets, clock);
  const moves = new Map(entriesOf(sheet.jobLog, 'plan-move').map(({ body }) => [body.piece, body]));
  const deliveries = deliveriesOf(sheet);
  return made.map((p): DayPiece => {
    const move = moves.get(p.id);
    const shares = own[p.step] ?? [];
    const { mu, sigma } = durationOf(
      p.defaultHours,
      shares.map((s) => s * p.defaultHours),
    );
    const hours = move?.hours ?? (p.people === 0 ? p.defaultHours : Math.exp(mu));
    const wish = wishOf(move, first);
    const promised = promisedFor(p, deliveries, first);
    return {
      ...p,
      hours,
      who: move?.who ?? undefined,
      notBefore: wish === undefined ? promised : Math.max(wish, promised ?? wish),
      windows: windowsOf(p, outside),
      progress: progress.get(p.id),
      sigma: p.people === 0 ? MACHINE_SIGMA : sigma,
      ownJobs: shares.length,
      ownMedianH: shares.length ? median(shares) * p.defaultHours : undefined,
      isDefault: shares.length < OWN_JOBS,
      typedHours: move?.hours !== null && move?.hours !== undefined,
    };
  });
}

const wishOf = (move: EntryBody<'plan-move'> | undefined, first: string): number | undefined =>
  move?.notBefore ? spanOn(first, move.on ?? first, move.notBefore, move.notBefore)[0] : undefined;

/** A piece as the day goes on with it: by whom it was planned, unless they were called away; done and begun as it was. */
function holds(p: DayPiece, planned: PlacedPiece, crew: Crew): DayPiece {
  const called = planned.who.some((name) =>
    crew.people
      .find((x) => x.name === name)
      ?.away.some(([f, t]) => f < planned.end - SLACK_H && t > planned.start + SLACK_H),
  );
  const nobodySaid = p.progress?.by === 'what follows' && p.progress.begun === undefined;
  const who = p.progress?.who ?? (nobodySaid ? [] : (p.who ?? (called ? undefined : planned.who)));
  const done = p.progress && doneSpan(p.progress, p.hours);
  return { ...p, who, ...(done ? { done } : p.progress?.begun !== undefined ? { begun: p.progress.begun } : {}) };
}

/** Work at hot places by the newest forecast of each day. */
function stretchOf(sheet: JobSheet, first: string, days: number): DayRules['stretch'] {
  const byDay = new Map<number, Forecast>(
    entriesOf(sheet.jobLog, 'forecast').map(({ body }) => [daysBetween(first, body.on), body]),
  );
  if (byDay.size === 0 || days === 0) return undefined;
  return (place, at) => {
    const forecast = byDay.get(Math.floor(at / DAY_H));
    return forecast ? stretchBy(forecast)(place, at) : 1;
  };
}

/** What moved by itself: it took longer, or waits for something that is no work of this day. What only follows is left out. */
function isCause({ id, kind, because }: Moved, pieces: readonly DayPiece[]): boolean {
  const { progress } = pieces.find((p) => p.id === id)!;
  if (kind !== 'starts') return progress?.begun !== undefined || progress?.by === 'typed';
  return because.kind === 'now' || because.kind === 'window' || because.kind === 'not before';
}

/** From when to when the house is without heating and cooling. */
function outageOf(pieces: readonly PlanPiece[], placed: readonly PlacedPiece[]): Span | undefined {
  const of = (end: 'begins' | 'ends') =>
    placed.filter((x) => stepOf(pieces.find((p) => p.id === x.id)!.step).outage === end);
  const begins = of('begins').map((x) => x.start);
  const ends = of('ends').map((x) => x.end);
  return begins.length && ends.length ? [Math.min(...begins), Math.max(...ends)] : undefined;
}
