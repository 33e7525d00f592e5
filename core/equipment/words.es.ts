import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'equipment.air-handler': 'Manejadora de aire',
  'equipment.cased-coil': 'Serpentín con gabinete',
  'equipment.fixed-orifice': 'orificio fijo',
  'equipment.furnace': 'Calentón',
  'equipment.outdoor-unit': 'Unidad de afuera',
  'equipment.packaged-unit': 'Equipo paquete',
  'equipment.technicians-own-target-can-never-give':
    'Un objetivo del propio técnico nunca da un veredicto bueno, solo no comprobado.',
  'equipment.ton-is-unusual-pounds-typed-as':
    '{perTon} por tonelada es raro ({low}–{high}). ¿Libras escritas como onzas?',
  'equipment.ton-is-unusual-rla-not-lra': '{amps} por tonelada es raro. ¿RLA, y no LRA o MCA?',
  'equipment.unknown-length-weigh-in-holds-back':
    'Largo desconocido: el pesaje reserva y el arranque ajusta en pasos chicos.',
  'equipment.without-target-charge-can-never-be':
    'Sin objetivo la carga nunca se puede comprobar: busque en la placa o en la tabla del fabricante.',
  'equipment.outdoor-units': 'Unidades de afuera',
  'equipment.air-handlers': 'Manejadoras de aire',
  'equipment.cased-coils': 'Serpentines con gabinete',
  'equipment.furnaces': 'Calentones',
  'equipment.packaged-units': 'Equipos paquete',
};
