import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Finding } from '@/core/finding/finding';
import { english } from '@/core/words/testing/english';
import { type A2lTrip, judgeA2lTrip } from './a2l-trip';
import { judgeKeptAirHandler, judgeKeptFurnace, type KeptFurnace } from './kept-unit';
import { judgeOutsideAir, type OutsideAir, outsideAirOff } from './outside-air';
import { judgeSmokeTrip, type SmokeTrip } from './smoke-trip';
import { judgeZoneRun, type ZoneRun } from './zone-run';

const verdicts = (found: Finding[]) => Object.fromEntries(found.map((f) => [f.id, f.verdict]));
const asks = (found: Finding[]) => found.every((f) => (f.verdict === 'good') === (f.next === undefined));

describe('a leak detector that is tripped', () => {
  const TRIP: A2lTrip = {
    how: 'test mode',
    compressorOff: true,
    blowerOn: true,
    responseS: 12,
    cfm: 217,
    dampers: 'none',
    runsOnMin: 5,
    unplugged: 'acts as leak',
  };
  /** 8 lb of R-454B ask for 216.5 CFM (UL/IEC 60335-2-40, worked case). */
  const NEEDS = { minimumCfm: 216.5 };
  const of = (change: Partial<A2lTrip>, needs: { minimumCfm: number | undefined } = NEEDS) =>
    verdicts(judgeA2lTrip({ ...TRIP, ...change }, needs));

  it('with 217 of 216.5 CFM in 12 s is good', () => {
    expect(Object.values(of({})).every((v) => v === 'good')).toBe(true);
  });
  it.each<[Partial<A2lTrip>, string, string]>([
    [{ compressorOff: false }, 'a2l-answer', 'stop'],
    [{ blowerOn: false }, 'a2l-answer', 'stop'],
    [{ responseS: 30 }, 'a2l-time', 'good'],
    [{ responseS: 30.1 }, 'a2l-time', 'look-again'],
    [{ responseS: null }, 'a2l-time', 'not-proven'],
    [{ cfm: 216 }, 'a2l-air', 'look-again'],
    [{ cfm: null }, 'a2l-air', 'not-proven'],
    [{ dampers: 'opened' }, 'a2l-dampers', 'good'],
    [{ dampers: 'stayed shut' }, 'a2l-dampers', 'look-again'],
    [{ runsOnMin: 4.9 }, 'a2l-run-on', 'look-again'],
    [{ runsOnMin: null }, 'a2l-run-on', 'not-proven'],
    [{ unplugged: 'ignored' }, 'a2l-unplugged', 'look-again'],
    [{ unplugged: 'not tried' }, 'a2l-unplugged', 'not-proven'],
  ])('%j: %s is %s', (change, id, verdict) => {
    expect(of(change)[id]).toBe(verdict);
    expect(asks(judgeA2lTrip({ ...TRIP, ...change }, NEEDS))).toBe(true);
  });
  it('without a known charge its air proves nothing; without zones nothing is said of dampers', () => {
    expect(of({}, { minimumCfm: undefined })['a2l-air']).toBe('not-proven');
    expect(of({})['a2l-dampers']).toBeUndefined();
  });
});

describe('a smoke detector that is tripped', () => {
  const TRIP: SmokeTrip = {
    detector: 'in the duct',
    told: 'told',
    fanOff: true,
    dampers: 'shut',
    reported: 'reported',
    restored: true,
  };
  const of = (change: Partial<SmokeTrip>) => verdicts(judgeSmokeTrip({ ...TRIP, ...change }));
  it('stops the fan, shuts the air, is reported and put back', () => {
    expect(of({})).toEqual({
      'smoke-fan': 'good',
      'smoke-damper': 'good',
      'smoke-alarm': 'good',
      'smoke-restored': 'good',
    });
  });
  it.each<[Partial<SmokeTrip>, string, string | undefined]>([
    [{ fanOff: false }, 'smoke-fan', 'stop'],
    [{ fanOff: null }, 'smoke-fan', 'not-proven'],
    [{ dampers: 'open' }, 'smoke-damper', 'look-again'],
    [{ dampers: null }, 'smoke-damper', 'not-proven'],
    [{ dampers: 'none' }, 'smoke-damper', undefined],
    [{ reported: 'silent' }, 'smoke-alarm', 'look-again'],
    [{ reported: 'none' }, 'smoke-alarm', undefined],
    [{ reported: null }, 'smoke-alarm', 'not-proven'],
    [{ restored: false }, 'smoke-restored', 'look-again'],
    [{ restored: null }, 'smoke-restored', 'not-proven'],
  ])('%j: %s is %s', (change, id, verdict) => {
    expect(of(change)[id]).toBe(verdict);
    expect(asks(judgeSmokeTrip({ ...TRIP, ...change }))).toBe(true);
  });
  it('one that is not fitted is looked at again, area detection stands for it', () => {
    const none = { ...TRIP, told: null, fanOff: null, dampers: null, reported: null, restored: null };
    expect(verdicts(judgeSmokeTrip({ ...none, detector: 'none' }))).toEqual({ 'smoke-detector': 'look-again' });
    expect(verdicts(judgeSmokeTrip({ ...none, detector: 'area detection' }))).toEqual({ 'smoke-detector': 'good' });
  });
});

