import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'web.address': 'Dirección',
  'web.and-so-many-more': 'y {n} más',
  'web.anything-that-can-send-line-of':
    'Todo lo que pueda mandar una línea de JSON: un puente de manómetros, o una grabación. Cada lectura también se puede escribir.',
  'web.calibration-overdue-of':
    'Calibración vencida: {instruments}. Lo que lea con él queda marcado así en el informe.',
  'web.channels': 'Canales',
  'web.column-of-the-time': 'Columna de la hora',
  'web.connect-simulated-instruments': 'Conectar instrumentos simulados',
  'web.connect-simulated-on-this-device': 'Conectar instrumentos simulados en este aparato',
  'web.disconnect': 'Desconectador',
  'web.every-figure-is-marked-as-replayed': 'Cada cifra queda marcada como reproducida, en pantalla y en papel.',
  'web.file-is-longer-than-a-run': 'El archivo es más largo que una corrida: se leen sus primeras 200,000 filas.',
  'web.file-with-rows': '{name}: {n} filas',
  'web.go-on-in-this-window': 'Continuar en esta ventana',
  'web.instrument-since': '{name} desde {day}',
  'web.instruments-of-your-own': 'Instrumentos propios',
  'web.instruments-of-your-own-are-connected':
    'Hay instrumentos propios conectados. Lo que hace a mano lo dice con un toque en el siguiente paso.',
  'web.logged-figure': '{it}',
  'web.logged-in-unit': 'Unidad',
  'web.name-time-and-one-channel': 'Indique la hora y al menos un canal.',
  'web.not-in-this-file': 'no está en este archivo',
  'web.numbers-have-a-decimal-comma': 'Los números llevan coma decimal',
  'web.physical-model-stands-in-for-everything':
    'Un modelo físico está en lugar de: {simulates}. Todo lo que se lee de él se guarda como simulado.',
  'web.port-does-not-listen': 'el puerto no escucha',
  'web.recording-from-a-file': 'Grabación de un archivo (CSV)',
  'web.recording-is-played-back-every-figure': 'Se reproduce una grabación: cada valor queda marcado como reproducido.',
  'web.resume-interrupted-run': 'Reanudar la corrida interrumpida',
  'web.row-and-column': 'Fila {row}, {column}:',
  'web.run-is-in-another-window': 'Otra ventana de este dispositivo lee los instrumentos de este circuito.',
  'web.run-second': 's',
  'web.sent-so-many': '{n} filas enviadas …',
  'web.take-the-recording': 'Tomar la grabación',
  'web.time-is-told-in': 'La hora viene como',
  'web.token': 'Clave',
  'web.token-is-told-once-and-opens':
    'La clave se dice una vez y abre solo esta corrida. El formato está en docs/formats.md.',
  'web.wait-for-instrument': 'Esperar un instrumento',
  'web.wait-for-recording': 'Esperar una grabación',
};
