import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SYSTEMS, specOf } from './control-network';
import { nextProbe, nextTrial, rankFaults, remaining, type Seen, signaturesOf } from './diagnose';
import type { FaultCode } from './fault-codes';
import { makePlan } from './make-plan';
import type { Runs } from './plan';
import { probesOf } from './probe';
import { trialsOf } from './trials';

const BREAKS = { valve: 'O', floatBreak: 'R_ALL', freezeBreak: 'Y' } as const;
const runs = (text: string): Runs[] => (text === '' ? [] : (text.split(' ') as Runs[]));

describe('which fault it is, from what was seen', () => {
  const spec = specOf('split-heat-pump', BREAKS);
  const signatures = signaturesOf(spec);
  const left = (...seen: [Seen['call'], string, Seen['open']?][]) =>
    remaining(signatures, { seen: seen.map(([call, r, open = []]): Seen => ({ call, open, runs: runs(r) })) });
  it('cooling alone misses the faults of heat, fan and strips', () => {
    const after = left(['cool1', 'BL CC OF RV']);
    expect(after).toEqual(
      expect.arrayContaining(['none', 'YO_SWAP', 'YG_SWAP', 'W_ON_O', 'W_ON_Y', 'W_OPEN', 'DEFROST_W_OPEN']),
    );
  });
  it('names the one whose signature it is', () => {
    expect(left(['cool1', 'BL CC OF RV'], ['heat1', 'BL RV'])).toEqual(['YO_SWAP']);
    expect(left(['cool1', 'BL CC OF'], ['heat1', 'BL CC OF RV'])).toEqual(['OB_WRONG']);
    expect(left(['cool1', 'BL'])).toEqual(['ODU_C_OPEN']);
    expect(left(['cool1', 'CC OF RV', ['float']])).toEqual(['FLOAT_FAN_ONLY']);
    // Batteries hide an open C: nothing tells it from healthy wiring here.
    expect(
      left(
        ['aux', 'BL CC EH OF'],
        ['defrost', 'BL CC EH RV'],
        ['fan', 'BL'],
        ['emergency', 'BL EH'],
        ['cool1', '', ['float']],
      ),
    ).toEqual(expect.arrayContaining(['none', 'STAT_C_OPEN']));
  });
  it('ranks by what agrees, also where nothing agrees with all of it', () => {
    const [first] = rankFaults(signatures, {
      seen: [
        { call: 'cool1', open: [], runs: runs('BL CC OF RV') },
        { call: 'heat1', open: [], runs: runs('BL RV') },
        { call: 'fan', open: [], runs: runs('BL EH') },
      ],
    });
    expect(first).toEqual({ code: 'YO_SWAP', agrees: 2, of: 3 });
  });
  it('the cheapest trial first; the next one tells what is left apart', () => {
    const all = trialsOf(spec);
    expect(all[0]!.open).toEqual([]);
    const trial = nextTrial(spec, signatures, ['none', 'YO_SWAP'])!;
    expect(trial).toEqual({ call: 'heat1', open: [] });
    expect(nextTrial(spec, signatures, ['none', 'DEFROST_W_OPEN'])).toMatchObject({ call: 'defrost' });
    expect(nextTrial(spec, signatures, ['none', 'FLOAT_ABSENT'])!.open).toEqual(['float']);
    expect(nextTrial(spec, signatures, ['none', 'STAT_C_OPEN'])).toBeUndefined();
    expect(nextTrial(spec, signatures, ['none'])).toBeUndefined();
  });
  it('a meter tells what no trial does: a thermostat on batteries has no C', () => {
    const probes = probesOf(makePlan(spec));
    const at = nextProbe(spec, signatures, ['none', 'STAT_C_OPEN'], probes)!;
    expect(at).toMatchObject({ call: 'off', open: [], a: 'stat.R', b: 'stat.C' });
    const left = (volts: number) => remaining(signatures, { seen: [], measured: [{ ...at, volts }] });
    expect(left(0.2)).toContain('STAT_C_OPEN');
    expect(left(0.2)).not.toContain('none');
    expect(left(26)).toContain('none');
    expect(nextProbe(spec, signatures, ['none'], probes)).toBeUndefined();
  });
});

it('following the next trial finds any fault of any system, down to those that no trial tells apart', () => {
  for (const system of SYSTEMS) {
    const spec = specOf(system, BREAKS);
    const signatures = signaturesOf(spec);
    const alike = (a: FaultCode | 'none', b: FaultCode | 'none'): boolean =>
      trialsOf(spec).every((t) => signatures.get(a)!.show(t) === signatures.get(b)!.show(t));
    fc.assert(
      fc.property(fc.constantFrom(...signatures.keys()), (hidden) => {
        const seen: Seen[] = [];
        for (let n = 0; n < 12; n++) {
          const trial = nextTrial(spec, signatures, remaining(signatures, { seen }));
          if (!trial) break;
          seen.push({ ...trial, runs: runs(signatures.get(hidden)!.show(trial)) });
        }
        const left = remaining(signatures, { seen });
        expect(left).toContain(hidden);
        for (const other of left) expect(alike(hidden, other), `${system} ${hidden} ${other}`).toBe(true);
      }),
      { numRuns: 40 },
    );
  }
});
