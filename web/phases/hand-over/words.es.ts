import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'web.add-a-register': 'Agregar un difusor',
  'web.add-amendment': 'Agregar una enmienda',
  'web.add-it': 'Agregarlo',
  'web.after-run': 'Después de la corrida',
  'web.air-balance': 'Balance de aire',
  'web.end-visit': 'Terminar la visita {n}',
  'web.gas-and-combustion-are-licensed-work':
    'Gas y combustión son trabajo con licencia. Olor a gas, o CO en el cuarto: salga, ventile, llame. Primero las instrucciones del fabricante y el código local.',
  'web.gas-pipe': 'Tubería de gas',
  'web.label-of-the-unit': 'Etiqueta de la unidad',
  'web.measure': 'Medir',
  'web.measure-it-again': 'Otra vez',
  'web.no-certificate': 'sin certificado',
  'web.notes': 'Notas',
  'web.nothing-signed-yet': 'Aún no hay firmas.',
  'web.of-cfm': 'de {cfm}',
  'web.paper-for': 'Para {who}',
  'web.papers': 'Papeles',
  'web.permits': 'Permisos e inspecciones',
  'web.plan-a-visit': 'Planear una visita',
  'web.read-the-simulated-furnace': 'Leer un calentón simulado',
  'web.record-readings': 'Anotar las lecturas',
  'web.report-as-pdf': 'Informe en PDF',
  'web.report-is-written-once-new-equipment':
    'El informe se escribe cuando se conoce el equipo nuevo. El levantamiento y el alcance tienen su propio documento.',
  'web.serials': 'Números de serie y filtro',
  'web.signature-line': '{certificate}, {at}, {contentHash}',
  'web.signatures': 'Firmas',
  'web.to-which-signature': 'A cuál firma',
  'web.visit-of': 'Visita {n} de {all}: {day}, para {purpose}.',
  'web.visits': 'Visitas',
  'web.what-furnace-shows': 'Lo que muestra el calentón',
  'web.what-was-signed-stays-as-it':
    'Lo firmado queda como estaba. La enmienda queda a su lado, con su nombre y la hora.',
  'web.writing-report': 'Escribiendo el informe …',
};
