import { describe, expect, it } from 'vitest';
import type { CustomerSignature, JobSheet } from '@/core/job/sheet';
import { letPass, sampleSheet, signedOff } from '@/core/job/testing/sample-sheet';
import { beforeSnapshotOf } from '@/core/phases/snapshot';
import { phasesOf, sheetGates, standingOf } from '@/core/phases/standing';
import { surveyGates } from '@/core/phases/survey/gates';
import { surveyMove } from '@/core/phases/survey/move';
import { surveyOf, systemWords } from '@/core/phases/survey/view';
import { EMPTY_CHOICE } from '@/core/scope/choice';
import { BEFORE_IDS, beforeSubject } from '@/core/scope/survey/before-dismantling';
import type { FactValue } from '@/core/scope/survey/fact';
import type { FactKey } from '@/core/scope/survey/facts';
import { observed } from '@/core/scope/survey/testing/observed';
import { SAMPLE_OUTDOOR } from '@/core/scope/testing/sample-scope';
import { english, told } from '@/core/words/testing/english';
import { agreedGates, removalGates, scopeGates } from './gates';
import { scopeMove } from './move';
import { beforeTables, scopeReport } from './report';
import { itemsToRemember, lineFoundOf, scopeOf } from './view';

function surveyed(facts: Partial<Record<FactKey, FactValue | null>>, change: Partial<JobSheet> = {}): JobSheet {
  const observations = Object.entries(facts).map(([k, v]) => observed(k as FactKey, v ?? null));
  const sheet: JobSheet = { ...sampleSheet(), survey: { observations, waivers: [], photos: [] }, ...change };
  return { ...sheet, circuit: { ...sheet.circuit, plate: null } };
}
/** Answers every question that is still open with "not seen". */
function complete(sheet: JobSheet): JobSheet {
  let s = sheet;
  for (let open = surveyOf(s).neverAsked; open.length; open = surveyOf(s).neverAsked) {
    s = {
      ...s,
      survey: { ...s.survey, observations: [...s.survey.observations, ...open.map((f) => observed(f.key, null))] },
    };
  }
  return s;
}
const unit = { ...SAMPLE_OUTDOOR, id: 'u', version: 1 };
const signature = (change: Partial<CustomerSignature>): CustomerSignature => ({
  said: null,
  id: 's',
  subject: 'scope',
  answer: 'yes',
  reason: null,
  text: '',
  customer: 'A. Wren',
  ink: 'M0 0L1 1',
  items: null,
  terms: null,
  witness: 'Tess Orlan',
  at: '2026-06-01T12:00:00Z',
  ...change,
});

describe('a job that begins with its survey', () => {
  it('goes through survey and scope; one with its plate typed does not', () => {
    expect(phasesOf(surveyed({}))[0]).toBe('survey');
    expect(phasesOf(sampleSheet())[0]).toBe('charge');
    expect(told(standingOf(surveyed({})))).toMatchObject({
      phase: 'survey',
      waitsFor: 'Find out: what kind of system.',
    });
    expect(english(systemWords(surveyed({ systemType: 'rooftop' })))).toBe('rooftop unit');
  });
  it('the heaviest unknown is the next move, with its reason and its place', () => {
    const move = surveyMove(surveyed({ systemType: 'split-hp', replaced: 'both-units', asbestos: 'none' }));
    expect(english(move.say)).toBe('Find out: refrigerant on the plate.');
    expect(english(move.because)).toMatch(
      /^It decides recovery, coil and line set\. \d+ more not asked; this one decides most\.$/,
    );
    expect(told(move.button)).toEqual({
      label: 'Outdoor unit',
      action: { kind: 'go', to: 'survey/outdoor#oldRefrigerant' },
    });
  });
  it('with everything asked it may be signed, and says what stays unknown', () => {
    const sheet = complete(surveyed({ systemType: 'split-hp' }));
    expect(surveyGates(sheet).every((g) => g.holds)).toBe(true);
    const move = surveyMove(sheet);
    expect(move.button!.action.kind).toBe('sign');
    expect(english(move.because)).toMatch(/not seen; the one that matters most: /);
  });
  it('a hazard that stops the work comes before anything else, and holds every later phase without override', () => {
    const sheet = surveyed(
      { systemType: 'split-hp', asbestos: 'suspect' },
      { overrides: [letPass('recover', 'no-hazard-stop')] },
    );
    expect(told(surveyMove(sheet))).toMatchObject({ kind: 'stop', say: 'Suspected asbestos. Stop.' });
    const [gate] = removalGates(sheet);
    expect(gate).toMatchObject({ id: 'no-hazard-stop', holds: false, overridable: false });
    expect(gate!.override).toBeUndefined();
    for (const phase of ['charge', 'start-up', 'hand-over'] as const)
      expect(sheetGates(sheet, phase).some((g) => g.id === 'no-hazard-stop' && !g.holds)).toBe(true);
  });
});

