import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'metal.collars-do-not-go': 'Tantos collarines de esa medida no caben arriba.',
  'metal.figure-missing': 'Hace falta esta medida para dibujarla.',
  'metal.front-lower-than-nothing': 'Con esta caída el frente quedaría bajo su borde inferior.',
  'metal.piece-fits-neither-way': 'Una pieza de {w} × {h} in no cabe en esta hoja de ningún modo.',
  'metal.split-it-or-a-larger-sheet': 'piezas dentro de {w} × {h} in: divídala, o use una hoja mayor',
  'metal.what-goes-there': 'una medida que vaya con las demás',
};
