import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'web.back-to-the-scope': 'Volver al alcance',
  'web.how-options-work':
    'Ponga el alcance como lo ofrecería, guárdelo como opción, cámbielo y guárdelo otra vez. La opción que se elige pasa a ser el alcance, y eso firma el cliente.',
  'web.keep-scope-as-an-option': 'Guardar el alcance como opción',
  'web.no-clear-winner': 'Los inviernos de dos opciones se traslapan: ninguna es claramente más barata.',
  'web.offer': 'Oferta',
  'web.offer-as-pdf': 'Oferta en PDF',
  'web.over-the-first': '{over} frente a la primera',
  'web.take-this-option': 'Elegir esta opción',
  'web.this-is-the-scope-now': 'Este es el alcance ahora',
};
