import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'money.below-that-at-47': 'menos que a 47 °F',
  'money.fuel-needs-both': 'Un combustible se compara por su precio y su eficiencia.',
  'money.less-at-17': 'Una bomba de calor da menos a 17 °F que a 47 °F.',
  'money.margin-or-markup': 'Dé el margen o el recargo.',
  'money.one-of-the-two': 'uno de los dos',
  'money.price-and-efficiency': 'ambos, o ninguno',
};
