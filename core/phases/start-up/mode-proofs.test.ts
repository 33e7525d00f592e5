import { describe, expect, it } from 'vitest';
import type { EquippedSheet } from '@/core/job/sheet';
import { HEALTHY, measured, round, sampleSheet } from '@/core/job/testing/sample-sheet';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { told } from '@/core/words/testing/english';
import { keptStood } from './judged';
import { isModeProven, modeFor, modesOf, proofFindings, proofMarks, recordedMode } from './mode-proofs';
import { judgeTyped, recordedStartUp } from './start-up-sheet';
import { stripStages, typedProofs } from './typed-proofs';

const NO_RUN = () => undefined;
const HEATING = {
  ...HEALTHY,
  outdoorDryBulbF: 45,
  returnDryBulbF: 69,
  supplyDryBulbF: 95,
  compressorA: 9.5,
  runMinutes: 18,
};
const BY = { by: 'test', at: '2026-06-01T15:00:00.000Z' };
const CONFIRMED = {
  confirmations: {
    filterClean: BY,
    indoorCoilClean: BY,
    outdoorCoilCleanDry: BY,
    enclosureRestored: BY,
    auxOff: BY,
  },
};
const inMode = (mode: 'cooling' | 'heating', values: Record<string, number>, set: string, at: string) =>
  round(values, set, at).map((m) => ({ ...m, mode }));
/** Air read in each call: the blower runs each at a speed of its own. */
const AIR = (['cooling', 'heating'] as const).map((mode) => measured('airflowCfm', 1200, { stage: 'airflow', mode }));
const cooled = (at = '2026-06-01T15:00:00.000Z') => [
  ...inMode('cooling', { ...HEALTHY, runMinutes: 20 }, 'a', at),
  ...inMode('cooling', { ...HEALTHY, runMinutes: 26 }, 'b', at.replace('15:00', '15:06')),
];
const DEFROSTED = new LogBuilder().add('defrost-run', {
  how: 'forced',
  coilStartF: 28,
  fanStopped: true,
  aux: 'yes',
  minutes: 4,
  coilEndF: 60,
  cleared: true,
  supplyLowF: 78,
}).log;
const sheetWith = (measurements: EquippedSheet['measurements'], mode: 'cooling' | 'heating' = 'cooling') => {
  const sheet = sampleSheet({ startUp: CONFIRMED, measurements: [...AIR, ...measurements] });
  return { ...sheet, job: { ...sheet.job, mode } };
};
/** The proofs of modes alone; a defrost is typed beside them. */
const ids = (sheet: EquippedSheet) =>
  proofFindings(sheet, sheet.job.mode, {})
    .filter((f) => f.id !== 'proof:defrost')
    .map((f) => [f.id, f.verdict, f.owed?.season ?? f.next?.action]);

describe('what a system owes a proof of', () => {
  it.each([
    [{ heatPump: false, stages: 'single', inverter: false }, ['cooling']],
    [{ heatPump: true, inverter: false }, ['cooling', 'heating']],
    [{ heatPump: false, stages: 'two', inverter: false }, ['cooling', 'cooling-low']],
    [{ heatPump: true, stages: 'two', inverter: false }, ['cooling', 'cooling-low', 'heating', 'heating-low']],
    [{ heatPump: true, stages: 'variable', inverter: true }, ['cooling', 'heating']],
  ] as const)('%j', (plate, modes) => {
    expect(modesOf(plate)).toEqual(modes);
  });
  it('a mode that the plate does not have is read as cooling', () => {
    const { plate } = sampleSheet().circuit;
    expect(modeFor({ ...plate, heatPump: false }, 'heating')).toBe('cooling');
    expect(modeFor(plate, 'heating')).toBe('heating');
    expect(modeFor(null, 'heating')).toBe('heating');
  });
});

