import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Finding } from '@/core/finding/finding';
import { type ElectricalRun, judgeElectricalRun } from './electrical-run';
import { judgeMakerCharge, type MakerCharge, valveOpenPct } from './maker-charge';
import { powerChange, type RunningPower } from './running-power';
import { judgeSightGlass } from './sight-glass';
import { judgeStaticBudget, type StaticBudget, staticParts } from './static-budget';

const verdicts = (found: Finding[]) => Object.fromEntries(found.map((f) => [f.id, f.verdict]));
const asks = (found: Finding[]) => found.every((f) => (f.verdict === 'good') === (f.next === undefined));

describe('the electrical proof of the running unit', () => {
  const EMPTY: ElectricalRun = {
    supply: 'single-phase',
    restV: null,
    startV: null,
    poleDropV: null,
    v12: null,
    v23: null,
    v31: null,
    a1: null,
    a2: null,
    a3: null,
    capacitorUf: null,
    capacitorA: null,
    capacitorV: null,
    fanCapacitorUf: null,
    fanCapacitorA: null,
    fanCapacitorV: null,
    secondaryV: null,
    secondaryA: null,
    transformerVa: null,
    blowerA: null,
    blowerFlaA: null,
  };
  const of = (change: Partial<ElectricalRun>) => {
    const found = judgeElectricalRun({ ...EMPTY, ...change });
    expect(asks(found)).toBe(true);
    return verdicts(found);
  };
  const three = (change: Partial<ElectricalRun>) => of({ supply: 'three-phase', ...change });

  it('says of an empty form that nothing was read', () => {
    expect(of({})).toEqual({ 'elec-nothing': 'not-proven' });
    expect(three({})).toEqual({ 'elec-nothing': 'not-proven' });
  });

  it.each<[Partial<ElectricalRun>, string, string | undefined]>([
    [{ restV: 240, startV: 216 }, 'elec-sag', 'good'],
    [{ restV: 240, startV: 215.9 }, 'elec-sag', 'look-again'],
    [{ restV: 240 }, 'elec-sag', undefined],
    // Common practice: 0.2 V good over a closed pole.
    [{ poleDropV: 0.2 }, 'elec-pole', 'good'],
    [{ poleDropV: 0.21 }, 'elec-pole', 'look-again'],
    // 5.35 A at 354 V and 60 Hz are 40.09 µF, 1.18 A at 372 V 8.41 µF (worked cases of the trade).
    [{ capacitorUf: 40, capacitorA: 5.35, capacitorV: 354 }, 'elec-capacitor', 'good'],
    [{ capacitorUf: 45, capacitorA: 5.35, capacitorV: 354 }, 'elec-capacitor', 'look-again'],
    [{ capacitorUf: 37, capacitorA: 5.35, capacitorV: 354 }, 'elec-capacitor', 'look-again'],
    [{ capacitorUf: 40, capacitorA: 5.35 }, 'elec-capacitor', 'not-proven'],
    [{ fanCapacitorUf: 8, fanCapacitorA: 1.18, fanCapacitorV: 372 }, 'elec-fan-capacitor', 'good'],
    [{ fanCapacitorUf: 10, fanCapacitorA: 1.18, fanCapacitorV: 372 }, 'elec-fan-capacitor', 'look-again'],
    // 24.6 V × 1.35 A on 40 VA are 33.2 VA, 83 % (worked case of the trade).
    [{ secondaryV: 24.6, secondaryA: 1.35, transformerVa: 40 }, 'elec-va', 'look-again'],
    [{ secondaryV: 24.6, secondaryA: 1.3, transformerVa: 40 }, 'elec-va', 'good'],
    [{ secondaryV: 24 }, 'elec-secondary', 'good'],
    [{ secondaryV: 28 }, 'elec-secondary', 'good'],
    [{ secondaryV: 23.9 }, 'elec-secondary', 'look-again'],
    [{ secondaryV: 22 }, 'elec-secondary', 'look-again'],
    [{ secondaryV: 21.9 }, 'elec-secondary', 'stop'],
    [{ secondaryV: 28.1 }, 'elec-secondary', 'stop'],
    [{ secondaryV: 24, transformerVa: 40 }, 'elec-va', undefined],
    [{ secondaryA: 1.3 }, 'elec-va', 'not-proven'],
    [{ blowerA: 4.1, blowerFlaA: 4.1 }, 'elec-blower', 'good'],
    [{ blowerA: 4.2, blowerFlaA: 4.1 }, 'elec-blower', 'look-again'],
    [{ blowerA: 4.2 }, 'elec-blower', 'not-proven'],
  ])('%o: %s is %s', (change, id, verdict) => {
    expect(of(change)[id]).toBe(verdict);
  });

  it.each<[[number, number, number], string]>([
    // NEMA MG 1: 478/462/469 V lie 1.77 % apart.
    [[478, 462, 469], 'look-again'],
    // 208/201/214 V: 3.21 %, look for the cause.
    [[208, 201, 214], 'look-again'],
    [[480, 478, 479], 'good'],
    [[480, 430, 470], 'stop'],
  ])('volts %o are %s', ([v12, v23, v31], verdict) => {
    expect(three({ v12, v23, v31 })['elec-volts-apart']).toBe(verdict);
  });

  it.each<[[number, number, number], string]>([
    // 18.4/17.1/16.2 A lie 6.77 % apart.
    [[18.4, 17.1, 16.2], 'good'],
    [[18.4, 15, 16.2], 'stop'],
  ])('amps %o are %s', ([a1, a2, a3], verdict) => {
    expect(three({ a1, a2, a3 })['elec-amps-apart']).toBe(verdict);
  });

  it('a plate of three phases wants their volts, whatever else was read', () => {
    const of3 = (change: Partial<ElectricalRun>) =>
      verdicts(judgeElectricalRun({ ...EMPTY, ...change }, { threePhase: true }))['elec-phases'];
    expect(of3({ poleDropV: 0.1 })).toBe('not-proven');
    expect(of3({ supply: 'three-phase', v12: 480, v23: 478 })).toBe('not-proven');
    expect(of3({ supply: 'three-phase', v12: 480, v23: 478, v31: 479 })).toBeUndefined();
  });

  it('two of three phases are half a reading; of one phase they say nothing', () => {
    expect(three({ v12: 480, v23: 478 })).toEqual({ 'elec-volts-apart': 'not-proven' });
    expect(of({ v12: 480, v23: 400, v31: 480, a1: 1, a2: 9, a3: 1 })).toEqual({ 'elec-nothing': 'not-proven' });
  });
});

