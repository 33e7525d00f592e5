export const en = {
  'equipment.air-handler': 'Air handler',
  'equipment.cased-coil': 'Cased coil',
  'equipment.fixed-orifice': 'fixed orifice',
  'equipment.furnace': 'Furnace',
  'equipment.outdoor-unit': 'Outdoor unit',
  'equipment.packaged-unit': 'Packaged unit',
  'equipment.technicians-own-target-can-never-give':
    'A technician’s own target can never give a good verdict, only not proven.',
  'equipment.ton-is-unusual-pounds-typed-as': '{perTon} a ton is unusual ({low}–{high}). Pounds typed as ounces?',
  'equipment.ton-is-unusual-rla-not-lra': '{amps} a ton is unusual. RLA, not LRA or MCA?',
  'equipment.unknown-length-weigh-in-holds-back':
    'Unknown length: the weigh-in holds back and the start-up trims in small steps.',
  'equipment.without-target-charge-can-never-be':
    'Without a target the charge can never be proven: look on the plate or in the maker’s table.',
  'equipment.outdoor-units': 'Outdoor units',
  'equipment.air-handlers': 'Air handlers',
  'equipment.cased-coils': 'Cased coils',
  'equipment.furnaces': 'Furnaces',
  'equipment.packaged-units': 'Packaged units',
} as const;