describe('the proofs beside the one that is read', () => {
  it('a season decides what waits: heating in summer, cooling in winter, neither unknown', () => {
    expect(ids(sheetWith(cooled()))).toEqual([['proof:heating', 'not-proven', 'cold']]);
    const winter = sheetWith(inMode('heating', HEATING, 'h', '2026-01-10T15:00:00.000Z'), 'heating');
    expect(ids(winter)).toEqual([['proof:cooling', 'not-proven', 'warm']]);
    expect(ids(sheetWith([]))).toEqual([['proof:heating', 'not-proven', { kind: 'prove', mode: 'heating' }]]);
  });
  it('a winter start-up is signed by what it heats with, and cooling stays owed from May', () => {
    const read = sheetWith(inMode('heating', HEATING, 'h', '2026-01-10T15:00:00.000Z'), 'heating');
    expect(recordedStartUp(read, NO_RUN)!.judgement.next.action).toEqual({ kind: 'write-proof', entry: 'defrost-run' });
    const winter = { ...read, systemLog: DEFROSTED };
    const recorded = recordedStartUp(winter, NO_RUN)!;
    expect(recorded.missing).toEqual([]);
    const open = recorded.judgement.findings.filter((f) => f.verdict !== 'good' && !f.owed);
    expect(open).toEqual([]);
    expect(recorded.judgement.next.action?.kind).toBe('sign');
    expect(told(recorded.judgement.findings.find((f) => f.owed)!.claim)).toBe(
      'Proof of cooling: waits for warm weather.',
    );
  });
  it('on a mild day both are asked for, one after the other, and the first stands when the second is read', () => {
    const mild = { ...HEALTHY, outdoorDryBulbF: 65 };
    const both = [
      ...inMode('cooling', { ...mild, runMinutes: 20 }, 'a', '2026-04-01T15:00:00.000Z'),
      ...inMode('cooling', { ...mild, runMinutes: 26 }, 'b', '2026-04-01T15:06:00.000Z'),
    ];
    const before = sheetWith(both);
    expect(ids(before)).toEqual([['proof:heating', 'not-proven', { kind: 'prove', mode: 'heating' }]]);
    const heats = inMode('heating', { ...HEATING, outdoorDryBulbF: 64 }, 'h', '2026-04-01T16:00:00.000Z');
    const after = sheetWith([...both, ...heats], 'cooling');
    expect(ids(after)).toEqual([['proof:heating', 'good', undefined]]);
    expect(isModeProven(after, 'heating')).toBe(true);
  });
  it('what is wrong in the other mode holds, by its own claim, and leads back to it', () => {
    const cold = inMode('heating', { ...HEATING, supplyDryBulbF: 60 }, 'h', '2026-06-01T16:00:00.000Z');
    const [found] = proofFindings(sheetWith([...cooled(), ...cold]), 'cooling', {});
    expect(found).toMatchObject({ verdict: 'stop', next: { action: { kind: 'prove', mode: 'heating' } } });
    expect(told(found!.claim)).toBe('Proof of heating: Heating is called and the air comes out 9.0 °F colder.');
    expect(isModeProven(sheetWith([...cooled(), ...cold]), 'heating')).toBe(false);
  });
  it('the mode that is read has no finding of its own, and marks follow the rest', () => {
    const sheet = sheetWith(cooled());
    const { judgement } = judgeTyped(sheet, {}, Date.parse('2026-06-01T15:07:00.000Z'));
    expect(judgement.findings.some((f) => f.id === 'proof:cooling')).toBe(false);
    expect(proofMarks(judgement.findings)).toEqual({ heating: 'owed' });
  });
  it('air that was read in cooling proves no heat: heating is read, and its airflow stays owed', () => {
    const heats = inMode('heating', HEATING, 'h', '2026-01-10T15:00:00.000Z');
    const sheet = sheetWith(heats);
    const cooledOnly = { ...sheet, measurements: sheet.measurements.filter((m) => m !== AIR[1]) };
    expect(ids(cooledOnly)).toEqual([['proof:heating:airflow', 'not-proven', 'any']]);
    expect(recordedMode(cooledOnly, 'heating')!.figures.byId['heating-capacity'].value).toBeUndefined();
    expect(proofMarks(proofFindings(cooledOnly, 'cooling', {}))).toMatchObject({ heating: 'owed' });
  });
  it('an inverter that heats owes its maker’s test mode: direction and current alone are no proof', () => {
    const sheet = sheetWith(inMode('heating', HEATING, 'h', '2026-01-10T15:00:00.000Z'));
    const plate = { ...sheet.circuit.plate, inverter: true };
    expect(ids({ ...sheet, circuit: { ...sheet.circuit, plate } })).toEqual([
      ['proof:heating:conditions', 'not-proven', 'any'],
    ]);
  });
  it('an outdoor probe that is stuck does not say which season it is', () => {
    const probe = { value: 92, uncertainty: 1, source: 'instrument' as const };
    const of = (trouble: object) =>
      proofFindings(sheetWith([]), 'cooling', { outdoorDryBulbF: { ...probe, ...trouble } })[0]!.owed?.season;
    expect([of({}), of({ trouble: 'stuck' })]).toEqual(['cold', undefined]);
  });
  it('a signature rests on the mode that has readings, whichever is called now', () => {
    const switched = sheetWith(cooled(), 'heating');
    expect(recordedStartUp(switched, NO_RUN)).toMatchObject({ mode: 'cooling' });
  });
  it('a round off instruments is judged by what was kept with it', () => {
    const kept = (steady: 'steady' | 'settling') =>
      cooled().map((m) => ({
        ...m,
        source: 'simulated' as const,
        runId: 'r',
        runSeconds: 1200,
        detail: keptStood({
          steady: { state: steady, say: { id: 'x' } as never, steadyForS: 0, waitS: 0, channels: {} },
          held: { ranMin: 20.04 },
        }),
      }));
    expect(isModeProven(sheetWith(kept('steady')), 'cooling')).toBe(true);
    expect(isModeProven(sheetWith(kept('settling')), 'cooling')).toBe(false);
  });
});

