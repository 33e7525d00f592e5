import { tell } from '@/core/startup/words';
import { list, lower, type Said, value as word } from '@/core/words/said';
import { QUANTITIES, type Quantity, type Readings } from './quantities';
import type { Airflow } from './system';

export const FIGURE_IDS = [
  'subcooling',
  'superheat',
  'air-split',
  'compressor-amps',
  'fan-amps',
  'condensing-over-ambient',
  'approach',
  'coil-difference',
  'compression-ratio',
  'airflow-per-ton',
  'heating-rise',
  'heating-capacity',
  'outdoor-coil-difference',
] as const;
export type FigureId = (typeof FIGURE_IDS)[number];

/** `technician`: somebody's own choice, which can prove nothing. */
export type Target = { value: number; low: number; high: number; source: Said; technician?: true };

export type WorkingLine = { label: Said; value: number; unit: string; note?: Said };

/** A derived quantity with everything that opens when it is touched. */
export type Figure = {
  id: FigureId;
  label: Said;
  value?: number;
  unit: string;
  uncertainty?: number;
  /** It may read up to so much too low for where it was read. */
  readsLow?: number;
  target?: Target;
  /** Why there is no value or no target, in words. */
  missing?: Said;
  noTarget?: Said;
  working: WorkingLine[];
  formula: Said;
  source: Said;
  /** Catalogue id of the calculation behind it. */
  calculation?: string;
  /** It says nothing in this mode: neither shown nor judged. */
  idle?: true;
};

export type Saturations = { evaporatingF?: number; condensingF?: number };
export type Figures = { byId: Record<FigureId, Figure>; saturation: Saturations };

const PLACED = {
  register: 'startup.source-at-nearest-register',
  moved: 'startup.source-with-a-moved-clamp',
} as const;

/** A line of the working from a reading, with where it came from. */
export function reading(readings: Readings, quantity: Quantity): WorkingLine {
  const r = readings[quantity];
  const spec = QUANTITIES[quantity];
  return {
    label: spec.label,
    value: r?.value ?? Number.NaN,
    unit: spec.unit,
    note: r ? (r.place ? tell(PLACED[r.place], { source: word(r.source) }) : word(r.source)) : tell('startup.missing'),
  };
}

/** The line of the working for a measured airflow, with how it was measured. */
export const airflowLine = (airflow: Airflow | undefined): WorkingLine => ({
  label: tell('startup.airflow'),
  value: airflow?.cfm ?? Number.NaN,
  unit: 'CFM',
  note: airflow
    ? tell('startup.method-source', { method: word(airflow.method), source: word(airflow.source) })
    : tell('startup.missing'),
});

/** What a figure still needs, in words; undefined when it is all there. */
export function missingOf(readings: Readings, quantities: readonly Quantity[]): Said | undefined {
  const gone = quantities.filter((name) => readings[name] === undefined || readings[name]?.trouble === 'lost');
  return gone.length ? tell('startup.needs', { what: list(gone.map((g) => lower(QUANTITIES[g].label))) }) : undefined;
}

/** Where a value stands against its target, in units of half the band; 0 at the target. */
export function missOf(figure: Figure): number {
  if (figure.value === undefined || !figure.target) return 0;
  const { value, low, high } = figure.target;
  const half = figure.value >= value ? high - value : value - low;
  return half > 0 ? (figure.value - value) / half : 0;
}
