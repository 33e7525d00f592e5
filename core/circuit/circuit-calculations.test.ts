import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { value } from '@/core/finding/testing/value';
import { english } from '@/core/words/testing/english';
import { a2lRoom } from './a2l-room';
import { co2Equivalent } from './co2-equivalent';
import { sectionVolume } from './hold-volume';
import { brazeClearance } from './join/braze-clearance';
import { flareTorque } from './join/flare-torque';
import { lineInsulation } from './join/line-insulation';
import { liquidMargin } from './join/liquid-margin';
import { chillIce } from './recovery/chill-ice';
import { cylinderIdentity } from './recovery/cylinder-identity';
import { pumpDownRebound } from './recovery/rebound';
import { recoveredShare } from './recovery/recovered-share';
import { removalMethod } from './recovery/removal-method';

const FINE = {
  refrigerant: 'R-410A',
  chargeOz: 150.4,
  outdoorFt3: 0.2,
  compressorRuns: 'yes',
  valvesWork: 'yes',
  blowerRuns: 'yes',
  heldInCooling: 'yes',
  burnout: 'no',
  mixture: 'no',
  lowSideLeak: 'no',
  makerForbids: 'no',
} as const;

describe('pump-down or machine (common practice; volumes by density)', () => {
  it('0.20 ft³ holds 9.4 lb only just; 0.12 ft³ does not; an unknown volume is no pass', () => {
    expect(value(removalMethod(FINE))).toMatchObject({ method: 'pump-down', narrow: true });
    expect(value(removalMethod({ ...FINE, outdoorFt3: 0.12 }))).toMatchObject({ method: 'machine' });
    const { outdoorFt3: _, ...unknown } = FINE;
    expect(value(removalMethod(unknown)).reasons.map(english).join()).toMatch(/ask the maker/);
  });
  it('anything that fails or is not known calls for the machine, and is named', () => {
    for (const [name, bad] of [
      ['compressorRuns', 'no'],
      ['valvesWork', 'unknown'],
      ['burnout', 'yes'],
      ['mixture', 'unknown'],
      ['lowSideLeak', 'yes'],
      ['makerForbids', 'yes'],
    ] as const) {
      const r = value(removalMethod({ ...FINE, [name]: bad }));
      expect(r.method).toBe('machine');
      expect(r.reasons.map(english).join().length).toBeGreaterThan(10);
    }
  });
});

describe('rebound (common practice)', () => {
  it.each([
    [0, 3, 1, true, 'machine-low-side'],
    [0, 22, 1, false, 'repeat'],
    [0, 18, 2, false, 'machine-low-side'],
  ])('%d → %d psig, attempt %d', (stopPsig, afterPsig, attempt, holds, next) =>
    expect(value(pumpDownRebound({ stopPsig, afterPsig, attempt }))).toMatchObject({ holds, next }),
  );
  it('one that still climbs toward the outdoor pressure leaks through', () =>
    expect(value(pumpDownRebound({ stopPsig: 0, afterPsig: 4, attempt: 1, stillClimbing: true })).next).toBe(
      'recover-all',
    ));
});

describe('recovered against expected: 150.2 oz expected', () => {
  it.each([
    [9.2, 98, 'consistent'],
    [8.1, 86, 'slightly short'],
    [6.2, 66, 'probable leak'],
    [10.6, 113, 'over'],
  ])('%d lb: %d %%, %s', (lb, pct, reading) => {
    const r = value(recoveredShare({ expectedOz: 150.2, recoveredOz: lb * 16 }));
    expect(Math.round(r.pct)).toBe(pct);
    expect(r.reading).toBe(reading);
  });
});

describe('a cylinder at rest, R-410A at 70 °F', () => {
  it.each([
    [205, 'plausible'],
    [216, 'air or a mixture'],
    [188, 'another refrigerant, or not at rest'],
  ])('%d psig: %s', (psig, reading) =>
    expect(value(cylinderIdentity({ refrigerant: 'R-410A', temperatureF: 70, psig })).reading).toBe(reading),
  );
  it('R-32 fits the same band: pressure cannot tell them apart', () =>
    expect(value(cylinderIdentity({ refrigerant: 'R-410A', temperatureF: 70, psig: 205 })).alsoFits).toContain('R-32'));
});

describe('ice for a cylinder, 150 °F vapour to 50 °F liquid', () => {
  it.each([
    ['R-410A', 111],
    ['R-32', 150],
    ['R-22', 100],
  ] as const)('%s gives off about %d Btu/lb', (refrigerant, btu) =>
    expect(Math.abs(value(chillIce({ refrigerant, recoverLb: 1 })).rejectBtuLb / btu - 1)).toBeLessThan(0.06),
  );
});