describe('a sight glass', () => {
  const of = (
    shows: 'clear' | 'bubbles' | 'empty',
    moisture: 'dry' | 'between' | 'wet' | 'none',
    refrigerant = 'R-22',
  ) => judgeSightGlass({ shows, moisture }, { refrigerant: refrigerant as 'R-22' });

  it('is a hint: bubbles prove nothing, and of a blend it says so', () => {
    expect(verdicts(of('clear', 'dry'))).toEqual({ glass: 'good' });
    expect(verdicts(of('bubbles', 'none'))).toEqual({ glass: 'not-proven' });
    expect(verdicts(of('empty', 'none'))).toEqual({ glass: 'not-proven' });
    expect(of('bubbles', 'none', 'R-454B')[0]!.because).not.toEqual(of('bubbles', 'none', 'R-22')[0]!.because);
    expect(of('bubbles', 'none', 'R-32')[0]!.because).toEqual(of('bubbles', 'none', 'R-22')[0]!.because);
  });
  it('a wet spot is looked at again, one between is not proven', () => {
    expect(verdicts(of('clear', 'wet'))['glass-moisture']).toBe('look-again');
    expect(verdicts(of('clear', 'between'))['glass-moisture']).toBe('not-proven');
    expect(asks(of('clear', 'wet'))).toBe(true);
  });
});

