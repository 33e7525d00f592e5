import { describe, expect, it } from 'vitest';
import type { Catalogue } from '@/core/words/said';

const params = (text: string): string[] => [...text.matchAll(/\{(\w+)\}/g)].map((m) => m[1]!).sort();
const edge = (text: string): string => `${/^\s/.test(text) ? '␠' : ''}…${/\s$/.test(text) ? '␠' : ''}`;
/** Figures that a sentence holds itself: a limit must not change with the language. */
const figures = (text: string): string[] => (text.replaceAll(',', '').match(/\d+(\.\d+)?/g) ?? []).sort();
const WORDS = /\p{L}{3,}/u;

const BRITISH =
  /\b(vapour|colour|labour|neighbour|centre|grey|metre|aluminium|neutraliser|energise|recognise|mould|litre)\b/i;
/** Words that only we ever used for it. */
const PRIVATE =
  /in its slot|must not die of|proof of dead|\bbubble (the|each|every)\b|what ended the old|from memory|\bby school\b|sheet-metal hand|seen to\b|way in\b/i;
const withoutParams = (text: string): string => text.replace(/\{\w+\}/g, '');

/** What holds of every catalogue in every language. */
export function pairedCatalogues(of: string, en: Catalogue, es: Catalogue): void {
  describe(`the sentences of ${of}`, () => {
    const ids = Object.keys(en);
    it('are there in both languages, under the same ids', () => {
      expect(Object.keys(es).sort()).toEqual(ids.sort());
    });
    it('take the same parameters, each as often', () => {
      expect(ids.filter((id) => params(en[id]!).join() !== params(es[id]!).join())).toEqual([]);
    });
    it('join their neighbors with the same blanks', () => {
      expect(ids.filter((id) => edge(en[id]!) !== edge(es[id]!))).toEqual([]);
    });
    it('hold the same figures', () => {
      expect(ids.filter((id) => figures(en[id]!).join() !== figures(es[id]!).join())).toEqual([]);
    });
    it('are said in Spanish wherever they are said in English', () => {
      expect(ids.filter((id) => en[id] !== '' && es[id] === '')).toEqual([]);
      const long = ids.filter((id) => WORDS.test(en[id]!) && es[id]!.length > 3 * en[id]!.length + 40);
      expect(long).toEqual([]);
    });
    it('are plain American trade English', () => {
      const odd = ids.filter((id) => [BRITISH, PRIVATE].some((r) => r.test(withoutParams(en[id]!))));
      expect(odd.map((id) => en[id])).toEqual([]);
    });
  });
}
