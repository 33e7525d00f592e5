export const en = {
  'refrigerant.saturation-of-is-undefined-at': '{field}: saturation of {refrigerant} is undefined at {psig}.',
  'refrigerant.to-for': '{low} to {high} for {refrigerant}',
} as const;
