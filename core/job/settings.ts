import { CIRCUIT_SCHOOLS } from '@/core/circuit/schools';
import { isRuleSetting, refusesRule } from '@/core/circuit/transition-rules';
import type { Refusal } from '@/core/finding/outcome';
import { refusal } from '@/core/finding/outcome';
import { tell } from '@/core/job/words';
import { BIN_FIGURES } from '@/core/money/bin-hours';
import { OFFER_FIGURES, TAX_ON } from '@/core/money/figures';
import { PRICE_RANGE, priceSetting, WORK_WORDS } from '@/core/policy/prices';
import { SCOPE_FIGURES, SCOPE_SCHOOLS } from '@/core/scope/schools';
import { DEFAULT_SCHOOLS, type StartUpSchools } from '@/core/startup/system';
import { type Label, q, type Said } from '@/core/words/said';

/** Tolerances a company may set, with the range allowed. */
export const TOLERANCES: readonly {
  id: keyof StartUpSchools;
  label: Said;
  unit: Label;
  low: number;
  high: number;
  standard: number;
  reason: Said;
}[] = [
  {
    id: 'subcoolingToleranceF',
    label: tell('job.subcooling-may-miss-its-target-by'),
    unit: '°F',
    low: 1,
    high: 6,
    standard: DEFAULT_SCHOOLS.subcoolingToleranceF,
    reason: tell('job.california-title-24-ra3-2-from'),
  },
  {
    id: 'superheatToleranceF',
    label: tell('job.superheat-may-miss-its-target-by'),
    unit: '°F',
    low: 1,
    high: 10,
    standard: DEFAULT_SCHOOLS.superheatToleranceF,
    reason: tell('job.california-title-24-ra3-2-from'),
  },
  {
    id: 'splitToleranceF',
    label: tell('job.air-split-may-miss-its-target'),
    unit: '°F',
    low: 1,
    high: 6,
    standard: DEFAULT_SCHOOLS.splitToleranceF,
    reason: tell('job.california-title-24-ra3-2-from'),
  },
];

/** Where this product is reached from outside: what the code on a paper leads to. Empty: it holds the job's number. */
export const PAGE_ADDRESS = 'pageAddress';
const ADDRESS = /^https?:\/\/[\w.-]+(:\d{1,5})?(\/[\w./-]*)?$/;

/** What stands on the sheet for a maker's warranty desk: names of fields, and lines of the company's own. */
export const DESK_SETTINGS = { fields: 'deskFields', own: 'deskOwn' } as const;
const MOST_DESK = 400;
/** One line of its own: what it is called, then what it says. */
const OWN_LINE = /^[^:\n]{1,60}:[^\n]{0,120}$/;

/** Why a text cannot be stored; undefined where it can. */
function refusesText(field: string, value: string | number): Refusal | undefined {
  if (field === PAGE_ADDRESS)
    return typeof value === 'string' && (value === '' || ADDRESS.test(value))
      ? undefined
      : refusal(field, tell('job.not-an-address'), tell('job.address-or-nothing'));
  const lines = String(value).split('\n').filter(Boolean);
  const fits = typeof value === 'string' && value.length <= MOST_DESK;
  if (field === DESK_SETTINGS.own)
    return fits && lines.every((l) => OWN_LINE.test(l))
      ? undefined
      : refusal(field, tell('job.not-a-line-of-its-own'), tell('job.name-colon-text', { most: MOST_DESK }));
  return fits && /^[a-zA-Z ]*$/.test(value)
    ? undefined
    : refusal(field, tell('job.not-names-of-fields'), tell('job.names-of-fields'));
}
const TEXTS: readonly string[] = [PAGE_ADDRESS, ...Object.values(DESK_SETTINGS)];

/** Every school a company chooses, in the order of the work. */
export const SCHOOLS = [...SCOPE_SCHOOLS, TAX_ON, ...CIRCUIT_SCHOOLS];
/** Every figure a company sets. */
const FIGURES = [...TOLERANCES, ...SCOPE_FIGURES, ...OFFER_FIGURES, ...BIN_FIGURES];

/** A price of the company's list as a figure with its range. */
function priceFigure(field: string): { label: Said; unit: Label; low: number; high: number } | undefined {
  const price = priceSetting(field);
  return price && { label: WORK_WORDS[price.work], ...PRICE_RANGE[price.part] };
}

/** Why settings cannot be stored, or undefined. */
export function checkSettings(settings: Readonly<Record<string, string | number>>): Refusal | undefined {
  for (const [field, value] of Object.entries(settings)) {
    if (TEXTS.includes(field)) {
      const refused = refusesText(field, value);
      if (refused) return refused;
      continue;
    }
    if (isRuleSetting(field)) {
      const refused = refusesRule(field, value);
      if (refused) return refused;
      continue;
    }
    const school = SCHOOLS.find((s) => s.id === field);
    const tolerance = FIGURES.find((t) => t.id === field) ?? priceFigure(field);
    if (!school && !tolerance)
      return refusal(
        field,
        tell('job.is-not-setting', { field }),
        [...SCHOOLS.map((s) => s.id), ...FIGURES.map((t) => t.id)].join(', '),
      );
    if (school) {
      const options = school.options.map(([v]) => v as string);
      if (typeof value !== 'string' || !options.includes(value))
        return refusal(field, tell('job.not-one-of-schools', { label: school.label }), options.join(', '));
    }
    if (tolerance && !(typeof value === 'number' && value >= tolerance.low && value <= tolerance.high)) {
      return refusal(
        field,
        tell('job.outside-allowed-range', { label: tolerance.label }),
        tell('job.to-2', {
          low: q(tolerance.low, 'number', 'as is'),
          high: q(tolerance.high, 'number', 'as is'),
          unit: tolerance.unit,
        }),
      );
    }
  }
  return undefined;
}
