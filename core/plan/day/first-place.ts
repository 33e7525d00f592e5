import type { Because, Busy } from './activity';
import { SAME_H, type Span, workFrom } from './calendar';

type Asked = {
  /** How long it takes if it begins then, working hours. */
  hours: (at: number) => number;
  from: number;
  /** When its people work. */
  spans: readonly Span[];
  busy: readonly Busy[];
  windows?: readonly Span[] | undefined;
  /** It is not interrupted: nobody starts a machine before the night. */
  whole: boolean;
};
export type Tried = { start: number; end: number; because: Because | undefined; missed?: true };

/** The first place where a piece fits: within its people's hours, beside what they do already, in one of its windows. */
export function firstPlace(asked: Asked): Tried {
  for (const [from, to] of asked.windows ?? []) {
    const late = from > asked.from + SAME_H;
    const tried = beside(asked, Math.max(asked.from, from));
    if (tried && tried.end <= to + SAME_H)
      return late && tried.because === undefined ? { ...tried, because: { kind: 'window' } } : tried;
  }
  const tried = beside(asked, asked.from) ?? overtime(asked);
  return asked.windows?.length ? { ...tried, missed: true } : tried;
}

function beside({ hours, spans, busy, whole }: Asked, from: number): Tried | undefined {
  let at = from;
  let because: Because | undefined;
  // Every turn passes the end of one thing that is in the way, so this ends.
  for (let turn = 0; turn <= busy.length; turn++) {
    const place = placeIn(spans, at, hours, whole);
    if (!place) return undefined;
    const [start, end] = place;
    const inWay = busy.filter((b) => b.span[0] < end - SAME_H && b.span[1] > start + SAME_H);
    if (inWay.length === 0) return { start, end, because };
    const first = inWay.reduce((a, b) => (b.span[1] < a.span[1] ? b : a));
    at = first.span[1];
    because = first.because;
  }
  return undefined;
}

/** What runs alone runs through in one span; work goes on after a break. */
function placeIn(spans: readonly Span[], at: number, hours: (at: number) => number, whole: boolean): Span | undefined {
  for (const [from, to] of whole ? spans : []) {
    const start = Math.max(from, at);
    const end = start + hours(start);
    if (start < to && end <= to + SAME_H) return [start, end];
  }
  if (whole) return undefined;
  const begins = workFrom(spans, at, 0)?.[0] ?? at;
  return workFrom(spans, at, hours(begins));
}

/** No day holds it: it goes on where everything else ends. */
function overtime({ hours, from, spans, busy }: Asked): Tried {
  const start = Math.max(from, ...busy.map((b) => b.span[1]), spans.at(-1)?.[0] ?? from);
  return { start, end: start + hours(start), because: undefined };
}
