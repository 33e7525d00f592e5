import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { english } from '@/core/words/testing/english';
import { guessMapping, guessUnit, type LogMapping, readLog, splitLog } from './read-log';
import { guessTime, secondsIn, type TimeFormat } from './time';
import { toChannel, unitsOf } from './units';

const AIR_PSIA = 14.696;
const number = (t: string) => (t.trim() === '' || Number.isNaN(Number(t)) ? undefined : Number(t));

describe('units of other loggers', () => {
  // Handbook conversions (NIST SP 811 appendix B, edition not checked): 1 bar = 14.5038 psi, 1 MPa = 145.038 psi, 1 Torr = 133.322 Pa,
  // 1 mbar = 0.750062 Torr, 1 inHg = 25.4 mmHg, 1 m³/h = 0.588578 ft³/min, 1 kg = 2.20462 lb.
  it.each([
    ['suctionPsig', 'bar gauge', 8, 116.03],
    ['suctionPsig', 'bar abs', 1.01325, 0],
    ['liquidPsig', 'kPa gauge', 2500, 362.59],
    ['liquidPsig', 'MPa abs', 2.6, 362.4],
    ['testPsig', 'psia', 464.696, 450],
    ['suctionLineF', '°C', 0, 32],
    ['suctionLineF', '°C', -40, -40],
    ['suctionLineF', 'K', 273.15, 32],
    ['microns', 'Pa', 66.661, 500],
    ['microns', 'mbar', 0.66661, 500],
    ['microns', 'Torr', 0.5, 500],
    ['microns', 'inHg abs', 1, 25_400],
    ['compressorA', 'mA', 12_600, 12.6],
    ['airflowCfm', 'm³/h', 2000, 1177.16],
    ['airflowCfm', 'L/s', 500, 1059.44],
    ['scaleOz', 'kg', 1, 35.274],
    ['scaleOz', 'lb', 9.5, 152],
  ])('%s in %s: %d is %d', (channel, unit, logged, own) =>
    expect(Math.abs(toChannel(channel, unit, logged, AIR_PSIA)! - own)).toBeLessThanOrEqual(Math.max(0.06, own * 2e-4)),
  );
  it('the first of each is the channel’s own, and one it cannot be logged in says nothing', () => {
    for (const channel of ['suctionPsig', 'pipeF', 'microns', 'compressorA', 'scaleOz', 'compressorSpeed'])
      expect(toChannel(channel, unitsOf(channel)[0]!, 7.25, AIR_PSIA)).toBe(7.25);
    expect(toChannel('suctionPsig', '°C', 7, AIR_PSIA)).toBeUndefined();
  });
});

describe('the time of a row', () => {
  it.each<[string, TimeFormat, number | undefined]>([
    ['90', 'seconds', 90],
    ['1.5', 'minutes', 90],
    ['10:05', 'clock', 36_300],
    ['10:05:30.5', 'clock', 36_330.5],
    ['12:00:01 AM', 'clock', 1],
    ['12:30 pm', 'clock', 45_000],
    ['13:00 pm', 'clock', undefined],
    ['10:60', 'clock', undefined],
    ['2026-06-01T08:00:00Z', 'month first', Date.UTC(2026, 5, 1, 8) / 1000],
    ['6/1/2026 8:00:00 AM', 'month first', Date.UTC(2026, 5, 1, 8) / 1000],
    ['01.06.2026 08:00:00', 'day first', Date.UTC(2026, 5, 1, 8) / 1000],
    ['1/6/26 8:00', 'day first', Date.UTC(2026, 5, 1, 8) / 1000],
    ['2/30/2026 8:00', 'month first', undefined],
    ['46174.5', 'spreadsheet days', 46_174.5 * 86_400],
    ['soon', 'seconds', undefined],
  ])('%s as %s', (text, format, s) => expect(secondsIn(text, format, number)).toBe(s));
  it('is guessed from what reads every cell; a day above twelve tells which comes first', () => {
    expect(guessTime(['0', '1', '2'], 't', number)).toBe('seconds');
    expect(guessTime(['0', '0.5'], 'Elapsed min', number)).toBe('minutes');
    expect(guessTime(['6/1/2026 8:00', '6/1/2026 8:01'], 'Date', number)).toBe('month first');
    expect(guessTime(['13/6/2026 8:00', '13/6/2026 8:01'], 'Date', number)).toBe('day first');
    expect(guessTime(['46174.50', '46174.51'], 'Time', number)).toBe('spreadsheet days');
    expect(guessTime(['3', '2'], 'x', number)).toBeUndefined();
  });
});

const HEADER = ['Date/Time', 'Low side pressure (bar gauge)', 'Suction temp °C', 'Comp current (A)', 'Note'];
const ROWS = [
  ['01.06.2026 08:00:00', '8,0', '12,5', '12,6', ''],
  ['13.06.2026 08:00:02', '8,1', 'OL', '12,7', ''],
];