describe('a furnace alone', () => {
  it('has no charge and no start-up, and is handed over on its scope', () => {
    const sheet = surveyed({ systemType: 'furnace-gas' }, { signOffs: [signedOff('survey')] });
    expect(phasesOf(sheet)).toEqual(['survey', 'scope', 'set', 'wire', 'hand-over']);
    expect(sheetGates(sheet, 'hand-over').map((g) => g.id)).toEqual([
      'scope-signed',
      'disclosures',
      'change-answered',
      'musts-in',
      'set-signed',
      'wire-signed',
      'gas-pipe',
      'furnace-proof',
    ]);
    expect(phasesOf(surveyed({ systemType: 'gas-pack' }))).toContain('charge');
  });
});

describe('the scope of a job', () => {
  const base = complete(
    surveyed(
      {
        systemType: 'split-hp',
        coilRefrigerant: 'R-454B',
        a2lListed: true,
        metering: 'txv',
        lineLengthFt: 42,
        liquidOdIn: '0.375',
        vaporOdIn: '0.875',
      },
      { signOffs: [signedOff('survey')] },
    ),
  );
  const chosen: JobSheet = {
    ...base,
    scope: { ...base.scope, outdoor: unit, choice: { ...EMPTY_CHOICE, outdoorId: 'u', keepCoil: true } },
  };
  const decided: JobSheet = {
    ...chosen,
    scope: {
      ...chosen.scope,
      decisions: scopeOf(chosen)
        .items.filter((i) => i.standing === 'open')
        .map((i) => ({ itemId: i.id, decision: 'in' as const, reason: null, by: 'Tess', role: 'lead', at: '' })),
    },
  };
  const agreedTo = (sheet: JobSheet): JobSheet => ({
    ...sheet,
    scope: {
      ...sheet.scope,
      signatures: [
        ...sheet.scope.signatures,
        signature({ said: scopeOf(sheet).text, items: itemsToRemember(scopeOf(sheet)) }),
      ],
    },
  });

  it('leads from the unit over decisions and disclosures to the customer and the signature', () => {
    expect(english(scopeMove(base).say)).toBe('Choose the new equipment.');
    expect(english(scopeMove(chosen).say)).toMatch(/^Decide: /);
    expect(scopeMove(decided).button!.action).toEqual({ kind: 'customer', subject: 'disclosure:coil' });
    const disclosed: JobSheet = {
      ...decided,
      scope: {
        ...decided.scope,
        signatures: scopeOf(decided).disclosures.map((d) =>
          signature({ id: d.id, subject: `disclosure:${d.id}`, said: d.text }),
        ),
      },
    };
    expect(scopeMove(disclosed).button!.action).toEqual({ kind: 'customer', subject: 'scope' });
    const agreed = agreedTo(disclosed);
    expect(scopeMove(agreed).button!.action.kind).toBe('sign');
    expect(scopeGates(agreed).every((g) => g.holds)).toBe(true);
    const signed: JobSheet = { ...agreed, signOffs: [...agreed.signOffs, signedOff('scope')] };
    expect(english(scopeMove(signed).say)).toMatch(/^Take the pictures/);
    expect(told(standingOf(signed))).toMatchObject({
      phase: 'scope',
      waitsFor: 'Take the pictures before anything is taken apart.',
    });
    expect(agreedGates(signed).every((g) => g.holds)).toBe(true);
  });
  it('the line set that stays gives its figures to the charge; a new one gives none', () => {
    expect(lineFoundOf(chosen)).toEqual({ liquidLineOdIn: 0.375, vaporLineOdIn: 0.875, lineLengthFt: 42 });
    expect(
      lineFoundOf({ ...chosen, scope: { ...chosen.scope, choice: { ...chosen.scope.choice, keepLineSet: false } } }),
    ).toEqual({});
  });
  it('a fact found later is a change with its hours and price until it is answered', () => {
    const agreed = agreedTo(decided);
    const later: JobSheet = {
      ...agreed,
      survey: {
        ...agreed.survey,
        observations: [...agreed.survey.observations, observed('drainState', 'blocked', { foundOnTheDay: true })],
      },
    };
    const { change } = scopeOf(later);
    expect(change!.delta.added.map((i) => i.id)).toEqual(expect.arrayContaining(['drain', 'cause-drain']));
    expect(english(change!.text)).toMatch(/Rehang the drain/);
    expect(scopeMove(later).button!.action).toEqual({ kind: 'customer', subject: 'change' });
    expect(told(standingOf({ ...later, signOffs: [...later.signOffs, signedOff('scope')] }))).toMatchObject({
      phase: 'scope',
      mark: 'look-again',
      waitsFor: expect.stringMatching(/^The scope changed/),
    });
    const answered: JobSheet = {
      ...later,
      scope: {
        ...later.scope,
        signatures: [
          ...later.scope.signatures,
          signature({ id: 'c', subject: 'change', said: change!.text, items: itemsToRemember(scopeOf(later)) }),
        ],
      },
    };
    expect(scopeOf(answered).change).toBeUndefined();
  });
  it('its report and its frozen copy hold what was found, agreed and declined', () => {
    const agreed = agreedTo(decided);
    const report = scopeReport(agreed, 'Dray & Pell');
    expect(told(report.tables.map((t) => t.title))).toEqual(
      expect.arrayContaining(['Scope', 'Kept parts', 'Survey', 'Customer’s answers']),
    );
    for (const t of report.tables) for (const row of t.rows) expect(row.length).toBe(t.columns.length);
    const snapshot = JSON.parse(JSON.stringify(beforeSnapshotOf(agreed, 'scope', scopeGates(agreed)))) as ReturnType<
      typeof beforeSnapshotOf
    >;
    expect(snapshot.before.items.length).toBe(scopeOf(agreed).items.length);
    for (const t of beforeTables(snapshot.before)) for (const row of t.rows) expect(row.length).toBe(t.columns.length);
    expect(beforeTables(null)).toEqual([]);
  });
});

