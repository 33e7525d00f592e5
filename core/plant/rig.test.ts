import { describe, expect, it } from 'vitest';
import { subcooling } from '@/core/refrigerant/saturation-calculations';
import { CHANNELS } from './channels';
import { advance, command, newRig, type RigConfig, type RigState, sample, truth } from './rig';

const CONFIG: RigConfig = {
  seed: 7,
  refrigerant: 'R-454B',
  metering: 'txv',
  tons: 3,
  mode: 'cooling',
  volts: 240,
  elevationFt: 1180,
  outdoorF: 94,
  indoorF: 78,
  indoorWetBulbF: 65,
  indoorEndF: 76,
  nominalChargeOz: 131,
  outdoorFanA: 1.1,
  indoorAir: 1,
  outdoorAir: 1,
  condenserClean: 1,
  meterOpening: 1,
  compressorHealth: 1,
  nonCondensablePsi: 0,
  probeFaults: {},
};

function ranFor(seconds: number, config: RigConfig, state: RigState): RigState {
  for (let i = 0; i < seconds; i++) advance(config, state, 1);
  return state;
}
const started = (config = CONFIG, chargeOz = 131): RigState =>
  command(config, newRig(config, chargeOz), { kind: 'start' }).state;
const scOf = (config: RigConfig, state: RigState): number => {
  const t = truth(config, state);
  const r = subcooling({
    refrigerant: config.refrigerant,
    liquidPsig: t.liquidPsig,
    liquidLineF: t.liquidLineF,
    barometerPsia: 14.08,
  });
  return r.ok ? r.value.subcoolingF : Number.NaN;
};

describe('the simulated rig', () => {
  it('rests at one pressure, pulls apart when started, comes together when stopped', () => {
    const rest = newRig(CONFIG, 131);
    expect(truth(CONFIG, rest).suctionPsig).toBeCloseTo(truth(CONFIG, rest).liquidPsig, 6);
    const on = ranFor(900, CONFIG, started());
    expect(truth(CONFIG, on).liquidPsig - truth(CONFIG, on).suctionPsig).toBeGreaterThan(200);
    const off = ranFor(900, CONFIG, command(CONFIG, on, { kind: 'stop' }).state);
    expect(Math.abs(truth(CONFIG, off).liquidPsig - truth(CONFIG, off).suctionPsig)).toBeLessThan(2);
  });

  it('the same seed gives the same readings, another seed others; a saved state goes on exactly', () => {
    const a = ranFor(60, CONFIG, started());
    const b = ranFor(60, CONFIG, started());
    expect(sample(CONFIG, a)).toEqual(sample(CONFIG, b));
    const saved = structuredClone(a);
    expect(sample(CONFIG, ranFor(30, CONFIG, saved))).toEqual(sample(CONFIG, ranFor(30, CONFIG, a)));
    const other = { ...CONFIG, seed: 8 };
    expect(sample(other, ranFor(60, other, started(other)))).not.toEqual(sample(CONFIG, ranFor(60, CONFIG, started())));
  });

  it('refrigerant is conserved: what leaves the cylinder is in the system, and back', () => {
    let { state } = command(CONFIG, newRig(CONFIG, 118), { kind: 'weigh-in', oz: 13 });
    const gross = state.cylinder.grossOz;
    ranFor(120, CONFIG, state);
    expect(state.cylinder.valveOpen).toBe(false);
    expect(state.chargeOz + state.cylinder.grossOz).toBeCloseTo(118 + gross, 9);
    expect(Math.abs(state.chargeOz - 131)).toBeLessThan(0.2);
    state = command(CONFIG, state, { kind: 'recover', oz: 6 }).state;
    const recovery = state.cylinder.grossOz;
    const before = state.chargeOz;
    ranFor(120, CONFIG, state);
    expect(state.cylinder.grossOz - recovery).toBeCloseTo(before - state.chargeOz, 9);
  });

  it('adding 4 oz to a short system raises its subcooling', () => {
    const state = ranFor(1500, CONFIG, started(CONFIG, 118));
    const before = scOf(CONFIG, state);
    const more = ranFor(900, CONFIG, command(CONFIG, state, { kind: 'weigh-in', oz: 4 }).state);
    expect(scOf(CONFIG, more) - before).toBeGreaterThan(1);
  });

  it('a blocked condenser on a hot day trips the high-pressure switch', () => {
    const config = { ...CONFIG, outdoorF: 118, outdoorAir: 0.4, condenserClean: 0.5 };
    const state = ranFor(900, config, started(config));
    expect(state.cutout).toBe('high-pressure');
    expect(state.running).toBe(false);
  });

  it('probe faults: lost gives null, stuck stands still, sun reads high, loose drifts toward the air', () => {
    const config: RigConfig = {
      ...CONFIG,
      probeFaults: { liquidPsig: 'lost', suctionPsig: 'stuck', liquidLineF: 'sun', suctionLineF: 'loose' },
    };
    const good = ranFor(600, CONFIG, started());
    const bad = started(config);
    ranFor(600, config, bad);
    const s = sample(config, bad);
    expect(s.liquidPsig).toBeNull();
    expect(s.liquidLineF! - truth(CONFIG, good).liquidLineF).toBeGreaterThan(4.5);
    expect(s.suctionLineF! - truth(CONFIG, good).suctionLineF).toBeGreaterThan(8);
    const stuck = s.suctionPsig;
    ranFor(60, config, bad);
    expect(sample(config, bad).suctionPsig).toBe(stuck);
  });

  it('publishes every channel, finite', () => {
    const s = sample(CONFIG, ranFor(10, CONFIG, started()));
    for (const channel of CHANNELS) expect(Number.isFinite(s[channel]), channel).toBe(true);
  });
});

