import { describe, expect, it } from 'vitest';
import { sampleSheet, signedOff } from '@/core/job/testing/sample-sheet';
import { refusesEntry } from '@/core/phases/entry-rules';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { nextMoveOf } from '@/core/phases/phase';
import { JOINT, LINE_RUN, TEST_PLAN } from '@/demo/sample-entries';
import { isEarlyLook } from './early-look';
import { pressureTest } from './phase';
import { pressureView } from './view';

const HELD = { psig: 450, pipeF: 70, runId: null, runSeconds: null };
const ready = () =>
  new LogBuilder()
    .add('line-run', LINE_RUN)
    .add('joint', JOINT)
    .add('expansion-open', { how: 'not needed' })
    .add('test-plan', TEST_PLAN);
const sheet = (b: LogBuilder) =>
  sampleSheet({ vacuum: null, circuitLog: b.log, signOffs: [signedOff('recover'), signedOff('join')] });

describe('readings of a pressure hold', () => {
  it('belong to their own hold: a look and an end of the first say nothing of the second', () => {
    const b = ready().add('hold-start', HELD);
    const first = b.lastId;
    b.wait(10).add('hold-look', { startId: first, psig: 440, pipeF: 70 });
    b.wait(20).add('hold-end', { ...HELD, startId: first, psig: 430 });
    expect(pressureView(sheet(b)).hold).toMatchObject({ end: { body: { psig: 430 } }, look: { body: { psig: 440 } } });
    b.add('hold-start', HELD);
    const { hold } = pressureView(sheet(b));
    expect(hold!.start.id).toBe(b.lastId);
    expect(hold).toMatchObject({ end: undefined, look: undefined, minutes: undefined });
  });
  it('taken before the hold is over are looks: three seconds are a clock, not a hold', () => {
    const b = ready().add('hold-start', HELD);
    const at = Date.parse(b.log.at(-1)!.at);
    const early = (seconds: number) =>
      isEarlyLook(b.log, { startId: b.lastId }, new Date(at + seconds * 1000).toISOString(), 30);
    expect([early(29 * 60), early(1796), early(1797.5), early(1800)]).toEqual([true, true, false, false]);
    expect(isEarlyLook(b.log, { startId: 'none' }, new Date(at).toISOString(), 30)).toBe(false);
  });
  it('taken before the hold was started are mistyped', () => {
    const b = ready().add('hold-start', { ...HELD, readAt: '2026-06-01T08:10:00.000Z' });
    const refused = (readAt: string) =>
      refusesEntry(
        sheet(b),
        'hold-end',
        { ...HELD, startId: b.lastId, readAt },
        {
          cylinder: undefined,
          today: '2026-06-01',
          nowMs: Date.parse('2026-06-01T12:00:00Z'),
          at: '2026-06-01T12:00:00Z',
          typed: true,
        },
      )?.message.id;
    expect(refused('2026-06-01T08:09:59.000Z')).toBe('work.before-hold-was-started');
    expect(refused('2026-06-01T08:10:00.000Z')).not.toBe('work.before-hold-was-started');
    // Five minutes of a clock that runs ahead are let pass, more are not.
    expect(refused('2026-06-01T12:05:00.000Z')).not.toBe('work.that-time-has-not-come-yet');
    expect(refused('2026-06-01T12:05:01.000Z')).toBe('work.that-time-has-not-come-yet');
  });
});

describe('the next move of a pressure test', () => {
  const action = (b: LogBuilder) => {
    const move = nextMoveOf(pressureTest, sheet(b), { maySign: true });
    return 'button' in move ? move.button?.action : undefined;
  };
  const heldWell = () => {
    const b = ready();
    const jointId = b.log[1]!.id;
    b.add('hold-start', HELD);
    const startId = b.lastId;
    b.wait(59).add('hold-end', { ...HELD, startId });
    return { b, jointId };
  };
  it('after a good hold asks for the soap test of each joint', () => {
    const { b, jointId } = heldWell();
    expect(action(b)).toMatchObject({ kind: 'show-joint', joint: jointId });
  });
  it('is another hold when a joint bubbles, and not when it is dry', () => {
    const wet = heldWell();
    wet.b.add('bubble', { jointId: wet.jointId, result: 'bubbles' });
    expect(action(wet.b)).toMatchObject({ kind: 'write', entry: 'hold-start' });
    const dry = heldWell();
    dry.b.add('bubble', { jointId: dry.jointId, result: 'no bubbles' });
    expect(action(dry.b)).not.toMatchObject({ kind: 'write', entry: 'hold-start' });
  });
});
