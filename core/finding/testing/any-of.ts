import fc from 'fast-check';
import { z } from 'zod';

type Json = {
  type?: string | string[];
  properties?: Record<string, Json>;
  required?: string[];
  items?: Json | false;
  prefixItems?: Json[];
  anyOf?: Json[];
  oneOf?: Json[];
  enum?: unknown[];
  const?: unknown;
  minimum?: number;
  maximum?: number;
  exclusiveMinimum?: number;
  exclusiveMaximum?: number;
  minLength?: number;
  maxLength?: number;
  minItems?: number;
  maxItems?: number;
  format?: string;
  pattern?: string;
};

const FAR = 1e4;
const FEW = 4;

/** Values by the name of their key, where a rule in code narrows what the schema's shape allows. */
export type ByKey = Readonly<Record<string, fc.Arbitrary<unknown>>>;

const TRIES = 500;

/** Anything a schema allows, edges of its ranges included: what its rules refuse is drawn again. */
export function anyOf<S extends z.ZodType>(schema: S, byKey: ByKey = {}): fc.Arbitrary<z.output<S>> {
  const json = z.toJSONSchema(schema, { unrepresentable: 'any', io: 'input', reused: 'inline' }) as Json;
  const raw = arbitrary(json, byKey);
  // A rule that nothing drawn meets would have the filter draw for ever.
  if (!fc.sample(raw, { numRuns: TRIES, seed: 1 }).some((x) => schema.safeParse(x).success))
    throw new Error(`nothing drawn is allowed: ${JSON.stringify(json).slice(0, 200)}`);
  return raw.filter((x) => schema.safeParse(x).success).map((x) => schema.parse(x));
}

function arbitrary(s: Json, byKey: ByKey): fc.Arbitrary<unknown> {
  if ('const' in s) return fc.constant(s.const);
  if (s.enum) return fc.constantFrom(...s.enum);
  const of = (part: Json): fc.Arbitrary<unknown> => arbitrary(part, byKey);
  const choice = s.anyOf ?? s.oneOf;
  if (choice) return fc.oneof(...choice.map(of));
  switch (s.type) {
    case 'object': {
      const keys = Object.entries(s.properties ?? {});
      return fc.record(Object.fromEntries(keys.map(([k, v]) => [k, byKey[k] ?? of(v)])), {
        requiredKeys: s.required ?? [],
      });
    }
    case 'array':
      if (s.prefixItems) return fc.tuple(...s.prefixItems.map(of));
      return fc.array(of(s.items || {}), {
        minLength: s.minItems ?? 0,
        maxLength: Math.min(s.maxItems ?? FEW, Math.max(FEW, s.minItems ?? 0)),
      });
    case 'number':
    case 'integer':
      return number(s);
    case 'string':
      return text(s);
    case 'boolean':
      return fc.boolean();
    case 'null':
      return fc.constant(null);
    default:
      return fc.oneof(fc.constant(null), fc.integer(), fc.string({ maxLength: FEW }));
  }
}

/** Half of them round, as people write; the ends of the range among them. */
function number(s: Json): fc.Arbitrary<number> {
  const min = s.minimum ?? s.exclusiveMinimum ?? -FAR;
  const max = s.maximum ?? s.exclusiveMaximum ?? FAR;
  const whole = fc.integer({ min: Math.ceil(min), max: Math.max(Math.ceil(min), Math.floor(max)) });
  if (s.type === 'integer') return whole;
  const ends = [s.minimum, s.maximum].filter((n): n is number => n !== undefined);
  return fc.oneof(
    { arbitrary: whole, weight: 4 },
    {
      arbitrary: fc
        .double({ min, max, noNaN: true })
        .map((x) => Math.min(max, Math.max(min, Math.round(x * 1000) / 1000))),
      weight: 4,
    },
    ...(ends.length > 0 ? [{ arbitrary: fc.constantFrom(...ends), weight: 1 }] : []),
  );
}

function text(s: Json): fc.Arbitrary<string> {
  if (s.format === 'uuid') return fc.uuid();
  if (s.format === 'date-time')
    return fc
      .date({ min: new Date('2020-01-01'), max: new Date('2030-01-01'), noInvalidDate: true })
      .map((d) => d.toISOString());
  if (s.format === 'date')
    return fc
      .date({ min: new Date('2020-01-01'), max: new Date('2030-01-01'), noInvalidDate: true })
      .map((d) => d.toISOString().slice(0, 10));
  if (s.pattern) return fc.stringMatching(new RegExp(s.pattern));
  // Plain letters: braces would look like a hole in a sentence.
  return fc.string({
    unit: fc.constantFrom(...'abcdefgh ÀñÖ-7'),
    minLength: s.minLength ?? 0,
    maxLength: Math.min(s.maxLength ?? 12, Math.max(12, s.minLength ?? 0)),
  });
}
