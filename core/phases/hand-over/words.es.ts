import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'work.suction-drier-seen-to': 'el seguimiento del filtro deshidratador de succión hecho',
  'job.charge-is-not-signed': 'La carga no está firmada',
  'job.furnace-is-not-handed-over-without':
    'Un calentón no se entrega sin ellas. Combustión y gas son trabajo con licencia.',
  'job.gas-pressures-temperature-rise-and-co': 'presiones de gas, alza de temperatura y CO',
  'job.go-to': 'Ir a {phase}',
  'job.handed-over-give-customer-report': 'Entregado. Dé el informe al cliente.',
  'job.not-read-yet': 'Aún sin leer',
  'job.open-pdf': 'Abrir el PDF',
  'job.read-it-again': 'Léalo otra vez',
  'job.show-thermostat-filter-drain-and-disconnect':
    'Muestre el termostato, el filtro, el drenaje y el desconectador. Deje el informe.',
  'job.sign-hand-over': 'Firmar la entrega',
  'job.signed-by-record-is-frozen-amendment':
    'Firmado por {by}. El registro está congelado; una enmienda queda a su lado.',
  'job.signed-start-up': 'un arranque firmado',
  'job.start-up-is-not-signed': 'El arranque no está firmado',
  'job.start-up-signed': 'Arranque firmado',
  'job.type-readings': 'Escriba las lecturas',
  'job.type-what-furnace-shows-gas-pressures':
    'Escriba lo que muestra el calentón: presiones de gas, alza de temperatura, CO.',
  'job.walk-customer-through-report-then-sign': 'Recorra el informe con el cliente y firme la entrega.',
  'job.gate-start-up-signed': 'un arranque firmado',
  'job.gate-furnace-proof': 'presiones de gas, alza de temperatura y CO',
  'job.gate-disclosures': 'un aviso firmado por cada parte que se queda',
  'job.gate-change-answered': 'la respuesta del cliente a cada cambio',
  'job.gate-musts-in': 'cada punto obligatorio hecho',
  'job.gate-suction-drier': 'el seguimiento del filtro deshidratador de succión hecho',
  'join.24-to-72-h': 'de 24 a 72 h',
  'join.acid-test-clean-suction-drier-is': 'Prueba de ácido limpia, el filtro deshidratador de succión está fuera.',
  'join.across-it': '{dropPsi} en él{ok}',
  'join.across-liquid-drier': '{dropF} en el filtro deshidratador de líquido.',
  'join.change-drier-before-charge-is-judged': 'Cambie el filtro deshidratador antes de juzgar la carga.',
  'join.change-drier-evacuate-again-weigh-in': 'Cambie el filtro deshidratador, evacúe otra vez, pese otra vez.',
  'join.colour-key-on-indicator-common-practice': 'clave de color del indicador; práctica común',
  'join.come-back-after-measure-across-it':
    'Regrese después de {returnH}: mida otra vez en él y pruebe si el aceite tiene ácido.',
  'join.fresh-suction-drier-is-in': 'Hay un filtro deshidratador de succión nuevo.',
  'join.is-most-it-may-cost': '{costs}; {suctionDropPsi} es lo más que puede costar.',
  'join.it-follows-liquid-slowly-and-reads': 'Sigue al líquido despacio, y marca húmedo cuando está caliente.',
  'join.it-was-put-in-to-be': 'Se puso para quitarse: olvidado, cuesta capacidad por años.',
  'join.liquid-that-cools-in-drier-flashes':
    'El líquido que se enfría en un filtro deshidratador se evapora ahí; más de {liquidDropF} es una restricción.',
  'join.makers-clean-up-instructions-come-first': '{common}; primero las instrucciones de limpieza del fabricante',
  'join.measure-its-drop-at-start-up': 'Mida su caída en el arranque. {comeBack}',
  'join.moisture-indicator-is-between-dry-and': 'El indicador de humedad está entre seco y húmedo.',
  'join.moisture-indicator-shows-dry': 'El indicador de humedad muestra seco.',
  'join.moisture-indicator-shows-wet': 'El indicador de humedad muestra húmedo.',
  'join.of-evaporating-temperature': ', {saturationLossF} de temperatura de evaporación',
  'join.oil-is-clean-suction-drier-comes': 'El aceite está limpio: el filtro deshidratador de succión se quita.',
  'join.oil-is-clean-suction-drier-stays':
    'El aceite está limpio; el filtro deshidratador de succión se queda, por política de la compañía.',
  'join.oil-was-not-tested-for-acid': 'El aceite no se probó por ácido.',
  'join.read-by-after-steady-run': 'Leído por {by} después de una marcha estable.',
  'join.replace-suction-drier-run-on-test':
    'Reemplace el filtro deshidratador de succión, siga en marcha, pruebe otra vez.',
  'join.run-for-few-hours-and-read': 'Déjelo unas horas en marcha y léalo otra vez.',
  'join.suction-drier-came-out-without-clean':
    'El filtro deshidratador de succión se quitó sin una prueba de ácido limpia.',
  'join.suction-drier-is-in-and-nobody': 'Hay un filtro deshidratador de succión, y nadie ha medido en él.',
  'join.take-it-out-evacuate-weigh-in': 'Quítelo, evacúe, pese otra vez.',
  'join.test-oil-for-acid-with-acid': 'Pruebe el aceite por ácido; con ácido se pone un filtro deshidratador nuevo.',
  'join.there-is-still-acid-in-oil': 'Todavía hay ácido en el aceite.',
};
