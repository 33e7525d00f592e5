import { describe, expect, it } from 'vitest';
import type { Action } from '@/core/job/move';
import { HEALTHY, measured, round, sampleSheet } from '@/core/job/testing/sample-sheet';
import { judgeSheet, recordedStartUp } from '@/core/phases/start-up/start-up-sheet';
import { typed } from '@/core/words/said';
import { english, told } from '@/core/words/testing/english';
import { type StartUpFacts, startUpMove } from './move';
import type { Judgement } from './next';

type Asked = StartUpFacts & { maySign: boolean };
type Next = Judgement['next'];

const sheet = sampleSheet({
  measurements: [
    measured('airflowCfm', 1200, { stage: 'airflow' }),
    ...round(HEALTHY, 'a', '2026-06-01T15:00:00.000Z'),
  ],
});
const judgement = recordedStartUp(sheet, () => undefined)!.judgement;

function facts(change: Partial<Asked> & { next?: Next } = {}): Asked {
  const { next, ...rest } = change;
  return {
    signedBy: undefined,
    overridden: false,
    accepted: [],
    live: undefined,
    stale: false,
    staleForS: 0,
    chargeCleared: true,
    setCleared: true,
    wireCleared: true,
    connecting: false,
    streaming: true,
    speed: 1,
    toldRunning: undefined,
    anyReading: true,
    anyRound: false,
    judgement: next ? { ...judgement, next } : judgement,
    selected: 'subcooling',
    maySign: true,
    gates: undefined,
    typing: false,
    mode: 'cooling',
    modeProven: false,
    roundInS: undefined,
    ...rest,
  };
}
const move = (action: Next['action'], waitMin?: number): Next => ({
  say: typed('say'),
  because: typed('because'),
  action,
  waitMin,
});

describe('what stands before any judgement', () => {
  it.each<[string, Partial<Asked>, string | undefined, Action | undefined]>([
    ['signed', { signedBy: 'Tess Orlan' }, 'Go to hand-over', { kind: 'go', to: 'hand-over' }],
    ['weighing', { live: { oz: 1.5, leftOz: 2.5, recovering: false } }, 'Close the valve', { kind: 'close-valve' }],
    [
      'weighing with a silent scale',
      { live: { oz: 0, leftOz: 0, recovering: false, silent: true } },
      'The valve is closed',
      { kind: 'close-valve' },
    ],
    ['silent', { stale: true, staleForS: 14 }, 'Type readings', { kind: 'type', what: 'readings' }],
    ['own probes, not told to run yet', { toldRunning: false }, 'It runs', { kind: 'start' }],
    ['no signed charge', { chargeCleared: false }, 'Go to charge', { kind: 'go', to: 'charge' }],
    ['no signed wiring', { wireCleared: false }, 'Go to wire', { kind: 'go', to: 'wire' }],
    ['no signed setting', { setCleared: false }, 'Go to set', { kind: 'go', to: 'set' }],
    ['connecting', { connecting: true, streaming: false }, undefined, undefined],
    ['nothing read yet', { streaming: false, anyReading: false }, 'Connect instruments', { kind: 'connect' }],
  ])('%s', (_name, change, label, action) => {
    expect(told(startUpMove(facts(change)).button)).toEqual(label && { label, action });
  });
  it('a signature with an override shows its cut mark; silence says for how long', () => {
    expect(startUpMove(facts({ signedBy: 'x', overridden: true })).kind).toBe('override');
    expect(startUpMove(facts({ signedBy: 'x', accepted: ['voltage'] })).kind).toBe('override');
    expect(english(startUpMove(facts({ stale: true, staleForS: 14 })).say)).toContain('14 s');
  });
});

