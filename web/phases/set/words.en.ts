export const en = {
  'web.answered-of': '{answered} of {count} answered',
  'web.joints-of-the-stack': 'The joints of the stack',
  'web.roof-edge-and-hoisting':
    'Roof edge, weather and hoist first: tie off, keep everyone out from under the load, stop in wind.',
} as const;
