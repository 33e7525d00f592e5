import { describe, expect, it } from 'vitest';
import { plateSchema } from '@/core/equipment/plate';
import { plateSeen } from './plate-seen';

describe('the plate of a unit that stays, as the survey saw it', () => {
  it('takes over what was read and leaves out what was not', () => {
    const seen = plateSeen({
      systemType: 'split-hp',
      outdoorModel: 'OHP-30',
      outdoorSerial: null,
      oldRefrigerant: 'R-410A',
      oldTons: 2.5,
      oldChargeOz: 92,
      liquidOdIn: '0.375',
      vaporOdIn: '0.75',
      lineLengthFt: 31,
      metering: 'txv',
    });
    expect(seen).toEqual({
      model: 'OHP-30',
      refrigerant: 'R-410A',
      metering: 'txv',
      heatPump: true,
      packaged: false,
      nominalTons: 2.5,
      factoryChargeOz: 92,
      liquidLineOdIn: 0.375,
      vaporLineOdIn: 0.75,
      lineLengthFt: 31,
    });
    // Each of it is what a plate may hold.
    for (const [field, value] of Object.entries(seen))
      expect(plateSchema.shape[field as keyof typeof plateSchema.shape].safeParse(value).success, field).toBe(true);
  });
  it('a refrigerant or a metering device that no plate of ours may hold is left to be read', () => {
    expect(plateSeen({ systemType: 'split-ac', oldRefrigerant: 'mixed', metering: 'capillary' })).toEqual({
      heatPump: false,
      packaged: false,
    });
  });
});
