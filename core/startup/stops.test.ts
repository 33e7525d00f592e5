import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { typed } from '@/core/words/said';
import { judgeStartUp } from './judge';
import type { JudgeInput } from './judge-input';
import { DEFAULT_SCHOOLS as SCHOOLS } from './system';
import { START_UP_SYSTEM as SYSTEM, startUpReadings } from './testing/sample-start-up';

const judge = (change: Partial<JudgeInput> = {}) =>
  judgeStartUp({
    system: SYSTEM,
    readings: startUpReadings(),
    steady: { state: 'steady', say: typed(''), steadyForS: 360, waitS: 0, channels: {} },
    airflow: { cfm: 1200, uncertaintyCfm: 60, method: 'grid', source: 'typed' } as JudgeInput['airflow'],
    confirmations: { filterClean: true, indoorCoilClean: true, outdoorCoilCleanDry: true, enclosureRestored: true },
    schools: SCHOOLS,
    mode: 'cooling',
    ranMin: 30,
    ...change,
  }).findings;
const stops = (change: Partial<JudgeInput>) =>
  judge(change)
    .filter((f) => f.verdict === 'stop')
    .map((f) => f.id);

/** Every kind of job that once left the judgement before its stops. */
const KINDS: [string, Partial<JudgeInput>][] = [
  ['cooling', {}],
  ['an inverter', { system: { ...SYSTEM, inverter: true } }],
  ['heating', { mode: 'heating', system: { ...SYSTEM, heatPump: true } }],
  ['too cold a day', { readings: startUpReadings({ outdoorF: 40 }) }],
  ['not steady', { steady: { state: 'not-steady', say: typed(''), steadyForS: 0, waitS: 300, channels: {} } as never }],
  ['no airflow proven', { airflow: undefined as never }],
];

describe('stops (common practice; RLA from the plate)', () => {
  it.each(KINDS)('%s: discharge from 225 °F, over 110 %% RLA, and flooding held 3 min stop it', (_n, kind) => {
    const base = kind.readings ?? startUpReadings();
    const with_ = (change: object) => ({ ...kind, readings: { ...base, ...change } });
    const value = (v: number) => ({ value: v, uncertainty: 0.5, source: 'typed' as const });
    expect(stops(with_({ dischargeLineF: value(225) }))).toContain('discharge-hot');
    expect(stops(with_({ dischargeLineF: value(224) }))).not.toContain('discharge-hot');
    expect(stops(with_({ compressorA: value(15.6) }))).toContain('over-rla');
    expect(stops(with_({ compressorA: value(15.5) }))).not.toContain('over-rla');
    const flooding = startUpReadings({ sh: 0.5, ...(kind.readings ? { outdoorF: 40 } : {}) });
    expect(stops({ ...kind, readings: flooding, floodingMin: 3 })).toContain('flooding');
    const early = judge({ ...kind, readings: flooding, floodingMin: 2.9 });
    expect(early.find((f) => f.id === 'flooding-watch')?.next).toMatchObject({ action: { kind: 'wait' }, waitMin: 3 });
  });
  it('an inverter at 0.5 °F superheat and 240 °F discharge is stopped for both', () => {
    const readings = startUpReadings({ sh: 0.5 });
    const hot = { ...readings, dischargeLineF: { value: 240, uncertainty: 1, source: 'typed' as const } };
    expect(stops({ system: { ...SYSTEM, inverter: true }, readings: hot, floodingMin: 5 })).toEqual(
      expect.arrayContaining(['discharge-hot', 'flooding']),
    );
  });
  it('no liquid is a stop with sound probes, and only a doubt with a loose one or a charge that is still being found', () => {
    const readings = startUpReadings({ sc: -0.5 });
    expect(stops({ readings })).toContain('no-liquid');
    // Liquid with gas in it stands at saturation; clearly above it the probe is wrong.
    expect(stops({ readings: startUpReadings({ sc: -3 }) })).not.toContain('no-liquid');
    expect(stops({ readings, ranMin: 9 })).not.toContain('no-liquid');
    expect(stops({ readings, ranMin: 10 })).toContain('no-liquid');
    expect(stops({ readings, ranMin: undefined as never })).toContain('no-liquid');
    expect(stops({ readings, system: { ...SYSTEM, heldBackOz: 2.9 } })).not.toContain('no-liquid');
    const loose = { ...readings, liquidLineF: { ...readings.liquidLineF!, trouble: 'stale' as const } };
    expect(stops({ readings: loose })).not.toContain('no-liquid');
  });
  it('crossed hoses are no lack of liquid: the gauges are named, not the charge', () => {
    const readings = startUpReadings();
    const crossed = {
      ...readings,
      suctionPsig: { ...readings.suctionPsig!, value: 299 },
      liquidPsig: { ...readings.liquidPsig!, value: 120 },
    };
    expect(stops({ readings: crossed })).toEqual([]);
  });
  it('cooling below what the maker allows is a stop; heating there is not, and a plate that says nothing allows it', () => {
    const at = (outdoorF: number, change: object = {}) =>
      stops({ readings: startUpReadings({ outdoorF }), system: { ...SYSTEM, lowestOutdoorF: 55 }, ...change });
    expect(at(54)).toContain('below-lowest');
    expect(at(55)).not.toContain('below-lowest');
    expect(at(40, { mode: 'heating' })).not.toContain('below-lowest');
    for (const lowestOutdoorF of [null, undefined])
      expect(at(40, { system: { ...SYSTEM, lowestOutdoorF } })).not.toContain('below-lowest');
  });
  it('110 % of RLA itself is still allowed', () => {
    const at = (amps: number) => stops({ readings: startUpReadings({ amps }) });
    expect(at(1.1 * SYSTEM.compressorRlaA)).not.toContain('over-rla');
  });
  it('equal pressures with amps: it does not pump', () => {
    const readings = startUpReadings();
    const equal = { ...readings, suctionPsig: { ...readings.suctionPsig!, value: readings.liquidPsig!.value - 1 } };
    expect(stops({ readings: equal })).toContain('not-pumping');
    expect(stops({ readings: equal, ranMin: 2 })).not.toContain('not-pumping');
    const off = { ...equal, compressorA: { ...readings.compressorA!, value: 0 } };
    expect(stops({ readings: off })).not.toContain('not-pumping');
  });
  it('a stop comes before every other finding, whatever else is wrong', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 15.6, max: 40, noNaN: true }),
        fc.double({ min: 3, max: 40, noNaN: true }),
        fc.double({ min: 20, max: 110, noNaN: true }),
        fc.boolean(),
        fc.constantFrom('cooling' as const, 'heating' as const),
        (amps, sh, outdoorF, inverter, mode) => {
          const ids = stops({
            readings: startUpReadings({ amps, sh, outdoorF }),
            system: { ...SYSTEM, inverter, heatPump: true },
            mode,
          });
          expect(ids).toContain('over-rla');
        },
      ),
      { numRuns: 200 },
    );
  });
});

describe('a system that stands', () => {
  it('is neither flooded nor without liquid: at rest both lines are at the saturation of the air', () => {
    const rest = { ...startUpReadings({ sh: 0.5, sc: -0.5, amps: 0 }) };
    const ids = judge({ readings: rest }).map((f) => f.id);
    expect(ids).not.toContain('no-liquid');
    expect(ids).not.toContain('flooding-watch');
    const runs = judge({ readings: startUpReadings({ sh: 0.5, sc: -0.5 }) }).map((f) => f.id);
    expect(runs).toContain('no-liquid');
    expect(runs).toContain('flooding-watch');
  });
});
