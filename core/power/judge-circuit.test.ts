import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { AWG } from './conductors';
import { judgeCircuit, type PowerCircuit } from './judge-circuit';

const LAID = { insulationC: 75, terminationC: 75, ambientF: 86, currentCarrying: 2, cable: 'conduit' } as const;
const FOUND: PowerCircuit = {
  volts: '208/230',
  phases: 1,
  mcaA: 21.8,
  mocpA: 35,
  fusesOnly: false,
  electricHeat: false,
  rlaA: [16.4],
  otherA: [1.3],
  lraA: 84,
  ocpd: 'breaker',
  ocpdA: 30,
  awg: 12,
  laid: LAID,
  lengthFt: 50,
  groundAwg: 10,
  disconnectA: 60,
  supplyV: [240],
};
const of = (id: string, change: Partial<PowerCircuit> = {}) =>
  judgeCircuit({ ...FOUND, ...change }).find((f) => f.id === id)?.verdict;

describe('a circuit against the plate of MCA 21.8, MOCP 35 (NEC 440, edition not checked)', () => {
  it.each([
    [{ ocpdA: 50 }, 'stop'],
    [{ ocpdA: 40 }, 'stop'],
    [{ ocpdA: 35 }, 'good'],
    [{ ocpdA: 30 }, 'good'],
    [{ ocpdA: 25 }, 'good'],
    [{ ocpdA: 20 }, 'look-again'],
    [{ ocpdA: null }, 'not-proven'],
    [{ mcaA: null }, 'not-proven'],
    [{ mocpA: null }, 'not-proven'],
    [{ fusesOnly: true }, 'stop'],
    [{ fusesOnly: true, ocpd: 'fuses' }, 'good'],
  ] as const)('breaker %j: %s', (change, verdict) => expect(of('ocpd', change)).toBe(verdict));
  it.each([
    [{}, 'good'],
    // A motor’s breaker may stand above its conductor: 25 A of 12 AWG under 30 A.
    [{ laid: { ...LAID, cable: 'nm' } }, 'stop'],
    [{ laid: { ...LAID, terminationC: 60 } }, 'stop'],
    [{ awg: 10, laid: { ...LAID, cable: 'nm' } }, 'good'],
    [{ awg: 14 }, 'stop'],
    [{ awg: null }, 'not-proven'],
    [{ laid: { ...LAID, insulationC: 60, ambientF: 135 } }, 'stop'],
    // Electric heat has no such relief.
    [{ electricHeat: true }, 'stop'],
    [{ electricHeat: true, ocpdA: 25 }, 'good'],
    [{ electricHeat: true, awg: 10 }, 'good'],
  ] as const)('conductor %j: %s', (change, verdict) =>
    expect(of('conductor', change as Partial<PowerCircuit>)).toBe(verdict),
  );
  it.each([
    [{ groundAwg: 10 }, 'good'],
    [{ groundAwg: 8 }, 'good'],
    [{ groundAwg: 12 }, 'stop'],
    [{ groundAwg: 12, ocpdA: 20 }, 'good'],
    [{ groundAwg: null }, 'not-proven'],
  ] as const)('ground %j: %s', (change, verdict) => expect(of('ground', change)).toBe(verdict));
  it.each([
    // 1.15 × (16.4 + 1.3) = 20.36 A.
    [{ disconnectA: 20.4 }, 'good'],
    [{ disconnectA: 20.3 }, 'look-again'],
    [{ disconnectA: null }, 'not-proven'],
    [{ rlaA: [], otherA: [], disconnectA: 21.8 }, 'good'],
    [{ rlaA: [], otherA: [], disconnectA: 21.7 }, 'look-again'],
  ] as const)('disconnect %j: %s', (change, verdict) => expect(of('disconnect', change)).toBe(verdict));
  it.each([
    [{ supplyV: [197] }, 'good'],
    [{ supplyV: [196.9] }, 'stop'],
    [{ supplyV: [253] }, 'good'],
    [{ supplyV: [253.1] }, 'stop'],
    [{ supplyV: [] }, 'not-proven'],
    // A 460 V unit on 208 V is a stop.
    [{ volts: '460', phases: 3, supplyV: [208, 208, 208] }, 'stop'],
    [{ volts: '460', phases: 3, supplyV: [476, 482, 468] }, 'look-again'],
    [{ phases: 3, supplyV: [231, 229, 230] }, 'good'],
    [{ phases: 3, supplyV: [208, 215, 203] }, 'stop'],
    [{ phases: 3, supplyV: [230] }, 'not-proven'],
  ] as const)('supply %j: %s', (change, verdict) => expect(of('supply', change)).toBe(verdict));
  it.each([
    [{ lengthFt: 85, awg: 10 }, 'good', undefined],
    [{ lengthFt: 160 }, 'look-again', 'look-again'],
    [{ lengthFt: 160, awg: 10 }, 'good', 'look-again'],
    [{ lengthFt: 180 }, 'stop', 'look-again'],
    [{ lengthFt: 180, lraA: null }, 'stop', undefined],
    [{ lengthFt: null }, 'not-proven', undefined],
    [{ rlaA: [], otherA: [], mcaA: null }, 'not-proven', undefined],
  ] as const)('drop %j: %s, start %s', (change, running, dip) => {
    expect(of('drop', change)).toBe(running);
    expect(of('dip', change)).toBe(dip);
  });
});

it('a thicker conductor never makes anything worse (random circuits)', () => {
  const RANK = { good: 0, 'not-proven': 1, 'look-again': 2, stop: 3 } as const;
  const any = fc.record({
    awg: fc.integer({ min: 1, max: AWG.length - 1 }),
    mcaA: fc.double({ min: 8, max: 80, noNaN: true }),
    lengthFt: fc.integer({ min: 10, max: 300 }),
  });
  fc.assert(
    fc.property(any, ({ awg, mcaA, lengthFt }) => {
      const worst = (i: number) =>
        Math.max(
          ...judgeCircuit({
            ...FOUND,
            awg: AWG[i]!,
            mcaA,
            mocpA: mcaA * 1.6,
            rlaA: [mcaA / 1.25],
            otherA: [],
            lengthFt,
          })
            .filter((f) => f.id !== 'ocpd')
            .map((f) => RANK[f.verdict]),
        );
      expect(worst(awg)).toBeLessThanOrEqual(worst(awg - 1));
    }),
  );
});
