import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEFAULT_READER } from '@/core/words/render';
import { clock, day, list, lower, moment, month, q, type Said, typed, upper, value } from '@/core/words/said';
import { coreEnglish } from './english';
import { addWords, speaker, spoken, talker } from './speaker';

const words = talker({
  en: [
    {
      'test.charge': 'Weigh in {oz}, {why}.',
      'test.why': 'The line set is {ft} longer',
      'test.only-english': 'only here',
      'value.brazed': 'brazed',
      'words.typed': '{text}',
    },
  ],
  es: [
    {
      'test.charge': 'Pese {oz}; {why}.',
      'test.why': 'La línea mide {ft} más',
      'value.brazed': 'soldado',
      'words.typed': '{text}',
    },
  ],
});
const say = (language: 'en' | 'es', timeZone = 'UTC') => speaker({ ...DEFAULT_READER, language, timeZone }, words);
const charge: Said = {
  id: 'test.charge',
  with: { oz: q(25.68, 'oz'), why: lower({ id: 'test.why', with: { ft: q(12, 'ft') } }) },
};

describe('what was frozen under an earlier id', () => {
  it('keeps its words', () => {
    expect(coreEnglish({ id: 'set.looked-at-as-built' })).toBe(coreEnglish({ id: 'checks.looked-at-as-built' }));
    expect(coreEnglish({ id: 'set.looked-at-as-built' })).toMatch(/as it was built/);
  });
});

describe('a sentence', () => {
  it('is said in the reader’s language, with the figures of its quantity and what stands inside it', () => {
    expect(say('en')(charge)).toBe('Weigh in 25.7 oz, the line set is 12 ft longer.');
    expect(say('es')(charge)).toBe('Pese 25.7 oz; la línea mide 12 ft más.');
  });
  it('falls back to English where a language has it not, and to what is stored for an answer nobody named', () => {
    expect(say('es')({ id: 'test.only-english' })).toBe('only here');
    expect(say('es')(value('brazed'))).toBe('soldado');
    expect(say('es')(value('welded shut'))).toBe('welded shut');
  });
  it('puts words at the head or in the middle, and in a row', () => {
    const speak = say('es');
    expect(speak(upper(value('brazed')))).toBe('Soldado');
    expect(speak(lower('R-410A'))).toBe('R-410A');
    expect(speak(list([value('brazed'), undefined, q(3, 'ft')]))).toBe('soldado, 3 ft');
    expect(speak(list(['a', 'b'], '; '))).toBe('a; b');
    expect(speak(list([]))).toBe('');
  });
  it('tells moments by the reader’s clock and days by none', () => {
    const at = '2026-06-02T02:30:00.000Z';
    expect(say('en', 'America/New_York')(moment(at))).toContain('Jun 1, 2026');
    expect(say('en', 'America/New_York')(clock(at))).toBe('10:30 PM');
    expect(say('es')(day('2026-06-01'))).toBe('1 jun 2026');
    expect(say('en')(month('2026-06-01'))).toBe('June 2026');
  });
  it('nothing is said as nothing; what a person typed is never a sentence of ours', () => {
    expect([say('en')(null), say('en')(undefined), say('en')('')]).toEqual(['', '', '']);
    fc.assert(
      fc.property(fc.string({ maxLength: 30 }), (text) => {
        expect(say('es')(typed(text))).toBe(text);
        expect(say('en')({ id: 'test.charge', with: { oz: text, why: text } })).toBe(`Weigh in ${text}, ${text}.`);
      }),
    );
  });
  it('words that come later are said from then on', () => {
    const late = talker({ en: [{ 'test.a': 'first' }] });
    const speak = speaker(DEFAULT_READER, late);
    addWords(late, 'en', { 'test.b': 'second' });
    expect([speak({ id: 'test.a' }), speak({ id: 'test.b' })]).toEqual(['first', 'second']);
  });
});

describe('an answer that is spoken', () => {
  it('has its sentences said and everything else as it is', () => {
    const answer = {
      v: 3,
      ok: true,
      none: null,
      say: charge,
      rows: [[value('brazed'), 'x']],
      deep: { at: '2026-06-01' },
    };
    expect(spoken(answer, say('es'))).toEqual({
      v: 3,
      ok: true,
      none: null,
      say: 'Pese 25.7 oz; la línea mide 12 ft más.',
      rows: [['soldado', 'x']],
      deep: expect.anything(),
    });
  });
});
