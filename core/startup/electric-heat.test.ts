import { describe, expect, it } from 'vitest';
import { verdictOf } from '@/core/finding/order';
import { type DefrostRun, judgeDefrost } from './defrost';
import { judgeStrip, type StripRun } from './electric-heat';

const STRIP: StripRun = {
  stage: 1,
  kw: 10,
  ratedVolts: 240,
  volts: 240,
  amps: 41.7,
  blowerFirst: true,
  apartS: null,
  lockout: 'held off',
};
const strip = (change: Partial<StripRun>, id: string) => verdictOf(judgeStrip({ ...STRIP, ...change }))(id);

describe('one stage of electric heat', () => {
  // 10 kW at 240 V: 41.7 A; at 208 V 36.1 A (Ohm's law).
  it.each([
    [240, 41.7, 'good'],
    [208, 36.1, 'good'],
    [208, 41.7, 'look-again'],
    [240, 37.6, 'good'],
    [240, 37.4, 'look-again'],
    [240, 45.8, 'good'],
    [240, 45.9, 'look-again'],
    [240, 0, 'look-again'],
  ])('at %d V %d A: %s', (volts, amps, wanted) => {
    expect(strip({ volts, amps }, 'amps')).toBe(wanted);
  });
  it('heat without air is a stop; stages keep ten seconds apart; a warm day holds them off', () => {
    expect(strip({ blowerFirst: false }, 'blower')).toBe('stop');
    expect([strip({ apartS: 9 }, 'apart'), strip({ apartS: 10 }, 'apart')]).toEqual(['look-again', 'good']);
    expect([strip({ lockout: 'came on' }, 'lockout'), strip({}, 'lockout')]).toEqual(['look-again', 'good']);
  });
  it('claims nothing that nobody said', () => {
    const ids = judgeStrip({ ...STRIP, lockout: null }).map((f) => f.id);
    expect(ids).toEqual(['amps', 'blower']);
    expect(judgeStrip({ ...STRIP, lockout: 'has none' }).map((f) => f.id)).toEqual(['amps', 'blower']);
  });
});

const DEFROST: DefrostRun = {
  how: 'forced',
  coilStartF: 28,
  fanStopped: true,
  aux: 'yes',
  minutes: 4,
  coilEndF: 60,
  cleared: true,
  supplyLowF: 78,
};
const defrost = (change: Partial<DefrostRun>, id: string) => verdictOf(judgeDefrost({ ...DEFROST, ...change }))(id);

describe('one defrost', () => {
  it('as it should be', () => {
    expect(judgeDefrost(DEFROST).every((f) => f.verdict === 'good')).toBe(true);
  });
  it.each<[string, Partial<DefrostRun>, string, string]>([
    ['the fan runs on', { fanStopped: false }, 'fan', 'look-again'],
    ['no auxiliary heat', { aux: 'no' }, 'aux', 'look-again'],
    ['ten minutes', { minutes: 10 }, 'minutes', 'good'],
    ['more than ten', { minutes: 10.5 }, 'minutes', 'look-again'],
    ['ended at 55 °F', { coilEndF: 55 }, 'end', 'good'],
    ['ended too early', { coilEndF: 54 }, 'end', 'look-again'],
    ['ended at 80 °F', { coilEndF: 80 }, 'end', 'good'],
    ['ended too late', { coilEndF: 81 }, 'end', 'look-again'],
    ['kept its frost', { cleared: false }, 'cleared', 'look-again'],
  ])('%s', (_name, change, id, wanted) => {
    expect(defrost(change, id)).toBe(wanted);
  });
  it('a system without auxiliary heat, or a coil nobody read, is not judged by them', () => {
    const ids = judgeDefrost({ ...DEFROST, aux: 'has none', coilEndF: null }).map((f) => f.id);
    expect(ids).toEqual(['fan', 'minutes', 'cleared']);
  });
});
