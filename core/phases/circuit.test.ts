import { describe, expect, it } from 'vitest';
import { type Cylinder, cylinderChecks } from '@/core/circuit/recovery/cylinder';
import { transitionRules } from '@/core/circuit/transition-rules';
import { passes } from '@/core/job/gates';
import type { Phase } from '@/core/job/phases';
import type { EquippedSheet } from '@/core/job/sheet';
import { letPass, sampleSheet, signedOff } from '@/core/job/testing/sample-sheet';
import { chargeChecks, chargeLabel } from '@/core/phases/charge/charge-record';
import { buildUpOf, judgeCharge, lostOz } from '@/core/phases/charge/charge-sheet';
import { roomView } from '@/core/phases/charge/room-view';
import { evacuationView } from '@/core/phases/evacuate/view';
import { joinView } from '@/core/phases/join/view';
import type { EntryBody } from '@/core/phases/log/entries';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { pressureView } from '@/core/phases/pressure-test/view';
import { recoveryView } from '@/core/phases/recover/view';
import { phasesOf, sheetGates, standingOf } from '@/core/phases/standing';
import type { Said } from '@/core/words/said';
import { english, told } from '@/core/words/testing/english';
import {
  DEAD_PROOF as DEAD,
  DRIER,
  REMOVAL_FACTS as FACTS,
  JOINT,
  OLD_CHARGE as OLD,
  TEST_PLAN as PLAN,
  PUMP_SETUP as PUMP,
  LINE_RUN as RUN,
} from '@/demo/sample-entries';
import { refusesEntry } from './entry-rules';
import { nextMoveOf } from './phase';
import { phaseById } from './registry';

const recovery: Cylinder = {
  id: 'c1',
  tag: 'RC-1',
  use: 'recovery',
  refrigerant: 'R-410A',
  waterCapacityLb: 47.7,
  tareOz: 452,
  ratingPsig: 400,
  retestOn: '2028-01-01',
  disposable: false,
  flammableMark: false,
  dipTube: true,
  state: 'in use',
  contentsOz: 100,
};
const supply: Cylinder = {
  ...recovery,
  id: 'c2',
  tag: 'S-1',
  use: 'supply',
  refrigerant: 'R-454B',
  retestOn: null,
  contentsOz: 320,
};

const sheet = (b: LogBuilder, change: Partial<EquippedSheet> & { signed?: string[] } = {}): EquippedSheet => {
  const { signed: phases = [], ...rest } = change;
  return sampleSheet({
    vacuum: null,
    circuitLog: b.log,
    cylinders: [recovery, supply],
    signOffs: phases.map((p) => signedOff(p as Phase)),
    ...rest,
  });
};
const moveIn = (s: EquippedSheet, phase: string) => nextMoveOf(phaseById(phase)!, s, { maySign: true });
const log = (): LogBuilder => new LogBuilder();
const check = (list: readonly { id: string; verdict: string; claim: Said }[], id: string) =>
  list.find((c) => c.id === id);
const held = (s: EquippedSheet, phase: 'recover' | 'join' | 'pressure-test' | 'evacuate'): string[] =>
  sheetGates(s, phase)
    .filter((g) => !passes(g))
    .map((g) => g.id);
const tight = (start = 260): EntryBody<'standing'> => ({
  samples: Array.from({ length: 121 }, (_, i): [number, number] => [i / 10, start + 40 * (1 - Math.exp(-i / 10))]),
  coldestPipeF: 70,
  runId: null,
  fromS: null,
  toS: null,
});
const leaking: EntryBody<'standing'> = {
  ...tight(),
  samples: Array.from({ length: 121 }, (_, i): [number, number] => [i / 10, 260 + 5.5 * i]),
};

