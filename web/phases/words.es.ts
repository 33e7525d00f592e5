import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'web.back-to-jobs': 'Volver a los trabajos',
  'web.choose-new-equipment-first': 'Elija primero el equipo nuevo.',
  'web.gates': 'Requisitos',
  'web.it-is-charged-by-its-plate': 'Se carga y se juzga por su propia placa.',
  'web.it-stays-in-record-marked-as':
    'Queda en el registro, marcado como retirado, y sus onzas regresan al tanque en el libro.',
  'web.job-could-not-be-opened': 'El trabajo no se pudo abrir',
  'web.overridden-by': 'Anulado por {by}: {reason}',
  'web.override': 'Anular',
  'web.override-and-its-reason-show-on':
    '{say}. La anulación y su motivo se ven en cada pantalla posterior y en el informe.',
  'web.override-gate': 'Anular un requisito',
  'web.override-with-this-reason': 'Anular con este motivo',
  'web.picture-of-what': 'Foto de …',
  'web.picture-shows': 'Muestra',
  'web.pictures': 'Fotos',
  'web.reason-in-your-words': 'Motivo, en sus palabras',
  'web.refrigerant-factory-charge-metering-and-targets':
    'Refrigerante, carga de fábrica, expansión y objetivos salen de la placa del equipo nuevo. Este trabajo aún no la tiene.',
  'web.refrigerant-log': 'Registro de refrigerante',
  'web.running-ahead': 'Corre tiempo simulado',
  'web.sign-scope-and-its-plate-comes': 'Firme el alcance y su placa viene con él; o escríbala en Equipo.',
  'web.signed-with': 'Firmado con',
  'web.take-a-picture': 'Tomar una foto',
  'web.there-is-no-such-job': 'No existe ese trabajo',
  'web.to-sign-it-needs': 'Para firmar hace falta',
  'web.to-the-next-decision': 'A la próxima decisión',
  'web.trim-added': 'Ajuste agregado',
  'web.type-it': 'Escribirlo',
  'web.weighed-in': 'Pesado',
  'web.withdraw-oz': 'Retirar: {value} oz',
  'web.withdrawn-oz': 'Retirado: {oz} oz. {reason} ({person})',
  'web.without': 'Sin {asks}',
};
