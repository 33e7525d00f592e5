import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { given } from '@/core/finding/testing/given';
import type { FaultName } from '@/core/plant/unit/faults';
import { bubblePsia, dewPsia } from '@/core/refrigerant/lookup';
import { diagnose } from './diagnose';
import { expectedOf } from './expected';
import { featuresOf } from './features';
import { FOLLOW_UPS, followLog, followUpsFor, gainOf, informationOf, nextOf, outcomeGiven } from './follow-ups';
import { posteriorOf } from './posterior';
import { rankedOf } from './reason';
import { scoreOf } from './testing/score';

const SOUND = diagnose.spec.example.input;
type Input = Parameters<typeof diagnose>[0];
const of = (change: Partial<Input>) => given(diagnose({ ...SOUND, ...change } as Input));
const first = (change: Partial<Input>): FaultName => of(change).ranked[0]!.fault;

describe('textbook readings (common practice, trade charts)', () => {
  it('a sound system is healthy and its charge is left alone', () => {
    expect(of({})).toMatchObject({ verdict: 'healthy', chargeAdvice: 'leave' });
  });
  it.each<[string, Partial<Input>, FaultName, string]>([
    [
      'no subcooling, little head, dry coil',
      { liquidPsig: 345, liquidLineF: 104, suctionPsig: 118, suctionLineF: 62, supplyDryBulbF: 63 },
      'undercharge',
      'add',
    ],
    [
      'much subcooling and head, all else in place',
      { liquidPsig: 425, liquidLineF: 99, compressorA: 12.4 },
      'overcharge',
      'recover',
    ],
    [
      'cold coil and a large split',
      { suctionPsig: 112, suctionLineF: 50, supplyDryBulbF: 52 },
      'low-indoor-airflow',
      'leave',
    ],
    [
      'dry cold coil behind plenty of liquid',
      { suctionPsig: 85, suctionLineF: 70, supplyDryBulbF: 66, liquidPsig: 365, liquidLineF: 98 },
      'liquid-restriction',
      'leave',
    ],
    [
      'suction up, head and current down',
      { suctionPsig: 147, suctionLineF: 65, liquidPsig: 352, liquidLineF: 99, compressorA: 8.2, supplyDryBulbF: 63.5 },
      'weak-compressor',
      'leave',
    ],
    [
      'a wet line and no subcooling',
      { suctionPsig: 150, suctionLineF: 52, liquidPsig: 365, liquidLineF: 108, supplyDryBulbF: 62 },
      'valve-flooding',
      'leave',
    ],
  ])('%s', (_, change, fault, advice) => {
    expect(first(change)).toBe(fault);
    expect(of(change).chargeAdvice).toBe(advice);
  });
  it('an orifice judges by superheat: high with little liquid is short of charge, high with plenty a small orifice', () => {
    const orifice = { metering: 'fixed-orifice', targetSubcoolF: undefined } as const;
    expect(
      first({ ...orifice, suctionPsig: 112, suctionLineF: 66, liquidPsig: 345, liquidLineF: 103, supplyDryBulbF: 63 }),
    ).toBe('undercharge');
    const small = of({
      ...orifice,
      suctionPsig: 95,
      suctionLineF: 66,
      liquidPsig: 378,
      liquidLineF: 101,
      supplyDryBulbF: 64,
    });
    expect(['orifice-too-small', 'liquid-restriction']).toContain(small.ranked[0]!.fault);
    expect(small.chargeAdvice).toBe('leave');
  });
  it('a liquid line far below what the condenser gives is a probe, not a charge', () => {
    const odd = of({ suctionLineF: 88, dischargeLineF: 168 });
    expect(odd.ranked[0]!.fault).toBe('probe-doubt');
    expect(odd.verdict).toBe('readings-contradict');
  });
  it('a pressure without saturation contradicts', () => {
    expect(of({ liquidPsig: 690 })).toMatchObject({
      verdict: 'readings-contradict',
      chargeAdvice: 'leave',
      nextMeasurement: { id: 'second-look', minutes: 8 },
    });
  });
});

