import { advise, type Finding } from '@/core/finding/finding';
import { WIRE_FINDING } from '@/core/job/acceptance';
import type { Said } from '@/core/words/said';
import { tell } from './words';

export const COMMON = tell('wire.common-practice');
export const MAKER = tell('wire.makers-instructions');
/** A finding of one part of the wiring. */
export const prefixed = (part: string, f: Finding): Finding => ({ ...f, id: `${WIRE_FINDING}${part}:${f.id}` });
/** What nobody wrote down yet. */
export const open = (id: string, claim: Said, next: Said, source = COMMON): Finding => ({
  id: `${WIRE_FINDING}${id}`,
  verdict: 'not-proven',
  claim,
  because: tell('wire.nobody-said'),
  source,
  next: advise(next),
});
