import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'plan.after-names-of-activities': 'nombres de actividades de la lista',
  'plan.an-activity-is-there-twice': 'Dos actividades tienen el mismo nombre.',
  'plan.at-least-so-many': '{people} personas o más',
  'plan.each-name-once': 'cada nombre una vez',
  'plan.least-likely-most': '{activity}: las horas probables no están entre las menos y las más.',
  'plan.least-to-most': 'menos, luego probable, luego más',
  'plan.needs-more-people': '{activity} necesita {needs} personas a la vez.',
  'plan.no-loop': 'actividades que no se esperan a sí mismas',
  'plan.they-wait-for-each-other': 'Se esperan entre sí: {loop}.',
  'plan.waits-for-what-is-not-there': 'Nada con este nombre está en la lista: {which}.',
};
