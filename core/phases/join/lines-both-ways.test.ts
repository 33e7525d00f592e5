import { describe, expect, it } from 'vitest';
import { sizeAllowed, sizesOf } from '@/core/circuit/line/allowed-sizes';
import { DEFAULT_CIRCUIT_SCHOOLS } from '@/core/circuit/schools';
import type { Finding } from '@/core/finding/finding';
import type { EntryBody } from '@/core/phases/log/entries';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { english } from '@/core/words/testing/english';
import { JOINT, LINE_RUN } from '@/demo/sample-entries';
import { joinOf } from './joining';
import { type JoinContext, runFigures } from './line-run';

const CONTEXT: JoinContext = {
  refrigerant: 'R-410A',
  tons: 3,
  heatPump: true,
  fixedOrifice: false,
  subcoolingF: 12,
  schools: DEFAULT_CIRCUIT_SCHOOLS,
  testPsig: undefined,
  volumeFt3: undefined,
};
type Run = EntryBody<'line-run'>;
type Joint = EntryBody<'joint'>;
const RUN: Run = { ...LINE_RUN, elbows: 0, pieces: [{ ft: 40, way: 'along' }] };
const judged = (b: LogBuilder, context: Partial<JoinContext> = {}) => joinOf(b.log, { ...CONTEXT, ...context }).checks;
const bare = (c: Finding): string => c.id.replace(/^joint-e\d+-/, '');
const of = (b: LogBuilder, id: string, context: Partial<JoinContext> = {}): Finding | undefined =>
  judged(b, context).find((c) => bare(c) === id);
const run = (change: Partial<Run>) => new LogBuilder().add('line-run', { ...RUN, ...change });
const joint = (change: Partial<Joint>) => new LogBuilder().add('joint', { ...JOINT, ...change });

describe('a heat pump’s lines in heating', () => {
  it('are judged with the flow reversed; of a unit that only cools nothing is said', () => {
    const ids = ['hot-gas', 'heating-liquid'];
    for (const id of ids) expect(of(run({}), id)?.verdict).toBe('good');
    for (const id of ids) expect(of(run({}), id, { heatPump: false })).toBeUndefined();
  });
  it('hot gas climbs where the way goes up to the coil: 7/8 in carries oil at 1.2 tons in cooling and not in heating', () => {
    const up: Run['pieces'] = [{ ft: 14, way: 'up' }];
    const down: Run['pieces'] = [{ ft: 14, way: 'down' }];
    expect(of(run({ pieces: down, leastTons: 1.2 }), 'riser')!.verdict).toBe('good');
    expect(of(run({ pieces: down, leastTons: 1.2 }), 'hot-riser')).toBeUndefined();
    expect(of(run({ pieces: up, leastTons: 1.2 }), 'riser')).toBeUndefined();
    expect(of(run({ pieces: up, leastTons: 1.2 }), 'hot-riser')!.verdict).toBe('look-again');
    expect(of(run({ pieces: up, leastTons: 1.2, vaporOdIn: 0.75 }), 'hot-riser')!.verdict).toBe('good');
    expect(of(run({ pieces: up }), 'hot-riser')!.verdict).toBe('good');
    const least = runFigures({ ...RUN, pieces: up }, CONTEXT).heating!.riserMinimumTons;
    expect(of(run({ pieces: up, leastTons: least + 0.001 }), 'hot-riser')!.verdict).toBe('good');
    expect(of(run({ pieces: up, leastTons: least - 0.001 }), 'hot-riser')!.verdict).toBe('look-again');
  });
  it('an outdoor unit above the coil costs the liquid its height in heating, one below gains it', () => {
    const at = (way: 'up' | 'down', ft: number, subcoolingF = 12) =>
      of(run({ pieces: [{ ft, way }] }), 'heating-liquid', { subcoolingF })!;
    expect(at('down', 20).verdict).toBe('good');
    expect(at('down', 20, 4).verdict).toBe('look-again');
    expect(at('up', 20, 4).verdict).toBe('good');
    expect(english(at('down', 20).because)).toContain('20 ft above');
  });
  it('a small vapor line chokes hot gas', () => {
    const long: Run['pieces'] = [{ ft: 160, way: 'along' }];
    expect(of(run({ pieces: long, vaporOdIn: 0.625 }), 'hot-gas')!.verdict).toBe('look-again');
    expect(of(run({ pieces: long, vaporOdIn: 0.875 }), 'hot-gas')!.verdict).toBe('good');
  });
});

