export const en = {
  'web.ft-ft-with-elbows-coil': '{lengthFt} ft, {equivalentFt} ft with elbows · coil {liftFt}',
  'web.ft-unit': '{liftFt} ft {liftFt2} the unit',
  'web.heat-kept-off': 'heat kept off',
  'web.joint-log': 'Joint log',
  'web.level-with-unit': 'level with the unit',
  'web.line-set-brazing-under-nitrogen': 'line set, brazing under nitrogen',
  'web.new-o-ring': ', new O-ring',
  'web.nitrogen-ft-h': 'nitrogen {nitrogenScfh} ft³/h',
  'web.no-heat-shield': 'no heat shield',
  'web.no-nitrogen': 'no nitrogen',
  'web.orifice': ', orifice {orificeStamp}',
  'web.psi-fpm-section-ft': '{psi} psi, {x} fpm · section {volume} ft³',
  'web.recover-and-evacuate-before-any-flame':
    'Recover and evacuate before any flame; nitrogen flowing with the far end open; regulator and relief on it; heat kept off valves; extinguisher and fire watch; ventilate. Hot work needs its permit; local rules come first.',
  'web.vapour-line-costs': 'Vapor line costs',
  'web.write-line-set-down-from-outdoor':
    'Enter the line set from the outdoor unit to the coil: each piece with its length, along, up or down. It is drawn to scale, and the charge, the test volume and the pull-down follow from it.',
} as const;
