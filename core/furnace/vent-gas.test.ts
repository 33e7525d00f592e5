import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { english } from '@/core/words/testing/english';
import { gasPipe } from './gas-pipe';
import { judgeVentGas, PIPE_SIZES, VENT_CATEGORIES, VENTS, type VentGas } from './vent-gas';

const GOOD: VentGas = {
  gas: 'natural',
  longestFt: 60,
  dropInWc: 0.5,
  allBtuh: 100_000,
  futureBtuh: 20_000,
  pipe: '3/4',
  category: 'IV',
  vent: 'sealed plastic',
  shared: false,
  orphaned: false,
  slopesBack: true,
  apart: true,
  closed: true,
  abandonedSealed: true,
  returnInRoom: false,
  roomFt3: null,
};
const verdicts = (change: Partial<VentGas>) =>
  Object.fromEntries(judgeVentGas({ ...GOOD, ...change }).map((f) => [f.id.replace('vent-', ''), f.verdict]));

describe('gas pipe and vent', () => {
  it('120 ft³/h over 60 ft at 0.5 in. is 3/4; at 0.3 it is 1; a future tee counts (worked cases)', () => {
    expect(verdicts({}).size).toBe('good');
    expect(verdicts({ dropInWc: 0.3 }).size).toBe('look-again');
    expect(verdicts({ dropInWc: 0.3, pipe: '1' }).size).toBe('good');
    expect(verdicts({ pipe: '1/2' }).size).toBe('look-again');
    expect(verdicts({ futureBtuh: 120_000 }).size).toBe('look-again');
    // Propane carries more heat in a cubic foot: 120 kBtu/h over 60 ft is 3/4 too, 0.638 in.
    expect(verdicts({ gas: 'propane' }).size).toBe('good');
    expect(verdicts({ gas: 'propane', pipe: '1/2' }).size).toBe('look-again');
    expect(verdicts({ pipe: 'not known' }).size).toBe('not-proven');
    expect(verdicts({ allBtuh: 5_000_000 }).size).toBe('look-again');
  });
  it.each<[Partial<VentGas>, string]>([
    [{}, 'good'],
    [{ vent: 'sealed listed metal' }, 'good'],
    [{ vent: 'unlined masonry' }, 'stop'],
    [{ vent: 'B-vent or lined chimney' }, 'stop'],
    [{ shared: true }, 'stop'],
    [{ shared: null }, 'not-proven'],
    [{ category: 'III', vent: 'sealed listed metal' }, 'good'],
    [{ category: 'III', vent: 'sealed plastic' }, 'stop'],
    [{ category: 'III', vent: 'sealed listed metal', shared: true }, 'stop'],
    [{ category: 'I', vent: 'B-vent or lined chimney', shared: true }, 'good'],
    [{ category: 'I', vent: 'unlined masonry' }, 'look-again'],
    [{ category: 'I', vent: 'sealed plastic' }, 'stop'],
    [{ category: 'II' }, 'not-proven'],
    [{ category: 'not known' }, 'not-proven'],
    [{ vent: 'not known' }, 'not-proven'],
  ])('%o: the vent is %s', (change, verdict) => expect(verdicts(change).vent).toBe(verdict));
  it('a return in the room is a stop where the burner breathes room air, and looked at again where it is sealed', () => {
    const open = { category: 'I', vent: 'B-vent or lined chimney', roomFt3: 8000 } as const;
    expect(verdicts({ ...open, returnInRoom: true }).return).toBe('stop');
    expect(verdicts({ returnInRoom: true }).return).toBe('look-again');
    expect(verdicts({ returnInRoom: null }).return).toBe('not-proven');
  });
  it('room air: 120,000 Btu/h needs 6,000 ft³; 960 ft³ needs two openings of 120 in² (worked case)', () => {
    const open = { category: 'I', vent: 'B-vent or lined chimney', allBtuh: 120_000, futureBtuh: 0 } as const;
    const air = (roomFt3: number | null) =>
      judgeVentGas({ ...GOOD, ...open, roomFt3 }).find((f) => f.id === 'vent-air')!;
    expect(air(6000).verdict).toBe('good');
    expect(air(5999).verdict).toBe('look-again');
    expect(english(air(960).next!.say)).toContain('120 in²');
    expect(air(null).verdict).toBe('not-proven');
    const small = judgeVentGas({ ...GOOD, ...open, allBtuh: 40_000, roomFt3: 960 }).find((f) => f.id === 'vent-air')!;
    expect(english(small.next!.say)).toContain('100 in²');
    expect(verdicts({}).air).toBeUndefined();
  });
  it('asks for the slope where water runs in it, for the ends where it is sealed', () => {
    expect(verdicts({ slopesBack: false }).slope).toBe('look-again');
    expect(verdicts({ apart: false }).apart).toBe('look-again');
    const open = verdicts({ category: 'I', vent: 'B-vent or lined chimney' });
    expect([open.slope, open.apart]).toEqual([undefined, undefined]);
    for (const id of ['orphaned', 'closed', 'abandoned'] as const)
      expect(verdicts({ orphaned: true, closed: false, abandonedSealed: false })[id]).toBe('look-again');
  });
  it('what nobody looked at is never good; a pipe that is enough stays enough when it is larger', () => {
    const size = fc.constantFrom(...PIPE_SIZES.slice(0, -1));
    fc.assert(
      fc.property(
        fc.constantFrom(...VENT_CATEGORIES),
        fc.constantFrom(...VENTS),
        size,
        size,
        fc.integer({ min: 20_000, max: 400_000 }),
        (category, vent, a, b, allBtuh) => {
          const blind = judgeVentGas({
            ...GOOD,
            category,
            vent,
            shared: null,
            orphaned: null,
            slopesBack: null,
            apart: null,
            closed: null,
            abandonedSealed: null,
            returnInRoom: null,
          });
          for (const f of blind) if (f.id !== 'vent-size') expect(f.verdict).not.toBe('good');
          const [small, large] = PIPE_SIZES.indexOf(a) < PIPE_SIZES.indexOf(b) ? [a, b] : [b, a];
          if (verdicts({ allBtuh, pipe: small }).size === 'good')
            expect(verdicts({ allBtuh, pipe: large }).size).toBe('good');
        },
      ),
    );
    expect(gasPipe({ gas: 'natural', cfh: 120, lengthFt: 60, dropInWc: 0.5 }).ok).toBe(true);
  });
});
