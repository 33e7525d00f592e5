import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { JobSheet, SheetSignOff } from '@/core/job/sheet';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import type { CircuitEntry } from '@/core/phases/log/circuit-log';
import { splitLog } from '@/core/phases/log/circuit-log';
import type { EntryBody, EntryKind } from '@/core/phases/log/entries';
import { goFindings } from '@/core/phases/scope/go';
import { anyLog } from '@/core/phases/testing/any-log';
import { adviceFor } from '@/core/plan/day/advice';
import { stepOf } from '@/core/plan/day/steps';
import { orderBy } from '@/core/plan/order-by';
import { anySurvey } from '@/core/scope/testing/any-survey';
import { SAMPLE_OUTDOOR } from '@/core/scope/testing/sample-scope';
import { english } from '@/core/words/testing/english';
import { type DayView, dayView, type OwnShares } from './day-view';
import { dayFindings } from './findings';
import { planMove } from './move';
import { clockOf, pieceName } from './names';
import { PLAN_RULES } from './rules';

const ROSTER = [
  { name: 'Tess Orlan', leads: true, certified: true },
  { name: 'Pim Adeyo', leads: false, certified: false },
];
const DAY = '2026-06-01';
/** Eight in the morning in New York, in June. */
const at = (hours: number): string => new Date(Date.UTC(2026, 5, 1, 4) + hours * 3_600_000).toISOString();

let made = 0;
function written<K extends EntryKind>(kind: K, body: EntryBody<K>, when = at(7)): CircuitEntry {
  made += 1;
  return {
    id: `w${made}`,
    circuitId: 'k',
    phase: 'plan',
    source: 'typed',
    supersedesId: null,
    by: 'Tess Orlan',
    at: when,
    kind,
    body,
  } as unknown as CircuitEntry;
}
const dayPlan = (more: Partial<EntryBody<'day-plan'>> = {}) =>
  written('day-plan', {
    begins: '08:00',
    ends: '17:00',
    lunchAt: '12:00',
    crew: ['Tess Orlan', 'Pim Adeyo'],
    finishBy: null,
    why: '',
    ...more,
  });
const signed = (phase: SheetSignOff['phase'], hours: number): SheetSignOff => ({
  id: phase,
  ownerId: 'k',
  phase,
  by: 'Tess Orlan',
  certificate: null,
  at: at(hours),
  contentHash: '',
});

function viewOf(
  sheet: JobSheet,
  { now = 7, own = {}, days = [DAY] }: { now?: number; own?: OwnShares; days?: string[] } = {},
) {
  return dayView([sheet], days, ROSTER, own, Date.parse(at(now)));
}
const fresh = (jobLog: CircuitEntry[] = [dayPlan()], change: Partial<JobSheet> = {}): JobSheet =>
  sampleSheet({ vacuum: null, jobLog, ...(change as object) });
const piece = (view: DayView, step: string) => view.held.find((p) => p.step === step)!;
const place = (view: DayView, step: string) => view.placed.find((p) => p.id === piece(view, step)?.id)!;
const idOf = (step: string): string =>
  stepOf(step as never).of === 'circuit' ? `${step}.k` : stepOf(step as never).of === 'job' ? step : `${step}.y`;

