import { describe, expect, it } from 'vitest';
import { EMPTY_AIR } from '@/core/air/duct/air-sheet';
import { EMPTY_DRAIN } from '@/core/fit/drain/drain-sheet';
import { EMPTY_PLACEMENT } from '@/core/fit/outdoor/placement';
import type { FitKind, FitRecords } from '@/core/fit/sheets';
import { EMPTY_STACK } from '@/core/fit/stack/stack';
import { passes } from '@/core/job/gates';
import type { JobSheet } from '@/core/job/sheet';
import { letPass, sampleSheet, signedOff } from '@/core/job/testing/sample-sheet';
import { READS } from '@/core/phases/checks/ask';
import { checkFields } from '@/core/phases/checks/entry';
import { nextOpen } from '@/core/phases/checks/row';
import type { EntryBody } from '@/core/phases/log/entries';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { phasesOf, sheetGates } from '@/core/phases/standing';
import { EMPTY_CHOICE } from '@/core/scope/choice';
import type { FactValue } from '@/core/scope/survey/fact';
import type { FactKey } from '@/core/scope/survey/facts';
import { observed } from '@/core/scope/survey/testing/observed';
import { WATER_TEST } from '@/demo/sample-entries';
import { SET_ASKS, SET_CHECK_IDS, type SetCheckId } from './asks';
import { owesWater, setList } from './list';
import { setMove } from './move';
import { SET_RULES } from './rules';
import { setView } from './view';

type Facts = Partial<Record<FactKey, FactValue>>;
type Fits = { [K in FitKind]?: Partial<FitRecords[K]> };
const EMPTY = { placement: EMPTY_PLACEMENT, stack: EMPTY_STACK, drain: EMPTY_DRAIN } as const;

function job(facts: Facts, { fits = {}, ...change }: { fits?: Fits } & Omit<Partial<JobSheet>, 'fits'> = {}): JobSheet {
  const observations = Object.entries(facts).map(([k, v]) => observed(k as FactKey, v));
  const of = Object.fromEntries(
    Object.entries(fits).map(([kind, record]) => [
      kind,
      { kind, record: { ...EMPTY[kind as 'drain'], ...record }, measured: [], version: 1, by: 'T', at: '' },
    ]),
  );
  return {
    ...sampleSheet(),
    survey: { observations, waivers: [], photos: [] },
    fits: of as unknown as JobSheet['fits'],
    signOffs: [signedOff('survey'), signedOff('scope')],
    ...change,
  };
}
const ids = (sheet: JobSheet): SetCheckId[] => setList(sheet).map((c) => c.id);
const bandOfCheck = (sheet: JobSheet, id: SetCheckId) => setList(sheet).find((c) => c.id === id);
type Check = Partial<EntryBody<'set-check'>> & { check: SetCheckId };
const answered = (sheet: JobSheet, ...checks: Check[]): JobSheet => {
  const log = new LogBuilder();
  for (const c of checks) log.add('set-check', { answer: 'yes', ...c } as EntryBody<'set-check'>);
  return { ...sheet, systemLog: [...sheet.systemLog, ...log.log] };
};
/** Every check as it is asked. */
const allGood = (sheet: JobSheet): JobSheet => {
  const done = answered(
    sheet,
    ...setList(sheet).map(({ id, low, high }): Check => {
      const { by } = SET_ASKS[id];
      return {
        check: id,
        ...(by in READS ? { reading: low ?? high ?? 1 } : {}),
        ...(by === 'seal' ? { seal: 'mastic' } : {}),
      };
    }),
  );
  const photos = done.systemLog.map((e) => ({
    id: `p${e.id}`,
    subject: `entry:${e.id}`,
    caption: null,
    by: 'T',
    at: '',
  }));
  return { ...done, survey: { ...done.survey, photos: photos as unknown as JobSheet['survey']['photos'] } };
};

