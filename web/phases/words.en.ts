export const en = {
  'web.back-to-jobs': 'Back to the jobs',
  'web.choose-new-equipment-first': 'Choose the new equipment first.',
  'web.gates': 'Gates',
  'web.it-is-charged-by-its-plate': 'It is charged and judged by its own plate.',
  'web.it-stays-in-record-marked-as':
    'It stays in the record, marked as withdrawn, and its ounces go back to the cylinder on the ledger.',
  'web.job-could-not-be-opened': 'The job could not be opened',
  'web.overridden-by': 'Overridden by {by}: {reason}',
  'web.override': 'Override',
  'web.override-and-its-reason-show-on':
    '{say}. The override and its reason show on every later screen and in the report.',
  'web.override-gate': 'Override a gate',
  'web.override-with-this-reason': 'Override with this reason',
  'web.reason-in-your-words': 'Reason, in your words',
  'web.refrigerant-factory-charge-metering-and-targets':
    'Refrigerant, factory charge, metering and targets come from the new unit’s plate. This job has none yet.',
  'web.refrigerant-log': 'Refrigerant log',
  'web.sign-scope-and-its-plate-comes': 'Sign the scope, and its plate comes with it; or type it under Equipment.',
  'web.signed-with': 'Signed with',
  'web.there-is-no-such-job': 'There is no such job',
  'web.to-sign-it-needs': 'To sign, it needs',
  'web.trim-added': 'Trim added',
  'web.type-it': 'Type it',
  'web.weighed-in': 'Weighed in',
  'web.withdraw-oz': 'Withdraw: {value} oz',
  'web.withdrawn-oz': 'Withdrawn: {oz} oz. {reason} ({person})',
  'web.without': 'Without {asks}',
} as const;
