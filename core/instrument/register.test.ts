import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { QUANTITIES } from '@/core/startup/quantities';
import { datesOn, type Instrument, type InstrumentKind, READS, readWith } from './register';

const instrument = (kind: InstrumentKind, change: Partial<Instrument> = {}): Instrument => ({
  id: '01890000-0000-7000-8000-000000000001',
  version: 1,
  name: 'Blue set',
  kind,
  serial: '88',
  calibratedTo: '2026-12-01',
  zeroedOn: '2026-11-01',
  retired: false,
  keptBy: null,
  ...change,
});
const TODAY = '2026-11-20';

describe('the dates of an instrument', () => {
  it.each([
    ['2026-11-20', 'current'],
    ['2026-11-19', 'overdue'],
    [null, 'unknown'],
  ] as const)('calibrated to %s is %s on that day', (calibratedTo, wanted) => {
    expect(datesOn({ calibratedTo, zeroedOn: null }, TODAY).calibration).toBe(wanted);
  });
  it.each([
    ['2026-10-21', 'current'],
    ['2026-10-20', 'overdue'],
    [null, 'unknown'],
  ] as const)('zeroed on %s is %s: thirty days', (zeroedOn, wanted) => {
    expect(datesOn({ calibratedTo: null, zeroedOn }, TODAY).zero).toBe(wanted);
  });
});

describe('what a quantity was read with', () => {
  it('is the one instrument of its kind that the person has in hand', () => {
    const kept = [instrument('gauges'), instrument('pipe clamps', { name: 'Red pair', serial: null })];
    expect(readWith('suctionPsig', kept, TODAY)).toEqual({
      name: 'Blue set',
      serial: '88',
      calibratedTo: '2026-12-01',
      overdue: false,
    });
    expect(readWith('liquidLineF', kept, TODAY)?.name).toBe('Red pair');
    expect(readWith('compressorA', kept, TODAY)).toBeUndefined();
    expect(readWith('chargeMovementOz', kept, TODAY)).toBeUndefined();
  });
  it('two of a kind, or a retired one, name nobody; an overdue one is marked', () => {
    expect(readWith('suctionPsig', [instrument('gauges'), instrument('gauges')], TODAY)).toBeUndefined();
    expect(readWith('suctionPsig', [instrument('gauges', { retired: true })], TODAY)).toBeUndefined();
    expect(readWith('suctionPsig', [instrument('gauges', { calibratedTo: '2026-11-01' })], TODAY)?.overdue).toBe(true);
    expect(readWith('suctionPsig', [instrument('gauges', { calibratedTo: null })], TODAY)?.overdue).toBe(false);
  });
  it('no quantity is read by two kinds (property)', () => {
    const kinds = Object.keys(READS) as InstrumentKind[];
    fc.assert(
      fc.property(fc.constantFrom(...Object.keys(QUANTITIES)), (quantity) => {
        const by = kinds.filter((k) => (READS[k] as readonly string[]).includes(quantity));
        expect(by.length).toBeLessThanOrEqual(1);
      }),
    );
  });
});