describe('recover', () => {
  it('expects 150.2 oz, wants 10 inHg by the company and 0 by rule', () => {
    const v = recoveryView(sheet(log().add('old-charge', OLD)));
    expect(v.expectedOz).toBeCloseTo(150.2, 6);
    expect(v.level).toMatchObject({ legalInHg: 0, wantedInHg: 10 });
    const legal = sheet(log().add('old-charge', OLD));
    legal.circuitSchools = { ...legal.circuitSchools, companyLevel: 'legal' };
    expect(recoveryView(legal).level.wantedInHg).toBe(0);
    expect(recoveryView(sheet(log().add('old-charge', { ...OLD, leaker: true }))).level.wantedInHg).toBe(0);
  });
  it('a longer line without its adder leaves the charge unknown', () => {
    expect(recoveryView(sheet(log().add('old-charge', { ...OLD, ozPerFt: null }))).expectedOz).toBeUndefined();
    expect(recoveryView(sheet(log().add('old-charge', { ...OLD, ozPerFt: null, lineLengthFt: 12 }))).expectedOz).toBe(
      134,
    );
  });
  it('nothing is cut before it is proven dead, and nobody overrides that', () => {
    const bare = sheet(log().add('old-charge', OLD));
    const gate = sheetGates(bare, 'recover').find((g) => g.id === 'dead-proof')!;
    expect(gate).toMatchObject({ holds: false, overridable: false });
    const live = recoveryView(sheet(log().add('dead-proof', { ...DEAD, lineToGroundV: 121 })));
    expect(check(live.checks, 'dead')).toMatchObject({ verdict: 'stop' });
    for (const change of [{ liveBefore: false }, { liveAfter: false }, { lockedOut: false }])
      expect(check(recoveryView(sheet(log().add('dead-proof', { ...DEAD, ...change }))).checks, 'dead')!.verdict).toBe(
        'not-proven',
      );
  });
  it('walks from the old charge to the signature', () => {
    const b = log();
    const at = () => moveIn(sheet(b), 'recover');
    expect(at().button!.action).toMatchObject({ entry: 'old-charge' });
    b.add('old-charge', OLD);
    expect(at().button!.action).toMatchObject({ entry: 'removal-facts' });
    b.add('removal-facts', FACTS);
    expect(at().button!.action).toMatchObject({ entry: 'standing-read' });
    b.add('standing-read', { gaugePsig: 221, coldF: 75, hotF: 95, restH: 3, readsVacuum: true });
    expect(english(at().say)).toMatch(/Pump it down/);
    b.add('method', { method: 'pump-down', reason: '' });
    expect(at().button!.action).toMatchObject({ entry: 'pump-down' });
    b.add('pump-down', { liquidClosedPsig: null, stopPsig: 1, ranMin: 4, runId: null, runSeconds: null });
    expect(at().button!.action).toMatchObject({ entry: 'rebound' });
    b.add('rebound', { stopPsig: 1, afterPsig: 4, minutes: 10 });
    expect(at().button!.action).toMatchObject({ entry: 'dead-proof' });
    b.add('dead-proof', DEAD);
    expect(at().button!.action).toMatchObject({ entry: 'level' });
    b.add('level', { reachedPsig: -5.2, afterPsig: -5, waitMin: 6 });
    // Below atmosphere is a machine's work: what it took went into a cylinder of the ledger.
    expect(at().button!.action).toMatchObject({ entry: 'recovered' });
    b.add('recovered', {
      cylinderId: 'c1',
      startGrossOz: 552,
      endGrossOz: 560,
      oily: false,
      scale: 'scale 2',
      runId: null,
    });
    expect(at().button!.action).toMatchObject({ kind: 'sign' });
    expect(held(sheet(b), 'recover')).toEqual([]);
  });
  it('A2L below 0 psig with the compressor running stops; a rebound of 22 psi asks for another try', () => {
    const deep = log()
      .add('old-charge', { ...OLD, refrigerant: 'R-32' })
      .add('pump-down', { liquidClosedPsig: null, stopPsig: -2.5, ranMin: 3, runId: null, runSeconds: null });
    expect(check(recoveryView(sheet(deep)).checks, 'too-deep')).toMatchObject({ verdict: 'stop' });
    const back = log()
      .add('old-charge', OLD)
      .add('pump-down', { liquidClosedPsig: null, stopPsig: 0, ranMin: 3, runId: null, runSeconds: null })
      .add('rebound', { stopPsig: 0, afterPsig: 22, minutes: 10 });
    expect(check(recoveryView(sheet(back)).checks, 'rebound')!.verdict).toBe('look-again');
  });
  it('a rebound that was read too early proves nothing', () => {
    const early = (minutes: number) =>
      check(
        recoveryView(
          sheet(
            log()
              .add('old-charge', OLD)
              .add('pump-down', { liquidClosedPsig: null, stopPsig: 1, ranMin: 3, runId: null, runSeconds: null })
              .add('rebound', { stopPsig: 1, afterPsig: 2, minutes }),
          ),
        ).checks,
        'rebound',
      );
    expect(early(4)).toMatchObject({ verdict: 'not-proven' });
    expect(early(10)).toBeUndefined();
  });
  it('the level counts only after its wait, and a rise above it asks for the machine again', () => {
    const level = (body: EntryBody<'level'>) =>
      check(recoveryView(sheet(log().add('old-charge', OLD).add('level', body))).checks, 'level')!;
    expect(level({ reachedPsig: -6, afterPsig: -6, waitMin: 2 }).verdict).toBe('not-proven');
    expect(told(level({ reachedPsig: -6, afterPsig: 3, waitMin: 6 }))).toMatchObject({
      verdict: 'look-again',
      claim: '3 psig still in it.',
    });
    expect(english(level({ reachedPsig: -6, afterPsig: -2, waitMin: 6 }).claim)).toMatch(/enough by the rule/);
    expect(level({ reachedPsig: -6, afterPsig: -5, waitMin: 6 }).verdict).toBe('good');
  });
  it('66 % back is a probable leak; what a pump-down left is not judged and must be recovered later', () => {
    const b = log().add('old-charge', OLD).add('method', { method: 'machine', reason: '' });
    b.add('recovered', { cylinderId: 'c1', startGrossOz: 552, endGrossOz: 651.2, oily: false, scale: '', runId: null });
    expect(recoveryView(sheet(b)).share).toMatchObject({ reading: 'probable leak' });
    b.add('held-in-unit', { oz: 40, note: '' });
    expect(recoveryView(sheet(b)).share).toBeUndefined();
    expect(check(recoveryView(sheet(b)).checks, 'held-in-unit')!.verdict).toBe('look-again');
  });
});

