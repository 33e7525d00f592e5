export const en = {
  'size.coil-face': 'Coil face',
  'size.compressor-model': 'Compressor model',
  'size.expansion-valve': 'Expansion valve',
  'size.line-size': 'Line size',
  'size.mca': 'MCA',
  'size.order-or-submittal': 'Order or submittal',
  'size.unit-model': 'unit’s model number',
} as const;
