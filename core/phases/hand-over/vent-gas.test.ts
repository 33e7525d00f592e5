import { describe, expect, it } from 'vitest';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { pipeGates, ventFindings } from './gas-pipe';

const BODY = {
  gas: 'natural',
  allBtuh: 100_000,
  futureBtuh: 0,
  longestFt: 40,
  dropInWc: 0.5,
  pipe: '3/4',
  category: 'IV',
  vent: 'sealed plastic',
  shared: false,
  orphaned: false,
  slopesBack: true,
  apart: true,
  closed: true,
  abandonedSealed: true,
  returnInRoom: false,
  roomFt3: null,
} as const;
const sheetWith = (change: object) =>
  sampleSheet({ systemLog: new LogBuilder().add('vent-gas', { ...BODY, ...change } as never).log });

describe('vent and gas at the hand-over', () => {
  it('says nothing before anybody filled it in', () => {
    expect(ventFindings(sampleSheet())).toBeUndefined();
    expect(pipeGates(sampleSheet()).some((g) => g.id === 'vent-gas')).toBe(false);
  });
  it('a stop holds the hand-over and nobody lets it pass; what is to be looked at again does not hold', () => {
    const gateOf = (change: object) => pipeGates(sheetWith(change)).find((g) => g.id === 'vent-gas')!;
    expect(gateOf({})).toMatchObject({ holds: true });
    expect(gateOf({ closed: false })).toMatchObject({ holds: true });
    expect(gateOf({ shared: true })).toMatchObject({ holds: false, overridable: false });
    expect(ventFindings(sheetWith({ shared: true }))![0]!.verdict).toBe('stop');
  });
});
