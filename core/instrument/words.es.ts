import type { en } from './words.en';

export const es: Readonly<Record<keyof typeof en, string>> = {
  'instrument.air-thermometer': 'Termómetro de aire',
  'instrument.as-it-is-marked': 'como está marcado',
  'instrument.calibrated-to': 'Calibrado hasta',
  'instrument.clamp-meter': 'Amperímetro de gancho',
  'instrument.combustion-analyzer': 'Analizador de combustión',
  'instrument.flow-instrument': 'Campana o rejilla de flujo',
  'instrument.from-its-certificate': 'de su certificado; puede quedar vacío',
  'instrument.gauges': 'Manómetros',
  'instrument.kind': 'Tipo',
  'instrument.manometer': 'Manómetro de estática',
  'instrument.micron-gauge': 'Vacuómetro',
  'instrument.name': 'Nombre',
  'instrument.open-to-the-air-or-in-ice':
    'manómetros abiertos al aire, termómetros en agua con hielo; puede quedar vacío',
  'instrument.pipe-clamps': 'Pinzas de tubo',
  'instrument.psychrometer': 'Termómetro de bulbo húmedo',
  'instrument.retired': 'Retirado',
  'instrument.scale': 'Báscula de refrigerante',
  'instrument.serial': 'Serie',
  'instrument.zeroed-on': 'Puesto a cero el',
};