describe('brazed clearance (0.001 to 0.006 in a side, common practice)', () => {
  it('tube in its own fitting joins; a loose one needs a reducer; a larger tube is refused', () => {
    expect(value(brazeClearance({ tubeOdIn: 0.875, socketIdIn: 0.881 }))).toMatchObject({ joinable: true });
    expect(english(value(brazeClearance({ tubeOdIn: 0.75, socketIdIn: 0.875 })).say)).toMatch(/reducer/);
    expect(brazeClearance({ tubeOdIn: 0.875, socketIdIn: 0.75 })).toMatchObject({ refused: { field: 'socketIdIn' } });
  });
  it('the limits themselves join', () => {
    for (const gap of [0.001, 0.006])
      expect(value(brazeClearance({ tubeOdIn: 0.5, socketIdIn: 0.5 + 2 * gap })).joinable).toBe(true);
  });
});

it('flare torque: larger tubes take more (common practice)', () => {
  const torques = [0.25, 0.375, 0.5, 0.625, 0.75].map((odIn) => value(flareTorque({ odIn })));
  for (let i = 1; i < torques.length; i++) expect(torques[i]!.lowFtLb).toBeGreaterThan(torques[i - 1]!.highFtLb - 1);
  expect(flareTorque({ odIn: 1.125 })).toMatchObject({ ok: false, refused: { field: 'odIn' } });
});

describe('liquid line margin: 3 tons R-410A, 3/8 in, 62 ft, 9 °F of subcooling, 1 psi drier', () => {
  const at = (liftFt: number) =>
    value(
      liquidMargin({ refrigerant: 'R-410A', odIn: 0.375, equivalentFt: 62, capacityTons: 3, liftFt, subcoolingF: 9 }),
    );
  it.each([
    [20, 3.0, 6.0],
    [50, 5.8, 3.2],
    [-10, 0.3, 8.7],
  ])('lift %d ft: loss %d, margin %d °F', (liftFt, loss, margin) => {
    expect(Math.abs(at(liftFt).lossF - loss)).toBeLessThan(0.12);
    expect(Math.abs(at(liftFt).marginF - margin)).toBeLessThan(0.12);
  });
  it('more lift, less margin; at the end it flashes', () => {
    expect(at(90).reading).toBe('flashes');
    fc.assert(
      fc.property(fc.double({ min: -60, max: 90, noNaN: true }), (lift) => {
        expect(at(lift + 5).marginF).toBeLessThan(at(lift).marginF);
      }),
      { numRuns: 30 },
    );
  });
});

describe('insulation', () => {
  it('half an inch on 7/8 is R 2.65, three quarters R 4.39 (cylinder conduction)', () => {
    const r = (wallIn: number) =>
      value(lineInsulation({ odIn: 0.875, wallIn, airF: 95, pipeF: 45, dewPointF: 75 })).rValue;
    expect(r(0.5)).toBeCloseTo(2.65, 1);
    expect(r(0.75)).toBeCloseTo(4.39, 1);
  });
  it('sweats when the dew point is above its surface', () =>
    expect(value(lineInsulation({ odIn: 0.875, wallIn: 0.5, airF: 95, pipeF: 45, dewPointF: 83 })).sweats).toBe(true));
});

describe('A2L with a detector (UL/IEC 60335-2-40, from memory), R-454B', () => {
  it.each([
    [3.5, 'exempt', undefined, undefined],
    [8, 'area', 120, 216],
    [11.25, 'area', 169, 304],
    [40, 'extra measures', undefined, undefined],
    [200, 'outside', undefined, undefined],
  ] as const)('%d lb: %s', (chargeLb, step, area, cfm) => {
    const r = value(a2lRoom({ refrigerant: 'R-454B', chargeLb }));
    expect(r.step).toBe(step);
    if (area) expect(Math.abs(r.minimumAreaFt2 - area)).toBeLessThan(1.5);
    if (cfm) expect(Math.abs(r.minimumCfm - cfm)).toBeLessThan(1.5);
  });
  it('m1 is 62.6 oz; other refrigerants are refused', () => {
    expect(value(a2lRoom({ refrigerant: 'R-454B', chargeLb: 8 })).exemptLb * 16).toBeCloseTo(62.6, 0);
    expect(a2lRoom({ refrigerant: 'R-410A', chargeLb: 8 })).toMatchObject({ ok: false });
  });
});

it.each([
  ['R-410A', 9.5, 9.0],
  ['R-32', 7, 2.14],
  ['R-454B', 8, 1.69],
] as const)('%s, %d lb: %d t CO₂ equivalent', (refrigerant, chargeLb, tonnes) =>
  expect(value(co2Equivalent({ refrigerant, chargeLb })).tonnes).toBeCloseTo(tonnes, 2),
);

it('a section grows with its length, its tubes and the open unit', () => {
  const v = (change: object) =>
    value(sectionVolume({ liquidOdIn: 0.375, vaporOdIn: 0.875, lengthFt: 50, tons: 3, ...change })).volumeFt3;
  expect(v({ lengthFt: 60 })).toBeGreaterThan(v({}));
  expect(v({ vaporOdIn: 1.125 })).toBeGreaterThan(v({}));
  expect(v({ withOutdoor: true }) - v({})).toBeCloseTo(0.21, 6);
});
