import { beforeAll, describe, expect, it } from 'vitest';
import { EMPTY_PLACEMENT } from '@/core/fit/outdoor/placement';
import { FIT_EMPTY, FIT_KINDS } from '@/core/fit/sheets';
import { coreWords } from '@/web/words/say';
import { fitDifferences } from './fit-differences';

beforeAll(() => coreWords());

describe('two people on one fit sheet', () => {
  it('sees what the other put, in the words of the form', () => {
    const mine = { ...EMPTY_PLACEMENT, weightLb: 214, heatPump: true, unit: { ...EMPTY_PLACEMENT.unit, widthIn: 37 } };
    const stored = {
      ...EMPTY_PLACEMENT,
      weightLb: null,
      heatPump: false,
      unit: { ...EMPTY_PLACEMENT.unit, widthIn: 35.5 },
      obstacles: [
        ...EMPTY_PLACEMENT.obstacles,
        { id: 'o', label: 'Fence', kind: 'fence' as const, x0: 0, y0: 0, x1: 0, y1: 80 },
      ],
    };
    expect(fitDifferences('placement', mine, stored)).toEqual([
      { label: 'New unit: Width', mine: '37 in', stored: '35\u00a01/2 in' },
      { label: 'New unit: Weight with packaging', mine: '214 lb', stored: '–' },
      { label: 'New unit: Heat pump', mine: 'Yes', stored: 'No' },
      {
        label: expect.stringContaining('Walls'),
        mine: String(mine.obstacles.length),
        stored: String(stored.obstacles.length),
      },
    ]);
  });
  it('says nothing of two that agree, whatever the sheet', () => {
    for (const kind of FIT_KINDS)
      expect(fitDifferences(kind, FIT_EMPTY[kind], structuredClone(FIT_EMPTY[kind]))).toEqual([]);
  });
});