describe('the work of a day', () => {
  it('of a split system entered by its plate: every step from unloading to the walk, none that it has not', () => {
    const steps = viewOf(fresh()).pieces.map((p) => p.step);
    expect(steps).toEqual([
      'unload',
      'recover',
      'remove',
      'set-outdoor',
      'set-indoor',
      'lines',
      'hold',
      'vacuum',
      'drain',
      'wire',
      'charge',
      'start-up',
      'haul',
      'walk',
    ]);
  });
  it('a packaged unit has nothing to braze, hold or pump; a furnace alone nothing of a circuit', () => {
    const packaged = fresh([dayPlan()]);
    packaged.circuit.plate = { ...packaged.circuit.plate!, packaged: true };
    const steps = viewOf(packaged).pieces.map((p) => p.step);
    expect(steps).toContain('set-package');
    for (const none of ['lines', 'hold', 'vacuum', 'charge', 'set-outdoor', 'set-indoor'])
      expect(steps).not.toContain(none);
    const furnace = fresh([dayPlan()], {
      circuit: { id: 'k', name: 'Circuit 1', version: 1, plate: null } as never,
      survey: { observations: [fact('systemType', 'furnace-gas')], waivers: [], photos: [] },
    });
    const burning = viewOf(furnace).pieces.map((p) => p.step);
    expect(burning).toContain('furnace-proof');
    expect(burning).toContain('set-indoor');
    for (const none of ['recover', 'start-up', 'drain', 'set-outdoor']) expect(burning).not.toContain(none);
  });
  it('hours come from the items of the scope; what no step knows is other work', () => {
    const sheet = fresh([dayPlan()], {
      circuit: { id: 'k', name: 'Circuit 1', version: 1, plate: null } as never,
      survey: { observations: [fact('systemType', 'split-hp'), fact('flexState', 'flaking')], waivers: [], photos: [] },
    });
    sheet.scope.outdoor = { id: 'o', ...SAMPLE_OUTDOOR } as never;
    sheet.scope.lines = [{ id: 'l', say: 'Cut a hatch', hours: 1.5, materials: 0, by: 'Tess Orlan', at: at(1) }];
    const view = viewOf(sheet);
    // By the standard list: taking out 2.5 h by two, the outdoor unit 2, the air handler 3 by two.
    expect(piece(view, 'remove').defaultHours).toBe(1.25);
    expect(piece(view, 'set-outdoor').defaultHours).toBe(2);
    expect(piece(view, 'set-indoor').defaultHours).toBe(1.5);
    expect(piece(view, 'other').defaultHours).toBeGreaterThanOrEqual(1.5);
  });
  it('two circuits are recovered, brazed and pumped each by itself; two systems name their pieces', () => {
    const first = fresh([dayPlan()]);
    const second = { ...first, circuit: { ...first.circuit, id: 'k2', name: 'Circuit 2' } };
    const two = dayView([first, second], [DAY], ROSTER, {}, Date.parse(at(7)));
    expect(two.pieces.filter((p) => p.step === 'vacuum').map((p) => [p.id, p.of])).toEqual([
      ['vacuum.k', 'Circuit 1'],
      ['vacuum.k2', 'Circuit 2'],
    ]);
    // One pump: the second waits for the first.
    const [a, b] = two.placed.filter((p) => p.id.startsWith('vacuum')).sort((x, y) => x.start - y.start);
    expect(b!.start).toBeGreaterThanOrEqual(a!.end - 1e-9);
    expect(two.pieces.filter((p) => p.step === 'remove')).toHaveLength(1);
    const house = { ...second, system: { ...second.system, id: 'z', name: 'Downstairs' } };
    const names = dayView([first, house], [DAY], ROSTER, {}, Date.parse(at(7))).pieces.map((p) =>
      english(pieceName(p)),
    );
    expect(names).toContain('Take out the old unit, Downstairs');
    expect(names.filter((n) => n === 'Unload, protect the house')).toHaveLength(1);
  });
  it('the company’s own jobs move the hours from the list, and below five they are marked as a default', () => {
    // Five pieces that took 1.2, 1.4, 1.07, 1.6 and 1.27 of the list: the worked case of 1.5 h.
    const shares = [1.8, 2.1, 1.6, 2.4, 1.9].map((h) => h / 1.5);
    const view = viewOf(fresh(), { own: { wire: shares, drain: [2] } });
    expect(piece(view, 'wire').hours).toBeCloseTo(1.76 / 1.5, 2);
    expect(piece(view, 'wire')).toMatchObject({ ownJobs: 5, isDefault: false });
    expect(piece(view, 'wire').ownMedianH).toBeCloseTo(1.9 / 1.5, 6);
    expect(piece(view, 'drain').isDefault).toBe(true);
    // A machine takes its time, whatever the jobs took.
    expect(piece(viewOf(fresh(), { own: { vacuum: [3, 3, 3, 3, 3] } }), 'vacuum').hours).toBe(1.5);
  });
});

