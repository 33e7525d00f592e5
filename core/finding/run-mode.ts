/** What a running system is called to do, and at which stage: each is proven by readings of its own. */
export const RUN_MODES = ['cooling', 'cooling-low', 'heating', 'heating-low'] as const;
export type RunMode = (typeof RUN_MODES)[number];

export type Call = 'cooling' | 'heating';
export const callOf = (mode: RunMode): Call => (mode.startsWith('cooling') ? 'cooling' : 'heating');
/** At the low one of two stages. */
export const isLowStage = (mode: RunMode): boolean => mode.endsWith('-low');
