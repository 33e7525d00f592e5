/** What arrived after its signature. */
export const en = {
  'web.late-i-have-seen-it': 'I have read it',
  'web.late-line': '{by}, written {writtenAt}, arrived {arrivedAt}. {phase}: signed by {signedBy} {signedAt}.',
  'web.late-not-seen-yet': 'Whoever leads the job has not read it yet',
  'web.late-one': 'One entry arrived after its signature. Read it',
  'web.late-seen-by': 'Looked at by {by}, {at}',
  'web.late-several': '{n} entries arrived after their signature. Read them',
  'web.late-title': 'Arrived after the signature',
  'web.late-what':
    'Written on a phone without a signal. What was signed stays as it is; this stands beside it and on the paper as an amendment.',
} as const;