describe('the set sheet follows from what is installed', () => {
  it('asks of an outdoor unit what concerns it and nothing indoors', () => {
    const list = ids(job({ systemType: 'split-ac', replaced: 'outdoor' }));
    expect(list).toEqual(
      expect.arrayContaining(['pad-bears', 'pad-rise', 'unit-level', 'anchors', 'wall-entry', 'old-mended', 'cleaned']),
    );
    for (const id of ['indoor-level', 'joint-plenum', 'trap', 'base-holes', 'curb-gasket', 'bracket'] as const)
      expect(list).not.toContain(id);
  });
  it('a heat pump has defrost water; a furnace alone a joint and no outdoor unit; a rooftop its curb', () => {
    expect(ids(job({ systemType: 'split-hp' }))).toEqual(
      expect.arrayContaining(['base-holes', 'defrost-water', 'trap', 'joint-return']),
    );
    const furnace = ids(job({ systemType: 'furnace-gas' }));
    expect(furnace).toEqual(expect.arrayContaining(['indoor-level', 'joint-plenum', 'panels']));
    for (const id of ['pad-bears', 'trap', 'wall-entry', 'joint-coil'] as const) expect(furnace).not.toContain(id);
    const roof = ids(job({ systemType: 'rooftop' }));
    expect(roof).toEqual(
      expect.arrayContaining(['curb-gasket', 'shipping-out', 'seated', 'drop-sealed', 'roof-level', 'trap']),
    );
    for (const id of ['pad-bears', 'indoor-level', 'collars'] as const) expect(roof).not.toContain(id);
    expect(ids(job({ systemType: 'split-ac', replaced: 'all' }))).toContain('joint-coil');
  });
  it('measures as built what the fit sheets ordered, and asks nothing of what is not there', () => {
    const sheet = job(
      { systemType: 'split-hp', hail: true, ductKind: 'flex', flexState: 'flaking' },
      {
        scope: { ...sampleSheet().scope, choice: { ...EMPTY_CHOICE, standIn: 8 } },
        fits: {
          placement: {
            required: { ...EMPTY_PLACEMENT.required, serviceIn: 30, otherIn: 12, aboveIn: 60 },
            overheadIn: 96,
            underRunoff: true,
          },
          stack: { filter: { lengthIn: 20, pullIn: 24, toCoilIn: 8, makerIn: null }, hung: null },
          drain: { hotAttic: true, runFt: 6, secondary: 'into the pan', panFloat: 'wired' },
        },
      },
    );
    expect(bandOfCheck(sheet, 'stand-height')).toMatchObject({ low: 8 });
    expect(bandOfCheck(sheet, 'clear-service')).toMatchObject({ low: 30 });
    expect(bandOfCheck(sheet, 'clear-other')).toMatchObject({ low: 12 });
    expect(bandOfCheck(sheet, 'clear-above')).toMatchObject({ low: 60 });
    expect(bandOfCheck(sheet, 'filter-pull')).toMatchObject({ low: 22 });
    expect(bandOfCheck(sheet, 'filter-coil')).toMatchObject({ low: 6 });
    expect(bandOfCheck(sheet, 'drain-cover')).toMatchObject({ low: 6 });
    expect(bandOfCheck(sheet, 'unit-level')).toMatchObject({ high: 0.25 });
    expect(bandOfCheck(sheet, 'pad-rise')).toBeUndefined();
    expect(ids(sheet)).toEqual(
      expect.arrayContaining([
        'hail-guard',
        'runoff',
        'flex',
        'flex-straps',
        'bad-duct-out',
        'secondary',
        'float',
        'pan',
        'vibration',
      ]),
    );
    for (const id of ['bracket', 'stacked', 'sound', 'hangers', 'pump', 'neutralizer'] as const)
      expect(ids(sheet)).not.toContain(id);
  });
  it('what hangs on a wall or from a roof has its own checks, which stop where they fail', () => {
    const sheet = job(
      { systemType: 'split-hp' },
      {
        fits: {
          placement: {
            bracket: {
              wall: 'masonry',
              brackets: 2,
              standoffIn: 10,
              spanIn: 12,
              iceLb: 0,
              tensionLb: 900,
              shearLb: 900,
            },
          },
          stack: { hung: { weightLb: 120, hangers: 4, hangerLb: 100, isolated: true } },
        },
      },
    );
    expect(ids(sheet)).toEqual(expect.arrayContaining(['bracket', 'hangers']));
    for (const id of ['pad-bears', 'anchors', 'vibration'] as const) expect(ids(sheet)).not.toContain(id);
    for (const id of ['bracket', 'hangers'] as const) {
      const wrong = answered(sheet, { check: id, answer: 'no' });
      expect(sheetGates(wrong, 'set').find((g) => g.id === 'no-stop')).toMatchObject({
        holds: false,
        overridable: false,
      });
      expect(setMove(wrong, sheetGates(wrong, 'set'), true).kind).toBe('stop');
    }
  });
  it('every check has its words and a form', () => {
    for (const id of SET_CHECK_IDS) {
      const fields = checkFields(SET_ASKS[id]);
      expect('reading' in fields).toBe(SET_ASKS[id].by in READS);
      expect('seal' in fields).toBe(SET_ASKS[id].by === 'seal');
    }
  });
});