const fact = (name: string, value: unknown) =>
  ({
    id: name,
    fact: name,
    value,
    method: 'seen',
    source: 'on site',
    confidence: 'high',
    note: null,
    photoId: null,
    by: 'Tess Orlan',
    at: at(6),
    occurredAt: at(6),
  }) as never;

describe('progress', () => {
  it('a signed phase is done at its signature; what must have come before it is done too, and nobody said when', () => {
    const sheet = fresh([dayPlan()], { signOffs: [signed('join', 12)] });
    const view = viewOf(sheet, { now: 13 });
    expect(piece(view, 'lines').progress).toMatchObject({ done: 12, by: 'phase' });
    expect(piece(view, 'remove').progress).toMatchObject({ by: 'what follows' });
    expect(place(view, 'remove').who).toEqual([]);
    expect(piece(view, 'wire').progress).toBeUndefined();
    expect(place(view, 'hold').start).toBeCloseTo(13, 9);
  });
  it('what is typed counts before what its phase says', () => {
    const typed = written('plan-work', {
      piece: idOf('lines'),
      startedAt: at(10),
      doneAt: at(11),
      who: ['Pim Adeyo'],
      listH: 1.25,
      workedH: 1,
    });
    const view = viewOf(fresh([dayPlan(), typed], { signOffs: [signed('join', 14)] }), { now: 15 });
    expect(place(view, 'lines')).toMatchObject({ start: 10, end: 11, who: ['Pim Adeyo'] });
  });
  it('begun and past its hours it goes on from now; the rest of the day follows, and it is told', () => {
    const begun = written('plan-work', {
      piece: idOf('remove'),
      startedAt: at(9),
      doneAt: null,
      who: ['Tess Orlan', 'Pim Adeyo'],
      listH: 1.25,
      workedH: null,
    });
    const view = viewOf(fresh([dayPlan(), begun]), { now: 11.5 });
    expect(place(view, 'remove').end).toBeCloseTo(11.5 + 1 / 12, 6);
    expect(view.moved.map((m) => [m.id, m.kind])).toContainEqual([idOf('remove'), 'runs over']);
    expect(view.behindH).toBeGreaterThan(0);
  });
  it('all done: nothing is late, nothing is next', () => {
    const log = viewOf(fresh()).pieces.map((p, i) =>
      written('plan-work', {
        piece: p.id,
        startedAt: at(8 + i / 4),
        doneAt: at(8.2 + i / 4),
        who: ['Tess Orlan'],
        listH: 1,
        workedH: 0.2,
      }),
    );
    const sheet = fresh([dayPlan(), ...log]);
    const view = viewOf(sheet, { now: 13 });
    expect(view).toMatchObject({ finished: true, now: undefined });
    expect(planMove(sheet, { view, advice: undefined }).kind).toBe('good');
    expect(dayFindings(view, sheet)).toEqual([]);
  });
  it('before its day the clock does not count; after it the rest waits for another visit', () => {
    expect(viewOf(fresh(), { now: -5 }).now).toBeUndefined();
    expect(viewOf(fresh(), { now: 40 }).now).toBe(17);
  });
});

