import { describe, expect, it } from 'vitest';
import type { LibraryItem } from '@/core/equipment/library-item';
import type { Phase } from '@/core/job/phases';
import { isOnDevice, isSigned, type JobSheet } from '@/core/job/sheet';
import { sampleSheet, signedOff, standing } from '@/core/job/testing/sample-sheet';
import { scopeOf } from '@/core/phases/scope/view';
import { sheetGates } from '@/core/phases/standing';
import { EMPTY_CHOICE } from '@/core/scope/choice';
import { SAMPLE_OUTDOOR } from '@/core/scope/testing/sample-scope';
import { english } from '@/core/words/testing/english';
import type { Me } from '@/web/api/use-me';
import { withWaiting } from './overlay';
import type { Waiting } from './waiting';

const ME = { id: 'p', fullName: 'Tess Orlan', role: 'lead' } as Me;
const AT = '2026-06-01T15:00:00.000Z';
let seq = 0;
const post = (path: string, body: object, change: Partial<Waiting> = {}): Waiting => ({
  seq: seq++,
  personId: 'p',
  method: 'POST',
  path: `/jobs/job/${path}`,
  body: body as Waiting['body'],
  at: AT,
  ...change,
});
const sign = (phase: Phase, change: Partial<Waiting> = {}): Waiting =>
  post(`phases/${phase}/sign-offs`, { id: `s-${phase}` }, change);
const shown = (sheet: JobSheet, ...waiting: Waiting[]): JobSheet => withWaiting(sheet, waiting, ME);

describe('a signature that waits on this device', () => {
  it('stands as one of this device, for the circuit it is for, and the next phase rests on it', () => {
    const sheet = sampleSheet({ circuits: [standing({ id: 'k' })] });
    const after = shown(sheet, sign('charge'));
    expect(after.signOffs).toEqual([
      { id: 's-charge', ownerId: 'k', phase: 'charge', by: 'Tess Orlan', certificate: null, at: AT, contentHash: '' },
    ]);
    expect(after.signOffs.every(isOnDevice)).toBe(true);
    expect(after.circuits[0]!.signed).toEqual(['charge']);
    const gate = (s: JobSheet) => sheetGates(s, 'hand-over').find((g) => g.id === 'charge-signed');
    expect([gate(sheet)?.holds, gate(after)?.holds]).toEqual([false, true]);
  });

  it('one of the server is not taken for one of the device, and a second one changes nothing', () => {
    const sheet = sampleSheet({ signOffs: [signedOff('charge')] });
    expect(sheet.signOffs.some(isOnDevice)).toBe(false);
    expect(shown(sheet, sign('charge'))).toEqual(sheet);
    expect(shown(sampleSheet(), sign('charge'), sign('charge')).signOffs).toHaveLength(1);
  });

  it('is gone when the server refused it', () => {
    const refused = sign('charge', { refused: { message: 'written since' } });
    expect(isSigned(shown(sampleSheet(), refused), 'charge')).toBe(false);
  });

  it('the last round of a start-up brings its own', () => {
    const round = (sign: string | null) => post('rounds', { setId: 'r', stage: 'final', typed: [], run: null, sign });
    expect(isSigned(shown(sampleSheet(), round(null)), 'start-up')).toBe(false);
    expect(shown(sampleSheet(), round('s-1')).signOffs).toMatchObject([{ id: 's-1', phase: 'start-up', ownerId: 'k' }]);
  });

  it('of a scope puts the plate of its unit on the sheet of the first circuit, and on no other', () => {
    const outdoor = { id: 'u', version: 1, ...SAMPLE_OUTDOOR } as LibraryItem;
    const base = sampleSheet({ circuits: [standing({ id: 'k' }), standing({ id: 'k2' })] });
    const scope = { ...base.scope, outdoor, choice: { ...EMPTY_CHOICE, outdoorId: 'u' } };
    const bare: JobSheet = { ...base, scope, circuit: { ...base.circuit, plate: null } };
    expect(shown(bare, sign('scope')).circuit.plate).toMatchObject({ model: 'OHP-36T', factoryChargeOz: 118 });
    const second: JobSheet = { ...bare, circuit: { ...bare.circuit, id: 'k2' } };
    expect(shown(second, sign('scope')).circuit.plate).toBeNull();
    expect(shown(bare, sign('survey')).circuit.plate).toBeNull();
  });
});

