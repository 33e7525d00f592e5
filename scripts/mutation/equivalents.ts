import type { Kind } from './mutants';

/** Changes that no test can see, by hand, each with its reason: the sampler passes them by. */
export const EQUIVALENTS: readonly { file: string; kind: Kind; line: string; why: string }[] = [];