describe('what stays open after the run', () => {
  it('a suction drier holds the hand-over until someone has come back; a lead may override it', () => {
    const b = new LogBuilder()
      .add('old-charge', OLD)
      .add('drier', { ...DRIER, line: 'suction', suctionPlace: 'common suction' });
    const gateOf = (log: LogBuilder) => sheetGates(sheet(log), 'hand-over').find((g) => g.id === 'suction-drier');
    expect(gateOf(new LogBuilder().add('old-charge', OLD))).toBeUndefined();
    expect(gateOf(b)).toMatchObject({ holds: false, overridable: true });
    b.add('suction-drier-visit', { dropPsi: 1.4, acid: 'clean', outcome: 'taken out' });
    expect(gateOf(b)).toMatchObject({ holds: true });
  });
  it('the maker’s limit for a room wins over the rule, both ways', () => {
    const room = { areaFt2: 60, releaseHeightFt: 2, detector: false, circulationCfm: null };
    const of = (makerLimitLb: number | null) =>
      roomView(sheet(new LogBuilder().add('room', { ...room, makerLimitLb })), 144)!.verdict;
    expect(of(null)).toBe('stop');
    expect(of(9.5)).toBe('good');
    expect(of(8.5)).toBe('stop');
  });
  it('liquid left in the hose comes off the charge and off the label', () => {
    const hose = { boreIn: 0.31, lengthIn: 60, spilledOz: 0.5 };
    const of = (left: 'liquid' | 'drawn in') => {
      const made = sheet(new LogBuilder().add('old-charge', OLD).add('hose-loss', { ...hose, left }));
      const build = buildUpOf(made);
      if (!build.ok) throw new Error(english(build.refused.message));
      return { lost: lostOz(made), label: chargeLabel(made, build.value).addedOz };
    };
    // R-454B: 4.53 in³ of 61.6 lb/ft³ at 77 °F (SG 0.987 of the reference table).
    expect(of('liquid').lost).toBeCloseTo(0.5 + 2.58, 1);
    expect(of('liquid').label).toBeCloseTo(-of('liquid').lost, 9);
    expect(of('drawn in').lost).toBeCloseTo(0.5, 9);
  });
  it('a label is done with its valves set and its caps on', () => {
    const of = (change: object) =>
      sheetGates(
        sheet(
          new LogBuilder()
            .add('old-charge', OLD)
            .add('label', { place: 'door', valvesSet: true, capsOn: true, ...change }),
        ),
        'charge',
      ).find((g) => g.id === 'label');
    expect(of({})).toMatchObject({ holds: true });
    expect(told(of({ valvesSet: false }))).toMatchObject({ holds: false, say: 'A service valve is not set yet' });
    expect(of({ capsOn: false })).toMatchObject({ holds: false });
  });
});

