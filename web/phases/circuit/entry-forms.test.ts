import { describe, expect, it } from 'vitest';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { ENTRY_BODIES, ENTRY_KINDS, type EntryKind } from '@/core/phases/log/entry-bodies';
import { ENTRY_TITLES } from '@/core/phases/log/entry-words';
import { refusalOf } from './entry-check';
import { entryDefaults, HIDDEN } from './entry-defaults';
import { ENTRY_FIELDS } from './entry-fields';
import { pairsOf } from './PairsField';

/** Kinds that are written by a tap on the page and have no form. */
const BY_TAP: readonly EntryKind[] = ['bubble', 'withdrawn'];

describe('forms of the circuit log', () => {
  it.each(ENTRY_KINDS.filter((k) => !BY_TAP.includes(k)))(
    '%s asks for every field of its entry and for nothing else',
    (kind) => {
      const asked = (ENTRY_FIELDS[kind] ?? []).map((f) => f.name);
      const hidden = Object.keys(HIDDEN[kind] ?? {});
      const preset = kind === 'hold-end' || kind === 'hold-look' ? ['startId'] : [];
      expect([...asked, ...hidden, ...preset].sort()).toEqual(Object.keys(ENTRY_BODIES[kind].shape).sort());
      expect(ENTRY_TITLES[kind]).toBeTruthy();
    },
  );
  it('defaults are allowed values wherever there is one', () => {
    for (const kind of ENTRY_KINDS) {
      for (const [name, value] of Object.entries(entryDefaults(kind, sampleSheet()))) {
        if (value === undefined) continue;
        const schema = (
          ENTRY_BODIES[kind].shape as Record<string, { safeParse: (v: unknown) => { success: boolean } }>
        )[name];
        expect(schema, `${kind}.${name}`).toBeDefined();
        expect(schema!.safeParse(value).success, `${kind}.${name}=${String(value)}`).toBe(true);
      }
    }
  });
  it('nothing that must be looked at is answered beforehand', () => {
    for (const name of ['liveBefore', 'liveAfter', 'lockedOut'])
      expect(entryDefaults('dead-proof', sampleSheet())).not.toHaveProperty(name);
    expect(entryDefaults('pump-setup', sampleSheet())).not.toHaveProperty('compressorLocked');
    expect(entryDefaults('vacuum-broken', sampleSheet())).not.toHaveProperty('gaugeProtected');
  });
  it('says field by field what is missing or not allowed, and keeps what could not be read', () => {
    expect(refusalOf('level', { reachedPsig: -40, waitMin: 5 }, { afterPsig: '“x” is not a plain number' })).toEqual({
      afterPsig: '“x” is not a plain number',
      reachedPsig: 'Not allowed. Allowed: -15 to 600 psig.',
    });
    expect(refusalOf('level', { reachedPsig: -5, waitMin: 5 }).afterPsig).toMatch(/^Missing\. Allowed: -15 to 600/);
    expect(refusalOf('level', { reachedPsig: -5, afterPsig: -5, waitMin: 5 })).toEqual({});
  });
});

describe('readings typed line by line', () => {
  it.each([
    [
      '0 300\n5 340\n10 372',
      [
        [0, 300],
        [5, 340],
        [10, 372],
      ],
    ],
    [
      '0 300; 5 340',
      [
        [0, 300],
        [5, 340],
      ],
    ],
    [
      '0: 300\n\n 1:  310 ',
      [
        [0, 300],
        [1, 310],
      ],
    ],
    ['', []],
  ])('%j', (text, pairs) => expect(pairsOf(text)).toEqual({ pairs, bad: undefined }));
  it.each(['5', '5 x', '1 2 3', 'five 300'])('%s is told', (text) => expect(pairsOf(`0 300\n${text}`).bad).toBe(text));
});