describe('answers', () => {
  const sheet = job({ systemType: 'split-hp' }, { fits: { drain: {} } });
  const row = (s: JobSheet, id: SetCheckId) => setView(s).rows.find((r) => r.check.id === id)!.finding;
  it.each([
    ['unit-level', { reading: 0.25 }, 'good'],
    ['unit-level', { reading: 0.26 }, 'look-again'],
    ['pad-rise', { reading: 3 }, 'good'],
    ['pad-rise', { reading: 2.9 }, 'look-again'],
    ['pad-bears', {}, 'good'],
    ['pad-bears', { answer: 'no' }, 'look-again'],
    ['pad-bears', { answer: 'does not apply', note: 'hangs' }, 'good'],
    ['joint-plenum', { seal: 'gasket' }, 'good'],
    // A picture that nobody took proves nothing.
    ['wall-entry', {}, 'not-proven'],
  ] as const)('%s %j: %s', (check, body, verdict) =>
    expect(row(answered(sheet, { check, ...body }), check).verdict).toBe(verdict),
  );
  it('the newest counts; what nobody answered is not proven', () => {
    expect(row(sheet, 'trap').verdict).toBe('not-proven');
    const twice = answered(sheet, { check: 'trap', answer: 'no' }, { check: 'trap' });
    expect(row(twice, 'trap').verdict).toBe('good');
    expect(setView(twice).answered).toBe(1);
  });
  const rule = (body: Check) =>
    SET_RULES['set-check']!(sheet, { answer: 'yes', ...body } as EntryBody<'set-check'>, {} as never)?.field;
  it('must say what the check asks', () => {
    expect(rule({ check: 'curb-gasket' })).toBe('check');
    expect(rule({ check: 'unit-level' })).toBe('reading');
    expect(rule({ check: 'unit-level', reading: 6.1 })).toBe('reading');
    expect(rule({ check: 'unit-level', reading: 6 })).toBeUndefined();
    expect(rule({ check: 'unit-level', answer: 'no' })).toBeUndefined();
    expect(rule({ check: 'joint-plenum' })).toBe('seal');
    expect(rule({ check: 'joint-plenum', seal: 'mastic' })).toBeUndefined();
    expect(rule({ check: 'pad-bears', answer: 'does not apply' })).toBe('note');
    expect(rule({ check: 'pad-bears', answer: 'does not apply', note: ' ' })).toBe('note');
    expect(rule({ check: 'pad-bears', answer: 'does not apply', note: 'on a bracket' })).toBeUndefined();
    const leak = (body: object) => SET_RULES['duct-leakage']!(sheet, body as never, {} as never)?.field;
    expect(leak({ means: 'fan', pa: 25 })).toBe('cfm');
    expect(leak({ means: 'fan', cfm: 100 })).toBe('pa');
    expect(leak({ means: 'not measured' })).toBe('reason');
    expect(leak({ means: 'fan', cfm: 100, pa: 25 })).toBeUndefined();
    expect(leak({ means: 'static and airflow', staticBeforeInWc: 1, cfmBefore: 1, staticAfterInWc: 1 })).toBe(
      'cfmAfter',
    );
    expect(
      leak({ means: 'static and airflow', staticBeforeInWc: 1, cfmBefore: 1, staticAfterInWc: 0, cfmAfter: 1 }),
    ).toBeUndefined();
    expect(SET_RULES['water-test']!(sheet, { ...WATER_TEST, outOz: 65 }, {} as never)?.field).toBe('outOz');
  });
});

