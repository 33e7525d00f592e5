import { describe, expect, it } from 'vitest';
import { removalMethod } from '@/core/circuit/recovery/removal-method';
import { DEFAULT_CIRCUIT_SCHOOLS } from '@/core/circuit/schools';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { english } from '@/core/words/testing/english';
import { OLD_CHARGE, REMOVAL_FACTS } from '@/demo/sample-entries';
import { recoveryOf } from './recovery';
import { standingOf } from './standing-check';
import { recoveryView } from './view';

const READ = { gaugePsig: 221, coldF: 75, hotF: 95, restH: 3, readsVacuum: true };
const view = (read: object | undefined, old: object = {}) => {
  const b = new LogBuilder().add('old-charge', { ...OLD_CHARGE, ...old }).add('removal-facts', REMOVAL_FACTS);
  if (read) b.add('standing-read', { ...READ, ...read });
  return recoveryOf(b.log, { schools: DEFAULT_CIRCUIT_SCHOOLS });
};
const verdict = (read: object | undefined, id = 'standing') => view(read).checks.find((c) => c.id === id)?.verdict;

describe('the standing pressure of the old system', () => {
  it.each([
    [221, 'good'],
    [260, 'not-proven'],
    [318, 'look-again'],
    [168, 'look-again'],
    [0, 'look-again'],
  ])('%d psig between 75 and 95 °F: %s', (gaugePsig, expected) => expect(verdict({ gaugePsig })).toBe(expected));
  // At 5,000 ft the gauge of the same system reads 2.5 psi more: 12.2 psia against 14.7 (ASHRAE Fundamentals, standard atmosphere).
  it('is judged by the air of the site', () => {
    const top = Math.floor(standingOf({ body: READ } as never, 'R-410A', 14.696)!.highPsig) + 1;
    const log = (gaugePsig: number) =>
      new LogBuilder().add('old-charge', OLD_CHARGE).add('standing-read', { ...READ, gaugePsig }).log;
    const at = (elevationFt: number) =>
      recoveryView({ ...sampleSheet(), circuitLog: log(top), site: { ...sampleSheet().site, elevationFt } }).standing;
    expect(at(0)).toBe('air-or-mixture');
    expect(at(5000)).toBe('not-at-rest');
  });
  it('unread says nothing; a gauge that cannot read below zero is told', () => {
    expect(verdict(undefined)).toBeUndefined();
    expect(verdict({}, 'gauge-vacuum')).toBeUndefined();
    expect(verdict({ readsVacuum: false }, 'gauge-vacuum')).toBe('not-proven');
  });
  it('air or a mixture in it forbids the pump-down', () => {
    const small = { outdoorFt3: 0.3 };
    expect(view({}, small).advice?.method).toBe('pump-down');
    expect(view({ gaugePsig: 318 }, small).advice?.method).toBe('machine');
  });
});

describe('room by the coil’s face and rows', () => {
  const { compressorKind: _, ...facts } = REMOVAL_FACTS;
  const FINE = { refrigerant: 'R-410A', ...facts } as const;
  const method = (chargeLb: number, coil: object) => {
    const r = removalMethod({ ...FINE, chargeOz: chargeLb * 16, ...coil });
    return r.ok ? r.value : undefined;
  };
  // 16 ft², 2 rows: 8.4 to 13.9 lb; the low end rules.
  it('the low end rules', () => {
    const coil = { faceFt2: 16, rows: 2 };
    expect(method(8, coil)!.method).toBe('pump-down');
    expect(method(9.4, coil)!.method).toBe('machine');
    expect(method(8, { faceFt2: 16 })!.method).toBe('machine');
    expect(method(9.4, { ...coil, outdoorFt3: 0.25 })!.method).toBe('pump-down');
  });
  it('a microchannel coil is never pumped into without its maker’s volume', () => {
    const r = method(2, { faceFt2: 16, rows: 2, microchannel: true })!;
    expect(r.method).toBe('machine');
    expect(r.reasons.map((x) => english(x))).toEqual(['A microchannel coil holds little']);
    expect(method(2, { microchannel: true, outdoorFt3: 0.25 })!.method).toBe('pump-down');
  });
});
