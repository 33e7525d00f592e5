import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  COMPRESSOR_NODES,
  faultsAfter,
  faultsBefore,
  INTERRUPTS,
  type Joint,
  NODE_FAULT_WORDS,
  USUAL_BEFORE,
  usualAfter,
  windingsAgree,
} from './starter-nodes';

const without = (joints: readonly Joint[], a: string, b: string): Joint[] =>
  joints.filter(([x, y]) => !(x === a && y === b));

describe('the circuit of a single-phase compressor (common practice; its own diagram wins)', () => {
  it('as most are wired nothing is wrong', () => {
    expect(faultsBefore(USUAL_BEFORE)).toEqual([]);
  });
  it.each([
    ['start off the capacitor', without(USUAL_BEFORE, 'CAP.HERM', 'COMP.S'), ['start-not-on-herm']],
    ['start on a line as well', [...USUAL_BEFORE, ['COMP.S', 'T2'] as const], ['start-touches-more']],
    ['run off the contactor', without(USUAL_BEFORE, 'T1', 'COMP.R'), ['common-not-opposite', 'run-not-with-capacitor']],
    [
      'common on the leg of run',
      [...without(USUAL_BEFORE, 'T2', 'COMP.C'), ['T1', 'COMP.C'] as const],
      ['common-not-opposite'],
    ],
    [
      'fan and compressor share a capacitor terminal',
      [...USUAL_BEFORE, ['CAP.FAN', 'CAP.HERM'] as const],
      ['fan-on-herm', 'start-touches-more'],
    ],
  ] as const)('%s', (_name, joints, faults) => expect(faultsBefore(joints)).toEqual(faults));

  it.each(INTERRUPTS)('a starter that interrupts the %s lead, as its drawing has it', (interrupts) => {
    expect(faultsAfter(usualAfter(interrupts), interrupts)).toEqual([]);
  });
  it('the lifted lead left on its contactor is told: the starter is bridged', () => {
    expect(faultsAfter([...usualAfter('run'), ['T1', 'COMP.R']], 'run')).toEqual(['run-still-on-contactor']);
    expect(faultsAfter([...usualAfter('common'), ['T2', 'COMP.C']], 'common')).toEqual(['common-still-on-contactor']);
    // A starter of one kind wired by the drawing of the other.
    expect(faultsAfter(usualAfter('common'), 'run')).toEqual(['run-still-on-contactor', 'run-out-elsewhere']);
  });
  it('each of its roles is missed where it is not', () => {
    const after = usualAfter('run');
    expect(faultsAfter(without(after, 'SS.RUN_OUT', 'COMP.R'), 'run')).toEqual(['run-out-elsewhere']);
    expect(faultsAfter(without(after, 'SS.CAP_COMMON', 'CAP.C'), 'run')).toEqual(['cap-common-elsewhere']);
    expect(faultsAfter(without(after, 'T1', 'CAP.C'), 'run')).toEqual(['cap-common-elsewhere']);
    expect(faultsAfter(without(after, 'SS.START', 'CAP.HERM'), 'run')).toEqual(['start-lead-elsewhere']);
    expect(faultsAfter(without(after, 'SS.LINE', 'T2'), 'run')).toEqual(['line-elsewhere']);
  });
  it('which way round a joint is written changes nothing (property)', () => {
    const any = fc.array(fc.tuple(fc.constantFrom(...COMPRESSOR_NODES), fc.constantFrom(...COMPRESSOR_NODES)), {
      maxLength: 14,
    });
    fc.assert(
      fc.property(any, fc.constantFrom(...INTERRUPTS), (joints, interrupts) => {
        const turned = [...joints].reverse().map(([a, b]): Joint => [b, a]);
        expect(faultsBefore(turned)).toEqual(faultsBefore(joints));
        expect(faultsAfter(turned, interrupts)).toEqual(faultsAfter(joints, interrupts));
        for (const f of [...faultsBefore(joints), ...faultsAfter(joints, interrupts)])
          expect(NODE_FAULT_WORDS[f]).toBeDefined();
      }),
    );
  });
  it('three readings of the windings name the terminals', () => {
    expect(windingsAgree({ crOhms: 0.6, csOhms: 2.1, rsOhms: 2.7 })).toBe(true);
    expect(windingsAgree({ crOhms: 0.6, csOhms: 2.1, rsOhms: 2.98 })).toBe(false);
    expect(windingsAgree({ crOhms: 0.6, csOhms: 2.1, rsOhms: 2.96 })).toBe(true);
    expect(windingsAgree({ crOhms: 2.1, csOhms: 0.6, rsOhms: 2.7 })).toBe(false);
    expect(windingsAgree({ crOhms: 1, csOhms: 1, rsOhms: 2 })).toBe(false);
  });
});
