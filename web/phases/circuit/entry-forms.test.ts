import { beforeAll, describe, expect, it } from 'vitest';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { ENTRY_KINDS, type EntryKind, entryOf } from '@/core/phases/log/entries';
import { bodyOf, refusalsOf, startOf } from '@/web/kit/form/boxes';
import { pairsOf } from '@/web/kit/form/PairsField';
import { coreWords, say } from '@/web/words/say';
import { entryStart } from './entry-start';

/** Of these nothing need be said: the charge that stays may be of an unknown amount, oil is changed for its own reasons. */
const SAID_BY_SAVING: readonly EntryKind[] = ['held-in-unit', 'oil-change'];
const form = (kind: EntryKind) => entryOf(kind);

beforeAll(() => coreWords());

describe('forms of the circuit log', () => {
  it.each(ENTRY_KINDS.filter((k) => !form(k).byTap))(
    '%s asks for what it keeps, and starts where nobody said it',
    (kind) => {
      const { fields, title, schema } = form(kind);
      expect(say(title)).not.toBe('');
      for (const [name, f] of Object.entries(fields)) {
        if (f.shown.kind !== 'hidden') expect(say(f.label), `${kind}.${name}`).not.toBe('');
        if (f.start !== undefined) expect(f.schema.safeParse(f.start).success, `${kind}.${name}`).toBe(true);
        if (f.unasked !== undefined) expect(f.schema.safeParse(f.unasked).success, `${kind}.${name}`).toBe(true);
        // What may not arise must have something to be kept as.
        if (f.when) expect(f.unasked, `${kind}.${name}`).toBeDefined();
      }
      // An empty form is never saved as something that somebody said.
      const empty = bodyOf(fields, startOf(fields, entryStart(kind, sampleSheet())));
      expect(schema.safeParse(empty.body).success).toBe(SAID_BY_SAVING.includes(kind));
    },
  );
  it('defaults are allowed values wherever there is one', () => {
    for (const kind of ENTRY_KINDS) {
      for (const [name, value] of Object.entries(entryStart(kind, sampleSheet()))) {
        if (value === undefined) continue;
        const schema = (
          entryOf(kind).schema.shape as Record<string, { safeParse: (v: unknown) => { success: boolean } }>
        )[name];
        expect(schema, `${kind}.${name}`).toBeDefined();
        expect(schema!.safeParse(value).success, `${kind}.${name}=${String(value)}`).toBe(true);
      }
    }
  });
  it('nothing that must be looked at is answered beforehand', () => {
    for (const name of ['liveBefore', 'liveAfter', 'lockedOut'])
      expect(entryStart('dead-proof', sampleSheet())).not.toHaveProperty(name);
    expect(entryStart('pump-setup', sampleSheet())).not.toHaveProperty('compressorLocked');
    expect(entryStart('vacuum-broken', sampleSheet())).not.toHaveProperty('gaugeProtected');
  });
  it('says field by field what is missing or not allowed, and keeps what could not be read', () => {
    expect(
      refusalsOf(form('level').schema, { reachedPsig: -40, waitMin: 5 }, { afterPsig: '“x” is not a plain number' }),
    ).toEqual({
      afterPsig: '“x” is not a plain number',
      reachedPsig: 'Not allowed. Allowed: -15 to 600 psig.',
    });
    expect(refusalsOf(form('level').schema, { reachedPsig: -5, waitMin: 5 }).afterPsig).toMatch(
      /^Missing\. Allowed: -15 to 600/,
    );
    expect(refusalsOf(form('level').schema, { reachedPsig: -5, afterPsig: -5, waitMin: 5 })).toEqual({});
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
