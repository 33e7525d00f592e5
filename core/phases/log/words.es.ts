import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'log.withdrawn': 'Retirado',
  'log.with-reason': '{what}: {reason}',
  'log.amount': '{amount}',
};
