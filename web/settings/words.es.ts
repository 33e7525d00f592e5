import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'web.add-a-field': 'Agregar un campo',
  'web.address-of-this-product': 'Dirección de este producto, como la alcanza un teléfono',
  'web.cap-warming-potential': 'Tope, potencial de calentamiento',
  'web.checked-on': 'Verificado el',
  'web.code-leads-there':
    'El código de los reportes y etiquetas lleva ahí, a la página del trabajo. Sin dirección lleva el número del trabajo.',
  'web.default': 'Predeterminado: {sign}{standard} {unit}. {reason}',
  'web.default-2': 'Predeterminado: {x}. {reason}',
  'web.figures-taken-from': '{count} cifras tomadas de {name}.',
  'web.good-practitioners-differ-in-these-what':
    'Los buenos técnicos difieren en esto. Lo que se elige aquí se nombra en cada hallazgo y punto que lo usa. Las instrucciones del fabricante y el código local están antes que cualquier política.{mayEdit}',
  'web.holds-from': 'Se cumple desde',
  'web.hours': 'Horas',
  'web.hours-of-a-usual-winter': 'Horas de un invierno normal, por temperatura exterior',
  'web.in-general-terms-and-from-memory':
    'En términos generales, edición no verificada: consulte la regla vigente, escríbala aquí y diga qué día se verificó. La carga de cada trabajo se compara con lo que está aquí.',
  'web.leave-out': 'Quitar: {field}',
  'web.lines-of-your-own': 'Líneas propias',
  'web.materials-in': 'Materiales, {currency}',
  'web.move-up': 'Subir: {field}',
  'web.name-colon-what-it-says': 'Un nombre, dos puntos, lo que dice; una por línea. “Número de distribuidor: 4711”.',
  'web.none-written': 'ninguna escrita',
  'web.not-checked': 'sin verificar',
  'web.number-is-needed': 'Hace falta un número.',
  'web.offers': 'Ofertas',
  'web.outside-allowed-range-allowed-to': 'Fuera del rango permitido. Permitido: de {low} a {high} {unit}.',
  'web.owner-or-office-changes-them': ' El dueño o la oficina los cambian.',
  'web.papers-and-labels': 'Papeles y etiquetas',
  'web.placeholders-until-you-put-yours':
    'Valores de muestra hasta que ponga los suyos; el equipo no está incluido. En {currency}; nada se convierte. Lo que un cliente firmó conserva sus precios.',
  'web.price-list': 'Precios y horas',
  'web.read-csv': 'Leer un CSV',
  'web.row-not-taken': 'Fila {row}: {field} no se tomó. Permitido: {allowed}.',
  'web.rule': 'Regla',
  'web.rules-of-refrigerant-transition': 'Reglas de la transición de refrigerantes',
  'web.save-as-csv': 'Guardar como CSV',
  'web.save-the-address': 'Guardar la dirección',
  'web.save-the-sheet': 'Guardar la hoja',
  'web.sheet-for-the-warranty-desk': 'Hoja para el departamento de garantías del fabricante',
  'web.work': 'Trabajo',
};