describe('the cap on warming potential', () => {
  const of = (change: Partial<EquippedSheet>) => {
    const made = sampleSheet({ vacuum: null, circuitLog: new LogBuilder().add('old-charge', OLD).log, ...change });
    const sheet = {
      ...made,
      circuit: { ...made.circuit, plate: { ...made.circuit.plate, refrigerant: 'R-410A' as const } },
    };
    const build = buildUpOf(sheet);
    if (!build.ok) throw new Error(english(build.refused.message));
    return chargeChecks(sheet, build.value, '2026-06-01').find((c) => c.id === 'gwp');
  };
  it('is the company’s, from the day it holds, and says whether anyone checked it', () => {
    // GWP of R-410A 2,088 (AR4).
    expect(told(of({}))).toMatchObject({ verdict: 'look-again', source: expect.stringContaining('not checked') });
    expect(of({ transition: transitionRules({ 'transition.gwp-cap.cap': 2100 }) })).toBeUndefined();
    expect(of({ transition: transitionRules({ 'transition.gwp-cap.from': '2027-01-01' }) })).toBeUndefined();
    expect(
      english(of({ transition: transitionRules({ 'transition.gwp-cap.verifiedOn': '2026-03-01' }) })!.source),
    ).toMatch(/checked 2026-03-01/);
  });
});

describe('what nobody may write', () => {
  const guard = (s: EquippedSheet, kind: Parameters<typeof refusesEntry>[1], body: object, cylinder?: Cylinder) =>
    refusesEntry(s, kind, body as never, {
      cylinder,
      nowMs: Date.parse('2026-06-01T12:00:00Z'),
      at: '2026-06-01T12:00:00Z',
      typed: false,
      today: '2026-06-01',
    });
  const weigh = { cylinderId: 'c1', startGrossOz: 552, endGrossOz: 690, oily: false, scale: '', runId: null };
  const old = sheet(log().add('old-charge', OLD));
  it.each([
    ['another refrigerant', { ...recovery, refrigerant: 'R-22' as const }, /holds R-22/],
    ['a disposable cylinder', { ...recovery, disposable: true }, /disposable/],
    ['an overdue retest', { ...recovery, retestOn: '2025-01-01' }, /due for retest/],
    ['a rating too low', { ...recovery, ratingPsig: 350 }, /too weak/],
    ['more than it can hold', { ...recovery, contentsOz: 700 }, /Room for/],
    ['a supply cylinder', { ...recovery, use: 'supply' as const }, /supply/],
    ['one in quarantine', { ...recovery, state: 'quarantined' as const }, /quarantined/],
  ])('recovering into %s', (_, cylinder, message) =>
    expect(english(guard(old, 'recovered', weigh, cylinder)?.message)).toMatch(message),
  );
  it('recovering uncertified, or backwards on the scale', () => {
    expect(english(guard({ ...old, certification: 'type-I' }, 'recovered', weigh, recovery)?.message)).toMatch(
      /certified/,
    );
    expect(guard(old, 'recovered', { ...weigh, endGrossOz: 500 }, recovery)).toMatchObject({ field: 'endGrossOz' });
    expect(guard(old, 'recovered', weigh, recovery)).toBeUndefined();
  });
  it('what went past the fill limit is still written down, and the cylinder says stop', () => {
    const full = { ...recovery, contentsOz: 560 };
    expect(guard(old, 'recovered', weigh, full)).toBeUndefined();
    const after = cylinderChecks({ ...full, contentsOz: 698 }, 'R-410A', undefined, '2026-06-01');
    expect(told(after.find((c) => c.id === 'fill'))).toMatchObject({ verdict: 'stop', claim: '108 % of its limit.' });
  });
  it('A2L into an unmarked cylinder', () => {
    const a2l = sheet(log().add('old-charge', { ...OLD, refrigerant: 'R-32' }));
    const empty = { ...recovery, refrigerant: null, contentsOz: 0 };
    expect(english(guard(a2l, 'recovered', weigh, empty)?.message)).toMatch(/not marked/);
    expect(guard(a2l, 'recovered', weigh, { ...empty, flammableMark: true })).toBeUndefined();
  });
  it('a test above the plate, or a hold without a plan', () => {
    expect(told(guard(old, 'test-plan', { ...PLAN, targetPsig: 500 }))).toMatchObject({
      field: 'targetPsig',
      allowed: 'up to 450 psig',
    });
    expect(english(guard(old, 'test-plan', { ...PLAN, lowSidePsig: null, targetPsig: 300 })?.allowed)).toBe(
      'up to 150 psig',
    );
    expect(english(guard(old, 'hold-start', { psig: 450, pipeF: 70 })?.message)).toMatch(/Plan the test first/);
  });
  it('breaking a vacuum that is not proven, or with the gauge on it', () => {
    const broken = { by: 'cylinder', toPsig: 3, gaugeProtected: true };
    expect(english(guard(old, 'vacuum-broken', broken)?.message)).toMatch(/No refrigerant before/);
    const proven = sheet(log().add('pump-setup', PUMP).add('standing', tight()));
    expect(guard(proven, 'vacuum-broken', broken)).toBeUndefined();
    expect(guard(proven, 'vacuum-broken', { ...broken, gaugeProtected: false })).toMatchObject({
      field: 'gaugeProtected',
    });
  });
  it('charging from recovered or other refrigerant, or a blend as vapour', () => {
    const s = sheet(log());
    const used = { cylinderId: 'c2', leavesAs: 'liquid' };
    expect(guard(s, 'cylinder-used', used, supply)).toBeUndefined();
    expect(english(guard(s, 'cylinder-used', { ...used, leavesAs: 'vapour' }, supply)?.message)).toMatch(/blend/);
    expect(english(guard(s, 'cylinder-used', used, { ...supply, refrigerant: 'R-410A' })?.message)).toMatch(
      /holds R-410A/,
    );
    expect(english(guard(s, 'cylinder-used', used, recovery)?.message)).toMatch(/recovered/);
  });
});

