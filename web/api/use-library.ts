import useSWR from 'swr';
import type { LibraryItem, MatchedPair } from '@/core/equipment/library-item';
import type { ModelPattern } from '@/core/equipment/model-pattern';
import type { PartRow } from '@/core/plan/take-off/part-row';
import { type ApiProblem, get } from './http';

/** `pages`: the models that a page of the maker's book is kept with. */
export type Library = {
  items: LibraryItem[];
  pairs: MatchedPair[];
  patterns: ModelPattern[];
  parts: PartRow[];
  pages: string[];
};

/** The company's equipment library. */
export function useLibrary() {
  const { data, error, mutate } = useSWR<Library, ApiProblem>('/library', get, { revalidateOnFocus: false });
  return { library: data, trouble: error, reload: mutate };
}
