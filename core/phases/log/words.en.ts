export const en = {
  'log.withdrawn': 'Withdrawn',
  'log.with-reason': '{what}: {reason}',
  'log.amount': '{amount}',
} as const;