describe('join', () => {
  const joined = (change: Partial<EntryBody<'joint'>> = {}, run: Partial<EntryBody<'line-run'>> = {}) =>
    log()
      .add('line-run', { ...RUN, ...run })
      .add('joint', { ...JOINT, ...change })
      .add('drier', DRIER)
      .add('expansion-open', { how: 'not needed' })
      .add('fire-watch', { minutes: 60, extinguisher: true });
  const problems = (b: LogBuilder): string[] =>
    joinView(sheet(b))
      .checks.filter((c) => c.verdict !== 'good')
      .map((c) => c.id.replace(/joint-e\d+-/, ''));
  it('a clean job has nothing open and signs after the recovery', () => {
    expect(problems(joined())).toEqual([]);
    expect(held(sheet(joined(), { signed: ['recover'] }), 'join')).toEqual([]);
    expect(held(sheet(joined()), 'join')).toEqual(['recover-signed']);
  });
  it.each([
    [{ nitrogenScfh: null }, 'nitrogen'],
    [{ heatShield: false }, 'heat'],
    [{ metals: 'copper to steel' as const }, 'alloy'],
    [{ socketIn: 0.9 }, 'clearance'],
    [{ method: 'flare' as const, odIn: 0.375, torqueFtLb: 18 }, 'torque'],
    [{ newRing: false }, 'ring'],
  ])('a joint with %j is told', (change, id) => expect(problems(joined(change))).toContain(id));
  it.each([
    [{ vaporOdIn: 0.625 }, 'suction'],
    [{ liquidOdIn: 0.25 }, 'liquid'],
    [{ vaporWallIn: 0.25 }, 'insulation'],
    [{ kept: true }, 'reuse'],
    [{ kept: true, flushed: true, troubles: ['concealed kink' as const] }, 'reuse'],
    [{ pieces: [{ ft: 95, way: 'along' as const }] }, 'long-line'],
    [{ vaporOdIn: 1.125, leastTons: 1.2, pieces: [{ ft: 20, way: 'down' as const }] }, 'riser'],
  ])('a line set with %j is told', (change, id) => expect(problems(joined({}, change))).toContain(id));
  it('vapour climbs only where the way to the coil goes down', () => {
    expect(joinView(sheet(joined())).figures).toMatchObject({ liftFt: 12, vapourRiseFt: 0, riserTons: undefined });
    const down = joined(
      {},
      {
        pieces: [
          { ft: 5, way: 'along' },
          { ft: 9, way: 'down' },
          { ft: 8, way: 'down' },
        ],
      },
    );
    expect(joinView(sheet(down)).figures).toMatchObject({ liftFt: -17, vapourRiseFt: 17 });
  });
  it('a one-way drier in a heat pump, a small one, a torched one', () => {
    const d = (change: Partial<EntryBody<'drier'>>) =>
      check(
        joinView(
          sheet(
            log()
              .add('line-run', RUN)
              .add('drier', { ...DRIER, ...change }),
          ),
        ).checks,
        'drier',
      )!;
    expect(english(d({ direction: 'one way' }).claim)).toMatch(/one-way/);
    expect(english(d({ ratedTons: 2 }).claim)).toMatch(/rated 2 t/);
    expect(d({ oldOneCut: 'torched out' }).verdict).toBe('look-again');
  });
  it('the drawn line set is the one that is charged for', () => {
    const build = buildUpOf(sheet(joined()));
    if (!build.ok) throw new Error();
    expect(english(build.value.parts.find((p) => p.id === 'line-set')!.how)).toMatch(/33 ft beyond/);
  });
});

