import { describe, expect, it } from 'vitest';
import { schemaOf } from '@/core/form/field';
import { SAMPLE_OUTDOOR } from '@/core/scope/testing/sample-scope';
import { libraryFields } from './library-form';
import { EQUIPMENT_KINDS, libraryItemSchema } from './library-item';

/** What a form keeps for a field that it does not ask, or that nobody filled in. */
const standing = (kind: (typeof EQUIPMENT_KINDS)[number]) =>
  Object.fromEntries(
    Object.entries(libraryFields(kind)).map(([name, f]) => [name, f.when && !f.when({}) ? f.unasked : f.start]),
  );
const asked = (kind: (typeof EQUIPMENT_KINDS)[number], answers: object = {}) =>
  Object.entries(libraryFields(kind)).flatMap(([name, f]) =>
    f.shown.kind === 'hidden' || (f.when && !f.when(answers as never)) ? [] : [name],
  );
const TYPED = { maker: 'Ostrel', model: 'X-1', widthIn: 20, depthIn: 20, heightIn: 30, weightLb: 100, conductors: 4 };

describe.each(EQUIPMENT_KINDS)('the form of %s', (kind) => {
  it('knows every field of the library and no other', () => {
    expect(Object.keys(libraryFields(kind)).sort()).toEqual(Object.keys(libraryItemSchema.shape).sort());
  });
  it('with its name and its size typed is an item of the library', () => {
    const item = { ...standing(kind), ...TYPED };
    expect(schemaOf(libraryFields(kind)).safeParse(item).error?.issues ?? []).toEqual([]);
    expect(libraryItemSchema.safeParse(item).error?.issues ?? []).toEqual([]);
  });
  it('has limits that are the library’s own', () => {
    const fields = libraryFields(kind);
    for (const [name, f] of Object.entries(fields)) expect(f.schema, name).toBe(libraryItemSchema.shape[name as never]);
  });
});

describe('what is asked', () => {
  it('is what the kind has', () => {
    expect(asked('furnace')).toEqual(expect.arrayContaining(['outputBtuh', 'riseLowF', 'maxEspInWc', 'supplyWidthIn']));
    for (const name of ['tons', 'refrigerant', 'liquidOdIn', 'rlaA']) expect(asked('furnace')).not.toContain(name);
    expect(asked('coil')).toEqual(expect.arrayContaining(['tons', 'refrigerant', 'a2lListed']));
    for (const name of ['volts', 'mcaA', 'conductors', 'maxEspInWc']) expect(asked('coil')).not.toContain(name);
    expect(asked('outdoor')).toEqual(expect.arrayContaining(['rlaA', 'liquidOdIn', 'longestLineFt']));
    expect(asked('package')).not.toContain('liquidOdIn');
    expect(asked('package')).toContain('outputBtuh');
  });
  it('heating capacities only of what heats', () => {
    expect(asked('outdoor', { heatPump: false })).not.toContain('capacity47Btuh');
    expect(asked('outdoor', { heatPump: true })).toEqual(expect.arrayContaining(['capacity47Btuh', 'capacity17Btuh']));
    expect(asked('furnace', { heatPump: true })).not.toContain('capacity47Btuh');
  });
  it('an item of the library opens in its form and comes back as it was', () => {
    expect(schemaOf(libraryFields('outdoor')).parse(SAMPLE_OUTDOOR)).toEqual(SAMPLE_OUTDOOR);
  });
});
