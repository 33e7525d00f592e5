export const en = {
  'money.below-that-at-47': 'below that at 47 °F',
  'money.fuel-needs-both': 'A fuel is compared by its price and its efficiency.',
  'money.less-at-17': 'A heat pump gives less at 17 °F than at 47 °F.',
  'money.margin-or-markup': 'Give the margin or the markup.',
  'money.one-of-the-two': 'one of the two',
  'money.price-and-efficiency': 'both, or neither',
} as const;