describe('pressure test', () => {
  const hold = (startPsig: number, startF: number, endPsig: number, endF: number, minutes = 30) => {
    const b = log()
      .add('line-run', RUN)
      .add('joint', JOINT)
      .add('expansion-open', { how: 'not needed' })
      .add('test-plan', PLAN);
    const joint = b.log[1]!.id;
    b.add('hold-start', { psig: startPsig, pipeF: startF, runId: null, runSeconds: null });
    const startId = b.lastId;
    b.wait(minutes - 1).add('hold-end', { startId, psig: endPsig, pipeF: endF, runId: null, runSeconds: null });
    return { b, joint };
  };
  // 450 psig, 92 → 74 °F: real gas expects 433.8 (EOS); trade cases of the same hold.
  it.each([
    [434.5, 'good', /No leak detected/],
    [421, 'look-again', /It leaks: −12\.8/],
    [446.5, 'not-proven', /Reads too high: \+12\.7/],
  ])('450 at 92 °F, %d at 74 °F: %s', (end, verdict, claim) => {
    const { b } = hold(450, 92, end, 74);
    const c = check(pressureView(sheet(b)).checks, 'hold')!;
    expect(c.verdict).toBe(verdict);
    expect(english(c.claim)).toMatch(claim);
  });
  it('the same reading after a large cooling is no pass; too short is no proof', () => {
    expect(check(pressureView(sheet(hold(450, 92, 450, 74).b)).checks, 'hold')!.verdict).toBe('not-proven');
    expect(english(check(pressureView(sheet(hold(450, 74, 449.8, 74, 12).b)).checks, 'hold')!.claim)).toMatch(
      /only 12 of 30 min/,
    );
  });
  it('kept or long lines are held an hour', () => {
    expect(pressureView(sheet(log().add('line-run', { ...RUN, kept: true }))).holdMin).toBe(60);
    expect(pressureView(sheet(log().add('line-run', { ...RUN, pieces: [{ ft: 90, way: 'along' }] }))).holdMin).toBe(60);
    expect(pressureView(sheet(log().add('line-run', RUN))).holdMin).toBe(30);
  });
  it('bubbles are asked for after a held test, joint by joint, and count only from this hold on', () => {
    const { b, joint } = hold(450, 74, 449.8, 74);
    const signedBefore = ['recover', 'join'];
    expect(held(sheet(b, { signed: signedBefore }), 'pressure-test')).toEqual(['bubbled']);
    b.add('bubble', { jointId: joint, result: 'bubbles' });
    expect(pressureView(sheet(b)).stage).toBe('failed');
    b.add('bubble', { jointId: joint, result: 'no bubbles' });
    expect(held(sheet(b, { signed: signedBefore }), 'pressure-test')).toEqual([]);
    b.add('hold-start', { psig: 450, pipeF: 74, runId: null, runSeconds: null });
    expect(pressureView(sheet(b)).joints[0]!.result).toBeUndefined();
  });
  it('a test below the plan’s pressure, or a reduced one, says so', () => {
    expect(english(check(pressureView(sheet(hold(380, 74, 380, 74).b)).checks, 'hold')!.claim)).toMatch(
      /not at the planned 450/,
    );
    const reduced = log().add('test-plan', { ...PLAN, targetPsig: 200, reducedBecause: 'cylinder ran low' });
    expect(english(check(pressureView(sheet(reduced)).checks, 'target')!.claim)).toMatch(
      /Reduced pressure test at 200 psig: cylinder ran low/,
    );
  });
});

