import type { Verdict } from '@/core/finding/finding';

/** The hatching of Paper that a verdict is filled with. */
export const VERDICT_HATCH = { good: 'pine', 'look-again': 'ochre', stop: 'oxide', 'not-proven': 'soft' } as const;

export function verdictColour(verdict: Verdict | undefined): string {
  switch (verdict) {
    case 'good':
      return 'var(--pine)';
    case 'look-again':
      return 'var(--ochre)';
    case 'stop':
      return 'var(--oxide)';
    default:
      return 'var(--ink2)';
  }
}
