import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'pressure.common-practice': 'práctica común',
  'pressure.low-side-not-known-never-more': 'lado de baja desconocido: nunca más que esto',
  'pressure.low-side-plate': 'placa del lado de baja',
  'pressure.gauge-hoses-and-valves': 'manómetro, mangueras y válvulas',
  'pressure.high-side-plate': 'placa del lado de alta',
  'pressure.company-school': 'política de la compañía',
  'pressure.expansion-valve-lets-pressure-through': 'La válvula de expansión deja pasar la presión.',
  'pressure.nobody-said-that-expansion-valve-is': 'Nadie ha dicho que la válvula de expansión esté abierta.',
  'pressure.shut-electronic-valve-keeps-half-circuit':
    'Una válvula electrónica cerrada deja medio circuito fuera de la prueba.',
  'pressure.drive-it-open-or-use-service': 'Ábrala con su motor o use el imán de servicio; anótelo en Líneas de cobre.',
  'pressure.is-above-what-may-be-put': '{targetPsig} está por encima de lo que se puede poner: {psig} por {by}.',
  'pressure.reduced-pressure-test-at': 'Prueba con presión reducida a {targetPsig}: {reducedBecause}.',
  'pressure.tested-at-allowed-by': 'Probado a {targetPsig}, {psig} permitidos por {by}.',
  'pressure.weakest-part-of-section-sets-pressure':
    'La parte más débil del tramo fija la presión; una presión menor encuentra menos.',
  'pressure.plate-code-tests-may-state-pressure': 'placa; las pruebas del código pueden fijar presión y tiempo',
  'pressure.bubbles-at': 'Burbujas en {value}.',
  'pressure.no-joint-is-logged-to-bubble': 'No hay uniones anotadas para probar con jabón.',
  'pressure.of-joints-not-bubbled-yet': '{count} de {count2} uniones aún sin probar con jabón.',
  'pressure.no-bubbles-at-any-of-joints': 'Sin burbujas en ninguna de {count} uniones.',
  'pressure.hold-of-half-hour-cannot-see': 'Una prueba sostenida de media hora no ve lo que el jabón muestra.',
  'pressure.iec-60335-2-40-asks-for':
    'IEC 60335-2-40 pide 5 g al año o mejor en uniones interiores hechas en campo, edición no verificada',
  'pressure.release-nitrogen-make-joint-again-test': 'Alivie el nitrógeno, haga otra vez la unión, pruebe otra vez.',
  'pressure.measured-pressure-is-held-against-what':
    'La presión medida se compara con lo que explica la sola temperatura, como gas real.',
  'pressure.virial-equation-of-nitrogen-propagation-of': 'ecuación virial del nitrógeno; propagación de incertidumbre',
  'pressure.hold-runs': 'La prueba está en marcha.',
  'pressure.no-hold-on-record': 'Sin prueba sostenida en el registro.',
  'pressure.from-expected': '{deltaPsi}{deltaPsi2} ± {uncertaintyPsi} de lo esperado',
  'pressure.hold-runs-after-of': 'La prueba está en marcha. Después de {held} de {holdMin}: {figures}.',
  'pressure.leaks-after': 'Fuga: {figures} después de {minutes}.',
  'pressure.bubble-every-joint-find-it-release':
    'Pruebe cada unión con jabón, encuéntrela, alivie, repare, pruebe otra vez.',
  'pressure.reads-too-high': 'Marca de más: {figures}.',
  'pressure.shade-thermometer-shut-cylinder-look-for':
    'Dé sombra al termómetro, cierre el tanque, busque refrigerante que quedó en los tubos; sostenga otra vez.',
  'pressure.held-at-not-at-planned': 'Se sostuvo a {psig}, no a los {targetPsig} planeados.',
  'pressure.bring-it-up-to-planned-pressure':
    'Súbala a la presión planeada y sostenga otra vez, o planee una prueba reducida con su motivo.',
  'pressure.no-leak-seen-but-held-only': 'No se ve fuga, pero solo se sostuvo {minutes} de {holdMin}.',
  'pressure.hold-it': 'Sostenga {holdMin}.',
  'pressure.no-leak-detected-after-smallest-it':
    'Sin fuga detectada: {figures} después de {minutes}; lo menos que se habría visto es {smallestLeakScfh}.',
};