describe('evacuate', () => {
  const pumped = () => log().add('pump-setup', PUMP).add('blank-off', { microns: 34 });
  const isolate = (b: LogBuilder, microns = 262) => b.add('isolated', { microns, runId: null, runSeconds: null });
  const before = { signed: ['recover', 'join', 'pressure-test'] };
  it('set-up, blank-off, deep, standing, tight: everything holds', () => {
    const b = isolate(pumped());
    expect(evacuationView(sheet(b)).stage).toBe('standing');
    b.add('standing', tight());
    expect(evacuationView(sheet(b)).stage).toBe('proven');
    expect(held(sheet(b, before), 'evacuate')).toEqual([]);
    expect(held(sheet(b), 'evacuate')).toEqual(['pressure-signed']);
  });
  it('a leak goes on to a sweep, and its test does not pass', () => {
    const b = isolate(pumped()).add('standing', leaking);
    expect(held(sheet(b, before), 'evacuate')).toEqual(['standing-vacuum']);
    expect(moveIn(sheet(b, before), 'evacuate').button!.action).toMatchObject({ entry: 'sweep' });
  });
  it('a sweep after a test makes that test count no more', () => {
    const b = isolate(pumped()).add('standing', tight()).add('sweep', { fromMicrons: 300, psig: 2, soakMin: 5 });
    expect(evacuationView(sheet(b)).stage).toBe('pumping');
    expect(held(sheet(b, before), 'evacuate')).toContain('standing-vacuum');
  });
  it.each([
    [{ compressorLocked: false }, 'compressor-locked'],
    [{ gaugePlace: 'at the pump' as const }, 'gauge-proven'],
    [{ method: 'triple' as const }, 'deep-enough'],
  ])('%j is held', (change, gate) => {
    const b = isolate(
      log()
        .add('pump-setup', { ...PUMP, ...change })
        .add('blank-off', { microns: 34 }),
    ).add('standing', tight());
    expect(held(sheet(b, before), 'evacuate')).toContain(gate);
  });
  it('a shallow start, or a gauge nobody proved, is held', () => {
    expect(held(sheet(isolate(pumped(), 900).add('standing', tight()), before), 'evacuate')).toContain('deep-enough');
    const unproven = isolate(log().add('pump-setup', PUMP)).add('standing', tight());
    expect(held(sheet(unproven, before), 'evacuate')).toContain('gauge-proven');
    const dirty = isolate(log().add('pump-setup', PUMP).add('blank-off', { microns: 180 })).add('standing', tight());
    expect(held(sheet(dirty, before), 'evacuate')).toContain('gauge-proven');
  });
  it('a kept line set asks for sweeps', () => {
    const b = log()
      .add('line-run', { ...RUN, kept: true, flushed: true })
      .add('pump-setup', PUMP);
    expect(english(check(evacuationView(sheet(b)).checks, 'method')!.claim)).toMatch(/kept line set/);
  });
});

