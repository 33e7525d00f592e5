export const en = {
  'plan.after-names-of-activities': 'names of activities in the list',
  'plan.an-activity-is-there-twice': 'Two activities have the same name.',
  'plan.at-least-so-many': '{people} people or more',
  'plan.each-name-once': 'each name once',
  'plan.least-likely-most': '{activity}: the likely hours are not between the least and the most.',
  'plan.least-to-most': 'least, then likely, then most',
  'plan.needs-more-people': '{activity} needs {needs} people at once.',
  'plan.no-loop': 'activities that do not wait for themselves',
  'plan.they-wait-for-each-other': 'They wait for each other: {loop}.',
  'plan.waits-for-what-is-not-there': 'Nothing of this name is in the list: {which}.',
} as const;
