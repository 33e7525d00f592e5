export const en = {
  'web.change-answer': 'Change',
  'web.closed-with': 'Closed with …',
  'web.otherwise': 'Otherwise',
  'web.reading-from-0-to': 'Allowed: 0 to {most} {unit}',
  'web.take-answer-back': 'Take the answer back',
  'web.take-back': 'Take back',
} as const;
