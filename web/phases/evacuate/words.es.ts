import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'web.before-pump-runs': 'Antes de arrancar la bomba',
  'web.connect-instruments-or-type-readings-as':
    'Conecte instrumentos, o escriba las lecturas como las muestra el manómetro.',
  'web.falls-minute': 'baja {x} % por minuto',
  'web.makers-tighter-limit-wins': 'Manda el límite más estricto del fabricante.',
  'web.micron-gauge-on-system-far-from': 'Vacuómetro en el sistema, lejos de la bomba, en su propia válvula',
  'web.n-sweep': 'Barrido N₂',
  'web.never-start-or-insulation-test-compressor-2':
    'Nunca arranque un compresor en vacío ni pruebe su aislamiento. Un vacío prueba una atmósfera: nunca reemplaza la prueba de presión. {passes}',
  'web.nitrogen-released-core-tools-on-both':
    'Nitrógeno aliviado, herramientas de núcleo puestas, los dos núcleos fuera',
  'web.nothing-certain': 'nada seguro',
  'web.one-deep-pull-2': 'una bajada profunda',
  'web.outdoor-unit-locked-out': 'Unidad de afuera bloqueada',
  'web.short-wide-hoses-one-on-each': 'Mangueras cortas y anchas, una por lado; aceite de bomba nuevo',
  'web.standing-rate': 'en reposo: {rate}',
  'web.stands-still': 'quieta',
  'web.to-m': '{method} · a {targetMicrons} µm',
  'web.too-early-to-say': 'muy pronto para decirlo',
  'web.triple-two-sweeps': 'triple, dos barridos',
  'web.vacuum-now': 'Vacío ahora',
  'web.why-it-stands-still': 'Por qué se detuvo',
  'web.why-it-stands-still-likeliest-first': 'Por qué se detuvo, lo más probable primero',
};