describe('follow-ups', () => {
  const starved: Partial<Input> = {
    suctionPsig: 85,
    suctionLineF: 70,
    supplyDryBulbF: 66,
    liquidPsig: 365,
    liquidLineF: 98,
  };
  it('a drop over the drier names it; none clears it; until then the readings cannot tell', () => {
    expect(of(starved).ranked[0]).toMatchObject({ or: [expect.any(String)] });
    expect(of({ ...starved, drierDropF: 11 }).ranked[0]!.fault).toBe('liquid-restriction');
    expect(of({ ...starved, drierDropF: 0.5 }).ranked[0]!.fault).toBe('valve-starving');
  });
  it('pressure at rest above saturation is a foreign gas; at saturation it is not', () => {
    const head: Partial<Input> = { liquidPsig: 425, liquidLineF: 103, compressorA: 12.6 };
    const rest = bubblePsia('R-410A', 90) - 14.696;
    expect(first({ ...head, offPsig: rest + 30, offF: 90 })).toBe('non-condensables');
    expect(of({ ...head, offPsig: rest, offF: 90 }).ranked[0]!.fault).not.toBe('non-condensables');
  });
  it('heat at the compressor inlet alone is a leaking reversing valve', () => {
    const hot: Partial<Input> = { dischargeLineF: 196, suctionPsig: 132, compressorInletF: 73 };
    expect(first(hot)).toBe('reversing-valve-leak');
  });
  it('a measured airflow speaks for itself', () => {
    const cold: Partial<Input> = { suctionPsig: 122, suctionLineF: 54, supplyDryBulbF: 58 };
    const p = (cfm?: number): number =>
      of({ ...cold, airflowCfm: cfm }).ranked.find((r) => r.fault === 'low-indoor-airflow')?.probability ?? 0;
    expect(p(850)).toBeGreaterThan(p());
    expect(p(1200)).toBeLessThan(p());
  });
  it('nothing is asked twice, and what is asked takes its minutes', () => {
    const asked = of({ ...starved, drierDropF: 0.5 }).nextMeasurement;
    expect(asked.id).not.toBe('drier-drop');
    expect(asked.minutes).toBe(FOLLOW_UPS[asked.id].minutes);
    expect(of({ airflowCfm: 1200 }).nextMeasurement.id).not.toBe('airflow');
  });
  it('outcomes of a follow-up sum to one for every fault', () => {
    for (const metering of ['txv', 'fixed-orifice'] as const)
      for (const f of followUpsFor(metering))
        for (const fault of ['healthy', ...(Object.keys(f.shows) as FaultName[])] as FaultName[]) {
          const all = [...(Object.keys(f.shows) as FaultName[]), 'none' as const];
          const sum = all.reduce((s, found) => s + outcomeGiven({ id: f.id, found }, fault), 0);
          expect(sum, `${f.id} ${fault}`).toBeCloseTo(1, 6);
        }
  });
  it('what settles the leading two is worth most; what concerns neither brings nothing', () => {
    const even = new Map<FaultName, number>([
      ['overcharge', 0.5],
      ['non-condensables', 0.5],
    ]);
    expect(nextOf(even, 'txv', [])!.id).toBe('off-pressure');
    expect(nextOf(even, 'txv', ['off-pressure'])!.id).toBe('weigh-charge');
    expect(gainOf(FOLLOW_UPS['off-pressure'], even)).toBeCloseTo(0.45, 2);
    expect(gainOf(FOLLOW_UPS['drier-drop'], even)).toBeCloseTo(0, 9);
    expect(informationOf(FOLLOW_UPS['drier-drop'], even)).toBeCloseTo(0, 9);
    expect(informationOf(FOLLOW_UPS['off-pressure'], even)).toBeGreaterThan(0.6);
    expect(followUpsFor('txv').map((f) => f.id)).not.toContain('orifice-stamp');
  });
  it('no reading alone is beyond doubt: the strongest follow-up shifts belief by a factor, not for ever', () => {
    const seen = { suctionLineF: 57, barometerPsia: 14.696 };
    const shift = (f: FaultName): number => followLog('R-410A', seen, { drierDropF: 60 }, (there) => there === f);
    expect(shift('liquid-restriction') - shift('healthy')).toBeGreaterThan(3);
    expect(shift('liquid-restriction') - shift('healthy')).toBeLessThan(8);
    expect(followLog('R-410A', seen, { offPsig: 200 }, () => false)).toBe(0);
    expect(followLog('R-410A', seen, {}, () => false)).toBe(0);
  });
});