describe('outside air', () => {
  const RUN: OutsideAir = {
    wantedPct: 25,
    means: 'temperatures',
    returnF: 72,
    outdoorF: 102,
    mixedF: 79.5,
    outsideCfm: null,
    supplyCfm: null,
    economizer: 'none',
    cold: null,
    hot: null,
    off: null,
    relief: null,
  };
  const of = (change: Partial<OutsideAir>) => verdicts(judgeOutsideAir({ ...RUN, ...change }));
  /** Worked: ±0.5 °F probes over 30 °F: 5.6 % is ±2.3 points, 25 % is ±2.1; over 10 °F 5.6 % is ±6.9. */
  it('is told by temperatures with its error', () => {
    expect(outsideAirOff(0.056, 30)).toBeCloseTo(2.3, 1);
    expect(outsideAirOff(0.25, 30)).toBeCloseTo(2.1, 1);
    expect(outsideAirOff(0.056, 10)).toBeCloseTo(6.9, 1);
    expect(outsideAirOff(0.25, -30)).toBeCloseTo(2.1, 1);
  });
  it('a quarter can be proven by temperatures, a twentieth cannot', () => {
    expect(of({})['outside-air']).toBe('good');
    expect(of({ wantedPct: 5.6, mixedF: 73.7 })['outside-air']).toBe('not-proven');
    expect(english(judgeOutsideAir(RUN)[0]!.claim)).toBe('25.0 ± 2.1 % outside air; 25.0 % are wanted.');
  });
  it.each<[Partial<OutsideAir>, string]>([
    // 25 ± (2.1 + a tenth of what is wanted).
    [{ mixedF: 80.85 }, 'good'],
    [{ mixedF: 80.95 }, 'look-again'],
    [{ mixedF: 78.15 }, 'good'],
    [{ mixedF: 78.05 }, 'look-again'],
    [{ mixedF: null }, 'not-proven'],
    [{ returnF: null }, 'not-proven'],
    [{ outdoorF: null }, 'not-proven'],
    [{ outdoorF: 75 }, 'not-proven'],
    [{ means: 'flow' }, 'not-proven'],
    [{ means: 'flow', outsideCfm: 1000, supplyCfm: 4000 }, 'good'],
    [{ means: 'flow', outsideCfm: 1099, supplyCfm: 4000 }, 'good'],
    [{ means: 'flow', outsideCfm: 1101, supplyCfm: 4000 }, 'look-again'],
    [{ means: 'flow', outsideCfm: 899, supplyCfm: 4000 }, 'look-again'],
    // A few percent are proven by a flow.
    [{ means: 'flow', wantedPct: 5.6, outsideCfm: 225, supplyCfm: 4000 }, 'good'],
  ])('%j is %s', (change, verdict) => {
    expect(of(change)['outside-air']).toBe(verdict);
    expect(asks(judgeOutsideAir({ ...RUN, ...change }))).toBe(true);
  });
  it('too much is closed, too little is opened', () => {
    const say = (mixedF: number) => judgeOutsideAir({ ...RUN, mixedF })[0]!.next!.say;
    expect(english(say(85))).toContain('Close');
    expect(english(say(74))).toContain('Open');
  });
  it('an economizer answers at each end; what was not tried is not proven', () => {
    const good = { economizer: 'fitted', cold: true, hot: true, off: true, relief: 'opens' } as const;
    expect(Object.values(of(good)).every((v) => v === 'good')).toBe(true);
    expect(of({ ...good, cold: false })['economizer-cold']).toBe('look-again');
    expect(of({ ...good, hot: null })['economizer-hot']).toBe('not-proven');
    expect(of({ ...good, off: false })['economizer-off']).toBe('look-again');
    expect(of({ ...good, relief: 'shut' })['economizer-relief']).toBe('look-again');
    expect(of({ ...good, relief: 'none' })['economizer-relief']).toBe('good');
    expect(of({ ...good, relief: null })['economizer-relief']).toBe('not-proven');
    expect(of({ cold: false })['economizer-cold']).toBeUndefined();
  });
  it('what is mixed of two streams is told back (heat balance, random)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 0.8, noNaN: true }),
        fc.double({ min: 20, max: 50, noNaN: true }),
        fc.boolean(),
        (share, difference, warm) => {
          const outdoorF = 72 + (warm ? difference : -difference);
          const mixedF = 72 + share * (outdoorF - 72);
          const found = judgeOutsideAir({ ...RUN, wantedPct: 100 * share, outdoorF, mixedF });
          expect(found[0]!.verdict).toBe('good');
        },
      ),
    );
  });
});

