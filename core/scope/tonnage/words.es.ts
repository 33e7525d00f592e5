import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'size.coil-face': 'Cara del serpentín',
  'size.compressor-model': 'Modelo del compresor',
  'size.expansion-valve': 'Válvula de expansión',
  'size.line-size': 'Medida de línea',
  'size.mca': 'MCA',
  'size.order-or-submittal': 'Pedido o ficha técnica',
  'size.unit-model': 'modelo de la unidad',
};
