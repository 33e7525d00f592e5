import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'web.ft-ft-with-elbows-coil': '{lengthFt} ft, {equivalentFt} ft con codos · serpentín {liftFt}',
  'web.ft-unit': '{liftFt} ft {liftFt2} del equipo',
  'web.heat-kept-off': 'sin calor',
  'web.joint-log': 'Registro de uniones',
  'web.level-with-unit': 'a nivel con el equipo',
  'web.line-set-brazing-under-nitrogen': 'líneas de cobre, soldadura con nitrógeno',
  'web.new-o-ring': ', O-ring nuevo',
  'web.nitrogen-ft-h': 'nitrógeno {nitrogenScfh} ft³/h',
  'web.no-heat-shield': 'sin protector de calor',
  'web.no-nitrogen': 'sin nitrógeno',
  'web.orifice': ', orificio {orificeStamp}',
  'web.psi-fpm-section-ft': '{psi} psi, {x} fpm · tramo {volume} ft³',
  'web.recover-and-evacuate-before-any-flame':
    'Recupere y evacúe antes de cualquier llama; nitrógeno fluyendo con el otro extremo abierto; con regulador y alivio; calor lejos de las válvulas; extintor y vigilancia de fuego; ventile. El trabajo en caliente necesita su permiso; primero las reglas locales.',
  'web.vapour-line-costs': 'La línea de vapor cuesta',
  'web.write-line-set-down-from-outdoor':
    'Anote las líneas de cobre desde la unidad de afuera hasta el serpentín: cada pieza con su largo, a lo largo, arriba o abajo. Se dibuja a escala, y de él salen la carga, el volumen de prueba y la bajada.',
};
