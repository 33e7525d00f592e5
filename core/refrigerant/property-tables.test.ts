import { describe, expect, it } from 'vitest';
import { psiaFromPa } from '@/core/units/units';
import { bubblePsia, dewF, dewPsia, liquidLbFt3, vapourLbFt3 } from './lookup';
import tables from './property-tables.json';
import { HIGH_F, LOW_F } from './ranges';
import { REFRIGERANTS } from './refrigerants';
import { saturatedStates, singlePhase } from './state';

/**
 * Against CoolProp 8.0.0 (property-tables.json). R-454B has no published equation of its own here: its pressures and
 * saturated densities are fits, its energies a two-part mixture model, which is good to 1.5 % below 130 °F.
 */
const shares = (r: string, temperatureF = 0) =>
  r === 'R-454B'
    ? { pressure: 2e-4, density: 1e-3, latent: temperatureF > 125 ? 0.03 : 0.015, vapor: 0.014, rise: 0.045 }
    : { pressure: 1e-5, density: 5e-5, latent: 5e-6, vapor: 2e-5, rise: 1e-4 };

const within = (actual: number, wanted: number, share: number, what: string): void =>
  expect(Math.abs(actual / wanted - 1), `${what}: ${actual} against ${wanted}`).toBeLessThan(share);

describe.each(REFRIGERANTS)('%s against its property table', (r) => {
  it('saturated, as states and as screen lookups', () => {
    expect(tables.saturation[r].length).toBe(20);
    for (const [f, bubble, dew, liquid, vapor, latent] of tables.saturation[r] as number[][]) {
      const share = shares(r, f);
      const s = saturatedStates(r, f!);
      within(psiaFromPa(s.bubblePa), bubble!, share.pressure, `bubble at ${f} °F`);
      within(psiaFromPa(s.dewPa), dew!, share.pressure, `dew at ${f} °F`);
      within(s.liquid.lbFt3, liquid!, share.density, `liquid at ${f} °F`);
      within(s.vapour.lbFt3, vapor!, share.density, `vapor at ${f} °F`);
      within(s.vapour.btuLb - s.liquid.btuLb, latent!, share.latent, `latent heat at ${f} °F`);
      within(bubblePsia(r, f!), bubble!, share.pressure, `lookup bubble at ${f} °F`);
      within(dewPsia(r, f!), dew!, share.pressure, `lookup dew at ${f} °F`);
      within(liquidLbFt3(r, f!), liquid!, share.density, `lookup liquid at ${f} °F`);
      within(vapourLbFt3(r, f!), vapor!, share.density, `lookup vapor at ${f} °F`);
    }
  });

  it('superheated: dew point, density, enthalpy above the dew point', () => {
    expect(tables.superheated[r].length).toBe(30);
    const share = shares(r);
    for (const [psia, dew, superheat, vapor, rise] of tables.superheated[r] as number[][]) {
      const at = `${superheat} °F above dew at ${psia} psia`;
      // Outside its range the lookup answers nothing rather than a guess.
      if (dew! < LOW_F || dew! > HIGH_F) expect(dewF(r, psia!), at).toBeNaN();
      else expect(Math.abs(dewF(r, psia!) - dew!), at).toBeLessThan(r === 'R-454B' ? 5e-3 : 1e-4);
      const state = singlePhase(r, dew! + superheat!, psia!, 'vapour')!;
      within(state.lbFt3, vapor!, share.vapor, at);
      within(state.btuLb - saturatedStates(r, dew!).vapour.btuLb, rise!, share.rise, at);
    }
  });
});
