import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'circuit.0-to-2-psig': 'de 0 a 2 psig',
  'circuit.1-000-fpm-upward': '1,000 fpm hacia arriba',
  'circuit.1-000-m-after-10-min': '1,000 µm después de 10 min',
  'circuit.10-inhg-leakers-excepted': '10 inHg, salvo los que fugan',
  'circuit.15-min-30-for-long-or': '15 min, 30 con líneas largas o que se quedan',
  'circuit.150-psig': '150 psig',
  'circuit.30-min-60-for-long-or': '30 min, 60 con líneas largas o que se quedan',
  'circuit.300-psig-or-limit-if-lower': '300 psig, o el límite si es menor',
  'circuit.40-cfr-82-156-from-memory': '40 CFR 82.156, edición no verificada',
  'circuit.500-m-after-10-min': '500 µm después de 10 min',
  'circuit.60-min': '60 min',
  'circuit.750-m-after-10-min': '750 µm después de 10 min',
  'circuit.aim-act-technology-transitions-40-cfr':
    'Transiciones de la ley AIM, 40 CFR 84 subparte B, edición no verificada',
  'circuit.are-held-back-for-trim-at': '; {heldBackOz} se reservan para el ajuste en el arranque',
  'circuit.at-500-m-water-boils-below':
    'A 500 µm el agua hierve por debajo de −12 °F: no queda agua líquida en tubos tibios.',
  'circuit.at-foot-and-every-20-ft': 'al pie y cada 20 ft',
  'circuit.by-entrainment-at-least-capacity': 'Por arrastre, a capacidad mínima',
  'circuit.by-plate-nothing-of-it-was': '{inSystemOz} según la placa; aquí no se abrió nada.',
  'circuit.cap-is-outside-allowed-range': 'El tope está fuera del rango permitido.',
  'circuit.cap-on-warming-potential': 'Tope de potencial de calentamiento',
  'circuit.charge-is-not-in-yet': 'La carga aún no está adentro.',
  'circuit.clean-air-act-608-40-cfr': 'Clean Air Act 608, 40 CFR 82 subparte F, edición no verificada',
  'circuit.company-setting': 'ajuste de la compañía',
  'circuit.deep-enough-to-show-wet-system':
    'Bastante profundo para que la subida muestre un sistema húmedo; manda el valor más estricto del fabricante.',
  'circuit.down-to-10-inhg-only-where': 'Hasta −10 inHg, solo donde se permite',
  'circuit.evacuate-to': 'Evacuar a',
  'circuit.factory-charge-held-behind-closed-service': 'Carga de fábrica detrás de válvulas de servicio cerradas',
  'circuit.first-of-steps-left-in-all':
    'Primero de {remainingOz} pasos; quedan {remainingOz2} en total. Pare a la mitad y mire la báscula.',
  'circuit.is-not-flammable-this-rule-does': '{refrigerant} no es inflamable: esta regla no aplica.',
  'circuit.lowest-plate-limit-of-section': 'El límite de placa más bajo del tramo',
  'circuit.more-than-10-over-build-up': 'Más del 10 % sobre el cálculo puede inundar el compresor.',
  'circuit.new-comfort-cooling-systems-use-refrigerant':
    'Los sistemas nuevos de confort usan un refrigerante por debajo del tope; las partes para sistemas existentes están exentas en general.',
  'circuit.no-a2l-refrigerant-in-equipment-listed':
    'Ningún refrigerante A2L en equipo aprobado para A1; el refrigerante es el de la placa.',
  'circuit.no-drop-in': 'Sin sustitutos',
  'circuit.no-venting': 'Sin ventear',
  'circuit.none-by-makers-drawing-only': 'solo por dibujo del fabricante',
  'circuit.none-where-oil-is-carried-inverted-at-coil':
    'ninguna si el aceite se arrastra; trampa invertida con serpentín arriba',
  'circuit.not-acr-tube-size': 'No es una medida de tubo ACR.',
  'circuit.not-date': 'No es una fecha.',
  'circuit.nothing-is-weighed-in-it-comes': 'No se pesa nada: viene con su carga. Vea la placa y firme la carga.',
  'circuit.nothing-to-weigh-in-it-comes': 'Nada que pesar: viene con su carga.',
  'circuit.oil-return-in-risers': 'Retorno de aceite en subidas',
  'circuit.older-courses-ask-10-inhg-of': 'Cursos más viejos piden 10 inHg para todo menos R-22; cuesta minutos.',
  'circuit.over-build-up': '{over} más que el cálculo.',
  'circuit.parts-add-up-to-no-charge': 'Las partes no suman ninguna carga.',
  'circuit.pressure-test-at': 'Presión de prueba',
  'circuit.pressure-test-is-held-for': 'Una prueba de presión se sostiene',
  'circuit.product-listings-and-local-mechanical-code':
    'listado del producto y código mecánico local, edición no verificada',
  'circuit.pump-down-ends-at': 'Una recogida del gas termina a',
  'circuit.records': 'Registros',
  'circuit.records-of-recovered-refrigerant-and-of':
    'Los registros de refrigerante recuperado y de lo enviado a regenerar o destruir se guardan tres años.',
  'circuit.recover-at-least-to': 'Recuperar al menos a',
  'circuit.recover-into-recovery-cylinder-never-vent': 'Recupere {over} a un tanque de recuperación. Nunca ventee.',
  'circuit.refrigerant-is-never-vented-it-is':
    'El refrigerante nunca se ventea; personas certificadas lo recuperan a su nivel con máquinas certificadas.',
  'circuit.scale-tolerance-1-of-total-common':
    'báscula, ± {scaleUncertaintyOz}; tolerancia 1 % del total (práctica común)',
  'circuit.scroll-can-be-damaged-in-vacuum':
    'Un scroll se puede dañar en vacío, y no debe entrar aire. Nunca por debajo de 0 psig con A2L.',
  'circuit.service-valves-already-opened-factory-charge':
    'Válvulas de servicio ya abiertas, carga de fábrica en el sistema',
  'circuit.smallest-leak-hold-can-see-shrinks': 'La fuga más pequeña que ve una prueba se reduce con su tiempo.',
  'circuit.standing-vacuum-passes-at': 'Un vacío sostenido se aprueba con',
  'circuit.state-or-local-rule': 'Regla estatal o local',
  'circuit.still-to-weigh-in': 'Faltan {remainingOz} por pesar.',
  'circuit.system-now-holds': 'El sistema tiene ahora {inSystemOz}.',
  'circuit.that-is-all-that-is-left': 'Eso es todo lo que queda de {toWeighInOz}.',
  'circuit.to': 'de {capRange} a {capRange2}',
  'circuit.too-long': 'Demasiado largo.',
  'circuit.too-much-liquid-raises-head-pressure':
    'Demasiado líquido sube la presión de descarga y puede llegar al compresor.',
  'circuit.total-above-0-oz': 'un total por encima de 0 oz',
  'circuit.trap-holds-oil-that-gas-could-carry':
    'Una trampa retiene aceite que una subida bien medida arrastra sola, y agrega largo y carga.',
  'circuit.traps-in-vapor-line': 'Trampas en la línea de vapor',
  'circuit.unit-empty-recovered-or-shipped-dry': 'Equipo vacío (recuperado, o enviado seco)',
  'circuit.up-to-characters': 'hasta {mostCharacters} caracteres',
  'circuit.weigh-in-as-liquid': 'Pese {step} como líquido.',
  'circuit.weighed-in-of': 'Pesado {weighedOz} de {toWeighInOz}.',
  'circuit.weighed-in-open-service-valves-fully':
    'Carga pesada. Abra del todo las válvulas de servicio, ponga las tapas y firme la carga.',
  'circuit.went-in-where-was-wanted-check':
    'Entraron {weighedOz} donde se pedían {toWeighInOz}. Revise el largo de línea y lo que el equipo ya tenía.',
  'circuit.went-in-within-of-to-weigh':
    'Entraron {weighedOz}, a menos de {toleranceOz} de los {toWeighInOz} por pesar{heldBackOz}. El sistema tiene {inSystemOz}.',
  'circuit.what-carries-oil-is-momentum-of':
    'El aceite lo arrastra el impulso del vapor, no solo la velocidad; manda la tabla del fabricante.',
  'circuit.what-rule-asks-for': 'Lo que pide la regla',
  'circuit.what-section-is-built-for-finds':
    'Probar a lo que el tramo soporta encuentra más que una presión fácil de alcanzar.',
  'circuit.yyyy-mm-dd-or-empty': 'AAAA-MM-DD, o vacío',
  'circuit.rule-source-checked': '{source}; verificado {on}',
  'circuit.rule-source': '{source}; sin verificar: consulte la regla vigente',
  'circuit.quantity-weighed-in': 'pesado',
};