describe('a size of its own', () => {
  it('sizes in a row are read as the trade writes them', () => {
    expect(sizesOf('3/4, 7/8')).toEqual([0.75, 0.875]);
    expect(sizesOf('1-1/8; 0.75')).toEqual([1.125, 0.75]);
    expect(sizesOf('')).toEqual([]);
    expect(sizesOf('3/4, 4/5')).toBeUndefined();
    expect(sizeAllowed(0.75, 0.875, '3/4')).toBe('in-table');
    expect(sizeAllowed(0.625, 0.875, '3/4')).toBe('not-in-table');
    expect(sizeAllowed(0.625, 0.875, null)).toBe('unknown');
    expect(sizeAllowed(0.875, 0.875, '3/4')).toBe('listed');
    expect(sizeAllowed(0.875, null, '3/4')).toBe('unknown');
  });
  it('that the maker’s table allows is good, one that it does not have is told louder than an unknown one', () => {
    const listed = { liquidOdIn: 0.375, vaporOdIn: 0.875 };
    const at = (vaporOdIn: number, vaporSizes?: string) =>
      of(run({ vaporOdIn }), 'listed-size', { listed: { ...listed, vaporSizes } });
    expect(at(0.875, '3/4')).toBeUndefined();
    expect(at(0.75, '3/4, 7/8')!.verdict).toBe('good');
    expect(at(0.75)!).toMatchObject({ verdict: 'look-again', miss: 1 });
    expect(at(0.625, '3/4, 7/8')!).toMatchObject({ verdict: 'look-again', miss: 2 });
    // One line in its table does not excuse the other.
    const both = { listed: { ...listed, vaporSizes: '3/4' } };
    expect(of(run({ vaporOdIn: 0.75, liquidOdIn: 0.5 }), 'listed-size', both)!.verdict).toBe('look-again');
  });
  it('a riser of a smaller size carries its oil and pays its own drop', () => {
    const pieces: Run['pieces'] = [
      { ft: 20, way: 'along' },
      { ft: 20, way: 'down' },
    ];
    const plain = runFigures({ ...RUN, pieces }, CONTEXT);
    const small = runFigures({ ...RUN, pieces, riserOdIn: 0.75 }, CONTEXT);
    expect(small.riserTons!).toBeLessThan(plain.riserTons!);
    const all = runFigures({ ...RUN, pieces, vaporOdIn: 0.75 }, CONTEXT);
    expect(small.suction!.psi).toBeGreaterThan(plain.suction!.psi);
    expect(small.suction!.psi).toBeLessThan(all.suction!.psi);
    expect(small.suction!.psi).toBeCloseTo((plain.suction!.psi + all.suction!.psi) / 2, 6);
    expect(runFigures({ ...RUN, pieces, riserOdIn: 0.875 }, CONTEXT).suction).toEqual(plain.suction);
  });
  it('the same riser with the coil above: hot gas climbs it in heating, and both ways pay its drop', () => {
    const pieces: Run['pieces'] = [
      { ft: 20, way: 'along' },
      { ft: 20, way: 'up' },
    ];
    const plain = runFigures({ ...RUN, pieces }, CONTEXT);
    const small = runFigures({ ...RUN, pieces, riserOdIn: 0.75 }, CONTEXT);
    const all = runFigures({ ...RUN, pieces, vaporOdIn: 0.75 }, CONTEXT);
    for (const figure of ['psi', 'saturationLossF'] as const) {
      expect(small.heating![figure]).toBeCloseTo((plain.heating![figure] + all.heating![figure]) / 2, 6);
      expect(small.suction![figure]).toBeCloseTo((plain.suction![figure] + all.suction![figure]) / 2, 6);
    }
    expect(small.heating!.riserMinimumTons).toBe(all.heating!.riserMinimumTons);
    // The liquid line is the same line.
    expect(small.heating!.liquidLossF).toBe(plain.heating!.liquidLossF);
    const least = (plain.heating!.riserMinimumTons + all.heating!.riserMinimumTons) / 2;
    expect(of(run({ pieces, leastTons: least }), 'hot-riser')!.verdict).toBe('look-again');
    expect(of(run({ pieces, leastTons: least, riserOdIn: 0.75 }), 'hot-riser')!.verdict).toBe('good');
  });
});

