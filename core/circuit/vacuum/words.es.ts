import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'vacuum.20-to-less-than': 'de 20 a menos de {startMicrons}',
  'vacuum.above': 'por encima de {endsAtMicrons}',
  'vacuum.and-cores': ' y núcleos',
  'vacuum.between-1-000-and-4-600': 'Entre 1,000 y 4,600 µm el agua se congela y suelta su vapor despacio.',
  'vacuum.blank-pump-off-above-100-m': 'Tape la bomba: por encima de 100 µm cambie el aceite.',
  'vacuum.blanked-off-pump-reaches': 'Tapada, la bomba llega a {microns}.',
  'vacuum.both-or-neither-for-ideal-connection': 'los dos, o ninguno para una conexión ideal',
  'vacuum.break-with-dry-nitrogen-to-2':
    'Rompa con nitrógeno seco a 2 psig, caliente el punto frío, deje reposar, baje otra vez.',
  'vacuum.change-pump-oil-clean-and-check':
    'Cambie el aceite de la bomba, limpie y revise el vacuómetro, tape otra vez.',
  'vacuum.close-pump-off-with-gauge-on': 'Cierre la bomba con el vacuómetro puesto y lea hasta dónde llega.',
  'vacuum.common-practice': 'práctica común',
  'vacuum.company-school-makers-tighter-figure-wins':
    'política de la compañía; manda el valor más estricto del fabricante',
  'vacuum.compressor-cannot-start': 'El compresor no puede arrancar.',
  'vacuum.compressor-is-not-locked-out': 'El compresor no está bloqueado.',
  'vacuum.compressor-that-starts-or-is-insulation':
    'Un compresor que arranca o se prueba su aislamiento en vacío hace arco por dentro.',
  'vacuum.core-lets-through-about-half-every': 'Un núcleo deja pasar la mitad: cada minuto de bomba se vuelve dos.',
  'vacuum.decay-of-shallow-vacuum-says-little': 'La subida de un vacío poco profundo dice poco.',
  'vacuum.gas-comes-in-as-fast-as': 'El gas entra tan rápido como la bomba lo saca.',
  'vacuum.gauge-and-pump-not-proven-by': 'Vacuómetro y bomba sin comprobar con la bomba tapada.',
  'vacuum.gauge-never-moved-frozen-or-disconnected':
    'El vacuómetro no se movió: congelado o desconectado. Compruébelo con la bomba tapada y pruebe otra vez.',
  'vacuum.gauge-sits': 'El vacuómetro está {gaugePlace}.',
  'vacuum.gauge-sits-on-system-far-from': 'El vacuómetro está en el sistema, lejos de la bomba.',
  'vacuum.good-above-change-oil': '{common}: {good} es bueno, por encima de {worst} cambie el aceite',
  'vacuum.hold-it-longer-or-sweep-with': 'Sosténgalo más, o barra con nitrógeno, baje y pruebe otra vez.',
  'vacuum.hose-needs-its-bore-and-its': 'Una manguera necesita su diámetro y su largo.',
  'vacuum.it-proves-gauge-pump-and-its':
    'Comprueba el vacuómetro, la bomba y su aceite antes de que juzguen el sistema.',
  'vacuum.it-rises-as-fast-from-5': 'Sube de los 5 a los 10 min tan rápido como antes: entra aire.',
  'vacuum.it-rose-past-what-water-at': 'Subió más de lo que puede dar el agua a esta temperatura: entra aire.',
  'vacuum.it-slows-down-but-does-not':
    'Va más lento pero no se sostiene: humedad, o una fuga pequeña. Léalo cada minuto por 20 min, o barra y pruebe otra vez.',
  'vacuum.it-stays-under-limit-and-hardly': 'Queda por debajo del límite y casi no sube de los 5 a los 10 min.',
  'vacuum.leak': 'Una fuga',
  'vacuum.least-squares-on-rise-thresholds-common':
    'mínimos cuadrados de la subida; límites de práctica común y valores de diseño',
  'vacuum.levels-off-near': 'se nivela cerca de {plateauMicrons}',
  'vacuum.lock-outdoor-unit-out-before-pump': 'Bloquee la unidad de afuera antes de arrancar la bomba.',
  'vacuum.m-min-at-end': '{leakMicronsPerMin} µm/min al final',
  'vacuum.moisture-or-outgassing': 'Humedad o desgasificación',
  'vacuum.move-gauge-to-far-side-of':
    'Mueva el vacuómetro al lado lejano del sistema, en una herramienta de núcleos con válvula.',
  'vacuum.near-pump-it-reads-pump-and': 'Cerca de la bomba lee la bomba y la manguera, no el sistema.',
  'vacuum.no-reading-at-min-test-read':
    'Sin lectura a los {missing} min: una prueba leída a mano necesita {typedStandingMin} min.',
  'vacuum.no-standing-test-yet': 'Aún sin prueba de vacío sostenido.',
  'vacuum.nothing-certain': 'Nada seguro',
  'vacuum.of-nitrogen-sweeps-done': '{count} de {sweepsWanted} barridos de nitrógeno hechos.',
  'vacuum.oil-and-residues-hold-water-that': 'Aceite y residuos guardan agua que un barrido de nitrógeno saca.',
  'vacuum.only-vacuum-that-holds-by-itself':
    'Solo un vacío que se sostiene por sí mismo muestra un sistema hermético y seco.',
  'vacuum.pipes-at-may-hide-ice-warm':
    'Tubos a {coldestPipeF} pueden esconder hielo: caliéntelos o barra con nitrógeno, y pruebe otra vez.',
  'vacuum.pull-on-to-and-test-again': 'Baje a {targetMicrons} y pruebe otra vez.',
  'vacuum.pump-holds-still-near-hoses-or':
    'La bomba se detiene cerca de {endsAtMicrons}: las mangueras o el gas no la dejan bajar más.',
  'vacuum.single-pull-on-circuit-with': 'Una sola bajada en un circuito con {wetReasons}.',
  'vacuum.sweep-to-little-nitrogen-pressure-bubble':
    'Barra con un poco de presión de nitrógeno, pruebe con jabón cada unión y herramienta, repárelo, baje y pruebe otra vez.',
  'vacuum.sweep-twice-with-dry-nitrogen-between': 'Barra dos veces con nitrógeno seco entre bajadas.',
  'vacuum.sweep-with-dry-nitrogen-warm-low':
    'Barra con nitrógeno seco, caliente los puntos bajos, cambie el aceite de la bomba, baje y pruebe otra vez.',
  'vacuum.take-both-cores-out-with-removal': 'Saque los dos núcleos con una herramienta para núcleos.',
  'vacuum.take-cores-out-use-short-wide': 'Saque los núcleos, use una manguera corta y ancha en cada lado.',
  'vacuum.target-must-lie-below-start': 'El objetivo debe estar por debajo del inicio.',
  'vacuum.test-began-at-is-asked-for': 'La prueba empezó en {startMicrons}; se piden {targetMicrons}.',
  'vacuum.through-these-hoses-only-of-reach':
    'Por estas mangueras{coresIn} solo llegan al sistema {speed} de {pumpCfm}.',
  'vacuum.tight': 'Hermético',
  'vacuum.triple-evacuation-breaks-vacuum-twice-with':
    'Una evacuación triple rompe el vacío dos veces con nitrógeno seco.',
  'vacuum.valve-cores-are-still-in': 'Los núcleos de válvula siguen puestos.',
  'vacuum.valve-pump-off-and-watch-rise':
    'Cierre la bomba y vea la subida: una subida recta es fuga, una que se nivela es humedad.',
  'vacuum.warm-low-places-sweep-with-dry':
    'Caliente los puntos bajos, barra con nitrógeno seco, cambie el aceite de la bomba; el agua líquida no se puede apurar.',
  'vacuum.water-boils-at-where-pipes-are':
    'El agua hierve a {water} donde los tubos están a {coldestPipeF}: ahí se detiene.',
  'vacuum.wet-oil-gives-its-own-vapour': 'El aceite húmedo devuelve su propio vapor.',
  'vacuum.standing-found': '{word}: {figures}.',
  'vacuum.microns-at-end': '{endMicrons} al final',
  'vacuum.minutes-run-backwards': 'Los minutos van hacia atrás.',
  'vacuum.minutes-in-order': 'minutos en orden',
  'vacuum.only-at-least-are-asked-for': 'Solo {end}: se piden al menos {leastMin}.',
  'vacuum.gauge-was-silent-for-what-happened': 'El vacuómetro calló por {silence}: no se sabe qué pasó entonces.',
  'vacuum.gauge-wanders-clean-it-prove-it':
    'El vacuómetro vaga: límpielo, compruébelo con la bomba tapada, pruebe otra vez.',
  'vacuum.it-stays-under-limit-and-hardly-2': 'Queda por debajo del límite y casi no sube.',
  'vacuum.it-rises-as-fast-at-end': 'Al final sube tan rápido como al principio: entra aire.',
  'vacuum.it-slows-down-towards-level-below':
    'Va más lento hacia un nivel por debajo del punto de ebullición del agua aquí: humedad o desgasificación.',
  'vacuum.neither-steady-rise-nor-clear-level':
    'Ni subida constante ni nivel claro: sosténgalo más, barra con nitrógeno, pruebe otra vez.',
};
