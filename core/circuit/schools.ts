/** Where good practitioners differ on the refrigerant circuit: the company chooses; default and reason stand beside it. */
export const CIRCUIT_SCHOOLS = [
  {
    id: 'pumpDownEnd',
    label: 'A pump-down ends at',
    options: [
      ['positive', '0 to 2 psig'],
      ['deep', 'Down to −10 inHg, only where it may'],
    ],
    standard: 'positive',
    reason: 'A scroll can be damaged in vacuum, and air must not be drawn in. Never below 0 psig with A2L.',
  },
  {
    id: 'companyLevel',
    label: 'Recover at least to',
    options: [
      ['legal', 'What the rule asks for'],
      ['10', '10 inHg, leakers excepted'],
    ],
    standard: '10',
    reason: 'Older courses ask 10 inHg of everything but R-22; it costs minutes.',
  },
  {
    id: 'pressureTarget',
    label: 'Pressure test at',
    options: [
      ['plate', 'The lowest plate limit of the section'],
      ['300', '300 psig, or the limit if lower'],
      ['150', '150 psig'],
    ],
    standard: 'plate',
    reason: 'What the section is built for finds more than what is easy to reach.',
  },
  {
    id: 'holdMin',
    label: 'A pressure test is held for',
    options: [
      ['30', '30 min, 60 for long or kept lines'],
      ['60', '60 min'],
      ['15', '15 min, 30 for long or kept lines'],
    ],
    standard: '30',
    reason: 'The smallest leak a hold can see shrinks with its time.',
  },
  {
    id: 'evacTarget',
    label: 'Evacuate to',
    options: [
      ['300', '300 µm'],
      ['500', '500 µm'],
      ['250', '250 µm'],
      ['200', '200 µm'],
    ],
    standard: '300',
    reason: 'Deep enough to show a wet system by its decay; the maker’s tighter figure wins.',
  },
  {
    id: 'decayLimit',
    label: 'A standing vacuum passes at',
    options: [
      ['500', '500 µm after 10 min'],
      ['750', '750 µm after 10 min'],
      ['1000', '1,000 µm after 10 min'],
    ],
    standard: '500',
    reason: 'At 500 µm water boils below −12 °F: no liquid water is left in warm pipes.',
  },
  {
    id: 'oilReturn',
    label: 'Oil return in risers',
    options: [
      ['entrainment', 'By entrainment at least capacity'],
      ['velocity', '1,000 fpm upward'],
    ],
    standard: 'entrainment',
    reason: 'What carries oil is momentum of the vapour, not speed alone; the maker’s table overrides.',
  },
] as const satisfies readonly {
  id: string;
  label: string;
  options: readonly (readonly [string, string])[];
  standard: string;
  reason: string;
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

/** How a school reads in a reason. */
export function circuitSchoolWords(schools: CircuitSchools, id: CircuitSchoolId): string {
  const school = CIRCUIT_SCHOOLS.find((s) => s.id === id)!;
  const option = (school.options as readonly (readonly [string, string])[]).find(([v]) => v === schools[id]);
  return `school: ${option?.[1] ?? schools[id]}`;
}
