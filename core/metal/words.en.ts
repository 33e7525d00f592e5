export const en = {
  'metal.collars-do-not-go': 'So many collars of this size do not go onto the top.',
  'metal.figure-missing': 'This figure is needed to draw it.',
  'metal.front-lower-than-nothing': 'With this fall the front would lie below its lower edge.',
  'metal.piece-fits-neither-way': 'A piece of {w} × {h} in fits this sheet neither way.',
  'metal.split-it-or-a-larger-sheet': 'pieces within {w} × {h} in: split it, or take a larger sheet',
  'metal.what-goes-there': 'a figure that goes with the others',
} as const;
