export const en = {
  'join.0-25-0-375-0-5': '0.25, 0.375, 0.5, 0.625 or 0.75 in',
  'join.20-to-60-f': '-20 to 60 °F',
  'join.70-to-140-f': '70 to 140 °F',
  'join.above': 'above {tubeOdIn}',
  'join.filler-runs-in': 'Filler runs in.',
  'join.hot-gas-above-condensing': 'hot gas above condensing, within the equations',
  'join.is-not-acr-tube-size': '{odIn} is not an ACR tube size.',
  'join.loose-use-reducer-or-fitting-of':
    'Loose: use a reducer or a fitting of this size; filler does not bridge the gap.',
  'join.no-acr-tube-of-outside-diameter': 'No ACR tube of {liquidLineOdIn} outside diameter is known.',
  'join.no-acr-tube-of-outside-diameter-2': 'No ACR tube of {vaporLineOdIn} outside diameter is known.',
  'join.no-flare-torque-is-known-for': 'No flare torque is known for this size.',
  'join.properties-are-not-defined-here': 'The properties are not defined here.',
  'join.too-tight-filler-cannot-run-in': 'Too tight: filler cannot run in.',
  'join.tube-is-larger-than-its-socket': 'The tube is larger than its socket.',
} as const;
