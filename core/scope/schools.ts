/** Where good practitioners differ: the company chooses; the default and its reason stand beside it. */
export const SCOPE_SCHOOLS = [
  {
    id: 'bothCoils',
    label: 'Old coil with a new outdoor unit',
    options: [
      ['inspect', 'Inspect, disclose, keep a sound one'],
      ['by-age', 'Replace both coils from the age limit on'],
    ],
    standard: 'inspect',
    reason: 'A young, listed, clean coil is worth keeping; the risk is written down and signed.',
  },
  {
    id: 'coilAgeLimitYr',
    label: 'Coil age that counts as old',
    options: [
      ['10', '10 years'],
      ['12', '12 years'],
      ['8', '8 years'],
    ],
    standard: '10',
    reason: 'Thin tube walls: fixing one leak in an old coil often precedes the next.',
  },
  {
    id: 'suctionDrier',
    label: 'Suction drier',
    options: [
      ['burnout', 'After a burnout only'],
      ['kept-parts', 'Whenever line set or coil is kept'],
    ],
    standard: 'burnout',
    reason: 'It costs pressure; the maker’s word rules.',
  },
  {
    id: 'suctionDrierAfter',
    label: 'Suction drier after clean-up',
    options: [
      ['remove', 'Take it out when the oil is clean'],
      ['leave', 'Leave it in'],
    ],
    standard: 'remove',
    reason: 'A loaded drier goes on costing pressure for years.',
  },
  {
    id: 'kink',
    label: 'A kinked line',
    options: [
      ['replace', 'Replace the line set'],
      ['cut-out', 'Cut the kink out and prove it by test'],
    ],
    standard: 'replace',
    reason: 'Two more joints in a line nobody chose.',
  },
  {
    id: 'secondaryDrain',
    label: 'Secondary drain',
    options: [
      ['own', 'Its own conspicuous end'],
      ['pan', 'Into the pan with a float'],
    ],
    standard: 'own',
    reason: 'A drip that is seen warns someone.',
  },
  {
    id: 'cfmPerTon',
    label: 'Airflow planned',
    options: [
      ['400', '400 CFM a ton'],
      ['350', '350 CFM a ton, humid'],
      ['450', '450 CFM a ton, dry'],
    ],
    standard: '400',
    reason: 'The maker’s range rules.',
  },
] as const satisfies readonly {
  id: string;
  label: string;
  options: readonly (readonly [string, string])[];
  standard: string;
  reason: string;
}[];

/** Figures of the company's own that the scope works with. */
export const SCOPE_FIGURES = [
  {
    id: 'labourPerHour',
    label: 'Labour in the price lines',
    unit: 'an hour',
    low: 10,
    high: 1000,
    standard: 120,
    reason: 'A placeholder: put your own figure here.',
  },
] as const;
export type ScopeFigureId = (typeof SCOPE_FIGURES)[number]['id'];

export type ScopeSchoolId = (typeof SCOPE_SCHOOLS)[number]['id'];
export type ScopeSchools = Record<ScopeSchoolId, string> & Record<ScopeFigureId, number>;

export const DEFAULT_SCOPE_SCHOOLS = Object.fromEntries(
  [...SCOPE_SCHOOLS, ...SCOPE_FIGURES].map((s) => [s.id, s.standard]),
) as ScopeSchools;

/** Company settings over the defaults; anything that is not one of the options is left out. */
export function scopeSchools(stored: Readonly<Record<string, unknown>> | undefined): ScopeSchools {
  const out = { ...DEFAULT_SCOPE_SCHOOLS };
  for (const s of SCOPE_SCHOOLS) {
    const chosen = stored?.[s.id];
    if (typeof chosen === 'string' && s.options.some(([v]) => v === chosen)) out[s.id] = chosen;
  }
  for (const f of SCOPE_FIGURES) {
    const chosen = stored?.[f.id];
    if (typeof chosen === 'number' && chosen >= f.low && chosen <= f.high) out[f.id] = chosen;
  }
  return out;
}

/** How a school reads in a reason: "school: Inspect, disclose, keep a sound one". */
export function schoolWords(schools: ScopeSchools, id: ScopeSchoolId): string {
  const school = SCOPE_SCHOOLS.find((s) => s.id === id)!;
  const option = (school.options as readonly (readonly [string, string])[]).find(([v]) => v === schools[id]);
  return `school: ${option?.[1] ?? schools[id]}`;
}
