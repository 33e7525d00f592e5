import type { Label, Said } from '@/core/words/said';
import { tell } from './words';

/** How tax is laid on an offer; laws differ from state to state. */
export const TAX_ON = {
  id: 'taxOn',
  label: tell('money.tax-is-on'),
  options: [
    ['materials', tell('money.equipment-and-materials')],
    ['all', tell('money.equipment-materials-and-work')],
  ],
  standard: 'materials',
  reason: tell('money.ask-your-state'),
} as const satisfies {
  id: string;
  label: Said;
  options: readonly (readonly [string, Label])[];
  standard: string;
  reason: Said;
};

/** Figures of an offer that a company sets; nothing is asked, taxed or compared where it stays at zero. */
export const OFFER_FIGURES = [
  {
    id: 'taxPct',
    label: tell('money.tax'),
    unit: '%',
    low: 0,
    high: 30,
    standard: 0,
    reason: tell('money.put-your-rate'),
  },
  {
    id: 'depositPct',
    label: tell('money.deposit'),
    unit: '%',
    low: 0,
    high: 100,
    standard: 0,
    reason: tell('money.none-unless-asked'),
  },
  {
    id: 'depositCap',
    label: tell('money.deposit-at-most'),
    unit: '',
    low: 0,
    high: 1_000_000,
    standard: 0,
    reason: tell('money.cap-by-law'),
  },
  {
    id: 'tripMoney',
    label: tell('money.trip'),
    unit: '',
    low: 0,
    high: 10_000,
    standard: 95,
    reason: tell('money.placeholder'),
  },
  {
    id: 'perLb',
    label: tell('money.refrigerant-a-pound'),
    unit: '',
    low: 0,
    high: 1000,
    standard: 28,
    reason: tell('money.placeholder'),
  },
  {
    id: 'suppliesMoney',
    label: tell('money.supplies'),
    unit: '',
    low: 0,
    high: 10_000,
    standard: 80,
    reason: tell('money.placeholder'),
  },
  {
    id: 'growthPct',
    label: tell('money.growth-a-year'),
    unit: '%',
    low: 0,
    high: 30,
    standard: 3,
    reason: tell('money.placeholder'),
  },
  {
    id: 'laterYears',
    label: tell('money.later-means-in'),
    unit: tell('money.years'),
    low: 1,
    high: 20,
    standard: 4,
    reason: tell('money.design-default'),
  },
  {
    id: 'perKwh',
    label: tell('money.price-a-kwh'),
    unit: '',
    low: 0,
    high: 10,
    standard: 0,
    reason: tell('money.no-running-cost-without'),
  },
] as const;
export type OfferFigureId = (typeof OFFER_FIGURES)[number]['id'];
export type OfferFigures = Record<OfferFigureId, number> & { taxOn: string };
