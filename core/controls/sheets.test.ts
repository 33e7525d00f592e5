import { describe, expect, it } from 'vitest';
import { cableNeeds, USUAL_COLORS, waysFor } from './cable-plan';
import { SYSTEMS, specOf, wiredFor } from './control-network';
import { judgeThermostat, type StatFacts, type ThermostatSheet, thermostatSchema } from './thermostat-sheet';

const SET: ThermostatSheet = {
  systemType: 'heat pump',
  valve: 'O',
  compressorStages: 1,
  auxStages: 1,
  fanInHeat: 'equipment',
  compressorCyclesPerHour: 3,
  compressorMinOffMin: 5,
  changeover: 'auto',
  deadbandF: 3,
  heatMaxF: 75,
  coolMinF: 68,
  auxLockoutAboveF: 40,
  compressorLockoutBelowF: null,
  outdoorSensor: 'wired',
  sensorMisplaced: false,
};
const PUMP: StatFacts = { heatPump: true, fossil: false, valve: 'O', stages: 1, strips: true, balanceF: 30 };
const of = (id: string, t: Partial<ThermostatSheet>, f: Partial<StatFacts> = {}) =>
  judgeThermostat({ ...SET, ...t }, { ...PUMP, ...f }).find((x) => x.id === id)?.verdict;

describe('a thermostat against what it hangs on (common practice)', () => {
  it('as it should be, everything is good', () => {
    expect(judgeThermostat(SET, PUMP).every((f) => f.verdict === 'good')).toBe(true);
    expect(thermostatSchema.safeParse(SET).success).toBe(true);
  });
  it.each([
    ['stat-type', { systemType: 'conventional' }, {}, 'stop'],
    ['stat-type', { systemType: 'heat pump' }, { fossil: true }, 'stop'],
    ['stat-type', { systemType: 'conventional' }, { heatPump: false }, 'good'],
    ['stat-valve', { valve: 'B' }, {}, 'stop'],
    ['stat-valve', { valve: null }, {}, 'stop'],
    ['stat-valve', { valve: 'B' }, { valve: 'B' }, 'good'],
    ['stat-valve', { valve: null }, { heatPump: false }, undefined],
    ['stat-stages', { compressorStages: 2 }, {}, 'look-again'],
    ['stat-stages', { compressorStages: 2 }, { stages: 2 }, 'good'],
    ['stat-rest', { compressorMinOffMin: 4.9 }, {}, 'look-again'],
    ['stat-rest', { compressorMinOffMin: 0 }, {}, 'stop'],
    ['stat-band', { deadbandF: 2.9 }, {}, 'look-again'],
    ['stat-band', { deadbandF: 2, changeover: 'manual' }, {}, undefined],
    ['stat-aux', { auxLockoutAboveF: 40 }, {}, 'good'],
    ['stat-aux', { auxLockoutAboveF: 40.1 }, {}, 'look-again'],
    ['stat-aux', { auxLockoutAboveF: null }, {}, 'look-again'],
    ['stat-aux', { auxLockoutAboveF: 40 }, { balanceF: undefined }, 'good'],
    ['stat-aux', { auxLockoutAboveF: 41 }, { balanceF: undefined }, 'look-again'],
    ['stat-aux', { auxLockoutAboveF: null }, { balanceF: undefined }, 'look-again'],
    ['stat-aux', {}, { strips: false }, undefined],
    ['stat-lockout-sensor', { outdoorSensor: 'none' }, {}, 'look-again'],
    ['stat-lockout-sensor', { outdoorSensor: 'none', auxLockoutAboveF: null }, {}, undefined],
    ['stat-changeover', { systemType: 'dual fuel' }, { fossil: true, strips: false }, 'look-again'],
    [
      'stat-changeover',
      { systemType: 'dual fuel', compressorLockoutBelowF: 32 },
      { fossil: true, strips: false },
      'good',
    ],
    ['stat-changeover', {}, {}, undefined],
    ['stat-lockout-sensor', { outdoorSensor: 'from the network' }, {}, 'good'],
    ['stat-sensor', { sensorMisplaced: true }, {}, 'look-again'],
    ['stat-sensor', {}, {}, 'good'],
    ['stat-sensor', { sensorMisplaced: true, outdoorSensor: 'none' }, {}, undefined],
  ] as const)('%s %j %j: %s', (id, t, f, verdict) =>
    expect(of(id, t as Partial<ThermostatSheet>, f as Partial<StatFacts>)).toBe(verdict),
  );
});

describe('conductors of a plan against the cable that is there', () => {
  const needs = (system: (typeof SYSTEMS)[number], intact: { stat?: number; outdoor?: number } = {}) =>
    cableNeeds(wiredFor(specOf(system, { valve: 'O', floatBreak: 'Y', freezeBreak: 'Y' })).plan, intact);
  it('a powered heat pump with strips takes six, outdoors five; four are two short (common practice)', () => {
    const [stat, outdoor] = needs('split-heat-pump', { stat: 4, outdoor: 5 });
    expect(stat).toMatchObject({ roles: ['R', 'C', 'Y1', 'G', 'OB', 'W2'], short: 2 });
    expect(outdoor!.roles).toHaveLength(5);
    expect(outdoor!.short).toBe(0);
  });
  it('nothing runs outdoors of a packaged unit; nobody counted is not short', () => {
    expect(needs('packaged-two-stage-heat-pump').map((n) => [n.cable, n.short])).toEqual([['stat', undefined]]);
  });
  it('every role has its usual color', () => {
    for (const system of SYSTEMS)
      for (const need of needs(system)) for (const role of need.roles) expect(USUAL_COLORS[role], role).toBeDefined();
  });
  it('what can be done depends on what is short', () => {
    const facts = { unusedLandedRoles: ['E', 'L'], communicating: false, coolingOnly: false };
    const [stat, outdoor] = needs('split-heat-pump', { stat: 4, outdoor: 4 });
    expect(waysFor(stat!, facts)).toEqual(['new cable', 'free a conductor']);
    expect(waysFor({ ...stat!, short: 1 }, { ...facts, unusedLandedRoles: [] })).toEqual([
      'new cable',
      'listed add-a-wire',
    ]);
    expect(waysFor(outdoor!, { ...facts, unusedLandedRoles: [], communicating: true })).toEqual([
      'new cable',
      'communicating',
    ]);
    expect(
      waysFor({ ...outdoor!, intact: 2, short: 2 }, { ...facts, unusedLandedRoles: [], coolingOnly: true }),
    ).toEqual(['new cable', 'local transformer']);
    expect(
      waysFor({ ...outdoor!, intact: 1, short: 3 }, { ...facts, unusedLandedRoles: [], coolingOnly: true }),
    ).toEqual(['new cable']);
    expect(waysFor({ ...outdoor!, short: 0 }, facts)).toEqual([]);
    expect(waysFor({ ...outdoor!, short: undefined }, facts)).toEqual([]);
  });
});