describe('leakage of the ducts on the sheet', () => {
  // 1,200 CFM as the air sheet plans it.
  const air = { kind: 'air', record: EMPTY_AIR, measured: ['tons'], version: 1, by: 'T', at: '' };
  const base = { ...job({ systemType: 'split-hp' }), fits: { air } as unknown as JobSheet['fits'] };
  const leakage = (body: object | undefined) => {
    const log = body
      ? new LogBuilder().add('duct-leakage', {
          when: 'after',
          means: 'fan',
          cured: true,
          ...body,
        } as EntryBody<'duct-leakage'>).log
      : [];
    return setView({ ...base, systemLog: log }).leakage!.verdict;
  };
  it.each([
    [undefined, 'not-proven'],
    [{ cfm: 120, pa: 25 }, 'good'],
    [{ cfm: 121, pa: 25 }, 'look-again'],
    [{ cfm: 60, pa: 25, cured: false }, 'not-proven'],
    [{ cfm: 60, pa: 25, when: 'before' }, 'not-proven'],
    [{ means: 'not measured', reason: 'no fan' }, 'not-proven'],
    // A comparison supports, it proves no figure.
    [
      { means: 'static and airflow', staticBeforeInWc: 0.8, cfmBefore: 1000, staticAfterInWc: 0.6, cfmAfter: 1150 },
      'not-proven',
    ],
  ])('%j: %s', (body, verdict) => expect(leakage(body)).toBe(verdict));
  it('of air that nobody planned it is the share of nothing', () => {
    const body = { when: 'after', means: 'fan', cured: true, cfm: 30, pa: 25 } as EntryBody<'duct-leakage'>;
    const systemLog = new LogBuilder().add('duct-leakage', body).log;
    expect(setView({ ...base, fits: {}, systemLog }).leakage!.verdict).toBe('not-proven');
  });
  it('is answered by a figure or by why there is none, and nothing else', () => {
    const gate = (body: object) => {
      const log = new LogBuilder().add('duct-leakage', body as EntryBody<'duct-leakage'>).log;
      return sheetGates({ ...base, systemLog: log }, 'set').find((g) => g.id === 'leakage-answered')!.holds;
    };
    expect(gate({ when: 'before', means: 'fan', cfm: 100, pa: 25, cured: true })).toBe(false);
    expect(gate({ when: 'after', means: 'not measured', reason: 'no fan', cured: false })).toBe(true);
    expect(sheetGates(base, 'set').map((g) => g.id)).toContain('leakage-answered');
  });
});

