import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { JobSheet } from '@/core/job/sheet';
import { sampleSheet, signedOff } from '@/core/job/testing/sample-sheet';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { daysAfter, daysBetween } from '@/core/words/calendar';
import { english } from '@/core/words/testing/english';
import { deskTemplate } from './desk-fields';
import { goesTo, lateWords, openItems, openTable, refusesClosing } from './open-items';
import { takenOver, takeOverWords } from './take-over';
import { walkTable } from './walkthrough';
import { registerBy, registerFindings, registering, warrantyTable } from './warranty';
import { endsOn } from './warranty-entries';
import { tell } from './words';

const ITEM = {
  what: 'Whip clamp missing',
  owner: 'electrician',
  name: 'Wirth Electric',
  due: '2026-06-10',
  next: 'They come Tuesday',
} as const;
const CALL = {
  reportedOn: '2026-06-20',
  complaint: 'Room over garage warm',
  shownBy: 'airflow',
  due: '2026-06-23',
} as const;

describe('the last day of a warranty', () => {
  it.each([
    ['2026-06-01', 10, '2036-05-31'],
    ['2026-01-01', 1, '2026-12-31'],
    ['2026-01-31', 0.25, '2026-04-30'],
    // A leap day has no anniversary: the month’s last day ends it.
    ['2028-02-29', 1, '2029-02-28'],
    ['2028-02-29', 4, '2032-02-28'],
  ])('%s, %d years: %s', (beginsOn, years, end) => expect(endsOn({ beginsOn, years })).toBe(end));
  it('is never later than so many years of 366 days, never earlier than of 365 (any day)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 20_000 }), fc.integer({ min: 1, max: 30 }), (n, years) => {
        const beginsOn = daysAfter('2000-01-01', n);
        const days = daysBetween(beginsOn, endsOn({ beginsOn, years })) + 1;
        expect(days).toBeGreaterThanOrEqual(365 * years);
        expect(days).toBeLessThanOrEqual(365.25 * years + 1);
      }),
    );
  });
});

describe('what is open', () => {
  const log = new LogBuilder().add('open-item', ITEM).add('call-back', CALL).log;
  it('is listed with its owner, nearest first; closed by its first record’s id, and then it is no more late', () => {
    const [item, call] = openItems(log, '2026-06-01');
    expect([item!.kind, english(item!.owner)]).toEqual(['open-item', 'electrician: Wirth Electric']);
    expect(english(call!.what)).toBe('Room over garage warm (day 19 after the hand-over)');
    const closed = new LogBuilder()
      .add('open-item', ITEM)
      .add('open-closed', { itemId: 'e1', on: '2026-06-09', how: 'Clamp set' }).log;
    expect(openItems(closed)[0]!.closed).toEqual({ on: '2026-06-09', how: 'Clamp set' });
    expect(goesTo(openItems(closed)[0]!, '2027-01-01')).toBe('nobody');
    expect(lateWords(openItems(closed)[0]!, '2027-01-01')).toBeUndefined();
  });
  it('stays the same item when it is put right', () => {
    const fixed = new LogBuilder()
      .add('open-item', ITEM)
      .add('open-item', { ...ITEM, due: '2026-06-12' }, { supersedesId: 'e1' });
    expect(openItems(fixed.log).map((i) => [i.id, i.due])).toEqual([['e1', '2026-06-12']]);
  });
  it('on its day nobody, then the lead for a week, then the owner', () => {
    const [item] = openItems(log);
    const to = (today: string) => goesTo(item!, today);
    expect(['2026-06-10', '2026-06-11', '2026-06-17', '2026-06-18'].map(to)).toEqual([
      'nobody',
      'lead',
      'lead',
      'owner',
    ]);
    expect(english(lateWords(item!, '2026-06-18')!)).toBe('8 days late: the company’s owner sees to it.');
  });
  it('a complaint is a call-back for thirty days, then service', () => {
    const kind = (handedOver: string) => openItems(log, handedOver).find((i) => i.kind !== 'open-item')!.kind;
    expect(kind('2026-05-21')).toBe('call-back');
    expect(kind('2026-05-20')).toBe('service');
  });
  it('nothing is closed that is not there', () => {
    const sheet = { jobLog: log } as JobSheet;
    expect(refusesClosing(sheet, { itemId: 'e1', on: '2026-06-09', how: 'done' })).toBeUndefined();
    expect(refusesClosing(sheet, { itemId: 'e9', on: '2026-06-09', how: 'done' })?.field).toBe('itemId');
  });
  it('the report lists what is still open before what was closed', () => {
    const both = new LogBuilder()
      .add('open-item', ITEM)
      .add('open-closed', { itemId: 'e1', on: '2026-06-09', how: 'Clamp set' })
      .add('open-item', { ...ITEM, what: 'Touch-up paint', due: '2026-07-01' });
    expect(openTable(both.log).rows.map((r) => english(r[0] as string))).toEqual([
      'Touch-up paint',
      'Whip clamp missing',
    ]);
  });
});