describe('a log of any logger', () => {
  it('is guessed by its header and first rows: columns, units, the comma', () => {
    const m = guessMapping(HEADER, ROWS, ['suctionPsig', 'liquidPsig', 'suctionLineF', 'compressorA']);
    expect(m.decimal).toBe(',');
    expect(m.time).toEqual({ column: 0, format: 'day first' });
    expect(m.channels).toEqual({
      suctionPsig: { column: 1, unit: 'bar gauge' },
      suctionLineF: { column: 2, unit: '°C' },
      compressorA: { column: 3, unit: 'A' },
    });
  });
  it('of our own is known by its names', () => {
    const m = guessMapping(
      ['seq', 't', 'microns', 'pipeF'],
      [
        ['0', '1', '900', '70'],
        ['0', '2', '880', '70'],
      ],
      ['microns', 'pipeF'],
    );
    expect([m.time.column, m.channels.microns, m.channels.pipeF]).toEqual([
      1,
      { column: 2, unit: 'µm' },
      { column: 3, unit: '°F' },
    ]);
  });
  it.each([
    ['suctionPsig', 'LP psia', 'psia'],
    ['suctionPsig', 'LP kPa abs', 'kPa abs'],
    ['microns', 'Vacuum (mbar)', 'mbar'],
    ['microns', 'Vacuum (mTorr)', 'mTorr'],
    ['microns', 'Vacuum', 'µm'],
    ['pipeF', 'Pipe (psi)', '°F'],
  ])('%s under “%s” is in %s', (channel, header, unit) => expect(guessUnit(channel, header)).toBe(unit));

  const OWN: LogMapping = {
    time: { column: 0, format: 'seconds' },
    channels: { microns: { column: 1, unit: 'µm' } },
    decimal: '.',
  };
  const read = (rows: string[][], mapping = OWN) => readLog(['t', 'vacuum'], rows, mapping, AIR_PSIA);
  it('counts from its first row; what cannot be taken is told with its row and column', () => {
    const got = read([
      ['100', '900'],
      ['101', 'OL'],
      ['101', '850'],
      ['soon', '800'],
      ['104', '8x0'],
      ['105', '9000000'],
      ['106', '700'],
    ]);
    expect(got.runSeconds).toEqual([0, 1, 4, 5, 6]);
    expect(got.values.microns).toEqual([900, null, null, null, 700]);
    expect(got.left).toBe(2);
    expect(got.troubles.map((t) => [t.row, t.column])).toEqual([
      [4, 't'],
      [5, 't'],
      [6, 'vacuum'],
      [7, 'vacuum'],
    ]);
    expect(english(got.troubles[3]!.message)).toContain('1 to 800,000');
  });
  it('goes over midnight by the clock', () => {
    const clock = { ...OWN, time: { column: 0, format: 'clock' as const } };
    expect(
      read(
        [
          ['23:59:59', '900'],
          ['00:00:01', '890'],
          ['00:00:03', '880'],
        ],
        clock,
      ).runSeconds,
    ).toEqual([0, 2, 4]);
  });
  it('takes what is over vacuum by the air of the place', () => {
    const m: LogMapping = { ...OWN, channels: { testPsig: { column: 1, unit: 'psia' } } };
    expect(readLog(['t', 'p'], [['0', '464.2']], m, 12.2).values.testPsig).toEqual([452]);
  });
  it('never loses a row without a word, and its time always grows (any cells)', () => {
    const cell = fc.oneof(fc.integer({ min: -5, max: 50 }).map(String), fc.constantFrom('', 'OL', 'x', '1e3'));
    fc.assert(
      fc.property(fc.array(fc.tuple(cell, cell), { maxLength: 40 }), (rows) => {
        const got = read(rows.map((r) => [...r]));
        expect(got.runSeconds.length + got.left).toBe(rows.length);
        expect(got.values.microns).toHaveLength(got.runSeconds.length);
        expect(got.runSeconds.every((s, i) => i === 0 || s > got.runSeconds[i - 1]!)).toBe(true);
      }),
    );
  });
  it('has its header where the table begins, under what the logger tells of itself; without one its columns are counted', () => {
    const told = [
      ['Logger 7'],
      ['Started', '8:00'],
      ['t', 'vacuum', 'pipe'],
      ['0', '900', '70'],
      ['1', '890', '70'],
      ['2', '880', '70'],
    ];
    expect(splitLog(told)).toEqual({ header: ['t', 'vacuum', 'pipe'], rows: told.slice(3) });
    expect(splitLog(told.slice(3)).header).toEqual(['1', '2', '3']);
    expect(splitLog([])).toEqual({ header: [], rows: [] });
  });
});