describe('from the first check to the signature', () => {
  const sheet = job({ systemType: 'split-hp' }, { fits: { drain: {} } });
  it('the move asks in the order of the work, then for water and ducts, then for the signature', () => {
    const move = (s: JobSheet) => setMove(s, sheetGates(s, 'set'), true);
    expect(move(sheet).button?.action).toMatchObject({ kind: 'write', entry: 'set-check' });
    expect(nextOpen(setView(sheet).rows)?.check.id).toBe(ids(sheet)[0]);
    const looked = allGood(sheet);
    expect(nextOpen(setView(looked).rows)?.check.id).toBeUndefined();
    expect(move(looked).button?.action).toMatchObject({ kind: 'write', entry: 'water-test' });
    const poured = {
      ...looked,
      systemLog: [...looked.systemLog, ...new LogBuilder().add('water-test', WATER_TEST, { id: 'w' }).log],
    };
    expect(move(poured).button?.action).toMatchObject({ kind: 'write', entry: 'duct-leakage' });
    const why = { when: 'after', means: 'not measured', cured: false, reason: 'no fan' } as EntryBody<'duct-leakage'>;
    const done = {
      ...poured,
      systemLog: [...poured.systemLog, ...new LogBuilder().add('duct-leakage', why, { id: 'l' }).log],
    };
    expect(move(done).button?.action.kind).toBe('sign');
    expect(sheetGates(done, 'set').every(passes)).toBe(true);
    const wet = {
      ...done,
      systemLog: [
        ...done.systemLog,
        ...new LogBuilder().add('water-test', { ...WATER_TEST, outOz: 50 }, { id: 'w2' }).log,
      ],
    };
    expect(move(wet)).toMatchObject({ kind: 'look-again', button: { action: { entry: 'water-test' } } });
  });
  it('what is wrong comes before what is open; a lead lets everything pass but a stop', () => {
    const wrong = answered(sheet, { check: 'cleaned', answer: 'no' });
    expect(nextOpen(setView(wrong).rows)?.check.id).toBe('cleaned');
    const gates = sheetGates(sheet, 'set').filter((g) => !g.holds);
    expect(gates.every((g) => g.overridable)).toBe(true);
    const passed = { ...sheet, overrides: gates.map((g) => letPass('set', g.id)) };
    expect(setMove(passed, sheetGates(passed, 'set'), true).button?.action.kind).toBe('sign');
  });
  it('what lead and customer let stand is asked for no more, but never what can hurt', () => {
    const let_ = (finding: string) => ({
      id: finding,
      finding,
      said: { id: 'x' },
      reason: '',
      customer: 'A',
      by: 'T',
      at: '',
    });
    const tight = answered(sheet, { check: 'pad-rise', reading: 2 });
    expect(setView(tight).open.find((f) => f.id === 'set:pad-rise')).toMatchObject({ verdict: 'look-again' });
    const stays = { ...tight, acceptances: [let_('set:pad-rise')] };
    expect(setView(stays).rows.find((r) => r.check.id === 'pad-rise')).toMatchObject({
      accepted: true,
      finding: { verdict: 'look-again' },
    });
    expect(setView(stays).open.some((f) => f.id === 'set:pad-rise')).toBe(false);
    expect(nextOpen(setView(stays).rows)?.check.id).not.toBe('pad-rise');
    const good = allGood(stays);
    const left = answered({ ...good, acceptances: stays.acceptances }, { check: 'pad-rise', reading: 2 });
    expect(sheetGates(left, 'set').find((g) => g.id === 'set-checks')!.holds).toBe(true);
    const furnace = answered(job({ systemType: 'furnace-gas' }, { fits: { drain: { furnaceInputBtuh: 80_000 } } }), {
      check: 'inner-trap',
      answer: 'no',
    });
    const stop = { ...furnace, acceptances: [let_('set:inner-trap')] };
    expect(setView(stop).open[0]).toMatchObject({ id: 'set:inner-trap', verdict: 'stop' });
    expect(sheetGates(stop, 'set').some((g) => g.id === 'no-stop')).toBe(true);
  });
  it('holds the start-up, and without a circuit the hand-over', () => {
    const holds = (s: JobSheet, phase: 'start-up' | 'hand-over') =>
      sheetGates(s, phase).find((g) => g.id === 'set-signed')?.holds;
    expect(holds(sheet, 'start-up')).toBe(false);
    expect(holds({ ...sheet, signOffs: [...sheet.signOffs, signedOff('set')] }, 'start-up')).toBe(true);
    expect(holds(sampleSheet(), 'start-up')).toBeUndefined();
    const furnace = { ...job({ systemType: 'furnace-gas' }), circuit: { ...sampleSheet().circuit, plate: null } };
    expect(holds(furnace, 'hand-over')).toBe(false);
    expect(owesWater(furnace)).toBe(false);
    expect(owesWater(sheet)).toBe(true);
  });
  it('a job that was handed over before this was kept claims nothing about it', () => {
    expect(phasesOf(sheet)).toContain('set');
    expect(phasesOf({ ...sheet, signOffs: [...sheet.signOffs, signedOff('hand-over')] })).not.toContain('set');
    expect(phasesOf({ ...sheet, signOffs: [...sheet.signOffs, signedOff('set'), signedOff('hand-over')] })).toContain(
      'set',
    );
    expect(phasesOf(sampleSheet())).not.toContain('set');
  });
});
