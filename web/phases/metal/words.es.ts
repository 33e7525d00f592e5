import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'web.does-not-go-on': 'No cabe en {w} × {h}, calibre {gauge}',
  'web.drawing-answered': 'Dibujo {said}: {who}, {at}',
  'web.drawing-not-asked': 'Nadie ha aprobado el dibujo',
  'web.folded-up': 'Doblada',
  'web.new-part': 'Pieza nueva',
  'web.no-parts-yet': 'Sin piezas todavía. Empiece una con las medidas de una hoja de ajuste, o escríbala.',
  'web.part-from-the-fit': '{part}, {of}: de la hoja de ajuste',
  'web.part-typed': 'Otra pieza, escrita',
  'web.parts': 'Piezas',
  'web.sheet-metal': 'Lámina',
  'web.sheets': 'Láminas por comprar',
  'web.sheets-of': '{n} de {w} × {h}, calibre {gauge}',
  'web.shop-drawing': 'Dibujo de taller',
  'web.to-the-sheet-metal': 'Piezas de lámina',
  'web.turn-it': 'Gírela',
  'web.used-and-left': '{pct} usado, sobran {left}; con menos no sale',
  'web.used-and-left-not-proven': '{pct} usado, sobran {left}; quizá salga con menos',
  'web.write-what-was-said': 'Anote qué se dijo de él',
};
