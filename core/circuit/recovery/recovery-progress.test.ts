import { describe, expect, it } from 'vitest';
import { english } from '@/core/words/testing/english';
import { recoveryProgress } from './recovery-progress';

const line = (ozPerMin: number, minutes = 6): [number, number][] =>
  Array.from({ length: minutes * 60 }, (_, i) => [i / 60, 500 + (ozPerMin * i) / 60]);
const now = { suctionPsig: 80, cylinderF: 90, leftOz: 64, fillShare: 0.5 };

describe('a recovery on the scale', () => {
  it('8 oz a minute is half a pound; 4 lb left take 8 min', () => {
    const p = recoveryProgress(line(8), now)!;
    expect(p.lbPerMin).toBeCloseTo(0.5, 6);
    expect(p.minutesLeft).toBeCloseTo(8, 4);
    expect(p).toMatchObject({ stalled: false, chill: false, causes: [] });
  });
  it('standing with pressure left is a stall; without pressure it is done', () => {
    expect(recoveryProgress(line(0.2), now)!.stalled).toBe(true);
    expect(recoveryProgress(line(0.2), { ...now, suctionPsig: 2 })!.stalled).toBe(false);
  });
  it('a hot or nearly full cylinder is the first to look at', () => {
    expect(english(recoveryProgress(line(0), { ...now, cylinderF: 124 })!.causes[0])).toMatch(/chill/);
    expect(english(recoveryProgress(line(0), { ...now, fillShare: 0.95 })!.causes[0])).toMatch(/cylinder/);
    expect(english(recoveryProgress(line(0), now)!.causes[0])).toMatch(/filter/);
  });
  it('says nothing before there is enough to read, and no stall in its first minutes', () => {
    expect(recoveryProgress([], now)).toBeUndefined();
    expect(recoveryProgress(line(8).slice(0, 10), now)).toBeUndefined();
    expect(recoveryProgress(line(0, 1), now)!.stalled).toBe(false);
  });
});
