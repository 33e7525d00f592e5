import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  'setting.find-where-and-mend-before-power': 'Busque dónde y arréglelo antes de dar corriente',
  'setting.float-acted-too-late': 'El flotador actuó cuando ya rebosaba.',
  'setting.float-did-not-act': 'El flotador no actuó.',
  'setting.float-must-break-the-circuit': 'Cabléelo para que corte en 5 s',
  'setting.free-the-primary-and-pour-again': 'Libere el primario y vierta otra vez',
  'setting.house-rule-common-practice': 'regla de la casa, práctica común',
  'setting.pour-64-oz-in-2-min': 'Vierta 64 oz en 2 minutos',
  'setting.secondary-ran-with-the-primary-open': 'Corrió el secundario con el primario abierto.',
  'setting.set-float-lower-and-pour-again': 'Póngalo más abajo y vierta otra vez',
  'setting.slope-and-pan-then-pour-again': 'Revise pendiente y charola y vierta otra vez',
  'setting.too-little-came-out': '{out} de {poured} oz en {minutes} min.',
  'setting.too-little-poured': '{poured} oz vertidas: muy poco para saber.',
  'setting.trap-as-drawn-and-primed': 'Trampa como se dibujó, cebada, y vierta otra vez',
  'setting.trap-did-not-hold': 'La trampa no quedó llena.',
  'setting.water-came-out': '{out} de {poured} oz por el primario en {minutes} min.',
  'setting.water-that-does-not-leave-finds-the-ceiling': 'El agua que no sale por el drenaje encuentra el cielo raso.',
  'setting.water-went-into-the-house': 'El agua entró en la casa.',
  'setting.what-it-guards-ran-on': 'Lo que protege el flotador siguió {s} s.',
};
