import { tell } from '@/core/circuit/words';
import { POLICY } from '@/core/policy/figures';
import type { Label, Said } from '@/core/words/said';
/** Where good practitioners differ on the refrigerant circuit: the company chooses; default and reason stand beside it. */
export const CIRCUIT_SCHOOLS = [
  {
    id: 'pumpDownEnd',
    label: tell('circuit.pump-down-ends-at'),
    options: [
      ['positive', tell('circuit.0-to-2-psig')],
      ['deep', tell('circuit.down-to-10-inhg-only-where')],
    ],
    standard: 'positive',
    reason: tell('circuit.scroll-can-be-damaged-in-vacuum'),
  },
  {
    id: 'companyLevel',
    label: tell('circuit.recover-at-least-to'),
    options: [
      ['legal', tell('circuit.what-rule-asks-for')],
      ['10', tell('circuit.10-inhg-leakers-excepted')],
    ],
    standard: '10',
    reason: tell('circuit.older-courses-ask-10-inhg-of'),
  },
  {
    id: 'pressureTarget',
    label: tell('circuit.pressure-test-at'),
    options: [
      ['plate', tell('circuit.lowest-plate-limit-of-section')],
      ['300', tell('circuit.300-psig-or-limit-if-lower')],
      ['150', tell('circuit.150-psig')],
    ],
    standard: 'plate',
    reason: tell('circuit.what-section-is-built-for-finds'),
  },
  {
    id: 'holdMin',
    label: tell('circuit.pressure-test-is-held-for'),
    options: [
      ['30', tell('circuit.30-min-60-for-long-or')],
      ['60', tell('circuit.60-min')],
      ['15', tell('circuit.15-min-30-for-long-or')],
    ],
    standard: '30',
    reason: tell('circuit.smallest-leak-hold-can-see-shrinks'),
  },
  {
    id: 'evacTarget',
    label: tell('circuit.evacuate-to'),
    options: [
      ['300', '300 µm'],
      ['500', '500 µm'],
      ['250', '250 µm'],
      ['200', '200 µm'],
    ],
    standard: '300',
    reason: tell('circuit.deep-enough-to-show-wet-system'),
  },
  {
    id: 'decayLimit',
    label: tell('circuit.standing-vacuum-passes-at'),
    options: [
      ['500', tell('circuit.500-m-after-10-min')],
      ['750', tell('circuit.750-m-after-10-min')],
      ['1000', tell('circuit.1-000-m-after-10-min')],
    ],
    standard: String(POLICY.decayLimitMicrons.value),
    reason: tell('circuit.at-500-m-water-boils-below'),
  },
  {
    id: 'oilReturn',
    label: tell('circuit.oil-return-in-risers'),
    options: [
      ['entrainment', tell('circuit.by-entrainment-at-least-capacity')],
      ['velocity', tell('circuit.1-000-fpm-upward')],
    ],
    standard: 'entrainment',
    reason: tell('circuit.what-carries-oil-is-momentum-of'),
  },
  {
    id: 'traps',
    label: tell('circuit.traps-in-vapor-line'),
    options: [
      ['entrainment', tell('circuit.none-where-oil-is-carried-inverted-at-coil')],
      ['every-20-ft', tell('circuit.at-foot-and-every-20-ft')],
      ['none', tell('circuit.none-by-makers-drawing-only')],
    ],
    standard: 'entrainment',
    reason: tell('circuit.trap-holds-oil-that-gas-could-carry'),
  },
] as const satisfies readonly {
  id: string;
  label: Said;
  options: readonly (readonly [string, Label])[];
  standard: string;
  reason: Said;
}[];

export type CircuitSchoolId = (typeof CIRCUIT_SCHOOLS)[number]['id'];
export type CircuitSchools = Record<CircuitSchoolId, string>;
export const DEFAULT_CIRCUIT_SCHOOLS = Object.fromEntries(
  CIRCUIT_SCHOOLS.map((s) => [s.id, s.standard]),
) as CircuitSchools;

/** Company settings over the defaults; anything that is not one of the options is left out. */
export function circuitSchools(stored: Readonly<Record<string, unknown>> | undefined): CircuitSchools {
  const out = { ...DEFAULT_CIRCUIT_SCHOOLS };
  for (const s of CIRCUIT_SCHOOLS) {
    const chosen = stored?.[s.id];
    if (typeof chosen === 'string' && s.options.some(([v]) => v === chosen)) out[s.id] = chosen;
  }
  return out;
}
