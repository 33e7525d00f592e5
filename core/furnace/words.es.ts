import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'furnace.air-and-gas-belong-together': 'Aire y gas van juntos.',
  'furnace.co-air-free': '{co} de CO, libre de aire.',
  'furnace.co-in-room': '{room} de CO en el cuarto.',
  'furnace.common-practice-plate-and-maker-win': 'práctica común; mandan la placa y el fabricante',
  'furnace.common-practice-plate-wins': 'práctica común; manda la placa',
  'furnace.everybody-out-ventilate-call-fire-service':
    'Todos afuera, ventile y llame a los bomberos o a la compañía de gas.',
  'furnace.find-where-it-comes-from-before': 'Encuentre de dónde viene antes de que nadie se vaya.',
  'furnace.finding-gas-pressure-primary-air-and':
    'Encuentre la causa en presión de gas, aire primario e intercambiador de calor, y lea otra vez.',
  'furnace.inlet-gas-pressure-not-read': 'Presión de gas de entrada sin leer.',
  'furnace.inlet-to-for': 'Entrada {inletInWc}; de {low} a {high} para {fuel}.',
  'furnace.it-makes-carbon-monoxide': 'Produce monóxido de carbono.',
  'furnace.it-sets-how-much-gas-burns': 'Fija cuánto gas se quema.',
  'furnace.less-air-or-check-input': 'Menos aire, o revise la entrada de gas.',
  'furnace.let-it-burn-then-read-it': 'Déjelo quemar {leastRunMin} y lea todo otra vez.',
  'furnace.manifold-plate-gives': 'Múltiple {manifoldInWc}; la placa da {plateManifoldInWc}.',
  'furnace.manifold-pressure-not-read-against-its': 'Presión del múltiple sin leer contra su placa.',
  'furnace.more-air-blower-tap-filter-registers': 'Más aire: velocidad del soplador, filtro, rejillas.',
  'furnace.read-after-of-fire': 'Leído después de {ranMin} de fuego.',
  'furnace.read-inlet-pressure': 'Lea la presión de entrada.',
  'furnace.read-manifold-and-plate': 'Lea el múltiple y la placa.',
  'furnace.read-with-everything-on-line-burning': 'Lea con todo lo de la línea encendido.',
  'furnace.regulator-and-pipe-size-licensed-work': 'Regulador y tamaño del tubo: trabajo con licencia.',
  'furnace.rise-and-combustion-settle-in': 'El alza y la combustión se asientan en {leastRunMin}.',
  'furnace.set-it-to-plate-then-read': 'Ajústelo a la placa y lea otra vez el alza y el CO.',
  'furnace.shut-it-down-tag-it-out':
    'Apáguelo, póngale etiqueta de fuera de servicio y llame a personal con licencia. Nadie lo enciende.',
  'furnace.temperature-rise-plate-gives-to': 'Alza de temperatura {riseF}; la placa da de {low} a {high}.',
  'furnace.too-little-air-limit-trips-and': 'Muy poco aire: el límite se dispara y el intercambiador de calor sufre.',
  'furnace.too-much-air-or-too-little': 'Demasiado aire o muy poco gas: condensa donde no debe.',
  'furnace.up-to-is-good-above-it': 'Hasta {good} es bueno; por encima de {stop} se apaga.',
  'furnace.what-burns-well-and-vents-well': 'Lo que quema bien y ventila bien no deja nada.',
};
