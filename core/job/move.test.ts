import { describe, expect, it } from 'vitest';
import { q } from '@/core/words/said';
import { isDecision, isWait, type Move, shapeOf } from './move';

const WAIT: Move = {
  kind: 'now',
  say: { id: 'work.pump', with: { microns: q(900, 'microns'), why: { id: 'work.wet' } } },
  because: { id: 'work.because' },
};

describe('what a move asks for', () => {
  it('is the same while only its figures move', () => {
    const later = { ...WAIT, say: { ...WAIT.say, with: { ...WAIT.say.with, microns: q(300, 'microns') } } };
    expect(shapeOf(later)).toBe(shapeOf(WAIT));
    expect(shapeOf({ ...WAIT, because: { id: 'work.other' } })).toBe(shapeOf(WAIT));
  });
  it('is another with another kind, sentence, part of the sentence, or button', () => {
    const button = { label: { id: 'work.isolate' }, action: { kind: 'sign' } } as const;
    const others: Move[] = [
      { ...WAIT, kind: 'stop' },
      { ...WAIT, say: { ...WAIT.say, id: 'work.isolate' } },
      { ...WAIT, say: { ...WAIT.say, with: { ...WAIT.say.with, why: { id: 'work.leak' } } } },
      { ...WAIT, button },
    ];
    for (const other of others) expect(shapeOf(other)).not.toBe(shapeOf(WAIT));
    expect(shapeOf({ ...WAIT, button: { ...button, label: { id: 'work.sweep' } } })).not.toBe(
      shapeOf({ ...WAIT, button }),
    );
  });
  it('is a decision once there is something to press, or a finding that was not there', () => {
    const before = shapeOf(WAIT);
    const other: Move = { ...WAIT, say: { id: 'work.two-minutes' } };
    expect(isDecision(WAIT, before)).toBe(false);
    expect(isDecision(other, before)).toBe(false);
    expect(isDecision({ ...other, kind: 'look-again' }, before)).toBe(true);
    expect(isDecision({ ...other, kind: 'stop' }, before)).toBe(true);
    expect(isDecision({ ...WAIT, kind: 'stop' }, shapeOf({ ...WAIT, kind: 'stop' }))).toBe(false);
    expect(isDecision({ ...WAIT, button: { label: { id: 'work.sign' }, action: { kind: 'sign' } } }, before)).toBe(
      true,
    );
  });
  it('is to wait where nothing is to be pressed, or a clock runs beside it', () => {
    const button = { label: { id: 'work.sign' }, action: { kind: 'sign' } } as const;
    expect(isWait(WAIT)).toBe(true);
    expect(isWait({ ...WAIT, button })).toBe(false);
    expect(isWait({ ...WAIT, button, wait: { id: 'work.ten-minutes' } })).toBe(true);
    expect(isWait({ ...WAIT, button, since: '2026-06-01T08:00:00Z' })).toBe(true);
  });
});
