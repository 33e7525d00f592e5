import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Verdict } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { nextOf } from '@/core/phases/start-up/next';
import { dewPsia } from '@/core/refrigerant/lookup';
import { typed } from '@/core/words/said';
import { english, told } from '@/core/words/testing/english';
import { judgeStartUp } from './judge';
import type { JudgeInput } from './judge-input';
import type { Quantity, Readings } from './quantities';
import { reasoningOf } from './reasoning';
import type { SteadyResult } from './steady-state';
import { DEFAULT_SCHOOLS } from './system';
import { startUpReadings as readings, START_UP_SYSTEM as SYSTEM } from './testing/sample-start-up';

const STEADY: SteadyResult = {
  state: 'steady',
  say: typed('Steady for 6 min'),
  steadyForS: 360,
  waitS: 0,
  channels: {},
};

function judge(change: Partial<JudgeInput> = {}) {
  const input: JudgeInput = {
    system: SYSTEM,
    readings: readings(),
    steady: STEADY,
    airflow: { cfm: 1206, method: 'flow grid or hood', source: 'typed' },
    confirmations: { filterClean: true, indoorCoilClean: true, outdoorCoilCleanDry: true, enclosureRestored: true },
    schools: DEFAULT_SCHOOLS,
    mode: 'cooling',
    ...change,
  };
  const { figures, findings } = judgeStartUp(input);
  const ordered = orderFindings(findings);
  const verdict = (id: string): Verdict | undefined => ordered.find((f) => f.id === id)?.verdict;
  return {
    figures,
    findings: ordered,
    verdict,
    next: nextOf(ordered, { say: typed('sign'), because: typed(''), action: { kind: 'sign' } }),
  };
}

describe('a healthy start-up', () => {
  it('has every finding good and ends at the signature', () => {
    const j = judge();
    expect(j.findings.filter((f) => f.verdict !== 'good')).toEqual([]);
    expect(j.next.action).toEqual({ kind: 'sign' });
  });
  it('each figure carries its working and source', () => {
    const { subcooling } = judge().figures.byId;
    expect(subcooling.value).toBeCloseTo(10, 6);
    expect(told(subcooling.working.map((w) => w.label))).toEqual([
      'Liquid pressure',
      'Station pressure',
      'Bubble point',
      'Liquid line',
    ]);
    expect(told(subcooling.target)).toMatchObject({ low: 7, high: 13, source: "the unit's plate" });
  });
});

describe('charge advice', () => {
  it('low subcooling: adds a small step with an amount, a wait and how it was estimated', () => {
    const j = judge({ readings: readings({ sc: 6 }) });
    expect(j.verdict('subcooling')).toBe('look-again');
    expect(english(j.next.say)).toBe('Add 3.9 oz as liquid, then wait 10 min.');
    expect(english(j.next.because)).toMatch(/2 % of the charge moves it 1 °F/);
  });
  it('high subcooling: recovers, never adds', () => {
    expect(judge({ readings: readings({ sc: 16 }) }).next.action!.kind).toBe('recover');
  });
  it('is held back while airflow, steadiness, coil or a probe is not proven', () => {
    const low = readings({ sc: 5 });
    const cases: Partial<JudgeInput>[] = [
      { airflow: undefined },
      { steady: { ...STEADY, state: 'settling', waitS: 300 } },
      {
        confirmations: {
          filterClean: true,
          indoorCoilClean: true,
          outdoorCoilCleanDry: false,
          enclosureRestored: true,
        },
      },
      { airflow: { cfm: 840, method: 'flow grid or hood', source: 'typed' } },
    ];
    for (const change of cases) {
      const j = judge({ readings: low, ...change });
      expect(j.next.action!.kind).not.toBe('weigh-in');
      expect(j.findings.some((f) => f.next?.action?.kind === 'weigh-in')).toBe(false);
    }
  });
  it('low superheat with low subcooling is a valve, not a low charge', () => {
    const j = judge({ readings: readings({ sc: 4, sh: 3 }) });
    expect(j.findings.some((f) => f.next?.action?.kind === 'weigh-in')).toBe(false);
  });
  it('floodback stops', () => {
    expect(judge({ readings: readings({ sc: 4, sh: 0.5 }) }).verdict('subcooling')).toBe('stop');
  });
  it('with an unknown line length the first step is half the shortfall, and the length it implies is said', () => {
    const unknownLine = { includedFt: 15, ozPerFt: 0.6, trims: 0 };
    const j = judge({ readings: readings({ sc: 4 }), system: { ...SYSTEM, unknownLine } });
    // 6 °F at 2 % of 131 oz a degree is 15.7 oz short; half of it is 7.9 oz, 13 ft of line.
    expect(english(j.next.say)).toBe('Add 7.9 oz as liquid, then wait 10 min.');
    expect(english(j.next.because)).toMatch(/a line of about 28 ft: can that be/);
    const later = judge({
      readings: readings({ sc: 6 }),
      system: { ...SYSTEM, unknownLine: { ...unknownLine, trims: 1 } },
    });
    expect(english(later.next.say)).toBe('Add 3.9 oz as liquid, then wait 10 min.');
  });
  it('beyond 10 % of trim it looks for something else', () => {
    const j = judge({ readings: readings({ sc: 5 }), system: { ...SYSTEM, trimOz: 15 } });
    expect(english(j.next.say)).toMatch(/leak/);
  });
  it('high subcooling with high superheat is a restriction, nothing is recovered', () => {
    const j = judge({ readings: readings({ sc: 16, sh: 30 }) });
    expect(j.findings.some((f) => f.next?.action?.kind === 'recover')).toBe(false);
  });
  it('an orifice is judged by superheat: high adds, low recovers', () => {
    const system = { ...SYSTEM, metering: 'fixed-orifice' as const };
    // WB 63.5, outdoor 94 → target 8.25 °F
    expect(judge({ system, readings: readings({ sh: 16 }) }).next.action!.kind).toBe('weigh-in');
    expect(judge({ system, readings: readings({ sh: 2.8 }) }).next.action!.kind).toBe('recover');
  });
});

