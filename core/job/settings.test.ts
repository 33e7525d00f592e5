import { describe, expect, it } from 'vitest';
import { DEFAULT_SCOPE_SCHOOLS, SCOPE_SCHOOLS, schoolWords, scopeSchools } from '@/core/scope/schools';
import { english, told } from '@/core/words/testing/english';
import { checkSettings, TOLERANCES } from './settings';

describe('schools and settings of a company', () => {
  it('defaults are one of their own options, and each has a reason', () => {
    for (const s of SCOPE_SCHOOLS) {
      expect(s.options.map(([v]) => v as string)).toContain(s.standard);
      expect(english(s.reason).length).toBeGreaterThan(10);
      expect(english(schoolWords(DEFAULT_SCOPE_SCHOOLS, s.id))).toMatch(/^company policy: /);
    }
    for (const t of TOLERANCES) expect(t.standard).toBeGreaterThanOrEqual(t.low);
    expect(checkSettings(DEFAULT_SCOPE_SCHOOLS)).toBeUndefined();
  });
  it('what was stored wrongly is left at its default, never used', () => {
    expect(scopeSchools({ bothCoils: 'by-age', kink: 'weld it', labourPerHour: 99 })).toMatchObject({
      bothCoils: 'by-age',
      kink: 'replace',
      labourPerHour: 99,
    });
    expect(scopeSchools({ labourPerHour: -5 }).labourPerHour).toBe(120);
    expect(scopeSchools(undefined)).toEqual(DEFAULT_SCOPE_SCHOOLS);
  });
  it.each([
    [{ kink: 'weld it' }, 'kink', 'replace, cut-out'],
    [{ labourPerHour: 5 }, 'labourPerHour', '10 to 1,000 an hour'],
    [{ labourPerHour: '120' }, 'labourPerHour', '10 to 1,000 an hour'],
    [{ splitToleranceF: 60 }, 'splitToleranceF', '1 to 6 °F'],
    [{ 'transition.gwp-cap.cap': 0 }, 'transition.gwp-cap.cap', '1 to 15,000'],
    [{ 'transition.gwp-cap.from': '2025-13-40' }, 'transition.gwp-cap.from', 'YYYY-MM-DD, or empty'],
    [{ 'transition.local.rule': 'x'.repeat(301) }, 'transition.local.rule', 'up to 300 characters'],
    [{ 'transition.local.cap': 700 }, 'transition.local.cap', expect.stringContaining('kink')],
  ])('%j is refused at its field', (settings, field, allowed) => {
    expect(told(checkSettings(settings as Record<string, string | number>))).toMatchObject({ field, allowed });
  });
});
