import type { Finding } from './finding';

/** Whether lead and customer let this finding stand, by the ids of those they did: a look-again only, whatever was signed. */
export const stands = (f: Pick<Finding, 'id' | 'verdict'>, accepted: readonly string[] = []): boolean =>
  f.verdict === 'look-again' && accepted.includes(f.id);
