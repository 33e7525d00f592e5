import type { en } from './words.en';

export const es: Readonly<Record<keyof typeof en, string>> = {
  'power.below-its-peak': 'menos que su pico de {peakV} V',
  'power.elements-up-to-48-a-each': 'elementos de hasta 48 A cada uno',
  'power.it-never-held-more': 'es igual o mayor que lo que llegó a tener',
  'power.mca-up-to': 'una ampacidad mínima de circuito de hasta {most} A',
  'power.more-than-largest-standard-size': 'necesita más que el breaker estándar más grande',
  'power.no-size-up-to-1-awg-carries-it': 'es más de lo que lleva el cobre 1 AWG así tendido',
  'power.no-size-up-to-1-awg-holds-the-drop': 'es demasiado largo: ni 1 AWG mantiene la caída',
  'power.one-element-is-above-48-a': 'tiene un elemento de más de 48 A',
  'power.shorter-run-or-larger-wire': 'un tramo más corto, un límite mayor, o cable de más de 1 AWG a mano',
  'power.smaller-circuit-or-larger-wire': 'un circuito menor, o cable de más de 1 AWG a mano',
  'power.too-hot-for-this-insulation': 'es demasiado calor para aislamiento de 60 °C',
  'power.up-to-131-or-better-insulation': 'hasta 131 °F, o aislamiento de 75 °C',
};
