import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'web.answered-of': '{answered} de {count} respondidas',
  'web.joints-of-the-stack': 'Las uniones del conjunto',
  'web.roof-edge-and-hoisting':
    'Primero el borde, el clima y el izaje: amárrese, nadie bajo la carga, pare con viento.',
};
