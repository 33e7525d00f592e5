import { describe, expect, it } from 'vitest';
import { contradictionsOf } from './contradictions';
import type { FactValue } from './fact';
import type { FactKey } from './facts';
import { clearanceOf, knownFacts, type Observation } from './survey';

const said = (fact: FactKey, value: FactValue | null, photoId: string | null = null): Observation => ({
  id: fact,
  fact,
  value,
  unit: '',
  method: 'seen',
  source: 'on site',
  confidence: 'high',
  note: null,
  photoId,
  foundOnTheDay: false,
  by: 'Tess Orlan',
  at: '2026-06-01T10:00:00Z',
});

describe('what stops work', () => {
  it('is not cleared by "not seen", only by another answer', () => {
    for (const [fact, hazard, clear] of [
      ['asbestos', 'suspect', 'none'],
      ['twoFeeds', true, false],
      ['statType', 'line-voltage', 'conventional'],
    ] as const) {
      expect(knownFacts([said(fact, hazard), said(fact, null)])[fact], fact).toBe(hazard);
      expect(knownFacts([said(fact, hazard), said(fact, clear)])[fact], fact).toBe(clear);
    }
    expect(knownFacts([said('asbestos', 'none'), said('asbestos', null)]).asbestos).toBeNull();
  });
  it('suspected asbestos is cleared by an accredited person’s name, number, words and a picture, nothing less', () => {
    const paper = [
      said('asbestos', 'suspect'),
      said('asbestosClearedBy', 'R. Ahm'),
      said('asbestosClearedNumber', 'AB-2207'),
      said('asbestosClearedWork', 'Coil swap in the closet, tape undisturbed', 'photo'),
    ];
    expect(clearanceOf(paper)).toMatchObject({ by: 'R. Ahm', number: 'AB-2207', photoId: 'photo' });
    for (let i = 0; i < paper.length; i++) expect(clearanceOf(paper.filter((_, j) => j !== i))).toBeUndefined();
    expect(clearanceOf([...paper.slice(0, 3), said('asbestosClearedWork', 'Coil swap')])).toBeUndefined();
  });
});

describe('answers that cannot both be so', () => {
  const ids = (known: object) => contradictionsOf(known as never).map((c) => c.id);
  it.each([
    ['leak-where', { coilLeaks: 0, whyReplaced: 'leak' }, { lineState: 'leaking' }],
    ['burnt-runs', { compressorState: 'runs', acid: 'acid' }, { acid: 'clean' }],
    ['no-reversing-valve', { systemType: 'split-hp', reversingValve: false }, { systemType: 'split-ac' }],
    ['plate-compressor', { outdoorPlate: 'readable', oldTons: 3, compressorTons: 4 }, { compressorTons: 3.5 }],
    ['circuits-small', { circuits: '2', systemType: 'split-hp', oldTons: 3 }, { oldTons: 7.5 }],
  ])('%s is told, and not when one of them changes', (id, both, other) => {
    expect(ids(both)).toContain(id);
    expect(ids({ ...both, ...other })).not.toContain(id);
  });
});
