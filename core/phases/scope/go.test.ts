import { describe, expect, it } from 'vitest';
import { passes } from '@/core/job/gates';
import type { JobSheet } from '@/core/job/sheet';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import type { CircuitEntry } from '@/core/phases/log/circuit-log';
import type { EntryBody, EntryKind } from '@/core/phases/log/entries';
import { removalGates } from './gates';
import { goFindings, goGate, goVerdict } from './go';

let made = 0;
const written = <K extends EntryKind>(kind: K, body: EntryBody<K>): CircuitEntry => {
  made += 1;
  return {
    id: `g${made}`,
    circuitId: 'k',
    phase: 'plan',
    source: 'typed',
    supersedesId: null,
    by: 'Tess Orlan',
    at: `2026-06-01T12:${10 + made}:00Z`,
    kind,
    body,
  } as never;
};
const fact = (name: string, value: unknown) =>
  ({
    id: name,
    fact: name,
    value,
    method: 'seen',
    source: 'on site',
    confidence: 'high',
    note: null,
    photoId: null,
    by: 'x',
    at: '',
    occurredAt: '',
  }) as never;
const surveyed = (facts: Record<string, unknown>, jobLog: CircuitEntry[] = []): JobSheet =>
  sampleSheet({
    circuit: { id: 'k', name: 'Circuit 1', version: 1, plate: null } as never,
    survey: { observations: Object.entries(facts).map(([k, v]) => fact(k, v)), waivers: [], photos: [] },
    jobLog,
  });
const arrived = (piece: EntryBody<'delivery'>['piece'], state: EntryBody<'delivery'>['state'] = 'matches') =>
  written('delivery', {
    piece,
    what: '',
    state,
    due: null,
    dueAt: null,
    wrong: state === 'is wrong' ? 'dented' : null,
  });
const YES: EntryBody<'go-check'> = {
  cylinders: 'has room',
  nitrogen: 'enough',
  weather: 'fits',
  air: 'agreed',
  access: true,
};
const byId = (sheet: JobSheet, id: string) => goFindings(sheet).find((f) => f.id === id)?.verdict;

describe('go or no-go', () => {
  it('what nobody looked at is not proven, and does not hold the removal', () => {
    const sheet = surveyed({ systemType: 'split-hp' });
    expect(goVerdict(goFindings(sheet).filter((f) => f.id !== 'go-pictures'))).toBe('not proven');
    expect(byId(sheet, 'go-unseen')).toBe('not-proven');
    expect(byId(sheet, 'go-gear')).toBe('not-proven');
    expect(goGate(sheet).holds).toBe(true);
  });
  it('every new piece is held against the order: a heat pump has two, a furnace alone one', () => {
    const both = [arrived('outdoor unit'), arrived('indoor unit')];
    expect(byId(surveyed({ systemType: 'split-hp' }, [both[0]!]), 'go-unseen')).toBe('not-proven');
    expect(byId(surveyed({ systemType: 'split-hp' }, both), 'go-unseen')).toBeUndefined();
    expect(byId(surveyed({ systemType: 'furnace-gas' }, [arrived('furnace')]), 'go-unseen')).toBeUndefined();
    expect(byId(surveyed({ systemType: 'rooftop' }, [arrived('packaged unit')]), 'go-unseen')).toBeUndefined();
    // Equipment that was entered at once names no order to hold it against.
    expect(byId(sampleSheet(), 'go-unseen')).toBeUndefined();
  });
  it('a wrong piece stops it, a missing one is a no-go; both hold the removal until a lead lets it pass', () => {
    const wrong = surveyed({ systemType: 'split-hp' }, [arrived('outdoor unit', 'is wrong')]);
    expect(goFindings(wrong)[0]).toMatchObject({ verdict: 'stop' });
    expect(goVerdict(goFindings(wrong))).toBe('no-go');
    expect(removalGates(wrong).find((g) => g.id === 'go')).toMatchObject({ holds: false, overridable: true });
    const letPass = {
      ...wrong,
      overrides: [
        {
          id: 'o',
          ownerId: 'y',
          phase: 'recover' as const,
          gate: 'go',
          reason: 'the dent is in the panel alone',
          by: 'Tess Orlan',
          at: '',
        },
      ],
    };
    expect(passes(removalGates(letPass).find((g) => g.id === 'go')!)).toBe(true);
    const late = surveyed({ systemType: 'split-hp' }, [arrived('outdoor unit', 'promised')]);
    expect(goGate(late).holds).toBe(false);
    // It came: the newest word of a piece is what holds, and another piece is another piece.
    const came = surveyed({ systemType: 'split-hp' }, [arrived('outdoor unit', 'promised'), arrived('outdoor unit')]);
    expect(goGate(came).holds).toBe(true);
    const other = surveyed({ systemType: 'split-hp' }, [arrived('outdoor unit', 'promised'), arrived('indoor unit')]);
    expect(goGate(other).holds).toBe(false);
  });
  it.each<[Partial<EntryBody<'go-check'>>, string, string]>([
    [{ cylinders: 'no room' }, 'go-cylinder', 'look-again'],
    [{ cylinders: 'not needed' }, 'go-cylinder', 'good'],
    [{ nitrogen: 'too little' }, 'go-nitrogen', 'look-again'],
    [{ weather: 'wet' }, 'go-weather', 'look-again'],
    [{ weather: 'windy' }, 'go-weather', 'look-again'],
    [{ air: 'missing' }, 'go-air', 'look-again'],
    [{ air: 'temporary' }, 'go-air', 'good'],
    [{ access: false }, 'go-access', 'look-again'],
  ])('%o: %s is %s', (change, id, verdict) => {
    const sheet = surveyed({ systemType: 'split-hp' }, [written('go-check', { ...YES, ...change })]);
    expect(byId(sheet, id)).toBe(verdict);
    expect(goGate(sheet).holds).toBe(verdict === 'good');
  });
  it('wind stops a crane', () => {
    const windy = written('go-check', { ...YES, weather: 'windy' });
    expect(byId(surveyed({ systemType: 'rooftop', crane: true }, [windy]), 'go-weather')).toBe('stop');
    expect(byId(surveyed({ systemType: 'rooftop', crane: false }, [windy]), 'go-weather')).toBe('look-again');
  });
  it.each([
    [{ permit: 'needed' }, 'look-again'],
    [{ permit: 'not needed' }, 'good'],
    [{ permit: 'ask' }, 'not-proven'],
    [{}, 'not-proven'],
  ])('permit %o is %s', (facts, verdict) => {
    expect(byId(surveyed({ systemType: 'split-hp', ...facts }), 'go-permit')).toBe(verdict);
  });
  it('all looked at and right is a go', () => {
    const permit = written('permit', { number: 'P-1', authority: '', pulledOn: '2026-05-20' });
    const log = [arrived('outdoor unit'), arrived('indoor unit'), written('go-check', YES), permit];
    const findings = goFindings(surveyed({ systemType: 'split-hp', permit: 'needed' }, log));
    expect(goVerdict(findings.filter((f) => f.id !== 'go-pictures'))).toBe('go');
    // Pictures that are missing are known to be missing.
    expect(goVerdict(findings)).toBe('no-go');
  });
});
