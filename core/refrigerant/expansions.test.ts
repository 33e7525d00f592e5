import { describe, expect, it } from 'vitest';
import { kelvinFromF, psiaFromPa } from '@/core/units/units';
import { EXPANSIONS } from './expansions';
import { bubbleF, bubblePsia, dewF, dewPsia } from './lookup';
import { HIGH_F, LOW_F } from './ranges';
import { REFRIGERANTS } from './refrigerants';
import { saturate } from './saturation';
import { solveSaturation } from './saturation-solver';
import { saturatedStates } from './state';
import { solveStates, solveVapour, solveZero } from './state-solver';
import { superheatedVapour } from './superheated-vapour';

/** What the expansions are held to: the equations, or the published saturation curves where those rule. */
const SHARE = 1e-8;
const near = (actual: number, wanted: number, size: number, what: string): void =>
  expect(Math.abs(actual - wanted) / size, `${what}: ${actual} against ${wanted}`).toBeLessThan(SHARE);

describe.each(REFRIGERANTS)('expansions of %s against its equation', (r) => {
  const zero = solveZero(r);
  // Points that are no Chebyshev points, and both edges.
  const points = [LOW_F, ...Array.from({ length: 41 }, (_, i) => LOW_F + 2.37 + i * 5.11), HIGH_F];

  it('pressures, densities and both temperatures to 1e-8', () => {
    for (const f of points.filter((p) => p <= HIGH_F)) {
      const wanted = solveSaturation(r, kelvinFromF(f));
      const got = saturate(r, kelvinFromF(f));
      for (const key of ['bubblePa', 'dewPa', 'liquidMolM3', 'vapourMolM3'] as const)
        near(got[key], wanted[key], wanted[key], `${key} at ${f} °F`);
      near(bubbleF(r, psiaFromPa(wanted.bubblePa)), f, HIGH_F, 'bubble point');
      near(dewF(r, psiaFromPa(wanted.dewPa)), f, HIGH_F, 'dew point');
    }
  });

  it('enthalpy and entropy on both lines to 1e-8 of the range', () => {
    const span = saturatedStates(r, HIGH_F).vapour;
    for (const f of points.filter((p) => p <= HIGH_F)) {
      const wanted = solveStates(r, zero, f);
      const got = saturatedStates(r, f);
      for (const line of ['liquid', 'vapour'] as const) {
        near(got[line].btuLb, wanted[line].btuLb, span.btuLb, `${line} enthalpy at ${f} °F`);
        near(got[line].btuLbR, wanted[line].btuLbR, span.btuLbR, `${line} entropy at ${f} °F`);
      }
    }
  });

  it('superheated vapor within 0.01 % of the equation, to 0.1 % beside the critical point', () => {
    for (let dew = -50; dew <= 129; dew += 8.7)
      for (const sh of [0, 3, 17, 44, 90, 125]) {
        const wanted = sh === 0 ? saturatedStates(r, dew).vapour : solveVapour(r, zero, dew + sh, dewPsia(r, dew));
        const got = superheatedVapour(r, dew, sh);
        const share = dew > 100 ? 1e-3 : 1e-4;
        expect(Math.abs(got.lbFt3 / wanted.lbFt3 - 1), `${dew} +${sh}`).toBeLessThan(share);
        expect(Math.abs(got.btuLb - wanted.btuLb), `${dew} +${sh}`).toBeLessThan(100 * share);
      }
  });

  it('counts enthalpy and entropy from saturated liquid at −40 °F', () => {
    expect(EXPANSIONS[r].zero.h).toBeCloseTo(zero.h, 6);
    const { liquid } = saturatedStates(r, -40);
    expect(liquid.btuLb).toBeCloseTo(0, 6);
    expect(liquid.btuLbR).toBeCloseTo(0, 8);
  });

  it('a pressure read off an edge of the range leads back to it', () => {
    for (const f of [LOW_F, HIGH_F]) {
      expect(bubbleF(r, bubblePsia(r, f))).toBeCloseTo(f, 5);
      expect(dewF(r, dewPsia(r, f))).toBeCloseTo(f, 5);
    }
    expect(dewF(r, dewPsia(r, LOW_F) * 0.999)).toBeNaN();
    expect(bubbleF(r, bubblePsia(r, HIGH_F) * 1.001)).toBeNaN();
  });
});
