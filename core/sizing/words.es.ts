import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'sizing.100-to-140': 'de 100 a 140 %.',
  'sizing.1000-to-btu-h': 'de 1000 a {capacity47Btuh} Btu/h',
  'sizing.above': 'por encima de {designF}',
  'sizing.acca-manual-j-is-method-this': 'El método es ACCA Manual J; esta herramienta nunca hace una carga térmica',
  'sizing.acca-manual-s-from-memory': 'ACCA Manual S, edición no verificada',
  'sizing.ahri-210-240-rating-points-from': 'Puntos de AHRI 210/240, edición no verificada',
  'sizing.air-side-sheet': 'hoja del lado de aire',
  'sizing.allowed': 'Permitido: {allowed}.',
  'sizing.ask-for-another-size': 'Pida otro tamaño.',
  'sizing.ask-for-next-size-down-it': 'Pida el tamaño menor; así trabajará en ciclos cortos y dejará el aire húmedo.',
  'sizing.ask-for-next-size-up-or':
    'Pida el tamaño mayor, o diga por escrito que no mantendrá la temperatura en los días más calurosos.',
  'sizing.ask-why-glass-ceilings-wrong-old': 'Pregunte por qué: ventanas, techos altos, ¿un tamaño viejo equivocado?',
  'sizing.auxiliary-heat-is-short-at-design': 'A la calefacción auxiliar le faltan {short} en diseño.',
  'sizing.balance-point-strips-stay-off-above':
    'Punto de equilibrio {balanceF}; las resistencias quedan apagadas por encima de {auxLockoutF}.',
  'sizing.chosen': '{tons} elegidas.',
  'sizing.common-practice': 'práctica común',
  'sizing.design-lost': 'Diseño {winterDesignF}, pérdida {heatLossBtuh}.',
  'sizing.duct-work-in-scope-or-smaller': 'Trabajo de ductos en el alcance, o un equipo más pequeño.',
  'sizing.ducts-there-serve': 'Los ductos de ahí sirven para {ductTons}.',
  'sizing.furnace-gives-of-heat-loss': 'El calentón da {share} de la pérdida de calor.',
  'sizing.furnaces-plate': 'la placa del calentón',
  'sizing.have-load-calculated-and-enter-its': 'Mande calcular una carga térmica y escriba su resultado con su fuente.',
  'sizing.heat-balance': 'balance de calor',
  'sizing.heat-pump': 'una bomba de calor',
  'sizing.heat-pump-gives-less-at-17':
    'Una bomba de calor da menos a 17 °F que a 47 °F: los dos son iguales o están cambiados.',
  'sizing.is-of-cooling-load': '{tons} es {share} de la carga de enfriamiento.',
  'sizing.it-reads-capacity-line-below-17':
    'Usa la línea de capacidad por debajo de 17 °F: decide la tabla del fabricante.',
  'sizing.less-air-too-cool-condenses-in': 'Menos aire: demasiado frío condensa en la chimenea.',
  'sizing.more-air-or-smaller-furnace-too': 'Más aire, o un calentón más pequeño: demasiado caliente lo agrieta.',
  'sizing.next-larger-heater-kit-check-its': 'El siguiente kit de resistencias; revise su circuito.',
  'sizing.no-load-calculation-entered': 'Sin cálculo de carga térmica.',
  'sizing.no-load-temperature-must-be-above': 'La temperatura sin carga debe estar por encima de la de diseño.',
  'sizing.of-strips-cover-missing-at-design': '{stripKw} de resistencias cubren los {auxKw} que faltan en diseño.',
  'sizing.old-units-size-is-no-proof': 'El tamaño del equipo viejo no comprueba que sea el correcto.',
  'sizing.plate-to-at': 'Placa: de {riseLowF} a {riseHighF}, con {cfm}.',
  'sizing.pump-carries-house-to-design-auxiliary':
    'La bomba mantiene la casa hasta el diseño; la calefacción auxiliar solo para descongelar y emergencia.',
  'sizing.question-it': ': cuestiónelo',
  'sizing.single-stage-unit': 'un equipo de una etapa',
  'sizing.take-low-temperature-capacity-from-makers':
    'Tome la capacidad a baja temperatura de la tabla del fabricante.',
  'sizing.temperature-rise': 'Alza de temperatura {r}.',
  'sizing.to-for': '{total} ({source}, {date}); hasta {most} % para {heatPump}.',
  'sizing.to-is-usual-question-never-size': 'De {low} a {high} es usual; una pregunta, nunca un tamaño.',
  'sizing.ton': '{ft2PerTon} por tonelada{areaUsual}.',
  'sizing.where-capacity-line-crosses-house-line': 'Donde la línea de capacidad cruza la línea de la casa.',
};
