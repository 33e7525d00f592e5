import { advise, type Finding } from '@/core/finding/finding';
import type { Said } from '@/core/words/said';

/** Gathers what is judged of one typed proof, under one source; what is good asks for nothing. */
export function checksBy(source: Said) {
  const found: Finding[] = [];
  const add = (id: string, verdict: Finding['verdict'], claim: Said, because: Said, next?: Said, miss = 1): void => {
    const good = verdict === 'good';
    found.push({ id, verdict, claim, because, source, miss: good ? 0 : miss, ...(good ? {} : { next: advise(next) }) });
  };
  return { found, add };
}
