import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'metal.piece-fits-neither-way': 'Una pieza de {w} × {h} in no cabe en esta hoja de ningún modo.',
  'metal.split-it-or-a-larger-sheet': 'piezas dentro de {w} × {h} in: divídala, o use una hoja mayor',
};