describe('a zone alone', () => {
  const RUN: ZoneRun = {
    open: 'one',
    zone: 'Upstairs',
    call: 'cooling',
    staticInWc: 0.5,
    cfm: 700,
    supplyF: 55,
    othersShut: 'shut',
  };
  const UNIT = { maxStaticInWc: 0.7, minCfm: 640 };
  const of = (change: Partial<ZoneRun>, unit: Parameters<typeof judgeZoneRun>[1] = UNIT) =>
    verdicts(judgeZoneRun({ ...RUN, ...change }, unit));
  it('within the unit’s own ratings is good', () => {
    expect(of({})).toEqual({ 'zone-static': 'good', 'zone-air': 'good', 'zone-supply': 'good' });
  });
  it.each<[Partial<ZoneRun>, string, string]>([
    [{ staticInWc: 0.7 }, 'zone-static', 'good'],
    [{ staticInWc: 0.71 }, 'zone-static', 'look-again'],
    [{ cfm: 640 }, 'zone-air', 'good'],
    [{ cfm: 639 }, 'zone-air', 'look-again'],
    [{ cfm: null }, 'zone-air', 'not-proven'],
    [{ supplyF: 45 }, 'zone-supply', 'good'],
    [{ supplyF: 44.9 }, 'zone-supply', 'look-again'],
    [{ call: 'heating', supplyF: 44.9 }, 'zone-supply', 'good'],
    [{ call: 'heating', supplyF: 140 }, 'zone-supply', 'good'],
    [{ call: 'heating', supplyF: 140.1 }, 'zone-supply', 'look-again'],
    [{ othersShut: 'leak' }, 'zone-dampers', 'look-again'],
  ])('%j: %s is %s', (change, id, verdict) => {
    expect(of(change)[id]).toBe(verdict);
    expect(asks(judgeZoneRun({ ...RUN, ...change }, UNIT))).toBe(true);
  });
  it('without the unit’s ratings nothing is good of static and air', () => {
    const none = { maxStaticInWc: undefined, minCfm: undefined };
    expect(of({}, none)).toMatchObject({ 'zone-static': 'not-proven', 'zone-air': 'not-proven' });
  });
});

describe('what stays under new equipment', () => {
  const RUN: KeptFurnace = {
    staticInWc: 0.6,
    ratedInWc: 0.6,
    exchanger: 'sound',
    riseF: 50,
    plateRiseLowF: 35,
    plateRiseHighF: 65,
    coAirFreePpm: 40,
    roomCoPpm: 0,
    ranMin: 10,
  };
  const of = (change: Partial<KeptFurnace>) => verdicts(judgeKeptFurnace({ ...RUN, ...change }));
  it('a furnace within its plate is good', () => {
    expect(Object.values(of({})).every((v) => v === 'good')).toBe(true);
  });
  it.each<[Partial<KeptFurnace>, string, string]>([
    [{ exchanger: 'cracked' }, 'kept-exchanger', 'stop'],
    [{ exchanger: 'not seen' }, 'kept-exchanger', 'not-proven'],
    [{ coAirFreePpm: 100 }, 'kept-co', 'good'],
    [{ coAirFreePpm: 101 }, 'kept-co', 'look-again'],
    [{ coAirFreePpm: 400 }, 'kept-co', 'look-again'],
    [{ coAirFreePpm: 401 }, 'kept-co', 'stop'],
    [{ roomCoPpm: 9 }, 'kept-room-co', 'good'],
    [{ roomCoPpm: 10 }, 'kept-room-co', 'look-again'],
    [{ roomCoPpm: 35 }, 'kept-room-co', 'look-again'],
    [{ roomCoPpm: 36 }, 'kept-room-co', 'stop'],
    [{ riseF: 35 }, 'kept-rise', 'good'],
    [{ riseF: 34.9 }, 'kept-rise', 'look-again'],
    [{ riseF: 65 }, 'kept-rise', 'good'],
    [{ riseF: 65.1 }, 'kept-rise', 'look-again'],
    [{ plateRiseLowF: null }, 'kept-rise', 'not-proven'],
    [{ plateRiseHighF: null }, 'kept-rise', 'not-proven'],
    [{ ranMin: 9.9 }, 'kept-run', 'not-proven'],
    [{ staticInWc: 0.61 }, 'kept-static', 'look-again'],
    [{ ratedInWc: null }, 'kept-static', 'not-proven'],
  ])('%j: %s is %s', (change, id, verdict) => {
    expect(of(change)[id]).toBe(verdict);
    expect(asks(judgeKeptFurnace({ ...RUN, ...change }))).toBe(true);
  });
  it('an air handler is its static alone', () => {
    expect(verdicts(judgeKeptAirHandler({ staticInWc: 0.5, ratedInWc: 0.5 }))).toEqual({ 'kept-static': 'good' });
    expect(verdicts(judgeKeptAirHandler({ staticInWc: 0.51, ratedInWc: 0.5 }))).toEqual({
      'kept-static': 'look-again',
    });
  });
  it('too hot asks for air, too cool for less or for its input', () => {
    const say = (riseF: number) =>
      english(judgeKeptFurnace({ ...RUN, riseF }).find((f) => f.id === 'kept-rise')!.next!.say);
    expect(say(80)).toMatch(/^More air/);
    expect(say(20)).toMatch(/^Less air/);
  });
});
