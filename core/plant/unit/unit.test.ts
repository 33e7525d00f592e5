import { describe, expect, it } from 'vitest';
import { bubbleF, bubblePsia, dewF, dewPsia } from '@/core/refrigerant/lookup';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { singlePhase } from '@/core/refrigerant/state';
import { type Design, MIDDLE, RATED, ratedUnit } from './design';
import { faultsOf, groupOf, type Metering } from './faults';
import { COMPRESSION, idealWork } from './gas';
import { moistEnthalpy, ratioOf, saturatedRatio } from './moist';
import { drawSystem, lay, PROBE_FAULTS } from './population';
import { type Condition, SOUND, solveSteady } from './steady';

const unitOf = (metering: Metering, change: Partial<Design> = {}) =>
  ratedUnit({ ...MIDDLE, refrigerant: 'R-410A', metering, ...change })!;
const run = (metering: Metering, change: Partial<Condition> = {}, design: Partial<Design> = {}) => {
  const unit = unitOf(metering, design);
  const s = solveSteady(unit, { ...RATED, ...SOUND, ...change });
  const te = dewF(unit.refrigerant, s.suctionPsia);
  const tc = bubbleF(unit.refrigerant, s.liquidPsia);
  return { ...s, te, tc, superheatF: s.suctionLineF - te, subcoolingF: tc - s.liquidLineF };
};

describe('compression of each refrigerant against its equation of state', () => {
  it.each(REFRIGERANTS)('%s: discharge temperature and work along the isentrope', (r) => {
    const p1 = dewPsia(r, 45);
    const p2 = bubblePsia(r, 110);
    const from = singlePhase(r, 65, p1, 'vapour')!;
    let low = 110;
    let high = 260;
    for (let i = 0; i < 50; i++) {
      const f = (low + high) / 2;
      const at = singlePhase(r, f, p2, 'vapour');
      if (!at || at.btuLbR < from.btuLbR) low = f;
      else high = f;
    }
    const to = singlePhase(r, high, p2, 'vapour')!;
    expect(Math.abs(524.67 * (p2 / p1) ** COMPRESSION[r].rise - 459.67 - high)).toBeLessThan(1.5);
    expect(Math.abs(idealWork(r, p1, from.lbFt3, p2 / p1) / (to.btuLb - from.btuLb) - 1)).toBeLessThan(0.02);
    const hotter = singlePhase(r, high + 20, p2, 'vapour')!;
    expect(Math.abs((hotter.btuLb - to.btuLb) / 20 / COMPRESSION[r].gasCp - 1)).toBeLessThan(0.04);
  });
});

describe('moist air in the iteration, against ASHRAE figures (Fundamentals, Psychrometrics)', () => {
  it('80/67 °F at sea level: 0.01117 lb/lb, 31.45 Btu/lb; saturated at 55 °F: 0.00923', () => {
    const w = ratioOf(80, 67, 14.696);
    expect(w).toBeCloseTo(0.01117, 4);
    expect(moistEnthalpy(80, w)).toBeCloseTo(31.45, 1);
    expect(saturatedRatio(55, 14.696)).toBeCloseTo(0.00923, 4);
    expect(ratioOf(80, 90, 14.696)).toBe(ratioOf(80, 80, 14.696));
  });
});

describe('a rated unit does what it is rated at', () => {
  it.each(REFRIGERANTS.flatMap((r) => (['txv', 'fixed-orifice'] as const).map((m) => [r, m] as const)))(
    '%s, %s',
    (refrigerant, metering) => {
      const s = run(metering, {}, { refrigerant });
      expect(s.settled).toBe(true);
      expect(s.residual).toBeLessThan(1e-4);
      expect(s.load).toBeCloseTo(1, 2);
      // Net capacity and the heat of the blower, of one ton.
      expect(Math.abs(s.coilBtuh / (12000 * 0.98 + 400 * 0.35 * 3.412) - 1)).toBeLessThan(0.01);
      expect(Math.abs(s.subcoolingF - 10)).toBeLessThan(1);
    },
  );
  it('no coil leaves colder air than its refrigerant', () => {
    expect(ratedUnit({ ...MIDDLE, refrigerant: 'R-410A', metering: 'txv', evaporatingF: 66 })).toBeUndefined();
  });
});

