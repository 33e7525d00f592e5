import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { english } from '@/core/words/testing/english';
import { toBuy } from './buy';
import { disposalFor, gearFor, type TakeOffFacts, takeOff } from './take-off';

const FACTS: TakeOffFacts = {
  runFt: 46,
  drawn: true,
  newLines: true,
  joints: undefined,
  nitrogenScf: 16.5,
  chargeOz: 40,
  refrigerant: 'R-454B',
  items: new Set(),
  pieces: [],
  opensCircuit: true,
  padPoints: 0,
};
const need = (facts: Partial<TakeOffFacts>, code: string) =>
  takeOff({ ...FACTS, ...facts }).find((l) => l.code === code)?.need;
const part = (code: string, change: object = {}) => ({
  code,
  name: code,
  unit: 'ft',
  pack: 10,
  price: 30,
  onTruck: 0,
  ...change,
});

describe('the take-off', () => {
  it('a line set: plan and rise, bends, service, a tenth more (worked case: 32 + 14 + 3 + 4 = 53, 58.3, bought as 60)', () => {
    expect(need({}, 'copper')).toBeCloseTo(58.3, 9);
    const [copper] = toBuy(
      takeOff(FACTS).filter((l) => l.code === 'copper'),
      [],
    );
    expect(copper!.packs * copper!.packSize).toBe(60);
    expect(need({ newLines: false }, 'copper')).toBeUndefined();
    expect(need({ runFt: undefined }, 'copper')).toBeUndefined();
  });
  it('straps: a run over its spacing and one more', () => {
    expect(need({ runFt: 46 }, 'line-strap')).toBe(13);
    expect(need({ runFt: 48 }, 'line-strap')).toBe(13);
    expect(need({ runFt: 48.5 }, 'line-strap')).toBe(14);
  });
  it('what stays is not bought again; what is opened is tested and brazed', () => {
    const kept = { newLines: false };
    expect(need(kept, 'rod')).toBe(4);
    expect(need({ ...kept, joints: 5 }, 'rod')).toBe(3);
    expect(need(kept, 'nitrogen')).toBe(16.5);
    expect(need({ opensCircuit: false }, 'rod')).toBeUndefined();
    expect(need({ opensCircuit: false }, 'nitrogen')).toBeUndefined();
    expect(need({ chargeOz: 0 }, 'refrigerant')).toBeUndefined();
    expect(need({}, 'refrigerant')).toBe(2.5);
    expect(need({ nitrogenScf: undefined }, 'nitrogen')).toBeUndefined();
  });
  it.each([
    ['line-insulation', { items: new Set(['line-insulation']), newLines: false }],
    ['line-cover', { items: new Set(['line-cover']) }],
    ['control-cable', { items: new Set(['thermostat']) }],
    ['drain-pipe', { items: new Set(['secondary']) }],
    ['mastic', { items: new Set(['crossover']) }],
    ['anchor', { padPoints: 4 }],
  ])('%s comes with its work', (code, facts) => {
    expect(need(facts, code)).toBeGreaterThan(0);
    expect(need({ newLines: false }, code)).toBeUndefined();
  });
  it('gear and disposal follow the work', () => {
    const plain = { opensCircuit: false, items: new Set<string>() };
    expect(gearFor(plain)).toHaveLength(3);
    expect(gearFor({ opensCircuit: true, items: new Set(['flue']) }).length).toBe(10);
    expect(disposalFor(plain)).toHaveLength(1);
    expect(disposalFor({ opensCircuit: true, items: new Set(['mercury', 'asbestos', 'oil-tank']) })).toHaveLength(6);
  });
  it('every line reads, and is there once', () => {
    const all = takeOff({ ...FACTS, items: new Set(['line-cover', 'thermostat', 'drain', 'flex']), padPoints: 4 });
    expect(new Set(all.map((l) => l.code)).size).toBe(all.length);
    for (const l of all) expect(english(l.say) + english(l.because)).not.toMatch(/undefined|\{/);
  });
});

describe('what is bought', () => {
  it('the rest after the truck, in whole packs, at the company’s price; without one it says none', () => {
    const line = takeOff(FACTS).filter((l) => l.code === 'copper');
    expect(toBuy(line, [part('copper', { onTruck: 20 })])[0]).toMatchObject({ packs: 4, cost: 120, onTruck: 20 });
    expect(toBuy(line, [part('copper', { onTruck: 58.3 })])[0]).toMatchObject({ packs: 0, cost: 0 });
    expect(toBuy(line, [])[0]).toMatchObject({ packs: 6, cost: undefined });
    expect(toBuy([{ ...line[0]!, how: 'make' }], [])[0]!.packs).toBe(0);
  });
  it('is never less than what is short, and never a whole pack more', () => {
    const line = takeOff(FACTS).find((l) => l.code === 'copper')!;
    const positive = fc.double({ min: 0.1, max: 200, noNaN: true });
    fc.assert(
      fc.property(positive, positive, fc.double({ min: 0, max: 300, noNaN: true }), (needed, pack, onTruck) => {
        const [bought] = toBuy([{ ...line, need: needed }], [part('copper', { pack, onTruck })]);
        const short = Math.max(0, needed - onTruck);
        expect(bought!.packs * pack).toBeGreaterThanOrEqual(short - 1e-6);
        expect(bought!.packs * pack).toBeLessThan(short + pack + 1e-6);
      }),
    );
  });
  it('a drain is counted from its fit sheet where somebody measured it, else as usual', () => {
    const drain = (change: Partial<TakeOffFacts>) =>
      takeOff({ ...FACTS, items: new Set(['drain']), ...change }).find((l) => l.code === 'drain-pipe')!;
    expect(drain({ drainFt: 33 }).need).toBeCloseTo(33 * 1.1, 9);
    expect(drain({ drainFt: 33 }).because.id).toBe('take.from-the-drain-sheet');
    expect(drain({}).because.id).toBe('take.usual-drain');
    expect(drain({}).need).toBeCloseTo(22, 9);
  });
});
