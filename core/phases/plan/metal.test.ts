import { describe, expect, it } from 'vitest';
import { EMPTY_PACKAGED } from '@/core/fit/packaged/duct-sides';
import { partStarts } from '@/core/fit/part-starts';
import type { FitSheets } from '@/core/fit/sheets';
import { EMPTY_STACK } from '@/core/fit/stack/stack';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import type { CircuitEntry } from '@/core/phases/log/circuit-log';
import { english } from '@/core/words/testing/english';
import { metalParts, nested } from './metal';
import { metalMove } from './metal-move';
import { PLAN_RULES } from './rules';
import { shopDrawing } from './shop-drawing';

const NOTHING = {
  lengthIn: null,
  widthIn: null,
  topLengthIn: null,
  topWidthIn: null,
  diameterIn: null,
  heightIn: null,
  offsetXIn: null,
  offsetYIn: null,
  wallIn: null,
  hemIn: null,
  runIn: null,
  backIn: null,
  fallInPerFt: null,
  collars: null,
  collarIn: null,
};
const PAN = {
  ...NOTHING,
  part: 'pan',
  name: 'drain pan',
  lengthIn: 36,
  widthIn: 30,
  wallIn: 2,
  hemIn: 0.5,
  gauge: '24',
  count: 1,
};
const entry = (id: string, kind: string, body: object): CircuitEntry =>
  ({
    id,
    circuitId: 'k',
    phase: 'plan',
    source: 'typed',
    supersedesId: null,
    by: 'Tess Orlan',
    at: `2026-06-01T12:0${id.length}:00Z`,
    kind,
    body,
  }) as never;
const sheetWith = (...systemLog: CircuitEntry[]) => ({ ...sampleSheet(), systemLog });
const fits = (records: Partial<Record<string, object>>): FitSheets =>
  Object.fromEntries(Object.entries(records).map(([kind, record]) => [kind, { kind, record }])) as never;

describe('parts of sheet metal', () => {
  it('are drawn from their entry, and stand with the newest that was said of their drawing', () => {
    const of = { partId: 'p', who: 'Brisk Metal', note: '' };
    const [part] = metalParts(
      sheetWith(
        entry('p', 'metal-part', PAN),
        entry('a', 'shop-drawing', { ...of, said: 'sent to the shop' }),
        entry('bb', 'shop-drawing', { ...of, said: 'approved' }),
      ),
    );
    expect(part?.answer?.body.said).toBe('approved');
    expect(part?.shop?.test.holds).toBe(true);
  });
  it('go on sheets by their gauge: a pan of 40.9 × 34.9 twice on one of 48 × 96, one proven the fewest', () => {
    const all = nested(metalParts(sheetWith(entry('p', 'metal-part', { ...PAN, count: 2 }))));
    expect(all.map((x) => [x.gauge, ...x.sheetIn])).toEqual([
      [24, 48, 96],
      [24, 48, 120],
    ]);
    expect(all[0]!.outcome).toMatchObject({ ok: true, value: { sheets: 1, exact: true } });
    expect(nested([])).toEqual([]);
    const large = nested(metalParts(sheetWith(entry('p', 'metal-part', { ...PAN, lengthIn: 130, widthIn: 60 }))));
    expect(large.every((x) => !x.outcome.ok)).toBe(true);
  });
  it('a figure that is missing is refused by its name before it is written', () => {
    const rule = PLAN_RULES['metal-part']!;
    expect(rule({} as never, { ...PAN, wallIn: null } as never, {} as never)).toMatchObject({ field: 'wallIn' });
    expect(rule({} as never, PAN as never, {} as never)).toBeUndefined();
  });
});

describe('parts that the fit sheets ask for', () => {
  it('a stack asks for its transitions and a pan three inches larger on every side; a packaged unit for a hood', () => {
    const starts = partStarts(fits({ stack: EMPTY_STACK, packaged: { ...EMPTY_PACKAGED, hoodRunIn: 26 } }));
    const pan = starts.find((s) => s.part === 'pan')!;
    expect(pan.figures).toMatchObject({
      lengthIn: EMPTY_STACK.new.widthIn + 6,
      widthIn: EMPTY_STACK.new.depthIn + 6,
    });
    expect(starts.find((s) => s.part === 'hood')!.figures).toEqual({ runIn: 26 });
    expect(partStarts(fits({}))).toEqual([]);
    expect(partStarts(fits({ packaged: { ...EMPTY_PACKAGED, hoodRunIn: 0 } }))).toEqual([]);
  });
});

describe('what comes next in the shop', () => {
  it('a first part, then the answer to the drawing that waits, then the list', () => {
    const said = { partId: 'p', who: 'Brisk Metal', note: '' };
    const move = (...log: CircuitEntry[]) => metalMove(metalParts(sheetWith(...log)));
    expect(move().button).toBeUndefined();
    expect(move(entry('p', 'metal-part', PAN)).button?.action).toMatchObject({ preset: { partId: 'p' } });
    const refused = entry('a', 'shop-drawing', { ...said, said: 'not approved' });
    expect(move(entry('p', 'metal-part', PAN), refused).kind).toBe('now');
    const approved = entry('a', 'shop-drawing', { ...said, said: 'approved with changes' });
    expect(move(entry('p', 'metal-part', PAN), approved).kind).toBe('good');
  });
});

describe('a shop drawing', () => {
  it('has the pattern, its sheet and weight, and says that nobody approved it until somebody did', () => {
    const said = { partId: 'p', who: 'Brisk Metal', note: 'seam on the left', said: 'approved with changes' };
    const open = shopDrawing(sheetWith(entry('p', 'metal-part', PAN)), 'p', 'Dray & Pell', english)!;
    expect(open.status).toBe('draft');
    expect(english(open.statusSay)).toBe('Not approved yet');
    expect(open.drawings![0]!.svg).toContain('drain pan');
    const done = shopDrawing(
      sheetWith(entry('p', 'metal-part', PAN), entry('a', 'shop-drawing', said)),
      'p',
      'Dray & Pell',
      english,
    )!;
    expect(done.status).toBe('signed');
    expect(done.tables[0]!.rows.at(-1)![1]).toBe('seam on the left');
    expect(shopDrawing(sheetWith(), 'p', 'Dray & Pell', english)).toBeUndefined();
  });
});