describe('never a confident wrong answer', () => {
  it.each<[string, Partial<Record<Quantity, number>>, Quantity]>([
    ['wet bulb above dry bulb', { returnWetBulbF: 79 }, 'returnWetBulbF'],
    ['liquid line hotter than saturation', { liquidLineF: 125 }, 'liquidLineF'],
    ['suction above liquid pressure', { suctionPsig: 299, liquidPsig: 120 }, 'suctionPsig'],
    ['liquid line colder than its air', { liquidLineF: 88 }, 'liquidLineF'],
    ['suction line far below its dew point', { suctionLineF: 30 }, 'suctionLineF'],
    ['supply warmer than return', { supplyDryBulbF: 80 }, 'supplyDryBulbF'],
    ['a gauge outside the refrigerant', { liquidPsig: 690 }, 'liquidPsig'],
  ])('%s: not proven, the suspect probe named, nothing to add', (_name, change, probe) => {
    const r = readings();
    for (const [k, value] of Object.entries(change)) r[k as Quantity] = { ...r[k as Quantity]!, value };
    const j = judge({ readings: r });
    expect(j.verdict(`probe-${probe}`)).toBe('not-proven');
    expect(j.findings.some((f) => f.next?.action?.kind === 'weigh-in' || f.next?.action?.kind === 'recover')).toBe(
      false,
    );
    expect(j.next.action!.kind).not.toBe('sign');
  });
  it('a lost, stale or stuck instrument is named, and its figure is not proven', () => {
    const r = readings();
    r.liquidPsig = { ...r.liquidPsig!, trouble: 'lost' };
    expect(judge({ readings: r }).verdict('probe-liquidPsig')).toBe('not-proven');
    r.liquidPsig = { ...r.liquidPsig!, trouble: 'stale' };
    expect(judge({ readings: r }).verdict('probe-liquidPsig')).toBe('not-proven');
    r.liquidPsig = { ...r.liquidPsig!, trouble: 'stuck' };
    expect(judge({ readings: r }).verdict('probe-liquidPsig')).toBe('not-proven');
    expect(judge({ readings: r }).verdict('subcooling')).toBe('not-proven');
  });
  it('a technician’s own target can never be good', () => {
    expect(judge({ system: { ...SYSTEM, targetSource: 'technician' } }).verdict('subcooling')).toBe('not-proven');
  });
  it('no target, heating, an inverter or a cold day give no cooling verdict', () => {
    expect(judge({ system: { ...SYSTEM, targetSubcoolingF: undefined } }).verdict('subcooling')).toBe('not-proven');
    expect(judge({ mode: 'heating' }).verdict('conditions')).toBe('not-proven');
    expect(judge({ system: { ...SYSTEM, inverter: true } }).verdict('conditions')).toBe('not-proven');
    expect(judge({ readings: readings({ outdoorF: 60 }) }).verdict('conditions')).toBe('not-proven');
  });
  it('above 110 % of RLA stops, before anything else', () => {
    const j = judge({ readings: readings({ amps: 15.8 }) });
    expect(j.findings[0]).toMatchObject({ id: 'over-rla', verdict: 'stop' });
    expect(j.next.action!.kind).toBe('stop');
  });
  it('without a reading at all it asks for the first one', () => {
    expect(judge({ readings: {} }).next.action!.kind).toBe('enter-reading');
  });

  it('over random readings: no exception, no sign-off with a suspect, never both add and recover', () => {
    const names = Object.keys(readings()) as Quantity[];
    const value = fc.double({ min: -100, max: 800, noNaN: true });
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.constantFrom(...names), value), { minLength: 1, maxLength: 6 }), (changes) => {
        const r = readings();
        for (const [name, v] of changes) r[name] = { ...r[name]!, value: v };
        const j = judge({ readings: r });
        const kinds = new Set(j.findings.map((f) => f.next?.action?.kind));
        expect(kinds.has('weigh-in') && kinds.has('recover')).toBe(false);
        if (j.findings.some((f) => f.id.startsWith('probe-'))) {
          expect(kinds.has('weigh-in') || kinds.has('recover')).toBe(false);
          expect(j.next.action!.kind).not.toBe('sign');
        }
      }),
      { numRuns: 300 },
    );
  });
});