describe('proofs that are typed as they are seen', () => {
  const KIT = { kind: 'heater-kit', heaterKw: 15, heatStages: 2 } as never;
  const withStrips = (log: EquippedSheet['systemLog'] = []) => {
    const sheet = sheetWith(cooled());
    return { ...sheet, systemLog: log, scope: { ...sheet.scope, heaterKit: KIT, choice: { ...sheet.scope.choice } } };
  };
  const STRIP = { kw: 7.5, ratedVolts: 240, volts: 240, amps: 31, blowerFirst: true, apartS: null, lockout: null };
  it('each stage of electric heat asks for its own form, one after the other', () => {
    expect(stripStages(withStrips())).toEqual([1, 2]);
    const found = typedProofs(withStrips(), 90).filter((f) => f.id.startsWith('proof:strip'));
    expect(found.map((f) => [f.id, f.verdict, f.next?.action])).toEqual([
      ['proof:strip-1', 'not-proven', { kind: 'write-proof', entry: 'strip-run', preset: { stage: 1 } }],
      ['proof:strip-2', 'not-proven', { kind: 'write-proof', entry: 'strip-run', preset: { stage: 2 } }],
    ]);
  });
  it('a stage that was read stands by its newest entry; heat without air stops', () => {
    const b = new LogBuilder()
      .add('strip-run', { ...STRIP, stage: 1, amps: 12 })
      .add('strip-run', { ...STRIP, stage: 1 })
      .add('strip-run', { ...STRIP, stage: 2, blowerFirst: false });
    const found = typedProofs(withStrips(b.log), 90);
    expect(found.map((f) => [f.id, f.verdict])).toEqual([
      ['proof:strip-1', 'good'],
      ['proof:strip-2', 'stop'],
      ['proof:defrost', 'not-proven'],
    ]);
    expect(told(found[1]!.claim)).toBe('Electric heat, stage 2: Heat without air.');
  });
  it('a defrost waits for cold days, asks for its form on them, and is judged whenever it was seen', () => {
    const sheet = sheetWith([]);
    expect(typedProofs(sheet, 80)[0]).toMatchObject({
      id: 'proof:defrost',
      owed: { proof: 'defrost', season: 'cold' },
    });
    expect(typedProofs(sheet, 45)[0]!.next?.action).toEqual({ kind: 'write-proof', entry: 'defrost-run' });
    expect(typedProofs({ ...sheet, systemLog: DEFROSTED }, 80)[0]).toMatchObject({ verdict: 'good' });
    const cools = { ...sheet.circuit, plate: { ...sheet.circuit.plate, heatPump: false } };
    expect(typedProofs({ ...sheet, circuit: cools }, 45)).toEqual([]);
  });
  it('what both let stand no longer asks', () => {
    const b = new LogBuilder().add('strip-run', { ...STRIP, stage: 1, amps: 12 });
    const acceptance = { finding: 'proof:strip-1' } as EquippedSheet['acceptances'][number];
    const open = typedProofs(withStrips(b.log), 90)[0]!;
    expect(open.next?.action?.kind).toBe('write-proof');
    const stands = typedProofs({ ...withStrips(b.log), acceptances: [acceptance] }, 90)[0]!;
    expect(stands.verdict).toBe('look-again');
    expect(stands.next).toBeUndefined();
  });
});
