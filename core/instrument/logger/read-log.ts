import { rangeOf } from '@/core/instrument/channel-range';
import { tell } from '@/core/instrument/words';
import { q, type Said } from '@/core/words/said';
import { guessTime, secondsIn, type TimeFormat } from './time';
import { toChannel, unitsOf } from './units';

/** Which column of a log is what: by its place, the first is 0. */
export type LogMapping = {
  time: { column: number; format: TimeFormat };
  channels: Readonly<Record<string, { column: number; unit: string }>>;
  /** What stands between a number and its parts. */
  decimal: '.' | ',';
};
export type LogTrouble = { row: number; column: string; cell: string; message: Said };
export type ReadLog = {
  runSeconds: number[];
  values: Record<string, (number | null)[]>;
  troubles: LogTrouble[];
  /** Rows that could not be taken. */
  left: number;
};

/** What loggers write where a probe gives nothing. */
const NO_SIGNAL = /^(-+|ol|o\.l\.?|nan|null|n\/a|err|----)?$/i;
const MOST_TROUBLES = 200;
const S_PER_DAY = 86_400;
const HALF_DAY_S = S_PER_DAY / 2;

const numberBy =
  (decimal: '.' | ',') =>
  (text: string): number | undefined => {
    const bare = text.trim().replace(/[\s\u00a0]/g, '');
    const plain = decimal === ',' ? bare.replaceAll('.', '').replace(',', '.') : bare.replaceAll(',', '');
    return plain !== '' && Number.isFinite(Number(plain)) ? Number(plain) : undefined;
  };

/**
 * Reads the rows of a log by a mapping: seconds from the first good row, each channel in its own unit, no signal as null. A row whose time
 * is none or does not grow is left out; a cell that is no number, or is outside what its channel can be, is told and taken as no signal.
 *
 * @param rows the cells under the header; row 2 of the file is the first
 * @param barometerPsia the air at the place
 */
export function readLog(
  header: readonly string[],
  rows: readonly (readonly string[])[],
  { time, channels, decimal }: LogMapping,
  barometerPsia: number,
): ReadLog {
  const number = numberBy(decimal);
  const out: ReadLog = { runSeconds: [], values: {}, troubles: [], left: 0 };
  for (const c of Object.keys(channels)) out.values[c] = [];
  const trouble = (row: number, column: number, cell: string, message: Said): void => {
    if (out.troubles.length < MOST_TROUBLES) out.troubles.push({ row, column: header[column] ?? '', cell, message });
  };
  let first: number | undefined;
  let midnights = 0;
  let before = Number.NEGATIVE_INFINITY;
  for (const [i, cells] of rows.entries()) {
    const row = i + 2;
    const cell = cells[time.column] ?? '';
    let at = secondsIn(cell, time.format, number);
    if (at === undefined) {
      out.left += 1;
      trouble(row, time.column, cell, tell('logger.no-such-time'));
      continue;
    }
    if (time.format === 'clock') {
      at += midnights * S_PER_DAY;
      // A clock that jumps back by more than half a day went over midnight.
      if (before - at > HALF_DAY_S) {
        midnights += 1;
        at += S_PER_DAY;
      }
    }
    if (at <= before) {
      out.left += 1;
      trouble(row, time.column, cell, tell('logger.time-does-not-grow'));
      continue;
    }
    before = at;
    first ??= at;
    out.runSeconds.push(Math.round((at - first) * 1000) / 1000);
    for (const [channel, { column, unit }] of Object.entries(channels)) {
      const text = (cells[column] ?? '').trim();
      const logged = NO_SIGNAL.test(text) ? null : number(text);
      const value = logged == null ? undefined : toChannel(channel, unit, logged, barometerPsia);
      const [low, high] = rangeOf(channel);
      const fits = value !== undefined && value >= low && value <= high;
      out.values[channel]!.push(fits ? value : null);
      if (logged === undefined) trouble(row, column, text, tell('logger.no-number'));
      else if (logged !== null && !fits)
        trouble(
          row,
          column,
          text,
          tell('logger.outside', { low: q(low, 'number', 'as is'), high: q(high, 'number', 'as is') }),
        );
    }
  }
  return out;
}