describe('traps', () => {
  const climb: Run['pieces'] = [{ ft: 41, way: 'down' }];
  const school = (traps: string) => ({ schools: { ...DEFAULT_CIRCUIT_SCHOOLS, traps } });
  it('cost pipe', () => {
    expect(runFigures({ ...RUN, traps: 2, invertedTrap: true }, CONTEXT).equivalentFt).toBe(40 + 18);
    expect(runFigures({ ...RUN, traps: null, invertedTrap: false }, CONTEXT).equivalentFt).toBe(40);
  });
  it('every 20 ft of riser where the company holds it so', () => {
    const at = (traps: number | null, held = 'every-20-ft') => of(run({ pieces: climb, traps }), 'traps', school(held));
    expect([at(3)?.verdict, at(2)?.verdict, at(null), at(0, 'entrainment')]).toEqual([
      'good',
      'look-again',
      undefined,
      undefined,
    ]);
  });
  it('a loop over a coil that stands above its compressor, unless only the drawing counts', () => {
    const at = (invertedTrap: boolean | null, way: 'up' | 'down' = 'up', held = 'entrainment') =>
      of(run({ pieces: [{ ft: 10, way }], invertedTrap }), 'inverted-trap', school(held))?.verdict;
    expect([at(true), at(false), at(null), at(false, 'down'), at(false, 'up', 'none')]).toEqual([
      'good',
      'look-again',
      undefined,
      undefined,
      undefined,
    ]);
  });
});

describe('what covers the lines', () => {
  it('sweating by the surface against the dew point, with the wall that would do', () => {
    const attic = { aroundF: 95, dewPointF: 80 };
    expect(of(run({ vaporWallIn: 0.75, ...attic }), 'sweat')!.verdict).toBe('good');
    const wet = of(run({ vaporWallIn: 0.25, ...attic }), 'sweat')!;
    expect(wet.verdict).toBe('look-again');
    expect(english(wet.next!.say)).toMatch(/1\/2 in|0\.5 in/);
    expect(of(run({ vaporWallIn: 0, aroundF: 95, dewPointF: 40 }), 'sweat')!.verdict).toBe('look-again');
    expect(of(run({ aroundF: 95 }), 'sweat')).toBeUndefined();
    expect(english(of(run({ aroundF: 80, dewPointF: 80 }), 'sweat')!.next!.say)).toMatch(/No wall/);
  });
  it('a bare liquid line in a hot place is looked at, in the cold only of a heat pump', () => {
    const at = (liquidThrough: Run['liquidThrough'], liquidWallIn: number | null, heatPump = true) =>
      of(run({ liquidThrough, liquidWallIn }), 'liquid-cover', { heatPump })?.verdict;
    expect(at(['attic'], null)).toBe('look-again');
    expect(at(['sunny wall'], 0)).toBe('look-again');
    expect(at(['attic', 'indoors'], 0.375)).toBe('good');
    expect(at(['indoors'], 0)).toBeUndefined();
    expect(at(['cold space'], 0)).toBe('look-again');
    expect(at(['cold space'], 0, false)).toBeUndefined();
    expect(at([], 0)).toBeUndefined();
    expect(of(run({}), 'liquid-cover')).toBeUndefined();
  });
});

