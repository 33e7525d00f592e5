import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'web.change-answer': 'Cambiar',
  'web.closed-with': 'Cerrada con …',
  'web.otherwise': 'De otro modo',
  'web.reading-from-0-to': 'Permitido: 0 a {most} {unit}',
  'web.take-answer-back': 'Retirar la respuesta',
  'web.take-back': 'Retirar',
};