describe('charge', () => {
  const ready = () =>
    log().add('line-run', RUN).add('pump-setup', PUMP).add('blank-off', { microns: 30 }).add('standing', tight());
  const gates = (s: EquippedSheet) =>
    sheetGates(s, 'charge')
      .filter((g) => !passes(g))
      .map((g) => g.id);
  const all = { signed: ['recover', 'join', 'pressure-test', 'evacuate'] };
  it('waits for the signed evacuation, the broken vacuum and the label', () => {
    expect(gates(sheet(ready()))).toContain('evacuate-signed');
    const s = sheet(ready(), all);
    expect(gates(s)).toEqual(expect.arrayContaining(['vacuum-broken', 'room', 'label', 'weighed-charge']));
    const b = ready()
      .add('vacuum-broken', { by: 'factory charge', toPsig: 2, gaugeProtected: true })
      .add('room', { areaFt2: 400, releaseHeightFt: 5.9, detector: false, circulationCfm: null })
      .add('label', { place: 'door', valvesSet: true, capsOn: true });
    expect(gates(sheet(b, all))).toEqual(['weighed-charge']);
  });
  it('an override of the standing test counts for the charge too', () => {
    const overrides = [letPass('evacuate', 'standing-vacuum')];
    const s = sheet(log().add('pump-setup', PUMP), { ...all, overrides });
    expect(gates(s)).not.toContain('standing-vacuum');
  });
  it('a small room refuses the A2L charge, and nobody overrides that', () => {
    const b = ready().add('room', { areaFt2: 60, releaseHeightFt: 2, detector: false, circulationCfm: null });
    expect(roomView(sheet(b), 144)).toMatchObject({ verdict: 'stop' });
    expect(sheetGates(sheet(b, all), 'charge').find((g) => g.id === 'room')).toMatchObject({
      holds: false,
      overridable: false,
    });
  });
  it('a detector needs area and flow', () => {
    const room = (circulationCfm: number | null, areaFt2 = 200) =>
      roomView(sheet(log().add('room', { areaFt2, releaseHeightFt: 6, detector: true, circulationCfm })), 144)!.verdict;
    expect(room(400)).toBe('good');
    expect(room(50)).toBe('not-proven');
    expect(room(400, 90)).toBe('stop');
  });
  it('scale, pause and cylinder are judged', () => {
    const b = ready()
      .add('cylinder-used', { cylinderId: 'c2', leavesAs: 'liquid' })
      .add('scale-drift', { driftOz: 0.6, minutes: 2 });
    b.add('paused', { grossOz: 400, valvesShut: true, capsOn: true });
    const of = (id: string) => {
      const s = sheet(b, all);
      const build = buildUpOf(s);
      if (!build.ok) throw new Error();
      return check(chargeChecks(s, build.value, '2026-06-01'), id);
    };
    expect(of('cylinder')!.verdict).toBe('good');
    expect(of('scale')!.verdict).toBe('stop');
    expect(of('pause')!.verdict).toBe('not-proven');
    b.add('resumed', { grossOz: 396, unaccounted: null });
    expect(told(of('pause'))).toMatchObject({
      verdict: 'not-proven',
      claim: expect.stringMatching(/4\.0 oz went missing/),
    });
    b.add('resumed', { grossOz: 399.8, unaccounted: null });
    expect(of('pause')!.verdict).toBe('good');
  });
  it('the label adds factory and field charge', () => {
    const s = sheet(ready(), all);
    const build = buildUpOf(s);
    if (!build.ok) throw new Error();
    expect(chargeLabel(s, build.value)).toMatchObject({
      refrigerant: 'R-454B',
      factoryOz: 118,
      addedOz: 0,
      totalOz: 118,
    });
  });
});

describe('a packaged unit', () => {
  const plate = { ...sampleSheet().circuit.plate, packaged: true, lineLengthFt: 0, includedLineFt: 0, coilOz: 0 };
  const packaged = (b: LogBuilder, change: { signed?: string[] } = {}) =>
    sheet(b, { circuit: { ...sampleSheet().circuit, plate }, ...change });
  const open = (s: EquippedSheet) =>
    sheetGates(s, 'charge')
      .filter((g) => !passes(g))
      .map((g) => g.id);
  it('comes with its charge: nothing is weighed, but the old one is still recovered and signed', () => {
    const old = log().add('old-charge', OLD);
    expect(open(packaged(old))).toContain('recover-signed');
    expect(open(packaged(old, { signed: ['recover'] }))).not.toContain('recover-signed');
    const build = buildUpOf(packaged(old));
    expect(english(build.ok && judgeCharge(packaged(old), build.value).finding.next.say)).toMatch(
      /^Nothing is weighed in/,
    );
  });
});

describe('which phases a job goes through', () => {
  it('all of them; without the typed vacuum of an older job; fewer for what comes sealed', () => {
    expect(phasesOf(sheet(log()))).toEqual([
      'recover',
      'join',
      'pressure-test',
      'evacuate',
      'charge',
      'start-up',
      'hand-over',
    ]);
    expect(phasesOf(sampleSheet())).toEqual(['charge', 'start-up', 'hand-over']);
    const packaged = sheet(log());
    packaged.circuit = {
      ...packaged.circuit,
      plate: { ...packaged.circuit.plate, packaged: true, lineLengthFt: 0, includedLineFt: 0, coilOz: 0 },
    };
    expect(phasesOf(packaged)).toEqual(['recover', 'charge', 'start-up', 'hand-over']);
    expect(sheetGates(packaged, 'charge').find((g) => g.id === 'standing-vacuum')).toMatchObject({ holds: true });
    expect(phasesOf(sheet(log().add('line-run', { ...RUN, setType: 'pre-charged' })))).toEqual([
      'recover',
      'join',
      'charge',
      'start-up',
      'hand-over',
    ]);
  });
  it('a job stands at its first unsigned phase with its next move', () => {
    expect(told(standingOf(sheet(log().add('old-charge', OLD))))).toMatchObject({
      phase: 'recover',
      waitsFor: expect.stringContaining('works'),
    });
    expect(standingOf(sheet(log().add('old-charge', OLD), { signed: ['recover'] }))).toMatchObject({ phase: 'join' });
  });
});