describe('shares', () => {
  it('until a second measurement no fault is beyond 0.79; then it may be', () => {
    const sure = new Map<FaultName, number>([
      ['undercharge', 0.97],
      ['healthy', 0.03],
    ]);
    expect(rankedOf(sure)[0]!.probability).toBe(0.79);
    expect(rankedOf(sure, true)[0]!.probability).toBe(0.97);
    expect(
      rankedOf(
        new Map<FaultName, number>([
          ['healthy', 0.97],
          ['undercharge', 0.03],
        ]),
      )[0]!.probability,
    ).toBe(0.97);
    expect(rankedOf(sure)).toHaveLength(2);
  });
  it('what the readings cannot tell apart stands together, under the likelier name', () => {
    const ranked = rankedOf(
      new Map<FaultName, number>([
        ['liquid-restriction', 0.25],
        ['valve-starving', 0.35],
        ['healthy', 0.4],
      ]),
    );
    expect(ranked[0]).toEqual({ fault: 'valve-starving', probability: 0.6, or: ['liquid-restriction'] });
  });
  it('fall, hold at least two and never sum beyond one, whatever is read; bad input names its field', () => {
    const num = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        num(60, 115),
        num(68, 85),
        num(60, 150),
        num(200, 600),
        num(35, 100),
        num(70, 130),
        num(3, 20),
        fc.boolean(),
        (outdoorF, back, suctionPsig, liquidPsig, suctionLineF, liquidLineF, compressorA, txv) => {
          const r = of({
            outdoorF,
            returnDryBulbF: back,
            returnWetBulbF: back - 10,
            suctionPsig,
            liquidPsig,
            suctionLineF,
            liquidLineF,
            compressorA,
            metering: txv ? 'txv' : 'fixed-orifice',
          });
          expect(r.ranked.length).toBeGreaterThanOrEqual(2);
          expect(r.ranked.reduce((s, x) => s + x.probability, 0)).toBeLessThanOrEqual(1 + 1e-9);
          for (let i = 1; i < r.ranked.length; i++)
            expect(r.ranked[i]!.probability).toBeLessThanOrEqual(r.ranked[i - 1]!.probability);
        },
      ),
      { numRuns: 60 },
    );
    expect(diagnose({ ...SOUND, returnWetBulbF: 81 })).toMatchObject({ refused: { field: 'returnWetBulbF' } });
    expect(diagnose({ ...SOUND, offPsig: 200 })).toMatchObject({ refused: { field: 'offF' } });
    expect(diagnose({ ...SOUND, offF: 80 })).toMatchObject({ refused: { field: 'offPsig' } });
    expect(diagnose({ ...SOUND, suctionPsig: 900 })).toMatchObject({ refused: { field: 'suctionPsig' } });
  });
});

describe('the expected, and differences from it', () => {
  const plate = { refrigerant: 'R-454B', metering: 'txv', nominalTons: 3, targetSubcoolF: 12, ratedLoadA: 14 } as const;
  const air = { outdoorF: 90, returnDryBulbF: 78, returnWetBulbF: 65, barometerPsia: 13 };
  it('a system that shows the expected differs in nothing', () => {
    const { steady } = expectedOf(plate, air)!;
    const f = featuresOf(plate, {
      ...air,
      supplyDryBulbF: steady.supplyDryBulbF,
      suctionPsig: steady.suctionPsia - 13,
      liquidPsig: steady.liquidPsia - 13,
      suctionLineF: steady.suctionLineF,
      liquidLineF: steady.liquidLineF,
      compressorA: 14 * 0.8 * steady.load,
      airflowCfm: 1200,
    })!;
    for (const key of ['subcoolingF', 'superheatF', 'condensingOverF', 'evaporatingF', 'splitF'] as const)
      expect(Math.abs(f[key]!), key).toBeLessThan(1.1);
    expect(f.loadPct).toBeCloseTo(0, 9);
    expect(f.airflowPct).toBeCloseTo(0, 9);
    expect(f.dischargeF).toBeUndefined();
  });
  it('what was not read is left out of the belief', () => {
    const read = { ...SOUND, barometerPsia: 14.696 };
    const without = featuresOf(read, read)!;
    const p = posteriorOf('txv', without);
    expect([...p.values()].reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
    expect(dewPsia('R-410A', 45)).toBeGreaterThan(0);
  });
});

describe('over drawn systems of all refrigerants, sizes, designs and elevations (own population, other seeds than the signatures)', () => {
  it('names the fault, keeps quiet on sound systems and does not move charge that is right', () => {
    const s = scoreOf(40, 987_654_321);
    expect(s.systems).toBeGreaterThan(950);
    expect(s.first).toBeGreaterThanOrEqual(0.72);
    expect(s.firstTwo).toBeGreaterThanOrEqual(0.87);
    expect(s.falseAlarms).toBeLessThanOrEqual(0.08);
    expect(s.chargeCorrected).toBeGreaterThanOrEqual(0.65);
    expect(s.othersMoved).toBeLessThanOrEqual(0.08);
    expect(s.healthyMoved).toBeLessThanOrEqual(0.05);
    expect(s.addedToFull).toBe(0);
    expect(s.probeTurned).toBe(0);
    expect(s.afterOne).toBeGreaterThanOrEqual(0.87);
  });
});
