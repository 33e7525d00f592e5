import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { english } from '@/core/words/testing/english';
import { EMPTY_CYLINDER } from '@/demo/sample-entries';
import { type Cylinder, cylinderFillOf } from './cylinder';
import { mayTake, recoveryCylinder, roomOz } from './cylinder-choice';
import { FILL_SHARE } from './cylinder-fill';
import { grossByLedger, handMovement, refusesRecovered, refusesStartWeight } from './ledger-rules';

const TODAY = '2026-06-01';
const cylinder = (change: Partial<Cylinder> = {}): Cylinder => ({
  id: 'c1',
  tag: 'RC-1',
  ...EMPTY_CYLINDER,
  refrigerant: 'R-410A',
  contentsOz: 0,
  ...change,
});
const limitOz = cylinderFillOf(cylinder(), 'R-410A')!.limitOz;
const hand = (
  c: Cylinder,
  kind: 'opening' | 'received' | 'weighed' | 'sent away',
  change: object = {},
  movements = 1,
) => handMovement(c, { kind, oz: 0, grossOz: null, recipient: null, ...change }, movements);

describe('a ledger written by hand', () => {
  it('opens once, and takes nothing above the fill limit', () => {
    expect(hand(cylinder(), 'opening', { oz: 100 }, 0)).toMatchObject({ ok: true, value: { oz: 100 } });
    expect(hand(cylinder(), 'opening', { oz: 100 }, 1)).toMatchObject({ ok: false, refused: { field: 'kind' } });
    expect(hand(cylinder(), 'received', { oz: limitOz })).toMatchObject({ ok: true });
    expect(hand(cylinder(), 'received', { oz: limitOz + 2 })).toMatchObject({ ok: false, refused: { field: 'oz' } });
    expect(hand(cylinder({ contentsOz: limitOz }), 'received', { oz: 2 })).toMatchObject({ ok: false });
  });
  it('a weighing sets it to what is there, over the limit too, but never below the tare or beyond what goes in', () => {
    const c = cylinder({ contentsOz: 100 });
    expect(hand(c, 'weighed', { grossOz: c.tareOz + 98 })).toMatchObject({ ok: true, value: { oz: -2 } });
    expect(hand(c, 'weighed', { grossOz: c.tareOz + limitOz * 1.1 })).toMatchObject({ ok: true });
    expect(hand(c, 'weighed', { grossOz: c.tareOz - 2 })).toMatchObject({ ok: false });
    expect(hand(c, 'weighed', { grossOz: c.tareOz + limitOz * 1.3 })).toMatchObject({ ok: false });
    expect(hand(c, 'weighed')).toMatchObject({ ok: false, refused: { field: 'grossOz' } });
  });
  it('stands on its limits: a scale’s ounce either way', () => {
    const c = cylinder({ contentsOz: 100 });
    expect(hand(c, 'sent away', { oz: 101, recipient: 'Senn Reclaim' })).toMatchObject({
      ok: true,
      value: { oz: -100 },
    });
    expect(hand(c, 'sent away', { oz: 101.1, recipient: 'Senn Reclaim' })).toMatchObject({ ok: false });
    expect(hand(c, 'sent away', { oz: 50 })).toMatchObject({ ok: false, refused: { field: 'recipient' } });
    const whole = limitOz / FILL_SHARE;
    expect(hand(c, 'weighed', { grossOz: c.tareOz + whole - 0.001 })).toMatchObject({ ok: true });
    expect(hand(c, 'weighed', { grossOz: c.tareOz + whole + 0.001 })).toMatchObject({ ok: false });
    expect(hand(c, 'weighed', { grossOz: c.tareOz - 1 })).toMatchObject({ ok: true });
    const none = cylinder({ refrigerant: null });
    expect(hand(none, 'received', { oz: 1 })).toMatchObject({ ok: false });
    expect(hand(none, 'weighed', { grossOz: none.tareOz + 1 })).toMatchObject({ ok: true });
    expect(hand(none, 'weighed', { grossOz: none.tareOz + 1.1 })).toMatchObject({ ok: false });
  });
  it('never falls below nothing, whatever is written in whatever order', () => {
    const step = fc.record({
      kind: fc.constantFrom('received' as const, 'weighed' as const, 'sent away' as const),
      oz: fc.double({ min: 0, max: 900, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(step, { maxLength: 30 }), (steps) => {
        let c = cylinder();
        for (const s of steps) {
          const r = hand(c, s.kind, { oz: s.oz, grossOz: c.tareOz + s.oz, recipient: 'Senn Reclaim' });
          if (r.ok) c = { ...c, contentsOz: c.contentsOz + r.value.oz };
          expect(c.contentsOz).toBeGreaterThanOrEqual(-1);
        }
      }),
    );
  });
});

describe('weights against the ledger', () => {
  it('10 oz into a cylinder that held 28 lb is no starting weight of it', () => {
    const c = cylinder({ contentsOz: 28 * 16 });
    expect(english(refusesStartWeight(c, 10)?.allowed)).toContain('900.0 oz');
    expect(refusesStartWeight(c, grossByLedger(c) + 16)).toBeUndefined();
    expect(refusesStartWeight(c, grossByLedger(c) - 16.1)).toBeDefined();
  });
  it('what went past the fill limit is still written down, and blocks the cylinder; more than it can hold is refused', () => {
    const before = cylinder({ contentsOz: limitOz - 40 });
    expect(refusesRecovered(before, 'R-410A', 40, TODAY)).toBeUndefined();
    expect(refusesRecovered(before, 'R-410A', 100, TODAY)).toBeUndefined();
    expect(mayTake({ ...before, contentsOz: limitOz + 60 }, 'R-410A', TODAY)).toBe(false);
    expect(refusesRecovered(before, 'R-410A', limitOz / FILL_SHARE - limitOz + 41, TODAY)).toBeDefined();
    expect(refusesRecovered(cylinder({ use: 'supply' }), 'R-410A', 4, TODAY)?.field).toBe('cylinderId');
    expect(refusesRecovered(cylinder({ refrigerant: 'R-22' }), 'R-410A', 4, TODAY)).toBeDefined();
    expect(refusesRecovered(cylinder({ retestOn: '2026-05-31' }), 'R-410A', 4, TODAY)).toBeDefined();
  });
});

describe('the cylinder to recover into', () => {
  const full = cylinder({ id: 'full', tag: 'A', contentsOz: limitOz * 0.99 });
  const half = cylinder({ id: 'half', tag: 'B', contentsOz: limitOz * 0.5 });
  const empty = cylinder({ id: 'empty', tag: 'C', refrigerant: null });
  it('is never a full one, though it is the one in use', () => {
    expect(mayTake(full, 'R-410A', TODAY)).toBe(false);
    expect(recoveryCylinder([full, half, empty], 'R-410A', TODAY, 'full')?.id).toBe('half');
    expect(recoveryCylinder([full, half, empty], 'R-410A', TODAY, 'half')?.id).toBe('half');
  });
  it('takes the fullest that holds all that is still to come, else the one with the most room', () => {
    expect(recoveryCylinder([half, empty], 'R-410A', TODAY, undefined, 100)?.id).toBe('half');
    expect(recoveryCylinder([half, empty], 'R-410A', TODAY, undefined, limitOz * 0.8)?.id).toBe('empty');
    expect(recoveryCylinder([half, empty], 'R-410A', TODAY, undefined, 5000)?.id).toBe('empty');
    expect(recoveryCylinder([full], 'R-410A', TODAY)).toBeUndefined();
    // A pound of room is worth a start, less is not.
    expect(mayTake(cylinder({ contentsOz: limitOz - 16.001 }), 'R-410A', TODAY)).toBe(true);
    expect(mayTake(cylinder({ contentsOz: limitOz - 15.9 }), 'R-410A', TODAY)).toBe(false);
    expect(mayTake(cylinder({ use: 'supply' }), 'R-410A', TODAY)).toBe(false);
    expect(mayTake(cylinder({ state: 'quarantined' as never }), 'R-410A', TODAY)).toBe(false);
    // Nothing known of the refrigerant: the one in use, or none.
    expect(recoveryCylinder([half], undefined, TODAY)).toBeUndefined();
    expect(recoveryCylinder([half], undefined, TODAY, 'half')?.id).toBe('half');
    // Equally full: by their tags.
    const twin = { ...half, id: 'twin', tag: 'A2' };
    expect(recoveryCylinder([half, twin], 'R-410A', TODAY, undefined, 10)?.id).toBe('twin');
    expect(recoveryCylinder([half, twin], 'R-410A', TODAY, undefined, 5000)?.id).toBe('twin');
    expect(roomOz([full, half, empty], 'R-410A', TODAY)).toBeCloseTo(limitOz * 1.5, 3);
  });
});
