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
  'finding.low-to-high': '{low} a {high} {unit}',
  'finding.from-to': '{low} a {high}',
  'finding.least-to-most-characters': '{least} a {most} caracteres',
  'finding.up-to-characters': 'hasta {most} caracteres',
  'finding.up-to': 'hasta {most} {things}',
  'finding.true-or-false': 'sí o no (true, false)',
  'finding.date-2000-to-2100': 'una fecha, AAAA-MM-DD, 2000 a 2100',
  'finding.moment-2000-to-2100': 'fecha y hora ISO, 2000 a 2100',
  'finding.yes-or-no': 'yes o no',
  'finding.cannot-be-used': '{field}: “{typed}” no se puede usar.',
};