describe('the button does exactly what the sentence says', () => {
  it.each<[Next, Partial<Asked>, string | undefined, Action | undefined]>([
    [move({ kind: 'weigh-in', oz: 3.949 }), {}, 'Weigh in 3.9 oz', { kind: 'weigh-in', oz: 3.9 }],
    [move({ kind: 'recover', oz: 2 }), {}, 'Recover 2.0 oz', { kind: 'recover', oz: 2 }],
    [move({ kind: 'weigh-in', oz: 3.9 }), { streaming: false }, 'Type the amount', { kind: 'type', what: 'weights' }],
    [move({ kind: 'wait' }, 9), {}, 'Run at 60×', { kind: 'speed', speed: 60 }],
    [move({ kind: 'wait' }, 9), { speed: 60 }, undefined, undefined],
    [
      move({ kind: 'wait' }, 9),
      { streaming: false, typing: true },
      'Record this round',
      { kind: 'record', stage: 'reading', sign: false },
    ],
    [
      move({ kind: 'wait' }, 9),
      { streaming: false },
      'Type the next round',
      { kind: 'type', what: 'readings', quantity: 'suctionPsig' },
    ],
    [move({ kind: 'prove-airflow' }), {}, 'Prove the airflow', { kind: 'prove-airflow' }],
    [
      move({ kind: 'confirm', confirmation: 'filterClean' }),
      {},
      'I looked: confirm',
      { kind: 'confirm', confirmation: 'filterClean' },
    ],
    [move({ kind: 'start' }), {}, 'Call for cooling', { kind: 'start' }],
    [move({ kind: 'start' }), { streaming: false }, 'Type readings', { kind: 'type', what: 'readings' }],
    [move({ kind: 'stop' }), {}, 'Stop the system', { kind: 'stop' }],
    [
      move({ kind: 'enter-reading', quantity: 'suctionPsig' }),
      {},
      'Type readings',
      { kind: 'type', what: 'readings', quantity: 'suctionPsig' },
    ],
    [
      move({ kind: 'check', what: 'liquidPsig' }),
      {},
      'Open the readings',
      { kind: 'type', what: 'readings', quantity: 'liquidPsig' },
    ],
    [move({ kind: 'check', what: 'superheat' }), {}, 'Show the working', { kind: 'check', what: 'superheat' }],
    [move({ kind: 'check', what: 'weighed-charge' }), {}, 'Show the working', { kind: 'check', what: 'subcooling' }],
    [move({ kind: 'sign' }), {}, 'Record and sign', { kind: 'record', stage: 'final', sign: true }],
    [
      move({ kind: 'sign' }),
      { maySign: false },
      'Record the final reading',
      { kind: 'record', stage: 'final', sign: false },
    ],
  ])('%o', (next, change, label, action) => {
    const move = startUpMove(facts({ ...change, next }));
    expect(told(move.button)).toEqual(label && { label, action });
    expect(english(move.say)).toBe(
      label === 'Record this round' ? 'Record what you read as this round. Do not add refrigerant yet.' : 'say',
    );
  });
  it('a wait carries its minutes', () =>
    expect(english(startUpMove(facts({ next: move({ kind: 'wait' }, 9) })).wait)).toBe('about 9 min'));
  it('the mark is that of the first finding that is not good', () => {
    const low = judgeSheet(
      sheet,
      { suctionPsig: { value: 1, uncertainty: 1, source: 'typed' } },
      { state: 'settling', say: typed(''), steadyForS: 0, waitS: 60, channels: {} },
    );
    expect(startUpMove(facts({ judgement: low })).kind).toBe('now');
  });
});

describe('the signature over what both let stand', () => {
  const high = {
    ...sheet,
    measurements: sheet.measurements.map((m) => (m.quantity === 'lineVolts' ? { ...m, value: 258 } : m)),
  };
  const off = recordedStartUp(high, () => undefined)!.judgement;
  const asked = (accepted: string[], found = off) =>
    startUpMove(facts({ judgement: found, accepted, gates: [], streaming: false, anyRound: true }));
  it('never says that everything holds; what was let stand is told', () => {
    const move = asked(['voltage']);
    expect(move.kind).toBe('override');
    expect(english(move.say)).toBe('Sign the start-up, with 1 accepted against advice.');
    expect(english(move.because)).toMatch(/^Let stand by lead and customer: Voltage 258 V is outside/);
    expect(move.button?.action).toEqual({ kind: 'sign' });
  });
  it('what has come right since is told no more; what nobody accepted is asked for', () => {
    expect(asked(['voltage'], judgement).kind).not.toBe('override');
    expect(asked(['superheat']).button?.action).not.toEqual({ kind: 'sign' });
  });
});