/** Words in a header that name a channel, the surest first. */
const NAMES: Readonly<Record<string, RegExp>> = {
  suctionPsig: /(suction|vapou?r|low).*(press|psi|bar|kpa)|press.*(suction|low)|^lp\b/i,
  liquidPsig: /(liquid|high|discharge|head).*(press|psi|bar|kpa)|press.*(liquid|high)|^hp\b/i,
  suctionLineF: /(suction|vapou?r).*(temp|line|°|deg)/i,
  liquidLineF: /liquid.*(temp|line|°|deg)/i,
  dischargeLineF: /discharge.*(temp|line|°|deg)/i,
  outdoorDryBulbF: /(outdoor|outside|ambient).*/i,
  returnDryBulbF: /return(?!.*wet)/i,
  returnWetBulbF: /return.*wet|wet.*bulb/i,
  supplyDryBulbF: /supply/i,
  compressorA: /comp.*(amp|\ba\b|current)|current/i,
  outdoorFanA: /fan.*(amp|\ba\b|current)/i,
  lineVolts: /volt/i,
  airflowCfm: /flow|cfm/i,
  scaleOz: /scale|weight|mass/i,
  microns: /micron|vacuum|µm|torr|mbar/i,
  pipeF: /pipe|temp/i,
  testPsig: /test|press|psi|bar|kpa/i,
  nitrogenPsig: /nitrogen|n2/i,
  cylinderPsig: /cyl.*(press|psi|bar)/i,
  cylinderF: /cyl.*(temp|°)/i,
};
const UNIT_IN: readonly (readonly [RegExp, string])[] = [
  [/psia|psi.?abs/i, 'psia'],
  [/psi/i, 'psig'],
  [/kpa.*abs|kpaa/i, 'kPa abs'],
  [/kpa/i, 'kPa gauge'],
  [/mpa.*abs/i, 'MPa abs'],
  [/mpa/i, 'MPa gauge'],
  [/mbar|hpa/i, 'mbar'],
  [/bar.*abs|bara\b/i, 'bar abs'],
  [/bar/i, 'bar gauge'],
  [/°\s*c|deg\s*c|\(c\)|\bcelsius/i, '°C'],
  [/\(k\)|kelvin/i, 'K'],
  [/mtorr/i, 'mTorr'],
  [/torr|mmhg/i, 'Torr'],
  [/\bpa\b/i, 'Pa'],
  [/\bma\b/i, 'mA'],
  [/m3\/h|m³\/h/i, 'm³/h'],
  [/l\/s/i, 'L/s'],
  [/\bkg\b/i, 'kg'],
  [/\blbs?\b/i, 'lb'],
  [/\(g\)|\bgrams?\b/i, 'g'],
];
const TIME = /time|date|second|minute|\bsec\b|\bmin\b|^t$|elapsed/i;

/** The unit that a header names, where the channel can be logged in it; else the trade's own. */
export function guessUnit(channel: string, header: string): string {
  const known = unitsOf(channel);
  return UNIT_IN.find(([named, unit]) => named.test(header) && known.includes(unit))?.[1] ?? known[0]!;
}

/** What a log most likely holds, from its header and its first rows. A person looks at it and puts it right. */
export function guessMapping(
  header: readonly string[],
  rows: readonly (readonly string[])[],
  channels: readonly string[],
): LogMapping {
  const cells = rows.flat();
  const decimal = cells.filter((c) => /^-?\d+,\d+$/.test(c.trim())).length > cells.length / 10 ? ',' : '.';
  const number = numberBy(decimal);
  const sample = (column: number) => rows.map((r) => r[column] ?? '').filter((c) => c !== '');
  const timed = header.map((h, column) => ({ h, column, format: guessTime(sample(column), h, number) }));
  const time =
    timed.find((t) => t.format && TIME.test(t.h)) ??
    timed.find((t) => t.format) ??
    ({ column: 0, format: 'seconds' } as const);
  const used = new Set<number>([time.column]);
  const found: Record<string, { column: number; unit: string }> = {};
  for (const channel of channels) {
    const own = header.findIndex((h, i) => !used.has(i) && h.trim() === channel);
    const column = own >= 0 ? own : header.findIndex((h, i) => !used.has(i) && (NAMES[channel]?.test(h) ?? false));
    if (column < 0) continue;
    used.add(column);
    found[channel] = { column, unit: own >= 0 ? unitsOf(channel)[0]! : guessUnit(channel, header[column]!) };
  }
  return { time: { column: time.column, format: time.format ?? 'seconds' }, channels: found, decimal };
}

/** A log often tells of its logger first: its header is the row before the first of as many cells as most rows have. */
const LOOKED_AT = 60;

/** The header of a file and the rows under it; a file without one gets the places of its columns. */
export function splitLog(all: readonly (readonly string[])[]): { header: string[]; rows: string[][] } {
  const looked = all.slice(0, LOOKED_AT);
  const counts = new Map<number, number>();
  for (const r of looked) counts.set(r.length, (counts.get(r.length) ?? 0) + 1);
  const usual = [...counts].sort((a, b) => b[1] - a[1] || b[0] - a[0])[0]?.[0] ?? 0;
  const first = all.findIndex((r) => r.length === usual);
  if (first < 0) return { header: [], rows: [] };
  const isNumber = (c: string): boolean => /^-?\d+([.,]\d+)?$/.test(c.trim());
  const named = !all[first]!.some(isNumber);
  const header = named ? all[first]!.map((h) => h.trim()) : all[first]!.map((_, i) => String(i + 1));
  const rows = all.slice(named ? first + 1 : first).filter((r) => r.length === usual);
  return { header, rows: rows.map((r) => [...r]) };
}
