import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { placeOf } from './SlotBar';

describe('a bar of the week', () => {
  it('lies over its hours: noon to seven of a day from seven to seven', () => {
    expect(placeOf([13, 19])).toEqual({ left: 50, width: 50 });
    expect(placeOf([7, 19])).toEqual({ left: 0, width: 100 });
  });
  it('can be seen and stays inside its day whenever the work is, also in the evening and before dawn', () => {
    const hour = fc.double({ min: -24, max: 72, noNaN: true });
    fc.assert(
      fc.property(hour, hour, (a, b) => {
        const { left, width } = placeOf([Math.min(a, b), Math.max(a, b)]);
        expect(left).toBeGreaterThanOrEqual(0);
        expect(width).toBeGreaterThanOrEqual(6 - 1e-9);
        expect(left + width).toBeLessThanOrEqual(100 + 1e-9);
      }),
    );
  });
});