describe('the removal of the old system', () => {
  const taken = BEFORE_IDS.map((id) => ({
    id: `p-${id}`,
    subject: beforeSubject(id),
    caption: null,
    widthPx: 4,
    heightPx: 4,
    bytes: 9,
    by: 'Tess Orlan',
    at: '',
  }));
  const withPictures = (known: Parameters<typeof surveyed>[0], change: Parameters<typeof surveyed>[1] = {}) => {
    const s = surveyed(known, change);
    return { ...s, survey: { ...s.survey, photos: taken } };
  };
  const move = (s: ReturnType<typeof surveyed>) => scopeMove(s);
  const action = (m: ReturnType<typeof scopeMove>) => ('button' in m ? m.button?.action : undefined);
  const signed = [signedOff('survey'), signedOff('scope')];
  it('asks for the pictures first, then for the release, then leads on', () => {
    const bare = surveyed({ systemType: 'split-hp' }, { signOffs: signed });
    expect(action(move(bare))).toMatchObject({ kind: 'go', to: 'survey/before' });
    const ready = withPictures({ systemType: 'split-hp' }, { signOffs: signed });
    const release = move(ready);
    expect(action(release)).toEqual({ kind: 'release-removal' });
    expect(release.say.id).toBe('job.scope-signed-release-removal');
    const out = { ...ready, removal: { by: 'Tess Orlan', at: '' } };
    expect(action(move(out))).toMatchObject({ kind: 'go', to: 'recover' });
    const furnace = withPictures(
      { systemType: 'furnace-gas' },
      { signOffs: signed, removal: { by: 'Tess Orlan', at: '' } },
    );
    expect(action(move(furnace))).toMatchObject({ kind: 'go', to: 'set' });
  });
  it('let go before the scope is signed is told as such, and asks for the same release', () => {
    const early = withPictures(
      { systemType: 'split-hp' },
      { signOffs: [signedOff('survey')], overrides: [letPass('recover', 'scope-signed')] },
    );
    const release = move(early);
    expect(action(release)).toEqual({ kind: 'release-removal' });
    expect(release.say.id).toBe('job.release-removal-without-signed-scope');
  });
  it('nothing is taken out beside a hazard, whatever is signed', () => {
    const stopped = withPictures({ systemType: 'split-hp', asbestos: 'suspect' }, { signOffs: signed });
    expect(move(stopped)).toMatchObject({ kind: 'stop', button: { action: { kind: 'go' } } });
  });
});
