import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'startup.350-450-cfm-ton-common-practice': '350–450 CFM por tonelada, práctica común; manda el rango del fabricante',
  'startup.4-6-in-before-suction-service': '4–6 in antes de la válvula de servicio de succión',
  'startup.50-to-f': 'de 50 a {returnDryBulbF} °F',
  'startup.6-in-from-compressor': 'a 6 in del compresor',
  'startup.above': 'más de {lowStaticInWc}',
  'startup.above-10-psig': 'más de -10 psig',
  'startup.above-110-of-rla-motor-overheats':
    'Por encima del 110 % de RLA el motor se sobrecalienta; seguir así daña el compresor.',
  'startup.add-as-liquid-then-wait': 'Agregue {oz} como líquido y espere {waitMin}.',
  'startup.after-last-change': 'después del último cambio',
  'startup.against-technicians-own-target': '{label} {value} {unit} contra un objetivo elegido por el técnico.',
  'startup.air-comes-out-warmer-system-heats': 'El aire sale {supply} más caliente: el sistema calienta.',
  'startup.air-cooled-condenser-cannot-do-that':
    'Un condensador enfriado por aire no puede hacer eso: la sonda exterior está al sol o en el aire de descarga, o la pinza de líquido está floja.',
  'startup.air-is-by': 'El aire sale {word} en {riseF}.',
  'startup.air-is-hardly': 'El aire casi no sale {word}: {riseF}.',
  'startup.airflow': 'Flujo de aire',
  'startup.airflow-counts-as-proven-only-with': 'El flujo solo cuenta como comprobado con filtro y serpentín limpios.',
  'startup.airflow-is-not-proven': 'El flujo de aire no está comprobado.',
  'startup.airflow-is-ton': 'El flujo es {low}: {perTon} por tonelada.',
  'startup.airflow-ton': 'Flujo {cfm}, {perTon} por tonelada.',
  'startup.all-channels-are-quiet-at-once': 'Todos los canales callan a la vez.',
  'startup.at-compressor': 'en el compresor',
  'startup.at-least-are-asked-for': 'Se piden al menos {seasonRunMin}.',
  'startup.at-least-of-run-count': 'Cuentan al menos {seasonRunMin} de marcha.',
  'startup.at-liquid-service-valve': 'en la válvula de servicio de líquido',
  'startup.between-and-of-rla-makers-table': 'Entre {low} % y {high} % de RLA; manda la tabla del fabricante.',
  'startup.blocked-or-recirculating-air-weak-fan':
    'Aire tapado o recirculado, abanico débil, sobrecarga o aire en el sistema.',
  'startup.both-pressures-are-equal-while-compressor':
    'Las dos presiones son iguales mientras el compresor consume corriente.',
  'startup.california-title-24-ra3-2-15': 'California Title 24 RA3.2 (15 min), edición no verificada',
  'startup.call-for-at-thermostat-and-start': 'Pida {mode} en el termostato e inicie la marcha.',
  'startup.cannot-charge-by-superheat-now-house':
    'Ahora no se puede cargar por sobrecalentamiento: la casa está muy fresca o seca para este aire exterior. Use la carga pesada, o caliente el retorno y lea otra vez.',
  'startup.charge-advice-is-held-back-until':
    'El consejo de carga espera hasta que se mida el flujo. Con resistencias eléctricas toma 10 min; con la presión estática y la tabla del soplador, 8 min.',
  'startup.check-fan-capacitor-blade-height-and': 'Revise el capacitor del abanico, la altura del aspa y los baleros.',
  'startup.check-outdoor-air-path-and-fan': 'Revise el paso del aire exterior y el abanico antes de tocar la carga.',
  'startup.check-refrigerant-on-plate-then-zero': 'Revise el refrigerante en la placa y ponga a cero el manómetro.',
  'startup.check-return-wet-bulb-probe-against': 'Compare la sonda de bulbo húmedo del retorno con otra.',
  'startup.check-target-and-its-source': 'Revise el objetivo y su fuente.',
  'startup.check-that-probe': '{say}. Revise esa sonda.',
  'startup.check-valve-bulb-and-feel-for':
    'Revise el bulbo de la válvula y busque una caída de temperatura en el filtro deshidratador (más de 3 °F es una restricción).',
  'startup.check-valve-bulb-clamped-insulated-right':
    'Revise el bulbo de la válvula: sujeto, aislado y en posición. Vigile que no llegue líquido al compresor.',
  'startup.check-voltage-under-load-and-run': 'Revise el voltaje con carga y el capacitor de marcha.',
  'startup.check-which-hose-is-on-which': 'Revise qué manguera va en qué puerto y lea otra vez los dos manómetros.',
  'startup.coil-is-starved-charge-restriction-or': 'Al serpentín le falta refrigerante: carga, restricción o válvula.',
  'startup.common-practice': 'práctica común',
  'startup.common-practice-makers-limit-wins': 'práctica común; manda el límite del fabricante',
  'startup.common-practice-sane-band-not-target': 'práctica común; un rango razonable, no un objetivo',
  'startup.company-default-rla-from-plate': 'valor de la compañía; RLA de la placa',
  'startup.compare-suction-and-head-weak-compressor':
    'Compare succión y descarga: un compresor débil da succión alta con descarga baja.',
  'startup.compressor-amps': 'Amperaje del compresor',
  'startup.compressor-amps-2': 'amperaje del compresor',
  'startup.compressor-as-loaded-one-draws': 'Compresor {value}, como consume uno con carga.',
  'startup.compressor-common-conductor': 'conductor común del compresor',
  'startup.compressor-draws-of-rla': 'El compresor consume {amps} de RLA.',
  'startup.compressor-has-run-min': 'El compresor lleva {ranMin} min en marcha.',
  'startup.compressor-is-not-running': 'El compresor no está en marcha.',
  'startup.compressor-is-not-running-2': 'El compresor no está en marcha',
  'startup.compressor-is-outside-to': 'Compresor {value} fuera de {low} a {high}.',
  'startup.compressor-may-wait-up-to-5':
    'Un compresor puede esperar hasta 5 min por su propio retardo: eso no es una falla.',
  'startup.compressor-run-time': 'Tiempo de marcha del compresor',
  'startup.compressor-suction-line': 'Línea de succión del compresor',
  'startup.condensing-over-outdoor-air-is-high': 'La condensación está {value} sobre el aire exterior: es alta.',
  'startup.contactor-load-side-running': 'lado de carga del contactor, en marcha',
  'startup.cooling': 'Enfriamiento',
  'startup.cooling-charge-is-judged-above-outdoor':
    'La carga en enfriamiento se juzga por encima de {leastOutdoorF} afuera y {leastReturnF} en el retorno. Por ahora manda la carga pesada.',
  'startup.cooling-is-chosen-here-either-heating':
    'Aquí está elegido enfriamiento. O se pide calefacción, o la válvula reversible está del lado equivocado.',
  'startup.cooling-superheat-and-subcooling-do-not':
    'El sobrecalentamiento y el subenfriamiento de enfriamiento no aplican en calefacción. Por ahora manda la carga pesada.',
  'startup.cools-below-what-maker-allows': 'Enfría con {outdoor} afuera, menos de lo que permite su fabricante.',
  'startup.current-outside-its-band-is-first':
    'Una corriente fuera de rango es la primera señal de carga o alimentación equivocada.',
  'startup.definition-of-mode': 'definición del modo',
  'startup.definition-of-subcooling-common-practice': 'definición de subenfriamiento; práctica común',
  'startup.design-default-rla-from-plate': 'valor de diseño; RLA de la placa',
  'startup.dirty-coil-reads-as-overcharge-wet':
    'Un serpentín sucio parece sobrecarga; uno mojado parece falta de carga.',
  'startup.discharge-line': 'Línea de descarga',
  'startup.discharge-line-2': 'Línea de descarga {value}.',
  'startup.do-not-add-refrigerant-check-valve': 'No agregue refrigerante. Revise la válvula y su bulbo.',
  'startup.do-not-add-refrigerant-look-at':
    'No agregue refrigerante. Revise el dispositivo de expansión: deja pasar líquido.',
  'startup.do-not-add-refrigerant-look-for': 'No agregue refrigerante. Busque una restricción.',
  'startup.do-not-charge-check-valve-bulb':
    'No cargue. Revise el bulbo de la válvula: sujeto, aislado, a las 4 u 8 del reloj.',
  'startup.do-not-recover-yet-look-for':
    'Todavía no recupere. Busque una restricción en el filtro deshidratador o la válvula.',
  'startup.enclosure-changes-air-into-condenser-signed':
    'Un encierro cambia el aire del condensador; la lectura firmada se toma con todo en su lugar.',
  'startup.estimate-of-charge-moves-it-1': 'estimado: {sharePerF} % de la carga la mueve 1 °F',
  'startup.fan-above-its-fla-will-trip': 'Un abanico por encima de su FLA se disparará en un día caluroso.',
  'startup.feel-supply-air-if-it-is':
    'Toque el aire de suministro. Si está frío, intercambie las dos sondas; si está caliente, revise O/B en el termostato.',
  'startup.few-minutes-of-run-bring-supply': 'En unos minutos de marcha el aire de suministro llega a su valor.',
  'startup.filter-and-indoor-coil-are-not': 'No se ha confirmado que el filtro y el serpentín interior estén limpios.',
  'startup.fla-is-limit-for-fan-motor': 'FLA es un límite para el motor de un abanico.',
  'startup.from-elevation': 'según la altitud',
  'startup.from-on-oil-breaks-down-and': 'Desde {dischargeStopF} el aceite se descompone y las válvulas sufren.',
  'startup.from-this-system-oz-over-steps': 'de este sistema: {moved} por onza en {count} pasos, tomado a 0.7',
  'startup.head-pressure-means-nothing-on-dirty':
    'La presión de descarga no dice nada con un serpentín sucio o mojado.',
  'startup.heat-pump-that-warms-air-is': 'Una bomba de calor que calienta el aire se juzga en calefacción.',
  'startup.heating': 'Calefacción',
  'startup.heating-charge-is-not-judged-by': 'Calefacción: la carga no se juzga con los valores de enfriamiento.',
  'startup.held-back': 'En espera: {held}',
  'startup.high-airflow-carries-water-off-coil':
    'Un flujo alto arrastra agua del serpentín y esconde la falta de carga.',
  'startup.high-head-from-poor-air-flow': 'Una descarga alta por poco aire no se arregla recuperando refrigerante.',
  'startup.high-head-low-voltage-or-weak': 'Descarga alta, voltaje bajo o capacitor débil.',
  'startup.high-subcooling-with-high-superheat-liquid':
    'Subenfriamiento alto con sobrecalentamiento alto: el líquido está retenido.',
  'startup.high-superheat-with-high-subcooling-liquid':
    'Sobrecalentamiento alto con subenfriamiento alto: el líquido está retenido antes del serpentín.',
  'startup.house-still-pulling-down-minute-circuit':
    'La casa todavía baja {fall} por minuto; el circuito ya está estable',
  'startup.hunting': 'La válvula oscila: {say}.',
  'startup.if-heating-is-called-set-mode':
    'Si se pide calefacción, cambie el modo a calefacción. Si se pide enfriamiento, revise O/B en el termostato.',
  'startup.in-cooling-probes-swapped-valve-is':
    'En enfriamiento: sondas cambiadas, válvula en calefacción, o el sistema no enfría nada.',
  'startup.in-cooling-suction-side-is-always':
    'En enfriamiento el lado de succión siempre es el más bajo: mangueras cambiadas o un manómetro equivocado.',
  'startup.in-heating-vapour-port-carries-discharge':
    'En calefacción el puerto de vapor lleva presión de descarga: la succión se lee en el puerto de succión verdadero.',
  'startup.indoor-coil': 'serpentín interior',
  'startup.instrument-lost': 'instrumento perdido',
  'startup.insufficient-data-in-last-5-min': 'Datos insuficientes en los últimos 5 min',
  'startup.inverter-is-charged-by-weight-and':
    'Un inverter se carga por peso y se verifica en el modo de prueba del fabricante.',
  'startup.inverter-only-makers-own-method-judges': 'Inverter: solo el método del fabricante juzga la carga.',
  'startup.is-called-and-air-comes-out': 'Se pide {mode} y el aire sale {riseF} {riseF2}.',
  'startup.is-in-its-slot': '{label} {value} {unit} está en el objetivo.',
  'startup.is-its-target-airflow-coils-and':
    '{label} está {add} {wantsMore} de su objetivo; flujo, serpentines y estabilidad comprobados. {oz} lo mueven cerca de {moves} ({how}).{far}{implied}',
  'startup.is-wanted-to': '{label} está {high}: {value} {unit}, se pide de {low} a {high2}.',
  'startup.it-agrees-with-its-target': 'Coincide con su objetivo.',
  'startup.it-does-not-pump-it-runs': 'No bombea, gira al revés, o las dos mangueras están en el mismo lado.',
  'startup.it-must-be-or-more': 'Debe ser {seasonRunMin} o más.',
  'startup.label-value-unit': '{label} {value} {unit}.',
  'startup.last-two-rounds-differ-take-another': 'Las dos últimas rondas difieren: tome otra en 5 min',
  'startup.left-of-of-run': 'Faltan {left} de {seasonRunMin} de marcha.',
  'startup.let-it-run-more': 'Déjelo en marcha {left} más.',
  'startup.let-it-run-on-and-read': 'Déjelo en marcha y lea otra vez el aire de suministro, antes de las rejillas.',
  'startup.lies-outside': '{label} {psig} está fuera del rango de {refrigerant}.',
  'startup.line-voltage': 'Voltaje de línea',
  'startup.liquid-backs-up-in-condenser-overcharge':
    'El líquido se acumula en el condensador: sobrecarga, restricción o aire adentro.',
  'startup.liquid-line': 'Línea de líquido',
  'startup.liquid-line-below-air-that-cools': 'Línea de líquido {outdoor} por debajo del aire que la enfría.',
  'startup.liquid-line-hotter-than-saturation': 'Línea de líquido {liquidLine} más caliente que la saturación.',
  'startup.liquid-may-be-reaching-compressor': 'Puede estar llegando líquido al compresor.',
  'startup.liquid-pressure': 'Presión de líquido',
  'startup.liquid-pressure-2': 'presión de líquido',
  'startup.liquid-service-port': 'puerto de servicio de líquido',
  'startup.liquid-washes-oil-out-of-compressor': 'El líquido lava el aceite del compresor y lo rompe.',
  'startup.look-at-and-confirm-it-is': 'Revise {filterClean} y confirme que está limpio.',
  'startup.look-at-outdoor-coil-clean-dry':
    'Revise el serpentín exterior: limpio, seco, sin nada que lo tape. Confirme.',
  'startup.loose-bulb-low-load-or-oversized': 'Un bulbo flojo, poca carga térmica o una válvula muy grande oscilan.',
  'startup.low-airflow-drops-suction-pressure-and':
    'Poco flujo baja la presión de succión y parece una carga equivocada.',
  'startup.low-airflow-looks-like-wrong-charge':
    'Poco flujo parece una carga equivocada. Una diferencia de aire en su rango apoya el flujo pero no lo comprueba.',
  'startup.low-charge-duct-gain-before-probe':
    'Poca carga, calor ganado en el ducto antes de la sonda, o demasiado aire.',
  'startup.low-charge-or-compressor-that-does': 'Poca carga o un compresor que no bombea.',
  'startup.low-superheat-with-low-subcooling-is':
    'Sobrecalentamiento bajo con subenfriamiento bajo es una válvula o un compresor, no falta de carga.',
  'startup.lower-blower-tap-then-measure-again': 'Baje la velocidad del soplador. Luego mida otra vez.',
  'startup.maker-s-table': 'la tabla del fabricante',
  'startup.measure-airflow-again-filter-registers-blower':
    'Mida otra vez el flujo: filtro, rejillas, velocidad del soplador.',
  'startup.measured-airflow-through-dirty-filter-or':
    'Un flujo medido con filtro o serpentín sucio cambiará en cuanto se limpien.',
  'startup.measured-by-filter-and-coil-clean': 'Medido con {method}, filtro y serpentín limpios.',
  'startup.measured-static-lies-outside-two-table':
    'La presión estática medida está fuera de los dos puntos de la tabla.',
  'startup.measured-with-its-method': 'medido, con su método',
  'startup.min-left-of': 'faltan {due} min de {least} {why}',
  'startup.min-left-of-of-compressor-run': 'faltan {minRunMin} min de {minRunMin2} de marcha del compresor',
  'startup.missing': 'falta',
  'startup.motors-overheat-away-from-their-voltage':
    'Los motores se sobrecalientan fuera de su voltaje, y ahí el amperaje no dice nada.',
  'startup.move-suction-gauge-to-true-suction':
    'Pase el manómetro de succión al puerto de succión verdadero, entre la válvula reversible y el compresor.',
  'startup.move-supply-probe-upstream-then-compare':
    'Mueva la sonda de suministro antes en el ducto y compare carga y flujo.',
  'startup.no-new-value-came-in-last': 'No llegó ningún valor nuevo en los últimos 10 s.',
  'startup.no-samples-yet': 'Aún no hay muestras',
  'startup.no-signal-from-instrument': 'Sin señal del instrumento.',
  'startup.no-target': '{label}: sin objetivo.',
  'startup.no-usable-signal-for': 'Sin señal útil de {words}',
  'startup.nobody-said-how-long-compressor-has': 'Nadie ha dicho cuánto lleva el compresor en marcha.',
  'startup.not-applicable-at-outdoor': 'no aplica con {outdoorDryBulbF} afuera',
  'startup.not-proven-probe-in-it-is': '{label} no comprobado: una sonda que usa es dudosa.',
  'startup.not-steady-yet': 'Todavía no está estable. {say}.',
  'startup.nothing-can-be-judged-without-it': 'Sin ella no se puede juzgar nada; faltan {count} en total.',
  'startup.number-from-doubtful-probe-decides-nothing': 'Un número de una sonda dudosa no decide nada.',
  'startup.of-compressor-run': 'de marcha del compresor',
  'startup.of-readings-are-missing': 'Faltan {count} de {count2} lecturas.',
  'startup.outdoor-air-entering': 'Aire exterior de entrada',
  'startup.outdoor-coil-not-confirmed-clean-and': 'No se ha confirmado que el serpentín exterior esté limpio y seco.',
  'startup.outdoor-fan-amps': 'Amperaje del abanico exterior',
  'startup.outdoor-fan-common-conductor': 'conductor común del abanico exterior',
  'startup.outdoor-fan-draws-above-its': 'El abanico exterior consume {value}, más que sus {outdoorFanFlaA}.',
  'startup.outdoor-fan-within-its': 'Abanico exterior {value}, dentro de sus {outdoorFanFlaA}.',
  'startup.panels-covers-and-fence-not-confirmed':
    'No se ha confirmado que paneles, tapas y cerca estén de vuelta en su lugar.',
  'startup.plate': 'placa',
  'startup.plate-lets-it-cool-down-to':
    'La placa permite enfriar hasta {lowest}; más abajo regresan aceite y líquido al compresor.',
  'startup.plate-nema-mg-1-range-from': '{plateVolts} V de placa; rango de NEMA MG-1, edición no verificada',
  'startup.plenum-out-of-sight-of-coil': 'pleno, sin vista directa al serpentín',
  'startup.probe-rejection-rules-common-practice': 'reglas para descartar sondas, práctica común',
  'startup.prove-airflow-flow-grid-at-filter': 'Compruebe el flujo: rejilla de medición en el filtro, unos 5 min.',
  'startup.prove-earlier-steps-first-charge-advice':
    'Compruebe primero los pasos anteriores; el consejo de carga espera.',
  'startup.put-panels-covers-and-fence-back':
    'Ponga paneles, tapas y cerca en su lugar, confirme y tome la lectura final.',
  'startup.raise-airflow-open-registers-clean-filter':
    'Suba el flujo: abra rejillas, limpie el filtro, siguiente velocidad del soplador. Luego mida otra vez.',
  'startup.read': 'Lea {label}: {location}.',
  'startup.read-outdoor-dry-bulb': 'aire de afuera',
  'startup.read-suction-again-after-shut-it':
    'Lea otra vez la succión después de {floodingHeldMin}; apáguelo si el sobrecalentamiento sigue por debajo de {floodingF}.',
  'startup.reading-is-stale': 'lectura vieja',
  'startup.reading-is-stuck': 'lectura pegada',
  'startup.reading-that-is-signed-must-be': 'La lectura que se firma debe ser del sistema tal como va a trabajar.',
  'startup.readings-taken-while-system-settles-lead':
    'Las lecturas tomadas antes de que el sistema se asiente llevan a una carga equivocada.',
  'startup.reconnect-probe-or-type-reading': 'Reconecte la sonda de {label}, o escriba la lectura.',
  'startup.record-first-round': 'Anote la primera ronda',
  'startup.recover-then-wait': 'Recupere {oz} y espere {waitMin}.',
  'startup.required-start-up-readings': 'lecturas exigidas en el arranque',
  'startup.reseat-and-insulate-liquid-clamp-then':
    'Asiente y aísle la pinza de líquido, y ponga a cero el manómetro de líquido.',
  'startup.reseat-and-insulate-suction-clamp-and':
    'Asiente y aísle la pinza de succión, y revise que las pinzas no estén cambiadas.',
  'startup.return-air': 'aire de retorno',
  'startup.return-dry-bulb': 'Bulbo seco del retorno',
  'startup.return-stream-near-air-handler': 'aire de retorno cerca de la manejadora',
  'startup.return-wet-bulb': 'Bulbo húmedo del retorno',
  'startup.return-wet-bulb-is-above-dry': 'El bulbo húmedo del retorno está por encima del bulbo seco.',
  'startup.reversing-valve-stands-other-way-two':
    'La válvula reversible está del otro lado, las dos sondas de aire están cambiadas, o aquí está mal el modo.',
  'startup.running-system-does-not-pull-this': 'Un sistema en marcha no jala un vacío tan profundo.',
  'startup.saturation-is-undefined-there-wrong-refrigerant':
    'Ahí no existe saturación: refrigerante mal elegido o manómetro equivocado.',
  'startup.say': '{say}.',
  'startup.second-table-point-must-have-higher':
    'El segundo punto de la tabla debe tener la presión estática más alta.',
  'startup.see-whether-compressor-is-loaded-suction':
    'Vea si el compresor tiene carga: succión fría, descarga caliente.',
  'startup.set-airflow-before-charge-refrigerant-cannot':
    'Ajuste el flujo antes que la carga: el refrigerante no lo arregla.',
  'startup.shade-outdoor-probe-and-reseat-liquid':
    'Dé sombra a la sonda exterior y asiente la pinza de líquido en tubo limpio.',
  'startup.shaded-in-air-entering-condenser': 'a la sombra, en el aire que entra al condensador',
  'startup.signature-by-weighed-charge-rests-on': 'Firmar por la carga pesada exige al menos {seasonRunMin} de marcha.',
  'startup.since-it-last-started': 'desde su último arranque',
  'startup.start-up-is-judged-on-running': 'Un arranque se juzga con el sistema en marcha.',
  'startup.station-pressure': 'Presión atmosférica del lugar',
  'startup.steady': 'Estable',
  'startup.steady-for-min': 'Estable por {value} min',
  'startup.steady-state-detector-300-s-window':
    'detector de estabilidad: ventana de 300 s, tiempo de marcha de Title 24 RA3.2, edición no verificada',
  'startup.still-moving': 'Todavía cambia: {value}',
  'startup.stop-adding-look-for-leak-wrong':
    'Deje de agregar. Busque una fuga, un largo de línea equivocado o una restricción.',
  'startup.stop-call-check-o-b-at':
    'Quite la llamada. Revise O/B en el termostato, el modo elegido aquí y cuál sonda de aire es cuál.',
  'startup.stop-charging-have-qualified-person-check':
    'Deje de cargar. Que una persona calificada revise la alimentación y el circuito.',
  'startup.stop-cooling-wait-or-fit-low-ambient':
    'Pare el enfriamiento. Espere más calor, o ponga el juego de baja temperatura del fabricante.',
  'startup.stop-system-check-ports-on-three': 'Pare el sistema. Revise los puertos; en trifásico, el sentido de giro.',
  'startup.stop-system-find-high-head-pressure':
    'Pare el sistema. Encuentre primero la descarga alta, el voltaje bajo o el capacitor equivocado.',
  'startup.stop-system-liquid-reaches-compressor-look':
    'Pare el sistema: llega líquido al compresor. Revise el dispositivo de expansión, el flujo y la carga.',
  'startup.stop-system-look-for-leak-or':
    'Pare el sistema. Busque una fuga o una carga mal pesada antes de agregar nada.',
  'startup.stop-system-look-for-low-charge':
    'Pare el sistema. Busque poca carga, una restricción, descarga alta o un compresor que falla.',
  'startup.subcooling': 'subenfriamiento',
  'startup.subcooling-cannot-be-negative-in-steady':
    'El subenfriamiento no puede ser negativo con líquido estable: pinza de líquido al sol, refrigerante mal elegido, o manómetro de líquido que marca de menos.',
  'startup.subcooling-no-solid-liquid-in-liquid':
    'Subenfriamiento {subcoolingF}: no hay líquido sólido en la línea de líquido.',
  'startup.subcooling-still-rises-while-house-pulls': '{say}. El subenfriamiento aún sube mientras la casa se enfría.',
  'startup.suction-line': 'Línea de succión',
  'startup.suction-line-colder-than-its-dew': 'Línea de succión {dew} más fría que su punto de rocío.',
  'startup.suction-pressure': 'Presión de succión',
  'startup.suction-pressure-2': 'presión de succión',
  'startup.suction-pressure-is-above-liquid-pressure': 'La presión de succión es mayor que la de líquido.',
  'startup.suction-service-port': 'puerto de servicio de succión',
  'startup.superheat': 'sobrecalentamiento',
  'startup.superheat-below-for':
    'Sobrecalentamiento {superheatF}, por debajo de {floodingF} durante {floodingHeldMin}.',
  'startup.superheat-cannot-be-that-negative-suction':
    'El sobrecalentamiento no puede ser tan negativo: pinza de succión suelta, pinzas cambiadas, o refrigerante mal elegido.',
  'startup.superheat-is-gone-while-charge-looks':
    'Se acabó el sobrecalentamiento mientras la carga parece baja: agregar líquido llegaría al compresor.',
  'startup.superheat-liquid-may-be-reaching-compressor':
    'Sobrecalentamiento {superheatF}: puede estar llegando líquido al compresor.',
  'startup.superheat-swings-every-s': 'El sobrecalentamiento oscila {peakToPeakF} cada {periodS} s',
  'startup.supply-air': 'aire de suministro',
  'startup.supply-air-is-not-colder-than': 'El aire de suministro no está más frío que el de retorno.',
  'startup.supply-dry-bulb': 'Bulbo seco de suministro',
  'startup.swinging-valve-gives-no-reading-to': 'Una válvula que oscila no da una lectura para cargar.',
  'startup.system-that-does-opposite-of-its':
    'Un sistema que hace lo contrario de lo que se pide está mal cableado o mal configurado.',
  'startup.take-second-round-after-first': 'Tome una segunda ronda {leastApartMin} después de la primera',
  'startup.target-chosen-by-technician-cannot-prove':
    'Un objetivo elegido por un técnico no comprueba una carga; busque la placa o la tabla del fabricante.',
  'startup.technician-s-choice': 'elección del técnico',
  'startup.that-cannot-be-two-probes-are':
    'Eso no puede ser: las dos sondas están cambiadas, o la de bulbo húmedo está mal.',
  'startup.this-is-one-of-several-steps': ' Este es uno de varios pasos.',
  'startup.to': 'de {lowStaticInWc} a {highStaticInWc}',
  'startup.to-76-f-at-outdoor': 'de {leastWetBulb} a 76 °F con {outdoorDryBulbF} afuera',
  'startup.too-cool-to-judge-charge-in': 'Hace demasiado fresco para juzgar la carga en enfriamiento.',
  'startup.too-little-air-over-coil': 'Muy poco aire sobre el serpentín.',
  'startup.too-little-liquid-in-condenser': 'Muy poco líquido en el condensador.',
  'startup.two-typed-rounds-agree-over-min': 'Dos rondas escritas coinciden en {forMin} min',
  'startup.type-how-long-compressor-has-run': 'Escriba cuánto lleva el compresor en marcha.',
  'startup.type-how-long-compressor-has-run-2': 'Escriba cuánto lleva el compresor en marcha',
  'startup.under-plate-read-again-after-longer':
    '{claim} {short} por debajo de la placa: lea otra vez después de más marcha.',
  'startup.unit-s-plate': 'la placa del equipo',
  'startup.units-plate-makers-low-ambient-kit': 'la placa de la unidad; el juego de baja temperatura del fabricante',
  'startup.very-same-value-for-minute-live': 'El mismo valor exacto por un minuto: una sonda viva siempre varía.',
  'startup.voltage-is-outside': 'Voltaje {volts} fuera de {low}–{high}.',
  'startup.voltage-is-within-plate': 'Voltaje {volts} dentro de la placa.',
  'startup.voltage-outside-plate-makes-every-later': 'Un voltaje fuera de la placa hace dudosa cada lectura posterior.',
  'startup.wait-do-not-add-refrigerant-yet': 'Espere {waitMin}. Todavía no agregue refrigerante.',
  'startup.were-added-beyond-weighed-charge-more':
    'Se agregaron {trimOz} más allá de la carga pesada, más del 10 % de ella.',
  'startup.wet-bulb-must-be-below-dry': 'El bulbo húmedo debe ser menor que el bulbo seco.',
  'startup.what-is-called-must-be-what': 'Lo que se pide debe ser lo que recibe la casa.',
  'startup.with-both-probes-sound-there-is':
    'Con las dos sondas bien hay gas antes de la expansión: falta mucha carga, o se fugó.',
  'startup.with-it-charge-implies-line-of': ' Con eso la carga implica una línea de unos {impliedFt}: ¿puede ser?',
  'startup.without-target-there-is-no-verdict': 'Sin objetivo no hay veredicto.',
  'startup.subcooling-2': 'Subenfriamiento',
  'startup.no-subcooling-on-plate': 'la placa no da subenfriamiento',
  'startup.fixed-orifice-is-judged-by-superheat': 'un orificio fijo se juzga por sobrecalentamiento',
  'startup.bubble-point': 'Punto de burbuja',
  'startup.equation-of-state': 'ecuación de estado',
  'startup.bubble-point-liquid-line': 'punto de burbuja − línea de líquido',
  'startup.bubble-point-from-equation-of-state': 'Punto de burbuja según la ecuación de estado del refrigerante',
  'startup.superheat-2': 'Sobrecalentamiento',
  'startup.california-title-24-ra3-2-from':
    'California Title 24 RA3.2, edición no verificada: rango razonable en el equipo',
  'startup.from-indoor-wet-bulb-and-outdoor': 'según el bulbo húmedo interior y el bulbo seco exterior',
  'startup.needs-return-wet-bulb-and-outdoor': 'necesita bulbo húmedo del retorno y aire exterior',
  'startup.dew-point': 'Punto de rocío',
  'startup.suction-line-dew-point': 'línea de succión − punto de rocío',
  'startup.dew-point-from-equation-of-state': 'Punto de rocío según la ecuación de estado del refrigerante',
  'startup.air-split': 'Diferencia de aire',
  'startup.from-return-dry-and-wet-bulb':
    'según bulbo seco y húmedo del retorno (Title 24 RA3.2-3, edición no verificada)',
  'startup.outside-table': 'fuera de la tabla: {allowed}',
  'startup.needs-return-wet-bulb': 'necesita bulbo húmedo del retorno',
  'startup.return-supply-dry-bulb': 'bulbo seco de retorno − suministro',
  'startup.definition': 'Definición',
  'startup.expected-at-this-outdoor-air-15':
    'esperado con este aire exterior ± 15 % (valor de diseño; manda la tabla del fabricante)',
  'startup.needs-outdoor-air': 'necesita aire exterior',
  'startup.rla-limit-not-target': 'RLA (un límite, no un objetivo)',
  'startup.measured-against-rla-0-65-0': 'medido contra RLA × (0.65 + 0.010 × (exterior − 75))',
  'startup.design-default-from-system-model-rla': 'Valor de diseño del modelo del sistema; RLA de la placa',
  'startup.fla-on-plate-is-limit': 'FLA en la placa es un límite',
  'startup.fla': 'FLA',
  'startup.measured-against-fla': 'medido contra FLA',
  'startup.plate-2': 'Placa',
  'startup.condensing-over-outdoor': 'Condensación sobre exterior',
  'startup.bubble-point-outdoor-air': 'punto de burbuja − aire exterior',
  'startup.approach': 'Aproximación',
  'startup.liquid-line-outdoor-air': 'línea de líquido − aire exterior',
  'startup.coil-difference': 'Diferencia del serpentín',
  'startup.return-air-dew-point': 'aire de retorno − punto de rocío',
  'startup.compression-ratio': 'Relación de compresión',
  'startup.absolute-liquid-absolute-suction-pressure': 'presión absoluta de líquido / succión',
  'startup.not-measured': 'sin medir',
  'startup.common-practice-makers-range-wins': 'práctica común; manda el rango del fabricante',
  'startup.method-source': '{method}, {source}',
  'startup.nominal-size': 'Tamaño nominal',
  'startup.cfm-nominal-tons': 'CFM / toneladas nominales',
  'startup.needs': 'necesita {what}',
  'startup.no-target-because': '{label}: sin objetivo. {noTarget}',
  'startup.trouble': '{label}: {claim}.',
  'startup.missing-list': '{what}',
  'startup.read-outdoor-fan-amps': 'amperaje del abanico exterior',
  'startup.read-airflow': 'flujo de aire',
  'startup.read-condensing-over-outdoor': 'condensación sobre exterior',
  'startup.read-compressor-amps': 'amperaje del compresor',
  'startup.read-discharge-line': 'línea de descarga',
  'startup.read-superheat': 'sobrecalentamiento',
  'startup.read-subcooling': 'subenfriamiento',
  'startup.read-suction-pressure': 'presión de succión',
  'startup.read-liquid-pressure': 'presión de líquido',
};
