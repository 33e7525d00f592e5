import { z } from 'zod';
import { day, hidden, id, maybe, pick, schemaOf, text, yes } from '@/core/form/field';
import type { Quantity } from '@/core/startup/quantities';
import { tell } from './words';

/** What each kind of instrument reads; a kind that reads nothing of a start-up is registered for its dates. */
export const READS = {
  gauges: ['suctionPsig', 'liquidPsig', 'offPsig'],
  'pipe clamps': ['suctionLineF', 'liquidLineF', 'dischargeLineF', 'compressorSuctionF', 'drierDropF'],
  'air thermometer': ['outdoorDryBulbF', 'offOutdoorF', 'returnDryBulbF', 'supplyDryBulbF'],
  psychrometer: ['returnWetBulbF'],
  'clamp meter': ['compressorA', 'outdoorFanA', 'lineVolts'],
  'flow instrument': ['airflowCfm'],
  'micron gauge': [],
  scale: [],
  'combustion analyzer': [],
  manometer: [],
} as const satisfies Record<string, readonly Quantity[]>;
export type InstrumentKind = keyof typeof READS;

/** Zeroed at the start of a day of work; older than this the zero is no longer vouched for (design default), days. */
const ZERO_DAYS = 30;
const MS_PER_DAY = 86_400_000;

const KIND_WORDS = {
  gauges: tell('instrument.gauges'),
  'pipe clamps': tell('instrument.pipe-clamps'),
  'air thermometer': tell('instrument.air-thermometer'),
  psychrometer: tell('instrument.psychrometer'),
  'clamp meter': tell('instrument.clamp-meter'),
  'flow instrument': tell('instrument.flow-instrument'),
  'micron gauge': tell('instrument.micron-gauge'),
  scale: tell('instrument.scale'),
  'combustion analyzer': tell('instrument.combustion-analyzer'),
  manometer: tell('instrument.manometer'),
} as const satisfies Record<InstrumentKind, unknown>;
export const INSTRUMENT_KIND_WORDS = KIND_WORDS;

/** An instrument of the company as it is registered. */
export const REGISTER_FIELDS = {
  name: text(tell('instrument.name'), 60, 1, { hint: tell('instrument.as-it-is-marked') }),
  kind: pick(tell('instrument.kind'), KIND_WORDS, { stacked: true }),
  serial: maybe(text(tell('instrument.serial'), 60)),
  calibratedTo: maybe(day(tell('instrument.calibrated-to'), { hint: tell('instrument.from-its-certificate') })),
  zeroedOn: maybe(day(tell('instrument.zeroed-on'), { hint: tell('instrument.open-to-the-air-or-in-ice') })),
  retired: yes(tell('instrument.retired'), { start: false }),
  keptBy: hidden(z.uuid().nullable().describe('a UUID or null'), { start: null }),
};
export const registerSchema = schemaOf(REGISTER_FIELDS).extend({
  id: id(),
  /** 0 for a new one, else the version that was read. */
  version: z.number().int().min(0).describe('the version you read, 0 for none'),
});
export type RegisterBody = z.infer<typeof registerSchema>;
export type Instrument = RegisterBody;

/** Whether its dates hold on a day, YYYY-MM-DD: what nobody wrote down is not known, never good. */
export type Dates = { calibration: 'current' | 'overdue' | 'unknown'; zero: 'current' | 'overdue' | 'unknown' };
export function datesOn(
  { calibratedTo, zeroedOn }: Pick<Instrument, 'calibratedTo' | 'zeroedOn'>,
  today: string,
): Dates {
  const zeroAge = zeroedOn === null ? undefined : (Date.parse(today) - Date.parse(zeroedOn)) / MS_PER_DAY;
  return {
    calibration: calibratedTo === null ? 'unknown' : calibratedTo >= today ? 'current' : 'overdue',
    zero: zeroAge === undefined ? 'unknown' : zeroAge <= ZERO_DAYS ? 'current' : 'overdue',
  };
}

/** What is kept beside a reading of the instrument that gave it. */
export type NamedInstrument = { name: string; serial: string | null; calibratedTo: string | null; overdue: boolean };

/**
 * The instrument that a person read a quantity with: the one of the right kind that the person keeps. Where a person keeps two
 * of a kind nobody knows which it was, and none is named.
 */
export function readWith(quantity: string, kept: readonly Instrument[], today: string): NamedInstrument | undefined {
  const fit = kept.filter((i) => !i.retired && (READS[i.kind] as readonly string[]).includes(quantity));
  const [one, other] = fit;
  if (!one || other) return undefined;
  const { name, serial, calibratedTo } = one;
  return { name, serial, calibratedTo, overdue: datesOn(one, today).calibration === 'overdue' };
}
