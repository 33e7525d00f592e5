import { describe, expect, it } from 'vitest';
import { english } from '@/core/words/testing/english';
import { subcooling, superheat } from './saturation-calculations';

/** Worked with CoolProp (equations of state; R-454B as R-32/R-1234yf 68.9/31.1 %): within 0.3 °F. 5,280 ft is 12.100 psia. */
const CASES = [
  { refrigerant: 'R-410A', suctionPsig: 127, liquidPsig: 376, barometerPsia: 14.696, sh: 13.1, sc: 13.5 },
  { refrigerant: 'R-410A', suctionPsig: 127, liquidPsig: 376, barometerPsia: 12.1, sh: 14.2, sc: 13.0 },
  { refrigerant: 'R-454B', suctionPsig: 118, liquidPsig: 362, barometerPsia: 14.696, sh: 11.9, sc: 14.4 },
  { refrigerant: 'R-454B', suctionPsig: 118, liquidPsig: 362, barometerPsia: 12.1, sh: 13.1, sc: 13.8 },
] as const;

describe('superheat by dew, subcooling by bubble, gauge by the site', () => {
  it.each(CASES)(
    '$refrigerant at $barometerPsia psia',
    ({ refrigerant, suctionPsig, liquidPsig, barometerPsia, sh, sc }) => {
      const a = superheat({ refrigerant, suctionPsig, suctionLineF: 56.8, barometerPsia });
      const b = subcooling({ refrigerant, liquidPsig, liquidLineF: 98.4, barometerPsia });
      expect(a.ok && a.value.superheatF).toBeCloseTo(sh, 0);
      expect(Math.abs((a.ok ? a.value.superheatF : 99) - sh)).toBeLessThan(0.3);
      expect(Math.abs((b.ok ? b.value.subcoolingF : 99) - sc)).toBeLessThan(0.3);
    },
  );

  it('the curves are not swapped: that would give 14.6 and 16.9 for R-454B at sea level', () => {
    const a = superheat({ refrigerant: 'R-454B', suctionPsig: 118, suctionLineF: 56.8 });
    expect(Math.abs((a.ok ? a.value.superheatF : 0) - 14.6)).toBeGreaterThan(2);
  });

  it('gives a negative number for an implausible pair: the finding, not the arithmetic, doubts it', () => {
    const wet = superheat({ refrigerant: 'R-410A', suctionPsig: 130, suctionLineF: 30 });
    expect(wet.ok && wet.value.superheatF).toBeLessThan(-10);
  });

  it('refuses a pressure where saturation is undefined, with the refrigerant’s own range', () => {
    const high = subcooling({ refrigerant: 'R-410A', liquidPsig: 700, liquidLineF: 100 });
    expect(high).toMatchObject({ ok: false, refused: { field: 'liquidPsig' } });
    expect(english(!high.ok && high.refused.allowed)).toMatch(/psig for R-410A/);
  });
});
