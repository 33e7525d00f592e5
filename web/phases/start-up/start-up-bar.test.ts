import { describe, expect, it, vi } from 'vitest';
import type { NextMove } from '@/core/finding/finding';
import { judgeSheet, recordedStartUp } from '@/core/job/start-up-sheet';
import { HEALTHY, measured, round, sampleSheet } from '@/core/job/testing/sample-sheet';
import { type BarActs, type BarFacts, startUpBar } from './start-up-bar';

function acts(): BarActs {
  return {
    command: vi.fn(),
    open: vi.fn(),
    tab: vi.fn(),
    go: vi.fn(),
    record: vi.fn(),
    confirm: vi.fn(),
    recordAndSign: vi.fn(),
    sign: vi.fn(),
    setMode: vi.fn(),
    select: vi.fn(),
  };
}

const sheet = sampleSheet({
  measurements: [
    measured('airflowCfm', 1200, { stage: 'airflow' }),
    ...round(HEALTHY, 'a', '2026-06-01T15:00:00.000Z'),
  ],
});
const judgement = recordedStartUp(sheet, () => undefined)!.judgement;

function facts(change: Partial<BarFacts> & { next?: NextMove } = {}): BarFacts {
  const { next, ...rest } = change;
  return {
    signedBy: undefined,
    overridden: false,
    live: undefined,
    stale: false,
    staleForS: 0,
    chargeCleared: true,
    connecting: false,
    streaming: true,
    speed: 1,
    toldRunning: undefined,
    anyReading: true,
    anyRound: false,
    judgement: next ? { ...judgement, next } : judgement,
    selected: 'subcooling',
    lead: true,
    gates: undefined,
    typing: false,
    roundInS: undefined,
    ...rest,
  };
}
const move = (action: NextMove['action'], waitMin?: number): NextMove => ({
  say: 'say',
  because: 'because',
  action,
  waitMin,
});

describe('what stands before any judgement', () => {
  it.each<[string, Partial<BarFacts>, string | undefined, keyof BarActs | undefined, unknown[]]>([
    ['signed', { signedBy: 'Tess Orlan' }, 'Go to hand-over', 'go', ['hand-over']],
    [
      'weighing',
      { live: { oz: 1.5, leftOz: 2.5, recovering: false } },
      'Close the valve',
      'command',
      [{ kind: 'close-valve' }],
    ],
    [
      'weighing with a silent scale',
      { live: { oz: 0, leftOz: 0, recovering: false, silent: true } },
      'The valve is closed',
      'command',
      [{ kind: 'close-valve' }],
    ],
    ['silent', { stale: true, staleForS: 14 }, 'Type readings', 'tab', ['readings']],
    ['own probes, not told to run yet', { toldRunning: false }, 'It runs', 'command', [{ kind: 'start' }]],
    ['no signed charge', { chargeCleared: false }, 'Go to charge', 'go', ['charge']],
    ['connecting', { connecting: true, streaming: false }, undefined, undefined, []],
    ['nothing read yet', { streaming: false, anyReading: false }, 'Connect instruments', 'open', ['bench']],
  ])('%s', (_name, change, label, act, args) => {
    const a = acts();
    const bar = startUpBar(facts(change), a);
    expect(bar.label).toBe(label);
    bar.press?.();
    if (act) expect(a[act]).toHaveBeenCalledWith(...args);
  });
  it('a signature with an override shows its cut mark; silence says for how long', () => {
    expect(startUpBar(facts({ signedBy: 'x', overridden: true }), acts()).kind).toBe('override');
    expect(startUpBar(facts({ stale: true, staleForS: 14 }), acts()).say).toContain('14 s');
  });
});

describe('the button does exactly what the sentence says', () => {
  it.each<[NextMove, Partial<BarFacts>, string | undefined, keyof BarActs | undefined, unknown[]]>([
    [move({ kind: 'weigh-in', oz: 3.949 }), {}, 'Weigh in 3.9 oz', 'command', [{ kind: 'weigh-in', oz: 3.9 }]],
    [move({ kind: 'recover', oz: 2 }), {}, 'Recover 2.0 oz', 'command', [{ kind: 'recover', oz: 2 }]],
    [move({ kind: 'weigh-in', oz: 3.9 }), { streaming: false }, 'Type the amount', 'open', ['typed']],
    [move({ kind: 'wait' }, 9), {}, 'Run at 60×', 'command', [{ kind: 'speed', speed: 60 }]],
    [move({ kind: 'wait' }, 9), { speed: 60 }, undefined, undefined, []],
    [move({ kind: 'wait' }, 9), { streaming: false, typing: true }, 'Record this round', 'record', ['reading']],
    [move({ kind: 'wait' }, 9), { streaming: false }, 'Type the next round', 'tab', ['readings', 'suctionPsig']],
    [move({ kind: 'prove-airflow' }), {}, 'Prove the airflow', 'open', ['airflow']],
    [move({ kind: 'confirm', confirmation: 'filterClean' }), {}, 'I looked: confirm', 'confirm', ['filterClean']],
    [move({ kind: 'start' }), {}, 'Call for cooling', 'command', [{ kind: 'start' }]],
    [move({ kind: 'start' }), { streaming: false }, 'Type readings', 'tab', ['readings']],
    [move({ kind: 'stop' }), {}, 'Stop the system', 'command', [{ kind: 'stop' }]],
    [move({ kind: 'enter-reading', quantity: 'suctionPsig' }), {}, 'Type readings', 'tab', ['readings', 'suctionPsig']],
    [move({ kind: 'check', what: 'liquidPsig' }), {}, 'Open the readings', 'tab', ['readings', 'liquidPsig']],
    [move({ kind: 'check', what: 'superheat' }), {}, 'Show the working', 'select', ['superheat']],
    [move({ kind: 'check', what: 'weighed-charge' }), {}, 'Show the working', 'select', ['subcooling']],
    [move({ kind: 'sign' }), {}, 'Record and sign', 'recordAndSign', []],
    [move({ kind: 'sign' }), { lead: false }, 'Record the final reading', 'record', ['final']],
  ])('%o', (next, change, label, act, args) => {
    const a = acts();
    const bar = startUpBar(facts({ ...change, next }), a);
    expect(bar.label).toBe(label);
    expect(bar.say).toBe(
      label === 'Record this round' ? 'Record what you read as this round. Do not add refrigerant yet.' : 'say',
    );
    bar.press?.();
    for (const [name, spy] of Object.entries(a)) {
      if (name === act) expect(spy).toHaveBeenCalledExactlyOnceWith(...args);
      else expect(spy).not.toHaveBeenCalled();
    }
  });
  it('a wait carries its minutes', () =>
    expect(startUpBar(facts({ next: move({ kind: 'wait' }, 9) }), acts()).wait).toBe('about 9 min'));
  it('the mark is that of the first finding that is not good', () => {
    const low = judgeSheet(
      sheet,
      { suctionPsig: { value: 1, uncertainty: 1, source: 'typed' } },
      { state: 'settling', say: '', steadyForS: 0, waitS: 60, channels: {} },
    );
    expect(startUpBar(facts({ judgement: low }), acts()).kind).toBe('now');
  });
});