describe('warranty', () => {
  const handed = signedOff('hand-over', { at: '2026-06-01T20:00:00.000Z' });
  const sheet = (jobLog: JobSheet['jobLog'] = []) => sampleSheet({ jobLog, signOffs: [handed] });
  const SERIAL = { piece: 'outdoor unit', model: 'HX-36', serial: 'A1', where: '' } as const;
  const owed = new LogBuilder().add('serial', SERIAL).log;
  const done = new LogBuilder()
    .add('serial', SERIAL)
    .add('registered', { piece: '', on: '2026-06-20', number: 'Q-7' }).log;
  it('is registered within the company’s days of the hand-over; sixty where nothing is set', () => {
    expect(registering(sheet())).toEqual({ from: '2026-06-01', days: 60 });
    expect(registerBy(owed, '2026-06-01', 60)).toBe('2026-07-31');
    expect(registerBy([], '2026-06-01', 60)).toBeUndefined();
    expect(registerBy(done, '2026-06-01', 60)).toBeUndefined();
  });
  it('is silent while there is time, then reminds, then is late; once done nothing', () => {
    const verdict = (today: string, log?: JobSheet['jobLog']) =>
      registerFindings(sheet(log ?? owed), today)[0]?.verdict;
    expect(['2026-06-30', '2026-07-01', '2026-07-31', '2026-08-01'].map((d) => verdict(d))).toEqual([
      undefined,
      'not-proven',
      'not-proven',
      'look-again',
    ]);
    expect(verdict('2026-08-01', done)).toBeUndefined();
    expect(registerFindings(sampleSheet({ jobLog: owed, signOffs: [] }), '2026-12-01')).toEqual([]);
  });
  it('says of each part when it ends', () => {
    const log = new LogBuilder().add('warranty-term', {
      covers: 'compressor',
      piece: 'outdoor unit',
      beginsOn: '2026-06-01',
      years: 10,
      by: 'Corvane',
    }).log;
    expect(warrantyTable(log).rows[0]!.map((c) => english(c))).toEqual([
      'compressor: outdoor unit',
      'Jun 1, 2026',
      'May 31, 2036',
      'Corvane',
    ]);
  });
});

describe('the owner', () => {
  const ALL = Object.fromEntries(
    ['thermostat', 'filter', 'shutOffs', 'water', 'outdoor', 'gasValve', 'alarms', 'papers', 'whomToCall'].map((p) => [
      p,
      'shown',
    ]),
  );
  it('is shown what is there: what is not there is not listed, what was not shown is', () => {
    const body = { ...ALL, who: 'A. Wren', left: '', gasValve: 'none here', alarms: 'not shown' };
    const { rows } = walkTable(new LogBuilder().add('walkthrough', body as never).log);
    expect(rows).toHaveLength(8);
    expect(rows.filter((r) => english(r[1]!) === 'not shown')).toHaveLength(1);
    expect(walkTable([]).rows).toEqual([]);
  });
  it('signs the five lines as they stand; nobody asked is no signature, and a later change is said', () => {
    const five = [{ id: 'done' as const, label: tell('five.done'), said: ['New unit.'] }];
    const signature = {
      subject: 'hand-over',
      answer: 'yes' as const,
      customer: 'A. Wren',
      witness: 'Tess Orlan',
      at: '2026-06-01T20:00:00.000Z',
      reason: null,
      ink: 'M1 1L2 2',
      said: takeOverWords(five),
    } as never;
    expect(takenOver([], five)).toBeUndefined();
    expect(takenOver([signature], five)).toMatchObject({ ink: 'M1 1L2 2' });
    expect(takenOver([signature], five)!.since).toBeUndefined();
    expect(takenOver([signature], [{ ...five[0]!, said: ['Two units.'] }])!.since).toBeDefined();
    const refused = { ...(signature as object), answer: 'no', ink: null, reason: 'Wants to see it cool' } as never;
    expect(english(takenOver([signature, refused], five)!.say)).toContain('Wants to see it cool');
  });
});

describe('the template of the warranty desk', () => {
  it('is what most ask for where nothing is stored; names that are no fields fall out, own lines keep their colon', () => {
    expect(deskTemplate(undefined, undefined).fields).toContain('outdoorSerial');
    expect(deskTemplate('nothing claim job', 'Dealer: 4711\nHours: 8:00 to 5:00\n:x').fields).toEqual(['claim', 'job']);
    expect(deskTemplate('', 'Dealer: 4711\nHours: 8:00 to 5:00\n:x').own).toEqual([
      ['Dealer', '4711'],
      ['Hours', '8:00 to 5:00'],
    ]);
  });
});
