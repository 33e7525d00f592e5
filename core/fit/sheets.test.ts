import { describe, expect, it } from 'vitest';
import { verdictOf } from '@/core/finding/order';
import { signsOf } from '@/core/scope/fit-signs';
import { fitKindsFor, startFit } from '@/core/scope/fit-start';
import { DEFAULT_SCOPE_SCHOOLS } from '@/core/scope/schools';
import { SAMPLE_OUTDOOR } from '@/core/scope/testing/sample-scope';
import { english } from '@/core/words/testing/english';
import {
  assumedPaths,
  FIT_EMPTY,
  FIT_KINDS,
  FIT_SCHEMAS,
  type FitKind,
  type FitSheet,
  figurePaths,
  judgeFit,
} from './sheets';

const CONTEXT = { elevationFt: 0, ductTons: undefined, standIn: 0 };
const measured = <K extends FitKind>(kind: K, record = FIT_EMPTY[kind]) => ({
  kind,
  record,
  measured: figurePaths(kind, record),
});
const stored = <K extends FitKind>(kind: K, record = FIT_EMPTY[kind]): FitSheet<K> => ({
  ...measured(kind, record),
  version: 1,
  by: 'Tess',
  at: '',
});

describe('every fit sheet', () => {
  it.each(FIT_KINDS)('%s: its empty form is valid, and proves nothing while a figure is assumed', (kind) => {
    expect(FIT_SCHEMAS[kind].safeParse(FIT_EMPTY[kind]).success).toBe(true);
    const untouched = { kind, record: FIT_EMPTY[kind], measured: [] };
    if (assumedPaths(untouched).length === 0) return;
    const checks = judgeFit(untouched, CONTEXT);
    expect(checks.some((c) => c.verdict === 'good')).toBe(false);
    expect(checks.some((c) => c.id === 'assumed')).toBe(true);
  });
  it('what a drawing is coloured by follows the list: good only on measured figures, unspoken is not proven', () => {
    const record = { ...FIT_EMPTY.drain, fallIn: 7 };
    expect(verdictOf(judgeFit(measured('drain', record), CONTEXT))('slope')).toBe('good');
    const half = verdictOf(judgeFit({ kind: 'drain', record, measured: ['fallIn'] }, CONTEXT));
    expect([half('slope'), half('no such check')]).toEqual(['not-proven', 'not-proven']);
  });
  it.each(FIT_KINDS)('%s: measured, every check says its claim, because and source', (kind) => {
    const checks = judgeFit(measured(kind), CONTEXT);
    expect(checks.length).toBeGreaterThan(0);
    expect(checks.some((c) => c.id === 'assumed')).toBe(false);
    for (const c of checks) {
      expect(english(c.claim).length * english(c.because).length * english(c.source).length).toBeGreaterThan(0);
      // A figure that is no number would be a null here.
      expect(JSON.stringify(c)).not.toMatch(/:null|undefined/);
      if (c.verdict === 'look-again' || c.verdict === 'stop') expect(c.next, c.id).toBeTruthy();
    }
    expect(new Set(checks.map((c) => c.id)).size).toBe(checks.length);
  });
  it('a figure given by the equipment is measured; what nobody knows stays assumed', () => {
    const known = { systemType: 'split-hp', trunkIn: 14 } as const;
    const start = startFit('air', {
      known,
      outdoor: SAMPLE_OUTDOOR,
      indoor: undefined,
      schools: DEFAULT_SCOPE_SCHOOLS,
    });
    expect(start.record).toMatchObject({ tons: 3, trunkExistingIn: 14 });
    expect(start.measured).toEqual(expect.arrayContaining(['tons', 'trunkExistingIn']));
    expect(assumedPaths({ kind: 'air', ...start })).toContain('budget.longestFt');
  });
  it('the size sheet takes its furnace from a furnace, or from a packaged unit that burns; one that does not has none', () => {
    const furnace = { outputBtuh: 72_000, riseLowF: 35, riseHighF: 65 };
    const start = (outdoor: object, indoor: object | undefined = undefined) =>
      startFit('selection', {
        known: { systemType: 'split-hp' },
        outdoor: { ...SAMPLE_OUTDOOR, ...outdoor },
        indoor: indoor ? { ...SAMPLE_OUTDOOR, ...indoor } : undefined,
        schools: DEFAULT_SCOPE_SCHOOLS,
      } as Parameters<typeof startFit>[1]);
    const of = (s: ReturnType<typeof start>) => (s.record as { furnace?: unknown }).furnace;
    expect(of(start({ kind: 'package', ...furnace }))).toMatchObject({ outputBtuh: 72_000, riseLowF: 35 });
    expect(of(start({ kind: 'package', ...furnace, outputBtuh: null }))).toBeFalsy();
    expect(of(start({}, { kind: 'furnace', ...furnace }))).toMatchObject({ outputBtuh: 72_000 });
    expect(of(start({ ...furnace }))).toBeFalsy();
    expect(start({ kind: 'package', ...furnace }).measured).toContain('furnace.outputBtuh');
  });
  it.each(FIT_KINDS)('%s: what it starts with from equipment and survey is a valid record', (kind) => {
    for (const systemType of ['split-hp', 'packaged-hp', 'rooftop', 'furnace-oil'] as const) {
      for (const outdoor of [
        undefined,
        SAMPLE_OUTDOOR,
        { ...SAMPLE_OUTDOOR, widthIn: 37, depthIn: 14, heightIn: 54 },
      ]) {
        const { record } = startFit(kind, {
          known: { systemType, zones: 3, oldTons: 2.5 },
          outdoor,
          indoor: outdoor && { ...outdoor, kind: 'air-handler' },
          schools: DEFAULT_SCOPE_SCHOOLS,
        });
        const checked = FIT_SCHEMAS[kind].safeParse(record);
        expect(checked.success, `${kind} ${systemType} ${JSON.stringify(checked.error?.issues)}`).toBe(true);
      }
    }
  });
  it('each kind of system gets the sheets that make sense for it', () => {
    expect(fitKindsFor({ systemType: 'rooftop' })).toEqual(['route', 'curb', 'air', 'drain', 'selection']);
    expect(fitKindsFor({ systemType: 'split-hp' })).toEqual([
      'placement',
      'route',
      'stack',
      'air',
      'drain',
      'selection',
    ]);
    expect(fitKindsFor({ systemType: 'packaged-hp' })).toContain('packaged');
    expect(fitKindsFor({}).length).toBe(FIT_KINDS.length);
  });
  it('the scope’s stand lifts placement and packaged unit alike', () => {
    const at = (standIn: number) =>
      judgeFit(measured('packaged'), { ...CONTEXT, standIn }).find((c) => c.id === 'unit-drain')!;
    expect(at(20).claim).not.toBe(at(0).claim);
    const snow = measured('placement', { ...FIT_EMPTY.placement, designSnowIn: 10 });
    expect(judgeFit(snow, { ...CONTEXT, standIn: 16 }).find((c) => c.id === 'stand')!.verdict).toBe('good');
    expect(judgeFit(snow, { ...CONTEXT, standIn: 0 }).find((c) => c.id === 'stand')!.verdict).toBe('look-again');
  });
});

