import { describe, expect, it } from 'vitest';
import type { LibraryItem } from '@/core/equipment/library-item';
import type { JobSheet } from '@/core/job/sheet';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import type { CircuitEntry } from '@/core/phases/log/circuit-log';
import { changeText, scopeOf } from '@/core/phases/scope/view';
import { EMPTY_CHOICE } from '@/core/scope/choice';
import { SAMPLE_OUTDOOR } from '@/core/scope/testing/sample-scope';
import { english } from '@/core/words/testing/english';
import { agreedText } from './agreed-text';
import { noClearWinner, type Offer, offersOf, optionNow, toTake } from './offer';
import { offerReport } from './report';
import { offerRows } from './rows';

const PUMP: LibraryItem = { ...SAMPLE_OUTDOOR, id: 'u1', version: 1, price: 3000, cop47: 3.6, cop17: 2.3 };
const BETTER: LibraryItem = { ...PUMP, id: 'u2', model: 'OHP-36X', price: 4200, cop47: 4.2, cop17: 2.9 };
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
    by: 'x',
    at: '',
    occurredAt: '',
  }) as never;
const CHOICE = { ...EMPTY_CHOICE, outdoorId: 'u1', keepCoil: true };

function offered(change: Partial<JobSheet> = {}, facts: Record<string, unknown> = {}): JobSheet {
  const sheet = sampleSheet();
  const told = {
    systemType: 'split-hp',
    replaced: 'outdoor',
    whip: 'damaged',
    coilAgeYr: 14,
    coilRefrigerant: 'R-454B',
    a2lListed: true,
    ...facts,
  };
  return {
    ...sheet,
    survey: { observations: Object.entries(told).map(([k, v]) => fact(k, v)), waivers: [], photos: [] },
    scope: { ...sheet.scope, choice: CHOICE, outdoor: PUMP, pieces: [PUMP, BETTER], pairs: [] },
    ...change,
  };
}
let n = 0;
const option = (name: string, of: ReturnType<typeof optionNow>): CircuitEntry => {
  n += 1;
  return {
    id: `o${n}`,
    circuitId: 'k',
    phase: 'scope',
    source: 'typed',
    supersedesId: null,
    by: 'Tess Orlan',
    at: `2026-06-01T12:${10 + n}:00Z`,
    kind: 'offer-option',
    body: { name, why: '', ...of },
  } as never;
};
/** The two ways: as it stands, and with everything that is advised, with the better unit. */
function twoWays(): { sheet: JobSheet; offers: Offer[] } {
  const bare = offered();
  const now = optionNow(bare);
  const advised = Object.fromEntries(
    scopeOf(bare)
      .items.filter((i) => !i.safety)
      .map((i) => [i.id, i.level === 'could' ? 'out' : 'in'] as const),
  );
  const least = Object.fromEntries(
    scopeOf(bare)
      .items.filter((i) => !i.safety)
      .map((i) => [i.id, i.level === 'must' ? 'in' : 'out'] as const),
  );
  const systemLog = [
    option('The least', { ...now, items: least }),
    option('All of it', { choice: { ...CHOICE, outdoorId: 'u2' }, items: advised }),
  ];
  const sheet = { ...bare, systemLog };
  return { sheet, offers: offersOf(sheet) };
}

const CENTS = { minimumFractionDigits: 2, maximumFractionDigits: 2 };

