export const en = {
  'power.below-its-peak': 'below its peak of {peakV} V',
  'power.elements-up-to-48-a-each': 'elements of up to 48 A each',
  'power.it-never-held-more': 'is at or above what it ever held',
  'power.mca-up-to': 'a minimum circuit ampacity up to {most} A',
  'power.more-than-largest-standard-size': 'needs more than the largest standard breaker',
  'power.no-size-up-to-1-awg-carries-it': 'is more than 1 AWG copper carries as it is laid',
  'power.no-size-up-to-1-awg-holds-the-drop': 'is too long: not even 1 AWG keeps the drop',
  'power.one-element-is-above-48-a': 'has an element above 48 A',
  'power.shorter-run-or-larger-wire': 'a shorter run, a larger limit, or wire above 1 AWG by hand',
  'power.smaller-circuit-or-larger-wire': 'a smaller circuit, or wire above 1 AWG by hand',
  'power.too-hot-for-this-insulation': 'is too hot for 60 °C insulation',
  'power.up-to-131-or-better-insulation': 'up to 131 °F, or 75 °C insulation',
} as const;
