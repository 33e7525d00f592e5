export const en = {
  'web.answered-of': '{answered} of {count} answered',
  'web.change-answer': 'Change',
  'web.closed-with': 'Closed with …',
  'web.joints-of-the-stack': 'The joints of the stack',
  'web.otherwise': 'Otherwise',
  'web.reading-from-0-to': 'Allowed: 0 to {most} {unit}',
  'web.roof-edge-and-hoisting':
    'Roof edge, weather and hoist first: tie off, keep everyone out from under the load, stop in wind.',
  'web.take-answer-back': 'Take the answer back',
  'web.take-back': 'Take back',
} as const;