describe('a static budget', () => {
  const BUDGET: StaticBudget = {
    returnInWc: 0.25,
    supplyInWc: 0.33,
    filterInWc: 0.1,
    coilInWc: 0.2,
    ratedInWc: 0.6,
  };
  const of = (change: Partial<StaticBudget>) => verdicts(judgeStaticBudget({ ...BUDGET, ...change }));

  it('parts sum to the total, whatever was read', () => {
    const inWc = fc.double({ min: 0, max: 1, noNaN: true });
    const maybe = fc.option(inWc);
    fc.assert(
      fc.property(inWc, inWc, maybe, maybe, (returnInWc, supplyInWc, filterInWc, coilInWc) => {
        const { parts, totalInWc } = staticParts({ returnInWc, supplyInWc, filterInWc, coilInWc, ratedInWc: null });
        expect(parts.reduce((sum, p) => sum + p.inWc, 0)).toBeCloseTo(totalInWc, 3);
        expect(totalInWc).toBeCloseTo(returnInWc + supplyInWc, 3);
      }),
    );
  });

  it.each<[Partial<StaticBudget>, string, string | undefined]>([
    [{}, 'static', 'good'],
    [{ ratedInWc: 0.5 }, 'static', 'look-again'],
    [{ ratedInWc: 0.58 }, 'static', 'good'],
    [{ ratedInWc: null }, 'static', 'not-proven'],
    // Common practice: a fifth of the whole, 0.10 at least.
    [{ filterInWc: 0.115 }, 'static-filter', 'good'],
    [{ filterInWc: 0.12 }, 'static-filter', 'look-again'],
    [{ filterInWc: 0.1, returnInWc: 0.15, supplyInWc: 0.25 }, 'static-filter', 'good'],
    [{ filterInWc: null }, 'static-filter', undefined],
    [{ coilInWc: 0.3 }, 'static-coil', 'good'],
    [{ coilInWc: 0.31 }, 'static-coil', 'look-again'],
    [{ coilInWc: null }, 'static-coil', undefined],
    [{ filterInWc: 0.3 }, 'static', 'not-proven'],
    [{ filterInWc: 0.26 }, 'static', 'good'],
  ])('%o: %s is %s', (change, id, verdict) => {
    expect(of(change)[id]).toBe(verdict);
  });
});

describe('the maker’s own charging procedure', () => {
  const RUN: MakerCharge = {
    document: 'Install guide, page 31',
    result: 'within',
    speed: null,
    valvePct: null,
    valveSteps: null,
    valveStepsMost: null,
  };
  const of = (change: Partial<MakerCharge>) => verdicts(judgeMakerCharge({ ...RUN, ...change }));

  it.each<[Partial<MakerCharge>, string, string | undefined]>([
    [{}, 'maker-charge', 'good'],
    [{ result: 'outside' }, 'maker-charge', 'look-again'],
    [{ result: 'not finished' }, 'maker-charge', 'not-proven'],
    [{}, 'valve-open', undefined],
    [{ valvePct: 94 }, 'valve-open', 'good'],
    [{ valvePct: 95 }, 'valve-open', 'look-again'],
    [{ valvePct: 5 }, 'valve-open', 'look-again'],
    [{ valvePct: 6 }, 'valve-open', 'good'],
    [{ valveSteps: 480, valveStepsMost: 480 }, 'valve-open', 'look-again'],
    [{ valveSteps: 480 }, 'valve-open', undefined],
  ])('%o: %s is %s', (change, id, verdict) => {
    expect(of(change)[id]).toBe(verdict);
  });
  it('steps become a share of the fully open valve', () => {
    expect(valveOpenPct({ ...RUN, valveSteps: 120, valveStepsMost: 480 })).toBe(25);
    expect(valveOpenPct({ ...RUN, valvePct: 40, valveSteps: 120, valveStepsMost: 480 })).toBe(40);
  });
});

describe('running power, old and new', () => {
  const power = (change: Partial<RunningPower>): RunningPower => ({
    of: 'old',
    amps: 20,
    volts: 240,
    kw: null,
    outdoorF: null,
    ...change,
  });
  it('compares amps, and kW where both were read', () => {
    expect(powerChange(power({}), power({ amps: 13 }))).toEqual({ ampsPct: -35 });
    expect(powerChange(power({ kw: 4 }), power({ amps: 13, kw: 3 })).kwPct).toBe(-25);
    expect(powerChange(power({ kw: 4 }), power({ amps: 13 })).kwPct).toBeUndefined();
  });
  it('says whether the weather lets them be compared', () => {
    const change = (a: number | null, b: number | null) =>
      powerChange(power({ outdoorF: a }), power({ outdoorF: b })).sameWeather;
    expect([change(95, 85), change(95, 84.9), change(95, null)]).toEqual([true, false, undefined]);
  });
});
