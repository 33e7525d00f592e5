import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'finding.good': 'Bien',
  'finding.is-missing': 'Falta {field}.',
  'finding.is-not-field-of-this-calculation': '{field} no es un campo de este cálculo.',
  'finding.look-again': 'Revise',
  'finding.needs': 'necesita {expected}.',
  'finding.not-one-of-allowed-values': 'no es uno de los valores permitidos.',
  'finding.not-proven': 'No comprobado',
  'finding.outside-allowed-range': 'fuera del rango permitido.',
  'finding.stop': 'Alto',
  'finding.of-field': '{field}: {problem}',
};
