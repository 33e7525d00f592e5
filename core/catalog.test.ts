import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOG, findCalculation } from './catalog';
import { CALCULATIONS_ES } from './catalog.es';

const figuresIn = (text: string): string[] => (text.match(/\d+(?:\.\d+)?/g) ?? []).sort();

describe('every worked example of the catalogue', () => {
  for (const calculation of CATALOG) {
    const { spec } = calculation;
    it(spec.id, () => {
      const outcome = calculation(spec.example.input as never);
      expect(outcome.ok, JSON.stringify(outcome)).toBe(true);
      if (!outcome.ok) return;
      for (const [name, wanted] of Object.entries(spec.example.expected)) {
        const actual = outcome.value[name];
        if (typeof wanted === 'number')
          expect(Math.abs((actual as number) - wanted), `${name}: ${actual} against ${wanted}`).toBeLessThanOrEqual(
            spec.example.tolerance,
          );
        else if (Array.isArray(wanted))
          expect(
            (actual as unknown[]).map((a) => (typeof a === 'number' ? Number(a.toFixed(2)) : a)),
            name,
          ).toEqual(wanted);
        else expect(actual).toBe(wanted);
      }
    });

    it(`${spec.id} says what it is, where it comes from and what it leaves out`, () => {
      for (const text of [spec.title, spec.what, spec.formula, spec.source, spec.notCovered])
        expect(text.length).toBeGreaterThan(5);
    });

    it(`${spec.id} says the same in Spanish, with the same figures`, () => {
      const spanish = CALCULATIONS_ES[spec.id]!;
      for (const part of ['title', 'what', 'formula', 'source', 'notCovered'] as const) {
        expect(spanish[part].length).toBeGreaterThan(5);
        expect(figuresIn(spanish[part]), part).toEqual(figuresIn(spec[part]));
      }
    });

    it(`${spec.id} refuses rubbish with field, message and allowed, and never gives NaN`, () => {
      const fields = Object.keys(spec.example.input as object);
      const rubbish = fc.oneof(
        fc.string(),
        fc.constant(null),
        fc.constant(undefined),
        fc.constant(Number.NaN),
        fc.constant(Number.POSITIVE_INFINITY),
        fc.double(),
        fc.object(),
      );
      fc.assert(
        fc.property(fc.constantFrom(...fields), rubbish, (field, value) => {
          const outcome = calculation({ ...(spec.example.input as object), [field]: value } as never);
          if (outcome.ok) {
            for (const v of Object.values(outcome.value))
              if (typeof v === 'number') expect(Number.isFinite(v), `${field}=${String(value)}`).toBe(true);
          } else {
            expect(outcome.refused.field).toBeTruthy();
            expect(outcome.refused.message).toBeTruthy();
            expect(outcome.refused.allowed).toBeTruthy();
          }
        }),
        { numRuns: 60 },
      );
    });
  }

  it('ids are unique and the command line’s fixed ones are there', () => {
    const ids = CATALOG.map((c) => c.spec.id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(Object.keys(CALCULATIONS_ES)).toEqual(ids);
    for (const id of [
      'saturation-pressure',
      'saturation-temperature',
      'superheat',
      'subcooling',
      'liquid-density',
      'target-superheat',
      'moist-air',
      'line-set-charge',
      'total-charge',
      'tonnage-estimate',
      'round-duct-friction',
      'round-duct-size',
      'equivalent-diameter',
      'face-through-opening',
      'curb-overlap',
      'balance-point',
      'condensate',
      'drain-trap',
      'cylinder-fill',
      'recovery-level',
      'nitrogen-hold',
      'pull-down',
      'standing-test',
      'water-saturation',
      'line-pressure-drop',
      'riser-minimum',
      'room-charge-limit',
    ])
      expect(ids).toContain(id);
  });

  it('an unknown field is named with the known ones', () => {
    const outcome = findCalculation('total-charge')!({ factoryOz: 1, adderOz: 1, pounds: 2 } as never);
    expect(outcome).toMatchObject({
      ok: false,
      refused: { field: 'pounds', allowed: 'factoryOz, adderOz, drierOz, coilOz' },
    });
  });
});
