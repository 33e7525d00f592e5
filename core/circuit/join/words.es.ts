import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'join.0-25-0-375-0-5': '0.25, 0.375, 0.5, 0.625 o 0.75 in',
  'join.20-to-60-f': 'de -20 a 60 °F',
  'join.70-to-140-f': 'de 70 a 140 °F',
  'join.above': 'más de {tubeOdIn}',
  'join.filler-runs-in': 'El aporte entra bien.',
  'join.hot-gas-above-condensing': 'gas caliente sobre la condensación, dentro de las ecuaciones',
  'join.is-not-acr-tube-size': '{odIn} no es una medida de tubo ACR.',
  'join.loose-use-reducer-or-fitting-of':
    'Floja: use una reducción o una pieza de esta medida; el aporte no cubre la holgura.',
  'join.no-acr-tube-of-outside-diameter': 'No se conoce tubo ACR de {liquidLineOdIn} de diámetro exterior.',
  'join.no-acr-tube-of-outside-diameter-2': 'No se conoce tubo ACR de {vaporLineOdIn} de diámetro exterior.',
  'join.no-flare-torque-is-known-for': 'No se conoce el par de apriete para esta medida.',
  'join.properties-are-not-defined-here': 'Aquí no se definen las propiedades.',
  'join.too-tight-filler-cannot-run-in': 'Muy ajustada: el aporte no entra.',
  'join.tube-is-larger-than-its-socket': 'El tubo es más grande que su campana.',
};