describe('order of findings', () => {
  it('stop, then the ladder, then not-proven before look-again, then the larger miss; good last', () => {
    const base = { evidence: [], because: typed(''), source: typed(''), confidence: 'high' as const, claim: typed('') };
    const list = orderFindings([
      { ...base, id: 'd', step: 'compare', verdict: 'look-again', miss: 3 },
      { ...base, id: 'g', step: 'power', verdict: 'good', miss: 0 },
      { ...base, id: 'c', step: 'compare', verdict: 'not-proven', miss: 1 },
      { ...base, id: 'e', step: 'compare', verdict: 'look-again', miss: 1 },
      { ...base, id: 'b', step: 'airflow', verdict: 'look-again', miss: 1 },
      { ...base, id: 'a', step: 'charge', verdict: 'stop', miss: 1 },
    ]);
    expect(list.map((f) => f.id).join('')).toBe('abcdeg');
  });
});

describe('the charge stays where another fault explains the readings better', () => {
  const orifice = { ...SYSTEM, metering: 'fixed-orifice' } as const;
  const starved = (sc: number, suctionF: number, over: number): Readings => {
    const all = readings({ sc, split: 13.5, over, amps: 10.8 });
    const at = (value: number) => ({ ...all.suctionPsig!, value });
    return {
      ...all,
      suctionPsig: at(dewPsia('R-454B', suctionF) - 14.696),
      suctionLineF: { ...all.suctionLineF!, value: suctionF + 30 },
    };
  };
  it('a dry coil behind plenty of liquid on an orifice: the stamp is read, nothing is added', () => {
    const j = judge({ system: orifice, readings: starved(12, 30, 18) });
    expect(j.verdict('superheat')).toBe('look-again');
    const next = j.findings.find((f) => f.id === 'superheat')!.next!;
    expect(next.action).toEqual({ kind: 'check', what: 'superheat' });
    expect(english(next.because)).toMatch(/^Charge stays as it is: (an orifice too small|a restriction)/);
  });
  it('the same superheat without liquid is short of charge', () => {
    const j = judge({ system: orifice, readings: starved(1, 36, 13) });
    expect(j.findings.find((f) => f.id === 'superheat')!.next!.action?.kind).toBe('weigh-in');
  });
  it('an inverter, a silent probe or no current leaves it to the ladder', () => {
    expect(reasoningOf(SYSTEM, readings())?.verdict).toBe('healthy');
    expect(reasoningOf({ ...SYSTEM, inverter: true }, readings())).toBeUndefined();
    const { liquidLineF: _, ...without } = readings();
    expect(reasoningOf(SYSTEM, without)).toBeUndefined();
    expect(reasoningOf(SYSTEM, readings({ amps: 0 }))).toBeUndefined();
    expect(reasoningOf({ ...SYSTEM, compressorRlaA: 0 }, readings())).toBeUndefined();
    const silent = { ...readings().suctionLineF!, trouble: { say: typed('silent') } as never };
    expect(reasoningOf(SYSTEM, { ...readings(), suctionLineF: silent })).toBeUndefined();
  });
  it('discharge, compressor inlet and airflow are used where they were read', () => {
    const plain = reasoningOf(SYSTEM, readings())!;
    expect(plain.features.dischargeF).toBeUndefined();
    expect(plain.features.airflowPct).toBeUndefined();
    const more = reasoningOf(
      SYSTEM,
      {
        ...readings(),
        dischargeLineF: { value: 175, uncertainty: 1, source: 'typed' },
        compressorSuctionF: { value: 58, uncertainty: 1, source: 'typed' },
      },
      { cfm: 1200, method: 'hood', source: 'typed' },
    )!;
    expect(more.features.dischargeF).toBeDefined();
    expect(more.features.airflowPct).toBeCloseTo(0, 9);
    expect(['compressor-inlet', 'airflow']).not.toContain(more.nextMeasurement.id);
  });
});
