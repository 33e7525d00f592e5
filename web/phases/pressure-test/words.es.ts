import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'web.before-nitrogen-is-opened': 'Antes de abrir el nitrógeno',
  'web.bubble-check': 'Prueba de jabón',
  'web.bubble-check-joint-by-joint': 'Prueba de jabón, unión por unión',
  'web.bubbles': 'Burbujas',
  'web.by-clocks-of-two-readings': 'según los relojes de las dos lecturas',
  'web.difference': 'Diferencia',
  'web.dry-nitrogen-only-regulator-and-relief':
    'Solo nitrógeno seco, con regulador y alivio: oxígeno o aire comprimido con aceite explota. Las válvulas de servicio exteriores quedan cerradas con carga de fábrica. El código local puede fijar presión y tiempo.',
  'web.ended': 'Terminó',
  'web.every-joint-made-and-cool-cores': 'Cada unión hecha y fría, núcleos puestos o herramientas de núcleo puestas',
  'web.held': 'Se mantuvo',
  'web.nitrogen-by-stages': 'nitrógeno, por etapas',
  'web.none': 'Ninguno',
  'web.not-bubbled': 'sin probar con jabón',
  'web.pipe-f': 'tubo {pipeF} °F',
  'web.pipe-f-last-read': 'tubo {pipeF} °F, última lectura',
  'web.pressure-now': 'Presión ahora',
  'web.psi-by-gauge-and-thermometer': '± {uncertaintyPsi} psi por manómetro y termómetro',
  'web.psig-allowed-by-hold-min': '{section} · {targetPsig} psig, {psig} permitidos por {by} · sostener {holdMin} min',
  'web.read-low-side-limit-on-coils': 'Lea el límite del lado de baja en la placa del serpentín: fija la presión',
  'web.real-gas': 'gas real',
  'web.regulator-and-relief-on-nitrogen-gauge': 'Regulador y alivio en el nitrógeno; manómetro y mangueras aptos',
  'web.started': 'Empezó',
  'web.temperature-explains': 'Lo explica la temperatura',
  'web.thermometer-on-shaded-pipe': 'Termómetro en un tubo a la sombra',
};