describe('what a person says of the day', () => {
  it('who and when and how long are held; not before its delivery', () => {
    const moved = written('plan-move', {
      piece: idOf('wire'),
      who: ['Tess Orlan'],
      notBefore: '15:00',
      on: null,
      hours: 0.75,
    });
    const comes = written('delivery', {
      piece: 'indoor unit',
      what: '',
      state: 'promised',
      due: DAY,
      dueAt: '13:00',
      wrong: null,
    });
    const view = viewOf(fresh([dayPlan(), moved, comes]));
    expect(place(view, 'wire')).toMatchObject({ who: ['Tess Orlan'] });
    expect(place(view, 'wire').start).toBeGreaterThanOrEqual(15);
    expect(piece(view, 'wire')).toMatchObject({ hours: 0.75, typedHours: true });
    expect(place(view, 'set-indoor')).toMatchObject({ start: 13, because: { kind: 'not before' } });
    // There and right it holds nothing back.
    const here = written('delivery', {
      piece: 'indoor unit',
      what: '',
      state: 'matches',
      due: null,
      dueAt: null,
      wrong: null,
    });
    expect(place(viewOf(fresh([dayPlan(), here])), 'set-indoor').start).toBeLessThan(13);
  });
  it('who is called away does nothing then, and what was theirs may go to others', () => {
    const away = written('away', { who: ['Tess Orlan'], on: DAY, from: '08:00', to: '11:00' });
    const view = viewOf(fresh([dayPlan(), away]));
    for (const p of view.placed.filter((x) => x.who.includes('Tess Orlan'))) expect(p.start).toBeGreaterThanOrEqual(11);
    expect(view.behindH).toBeGreaterThan(0);
  });
  it('two days: the second begins where the first ends, and the deadline is on the last', () => {
    const view = viewOf(fresh([dayPlan({ ends: '11:00', finishBy: '10:30' })]), { days: [DAY, '2026-06-02'] });
    expect(view.deadline).toBe(24 + 10.5);
    expect(view.placed.some((p) => p.start >= 32)).toBe(true);
    expect(view.placed.filter((p) => p.who.length && p.start > 11 && p.start < 32)).toEqual([]);
  });
});

