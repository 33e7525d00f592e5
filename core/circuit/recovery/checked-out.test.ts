import { describe, expect, it } from 'vitest';
import { english } from '@/core/words/testing/english';
import { type ListedCylinder, onThisDevice, refusesUnheld } from './checked-out';

const held = (tag: string, deviceId?: string): ListedCylinder =>
  ({
    tag,
    holder: deviceId === undefined ? null : { deviceId, personId: 'p', by: 'Tess Orlan', at: '2026-06-01T08:00:00Z' },
  }) as ListedCylinder;

describe('cylinders that a device has checked out', () => {
  const list = [held('R-01', 'phone'), held('R-02', 'tablet'), held('R-03')];
  it('are those it may use where nobody answers', () => {
    expect(onThisDevice(list, 'phone').map((c) => c.tag)).toEqual(['R-01']);
    expect(onThisDevice(list, 'desk')).toEqual([]);
    // A list of an older copy says nothing of it.
    expect(onThisDevice([{ tag: 'R-04' } as ListedCylinder], 'phone')).toEqual([]);
  });
  it.each([
    ['its own', list[0], undefined],
    ['of another device', list[1], 'R-02 is checked out by Tess Orlan on another device.'],
    ['of nobody', list[2], 'R-03 is not checked out to this device.'],
    ['that is none', undefined, undefined],
  ])('one %s', (_name, cylinder, message) => {
    const refused = refusesUnheld(cylinder, 'phone');
    expect(refused && english(refused.message)).toBe(message);
  });
});
