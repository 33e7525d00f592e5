/** Sentences that got another id after something may have been signed under the old one: what was frozen keeps its words. */
const RENAMED: Readonly<Record<string, string>> = {
  'set.asked-for': 'checks.asked-for',
  'set.at-least': 'checks.at-least',
  'set.at-most': 'checks.at-most',
  'set.claim-does-not-apply': 'checks.claim-does-not-apply',
  'set.claim-no-picture': 'checks.claim-no-picture',
  'set.claim-not-so': 'checks.claim-not-so',
  'set.claim-reading': 'checks.claim-reading',
  'set.claim-sealed': 'checks.claim-sealed',
  'set.looked-at-as-built': 'checks.looked-at-as-built',
  'set.take-its-picture': 'checks.take-its-picture',
};

/** The id under which a sentence stands today. */
export const todaysId = (id: string): string => RENAMED[id] ?? id;
