import { BIN_FIGURES, type BinHours } from '@/core/money/bin-hours';
import { OFFER_FIGURES, type OfferFigures, TAX_ON } from '@/core/money/figures';
import { POLICY } from '@/core/policy/figures';
import { PRICE_RANGE, type PriceKey, type Prices, priceSetting, STANDARD_PRICES } from '@/core/policy/prices';
import { tell } from '@/core/scope/words';
import type { Label, Said } from '@/core/words/said';
/** Where good practitioners differ: the company chooses; the default and its reason stand beside it. */
/** Money that a company may count in. */
export const CURRENCIES = ['USD', 'CAD', 'MXN'] as const;
export const CURRENCY_WORDS = {
  USD: tell('scope.currency-usd'),
  CAD: tell('scope.currency-cad'),
  MXN: tell('scope.currency-mxn'),
} as const;

export const SCOPE_SCHOOLS = [
  {
    id: 'bothCoils',
    label: tell('scope.old-coil-with-new-outdoor-unit'),
    options: [
      ['inspect', tell('scope.inspect-disclose-keep-sound-one')],
      ['by-age', tell('scope.replace-both-coils-from-age-limit')],
    ],
    standard: 'inspect',
    reason: tell('scope.young-listed-clean-coil-is-worth'),
  },
  {
    id: 'coilAgeLimitYr',
    label: tell('scope.coil-age-that-counts-as-old'),
    options: [
      ['10', tell('scope.10-years')],
      ['12', tell('scope.12-years')],
      ['8', tell('scope.8-years')],
    ],
    standard: '10',
    reason: tell('scope.thin-tube-walls-fixing-one-leak'),
  },
  {
    id: 'suctionDrier',
    label: tell('scope.suction-drier-2'),
    options: [
      ['burnout', tell('scope.after-burnout-only')],
      ['kept-parts', tell('scope.whenever-line-set-or-coil-is')],
    ],
    standard: 'burnout',
    reason: tell('scope.it-costs-pressure-makers-word-rules'),
  },
  {
    id: 'suctionDrierAfter',
    label: tell('scope.suction-drier-after-clean-up'),
    options: [
      ['remove', tell('scope.take-it-out-when-oil-is')],
      ['leave', tell('scope.leave-it-in')],
    ],
    standard: 'remove',
    reason: tell('scope.loaded-drier-goes-on-costing-pressure'),
  },
  {
    id: 'kink',
    label: tell('scope.kinked-line'),
    options: [
      ['replace', tell('scope.replace-line-set')],
      ['cut-out', tell('scope.cut-kink-out-and-prove-it')],
    ],
    standard: 'replace',
    reason: tell('scope.two-more-joints-in-line-nobody'),
  },
  {
    id: 'secondaryDrain',
    label: tell('scope.secondary-drain'),
    options: [
      ['own', tell('scope.its-own-conspicuous-end')],
      ['pan', tell('scope.into-pan-with-float')],
    ],
    standard: 'own',
    reason: tell('scope.drip-that-is-seen-warns-someone'),
  },
  {
    id: 'inspection',
    label: tell('scope.permit-and-inspection'),
    options: [
      ['note', tell('scope.written-down-only')],
      ['ask', tell('scope.asked-for-before-hand-over')],
    ],
    standard: 'note',
    reason: tell('scope.inspector-often-comes-later'),
  },
  {
    id: 'currency',
    label: tell('scope.currency'),
    options: CURRENCIES.map((c) => [c, CURRENCY_WORDS[c]] as const),
    standard: 'USD',
    reason: tell('scope.currency-why'),
  },
  {
    id: 'cfmPerTon',
    label: tell('scope.airflow-planned'),
    options: [
      ['400', tell('scope.400-cfm-ton')],
      ['350', tell('scope.350-cfm-ton-humid')],
      ['450', tell('scope.450-cfm-ton-dry')],
    ],
    standard: String(POLICY.cfmPerTon.value),
    reason: tell('scope.makers-range-rules'),
  },
] as const satisfies readonly {
  id: string;
  label: Said;
  options: readonly (readonly [string, Label])[];
  standard: string;
  reason: Said;
}[];

/** Figures of the company's own that the scope works with. */
export const SCOPE_FIGURES = [
  {
    id: 'labourPerHour',
    label: tell('scope.labour-in-price-lines'),
    unit: tell('scope.an-hour'),
    low: 10,
    high: 1000,
    standard: 120,
    reason: tell('scope.placeholder-put-your-own-figure-here'),
  },
  {
    id: 'hotAtticF',
    label: tell('scope.attic-that-counts-as-hot'),
    unit: '°F',
    low: 80,
    high: 140,
    standard: 100,
    reason: tell('scope.heat-rules-of-employer-come-first'),
  },
  {
    id: 'registerDays',
    label: tell('scope.equipment-is-registered-within'),
    unit: tell('scope.days-unit'),
    low: 7,
    high: 365,
    standard: 60,
    reason: tell('scope.makers-paper-has-its-own-days'),
  },
] as const;
export type ScopeFigureId = (typeof SCOPE_FIGURES)[number]['id'];

export type ScopeSchoolId = (typeof SCOPE_SCHOOLS)[number]['id'];
export type ScopeSchools = Record<ScopeSchoolId, string> &
  Record<ScopeFigureId, number> &
  OfferFigures &
  BinHours &
  Prices;

const PICKED = [...SCOPE_SCHOOLS, TAX_ON];
const FIGURES = [...SCOPE_FIGURES, ...OFFER_FIGURES, ...BIN_FIGURES];

export const DEFAULT_SCOPE_SCHOOLS = {
  ...Object.fromEntries([...PICKED, ...FIGURES].map((s) => [s.id, s.standard])),
  ...STANDARD_PRICES,
} as ScopeSchools;

/** Company settings over the defaults; anything that is not one of the options is left out. */
export function scopeSchools(stored: Readonly<Record<string, unknown>> | undefined): ScopeSchools {
  const out = { ...DEFAULT_SCOPE_SCHOOLS };
  for (const s of PICKED) {
    const chosen = stored?.[s.id];
    if (typeof chosen === 'string' && s.options.some(([v]) => v === chosen)) out[s.id] = chosen;
  }
  for (const f of FIGURES) {
    const chosen = stored?.[f.id];
    if (typeof chosen === 'number' && chosen >= f.low && chosen <= f.high) out[f.id] = chosen;
  }
  for (const [id, chosen] of Object.entries(stored ?? {})) {
    const price = priceSetting(id);
    const range = price && PRICE_RANGE[price.part];
    if (range && typeof chosen === 'number' && chosen >= range.low && chosen <= range.high)
      out[id as PriceKey] = chosen;
  }
  return out;
}

/** How a school reads in a reason: "school: Inspect, disclose, keep a sound one". */
export function schoolWords(schools: ScopeSchools, id: ScopeSchoolId): Said {
  const school = SCOPE_SCHOOLS.find((s) => s.id === id)!;
  const option = (school.options as readonly (readonly [string, Label])[]).find(([v]) => v === schools[id]);
  return tell('scope.school', { option: option?.[1] ?? schools[id] });
}
