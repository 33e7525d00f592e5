import { describe, expect, it } from 'vitest';
import { orderFindings } from '@/core/finding/order';
import { dueOn, owedTasks, readOn } from '@/core/job/owed';
import { typed } from '@/core/words/said';
import { english, told } from '@/core/words/testing/english';
import { judgeStartUp } from './judge';
import type { JudgeInput } from './judge-input';
import { limitOf, requiredNow, SEASON_QUANTITIES } from './limit';
import { DEFAULT_SCHOOLS } from './system';
import { START_UP_SYSTEM as SYSTEM, startUpReadings } from './testing/sample-start-up';

const value = (v: number) => ({ value: v, uncertainty: 0.5, source: 'typed' as const });
const WINTER = { system: { ...SYSTEM, heatPump: true }, mode: 'heating' as const };
const heating = (change: object = {}) => ({
  ...startUpReadings({ outdoorF: 35, amps: 9 }),
  returnDryBulbF: value(68),
  supplyDryBulbF: value(94),
  ...change,
});
const judge = (change: Partial<JudgeInput>) =>
  orderFindings(
    judgeStartUp({
      system: SYSTEM,
      readings: startUpReadings(),
      steady: { state: 'steady', say: typed(''), steadyForS: 360, waitS: 0, channels: {} },
      airflow: { cfm: 1206, method: 'flow grid or hood', source: 'typed' },
      confirmations: {
        filterClean: true,
        indoorCoilClean: true,
        outdoorCoilCleanDry: true,
        enclosureRestored: true,
        auxOff: true,
      },
      schools: DEFAULT_SCHOOLS,
      mode: 'cooling',
      ranMin: 20,
      ...change,
    }).findings,
  );
const verdicts = (change: Partial<JudgeInput>) => Object.fromEntries(judge(change).map((f) => [f.id, f.verdict]));

