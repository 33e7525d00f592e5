import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'web.24-v-or-communicating': '24 V o comunicante',
  'web.cooling-btu-h': 'Enfriamiento, Btu/h',
  'web.indoor': 'Interior',
  'web.library-could-not-be-loaded-trying': 'La biblioteca no se pudo cargar; se intenta otra vez.',
  'web.maker-model-tons': 'Fabricante, modelo, toneladas',
  'web.matched-pairs': 'Pares listados',
  'web.none-yet-take-template-fill-it': 'Aún no hay. Escriba uno, o tome la plantilla, llénela, impórtela.',
  'web.nothing-matches-2': 'Nada coincide con “{text}”.',
  'web.reference': 'Referencia',
  'web.rise-f': 'alza {riseLowF}–{riseHighF} °F',
  'web.search-equipment': 'Buscar equipo',
  'web.to-ft': 'hasta {longestLineFt} ft',
  'web.type-in-one': 'Escribir uno',
  'web.v-phase': '{volts} V, {phases} fase(s)',
  'web.single-stage': 'una etapa',
  'web.two-stage': 'dos etapas',
  'web.inverter-stages': 'inverter',
};
