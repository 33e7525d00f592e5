export const en = {
  'refrigerant.saturation-of-is-undefined-at': '{refrigerant} does not boil or condense at {psig}.',
  'refrigerant.to-for': '{low} to {high} for {refrigerant}',
} as const;
