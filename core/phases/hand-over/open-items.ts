import { refusal } from '@/core/finding/outcome';
import type { ReportTable } from '@/core/job/report-parts';
import type { SheetWith } from '@/core/job/sheet';
import { type CircuitEntry, entriesOf, rootOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import { daysBetween } from '@/core/words/calendar';
import { day, type Label, type Said, value } from '@/core/words/said';
import { SHOWN_BY } from './open-entries';
import { tell } from './words';

/** Late by so many days it goes past the lead to the company's owner (design default). */
const TO_OWNER_DAYS = 7;
/** A complaint within so many days of the hand-over is a call-back; later it is service (design default). */
const CALL_BACK_DAYS = 30;

/** Something that was left open or called about, and whether it is closed. */
export type OpenItem = {
  /** Its first record: what closes it names this. */
  id: string;
  /** Its newest record, which is put right. */
  entryId: string;
  kind: 'open-item' | 'call-back' | 'service';
  what: Label;
  owner: Label;
  due: string;
  next: Label;
  closed?: { on: string; how: string };
};

/**
 * What is open at a job, what was closed beside it; the nearest first.
 *
 * @param handedOverOn the day from which a complaint counts as a call-back, YYYY-MM-DD
 */
export function openItems(log: readonly CircuitEntry[], handedOverOn?: string): OpenItem[] {
  const closed = new Map(entriesOf(log, 'open-closed').map((e) => [e.body.itemId, e.body]));
  const endOf = (id: string) => {
    const end = closed.get(id);
    return end ? { closed: { on: end.on, how: end.how } } : {};
  };
  const items = entriesOf(log, 'open-item').map((e): OpenItem => {
    const id = rootOf(log, e);
    const { what, owner, name, due, next } = e.body;
    return {
      id,
      entryId: e.id,
      kind: 'open-item',
      what,
      owner: name ? tell('open.owner-named', { owner: value(owner), name }) : value(owner),
      due,
      next,
      ...endOf(id),
    };
  });
  const calls = entriesOf(log, 'call-back').map((e): OpenItem => {
    const id = rootOf(log, e);
    const { complaint, due, shownBy, reportedOn } = e.body;
    const after = handedOverOn === undefined ? undefined : daysBetween(handedOverOn, reportedOn);
    const late = after !== undefined && after > CALL_BACK_DAYS;
    return {
      id,
      entryId: e.id,
      kind: late ? 'service' : 'call-back',
      what: after === undefined || after < 0 ? complaint : tell('open.days-after', { complaint, n: after }),
      owner: value('our crew'),
      due,
      next: tell('open.look-at', { shownBy: SHOWN_BY[shownBy] }),
      ...endOf(id),
    };
  });
  return [...items, ...calls].sort((a, b) => a.due.localeCompare(b.due));
}

/** To whom something late goes: nobody before its day, then the lead, then the company's owner. */
export function goesTo({ due, closed }: OpenItem, today: string): 'nobody' | 'lead' | 'owner' {
  const late = daysBetween(due, today);
  if (closed || late <= 0) return 'nobody';
  return late <= TO_OWNER_DAYS ? 'lead' : 'owner';
}

/** What closes nothing, or closes before it began. */
export function refusesClosing(sheet: SheetWith<'jobLog'>, { itemId }: EntryBody<'open-closed'>) {
  return openItems(sheet.jobLog).some((i) => i.id === itemId)
    ? undefined
    : refusal('itemId', tell('open.no-such-item'), tell('open.an-item-of-this-job'));
}

/** How late something is, in words; nothing where it is not late. */
export function lateWords(item: OpenItem, today: string): Said | undefined {
  const to = goesTo(item, today);
  if (to === 'nobody') return undefined;
  const days = daysBetween(item.due, today);
  return tell(to === 'lead' ? 'open.late-lead' : 'open.late-owner', { days });
}

/** Open items as the report prints them: the open ones first, then what was closed and how. */
export function openTable(log: readonly CircuitEntry[], handedOverOn?: string): ReportTable {
  const items = openItems(log, handedOverOn);
  const rows = [...items.filter((i) => !i.closed), ...items.filter((i) => i.closed)];
  return {
    title: tell('open.open-items'),
    columns: [tell('open.what'), tell('open.owner'), tell('open.due'), tell('open.next-step')],
    rows: rows.map((i) => [
      i.what,
      i.owner,
      day(i.due),
      i.closed ? tell('open.closed-line', { day: day(i.closed.on), how: i.closed.how }) : i.next,
    ]),
  };
}
