import { describe, expect, it } from 'vitest';
import { USUAL_BLOWER } from './air/blower';
import { grownShare, leakedOz, withOnset } from './onset';
import { advance, airShare, command, newRig, type RigConfig, type RigState, truth } from './rig';

const CONFIG: RigConfig = {
  seed: 7,
  refrigerant: 'R-410A',
  metering: 'txv',
  tons: 3,
  mode: 'cooling',
  volts: 240,
  elevationFt: 0,
  outdoorF: 95,
  indoorF: 76,
  indoorWetBulbF: 63,
  indoorEndF: 76,
  nominalChargeOz: 120,
  outdoorFanA: 1,
  indoorAir: 1,
  outdoorAir: 1,
  condenserClean: 1,
  meterOpening: 1,
  compressorHealth: 1,
  nonCondensablePsi: 0,
  probeFaults: {},
};
function run(
  change: Partial<RigConfig>,
  minutes: number,
  order?: Parameters<typeof command>[2],
): [RigConfig, RigState] {
  let config = { ...CONFIG, ...change };
  let state = command(config, newRig(config, 120), { kind: 'start' }).state;
  for (let s = 0; s < 1200; s += 2) advance(config, state, 2);
  if (order) ({ config, state } = command(config, state, order));
  for (let s = 0; s < minutes * 60; s += 2) advance(config, state, 2);
  return [config, state];
}

describe('a fault that comes on', () => {
  it('grows over ten minutes and stays', () => {
    const onset = { kind: 'coil-clogs', fromS: 100 } as const;
    expect([0, 100, 400, 700, 5000].map((s) => grownShare(onset, s))).toEqual([0, 0, 0.5, 1, 1]);
    expect(withOnset({ condenserClean: 0.9, meterOpening: 1, onset }, 700).condenserClean).toBeCloseTo(0.45, 9);
    expect(withOnset({ condenserClean: 1, meterOpening: 1 }, 700)).toEqual({ condenserClean: 1, meterOpening: 1 });
    expect(leakedOz({ kind: 'leaks', fromS: 0 }, 600, 60)).toBeCloseTo(1.5, 9);
    expect(leakedOz(onset, 600, 60)).toBe(0);
  });
  it('a coil that clogs drives the head up, a drier that clogs the suction down, a leak takes the charge', () => {
    const [c0, sound] = run({}, 20);
    const head = (of: [RigConfig, RigState]) => truth(...of).liquidPsig;
    const suction = (of: [RigConfig, RigState]) => truth(...of).suctionPsig;
    const on = (onset: 'coil-clogs' | 'drier-clogs' | 'leaks') => run({}, 20, { kind: 'configure', change: { onset } });
    expect(head(on('coil-clogs'))).toBeGreaterThan(head([c0, sound]) + 25);
    expect(suction(on('drier-clogs'))).toBeLessThan(suction([c0, sound]) - 5);
    const leaks = on('leaks')[1];
    expect(leaks.chargeOz).toBeGreaterThan(120 - 1.5 * 20);
    expect(leaks.chargeOz).toBeLessThan(120 - 1.5 * 12);
  });
  it('is taken off again', () => {
    const [config] = run({}, 1, { kind: 'configure', change: { onset: 'leaks' } });
    expect(config.onset?.kind).toBe('leaks');
    expect(
      command(config, newRig(config, 120), { kind: 'configure', change: { onset: 'none' } }).config.onset,
    ).toBeUndefined();
    const kept = command(config, newRig(config, 120), { kind: 'configure', change: { outdoorF: 80 } }).config;
    expect(kept.onset?.kind).toBe('leaks');
  });
});

describe('air and electric heat of the running system', () => {
  it('a loaded filter takes air only where a blower is known', () => {
    expect(airShare({ ...CONFIG, filterLoaded: 5 })).toBe(1);
    expect(airShare({ ...CONFIG, blower: USUAL_BLOWER })).toBe(1);
    expect(airShare({ ...CONFIG, blower: USUAL_BLOWER, filterLoaded: 5 })).toBeLessThan(0.9);
    const [config, state] = run({ blower: USUAL_BLOWER, filterLoaded: 5 }, 10);
    expect(truth(config, state).airflowCfm).toBeLessThan(1100);
  });
  it('strips warm the air with the compressor off, by what they draw', () => {
    const strips = { kw: 10, stages: 2 };
    const [config, state] = run({ strips }, 0);
    const off = command(config, state, { kind: 'stop' }).state;
    const on = command(config, off, { kind: 'configure', change: { stripsOn: 2 } });
    for (let s = 0; s < 1200; s += 2) advance(on.config, on.state, 2);
    const t = truth(on.config, on.state);
    // 10 kW into 1,200 CFM: 26.3 °F.
    expect(t.supplyDryBulbF - t.returnDryBulbF).toBeCloseTo(26.3, 0);
    expect(t.airflowCfm).toBe(1200);
    expect(truth(config, off).airflowCfm).toBe(0);
  });
});
