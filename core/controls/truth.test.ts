import { describe, expect, it } from 'vitest';
import { controlNetwork, SYSTEMS } from './control-network';

const run = (input: object): string => {
  const r = controlNetwork(input as never);
  if (!r.ok) throw new Error(`${r.refused.field}`);
  return r.value.energised.join(' ');
};
const faults = (input: object): string => {
  const r = controlNetwork(input as never);
  if (!r.ok) throw new Error(`${r.refused.field}`);
  return r.value.faults.join(' ');
};
const [A, B, C, D, E] = SYSTEMS;

// The expected states are the trade's table of what runs (common practice), after every delay.
const TABLE: [string, Record<string, string>][] = [
  [
    A,
    {
      off: '',
      fan: 'BL',
      cool1: 'BL CC OF RV',
      cool2: 'BL CC OF RV',
      heat1: 'BL CC OF',
      heat2: 'BL CC OF',
      aux: 'BL CC EH OF',
      emergency: 'BL EH',
      defrost: 'BL CC EH RV',
    },
  ],
  [B, { off: '', fan: 'BL', cool1: 'BL CC OF', cool2: 'BL CC OF S2', heat1: 'BL F1', heat2: 'BL F1 F2' }],
  [
    C,
    {
      off: '',
      fan: 'BL',
      cool1: 'BL CC OF RV',
      cool2: 'BL CC OF RV S2',
      heat1: 'BL CC OF',
      heat2: 'BL CC OF S2',
      aux: 'BL CC EH OF S2',
      emergency: 'BL EH',
      defrost: 'BL CC EH RV',
    },
  ],
  [
    D,
    {
      off: '',
      fan: 'BL',
      cool1: 'BL CC OF RV',
      cool2: 'BL CC OF RV',
      heat1: 'BL CC OF',
      heat2: 'BL CC OF',
      aux: 'BL F1',
      emergency: 'BL F1',
      defrost: 'BL CC F1 RV',
    },
  ],
  [
    E,
    {
      off: '',
      fan: 'BL',
      cool1: 'BL CC OF RV',
      cool2: 'BL CC OF RV',
      heat1: 'BL CC OF',
      heat2: 'BL CC OF',
      aux: 'BL CC EH OF',
      emergency: 'BL EH',
      defrost: 'BL CC EH RV',
    },
  ],
];

describe('what runs under each call', () => {
  for (const [system, calls] of TABLE)
    it.each(Object.entries(calls))(`${system}, %s: %s`, (call, runs) => {
      expect(run({ system, valve: 'O', call, open: [] })).toBe(runs);
    });
  it.each([
    ['cool1', 'BL CC OF'],
    ['heat1', 'BL CC OF RV'],
    ['aux', 'BL CC EH OF RV'],
    ['emergency', 'BL EH'],
    ['defrost', 'BL CC EH'],
  ])('a valve energized in heating, %s: %s', (call, runs) => {
    expect(run({ system: A, valve: 'B', call, open: [] })).toBe(runs);
  });
});

describe('a safety open', () => {
  it.each([
    ['freeze', 'fan', 'BL'],
    ['freeze', 'cool1', 'BL RV'],
    ['freeze', 'heat1', 'BL'],
    ['freeze', 'aux', 'BL EH'],
    ['freeze', 'emergency', 'BL EH'],
    ['float', 'fan', ''],
    ['float', 'cool1', ''],
    ['float', 'heat1', ''],
    ['float', 'aux', ''],
    ['float', 'emergency', ''],
    ['float', 'defrost', ''],
  ])('%s, %s: %s', (open, call, runs) => {
    expect(run({ system: E, valve: 'O', call, open: [open] })).toBe(runs);
    if (open === 'float') expect(run({ system: E, valve: 'O', call, open: ['float', 'freeze'] })).toBe('');
  });
  it('in the stage lines every stage opens', () => {
    expect(run({ system: B, call: 'cool2', floatBreak: 'Y', open: ['float'] })).toBe('BL');
    expect(run({ system: C, call: 'cool2', floatBreak: 'BOARD_INPUT', open: ['float'] })).toBe('BL RV');
    expect(run({ system: A, call: 'defrost', floatBreak: 'Y', open: ['float'] })).toBe('BL');
  });
  it.each([
    [A, 'cool1', 'BL'],
    [A, 'heat1', 'BL'],
    [A, 'aux', 'BL EH'],
    [A, 'defrost', 'BL'],
    [B, 'cool2', 'BL'],
    [B, 'heat2', 'BL F1 F2'],
    [C, 'cool2', 'BL'],
    [C, 'aux', 'BL EH'],
    [D, 'aux', 'BL F1'],
    [D, 'defrost', 'BL'],
  ])('in R to the outdoor unit everything out there is dead, the valve too: %s %s: %s', (system, call, runs) => {
    expect(run({ system, call, floatBreak: 'R_ODU', open: ['float'] })).toBe(runs);
  });
});

