import { describe, expect, it } from 'vitest';
import { dayAt } from './calendar';

describe('the day at a place', () => {
  // Offsets of the IANA time zone database: New York UTC-4 in June and UTC-5 in January, Phoenix UTC-7 all year.
  it.each([
    ['2026-06-02T03:59:00Z', 'America/New_York', '2026-06-01'],
    ['2026-06-02T04:00:00Z', 'America/New_York', '2026-06-02'],
    ['2026-01-01T04:59:00Z', 'America/New_York', '2025-12-31'],
    ['2026-01-01T05:00:00Z', 'America/New_York', '2026-01-01'],
    ['2026-06-02T06:59:00Z', 'America/Phoenix', '2026-06-01'],
    ['2026-06-02T07:00:00Z', 'America/Phoenix', '2026-06-02'],
    ['2026-06-02T00:00:00Z', 'UTC', '2026-06-02'],
  ])('%s in %s is %s', (at, zone, day) => {
    expect(dayAt(at, zone)).toBe(day);
    expect(dayAt(new Date(at), zone)).toBe(day);
  });
});
