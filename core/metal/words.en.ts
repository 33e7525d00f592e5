export const en = {
  'metal.piece-fits-neither-way': 'A piece of {w} × {h} in fits this sheet neither way.',
  'metal.split-it-or-a-larger-sheet': 'pieces within {w} × {h} in: split it, or take a larger sheet',
} as const;