describe('how joints are made', () => {
  it('reamed and cleaned before brazing and pressing, reamed before a flare; older joints say nothing', () => {
    const at = (prepared: Joint['prepared'], method: Joint['method'] = 'braze') =>
      of(joint({ method, prepared }), 'prepared')?.verdict;
    expect(at(['reamed', 'cleaned'])).toBeUndefined();
    expect(at(['cleaned'])).toBe('not-proven');
    expect(at(['reamed'])).toBe('not-proven');
    expect(at(['reamed'], 'flare')).toBeUndefined();
    expect(at([], 'coupling')).toBeUndefined();
    expect(at(undefined)).toBeUndefined();
  });
  const press = (change: Partial<Joint>) =>
    judged(joint({ method: 'press', depthMarked: true, gauged: true, tubeFace: 'clean and round', ...change }))
      .filter((c) => c.id.startsWith('joint-'))
      .map((c) => [bare(c), c.verdict]);
  it.each([
    [{}, []],
    [{ depthMarked: false }, [['press', 'look-again']]],
    [{ gauged: false }, [['press', 'look-again']]],
    [{ depthMarked: null }, [['press', 'not-proven']]],
    [{ gauged: null }, [['press', 'not-proven']]],
    [{ depthMarked: null, gauged: false }, [['press', 'look-again']]],
    [{ tubeFace: 'pitted' }, [['tube', 'look-again']]],
    [{ tubeFace: 'oval' }, [['tube', 'look-again']]],
    [{ brazeIn: 2, brazeLeastIn: 3 }, [['near-braze', 'look-again']]],
    [{ brazeIn: 3, brazeLeastIn: 3 }, []],
    [{ brazeIn: 2, brazeLeastIn: null }, []],
  ] as const)('a press joint with %j: %j', (change, found) => expect(press(change as Partial<Joint>)).toEqual(found));
  it('a coupling is looked at with bubbles and a detector', () => {
    const at = (bubbles: Joint['bubbles'], detector: Joint['detector']) =>
      of(joint({ method: 'coupling', bubbles, detector }), 'coupling')?.verdict;
    expect([at('clean', 'clean'), at('clean', null), at('leaks', 'clean'), at('clean', 'leaks')]).toEqual([
      undefined,
      'not-proven',
      'look-again',
      'look-again',
    ]);
  });
});

describe('a kit that comes charged', () => {
  const kit = (change: Partial<Run>) => run({ setType: 'pre-charged', ...change });
  it('reaches or stops the work; what is left over is never hung', () => {
    expect(of(kit({ kitFt: 40 }), 'kit-length')!.verdict).toBe('good');
    expect(of(kit({ kitFt: 39 }), 'kit-length')!.verdict).toBe('stop');
    expect(of(kit({}), 'kit-length')).toBeUndefined();
    expect(of(kit({ spare: 'hung in loops' }), 'spare')!.verdict).toBe('look-again');
    expect(of(kit({ spare: 'coiled flat' }), 'spare')).toBeUndefined();
  });
  it('wants its couplings logged and clean', () => {
    expect(of(kit({}), 'joints')!.verdict).toBe('not-proven');
    const b = kit({}).add('joint', { ...JOINT, method: 'coupling', bubbles: 'clean', detector: 'clean' });
    expect(of(b, 'joints')).toBeUndefined();
    expect(judged(b).filter((c) => c.verdict !== 'good')).toEqual([]);
  });
});

describe('opening the old circuit', () => {
  const level = (afterPsig: number) => new LogBuilder().add('level', { reachedPsig: afterPsig, afterPsig, waitMin: 6 });
  const opened = (change: Partial<EntryBody<'opened'>>) =>
    of(level(-5).add('opened', { nitrogenPsig: 1.5, cut: 'cold', capped: true, ...change }), 'opened')!.verdict;
  it('in a vacuum is asked about; nitrogen first, cold, capped', () => {
    expect(of(level(-5), 'opened')!.verdict).toBe('not-proven');
    expect(of(level(0), 'opened')).toBeUndefined();
    expect(of(new LogBuilder(), 'opened')).toBeUndefined();
    expect(opened({})).toBe('good');
    expect(opened({ nitrogenPsig: 1 })).toBe('good');
    expect(opened({ nitrogenPsig: 0.9 })).toBe('look-again');
    expect(opened({ cut: 'torch' })).toBe('look-again');
    expect(opened({ capped: false })).toBe('look-again');
  });
});
