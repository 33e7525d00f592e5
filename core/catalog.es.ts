import type { Prose } from './finding/calculation';

/** What the catalogue says of each calculation, in Spanish; the English stands with the calculation. */
export const CALCULATIONS_ES: Readonly<Record<string, Prose>> = {
  'saturation-pressure': {
    title: 'Presión de saturación',
    what: 'Presión de burbuja y de rocío de un refrigerante a una temperatura, como la marcaría un manómetro en este lugar.',
    formula: 'p(T) en las líneas de burbuja y de rocío, menos la presión del lugar',
    source: 'Ecuaciones de estado publicadas de cada refrigerante (vea core/refrigerant/coefficients)',
    notCovered: 'Aceite en el refrigerante, aire en el sistema, mezclas fraccionadas.',
  },
  'saturation-temperature': {
    title: 'Temperatura de saturación',
    what: 'Temperatura de burbuja y de rocío de un refrigerante a una presión manométrica.',
    formula: 'inversa de las líneas de burbuja y de rocío a psig + presión del lugar',
    source: 'Ecuaciones de estado publicadas de cada refrigerante (vea core/refrigerant/coefficients)',
    notCovered: 'Aceite en el refrigerante, aire en el sistema, mezclas fraccionadas.',
  },
  superheat: {
    title: 'Sobrecalentamiento',
    what: 'Cuánto está el vapor de succión sobre su punto de rocío. Negativo: vapor húmedo o una sonda mala.',
    formula:
      'sobrecalentamiento = temperatura de la línea de succión − temperatura de rocío a (psig de succión + presión del lugar)',
    source: 'Definición. Ecuaciones de estado publicadas de cada refrigerante (vea core/refrigerant/coefficients)',
    notCovered: 'La presión perdida entre el serpentín y la toma del manómetro.',
  },
  subcooling: {
    title: 'Subenfriamiento',
    what: 'Cuánto está el líquido bajo su punto de burbuja. Negativo: gas en la línea de líquido o una sonda mala.',
    formula:
      'subenfriamiento = temperatura de burbuja a (psig de líquido + presión del lugar) − temperatura de la línea de líquido',
    source: 'Definición. Ecuaciones de estado publicadas de cada refrigerante (vea core/refrigerant/coefficients)',
    notCovered: 'La presión perdida entre el condensador y la toma del manómetro; gases no condensables.',
  },
  'liquid-density': {
    title: 'Densidad del líquido saturado',
    what: 'Lo que pesa un pie cúbico de refrigerante líquido saturado a una temperatura.',
    formula: 'densidad en la línea de burbuja',
    source: 'Ecuaciones de estado publicadas de cada refrigerante (vea core/refrigerant/coefficients)',
    notCovered: 'El pequeño aumento de densidad del líquido subenfriado sobre su presión de burbuja.',
  },
  'target-superheat': {
    title: 'Sobrecalentamiento objetivo, orificio fijo',
    what: 'El sobrecalentamiento de succión que debe tener un sistema de pistón o capilar con este clima.',
    formula: '(3 × bulbo húmedo interior − 80 − bulbo seco exterior) / 2',
    source: 'Fórmula de carga muy publicada; California Title 24 RA3.2-2, edición no verificada',
    notCovered: 'Válvulas (TXV, EEV), calefacción y condiciones con resultado menor de 5 °F.',
  },
  'target-air-split': {
    title: 'Diferencia de aire objetivo',
    what: 'La caída de bulbo seco del retorno al suministro que da un serpentín con buen flujo en este aire.',
    formula: 'cuadrática en (bulbo seco de retorno − 75) y (bulbo húmedo de retorno − 63)',
    source: 'California Title 24 RA3.2-3, edición no verificada; 79–84 °F es extrapolado',
    notCovered:
      'Calefacción; flujo fuera de 350–450 CFM por ton; suministro leído en un difusor (marca 1–2 °F de menos).',
  },
  'condensing-over-ambient': {
    title: 'Condensación sobre el aire exterior',
    what: 'Cuánto está la temperatura de condensación sobre el aire que entra al condensador.',
    formula: 'temperatura de burbuja a la presión de líquido − bulbo seco exterior',
    source: 'Definición; los rangos normales son práctica común',
    notCovered: 'Unidades enfriadas por agua; aire que recircula hacia el serpentín.',
  },
  approach: {
    title: 'Aproximación',
    what: 'Cuánto está la línea de líquido sobre el aire que entra al condensador.',
    formula: 'temperatura de la línea de líquido − bulbo seco exterior',
    source: 'Definición; los rangos normales son práctica común',
    notCovered: 'El objetivo propio del fabricante, que manda cuando la placa da uno.',
  },
  'coil-difference': {
    title: 'Diferencia del evaporador',
    what: 'Cuánto está la temperatura de evaporación bajo el aire de retorno.',
    formula: 'bulbo seco de retorno − temperatura de rocío a la presión de succión',
    source: 'Definición; los rangos normales son práctica común',
    notCovered: 'Serpentines secos y flujo fuera de 350–450 CFM por ton.',
  },
  'compression-ratio': {
    title: 'Relación de compresión',
    what: 'Descarga entre succión, las dos absolutas.',
    formula: '(psig de líquido + lugar) / (psig de succión + lugar)',
    source: 'Definición; los rangos normales son práctica común',
    notCovered: 'La presión perdida en el condensador y las líneas.',
  },
  'expected-compressor-amps': {
    title: 'Amperes esperados del compresor',
    what: 'Lo que debe tomar un compresor de una velocidad con este aire exterior. El RLA es un dato de aprobación, no un objetivo.',
    formula: 'RLA × (0.65 + 0.010 × (exterior − 75))',
    source: 'Valor de diseño del modelo de sistema de este proyecto a 80/67 °F interior; la tabla del fabricante manda',
    notCovered: 'Compresores inverter, voltaje lejos de la placa, aire interior lejos de 80/67 °F.',
  },
  'maker-chart': {
    title: 'Tabla del fabricante en un punto',
    what: 'Lo que deben mostrar los manómetros en el modo de prueba del fabricante, entre los puntos de su tabla.',
    formula: 'líneas rectas entre puntos vecinos: por velocidad, luego aire exterior, luego aire interior',
    source: 'La tabla del fabricante como se escribió; la interpolación es lineal',
    notCovered: 'Nada fuera de la tabla: no extrapola. Si el modo de prueba de verdad se mantiene.',
  },
  'airflow-heat-rise': {
    title: 'Flujo de aire por el alza con resistencias',
    what: 'Flujo medido por el calor que dan las resistencias y cuánto más caliente sale el aire.',
    formula: 'volts × amperes × 3.412 / (1.08 × lugar/14.696 × alza)',
    source: 'Balance de calor del aire',
    notCovered:
      'Compresor o gas al mismo tiempo; amperes que incluyen el soplador; suministro leído a la vista de las resistencias.',
  },
  'airflow-static': {
    title: 'Flujo de aire por presión estática',
    what: 'Flujo por la estática externa total y dos puntos vecinos de la tabla del soplador.',
    formula: 'línea recta entre los dos puntos de la tabla',
    source: 'La tabla del fabricante para la velocidad en uso',
    notCovered: 'Puntos fuera de los dos dados; serpentín mojado donde la tabla es en seco.',
  },
  'airflow-drop': {
    title: 'Flujo de aire por la caída en serpentín o filtro',
    what: 'Flujo por la caída de presión en un serpentín o filtro limpio y un punto de la tabla de su fabricante.',
    formula: 'CFM de la tabla × √(caída / caída de la tabla)',
    source: 'La caída va con el cuadrado del flujo turbulento (leyes del ventilador, práctica común)',
    notCovered:
      'Filtros sucios; serpentín mojado donde la tabla es en seco; pliegues hondos, cuya caída crece menos que el cuadrado.',
  },
  'airflow-compared': {
    title: 'Flujo de aire por varios métodos',
    what: 'Si varias mediciones de un mismo flujo coinciden, cuánto dan juntas y cuál difiere.',
    formula:
      'pesos 1/margen²; dos coinciden dentro de √(margen₁² + margen₂²); difiere: el único sin el cual todas las demás coinciden',
    source: 'propagación de errores independientes; los márgenes de los métodos son cifras de la casa',
    notCovered: 'Errores que dos métodos comparten, como un área de ducto equivocada o aire que se fuga entre ellos.',
  },
  'moist-air': {
    title: 'Aire húmedo',
    what: 'Humedad absoluta, entalpía, punto de rocío, bulbo húmedo y humedad relativa del aire en un lugar.',
    formula: 'relaciones psicrométricas de ASHRAE a la presión de la altitud',
    source: 'ASHRAE Handbook Fundamentals, Psychrometrics, por la biblioteca psychrolib',
    notCovered: 'El clima fuera de la atmósfera estándar; aire bajo -20 o sobre 140 °F.',
  },
  'line-set-charge': {
    title: 'Carga de la línea',
    what: 'Onzas que se agregan por la línea que pasa del largo incluido en la carga de fábrica.',
    formula:
      '(largo − incluido) × (densidad del líquido × área interior [+ densidad del vapor × área de la línea de vapor]), o las oz/ft del fabricante',
    source:
      'Densidad del líquido de la ecuación de estado; interiores ASTM B280, edición no verificada; el dato del fabricante manda',
    notCovered: 'Serpentines, filtros y acumuladores; líneas de dos fases; líneas de líquido calientes o frías.',
  },
  'hose-charge': {
    title: 'Líquido que queda en la manguera',
    what: 'Cuánto de lo que salió del tanque se queda en la manguera como líquido.',
    formula: 'm = π/4 · interior² · largo · densidad del líquido',
    source: 'geometría; densidad del líquido saturado de la ecuación de estado',
    notCovered: 'Múltiples y mirillas; una manguera medio llena de vapor.',
  },
  'total-charge': {
    title: 'Carga total',
    what: 'Todo el refrigerante que debe tener el sistema.',
    formula: 'fábrica + línea + filtro + serpentín',
    source: 'Definición; las partes vienen de la placa, la tabla del fabricante o el cálculo de la línea',
    notCovered: 'Si las partes mismas son correctas: el dato de otro serpentín da un total malo.',
  },
  'to-weigh-in': {
    title: 'Falta por pesar',
    what: 'La parte del total que debe salir del tanque, después de lo que ya está en la unidad.',
    formula: 'total − carga de fábrica en la unidad (0 si está vacía)',
    source: 'Balance de masa',
    notCovered: 'Refrigerante perdido de una unidad que se creía cargada de fábrica.',
  },
  'charge-step': {
    title: 'Paso de corrección de carga',
    what: 'La siguiente cantidad pequeña que se agrega o recupera, y la espera antes de leer otra vez.',
    formula:
      'error ÷ (°F por oz); limitado al 3 % de la carga o 4 oz, lo que sea menor; ± dos errores estándar de la pendiente',
    source:
      'Valor de diseño: 2 % de la carga por °F de subenfriamiento, 1 % por °F de sobrecalentamiento; después lo que hizo este sistema × 0.7',
    notCovered: 'Si la carga es la falla: primero se comprueban flujo, serpentines, estabilidad y sondas.',
  },
  'tonnage-estimate': {
    title: 'Tamaño sin placa',
    what: 'Arma el tamaño de una unidad vieja con varias clases de evidencia, y dice cuándo se contradicen.',
    formula: 'media ponderada de ln(ton), w = 1/σ²; dispersión √(1/Σw) ampliada por √(χ²/(n−1)); rango t·exp(±1.645 s)',
    source: 'media ponderada con razón de Birge (libros de metrología); las σ de cada clase son valores de diseño',
    notCovered: 'Solo una estimación, no una selección: el tamaño sale de un cálculo de carga.',
  },
  'system-airflow': {
    title: 'Flujo de aire del sistema',
    what: 'Cuánto aire debe mover el soplador.',
    formula: 'ton × CFM por ton',
    source: 'práctica común: 350 húmedo, 400 estándar; el rango del fabricante manda',
    notCovered: 'Lo que de verdad dejan pasar los ductos.',
  },
  'round-duct-friction': {
    title: 'Fricción en ducto redondo',
    what: 'Qué tan rápido corre el aire en un ducto redondo y cuánta presión cuesta cada 100 ft.',
    formula: 'V = CFM/área; Colebrook para f; Δp = 1200 (f/D) ρ (V/1097)²',
    source: 'ASHRAE Handbook Fundamentals, Duct Design (Darcy–Weisbach con Colebrook), edición no verificada',
    notCovered:
      'Accesorios, altitud, aire caliente o frío (aire estándar a 0.075 lb/ft³), flujo bajo un número de Reynolds de 4000.',
  },
  'round-duct-size': {
    title: 'Tamaño de ducto redondo',
    what: 'El ducto redondo que lleva un flujo a la fricción que el soplador puede pagar.',
    formula: 'diámetro en que la fricción del flujo iguala la tasa, por bisección; luego el siguiente tamaño comercial',
    source: 'ASHRAE Handbook Fundamentals, Duct Design, edición no verificada; tamaños comerciales: práctica común',
    notCovered: 'Ruido: revise la velocidad. Flexible: dé su rugosidad, y su compresión aparte.',
  },
  'equivalent-diameter': {
    title: 'Diámetro redondo equivalente',
    what: 'El ducto redondo que iguala a uno rectangular en flujo y fricción.',
    formula: 'De = 1.30 (ab)^0.625 / (a + b)^0.25',
    source: 'Huebscher 1948, como en ASHRAE Handbook Fundamentals, Duct Design, edición no verificada',
    notCovered: 'Ductos más planos que 4 a 1, ducto ovalado.',
  },
  'rectangular-duct-size': {
    title: 'Tamaño de ducto rectangular',
    what: 'Qué ancho debe tener un ducto rectangular de altura conocida.',
    formula: 'ancho en que el diámetro equivalente iguala el tamaño redondo del flujo',
    source: 'Huebscher con fricción ASHRAE, edición no verificada',
    notCovered: 'Ductos más planos que 4 a 1; el forro reduce el interior.',
  },
  'flex-multiplier': {
    title: 'Flojedad del ducto flexible',
    what: 'Cuántas veces más presión cuesta un ducto flexible que quedó flojo.',
    formula: '1 + 0.58 c e^(−0.126 D), c en por ciento de compresión',
    source: 'ASHRAE Handbook Fundamentals, Duct Design, edición no verificada',
    notCovered: 'Panza entre tirantes y curvas más cerradas que un diámetro, que cuestan más.',
  },
  'duct-capacity': {
    title: 'Capacidad de un ducto existente',
    what: 'Lo que puede llevar un ducto redondo a una tasa de fricción, y el sistema más grande que puede colgar de él.',
    formula: 'flujo en que la fricción iguala la tasa; maxTons = CFM / CFM por ton',
    source: 'fricción ASHRAE, edición no verificada; 0.08 in. w.c. por 100 ft práctica común',
    notCovered: 'Accesorios, fugas y partes aplastadas; ducto rectangular (use su diámetro equivalente).',
  },
  'trunk-sections': {
    title: 'Ducto principal después de sus ramales',
    what: 'Da tamaño a cada tramo de un ducto principal según el aire que aún lleva.',
    formula: 'CFM del tramo = total − todo lo que salió antes; luego el tamaño redondo a la tasa de fricción',
    source: 'conservación del flujo; fricción ASHRAE, edición no verificada',
    notCovered: 'Pérdidas en accesorios y recuperación estática.',
  },
  'friction-rate': {
    title: 'Presupuesto de estática y tasa de fricción',
    what: 'La presión que queda para los ductos, y lo que puede costar cada 100 ft de ellos.',
    formula: '(ESP − serpentín − filtro − rejilla − difusor − compuertas) × 100 / largo efectivo mayor',
    source: 'ACCA Manual D, edición no verificada',
    notCovered: 'Si la tabla del soplador ya incluye el serpentín mojado o el filtro: pregunte, y deje esos en 0.',
  },
  'return-area': {
    title: 'Área de retorno y de filtro',
    what: 'Qué tan grandes deben ser la rejilla de retorno y el filtro.',
    formula: 'libre = CFM/400 × 144; bruta = libre / parte libre; filtro = CFM/300 × 144',
    source: '400 fpm de área libre práctica común; 300 fpm de cara de filtro ACCA Manual D, edición no verificada',
    notCovered: 'Filtros con velocidad nominal propia; ruido de la rejilla.',
  },
  'filter-face': {
    title: 'Velocidad en la cara del filtro',
    what: 'Qué tan rápido pasa el aire por un filtro, contra 300 fpm.',
    formula: 'CFM / (ancho × alto / 144)',
    source: '300 fpm: ACCA Manual D, edición no verificada',
    notCovered: 'El área de pliegues de filtros gruesos con capacidad propia.',
  },
  'zone-minimum': {
    title: 'La zona más chica',
    what: 'Si la zona más chica sola recibe el aire mínimo que la máquina puede mover.',
    formula: 'CFM de la zona más chica / CFM mínimo de la máquina; mínimo de una etapa = 0.85 × nominal',
    source: 'aritmética de flujos; 0.85 es valor de diseño; el aire mínimo del fabricante manda',
    notCovered: 'Zonas de descarga, fugas por compuertas cerradas.',
  },
  'zone-bypass': {
    title: 'Desvío de un sistema con zonas',
    what: 'Qué tan frío trabaja el serpentín cuando aire de suministro vuelve al retorno.',
    formula: 'Tin = Tretorno − β/(1−β) × ΔT; Tout = Tin − ΔT',
    source: 'mezcla de dos corrientes de aire, con la caída del serpentín fija',
    notCovered: 'La caída baja cuando el serpentín se enfría: este es el lado pesimista.',
  },
  'furnace-rise': {
    title: 'Alza de temperatura del calentón',
    what: 'Cuánto más caliente sale el aire de un calentón, para compararlo con el rango de su placa.',
    formula: 'salida / (1.08 × razón de presión × CFM)',
    source: 'calor sensible del aire estándar; atmósfera estándar para la altitud',
    notCovered: 'La reducción del quemador por altitud.',
  },
  'face-through-opening': {
    title: 'Una cara por un hueco',
    what: 'Si una cara de la unidad pasa por una puerta, portón o escotilla, derecha o girada.',
    formula: 'p ≤ a y q ≤ b; o p > a, q ≤ b y b ≥ (2pqa + (p² − q²)√(p² + q² − a²))/(p² + q²)',
    source: 'rectángulo en un rectángulo, Wetzel, edición no verificada',
    notCovered: 'Manos y embalaje (réstelos antes), y si hay lugar detrás del hueco.',
  },
  'hatch-pass': {
    title: 'Por una escotilla bajo techo bajo',
    what: 'Si una unidad puede inclinarse por una escotilla con el techo bajo, y a qué ángulo.',
    formula: 'algún θ con H/cosθ + t tanθ ≤ a y L cosθ + H sinθ ≤ h',
    source: 'geometría plana',
    notCovered:
      'Vigas y armaduras en el camino, y la tercera medida: revise la otra cara contra el ancho de la escotilla.',
  },
  'corridor-corner': {
    title: 'Por la esquina de un pasillo',
    what: 'Si una unidad larga puede dar vuelta en una esquina recta del pasillo.',
    formula: 'mínimo de a sinθ + b cosθ − L sinθ cosθ en la vuelta ≥ grueso',
    source: 'geometría plana (la escalera móvil, con grueso)',
    notCovered: 'Parar la unidad de punta, que muchas veces es mejor.',
  },
  'crossover-box': {
    title: 'Caja de cruce',
    what: 'Si el aire de retorno pasa junto al ducto de suministro dentro de una caja de cruce.',
    formula: 'libre = A × B − OD × B; fpm = CFM / área libre; 700 fpm o menos',
    source: 'conservación del flujo; 700 fpm práctica común',
    notCovered: 'Fugas de las uniones interiores: puentean el aire y deben sellarse y aislarse.',
  },
  'curb-overlap': {
    title: 'Aberturas de la unidad y la base',
    what: 'Cuánto de la abertura de la unidad queda sobre la abertura de la base.',
    formula: 'área de la intersección / área de la abertura más chica',
    source: 'geometría plana; 95 % bien y 80 % mínimo son valores de diseño',
    notCovered: 'Bridas y aislante que estrechan una abertura: escriba las medidas libres.',
  },
  'transition-slope': {
    title: 'Pendiente de una transición',
    what: 'Qué tan inclinado es un lado del adaptador o la transición, y qué altura necesitaría.',
    formula: 'atan(desfase / altura); altura para 20° = desfase / tan 20°',
    source: '20° revise, 30° límite: práctica común',
    notCovered: 'Álabes guía y adaptadores propios del fabricante.',
  },
  'flood-stand': {
    title: 'Soporte sobre la inundación',
    what: 'Qué tan alta debe estar la unidad para quedar sobre la inundación de diseño.',
    formula: '12 × (inundación de diseño + margen − terreno), mínimo 0; se pide a la pulgada siguiente',
    source: 'geometría; nivel de inundación y margen de la autoridad local',
    notCovered: 'Anclaje contra flotación y viento.',
  },
  'snow-stand': {
    title: 'Soporte sobre la nieve',
    what: 'Qué tan alta debe estar una bomba de calor por la nieve y su propia agua de deshielo.',
    formula: 'nieve de diseño + altura libre debajo',
    source: '6 in libres: práctica común; el manual del fabricante manda',
    notCovered: 'Ventiscas y nieve que cae del techo: elija otro lugar.',
  },
  'pad-slope': {
    title: 'Nivel de la base',
    what: 'Si una base está bastante a nivel para poner la unidad.',
    formula: 'desnivel / (largo / 12), contra ¼ en un pie',
    source: '¼ in/ft: práctica común; el manual del fabricante manda',
    notCovered: 'Una base que aún se mueve. La unidad nunca va sobre relleno suelto.',
  },
  condensate: {
    title: 'Condensado',
    what: 'Cuánta agua hace un serpentín de enfriamiento en una hora.',
    formula: 'latente / 1060; galones = libras / 8.345',
    source: 'calor latente del agua cerca de la temperatura del serpentín (tablas de vapor)',
    notCovered: 'Agua de deshielo, rebalse del humidificador.',
  },
  'furnace-condensate': {
    title: 'Condensado de un calentón de condensación',
    what: 'Lo más de agua ácida que puede hacer un calentón de gas de condensación en una hora.',
    formula: '1.13 gal por therm de entrada',
    source: 'estequiometría del metano, con cada gota condensada',
    notCovered: 'Propano (menos agua); la vida del neutralizador.',
  },
  'condensate-pump': {
    title: 'Bomba de condensado',
    what: 'Si la bomba mueve al menos el doble del agua a su altura.',
    formula: 'GPH de la bomba a la altura / gal/h ≥ 2',
    source: 'práctica común; la curva de la bomba a esa altura',
    notCovered: 'El interruptor de rebalse: debe cablearse y probarse.',
  },
  'drain-slope': {
    title: 'Caída del drenaje',
    what: 'Si un drenaje cae lo suficiente en su tramo, y qué caída necesita.',
    formula: 'caída / tramo contra 1/8 in/ft; ¼ preferido',
    source: 'IMC 307, edición no verificada; ¼ in/ft práctica común',
    notCovered: 'Panzas: un drenaje que cae en total y baja a medio camino falla.',
  },
  'drain-trap': {
    title: 'Trampa de condensado',
    what: 'Qué tan honda debe ser una trampa para que el abanico no la vacíe.',
    formula: 'salida H = p + 1; sello J = H / 2',
    source: 'práctica común; el dibujo del fabricante manda',
    notCovered: 'Serpentines con soplador antes y aparatos con trampa adentro: rechazados, tienen otras reglas.',
  },
  'float-trip': {
    title: 'Agua en la charola cuando dispara el flotador',
    what: 'Cuánta agua queda sobre el techo antes de que el flotador pare el enfriamiento, cuánto pesa y cuánto tarda.',
    formula: 'ancho × largo × hondo / 231; × 8.345 lb/gal; peso / tasa de condensado',
    source: 'volumen y densidad del agua',
    notCovered: 'Una charola desnivelada: dispara antes o después.',
  },
  'size-check': {
    title: 'Tamaño contra la carga',
    what: 'Si un tamaño es creíble para el área y está dentro de los límites contra un cálculo de carga.',
    formula: 'área / ton; ton × 12000 / carga',
    source: '400 a 1200 ft² por ton práctica común; 115 y 125 % ACCA Manual S, edición no verificada',
    notCovered: 'Nunca hace la carga y nunca cambia el tamaño.',
  },
  'balance-point': {
    title: 'Punto de equilibrio',
    what: 'La temperatura exterior bajo la cual la bomba de calor sola ya no calienta la casa, y el calor auxiliar de diseño.',
    formula: 'UA = pérdida/(sin carga − diseño); capacidad recta por 17 y 47 °F; donde se cruzan; aux = déficit/3412',
    source: 'balance de calor; puntos de prueba y hueco de escarcha AHRI 210/240, edición no verificada',
    notCovered: 'Bajo 17 °F extrapola: no comprobado salvo que el fabricante dé un punto. Calor de deshielo.',
  },
  'cylinder-fill': {
    title: 'Límite de llenado de un tanque de recuperación',
    what: 'Cuántas libras puede llevar un tanque de recuperación, y qué puede marcar la báscula como máximo.',
    formula: '0.8 × capacidad de agua × densidad del líquido / densidad del agua; bruto = neto + tara',
    source:
      '80 % de llenado: 49 CFR 173.304a y AHRI Guideline K, edición no verificada; densidad del líquido de la ecuación de estado',
    notCovered:
      'Aceite y refrigerantes mezclados ocupan su lugar; fecha de reprueba y presión de servicio son otras revisiones.',
  },
  'recovery-level': {
    title: 'Nivel de recuperación requerido',
    what: 'Qué vacío piden las reglas antes de abrir un circuito.',
    formula: 'clase por la presión del líquido saturado a 104 °F y la carga; nivel de la tabla',
    source: '40 CFR 82.152 y 82.156 Tabla 1, edición no verificada: revise la regla vigente',
    notCovered:
      'Recuperadoras de antes del 15 de noviembre de 1993; aparatos con fuga; un nivel más hondo de la empresa.',
  },
  'removal-method': {
    title: 'Recoger el gas o recuperadora',
    what: 'Si la unidad vieja puede recoger su propia carga, o debe hacerlo una máquina.',
    formula: 'toda condición conocida y cumplida, y carga ≤ 0.8 × volumen exterior × densidad del líquido a 105 °F',
    source: 'práctica común; densidad de la ecuación de estado',
    notCovered: 'Unidades inverter: solo el modo de recogida del fabricante. Recoger el gas no es una recuperación.',
  },
  'pump-down-rebound': {
    title: 'Rebote después de una recogida del gas',
    what: 'Si el lado de baja está bastante vacío para terminar con recuperadora, debe recogerse otra vez, o una válvula deja pasar.',
    formula:
      'rebote = presión a los 10 min − presión al parar, o − 0 psig si paró más abajo; ≤ 5 psi termine; más: repita una vez, luego recuperadora',
    source: 'práctica común',
    notCovered: 'El nivel de recuperación requerido es otra revisión: la recuperadora termina el lado de baja siempre.',
  },
  'recovered-share': {
    title: 'Recuperado contra esperado',
    what: 'Si el sistema viejo tenía su carga, había fugado, o tenía de más.',
    formula:
      '100 × recuperado / esperado; ≥ 95 coincide, 85–95 algo corto, menos de 85 fuga probable, más de 105 de más',
    source: 'balance de masa; rangos de práctica común',
    notCovered: 'Refrigerante que sigue en la unidad vieja; aceite que vino con él.',
  },
  'cylinder-identity': {
    title: 'Presión de un tanque en reposo',
    what: 'Si la presión va con la etiqueta, o habla de aire, de una mezcla o de otro refrigerante.',
    formula: '|P − Psat(T)| ≤ max(3 psi, 3 %)',
    source: 'presión de burbuja de la ecuación de estado; tolerancia de práctica común',
    notCovered: 'Refrigerantes de casi la misma presión: solo la placa o un analizador los distingue.',
  },
  'chill-ice': {
    title: 'Hielo para el tanque',
    what: 'Cuánto hielo toma el calor del refrigerante que la recuperadora bombea al tanque.',
    formula: 'hielo = recuperado × (h vapor 150 °F − h líquido 50 °F) / 144',
    source: 'entalpías de la ecuación de estado; calor de fusión del hielo 144 Btu/lb',
    notCovered: 'Calor del aire y del tanque mismo. El baño estropea la báscula: saque y seque antes de pesar.',
  },
  'section-volume': {
    title: 'Volumen de la sección',
    what: 'Cuánto lugar tienen adentro las líneas y el serpentín: fija el nitrógeno, la tasa de fuga y el tiempo de vacío.',
    formula:
      'áreas interiores × largo + 0.04 ft³ por ton del serpentín + 0.07 ft³ por ton de una unidad de afuera abierta',
    source: 'geometría; los volúmenes de serpentín y unidad son valores de diseño',
    notCovered: 'Recibidores y acumuladores. El volumen del fabricante es mejor.',
  },
  'braze-clearance': {
    title: 'Holgura de soldadura',
    what: 'Si un tubo y su copa pueden soldarse, o necesitan una reducción.',
    formula: '(interior de la copa − exterior del tubo) / 2, se quiere 0.001 a 0.006 in',
    source: 'práctica común; valor de diseño',
    notCovered: 'Profundidad de la unión, limpieza, calor.',
  },
  'flare-torque': {
    title: 'Torque del abocinado',
    what: 'Cuánto se aprieta una tuerca de abocinado.',
    formula: 'tabla por tamaño de tubo',
    source: 'práctica común; la tabla del fabricante va primero',
    notCovered: 'Un abocinado cortado para menos presión, rebabas, sellador en las caras.',
  },
  'drier-drop': {
    title: 'Caída en un filtro de succión',
    what: 'Cuántos grados de temperatura de evaporación cuesta un filtro de succión.',
    formula: 'pérdida = caída ÷ (dP/dT) de la línea de rocío a la temperatura de evaporación',
    source: 'definición de pérdida de saturación; línea de rocío de la ecuación de estado',
    notCovered: 'Caídas de más de 20 psi; la presión perdida en las válvulas a los dos lados.',
  },
  'liquid-margin': {
    title: 'Margen de la línea de líquido',
    what: 'Si el líquido aún llega como líquido al dispositivo de expansión, después de fricción, filtro y subida.',
    formula:
      'pérdida = (fricción + filtro + subida × densidad/144) / (dP/dT en condensación); margen = subenfriamiento − pérdida',
    source: 'hidrostática y Darcy–Weisbach; pendiente de saturación de la ecuación de estado',
    notCovered: 'Calor tomado en un ático caliente; calefacción, donde el líquido corre al revés.',
  },
  'line-insulation': {
    title: 'Aislante de la línea de vapor',
    what: 'El valor R del aislante de tubo, y si el agua se condensa en él.',
    formula: 'R = r2 ln(r2/r1)/k; superficie = Ta − (Ta − Tp)(1/h)/(R + 1/h)',
    source: 'conducción de calor por un tanque; k 0.27 y h 1.1 valores de manual, edición no verificada',
    notCovered: 'Huecos, espuma aplastada, sol. Un código puede pedir R-3: compare.',
  },
  'a2l-room': {
    title: 'A2L con detector de fugas',
    what: 'La menor área servida y la menor circulación cuando un detector arranca el soplador.',
    formula: 'm1 = 6 LFL, m2 = 52 LFL, m3 = 260 LFL; área = m/(0.5 LFL H), H ≤ 2.2 m; circulación = 30 m/LFL',
    source: 'UL/IEC 60335-2-40, edición no verificada; la tabla del fabricante manda',
    notCovered: 'Altitud, clase de fuga, varios sistemas en un espacio. Revise la edición vigente.',
  },
  'co2-equivalent': {
    title: 'Equivalente de CO₂ de una carga',
    what: 'Lo que pesaría la carga en el clima si escapara; algunas etiquetas lo piden.',
    formula: 'lb × 0.4536 × GWP / 1000',
    source: 'GWP a 100 años, IPCC AR4, edición no verificada',
    notCovered: 'Tablas de GWP más nuevas; revise cuál pide la etiqueta.',
  },
  'pump-down-storage': {
    title: 'Lugar para una recogida del gas',
    what: 'Si la unidad de afuera puede guardar toda la carga como líquido.',
    formula: '0.8 × volumen exterior × densidad del líquido a 105 °F',
    source: 'volumen y densidad; 80 % de llenado por analogía con los tanques',
    notCovered:
      'Un volumen desconocido no pasa: pregunte al fabricante. Una unidad con la carga recogida no está recuperada.',
  },
  'line-pressure-drop': {
    title: 'Caída de presión de una línea',
    what: 'Lo que cuesta una línea de succión o de líquido en presión y en temperatura de saturación, y qué tan rápido corre el refrigerante.',
    formula: 'ΔP = f (L/D) ρv²/2g; f de Darcy por Haaland; pérdida = ΔP / (dP/dT) en saturación',
    source: 'Darcy–Weisbach con Haaland; propiedades de la ecuación de estado; las viscosidades son estimadas',
    notCovered: 'Flujo de dos fases, subida del líquido (su propia revisión), calefacción.',
  },
  'riser-minimum': {
    title: 'Retorno de aceite en una subida de succión',
    what: 'La menor capacidad a la que el aceite aún sube por una línea vertical de succión.',
    formula: 'Gmin = 0.7225 √(ρv g D (ρaceite − ρv)); ton = Gmin × área / flujo por ton',
    source: 'Jacobs, en ASHRAE Handbook Refrigeration, edición no verificada',
    notCovered: 'Trampas y subidas dobles; el dibujo del fabricante manda. Las reglas de velocidad son otra escuela.',
  },
  'heating-line': {
    title: 'Líneas en calefacción',
    what: 'Lo que cuestan las líneas a una bomba de calor en calefacción: gas caliente al serpentín, líquido de regreso a la unidad de afuera, aceite en la subida de gas caliente.',
    formula:
      'Darcy–Weisbach en cada línea; pérdida de líquido = (fricción + filtro + altura × densidad/144)/(dP/dT); Gmin por Jacobs',
    source:
      'Darcy–Weisbach con Haaland; propiedades de la ecuación de estado; Jacobs en ASHRAE Handbook Refrigeration, edición no verificada; la viscosidad del gas caliente es estimada',
    notCovered:
      'Trampas y subidas dobles, descongelación, calor perdido en el camino. Las tablas del fabricante mandan.',
  },
  'standing-pressure': {
    title: 'Presión en reposo',
    what: 'Lo que dice la presión de un sistema viejo en reposo sobre lo que tiene: líquido, aire o mezcla, poco gas, o nada.',
    formula: 'p(frío) − tol … p(caliente) + tol, tol = máx(3 psi, 3 %); con líquido p ≈ p(frío)',
    source: 'saturación de la ecuación de estado; las tolerancias son valores de diseño',
    notCovered:
      'Qué gas es: lo dice un analizador. Un sistema que funcionó hace menos de dos horas, o con una válvula cerrada, no dice nada.',
  },
  'inner-volume': {
    title: 'Espacio en la unidad vieja de afuera',
    what: 'Cuánto refrigerante puede guardar como líquido una unidad de afuera, como un rango, cuando el fabricante no da volumen.',
    formula: 'V = (π/4·d²/paso)·cara·hileras; lb = 0.8·V·ρ(105 °F); ± 25 % con cara e hileras medidas',
    source: 'geometría; tamaños de tubo y cara práctica común; densidad de la ecuación de estado',
    notCovered:
      'Los serpentines de microcanal guardan mucho menos: recupere con máquina. Recibidores y acumuladores no se cuentan.',
  },
  'outdoor-sound': {
    title: 'Sonido en una ventana',
    what: 'Qué tan fuerte se oye una unidad de afuera en la ventana de un dormitorio o con el vecino, por su potencia de sonido.',
    formula: 'Lp = Lw + 10·log10 Q − 20·log10 r − 0.67; varias unidades por energía; ± 3 dB',
    source: 'propagación esférica; AHRI 275, edición no verificada; el crédito por barrera es valor de diseño',
    notCovered:
      'Reflejos de cercas y paredes más lejos, tonos, viento. Los límites locales mandan; un sonómetro decide.',
  },
  'bracket-load': {
    title: 'Soporte de pared',
    what: 'Si las anclas de un soporte de pared cargan una unidad de afuera, con hielo encima y vibrando.',
    formula: 'T = 1.5·W·distancia/(apoyo·soportes); V = 1.5·W/soportes; uso = T/Ta + V/Va ≤ 1',
    source:
      'estática; el factor de vibración y la suma lineal son valores de diseño; cargas permitidas de la tabla del ancla',
    notCovered: 'Viento, nieve encima y paredes que nadie conoce: fachada, forro y espuma no cargan nada.',
  },
  'pan-margin': {
    title: 'Charola bajo la unidad',
    what: 'Si la charola secundaria sobresale de la unidad por todos lados, y cuánta agua guarda antes de que dispare el flotador.',
    formula: '(charola − unidad)/2 − desvío, cada lado ≥ 3 in; gal = largo × ancho × altura del flotador/231',
    source: 'geometría; 3 in práctica común y un código mecánico, edición no verificada',
    notCovered: 'La pendiente de la charola: levante el flotador y vierta también en la esquina baja.',
  },
  'fitting-length': {
    title: 'Largo de una conexión de ducto',
    what: 'Cuántos pies de ducto recto cuesta un codo, una bota, una derivación o una caja.',
    formula: 'EL = C·(V/4005)²·100/caída',
    source: 'coeficientes de pérdida de manuales, redondeados, edición no verificada',
    notCovered: 'Conexiones muy juntas, y las dañadas. Los largos del fabricante o del manual valen más que estos.',
  },
  'nitrogen-hold': {
    title: 'Nitrógeno a otra temperatura',
    what: 'Lo que marca una prueba de presión hermética cuando los tubos se calentaron o enfriaron.',
    formula: 'densidad constante: P = dRT(1 + Bd + Cd²), resuelta al inicio, aplicada al final',
    source: 'ecuación virial del nitrógeno, coeficientes ajustados a su ecuación de estado',
    notCovered: 'Tubos a temperatura desigual; sol en parte de la línea.',
  },
  'hold-verdict': {
    title: 'Veredicto de una prueba de presión',
    what: 'Si una caída de la presión de prueba es el clima o una fuga, y la menor fuga que la prueba podía ver.',
    formula: 'δ = medido − esperado; U = 2√(u_g²(1 + (T2/T1)²) + 2(P u_T/T)²); menor fuga = U V / (14.7 h)',
    source: 'propagación de incertidumbre; repetición del manómetro 0.5 psi y termómetro 0.5 °F práctica común',
    notCovered: 'Se pide prueba de jabón en cada unión aunque la prueba pase.',
  },
  'nitrogen-budget': {
    title: 'Nitrógeno en la camioneta',
    what: 'Si el tanque de nitrógeno alcanza y sostiene la presión de prueba después de la purga.',
    formula:
      'Vw = nominal × 14.7/2230.7; Pmax = (Pcil Vw + 14.7 Vs)/(Vw + Vs) − 14.7; necesita = Pprueba (1 + Vs/Vw) + 50',
    source: 'ley de los gases a una temperatura; 50 psi de margen del regulador práctica común',
    notCovered: 'Fugas, y un tanque que se enfría al sacar.',
  },
  'pull-down': {
    title: 'Tiempo de vacío',
    what: 'Cuánto necesita una bomba, en el mejor caso, para llegar a un vacío por sus mangueras.',
    formula: 't = ∫ V dP / (S_ef (P − P_ult) − Q); 1/S_ef = 1/S + 1/C; C = πD⁴P̄/(128 µL) + 12.1 D³/L',
    source: 'libros de tecnología de vacío (conductancia viscosa y molecular de un tubo)',
    notCovered:
      'Humedad, aceite, una bomba cansada: este es el mejor caso, seco y hermético. Con núcleos puestos es más o menos la mitad.',
  },
  'standing-test': {
    title: 'Prueba de vacío sostenido',
    what: 'Distingue una fuga de la humedad por la forma de la subida después de cerrar la bomba.',
    formula:
      'pendientes por mínimos cuadrados a 1–4 min y en los últimos 3 min; recta, meseta y las dos ajustadas, la mejor por AICc',
    source: 'mínimos cuadrados; criterio de Akaike corregido; umbrales de práctica común y valores de diseño',
    notCovered:
      'Un vacío prueba solo una atmósfera: nunca reemplaza la prueba de presión. Una válvula o manguera que fuga sola.',
  },
  'water-saturation': {
    title: 'Agua bajo vacío',
    what: 'La presión a la que el agua líquida o el hielo en los tubos se vuelve vapor.',
    formula: 'presión de saturación del agua, sobre hielo bajo 32 °F, en micrómetros de mercurio',
    source: 'ASHRAE Fundamentals cap. 1 (psychrolib)',
    notCovered: 'Agua retenida en aceite o en un filtro.',
  },
  'room-charge-limit': {
    title: 'Carga y cuarto',
    what: 'Si un cuarto es bastante grande para una carga levemente inflamable cuando nada detecta una fuga.',
    formula: 'límite = max(6 LFL, 2.5 LFL^1.25 h0 √A), en kg y m',
    source: 'UL/IEC 60335-2-40, edición no verificada; la tabla del fabricante manda',
    notCovered: 'Detectores y circulación, altitud, varios cuartos juntos, límites sobre m2 y m3.',
  },
  'circuit-sizing': {
    title: 'Circuito de un equipo, por sus motores',
    what: 'Ampacidad mínima y breaker de un equipo cuya placa no se lee, o para comprobar una placa.',
    formula:
      'MCA = 1.25 L + resto; breaker: tamaño estándar igual o menor que 1.75 L + resto, a lo más 2.25 L + resto; ≥ 15 A, ≥ MCA',
    source: 'NEC 440.22, 440.33, 240.6(A), edición no verificada',
    notCovered: 'La placa, que manda donde se lea; equipos marcados solo para fusibles; calefacción eléctrica.',
  },
  'conductor-ampacity': {
    title: 'Ampacidad de un conductor',
    what: 'Lo que puede llevar un conductor de cobre con su aislamiento, terminales, entorno y vecinos.',
    formula:
      'mín(columna del aislamiento × factor de ambiente × factor de agrupamiento, columna del terminal); NM y UF nunca sobre su columna de 60 °C',
    source: 'NEC 110.14(C), 310.16, 310.15, 334.80, 340.80, edición no verificada',
    notCovered: 'Aluminio; techos al sol; conductores menores de 14 o mayores de 1 AWG.',
  },
  'conductor-size': {
    title: 'Calibre de un conductor',
    what: 'El conductor de cobre más delgado que lleva el circuito así tendido y mantiene el voltaje.',
    formula: 'el menor de 14 … 1 AWG con ampacidad ≥ MCA y caída ≤ el límite',
    source: 'NEC 310.16 y capítulo 9 tabla 8, edición no verificada; el límite es consejo del código',
    notCovered: 'Aluminio; calibres mayores de 1 AWG; el mínimo que pide un breaker en circuitos que no son de motor.',
  },
  'voltage-drop': {
    title: 'Caída de voltaje',
    what: 'Lo que pierde un tramo de cobre entre el panel y el equipo, en marcha o al arrancar.',
    formula: 'k × largo × Ω/1,000 ft × A / 1,000; k = 2 monofásico, √3 trifásico',
    source: 'Ley de Ohm; NEC capítulo 9 tabla 8 a 75 °C, trenzado, edición no verificada',
    notCovered: 'Reactancia, que cuenta desde 1 AWG; conexiones; aluminio.',
  },
  'equipment-ground': {
    title: 'Tierra del equipo',
    what: 'El cable de tierra de cobre que pide un breaker.',
    formula: 'tabla por breaker: 15 → 14; 20 → 12; hasta 60 → 10; hasta 100 → 8; hasta 200 → 6; hasta 300 → 4 AWG',
    source: 'NEC 250.122, edición no verificada',
    notCovered: 'Nunca mayor que los conductores de fase; crece con ellos si crecieron por caída; aluminio.',
  },
  'heat-kit': {
    title: 'Juego de resistencias',
    what: 'Lo que da y toma un juego de resistencias con el voltaje que hay, y los circuitos que necesita.',
    formula:
      'kW × (V/V nominal)²; A = 1,000 kW/V (÷ √3); ≤ 48 A por circuito; mínimo 1.25 × A; breaker: el estándar siguiente',
    source: 'Ley de Joule; NEC 424.4, 424.22, 240.6(A), edición no verificada',
    notCovered: 'La tabla de juegos en la manejadora, que manda; juegos listados para un solo circuito mayor.',
  },
  imbalance: {
    title: 'Desbalance de fases',
    what: 'Qué tan separadas están tres fases: poco en los voltios es mucho en el calor de un motor.',
    formula: '100 × mayor |x − media| / media',
    source: 'NEMA MG 1, edición no verificada',
    notCovered: 'Ángulo de fase; fase perdida, donde una lectura es casi nada.',
  },
  'inrush-reduction': {
    title: 'Reducción del arranque',
    what: 'Cuánto menos toma un compresor al arrancar con un arrancador suave.',
    formula: '100 × (antes − después) / antes',
    source: 'Definición; práctica común',
    notCovered: 'Picos contra RMS: ambos con un medidor y en un modo.',
  },
  'generator-start': {
    title: 'Generador al arrancar',
    what: 'Lo que debe dar un generador cuando arranca el compresor, con lo que ya corre.',
    formula: 'arranque × V / 1,000 + otros kVA',
    source: 'Definición de potencia aparente',
    notCovered: 'La caída permitida del generador; arranques trifásicos; el factor de potencia del arranque.',
  },
  capacitor: {
    title: 'Capacitor con carga',
    what: 'Lo que de verdad tiene un capacitor de marcha, por sus amperes y voltios mientras trabaja.',
    formula: '10⁶ × A / (2π × Hz × V)',
    source: 'Definición de reactancia capacitiva',
    notCovered: 'Un capacitor fuera del circuito; su tolerancia, que está en la etiqueta.',
  },
  'capacitor-discharge': {
    title: 'Descargar un capacitor',
    what: 'Cuánto debe quedar una resistencia aislada sobre un capacitor y qué debe aguantar. Nunca un destornillador.',
    formula: 't = R C ln(V pico / V final); W = V pico² / R; V pico = √2 × V',
    source: 'Descarga de un capacitor por una resistencia',
    notCovered: 'Buses de inversor: la espera de la etiqueta, y luego medir.',
  },
  'transformer-load': {
    title: 'Carga de un transformador de control',
    what: 'Qué tan lleno está un transformador de 24 V con todo lo que puede activarse a la vez.',
    formula: '100 × Σ VA / capacidad',
    source: 'Definición',
    notCovered: 'El arranque de las bobinas; un fusible de 3 A no protege un transformador de 40 VA, lleno a 1.67 A.',
  },
  'control-drop': {
    title: 'Caída en el cable de control',
    what: 'Lo que un cable de termostato largo deja de 24 V en la bobina al activarse.',
    formula: '2 × largo × Ω/1,000 ft × A / 1,000',
    source: 'Ley de Ohm; cobre 18 AWG 6.51, 20 AWG 10.35 Ω/1,000 ft, edición no verificada',
    notCovered: 'Lo que pierde el propio transformador con carga.',
  },
  'damper-position': {
    title: 'Posición de una compuerta de zona',
    what: 'Qué tan abierta está una compuerta sin retorno después de que su motor corrió un tiempo.',
    formula: '100 × marcha / carrera, a lo más 100 %',
    source: 'Definición',
    notCovered: 'El desliz que se acumula: llévela más allá de su tope de vez en cuando.',
  },
  'cable-conductors': {
    title: 'Conductores de un cable de control',
    what: 'Cuántos conductores pide un tramo y cuántos le faltan al cable que hay.',
    formula: 'necesarios = funciones distintas; faltan = necesarios − enteros',
    source: 'Un conductor, una función (práctica común)',
    notCovered: 'Los de reserva, que se quieren además; mallas y tierras, que nunca llevan una función.',
  },
  'control-network': {
    title: 'Red de control',
    what: 'Qué cargas de una red de 24 V se activan con una llamada, con una seguridad abierta o una falla de cableado.',
    formula:
      'unión de cables y contactos cerrados; voltajes nodales; una bobina entra a 18 V; se repite hasta que los relés se quedan quietos',
    source: 'Leyes de Kirchhoff; terminales usuales, práctica común; manda el diagrama del fabricante',
    notCovered: 'Controles que se comunican; tiempos antes de cumplirse; tableros de zonas.',
  },
  'duct-leakage': {
    title: 'Fuga de ductos a 25 Pa',
    what: 'Lo que fugan los ductos, de una lectura de un ventilador a cualquier presión, contra casa, aire y toneladas.',
    formula: 'CFM25 = CFM × (25/Pa)^0.65; por 100 ft² de piso, % del aire del sistema, por ton',
    source: 'Ley de potencia del flujo por rendijas; exponente 0.60 a 0.70, práctica común',
    notCovered: 'La fuga solo hacia afuera, que pide la casa a la misma presión; sellador sin curar.',
  },
  'balance-next': {
    title: 'Siguiente compuerta',
    what: 'Qué compuerta se cierra ahora, y cuánto, para que cada cuarto reciba su parte con pocos movimientos.',
    formula:
      'r = medido/pedido; la r menor es el índice; sigue la menor r más de 3 % arriba, cerrada hasta la r del índice; listo: todas |r − 1| ≤ 0.10',
    source: 'Balanceo proporcional, práctica común',
    notCovered: 'Ramales contra troncales; el abanico, que va al final; un difusor que falta en la lista.',
  },
  'air-capacity': {
    title: 'Capacidad de enfriamiento por el aire',
    what: 'Enfriamiento total, sensible y latente por el flujo de aire y los dos bulbos a ambos lados del serpentín.',
    formula:
      'total = 60·CFM/v·(h retorno − h suministro), v del aire de suministro; sensible = 60·CFM/v·(0.24 + 0.444 W)·(caída), W la media; latente = total − sensible',
    source: 'Balance de calor en la corriente de aire; ASHRAE Handbook Fundamentals, Psychrometrics',
    notCovered:
      'Calor de un soplador después de la sonda; CFM medidos en el retorno; unos CFM supuestos no prueban nada.',
  },
  'heat-rise-capacity': {
    title: 'Capacidad de calefacción por el aumento',
    what: 'El calor que se lleva un flujo de aire con el aumento de temperatura que se leyó.',
    formula: '1.08 × presión del lugar/14.696 × CFM × aumento',
    source: 'Balance de calor en la corriente de aire',
    notCovered:
      'Calor auxiliar que trabaja al mismo tiempo; suministro leído a la vista de resistencias o del intercambiador.',
  },
  'mixed-air': {
    title: 'Aire exterior en el aire mezclado',
    what: 'Cuánto del aire antes de un serpentín viene de afuera, por tres temperaturas.',
    formula: '100 × (mezclado − retorno) / (exterior − retorno)',
    source: 'Balance de calor de dos corrientes de aire, bulbo seco',
    notCovered: 'Retorno y exterior a menos de 10 °F uno del otro; corrientes que aún no se mezclan donde se lee.',
  },
  'gas-airflow': {
    title: 'Flujo de aire por calor de gas',
    what: 'Flujo de aire medido por la salida de un calentón y cuánto más caliente sale el aire.',
    formula: 'salida / (1.08 × presión del lugar/14.696 × aumento)',
    source: 'Balance de calor en la corriente de aire',
    notCovered:
      'Una salida que no venga de la entrada cronometrada y la eficiencia estable; suministro leído a la vista del intercambiador.',
  },
  'meter-clock': {
    title: 'Entrada de gas cronometrada',
    what: 'Lo que toma un quemador, por los segundos del dial de prueba del medidor; todo lo demás apagado.',
    formula: 'ft³/h = 3600 × dial × vueltas / segundos; entrada = ft³/h × poder calorífico',
    source: 'Definición; poder calorífico de la compañía, a la presión que ella mide',
    notCovered:
      'Presión o temperatura del medidor fuera de la base de la compañía; pilotos y otros aparatos que toman gas.',
  },
  'gas-altitude': {
    title: 'Entrada de gas en altura',
    what: 'La parte de la entrada de placa a la que se ajusta un quemador sin instrucciones propias a una elevación.',
    formula: '1 hasta 2000 ft; más arriba 1 − 0.04 × elevación/1000',
    source: 'NFPA 54, regla anterior, edición no verificada; mandan las instrucciones y la placa del fabricante',
    notCovered: 'Aparatos cuyo fabricante da sus propios juegos o tablas, como la mayoría de los de condensación.',
  },
  'co-air-free': {
    title: 'CO libre de aire',
    what: 'Monóxido de carbono en el gas de la chimenea como sería sin el exceso de aire que lo diluye.',
    formula: 'CO × 20.9 / (20.9 − O₂)',
    source: 'Balance de dilución; 20.9 % de oxígeno en el aire',
    notCovered: 'Lecturas con 20 % de oxígeno o más: eso es aire del cuarto, no gas de chimenea.',
  },
  'gas-pipe-hold': {
    title: 'Prueba de tubería de gas: presión tras un cambio de temperatura',
    what: 'La presión manométrica a la que llega una tubería hermética con aire o nitrógeno cuando solo cambió su temperatura.',
    formula: '(inicio + presión del lugar) × T2/T1 − presión del lugar, T absoluta',
    source: 'Gas ideal a volumen constante; la presión del lugar',
    notCovered:
      'Qué presión y cuánto tiempo: lo dicen el código de gas y el inspector. Sobre ½ psi se aíslan las válvulas.',
  },
  'strip-heat': {
    title: 'Calor eléctrico a otro voltaje',
    what: 'Lo que da y toma un calentador eléctrico con el voltaje que hay.',
    formula: 'kW = nominal × (V/V nominal)²; A = 1000 kW/V',
    source: 'Ley de Ohm; la resistencia del elemento se toma constante',
    notCovered: 'Bancos trifásicos; el soplador en el mismo circuito.',
  },
  'heating-capacity-line': {
    title: 'Capacidad de la bomba de calor según el exterior',
    what: 'Lo que da una bomba de calor a una temperatura exterior, por sus puntos nominales a 17 y 47 °F.',
    formula: 'recta por 17 y 47 °F; con escarcha, 90 % de ella a 35 °F y recta desde 17 °F por ese punto hasta 45 °F',
    source: 'puntos nominales y mella de escarcha AHRI 210/240, edición no verificada; manda la tabla del fabricante',
    notCovered:
      'Bajo 17 °F extrapola; inversores que mantienen su capacidad; calor que gasta descongelar más allá de la mella.',
  },
  diagnose: {
    title: 'Qué falla es',
    what: 'Qué tiene un sistema en frío, por todas las lecturas a la vez, qué tan seguro es y qué medir después.',
    formula:
      'creencia = qué tan seguido se encuentra × qué tan bien su firma coincide con las diferencias de lo esperado; vea docs/diagnosis.md',
    source: 'física del ciclo en miles de sistemas simulados; mediciones de seguimiento de práctica común',
    notCovered:
      'Calefacción; inversores fuera de su modo de prueba; dos fallas a la vez; flujo de aire y serpentines se toman por probados donde se aconseja sobre la carga.',
  },
  'diagnose-two': {
    title: 'Qué dos fallas a la vez',
    what: 'Qué par de fallas explica mejor todas las lecturas, donde una sola no lo hace.',
    formula:
      'creencia = cuán a menudo se dan ambas × cuánto coincide la suma de sus firmas con las diferencias de lo esperado',
    source: 'física del ciclo sobre miles de sistemas simulados; pruebas adicionales de práctica común',
    notCovered:
      'Si es una falla o dos; tres a la vez; una sonda junto a una falla; calefacción; inversores fuera de su modo de prueba.',
  },
  'critical-path': {
    title: 'Ruta crítica',
    what: 'Cuánto toma un trabajo que espera a otros, qué no puede atrasarse y cuánto puede el resto.',
    formula:
      'inicio temprano = fin más tardío de lo anterior; fin tardío = inicio más temprano de lo siguiente; holgura = su diferencia',
    source:
      'método de la ruta crítica, Kelley y Walker 1959; con límite de personas, en serie por inicio tardío, más largo, nombre',
    notCovered:
      'Equipo, ventanas de clima y personas de distintos oficios; no se demuestra que el plan en serie sea el más corto.',
  },
  'transition-pattern': {
    title: 'Transición rectangular',
    what: 'Los largos inclinados, la lámina y el lado más empinado de una transición de un rectángulo a otro.',
    formula:
      'inclinado = √(alto² + avance²); área = Σ (borde abajo + borde arriba)/2 × inclinado; pendiente = atan(|avance|/alto)',
    source: 'geometría de trapecios planos',
    notCovered: 'Extremos girados entre sí; costuras y pestañas, que se dibujan aparte.',
  },
  'square-to-round-pattern': {
    title: 'Cuadrado a redondo',
    what: 'Largos verdaderos para trazar una pieza de un rectángulo a un círculo centrado, y la lámina que toma.',
    formula: 'largo verdadero = √(Δx² + Δy² + h²); cuerda = D sen(π/N); área por Herón sobre todos los triángulos',
    source: 'triangulación, geometría',
    notCovered:
      'Extremos redondos desplazados; costuras, que se dibujan aparte. Los archivos de corte piden 48 puntos o más.',
  },
  'bend-allowance': {
    title: 'Margen de doblez',
    what: 'Cuánto de una pieza plana toma un doblez, y cuánto pierden por él dos largos exteriores.',
    formula: 'margen = θ (R + kT); deducción = 2 tan(θ/2)(R + T) − margen',
    source: 'geometría; k 0.44 práctica común, calibrado en la dobladora del taller',
    notCovered: 'Recuperación elástica, dobladillos, dobleces de 180 grados.',
  },
  'pan-blank': {
    title: 'Plantilla de charola',
    what: 'La pieza plana de la que se dobla una charola de drenaje, y cuánto pesa.',
    formula:
      'lado + 2 × (pared + dobladillo) − 2 × deducción de un doblez recto; peso de la plantilla menos cuatro esquinas de (pared + dobladillo)²',
    source:
      'geometría; k 0.44, radio igual al espesor: práctica común; pesos de la tabla de calibres, edición no verificada',
    notCovered: 'Conexiones de drenaje, esquinas soldadas; un dobladillo cuenta por su propio ancho.',
  },
  nest: {
    title: 'Acomodo en hojas',
    what: 'Cuántas hojas toma un juego de piezas rectangulares cuando cada corte va de orilla a orilla.',
    formula:
      'menos lotes cuyas piezas caben en una hoja, lado a lado o una sobre otra; aprovechamiento = piezas / hojas',
    source: 'todo patrón de guillotina hasta una docena de piezas; más allá, la mayor primero por mejor ajuste',
    notCovered: 'Veta, márgenes de orilla, formas irregulares: una pieza cuenta por el rectángulo que la rodea.',
  },
  'hood-fall': {
    title: 'Caída de una campana',
    what: 'Cuánto cae la tapa de una campana de intemperie alejándose del muro, al siguiente dieciseisavo de la cinta.',
    formula: 'avance/12 × caída por pie, al siguiente 1/16 in',
    source: 'geometría; un cuarto de pulgada por pie o más, práctica común',
    notCovered: 'Dobleces en cruz, nieve y charcos en una tapa ancha.',
  },
  'gas-pipe': {
    title: 'Tubo de gas',
    what: 'El tubo de acero que lleva todos los aparatos en el tramo más largo con la caída que permite el diseño.',
    formula: 'D = Q^0.381 / (19.17 (ΔH/(Cr L))^0.206); el primer tubo al 98 % de lo que llevaría',
    source: 'fórmula de baja presión de NFPA 54, edición no verificada; manda la tabla adoptada. Trabajo con licencia',
    notCovered: 'Conexiones más allá de su largo equivalente, tubería flexible, presiones de 1½ psig o más.',
  },
  'nitrogen-use': {
    title: 'Nitrógeno de un trabajo',
    what: 'El nitrógeno que toman juntos una prueba de presión y la purga al soldar.',
    formula: 'volumen × prueba/14.7 + purga × minutos/60',
    source: 'ley de los gases a una temperatura; la tubería ya contiene una atmósfera',
    notCovered: 'Una segunda prueba tras una fuga, barridos de vacío, lo que queda en la manguera.',
  },
  'duration-from-jobs': {
    title: 'Horas de trabajos propios',
    what: 'Cuánto toma el próximo trabajo de una clase: los propios de la empresa, acercados a un valor usual mientras son pocos.',
    formula:
      'ln h: centro = (n x̄ + 3 μ₀)/(n + 3); dispersión de los trabajos y un previo de tres con 0.30; 10 y 90 % a ±1.28 dispersiones',
    source: 'posterior normal-gamma inversa de ln horas; el previo es un valor de diseño',
    notCovered: 'Trabajos que no se parecen; una tendencia de año en año.',
  },
  'finish-chance': {
    title: 'Probabilidad de terminar',
    what: 'Qué tan probable es terminar a una hora, con lo menos, lo probable y lo más que toma cada paso.',
    formula: 'dos mil corridas sobre la red, cada paso sacado de un triángulo',
    source: 'Monte Carlo; pasos independientes entre sí',
    notCovered: 'Un día lento que atrasa cada paso; otras formas que triángulos dan otras colas.',
  },
  'heat-index': {
    title: 'Índice de calor',
    what: 'Qué tan caliente siente el aire una cuadrilla, y cuánto de una hora trabaja en él.',
    formula:
      'bajo 80 °F la media de T y 0.5 (T + 61 + 1.2 (T − 68) + 0.094 HR); arriba, la regresión con sus correcciones',
    source: 'Servicio Meteorológico Nacional de EE. UU.; trabajo y descanso son valores de diseño',
    notCovered: 'Viento, ropa, personas no acostumbradas al calor: un quinto del día el primero.',
  },
  price: {
    title: 'Precio de un trabajo',
    what: 'Costo, precio y anticipo de un trabajo con equipo, materiales y horas, con un margen del precio o un recargo sobre el costo.',
    formula:
      'precio = costo/(1 − margen) + derechos; margen = recargo/(1 + recargo); costo = equipo + materiales + horas × (salario + indirectos)',
    source: 'aritmética comercial',
    notCovered: 'Lo que la ley permite de anticipo, impuestos por renglón, descuentos.',
  },
  'later-cost': {
    title: 'Costo de hacerlo después',
    what: 'Lo que cuesta dejar una parte cuando hay que hacerla en una visita aparte dentro de unos años.',
    formula: '(parte + horas × tarifa + viaje + lb perdidas × precio + insumos)(1 + alza)^años',
    source: 'aritmética comercial; las horas son de la empresa',
    notCovered: 'Si la parte va a fallar: no se dan probabilidades, salvo las propias de la empresa.',
  },
  'bin-cost': {
    title: 'Costo de operación por rangos',
    what: 'Lo que cuesta un invierno con bomba de calor y resistencias, hora por hora de temperatura exterior, con un rango honesto.',
    formula:
      'r = min(1, carga/capacidad); kWh = kW r h/(1 − 0.25(1 − r)); las resistencias el resto; capacidad y potencia rectas de 17 a 47 °F con la baja por escarcha',
    source:
      'método de rangos; escarcha y degradación AHRI 210/240, edición no verificada; los rangos son valores de diseño',
    notCovered:
      'Las horas del lugar hay que darlas; calor de descongelar, paro nocturno, ventilador y espera, cargos por demanda.',
  },
};