describe('signs of each fault (common practice, physics of the cycle)', () => {
  const txv = run('txv');
  const orifice = run('fixed-orifice');
  it('charge on a valve: subcooling and head follow it, superheat hardly until the valve starves', () => {
    const [low, high] = [run('txv', { chargeRatio: 0.9 }), run('txv', { chargeRatio: 1.15 })];
    expect(low.subcoolingF).toBeLessThan(txv.subcoolingF - 3);
    expect(high.subcoolingF).toBeGreaterThan(txv.subcoolingF + 3);
    expect(high.liquidPsia).toBeGreaterThan(txv.liquidPsia);
    expect(Math.abs(low.superheatF - txv.superheatF)).toBeLessThan(2);
    expect(run('txv', { chargeRatio: 0.6 }).superheatF).toBeGreaterThan(txv.superheatF + 10);
  });
  it('charge on an orifice: superheat answers at once, in steps', () => {
    const at = [1.15, 1.05, 1, 0.95, 0.85, 0.75].map((chargeRatio) => run('fixed-orifice', { chargeRatio }).superheatF);
    for (let i = 1; i < at.length; i++) expect(at[i]!).toBeGreaterThan(at[i - 1]!);
  });
  it('little indoor air: colder coil, larger split, hardly less current', () => {
    const s = run('txv', { indoorAir: 0.6 });
    expect(s.te).toBeLessThan(txv.te - 3);
    expect(s.supplyDryBulbF).toBeLessThan(txv.supplyDryBulbF - 4);
    expect(Math.abs(s.load / txv.load - 1)).toBeLessThan(0.06);
  });
  it('a blocked condenser: head and current up, split hardly moved', () => {
    const s = run('txv', { outdoorAir: 0.5 });
    expect(s.tc).toBeGreaterThan(txv.tc + 8);
    expect(s.load).toBeGreaterThan(1.1);
    expect(Math.abs(s.supplyDryBulbF - txv.supplyDryBulbF)).toBeLessThan(1.5);
  });
  it('a restriction: dry and cold coil, lower head, subcooling kept', () => {
    const s = run('txv', { meterOpening: 0.45 });
    expect(s.superheatF).toBeGreaterThan(txv.superheatF + 10);
    expect(s.te).toBeLessThan(txv.te - 5);
    expect(s.liquidPsia).toBeLessThan(txv.liquidPsia);
    expect(s.subcoolingF).toBeGreaterThan(txv.subcoolingF - 2);
  });
  it('a foreign gas: head and false subcooling; weak pumping: suction up, head and current down', () => {
    const nc = run('txv', { nonCondensablePsi: 30 });
    expect(nc.liquidPsia).toBeGreaterThan(txv.liquidPsia + 20);
    expect(nc.subcoolingF).toBeGreaterThan(txv.subcoolingF + 4);
    const weak = run('txv', { pumping: 0.7 });
    expect(weak.te).toBeGreaterThan(txv.te + 3);
    expect(weak.tc).toBeLessThan(txv.tc - 2);
    expect(weak.load).toBeLessThan(0.88);
  });
  it('gas leaking over shows at the compressor inlet, not at the service valve', () => {
    const s = run('txv', { bypassed: 0.08 });
    expect(s.compressorInletF - s.suctionLineF).toBeGreaterThan(6);
    expect(Math.abs(s.superheatF - txv.superheatF)).toBeLessThan(1.5);
    expect(s.dischargeLineF).toBeGreaterThan(txv.dischargeLineF + 5);
  });
  it('a valve stuck open floods; a large orifice too; a small one starves', () => {
    expect(run('txv', { stuckOpen: 1 }).superheatF).toBeLessThan(2);
    expect(run('fixed-orifice', { meterOpening: 1.3 }).superheatF).toBeLessThan(orifice.superheatF - 8);
    expect(run('fixed-orifice', { meterOpening: 0.75 }).superheatF).toBeGreaterThan(orifice.superheatF + 8);
  });
  it('a hotter day: more head and current, less cooling', () => {
    const [cool, hot] = [run('txv', { outdoorF: 80 }), run('txv', { outdoorF: 110 })];
    expect(cool.coilBtuh).toBeGreaterThan(hot.coilBtuh);
    expect(hot.load).toBeGreaterThan(cool.load + 0.2);
  });
});

describe('drawn systems', () => {
  it('come again by their seed, balance within 1 %, and carry the fault they are asked for', () => {
    for (const metering of ['txv', 'fixed-orifice'] as const)
      for (const fault of faultsOf(metering)) {
        const d = drawSystem(4242, fault, { metering });
        expect(drawSystem(4242, fault, { metering })).toEqual(d);
        expect(d).toMatchObject({ fault, metering });
        expect(Object.values(d.readings).every(Number.isFinite)).toBe(true);
      }
    expect(drawSystem(1, 'healthy', { refrigerant: 'R-22' }).refrigerant).toBe('R-22');
    expect(drawSystem(1, 'healthy').probe).toBeUndefined();
    const probes = new Set(Array.from({ length: 80 }, (_, i) => drawSystem(i, 'probe-doubt').probe));
    expect(probes.size).toBe(PROBE_FAULTS);
  });
  it('a harder fault departs further; sound stays sound', () => {
    const c = { ...RATED, ...SOUND };
    expect(lay('undercharge', 1, c).chargeRatio).toBeLessThan(lay('undercharge', 0, c).chargeRatio);
    expect(lay('overcharge', 1, c).chargeRatio).toBeGreaterThan(lay('overcharge', 0, c).chargeRatio);
    expect(lay('healthy', 1, c)).toEqual(c);
    expect(lay('probe-doubt', 1, c)).toEqual(c);
    expect(faultsOf('txv')).not.toContain('orifice-too-large');
    expect(faultsOf('fixed-orifice')).not.toContain('valve-starving');
    expect(groupOf('valve-starving')).toBe(groupOf('liquid-restriction'));
    expect(groupOf('healthy')).toBe('healthy');
  });
});
