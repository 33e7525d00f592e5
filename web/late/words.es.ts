import type { en } from './words.en';

export const es: Readonly<Record<keyof typeof en, string>> = {
  'web.late-i-have-seen-it': 'Ya lo leí',
  'web.late-line': '{by}, escrito {writtenAt}, llegó {arrivedAt}. {phase}: firmado por {signedBy} {signedAt}.',
  'web.late-not-seen-yet': 'Quien dirige el trabajo todavía no lo ha leído',
  'web.late-one': 'Un registro llegó después de su firma. Léalo',
  'web.late-seen-by': 'Leído por {by}, {at}',
  'web.late-several': '{n} registros llegaron después de su firma. Léalos',
  'web.late-title': 'Llegó después de la firma',
  'web.late-what':
    'Escrito en un teléfono sin señal. Lo firmado queda como está; esto queda al lado y en el papel como enmienda.',
};
