import { describe, expect, it } from 'vitest';
import { bubblePsia, dewPsia } from '@/core/refrigerant/lookup';
import { probeFindings } from './probe-checks';
import { QUANTITIES, type Quantity, type Readings } from './quantities';
import { START_UP_SYSTEM as SYSTEM, startUpReadings } from './testing/sample-start-up';

const read = (change: Partial<Record<Quantity, number>>): Readings => {
  const out: Readings = { ...startUpReadings() };
  for (const [name, value] of Object.entries(change) as [Quantity, number][])
    out[name] = { value, uncertainty: QUANTITIES[name].uncertainty, source: 'typed' };
  return out;
};
const suspects = (change: Partial<Record<Quantity, number>>, mode: 'cooling' | 'heating' = 'cooling', running = true) =>
  probeFindings({ system: SYSTEM, readings: read(change), mode }, running, [])
    .filter((f) => f.verdict === 'not-proven')
    .map((f) => f.id);

describe('readings that cannot be', () => {
  const bubble114 = bubblePsia('R-454B', 114) - SYSTEM.barometerPsia;
  const dew44 = dewPsia('R-454B', 44) - SYSTEM.barometerPsia;
  it('an ordinary system suspects nothing', () => expect(suspects({})).toEqual([]));
  it('suction above liquid accuses the gauges, not the clamps that are judged by them', () => {
    const found = suspects({ suctionPsig: 380, liquidPsig: 300 });
    expect(found).toContain('probe-suctionPsig');
    expect(found).not.toContain('probe-liquidLineF');
    expect(found).not.toContain('probe-suctionLineF');
  });
  it('two gauges differ by five psi and mean the same; a line without its pressure is judged by nothing', () => {
    const near = suspects({ suctionPsig: 305, liquidPsig: 300 });
    expect(near).not.toContain('probe-suctionPsig');
    expect(suspects({ suctionPsig: 305.1, liquidPsig: 300 })).toContain('probe-suctionPsig');
    const { suctionPsig: _, ...without } = read({ suctionLineF: 20 });
    const ids = probeFindings({ system: SYSTEM, readings: without, mode: 'cooling' }, true, []).map((f) => f.id);
    expect(ids).not.toContain('probe-suctionLineF');
  });
  it('a standing system has equal pressures, and nothing to suspect', () =>
    expect(suspects({ suctionPsig: 380, liquidPsig: 300 }, 'cooling', false)).not.toContain('probe-suctionPsig'));
  it('a liquid line colder than the air that cools it, in cooling only', () => {
    expect(suspects({ liquidLineF: 80 })).toContain('probe-liquidLineF');
    expect(suspects({ liquidLineF: 93.5 })).not.toContain('probe-liquidLineF');
    expect(suspects({ liquidLineF: 80 }, 'heating')).not.toContain('probe-liquidLineF');
  });
  it('a liquid line above its saturation, a suction line below its dew point: beyond what probes scatter', () => {
    expect(suspects({ liquidPsig: bubble114, liquidLineF: 114.2 })).not.toContain('probe-liquidLineF');
    expect(suspects({ liquidPsig: bubble114, liquidLineF: 122 })).toContain('probe-liquidLineF');
    expect(suspects({ suctionPsig: dew44, suctionLineF: 43.9 })).not.toContain('probe-suctionLineF');
    expect(suspects({ suctionPsig: dew44, suctionLineF: 36 })).toContain('probe-suctionLineF');
  });

  it('clamps that are changed over are one finding, not two bad probes', () => {
    // As a sound system reads: suction 55, liquid 104 °F at 44 and 114 °F saturation; changed over.
    expect(suspects({ suctionLineF: 104, liquidLineF: 55 })).toEqual(['probe-suctionLineF']);
    const [found] = probeFindings(
      { system: SYSTEM, readings: read({ suctionLineF: 104, liquidLineF: 55 }), mode: 'cooling' },
      true,
      [],
    );
    expect(found?.claim.id).toBe('startup.clamps-are-changed-over');
    // Changed over they could not be true either: then each is judged by itself.
    expect(suspects({ suctionLineF: 130, liquidLineF: 55 })).toContain('probe-liquidLineF');
    expect(suspects({ suctionLineF: 104, liquidLineF: 55 }, 'heating')).not.toContain('probe-suctionLineF');
  });

  it('a condenser hardly above its air accuses the outdoor probe', () => {
    const at = (lift: number): string[] =>
      suspects({
        outdoorDryBulbF: 94,
        liquidPsig: bubblePsia('R-454B', 94 + lift) - SYSTEM.barometerPsia,
        liquidLineF: 93.5,
      });
    expect(at(2.9)).toContain('probe-outdoorDryBulbF');
    expect(at(3.1)).not.toContain('probe-outdoorDryBulbF');
    expect(suspects({ outdoorDryBulbF: 113 }, 'heating')).not.toContain('probe-outdoorDryBulbF');
  });

  it('a wet bulb that reads as the dry one is a dry sock; half a degree below it is air', () => {
    expect(suspects({ returnDryBulbF: 76, returnWetBulbF: 75.9 })).toContain('probe-returnWetBulbF');
    expect(suspects({ returnDryBulbF: 76, returnWetBulbF: 75.5 })).not.toContain('probe-returnWetBulbF');
  });

  it('a pressure at rest that is another refrigerant’s stops the charge, whichever runs; air alone does not name one', () => {
    const rest = (psia: number): string[] => suspects({ offPsig: psia - SYSTEM.barometerPsia, offOutdoorF: 90 });
    expect(rest(bubblePsia('R-454B', 90))).toEqual([]);
    expect(rest(bubblePsia('R-22', 90))).toEqual(['refrigerant-doubt']);
    expect(rest(bubblePsia('R-134a', 90) * 1.03)).toEqual(['refrigerant-doubt']);
    // Half as much again is nobody's pressure.
    expect(rest(1.5 * bubblePsia('R-454B', 90))).toEqual([]);
    // A few percent are the probes.
    expect(rest(1.09 * bubblePsia('R-454B', 90))).toEqual([]);
    expect(
      suspects({ offPsig: bubblePsia('R-22', 90) - SYSTEM.barometerPsia, offOutdoorF: 90 }, 'cooling', false),
    ).toContain('refrigerant-doubt');
  });
});
