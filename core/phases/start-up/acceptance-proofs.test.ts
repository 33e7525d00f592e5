import { describe, expect, it } from 'vitest';
import type { Plate } from '@/core/equipment/plate';
import type { EquippedSheet } from '@/core/job/sheet';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { observed } from '@/core/scope/survey/testing/observed';
import type { A2lTrip } from '@/core/startup/acceptance/a2l-trip';
import { told } from '@/core/words/testing/english';
import { acceptancesOf } from './acceptance-proofs';
import { typedProofs } from './typed-proofs';

const TRIP: A2lTrip = {
  how: 'test mode',
  compressorOff: true,
  blowerOn: true,
  responseS: 10,
  cfm: 900,
  dampers: 'none',
  runsOnMin: 6,
  unplugged: 'acts as leak',
};
const ROOM = { areaFt2: 900, releaseHeightFt: 7, detector: true, circulationCfm: 900, makerLimitLb: null };
const ZONE = { open: 'one', zone: 'Up', call: 'cooling', staticInWc: 0.4, cfm: 700, supplyF: 55, othersShut: 'shut' };
const sheetOf = (plate: Partial<Plate>, change: Partial<EquippedSheet> = {}): EquippedSheet => {
  const sheet = sampleSheet();
  return {
    ...sheet,
    circuit: { ...sheet.circuit, plate: { ...sheet.circuit.plate, heatPump: false, ...plate } },
    ...change,
  };
};
const ids = (sheet: EquippedSheet) => acceptancesOf(sheet).map((a) => a.id);
const found = (sheet: EquippedSheet) => typedProofs(sheet, 90);

describe('what a system is accepted by', () => {
  it('a split system without detector and zones owes nothing of it', () => {
    expect(ids(sheetOf({}))).toEqual([]);
  });

  it('a detector that starts the blower is tripped, and held to what this charge needs', () => {
    const circuitLog = new LogBuilder().add('room', ROOM).log;
    const sheet = sheetOf({}, { circuitLog });
    expect(found(sheet)[0]).toMatchObject({
      id: 'proof:a2l-trip',
      verdict: 'not-proven',
      next: { action: { kind: 'write-proof', entry: 'a2l-trip' } },
    });
    const tripped = (change: object) =>
      found({ ...sheet, systemLog: new LogBuilder().add('a2l-trip', { ...TRIP, ...change }).log })[0]!;
    expect(tripped({}).verdict).toBe('good');
    expect(tripped({ cfm: 100 }).verdict).toBe('look-again');
    expect(tripped({ blowerOn: false }).verdict).toBe('stop');
    const none = new LogBuilder().add('room', { ...ROOM, detector: false, circulationCfm: null }).log;
    expect(ids(sheetOf({}, { circuitLog: none }))).toEqual([]);
  });

  it.each([
    [true, 5.1, ['smoke-trip', 'outside-air']],
    [true, 5, []],
    [undefined, 20, []],
  ] as const)('packaged %s, %s tons: %j', (packaged, nominalTons, wanted) => {
    expect(ids(sheetOf({ nominalTons, ...(packaged ? { packaged } : {}) }))).toEqual(wanted);
  });

  it('each zone is read alone and all together; the newest run of a zone counts', () => {
    const base = sheetOf({});
    const survey = { ...base.survey, observations: [observed('zones', 2)] };
    const indoor = { maxEspInWc: 0.7, minCfm: 640 } as never;
    const of = (...runs: object[]) => {
      const b = new LogBuilder();
      for (const run of runs) b.add('zone-run', { ...ZONE, ...run } as never);
      const scope = { ...base.scope, indoor };
      return found({ ...base, survey, scope, systemLog: b.log } as EquippedSheet)[0]!;
    };
    expect(of()).toMatchObject({ id: 'proof:zones', verdict: 'not-proven' });
    const all = { open: 'all', zone: null, othersShut: null };
    expect(told(of({ zone: 'Up' }).claim)).toContain('1 of 2 zones read alone, all together not read');
    expect(of({ zone: 'Up' }, { zone: 'Down' }).verdict).toBe('not-proven');
    expect(of({ zone: 'Up' }, { zone: 'up ' }, all).verdict).toBe('not-proven');
    expect(of({ zone: 'Up' }, { zone: 'Down' }, all).verdict).toBe('good');
    const starved = of({ zone: 'Up' }, { zone: 'Down', cfm: 500 }, all);
    expect(starved.verdict).toBe('look-again');
    expect(told(starved.claim)).toContain('Down: It moves 500 CFM');
    expect(of({ zone: 'Up' }, { zone: 'Down', cfm: 500 }, all, { zone: 'Down', cfm: 650 }).verdict).toBe('good');
  });

  it.each([
    [{ systemType: 'split-ac', indoorType: 'gas-furnace', replaced: 'both-units' }, ['kept-furnace']],
    [{ systemType: 'split-ac', indoorType: 'gas-furnace', replaced: 'coil' }, ['kept-furnace']],
    [{ systemType: 'split-ac', indoorType: 'gas-furnace', replaced: 'outdoor' }, []],
    [{ systemType: 'split-ac', indoorType: 'gas-furnace', replaced: 'all' }, []],
    [{ systemType: 'split-hp', indoorType: 'air-handler', replaced: 'outdoor' }, ['kept-air-handler']],
    [{ systemType: 'split-hp', indoorType: 'air-handler', replaced: 'both-units' }, []],
  ])('%j: %j', (facts, wanted) => {
    const base = sheetOf({});
    const observations = Object.entries(facts).map(([fact, v]) => observed(fact as never, v as never));
    expect(ids({ ...base, survey: { ...base.survey, observations } })).toEqual(wanted);
  });
});