describe('faults and what shows them', () => {
  const with_ = (fault: string, call: string, more: object = {}) =>
    run({ system: A, valve: 'O', call, fault, ...more });
  it.each([
    ['YO_SWAP', 'cool1', 'BL CC OF RV'],
    ['YO_SWAP', 'heat1', 'BL RV'],
    ['OB_WRONG', 'cool1', 'BL CC OF'],
    ['OB_WRONG', 'heat1', 'BL CC OF RV'],
    ['ODU_C_OPEN', 'cool1', 'BL'],
    ['ODU_C_OPEN', 'heat1', 'BL'],
    ['STAT_C_OPEN', 'cool1', 'BL CC OF RV'],
    ['RC_SHORT', 'off', ''],
    ['RC_SHORT', 'fan', ''],
    ['YC_SHORT', 'fan', 'BL'],
    ['YC_SHORT', 'cool1', ''],
    ['YC_SHORT', 'emergency', 'BL EH'],
    ['W_ON_O', 'aux', 'BL CC OF RV'],
    ['W_ON_O', 'emergency', 'BL RV'],
    ['W_ON_Y', 'emergency', 'BL CC OF'],
    ['W_ON_Y', 'aux', 'BL CC OF'],
    ['W_ON_G', 'aux', 'BL CC OF'],
    ['W_OPEN', 'aux', 'BL CC OF'],
    ['W_OPEN', 'defrost', 'BL CC EH RV'],
    ['DEFROST_W_OPEN', 'defrost', 'BL CC RV'],
    ['DEFROST_W_OPEN', 'aux', 'BL CC EH OF'],
  ])('%s, %s: %s', (fault, call, runs) => expect(with_(fault, call)).toBe(runs));
  it('mirrored for the other valve', () => {
    expect(run({ system: A, valve: 'B', call: 'cool1', fault: 'YO_SWAP' })).toBe('BL RV');
    expect(run({ system: A, valve: 'B', call: 'heat1', fault: 'YO_SWAP' })).toBe('BL CC OF RV');
    expect(run({ system: A, valve: 'B', call: 'cool1', fault: 'OB_WRONG' })).toBe('BL CC OF RV');
    expect(run({ system: A, valve: 'B', call: 'heat1', fault: 'OB_WRONG' })).toBe('BL CC OF');
  });
  it('a float that stops nothing, or the fan alone', () => {
    expect(with_('FLOAT_ABSENT', 'cool1', { open: ['float'] })).toBe('BL CC OF RV');
    expect(with_('FLOAT_FAN_ONLY', 'cool1', { open: ['float'] })).toBe('CC OF RV');
    expect(with_('FLOAT_FAN_ONLY', 'cool1')).toBe('BL CC OF RV');
    expect(with_('FLOAT_ABSENT', 'cool1', { open: ['float', 'freeze'] })).toBe('BL RV');
  });
  it('of a furnace with two stages of cooling', () => {
    const b = (fault: string, call: string) => run({ system: B, call, fault });
    expect(b('RHRC_OPEN', 'cool2')).toBe('BL CC OF S2');
    expect(b('RHRC_OPEN', 'heat1')).toBe('');
    expect(b('RHRC_OPEN', 'heat2')).toBe('');
    expect(b('YG_SWAP', 'fan')).toBe('CC OF');
    expect(b('YG_SWAP', 'cool1')).toBe('BL CC OF');
    expect(b('Y1Y2_SWAP', 'cool1')).toBe('BL S2');
    expect(b('Y1Y2_SWAP', 'cool2')).toBe('BL CC OF S2');
  });
  it('a furnace wired as electric heat fires with the compressor on', () => {
    expect(run({ system: D, call: 'aux', fault: 'DF_AS_ELECTRIC' })).toBe('BL CC F1 OF');
  });
  it('are named, with what the network met by itself', () => {
    expect(faults({ system: A, call: 'cool1' })).toBe('');
    expect(faults({ system: A, call: 'off', fault: 'RC_SHORT' })).toBe('RC_SHORT');
    expect(faults({ system: A, call: 'fan', fault: 'YC_SHORT' })).toBe('YC_SHORT');
    expect(faults({ system: A, call: 'heat1', fault: 'YC_SHORT' })).toBe('RC_SHORT YC_SHORT');
    expect(faults({ system: A, call: 'off', fault: 'BACKFEED' })).toBe('BACKFEED R_PARALLEL');
    expect(faults({ system: A, call: 'off', fault: 'WIRE_REUSED' })).toBe('WIRE_REUSED');
  });
  it.each([
    [B, 'cool1', 'YO_SWAP', 'fault'],
    [A, 'cool1', 'RHRC_OPEN', 'fault'],
    [A, 'cool1', 'DF_AS_ELECTRIC', 'fault'],
    [A, 'cool1', 'Y1Y2_SWAP', 'fault'],
    [C, 'cool1', 'ODU_C_OPEN', 'fault'],
    [B, 'defrost', undefined, 'call'],
    [B, 'aux', undefined, 'call'],
    [B, 'emergency', undefined, 'call'],
    [A, 'cool3', undefined, 'call'],
    ['mini', 'cool1', undefined, 'system'],
  ])('%s, %s, %s is refused at %s', (system, call, fault, field) => {
    const r = controlNetwork({ system, call, fault } as never);
    expect(r.ok ? 'computed' : r.refused.field).toBe(field);
  });
});