describe('a day on which the charge cannot be judged', () => {
  it('is told by mode, by kind of system and by both temperatures', () => {
    const of = (change: object) =>
      limitOf({ mode: 'cooling', system: SYSTEM, readings: startUpReadings(), ...change })?.id;
    expect(of({})).toBeUndefined();
    expect(of({ mode: 'heating' })).toBe('too-warm');
    expect(of({ mode: 'heating', readings: startUpReadings({ outdoorF: 65.1 }) })).toBe('too-warm');
    expect(of({ mode: 'heating', readings: startUpReadings({ outdoorF: 65 }) })).toBe('heating');
    expect(of({ mode: 'cooling-low' })).toBe('low-stage');
    expect(of({ mode: 'cooling-low', readings: startUpReadings({ outdoorF: 64.9 }) })).toBe('too-cold');
    expect(of({ system: { ...SYSTEM, inverter: true } })).toBe('inverter');
    expect(of({ readings: startUpReadings({ outdoorF: 64.9 }) })).toBe('too-cold');
    expect(of({ readings: startUpReadings({ outdoorF: 65 }) })).toBeUndefined();
    expect(of({ readings: { ...startUpReadings(), returnDryBulbF: value(69.9) } })).toBe('too-cold');
    expect(requiredNow({ id: 'heating' } as never)).toBe(SEASON_QUANTITIES);
  });
  it('a heat pump that heats is judged by what it gives: nothing open, nothing owed, and no probe accused', () => {
    const found = judge({ ...WINTER, readings: heating() });
    const open = found.filter((f) => f.verdict !== 'good');
    expect(open.map((f) => f.id)).toEqual([]);
    expect(found.find((f) => f.id === 'heating-capacity')?.verdict).toBe('good');
    expect(found.some((f) => /swap|probe/i.test(english(f.next?.say)))).toBe(false);
  });
  it.each([
    ['14 min of run', { ranMin: 14 }, 'run-time', 'not-proven'],
    ['nobody said how long', { ranMin: undefined }, 'run-time', 'not-proven'],
    ['no loaded current', { readings: heating({ compressorA: value(3) }) }, 'compressor-amps', 'look-again'],
    ['air hardly warmed', { readings: heating({ supplyDryBulbF: value(69) }) }, 'air-direction', 'look-again'],
    ['cold air in heating', { readings: heating({ supplyDryBulbF: value(55) }) }, 'air-direction', 'stop'],
    ['low volts', { readings: heating({ lineVolts: value(190) }) }, 'voltage', 'look-again'],
  ])('%s: it does not sign yet', (_name, change, id, verdict) => {
    const found = verdicts({ ...WINTER, readings: heating(), ...(change as Partial<JudgeInput>) });
    expect(['look-again', 'stop', 'not-proven']).toContain(found[id]);
    if (id !== 'voltage') expect(found[id]).toBe(verdict);
  });
  it('stands on its limits: full band of current, two degrees of air, seventy of return', () => {
    const of = (change: object, more: Partial<JudgeInput> = {}) =>
      verdicts({ ...WINTER, readings: heating(change), ...more });
    for (const share of [0.3, 1])
      expect(of({ compressorA: value(share * SYSTEM.compressorRlaA) })['compressor-amps']).toBe('good');
    expect(of({ compressorA: value(1.01 * SYSTEM.compressorRlaA) })['compressor-amps']).toBe('look-again');
    expect(of({ supplyDryBulbF: value(70) })['air-direction']).toBe('good');
    expect(of({ supplyDryBulbF: value(66) })['air-direction']).toBe('stop');
    expect(of({ supplyDryBulbF: value(66.1) })['air-direction']).toBe('look-again');
    const cold = { system: { ...SYSTEM, inverter: true }, mode: 'cooling' as const };
    expect(of({ supplyDryBulbF: value(66) }, cold)['air-direction']).toBe('good');
    expect(of({ supplyDryBulbF: value(70) }, cold)['air-direction']).toBe('stop');
    expect(
      limitOf({ mode: 'cooling', system: SYSTEM, readings: { ...startUpReadings(), returnDryBulbF: value(70) } }),
    ).toBeUndefined();
    expect(of({}, { ranMin: 15 })['run-time']).toBe('good');
  });
  it('says what was called and what came, and asks for the time that is missing', () => {
    const find = (id: string, change: Partial<JudgeInput>) => judge(change).find((f) => f.id === id)!;
    expect(english(find('air-direction', { ...WINTER, readings: heating({ supplyDryBulbF: value(55) }) }).claim)).toBe(
      'Heating is called and the air comes out 13.0 °F colder.',
    );
    const cooling = { system: { ...SYSTEM, inverter: true }, readings: heating() };
    expect(english(find('air-direction', cooling).claim)).toBe(
      'Cooling is called and the air comes out 26.0 °F warmer.',
    );
    const unsaid = find('run-time', { ...WINTER, readings: heating(), ranMin: undefined as never });
    expect(unsaid.next?.action).toEqual({ kind: 'enter-reading', quantity: 'runMinutes' });
    const early = find('run-time', { ...WINTER, readings: heating(), ranMin: 11.2 });
    expect(early.next).toMatchObject({ action: { kind: 'wait' }, waitMin: 4 });
  });
  it('a heat pump that warms while cooling is chosen is asked for its mode', () => {
    const found = judge({ system: WINTER.system, readings: heating() });
    const mode = found.find((f) => f.id === 'mode-doubt')!;
    expect(mode.next?.action).toEqual({ kind: 'set-mode', mode: 'heating' });
    expect(found.some((f) => f.id === 'air-direction')).toBe(false);
  });
  it('in the first three minutes the plenum holds the air of the house: nothing is asked of its direction', () => {
    const doubt = (ranMin: number | undefined, system = WINTER.system) =>
      judge({ system, readings: heating(), ranMin: ranMin as never }).map((f) => f.id);
    expect(doubt(2.9)).not.toContain('mode-doubt');
    expect(doubt(3)).toContain('mode-doubt');
    expect(doubt(undefined)).toContain('mode-doubt');
    const alone = { ...SYSTEM, heatPump: false };
    expect(doubt(2.9, alone)).not.toContain('probe-supplyDryBulbF');
    expect(doubt(3, alone)).toContain('probe-supplyDryBulbF');
    const wrong = (ranMin: number) =>
      judge({ ...WINTER, readings: heating({ supplyDryBulbF: value(60) }), ranMin }).find(
        (f) => f.id === 'air-direction',
      )?.verdict;
    expect([wrong(2.9), wrong(3)]).toEqual([undefined, 'stop']);
    const right = judge({ ...WINTER, readings: heating(), ranMin: 1 }).find((f) => f.id === 'air-direction');
    expect(right?.verdict).toBe('good');
  });
});

