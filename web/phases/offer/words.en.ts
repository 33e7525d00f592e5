export const en = {
  'web.back-to-the-scope': 'Back to the scope',
  'web.how-options-work':
    'Set the scope as you would offer it, keep it as an option, change it, keep it again. The option that is taken becomes the scope, and the customer signs that.',
  'web.keep-scope-as-an-option': 'Keep the scope as an option',
  'web.no-clear-winner': 'The winters of two options overlap: neither is clearly cheaper to run.',
  'web.offer': 'Offer',
  'web.offer-as-pdf': 'Offer as PDF',
  'web.over-the-first': '{over} against the first',
  'web.take-this-option': 'Take this option',
  'web.this-is-the-scope-now': 'This is the scope now',
} as const;
