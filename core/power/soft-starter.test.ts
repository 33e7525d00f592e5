import { describe, expect, it } from 'vitest';
import { chooseStarter, judgeReduction, type Starter, type StarterFor, starterRefused } from './soft-starter';

const UNIT: StarterFor = { phases: 1, stages: 'single', volts: 240, rlaA: 16.4, lraA: 84, makerForbids: false };
const made = (model: string, maxRlaA: number, maxLraA: number, more: Partial<Starter> = {}): Starter => ({
  model,
  maxRlaA,
  maxLraA,
  volts: 240,
  phase: 1,
  builtInStart: true,
  ...more,
});
const TABLE = [
  made('large', 32, 180),
  made('small', 16, 90),
  made('middle', 22, 110),
  made('weak', 20, 80),
  made('low', 22, 110, { volts: 120 }),
];

describe('which soft starter (the company’s table)', () => {
  it('the smallest whose both ratings carry the compressor', () => {
    expect(chooseStarter(TABLE, UNIT)?.model).toBe('middle');
    expect(chooseStarter(TABLE, { ...UNIT, rlaA: 16, lraA: 90 })?.model).toBe('small');
    expect(chooseStarter(TABLE, { ...UNIT, rlaA: 16, lraA: 80 })?.model).toBe('small');
    expect(chooseStarter(TABLE, { ...UNIT, lraA: 111 })?.model).toBe('large');
    expect(chooseStarter(TABLE, { ...UNIT, rlaA: 33 })).toBeUndefined();
    expect(chooseStarter(TABLE, { ...UNIT, volts: 120 })?.model).toBe('low');
    expect(chooseStarter(TABLE, { ...UNIT, phases: 3 })).toBeUndefined();
  });
  it('none on an inverter, on three phases, or against the maker', () => {
    expect(starterRefused(UNIT)).toBeUndefined();
    expect(starterRefused({ ...UNIT, stages: 'two' })).toBeUndefined();
    expect(starterRefused({ ...UNIT, stages: 'variable' })?.id).toBe('power.an-inverter-starts-softly-itself');
    expect(starterRefused({ ...UNIT, phases: 3 })?.id).toBe('power.starter-is-for-one-phase');
    expect(starterRefused({ ...UNIT, phases: 3, makerForbids: true })?.id).toBe('power.maker-forbids-a-starter');
  });
});

describe('what it took off the inrush (house rules: 50 % good, 30 % least)', () => {
  it.each([
    [66, 21, 84, 'good'],
    [60, 30, 84, 'good'],
    [58, 31, 84, 'look-again'],
    [61, 63, 84, 'look-again'],
    // A first capture under half or over 1.3 of the plate's locked rotor is doubted.
    [42, 10, 84, 'good'],
    [41.9, 10, 84, 'not-proven'],
    [109.2, 40, 84, 'good'],
    [109.3, 40, 84, 'not-proven'],
    [20, 10, null, 'good'],
  ] as const)('%d A to %d A of %s A: %s', (beforeA, afterA, lraA, verdict) =>
    expect(judgeReduction({ beforeA, afterA, lraA }).verdict).toBe(verdict),
  );
  it('what is hardly down is told as that', () => {
    expect(judgeReduction({ beforeA: 60, afterA: 43, lraA: 84 }).claim.id).toBe('power.inrush-hardly-down');
    expect(judgeReduction({ beforeA: 60, afterA: 42, lraA: 84 }).claim.id).toBe('power.inrush-down-by');
  });
});
