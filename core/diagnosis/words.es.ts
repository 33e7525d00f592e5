import type { en } from './words.en';

export const es: Readonly<Record<keyof typeof en, string>> = {
  'diagnosis.airflow':
    'Mida el flujo de aire por el aumento con resistencias, por presión estática o con una rejilla de flujo.',
  'diagnosis.charge-stays': 'La carga queda como está: {fault} explica mejor estas lecturas.',
  'diagnosis.cannot-tell': 'Las lecturas aún no lo dicen',
  'diagnosis.compressor-inlet': 'Pase la pinza de succión a la entrada del compresor y compare.',
  'diagnosis.drier-drop':
    'Ponga pinzas a ambos lados del filtro deshidratador: una caída de más de 3 °F es una restricción.',
  'diagnosis.feature-airflow-pct': 'Flujo de aire',
  'diagnosis.feature-condensing-over-f': 'Condensación sobre ambiente',
  'diagnosis.feature-discharge-f': 'Temperatura de descarga a estas presiones',
  'diagnosis.feature-evaporating-f': 'Temperatura del serpentín',
  'diagnosis.feature-load-pct': 'Corriente del compresor',
  'diagnosis.feature-pumped-pct': 'Corriente a estas presiones',
  'diagnosis.feature-split-f': 'Diferencia del aire',
  'diagnosis.feature-subcooling-f': 'Subenfriamiento',
  'diagnosis.feature-superheat-f': 'Sobrecalentamiento',
  'diagnosis.feature-wet-bulb-depression-f': 'Bulbo húmedo bajo el seco',
  'diagnosis.healthy': 'un sistema sano',
  'diagnosis.healthy-title': 'Nada apunta a una falla',
  'diagnosis.liquid-restriction': 'una restricción en la línea de líquido',
  'diagnosis.low-indoor-airflow': 'muy poco aire interior',
  'diagnosis.named': 'Lo más probable: {fault}',
  'diagnosis.non-condensables': 'aire u otro gas en el sistema',
  'diagnosis.off-pressure': 'Pare 30 min y lea la presión en reposo con la temperatura exterior.',
  'diagnosis.orifice-stamp': 'Lea el tamaño grabado en el orificio y compárelo con la hoja de combinación.',
  'diagnosis.orifice-too-large': 'un orificio demasiado grande',
  'diagnosis.orifice-too-small': 'un orificio demasiado pequeño',
  'diagnosis.outdoor-coil-blocked': 'un serpentín exterior tapado o un abanico exterior débil',
  'diagnosis.overcharge': 'demasiada carga',
  'diagnosis.probe-doubt': 'una sonda que muestra otra cosa',
  'diagnosis.pump-test':
    'Bombéelo hacia abajo por el procedimiento del fabricante: un compresor gastado no baja la presión.',
  'diagnosis.readings-contradict': 'Las lecturas se contradicen',
  'diagnosis.reversing-valve-leak': 'una válvula reversible que fuga por dentro',
  'diagnosis.second-look':
    'Quite y ponga de nuevo cada sonda, manómetros en cero; de paso mire el serpentín exterior y su aire.',
  'diagnosis.undercharge': 'muy poca carga',
  'diagnosis.valve-bulb':
    'Mire el bulbo de la válvula: lugar, abrazadera, aislamiento; caliéntelo en la mano y observe el sobrecalentamiento.',
  'diagnosis.valve-flooding': 'una válvula demasiado abierta',
  'diagnosis.valve-starving': 'una válvula que no abre',
  'diagnosis.weak-compressor': 'un compresor que bombea poco',
  'diagnosis.weigh-charge': 'Recupere la carga, pésela y cargue por peso lo que piden la placa y la línea.',
};
