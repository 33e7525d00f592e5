import { describe, expect, it } from 'vitest';
import { MOST_STANDING_SAMPLES } from '@/core/phases/evacuate/entries';
import { entryFrom, standingFrom } from './read-entry';

const sample = (runSeconds: number, values: Record<string, number | null>) => ({ runSeconds, values });
const standing = { fromS: 0, toS: 1200, runId: 'r', samples: [] } as never;
const falling = Array.from({ length: 1201 }, (_, i) => sample(i, { microns: 300 + i / 10 }));

describe('a standing test read off a stream', () => {
  it('has the microns of its time over minutes, thinned to what an entry holds', () => {
    const read = standingFrom(standing, { samples: falling, events: [] });
    expect(read.ok).toBe(true);
    if (!read.ok) return;
    const { samples } = read.value;
    expect(samples.length).toBeLessThanOrEqual(MOST_STANDING_SAMPLES);
    expect(samples[0]).toEqual([0, 300]);
    expect(samples.at(-1)).toEqual([20, 420]);
  });
  it.each([
    [{ kind: 'order', order: 'pump', on: true, runSeconds: 600 }, false],
    [{ kind: 'order', order: 'valve', open: true, runSeconds: 600 }, false],
    [{ kind: 'order', order: 'valve', open: false, runSeconds: 600 }, true],
    [{ kind: 'order', order: 'gauge', runSeconds: 600 }, true],
    // At its first second the valve was closed for it; after its end nothing concerns it.
    [{ kind: 'order', order: 'pump', on: false, runSeconds: 0 }, true],
    [{ kind: 'order', order: 'pump', on: true, runSeconds: 1201 }, true],
    [{ kind: 'order', order: 'sweep', runSeconds: 1200 }, false],
  ])('%j within it: %s', (event, holds) => {
    expect(standingFrom(standing, { samples: falling, events: [event] }).ok).toBe(holds);
  });
  it('without a reading in its time is refused', () => {
    const outside = standingFrom({ ...(standing as object), fromS: 5000, toS: 6000 } as never, {
      samples: falling,
      events: [],
    });
    expect(outside).toMatchObject({ ok: false, refused: { field: 'fromS' } });
    const silent = falling.map((s) => sample(s.runSeconds, { microns: null }));
    expect(standingFrom(standing, { samples: silent, events: [] }).ok).toBe(false);
  });
});

describe('an entry read off a stream', () => {
  const samples = Array.from({ length: 60 }, (_, i) => sample(i, { microns: i < 57 ? 900 : 30 }));
  it('takes what stands now, not what the screen sent', () => {
    const read = entryFrom('isolated', { microns: 5, runId: 'r' } as never, {
      samples,
      events: [],
      switches: undefined,
    });
    expect(read).toMatchObject({ ok: true, value: { microns: 30 } });
  });
  it('is refused in words where the instrument is silent', () => {
    const silent = samples.map((s) => sample(s.runSeconds, { microns: null }));
    const read = entryFrom('isolated', { microns: 5, runId: 'r' } as never, {
      samples: silent,
      events: [],
      switches: undefined,
    });
    expect(read).toMatchObject({ ok: false, refused: { field: 'microns' } });
  });
});
