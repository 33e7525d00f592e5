import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'refrigerant.saturation-of-is-undefined-at': '{refrigerant} no hierve ni se condensa a {psig}.',
  'refrigerant.to-for': 'de {low} a {high} para {refrigerant}',
};
