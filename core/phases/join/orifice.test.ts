import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEFAULT_CIRCUIT_SCHOOLS } from '@/core/circuit/schools';
import type { CircuitEntry } from '@/core/phases/log/circuit-log';
import { JOINT } from '@/demo/sample-entries';
import { joinOf } from './joining';

const log = (stamps: (string | null)[]): CircuitEntry[] =>
  stamps.map((orificeStamp, i) => ({
    id: `j${i}`,
    kind: 'joint',
    phase: 'join',
    body: { ...JOINT, orificeStamp },
    source: 'typed',
    supersedesId: null,
    by: 'a lead',
    at: '2026-03-02T14:00:00.000Z',
    recordedAt: '2026-03-02T14:00:00.000Z',
  })) as unknown as CircuitEntry[];
const orifice = (stamps: (string | null)[], listedOrifice?: string | null, fixedOrifice = true) =>
  joinOf(log(stamps), {
    refrigerant: 'R-410A',
    tons: 3,
    heatPump: false,
    fixedOrifice,
    listedOrifice,
    subcoolingF: null,
    schools: DEFAULT_CIRCUIT_SCHOOLS,
    testPsig: undefined,
    volumeFt3: undefined,
    scopeKeepsLines: undefined,
    listed: undefined,
  } as unknown as Parameters<typeof joinOf>[1]).checks.find((c) => c.id === 'orifice')?.verdict;

describe('the orifice of the indoor coil', () => {
  it('is read at a joint and held against the size the outdoor unit lists', () => {
    expect(orifice([null, null], '0.073')).toBe('not-proven');
    expect(orifice([null, '  '], '0.073')).toBe('not-proven');
    expect(orifice([null, '.073'], '0.073')).toBe('good');
    expect(orifice(['0.073 '], ' 0.073')).toBe('good');
    expect(orifice(['0.068'], '0.073')).toBe('look-again');
    expect(orifice(['0.068'], null)).toBe('not-proven');
    expect(orifice(['0.068'])).toBe('not-proven');
  });
  it('nothing is asked of a valve, nor before a joint is made', () => {
    expect(orifice([null], '0.073', false)).toBeUndefined();
    expect(orifice([], '0.073')).toBeUndefined();
  });
  it('is good for no other size than the listed one (property)', () => {
    const size = fc.integer({ min: 40, max: 120 }).map((n) => (n / 1000).toFixed(3));
    fc.assert(
      fc.property(size, size, (a, b) => {
        expect(orifice([a], b)).toBe(a === b ? 'good' : 'look-again');
      }),
    );
  });
});

describe('what meters outdoors of a heat pump', () => {
  type Meter = { device: string; stamp?: string | null; listed?: string | null; freeInCooling: string };
  const told = (body: Meter | undefined, { heatPump = true, fixedOrifice = true } = {}) => {
    const joints = log([null]);
    const meter = { ...joints[0]!, id: 'm', kind: 'outdoor-meter', body } as unknown as CircuitEntry;
    const context = { refrigerant: 'R-410A', tons: 3, heatPump, fixedOrifice, schools: DEFAULT_CIRCUIT_SCHOOLS };
    return joinOf(body ? [...joints, meter] : joints, context as unknown as Parameters<typeof joinOf>[1]).checks.find(
      (c) => c.id === 'outdoor-meter',
    )?.verdict;
  };
  it.each([
    ['of one size with the list', { device: 'orifice', stamp: '.061', listed: '0.061', freeInCooling: 'yes' }, 'good'],
    ['of another size', { device: 'orifice', stamp: '0.059', listed: '0.061', freeInCooling: 'yes' }, 'look-again'],
    ['with no list', { device: 'orifice', stamp: '0.059', listed: null, freeInCooling: 'yes' }, 'not-proven'],
    ['unread', { device: 'orifice', stamp: '', listed: '0.061', freeInCooling: 'yes' }, 'not-proven'],
    ['a valve', { device: 'expansion valve', freeInCooling: 'not seen' }, 'good'],
    ['that holds cooling back', { device: 'electronic valve', freeInCooling: 'no' }, 'look-again'],
    [
      'right, but cooling does not pass',
      { device: 'orifice', stamp: '1', listed: '1', freeInCooling: 'no' },
      'look-again',
    ],
  ])('%s', (_, body, verdict) => expect(told(body)).toBe(verdict));
  it('is asked where both ends are orifices, and of no system that only cools', () => {
    expect(told(undefined)).toBe('not-proven');
    expect(told(undefined, { fixedOrifice: false })).toBeUndefined();
    expect(told(undefined, { heatPump: false })).toBeUndefined();
    expect(told({ device: 'orifice', freeInCooling: 'no' }, { heatPump: false })).toBeUndefined();
    expect(told({ device: 'expansion valve', freeInCooling: 'no' }, { fixedOrifice: false })).toBe('look-again');
  });
});
