import type { Verdict } from '@/core/finding/finding';

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
