import { describe, expect, it } from 'vitest';
import { cylinderSchema } from '@/contract/circuit';
import { ENGLISH } from '@/core/catalogues';
import { SPANISH } from '@/core/catalogues.es';
import { libraryItemSchema } from '@/core/equipment/library-item';
import { plateSchema } from '@/core/equipment/plate';
import { allowedAt } from '@/core/finding/schema-fields';
import { routeSchema } from '@/core/fit/access/route';
import { factOf, valueTrouble } from '@/core/scope/survey/facts';
import { DEFAULT_READER } from '@/core/words/render';
import { speaker, talker } from './speaker';

const words = talker({ en: [ENGLISH], es: [SPANISH] });
const speak = (language: 'en' | 'es') => speaker({ ...DEFAULT_READER, language }, words);

describe('what a field allows', () => {
  it.each([
    [plateSchema, ['lineLengthFt'], '0 to 400 ft', '0 a 400 ft'],
    [plateSchema, ['nominalTons'], '0.75 to 25 tons', '0.75 a 25 ton'],
    [plateSchema, ['serial'], 'up to 80 characters', 'hasta 80 caracteres'],
    [libraryItemSchema, ['weightLb'], '5 to 10000 lb, with packaging', '5 a 10000 lb, con embalaje'],
    [routeSchema, ['stages'], 'up to 20 stages', 'hasta 20 etapas'],
    [routeSchema, ['stages', 3], undefined, undefined],
    [cylinderSchema, ['retestOn'], 'a date, YYYY-MM-DD, 2000 to 2100', 'una fecha, AAAA-MM-DD, 2000 a 2100'],
  ])('row %#', (schema, path, english, spanish) => {
    const allowed = allowedAt(schema, path);
    expect(allowed === undefined ? undefined : speak('en')(allowed)).toBe(english);
    expect(allowed === undefined ? undefined : speak('es')(allowed)).toBe(spanish);
  });
  it.each([
    ['breakerA', 9000, '5 to 600 A', '5 a 600 A'],
    ['compressorTons', 'large', '0.5 to 50 tons', '0.5 a 50 ton'],
    ['twoFeeds', 'yes', 'true or false', 'sí o no (true, false)'],
    ['outdoorSerial', ' ', '1 to 200 characters', '1 a 200 caracteres'],
  ])('survey question %s', (key, typed, english, spanish) => {
    const allowed = valueTrouble(factOf(key)!, typed)?.allowed;
    expect([speak('en')(allowed), speak('es')(allowed)]).toEqual([english, spanish]);
  });
});
