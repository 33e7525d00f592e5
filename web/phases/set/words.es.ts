import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'web.answered-of': '{answered} de {count} respondidas',
  'web.change-answer': 'Cambiar',
  'web.closed-with': 'Cerrada con …',
  'web.joints-of-the-stack': 'Las uniones del conjunto',
  'web.otherwise': 'De otro modo',
  'web.reading-from-0-to': 'Permitido: 0 a {most} {unit}',
  'web.roof-edge-and-hoisting':
    'Primero el borde, el clima y el izaje: amárrese, nadie bajo la carga, pare con viento.',
  'web.take-answer-back': 'Retirar la respuesta',
  'web.take-back': 'Retirar',
};