describe('what a customer signed that waits on this device', () => {
  const body = (subject: string) => ({
    id: `c-${subject}`,
    subject,
    answer: 'yes',
    reason: null,
    text: 'The words shown.',
    said: { id: 'scope.words', with: {} },
    language: 'en',
    customer: 'M. Hollis',
    ink: 'M0 0L1 1',
  });

  it('of the scope keeps its items and terms; of a part that stays only its words; once each', () => {
    const waits = post('customer-signatures', body('scope'));
    const kept = post('customer-signatures', body('disclosure:coil'));
    const { signatures } = shown(sampleSheet(), waits, kept, waits).scope;
    expect(signatures.map((s) => [s.subject, s.witness, s.items !== null, s.terms !== null])).toEqual([
      ['scope', 'Tess Orlan', true, true],
      ['disclosure:coil', 'Tess Orlan', false, false],
    ]);
  });

  it('to what was found on the day decides it, item by item, and is asked no more; another word of it is', () => {
    const bare = sampleSheet();
    const agreed = shown(bare, post('customer-signatures', body('scope')));
    const found = (fact: string, value: string): JobSheet['survey']['observations'][number] =>
      ({ id: fact, fact, value, unit: '', foundOnTheDay: true, by: 'Tess Orlan', at: AT }) as never;
    const seen = (...observations: JobSheet['survey']['observations']): JobSheet => ({
      ...agreed,
      survey: { ...agreed.survey, observations },
    });
    const drain = seen(found('drainState', 'blocked'));
    const added = scopeOf(drain).change!.delta.added;
    expect(added.map((i) => i.id)).toContain('drain');
    const no = shown(drain, post('customer-signatures', { ...body('change'), answer: 'no', reason: 'Not now.' }));
    // A no takes out all but what safety asks for.
    expect(no.scope.decisions).toEqual(
      added
        .filter((i) => !i.safety)
        .map((i) => ({ itemId: i.id, decision: 'out', reason: 'Not now.', by: 'Tess Orlan', role: 'lead', at: AT })),
    );
    const yes = shown(drain, post('customer-signatures', body('change')));
    expect(yes.scope.decisions.map((d) => [d.itemId, d.decision])).toEqual(
      added.filter((i) => i.level === 'should').map((i) => [i.id, 'in']),
    );
    for (const after of [no, yes]) {
      expect(after.scope.signatures.at(-1)).toMatchObject({ subject: 'change', items: expect.any(Array) });
      expect(scopeOf(after).change).toBeUndefined();
    }
    // Before anybody found anything there is nothing that it could decide.
    expect(shown(agreed, post('customer-signatures', body('change'))).scope.decisions).toEqual([]);
  });

  it('that a look-again may stay lets it stand, in the words that were read, once', () => {
    const accepted = {
      id: 'a',
      finding: 'air-split',
      reason: 'Next week.',
      text: 'One.\nTwo.',
      language: 'en',
      customer: 'A. Wren',
      ink: 'M1 1',
    };
    const { acceptances } = shown(sampleSheet(), post('acceptances', accepted), post('acceptances', accepted));
    expect(acceptances.map((a) => [a.finding, english(a.said), a.by, a.customer])).toEqual([
      ['air-split', 'One.\nTwo.', 'Tess Orlan', 'A. Wren'],
    ]);
  });

  it('under the hand-over stands with its words', () => {
    const { signatures } = shown(sampleSheet(), post('customer-signatures', body('hand-over'))).scope;
    expect(signatures).toMatchObject([{ subject: 'hand-over', items: null, terms: null, witness: 'Tess Orlan' }]);
  });
});
