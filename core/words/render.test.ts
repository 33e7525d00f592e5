import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { amountText, bareNumber, clockText, DEFAULT_READER, dayText, momentText, monthText, tape } from './render';
import { q } from './said';

const en = DEFAULT_READER;
const es = { ...en, language: 'es' as const };

/** Reads a tape's text back: 22 7/16 in. */
function inches(text: string): number {
  const [, sign, whole = '0', top = '0', bottom = '1', t = top, b = bottom] =
    /^(−?)(?:(\d+)(?:\u00a0(\d+)\/(\d+))?|(\d+)\/(\d+)) in$/.exec(text)!;
  const value = Number(whole) + Number(t) / Number(b);
  return sign ? -value : value;
}

describe('figures as a technician reads them', () => {
  it.each([
    [q(22.4375, 'in'), '22\u00a07/16 in'],
    [q(0.5, 'in'), '1/2 in'],
    [q(-1.25, 'in'), '−1\u00a01/4 in'],
    [q(36, 'in'), '36 in'],
    [q(0.0035, 'in', 3), '0.004 in'],
    [q(0.875, 'od'), '7/8 in'],
    [q(143.7, 'lbOz'), '8 lb 15.7 oz'],
    [q(-8.04, 'lbOz'), '−0 lb 8.0 oz'],
    [q(117.52, 'psig'), '117.5 psig'],
    // Below atmosphere a gauge is read in inches of mercury: 0.4912 psi each.
    [q(-4.91, 'psig'), '10.0 inHg'],
    [q(-0.04, 'psig'), '0.0 psig'],
    [q(1180, 'microns'), '1,180 µm'],
    [q(1.15, 'A'), '1.15 A'],
    [q(14.12, 'A'), '14.1 A'],
    [q(2345.6, 'money'), '$2,346'],
    [q(-120, 'moneyChange'), '−$120'],
    [q(null, 'F'), '–'],
    [q(Number.NaN, 'psig'), '–'],
  ])('%j is %s', (amount, text) => expect(amountText(amount, en)).toBe(text));
  it('a tape is read to the nearest sixteenth, in lowest terms', () => {
    fc.assert(
      fc.property(fc.double({ min: -400, max: 400, noNaN: true }), (v) => {
        const text = tape(v);
        expect(Math.abs(inches(text) - v)).toBeLessThanOrEqual(1 / 32 + 1e-9);
        const fraction = /(\d+)\/(\d+)/.exec(text);
        if (fraction) expect(Number(fraction[1]) % 2).toBe(1);
        expect(text).not.toMatch(/^−0 in|^−in/);
      }),
    );
  });
  it('pounds and ounces add up to the ounces, and the ounces stay under sixteen', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 9000, noNaN: true }), (oz) => {
        const [, lb, rest] = /^([\d,]+) lb ([\d.]+) oz$/.exec(amountText(q(oz, 'lbOz'), en))!;
        expect(Number(rest)).toBeLessThan(16);
        expect(Math.abs(Number(lb!.replace(',', '')) * 16 + Number(rest) - oz)).toBeLessThanOrEqual(0.0501);
      }),
    );
  });
  it('numbers that count or name have no thousands', () => {
    expect([bareNumber(2147), bareNumber(-3), bareNumber(0.1 + 0.2)]).toEqual(['2147', '−3', '0.3']);
  });
});

describe('days and moments', () => {
  it('a moment is told by the clock of the site, with its zone; a day has none', () => {
    const at = '2026-06-02T02:30:00.000Z';
    const east = { ...en, timeZone: 'America/New_York' };
    expect(momentText(at, east)).toBe('Jun 1, 2026, 10:30 PM EDT');
    expect(clockText(at, { ...en, timeZone: 'America/Phoenix' })).toBe('7:30 PM');
    expect(dayText('2026-06-01', east)).toBe('Jun 1, 2026');
    expect(dayText('2026-06-01', es)).toBe('1 jun 2026');
    expect(monthText('2026-06', en)).toBe('June 2026');
    expect(monthText('2026-06-15', es)).toMatch(/junio/);
    expect(momentText('soon', en)).toBe('soon');
  });
});