describe('the offer', () => {
  it('without an option is the scope as it stands, with its equipment', () => {
    const [only, ...rest] = offersOf(offered());
    expect(rest).toEqual([]);
    expect(only).toMatchObject({ id: 'now', stands: true, equipment: 3000, unpriced: [], models: ['Ostrel OHP-36T'] });
    const { total } = scopeOf(offered());
    expect(only!.price.before).toBeCloseTo(3000 + total.price, 2);
    expect(only!.hours).toBeCloseTo(total.hours, 6);
  });
  it('has no total where a piece has no price, and says which', () => {
    const sheet = offered();
    const bare = { ...sheet, scope: { ...sheet.scope, outdoor: { ...PUMP, price: null }, pieces: [] } };
    const [only] = offersOf(bare);
    expect(only!.unpriced).toEqual(['Ostrel OHP-36T']);
    expect(english(offerRows([only!], bare.scopeSchools).find((r) => r.id === 'total')!.cells[0]!)).toBe(
      'No total: the library has no price of Ostrel OHP-36T.',
    );
    expect(english(scopeOf(bare).text)).not.toContain('Total:');
    expect(english(scopeOf(sheet).text)).toContain('Total: $');
  });
  it('puts options side by side: each with its own unit, items and price', () => {
    const { sheet, offers } = twoWays();
    expect(offers.map((o) => o.name)).toEqual(['The least', 'All of it']);
    expect(offers.map((o) => o.equipment)).toEqual([3000, 4200]);
    expect(offers[1]!.items.length).toBeGreaterThan(offers[0]!.items.length);
    expect(offers[1]!.price.total).toBeGreaterThan(offers[0]!.price.total + 1200);
    const only = offerRows(offers, sheet.scopeSchools).find((r) => r.id === 'only')!;
    expect(english(only.cells[0]!)).not.toContain('Replace');
    expect(english(only.cells[1]!)).toContain('coil');
  });
  it('what is signed names the options that were not taken with their totals; without any it is the scope alone', () => {
    const { sheet, offers } = twoWays();
    const view = scopeOf(sheet);
    const text = english(agreedText(sheet, view));
    expect(text.startsWith(`${english(view.text)}\nAlso offered, not chosen:\n`)).toBe(true);
    const left = offers.filter((o) => !o.stands);
    for (const o of left) expect(text).toContain(`· ${o.name}: $${o.price.total.toLocaleString('en-US', CENTS)}`);
    const taken = { ...sheet, systemLog: [option('As it stands', optionNow(sheet)), ...sheet.systemLog] };
    expect(english(agreedText(taken, scopeOf(taken)))).not.toContain('As it stands:');
    const bare = offered();
    expect(agreedText(bare, scopeOf(bare))).toEqual(scopeOf(bare).text);
    const unpriced = { ...sheet, scope: { ...sheet.scope, outdoor: { ...PUMP, price: null }, pieces: [] } };
    expect(english(agreedText(unpriced, scopeOf(unpriced)))).toContain('· The least: not priced');
  });
  it('what one leaves and the other does is priced for later, and costs more then', () => {
    const { offers } = twoWays();
    const [least, all] = offers;
    const coil = least!.later.find((l) => l.id === 'coil')!;
    // Coil of the standard list: 1,450 of material and 8 h on its own visit, in four years at 3 %.
    const visit = 1450 + 8 * 120 + 95 + ((118 * 0.1) / 16) * 28 + 80;
    expect(coil.later).toBeCloseTo(visit * 1.03 ** 4, 1);
    expect(coil.times).toBeCloseTo(coil.later / coil.now, 3);
    for (const l of least!.later) expect(l.later).toBeGreaterThan(l.now);
    expect(all!.later.some((l) => l.id === 'coil')).toBe(false);
    expect(least!.kept.some((d) => d.id === 'coil')).toBe(true);
    expect(all!.kept.some((d) => d.id === 'coil')).toBe(false);
  });
  it('taking one writes what differs, and then it stands', () => {
    const { sheet, offers } = twoWays();
    expect(offers.map((o) => o.stands)).toEqual([false, false]);
    const body = sheet.systemLog.at(-1)!.body as never;
    const changes = toTake(sheet, body);
    expect(changes.length).toBeGreaterThan(0);
    const taken: JobSheet = {
      ...sheet,
      scope: {
        ...sheet.scope,
        choice: { ...CHOICE, outdoorId: 'u2' },
        outdoor: BETTER,
        decisions: changes.map((c) => ({ ...c, reason: null, by: 'x', role: 'lead', at: '' })),
      },
    };
    expect(toTake(taken, body)).toEqual([]);
    expect(offersOf(taken).map((o) => o.stands)).toEqual([false, true]);
  });
  it('an item of safety is in whatever an option says', () => {
    const bare = offered({}, { twoFeeds: true });
    const safe = scopeOf(bare).items.find((i) => i.safety)!;
    const now = optionNow(bare);
    expect(safe.id in now.items).toBe(false);
    const sheet = { ...bare, systemLog: [option('Without', { ...now, items: { ...now.items, [safe.id]: 'out' } })] };
    expect(offersOf(sheet)[0]!.items.some((i) => i.id === safe.id)).toBe(true);
    expect(toTake(sheet, sheet.systemLog[0]!.body as never)).toEqual([]);
  });
});

describe('a change of the day', () => {
  it('tells the tax it adds, by what the company taxes', () => {
    const delta = { added: [], removed: [], changed: [], hours: 2, price: 2 * 120 + 400 };
    const at = (change: object) => english(changeText(delta, { ...offered().scopeSchools, ...change }));
    expect(at({})).not.toContain('Tax');
    expect(at({ taxPct: 10 })).toContain('Tax on the change: +$40.');
    expect(at({ taxPct: 10, taxOn: 'all' })).toContain('Tax on the change: +$64.');
  });
});

describe('the heat of a winter in an offer', () => {
  const bins = {
    bin57F: 700,
    bin52F: 680,
    bin47F: 650,
    bin42F: 620,
    bin37F: 580,
    bin32F: 500,
    bin27F: 300,
    bin22F: 160,
    bin17F: 80,
    bin12F: 30,
  };
  const load = { heatLossBtuh: 38000, winterDesignF: 12 };
  const cold = (change: Partial<JobSheet['scopeSchools']>, of: object | null = load): Offer[] => {
    const sheet = twoWays().sheet;
    return offersOf({
      ...sheet,
      scopeSchools: { ...sheet.scopeSchools, ...bins, perKwh: 0.16, ...change },
      fits: { selection: { kind: 'selection', record: { load: of } } } as never,
    });
  };
  it('is told only where load, hours and price are known', () => {
    expect(cold({})[0]!.running?.cost).toBeGreaterThan(800);
    expect(cold({ perKwh: 0 })[0]!.running).toBeUndefined();
    expect(cold({}, null)[0]!.running).toBeUndefined();
    expect(twoWays().offers[0]!.running).toBeUndefined();
  });
  it('ranges that overlap have no clear winner', () => {
    const offers = cold({});
    expect(offers[1]!.running!.cost).toBeLessThan(offers[0]!.running!.cost);
    expect(noClearWinner(offers)).toBe(true);
    expect(noClearWinner([offers[0]!])).toBe(false);
    expect(noClearWinner([offers[0]!, { ...offers[1]!, running: { cost: 10, low: 8, high: 12 } }])).toBe(false);
  });
});

describe('the offer as a paper', () => {
  it('has every option in a column and what is done in all of them below', () => {
    const { sheet } = twoWays();
    const report = offerReport(sheet, 'Dray & Pell');
    expect(report.status).toBe('draft');
    expect(report.tables[0]!.columns.slice(1)).toEqual(['The least', 'All of it']);
    for (const row of report.tables[0]!.rows) expect(row).toHaveLength(3);
    expect(report.tables[1]!.rows.length).toBeGreaterThan(3);
  });
});