describe('what the sheets tell the scope', () => {
  it('nothing, while nobody filled one in', () => expect(signsOf({})).toEqual({}));
  it('nothing that rests on a figure nobody measured', () => {
    const assumed = <K extends FitKind>(kind: K): FitSheet<K> => ({ ...stored(kind), measured: [] });
    const signs = signsOf({
      air: assumed('air'),
      stack: assumed('stack'),
      curb: assumed('curb'),
      drain: { ...stored('drain', { ...FIT_EMPTY.drain, fallIn: 1 }), measured: ['fallIn'] },
    });
    expect(signs).toEqual({});
    expect(
      signsOf({ drain: { ...stored('drain', { ...FIT_EMPTY.drain, fallIn: 1 }), measured: ['fallIn', 'runFt'] } })
        .drainTooFlat,
    ).toBe(true);
  });
  it('the latent load taken from the size alone stays assumed', () => {
    const start = startFit('drain', {
      known: { oldTons: 4 },
      outdoor: undefined,
      indoor: undefined,
      schools: DEFAULT_SCOPE_SCHOOLS,
    });
    expect(start.record).toMatchObject({ latentBtuh: 12000 });
    expect(start.measured).not.toContain('latentBtuh');
  });
  it('short return, zone ratio, crossed ducts, curb overlap, flat drain', () => {
    const signs = signsOf({
      air: stored('air', {
        ...FIT_EMPTY.air,
        returns: [{ id: 'r', name: 'Hall', widthIn: 20, heightIn: 20, filter: true, freeShare: 0.7 }],
        zoning: { smallestZoneCfm: 612, equipmentMinCfm: null, bypassShare: 0, returnF: 75, coilDropF: 18 },
      }),
      packaged: stored('packaged'),
      curb: stored('curb'),
      drain: stored('drain', { ...FIT_EMPTY.drain, fallIn: 1 }),
      stack: stored('stack'),
    });
    expect(signs.returnShortIn2).toBeCloseTo(432 - 280, 6);
    expect(signs.filterFpm).toBeCloseTo(432, 6);
    expect(signs.zoneRatio).toBeCloseTo(0.6, 2);
    expect(signs.ductsCrossed).toBe(true);
    expect(signs.curbOverlapPct).toBeLessThanOrEqual(90);
    expect(signs.drainTooFlat).toBe(true);
    expect(signs.stackEnds?.map((e) => e.end)).toEqual(['plenum', 'return']);
  });
});