describe('the rig in heating', () => {
  const cold: RigConfig = { ...CONFIG, mode: 'heating', outdoorF: 42, indoorF: 69, indoorWetBulbF: 54, indoorEndF: 71 };
  const on = (config = cold): RigState => ranFor(1500, config, started(config));

  it('warms the air, carries hot gas in the vapor line, and reads suction at the compressor', () => {
    const t = truth(cold, on());
    expect(t.supplyDryBulbF - t.returnDryBulbF).toBeGreaterThan(18);
    expect(t.suctionLineF).toBeGreaterThan(t.dischargeLineF - 10);
    expect(t.compressorSuctionF).toBeLessThan(cold.outdoorF);
    expect(t.liquidLineF).toBeGreaterThan(t.returnDryBulbF);
    expect(t.outdoorFanA).toBeGreaterThan(0.9);
  });
  it('another call stops what runs: it is called for again at the thermostat', () => {
    const { state } = command(cold, on(), { kind: 'configure', change: { mode: 'cooling' } });
    expect(state.running).toBe(false);
    expect(command(cold, on(), { kind: 'configure', change: { outdoorF: 40 } }).state.running).toBe(true);
  });
  it('a low stage draws and gives less', () => {
    const full = truth(cold, on());
    const low: RigConfig = { ...cold, mode: 'heating-low' };
    const t = truth(low, on(low));
    expect(t.compressorA / full.compressorA).toBeGreaterThan(0.5);
    expect(t.compressorA / full.compressorA).toBeLessThan(0.8);
    expect(t.airflowCfm).toBeLessThan(full.airflowCfm);
  });
  it('a forced defrost rests the outdoor fan, cools the supply, ends by the coil or in ten minutes', () => {
    const state = command(cold, on(), { kind: 'defrost' }).state;
    ranFor(60, cold, state);
    expect(truth(cold, state).outdoorFanA).toBe(0);
    ranFor(540, cold, state);
    expect(state.defrostS).toBeNull();
    ranFor(900, cold, state);
    expect(truth(cold, state).supplyDryBulbF).toBeGreaterThan(state.houseF + 15);
    expect(command(CONFIG, on(CONFIG), { kind: 'defrost' }).state.defrostS).toBeNull();
  });
  it('a defrost that a stop cut short is over: the next start, in either call, runs as it should', () => {
    let state = command(cold, on(), { kind: 'defrost' }).state;
    state = command(cold, state, { kind: 'stop' }).state;
    const cooling = command(cold, state, { kind: 'configure', change: { mode: 'cooling', outdoorF: 94 } });
    state = ranFor(900, cooling.config, command(cooling.config, cooling.state, { kind: 'start' }).state);
    const t = truth(cooling.config, state);
    expect(t.outdoorFanA).toBeGreaterThan(0.9);
    expect(t.returnDryBulbF - t.supplyDryBulbF).toBeGreaterThan(15);
  });
  it('frost grows in cold wet air, costs heat, and the board takes it off by itself; none grows on a mild day', () => {
    const wet = { ...cold, outdoorF: 35 };
    const state = on(wet);
    const rise = (): number => truth(wet, state).supplyDryBulbF - state.houseF;
    const clear = rise();
    ranFor(2400, wet, state);
    expect(state.frost).toBeGreaterThan(0.5);
    expect(rise()).toBeLessThan(clear - 1);
    ranFor(2400, wet, state);
    expect(state.frost).toBeLessThan(0.5);
    expect(on({ ...cold, outdoorF: 50 }).frost).toBe(0);
  });
});
