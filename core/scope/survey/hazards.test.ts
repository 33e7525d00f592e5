import { describe, expect, it } from 'vitest';
import { contradictionsOf } from './contradictions';
import { clearanceOf, knownFacts } from './survey';
import { observed } from './testing/observed';

describe('what stops work', () => {
  it('is not cleared by "not seen", only by another answer', () => {
    for (const [fact, hazard, clear] of [
      ['asbestos', 'suspect', 'none'],
      ['twoFeeds', true, false],
      ['statType', 'line-voltage', 'conventional'],
    ] as const) {
      expect(knownFacts([observed(fact, hazard), observed(fact, null)])[fact], fact).toBe(hazard);
      expect(knownFacts([observed(fact, hazard), observed(fact, clear)])[fact], fact).toBe(clear);
    }
    expect(knownFacts([observed('asbestos', 'none'), observed('asbestos', null)]).asbestos).toBeNull();
  });
  it('suspected asbestos is cleared by an accredited person’s name, number, words and a picture, nothing less', () => {
    const paper = [
      observed('asbestos', 'suspect'),
      observed('asbestosClearedBy', 'R. Ahm'),
      observed('asbestosClearedNumber', 'AB-2207'),
      observed('asbestosClearedWork', 'Coil swap in the closet, tape undisturbed', { photoId: 'photo' }),
    ];
    expect(clearanceOf(paper)).toMatchObject({ by: 'R. Ahm', number: 'AB-2207', photoId: 'photo' });
    for (let i = 0; i < paper.length; i++) expect(clearanceOf(paper.filter((_, j) => j !== i))).toBeUndefined();
    expect(clearanceOf([...paper.slice(0, 3), observed('asbestosClearedWork', 'Coil swap')])).toBeUndefined();
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
