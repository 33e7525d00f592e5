import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'vacuum.20-to-less-than': 'de 20 a menos de {startMicrons}',
  'vacuum.above': 'por encima de {endsAtMicrons}',
  'vacuum.and-cores': ' y núcleos',
  'vacuum.between-1-000-and-4-600': 'Entre 1,000 y 4,600 µm el agua se congela y suelta su vapor despacio.',
  'vacuum.blank-pump-off-above-100-m': 'Tape la bomba: por encima de 100 µm cambie el aceite.',
  'vacuum.both-or-neither-for-ideal-connection': 'los dos, o ninguno para una conexión ideal',
  'vacuum.break-with-dry-nitrogen-to-2':
    'Rompa con nitrógeno seco a 2 psig, caliente el punto frío, deje reposar, baje otra vez.',
  'vacuum.gas-comes-in-as-fast-as': 'El gas entra tan rápido como la bomba lo saca.',
  'vacuum.gauge-never-moved-frozen-or-disconnected':
    'El vacuómetro no se movió: congelado o desconectado. Compruébelo con la bomba tapada y pruebe otra vez.',
  'vacuum.hose-needs-its-bore-and-its': 'Una manguera necesita su diámetro y su largo.',
  'vacuum.it-rises-as-fast-from-5': 'Sube de los 5 a los 10 min tan rápido como antes: entra aire.',
  'vacuum.it-rose-past-what-water-at': 'Subió más de lo que puede dar el agua a esta temperatura: entra aire.',
  'vacuum.it-slows-down-but-does-not':
    'Va más lento pero no se sostiene: humedad, o una fuga pequeña. Léalo cada minuto por 20 min, o barra y pruebe otra vez.',
  'vacuum.it-stays-under-limit-and-hardly': 'Queda por debajo del límite y casi no sube de los 5 a los 10 min.',
  'vacuum.no-reading-at-min-test-read':
    'Sin lectura a los {missing} min: una prueba leída a mano necesita {typedStandingMin} min.',
  'vacuum.pipes-at-may-hide-ice-warm':
    'Tubos a {coldestPipeF} pueden esconder hielo: caliéntelos o barra con nitrógeno, y pruebe otra vez.',
  'vacuum.pump-holds-still-near-hoses-or':
    'La bomba se detiene cerca de {endsAtMicrons}: las mangueras o el gas no la dejan bajar más.',
  'vacuum.take-cores-out-use-short-wide': 'Saque los núcleos, use una manguera corta y ancha en cada lado.',
  'vacuum.target-must-lie-below-start': 'El objetivo debe estar por debajo del inicio.',
  'vacuum.through-these-hoses-only-of-reach':
    'Por estas mangueras{coresIn} solo llegan al sistema {speed} de {pumpCfm}.',
  'vacuum.valve-pump-off-and-watch-rise':
    'Cierre la bomba y vea la subida: una subida recta es fuga, una que se nivela es humedad.',
  'vacuum.warm-low-places-sweep-with-dry':
    'Caliente los puntos bajos, barra con nitrógeno seco, cambie el aceite de la bomba; el agua líquida no se puede apurar.',
  'vacuum.water-boils-at-where-pipes-are':
    'El agua hierve a {water} donde los tubos están a {coldestPipeF}: ahí se detiene.',
  'vacuum.wet-oil-gives-its-own-vapour': 'El aceite húmedo devuelve su propio vapor.',
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