describe('what of a day is not as it should be', () => {
  const ids = (sheet: JobSheet, view = viewOf(sheet)): string[] => dayFindings(view, sheet).map((f) => f.id);
  it('nobody certified, an outage past what was agreed, a wrong delivery, a missed window', () => {
    expect(ids(fresh([dayPlan({ crew: ['Pim Adeyo'] })]))).toContain('day-certificate');
    expect(ids(fresh([dayPlan()]))).not.toContain('day-certificate');
    const agreed = (h: number) =>
      fresh([dayPlan()], { survey: { observations: [fact('outageH', h)], waivers: [], photos: [] } });
    const hours = (() => {
      const { outage } = viewOf(fresh([dayPlan()]));
      return outage![1] - outage![0];
    })();
    expect(ids(agreed(Math.floor(hours)))).toContain('day-outage');
    expect(ids(agreed(Math.ceil(hours)))).not.toContain('day-outage');
    const frail = fresh([dayPlan()], {
      survey: { observations: [fact('vulnerable', 'ill')], waivers: [], photos: [] },
    });
    expect(ids(frail)).toContain('day-outage');
    const wrong = fresh([
      dayPlan(),
      written('delivery', {
        piece: 'heater kit',
        what: '15 kW',
        state: 'is wrong',
        due: null,
        dueAt: null,
        wrong: 'ordered was 10 kW',
      }),
    ]);
    expect(goFindings(wrong)[0]).toMatchObject({ verdict: 'stop' });
    expect(planMove(wrong, { view: viewOf(wrong), advice: undefined }).kind).toBe('stop');
  });
  it('a piece that is promised for after the day, or not ordered', () => {
    const comes = (more: Partial<EntryBody<'delivery'>>) =>
      fresh([
        dayPlan(),
        written('delivery', {
          piece: 'curb',
          what: '',
          state: 'promised',
          due: '2026-06-01',
          dueAt: null,
          wrong: null,
          ...more,
        }),
      ]);
    const late = (sheet: JobSheet) => ids(sheet).filter((id) => id.startsWith('day-late-')).length;
    expect(late(comes({}))).toBe(0);
    expect(late(comes({ due: '2026-06-02' }))).toBe(1);
    expect(late(comes({ state: 'not ordered', due: null }))).toBe(1);
    expect(late(comes({ state: 'matches', due: null }))).toBe(0);
  });
  it('what is not ordered yet must be by a day, from its lead time (worked case: June 15, nine days: by June 4)', () => {
    expect(orderBy('2026-06-15', 9)).toBe('2026-06-04');
    const wants = (leadDays: number) =>
      fresh([
        dayPlan(),
        written('delivery', {
          piece: 'curb',
          what: '',
          state: 'not ordered',
          due: null,
          dueAt: null,
          wrong: null,
          leadDays,
        }),
      ]);
    const claim = (leadDays: number, now: number) => {
      const sheet = wants(leadDays);
      return dayFindings(viewOf(sheet, { now }), sheet).find((f) => f.id.startsWith('day-late-'))?.claim.id;
    };
    // The work is on June 1; nine days and two: by May 21, which is eleven days before.
    expect(claim(9, 7 - 11 * 24)).toBe('dayplan.order-it-by');
    expect(claim(9, 7 - 10 * 24)).toBe('dayplan.comes-too-late');
  });
  it('the heat of the afternoon under a dark roof: less work an hour; too hot to enter is a stop', () => {
    const attic = (highF: number) => {
      const sheet = fresh(
        [dayPlan(), written('forecast', { on: DAY, highF, lowF: highF - 15, humidityPct: 50, roof: 'dark' })],
        {
          survey: { observations: [fact('workPlace', 'attic')], waivers: [], photos: [] },
        },
      );
      return dayFindings(viewOf(sheet), sheet).find((f) => f.id === 'day-heat-attic');
    };
    expect(attic(60)).toBeUndefined();
    expect(attic(95)?.verdict).toBe('look-again');
    expect(attic(115)?.verdict).toBe('stop');
  });
  it('an end after the hour it must be done by; more than the day holds asks for another visit', () => {
    const soon = fresh([dayPlan({ finishBy: '14:00', why: 'guests' })]);
    expect(ids(soon)).toContain('day-late');
    const alone = fresh([dayPlan({ crew: ['Tess Orlan'], ends: '12:00' })]);
    expect(ids(alone)).toContain('day-over');
    const move = planMove(alone, { view: viewOf(alone), advice: undefined });
    expect(move.button?.action).toMatchObject({ kind: 'write', entry: 'visit' });
  });
});

describe('the next move of a day', () => {
  it('asks who comes before anything else', () => {
    const sheet = fresh([]);
    expect(planMove(sheet, undefined).button?.action).toEqual({ kind: 'write', entry: 'day-plan' });
  });
  it('offers to give a piece away when that brings the end forward, and tells the time', () => {
    const moved = written('plan-move', {
      piece: idOf('wire'),
      who: ['Tess Orlan'],
      notBefore: null,
      on: null,
      hours: 4,
    });
    const brazes = written('plan-move', {
      piece: idOf('lines'),
      who: ['Tess Orlan'],
      notBefore: null,
      on: null,
      hours: null,
    });
    const sheet = fresh([dayPlan({ finishBy: '16:00', why: 'guests' }), moved, brazes]);
    const view = viewOf(sheet);
    const advice = adviceFor(view.held, view.placed, view.crew, view.rules);
    const move = planMove(sheet, { view, advice });
    expect(advice?.kind).toBe('give');
    expect(move.button?.action).toMatchObject({ kind: 'write', entry: 'plan-move' });
    expect(english(move.because)).toMatch(/free from .* to .*You then finish at/);
  });
  it('else it names the piece that is next', () => {
    const sheet = fresh([dayPlan({ ends: '23:00' })]);
    const move = planMove(sheet, { view: viewOf(sheet), advice: undefined });
    // Read in Greenwich: eight in New York.
    expect(english(move.say)).toMatch(/^(Recover|Unload, protect the house), 12:00/);
  });
});

