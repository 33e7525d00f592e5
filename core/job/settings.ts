import { CIRCUIT_SCHOOLS } from '@/core/circuit/schools';
import { isRuleSetting, refusesRule } from '@/core/circuit/transition-rules';
import type { Refusal } from '@/core/finding/outcome';
import { SCOPE_FIGURES, SCOPE_SCHOOLS } from '@/core/scope/schools';
import { DEFAULT_SCHOOLS, type StartUpSchools } from '@/core/startup/system';

/** Tolerances a company may set, with the range allowed. */
export const TOLERANCES: readonly {
  id: keyof StartUpSchools;
  label: string;
  unit: string;
  low: number;
  high: number;
  standard: number;
  reason: string;
}[] = [
  {
    id: 'subcoolingToleranceF',
    label: 'Subcooling may miss its target by',
    unit: '°F',
    low: 1,
    high: 6,
    standard: DEFAULT_SCHOOLS.subcoolingToleranceF,
    reason: 'California Title 24 RA3.2, from memory.',
  },
  {
    id: 'superheatToleranceF',
    label: 'Superheat may miss its target by',
    unit: '°F',
    low: 1,
    high: 10,
    standard: DEFAULT_SCHOOLS.superheatToleranceF,
    reason: 'California Title 24 RA3.2, from memory.',
  },
  {
    id: 'splitToleranceF',
    label: 'Air split may miss its target by',
    unit: '°F',
    low: 1,
    high: 6,
    standard: DEFAULT_SCHOOLS.splitToleranceF,
    reason: 'California Title 24 RA3.2, from memory.',
  },
];

/** Every school a company chooses, in the order of the work. */
export const SCHOOLS = [...SCOPE_SCHOOLS, ...CIRCUIT_SCHOOLS];

/** Why settings cannot be stored, or undefined. */
export function checkSettings(settings: Readonly<Record<string, string | number>>): Refusal | undefined {
  for (const [field, value] of Object.entries(settings)) {
    if (isRuleSetting(field)) {
      const refused = refusesRule(field, value);
      if (refused) return refused;
      continue;
    }
    const school = SCHOOLS.find((s) => s.id === field);
    const tolerance = [...TOLERANCES, ...SCOPE_FIGURES].find((t) => t.id === field);
    if (!school && !tolerance)
      return {
        field,
        message: `${field} is not a setting.`,
        allowed: [...SCHOOLS.map((s) => s.id), ...TOLERANCES.map((t) => t.id), ...SCOPE_FIGURES.map((t) => t.id)].join(
          ', ',
        ),
      };
    if (school) {
      const options = school.options.map(([v]) => v as string);
      if (typeof value !== 'string' || !options.includes(value))
        return { field, message: `${school.label}: not one of the schools.`, allowed: options.join(', ') };
    }
    if (tolerance && !(typeof value === 'number' && value >= tolerance.low && value <= tolerance.high)) {
      return {
        field,
        message: `${tolerance.label}: outside the allowed range.`,
        allowed: `${tolerance.low} to ${tolerance.high} ${tolerance.unit}`,
      };
    }
  }
  return undefined;
}
