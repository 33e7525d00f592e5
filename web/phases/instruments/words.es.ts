import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'web.address': 'Dirección',
  'web.anything-that-can-send-line-of':
    'Todo lo que pueda mandar una línea de JSON: un puente de manómetros, o una grabación. Cada lectura también se puede escribir.',
  'web.calibration-overdue-of':
    'Calibración vencida: {instruments}. Lo que lea con él queda marcado así en el informe.',
  'web.channels': 'Canales',
  'web.connect-simulated-instruments': 'Conectar instrumentos simulados',
  'web.disconnect': 'Desconectador',
  'web.instrument-since': '{name} desde {day}',
  'web.instruments-of-your-own': 'Instrumentos propios',
  'web.instruments-of-your-own-are-connected':
    'Hay instrumentos propios conectados. Lo que hace a mano lo dice con un toque en el siguiente paso.',
  'web.physical-model-stands-in-for-everything':
    'Un modelo físico está en lugar de: {simulates}. Todo lo que se lee de él se guarda como simulado.',
  'web.port-does-not-listen': 'el puerto no escucha',
  'web.recording-is-played-back-every-figure': 'Se reproduce una grabación: cada valor queda marcado como reproducido.',
  'web.resume-interrupted-run': 'Reanudar la corrida interrumpida',
  'web.token': 'Clave',
  'web.token-is-told-once-and-opens':
    'La clave se dice una vez y abre solo esta corrida. El formato está en docs/formats.md.',
  'web.wait-for-instrument': 'Esperar un instrumento',
  'web.wait-for-recording': 'Esperar una grabación',
};