describe('what must not be written', () => {
  const rule = (kind: EntryKind, body: object, now = at(12)) =>
    PLAN_RULES[kind]?.(fresh(), body as never, {
      cylinder: undefined,
      today: DAY,
      nowMs: Date.parse(now),
      at: now,
      typed: true,
    });
  it.each<[EntryKind, object, string | undefined]>([
    ['day-plan', { begins: '08:00', ends: '08:00' }, 'ends'],
    ['day-plan', { begins: '08:00', ends: '08:01' }, undefined],
    ['outside', { from: '10:00', to: '09:00' }, 'to'],
    ['away', { from: '10:00', to: '10:30' }, undefined],
    ['delivery', { state: 'is wrong', wrong: null }, 'wrong'],
    ['delivery', { state: 'is wrong', wrong: 'dented' }, undefined],
    ['delivery', { state: 'ordered', wrong: null }, undefined],
    ['forecast', { lowF: 80, highF: 70 }, 'lowF'],
    ['forecast', { lowF: 70, highF: 70 }, undefined],
    ['plan-work', { startedAt: null, doneAt: null, workedH: null }, 'startedAt'],
    ['plan-work', { startedAt: at(12.2), doneAt: null, workedH: null }, 'startedAt'],
    ['plan-work', { startedAt: at(12.05), doneAt: null, workedH: null }, undefined],
    ['plan-work', { startedAt: at(10), doneAt: at(9), workedH: null }, 'doneAt'],
    ['plan-work', { startedAt: at(9), doneAt: at(11), workedH: 2 }, undefined],
    ['plan-work', { startedAt: at(9), doneAt: at(11), workedH: 2.1 }, 'workedH'],
    ['plan-work', { startedAt: null, doneAt: at(11), workedH: 1 }, 'workedH'],
  ])('%s %o', (kind, body, field) => {
    expect(rule(kind, body)?.field).toBe(field);
  });
});

describe('any log and survey', () => {
  it('has its day: every piece once and in its place, words that read', () => {
    fc.assert(
      fc.property(
        anyLog,
        anySurvey,
        fc.boolean(),
        fc.integer({ min: -20, max: 60 }),
        (log, observations, surveyed, now) => {
          const sheet = sampleSheet({
            ...splitLog(log),
            ...(surveyed ? { survey: { observations, waivers: [], photos: [] } } : {}),
          });
          const view = viewOf(sheet, { now });
          expect(view.placed.map((p) => p.id).toSorted()).toEqual(view.pieces.map((p) => p.id).toSorted());
          for (const p of view.placed) expect(p.end).toBeGreaterThanOrEqual(p.start);
          const advice = adviceFor(view.held, view.placed, view.crew, view.rules);
          const move = planMove(sheet, { view, advice });
          const said = [move.say, move.because, ...view.pieces.map(pieceName)];
          for (const f of dayFindings(view, sheet)) said.push(f.claim, f.because, f.next!.say);
          for (const s of said) expect(english(s)).not.toMatch(/NaN|Infinity|undefined|\[object|\{\w+\}/);
        },
      ),
      { numRuns: 120, endOnFailure: true },
    );
  });
});

describe('a moment on the clock of a plan', () => {
  const at = (h: number) => english(clockOf('2026-06-01', 'UTC')(h) as never);
  it('is the time alone on the first day, names a later day by its number and one before by its date', () => {
    expect(at(13.5)).toBe('1:30 PM');
    expect(at(23.99)).not.toMatch(/day/);
    expect(at(24 + 8)).toBe('day 2, 8:00 AM');
    expect(at(-1)).toBe('May 31, 2026, 11:00 PM');
  });
});
