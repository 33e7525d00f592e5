import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'web.calendar-explained':
    'Una dirección para el calendario de su teléfono o computadora: muestra los días que usted dirige o en los que va. Quien tenga la dirección puede leerlos.',
  'web.crew-not-said': 'cuadrilla sin decir',
  'web.hours-of-capacity': '{hours} de {capacity}',
  'web.hours-of-work': '{hours} de trabajo',
  'web.led-by-2': 'Dirige',
  'web.left-over': 'Abiertos, y su día ya pasó',
  'web.make-address': 'Crear una dirección',
  'web.move-it': 'Moverlo',
  'web.move-to-day': 'Mover al',
  'web.my-calendar': 'Mi calendario',
  'web.new-address': 'Crear una nueva',
  'web.nothing-planned': 'Nada planeado',
  'web.on-day-with': '{day}, {town}: {who}',
  'web.open-its-day': 'Abrir su plan del día',
  'web.plain-day': '{day}',
  'web.stays-with-the-job': 'queda con el trabajo; puede quedar vacío',
  'web.take-address-back': 'Retirarla',
  'web.this-week': 'Esta semana',
  'web.visit-n-of': 'visita {n} de {of}',
  'web.week': 'Semana',
  'web.week-after': 'después ›',
  'web.week-before': '‹ antes',
  'web.why-it-moves': 'Por qué se mueve',
};