describe('how far a figure is off', () => {
  const miss = (change: Partial<JudgeInput>, id: string): number | undefined =>
    judge(change).find((f) => f.id === id)?.miss;
  it('a voltage by fives beyond its range on either side, nothing inside it', () => {
    const volts = (v: number) => miss({ readings: { ...startUpReadings(), lineVolts: value(v) } }, 'voltage');
    // 208/230 V: 197 to 253 V (NEMA MG-1, edition not checked).
    expect([volts(187), volts(197), volts(230), volts(253), volts(263)]).toEqual([2, 0, 0, 0, 2]);
  });
  it('airflow of 350 to 450 CFM a ton is good, both ends included', () => {
    const air = (cfm: number) =>
      judge({ airflow: { cfm, method: 'flow grid or hood', source: 'typed' } }).find((f) => f.id === 'airflow')
        ?.verdict;
    expect([air(1049), air(1050), air(1350), air(1351)]).toEqual(['look-again', 'good', 'good', 'look-again']);
  });
  it('amps outside the loaded band by their share of its lower end, on either side', () => {
    const amps = (a: number) => miss({ ...WINTER, readings: heating({ compressorA: value(a) }) }, 'compressor-amps')!;
    const { low, high } = judge({ ...WINTER, readings: heating({ compressorA: value(1) }) }).find(
      (f) => f.id === 'compressor-amps',
    )!.evidence![0]!.band!;
    expect(amps((low + high) / 2)).toBe(0);
    expect(amps(low / 2)).toBeCloseTo(0.5, 9);
    expect(amps(high + low)).toBeCloseTo(1, 9);
  });
});

describe('what stays owed', () => {
  it.each([
    ['warm', '2026-01-10', '2026-05-01'],
    ['warm', '2026-10-02', '2027-05-01'],
    ['warm', '2026-06-20', '2026-07-04'],
    ['cold', '2026-06-20', '2026-11-01'],
    ['cold', '2026-12-20', '2027-01-03'],
    ['any', '2026-02-20', '2026-03-06'],
  ] as const)('a proof of a %s season, from %s, can be made from %s', (season, from, due) => {
    expect(dueOn({ proof: 'cooling-charge', season }, from)).toBe(due);
  });
  it('the visit counts from the day of the reading, not from the day the job was planned for', () => {
    expect(
      readOn([{ occurredAt: '2026-11-27T18:00:00Z' }, { occurredAt: '2026-11-26T18:00:00Z' }], '2026-06-01', 'UTC'),
    ).toBe('2026-11-27');
    expect(readOn([], '2026-06-01', 'UTC')).toBe('2026-06-01');
  });
  it('each proof is one task, with its season in words', () => {
    const cold = judge({ readings: startUpReadings({ outdoorF: 50 }), airflow: undefined as never });
    expect(told(owedTasks(cold, '2026-01-10').map((t) => t.say)).sort()).toEqual([
      'Check of the charge in cooling, owed from May 2026',
      'Proof of the airflow, owed by Jan 24, 2026',
    ]);
    const warm = judge({ ...WINTER, readings: heating({ outdoorDryBulbF: value(70) }) });
    expect(told(owedTasks(warm, '2026-06-10').map((t) => t.say))).toEqual([
      'Proof of heating, owed from November 2026',
    ]);
  });
});
