import { describe, expect, it } from 'vitest';
import { EMPTY_STACK, newStackIn } from '@/core/fit/stack/stack';
import { jointLines } from './joint-lines';

describe('joints of the stack on its drawing', () => {
  it('stand where the stack meets what stays, the coil between them', () => {
    const stack = { ...EMPTY_STACK, coilHeightIn: 20, raiseIn: 2 };
    const at = Object.fromEntries(jointLines(stack).map((j) => [j.id, j.from[1]]));
    expect(at).toEqual({
      'joint-plenum': stack.plenumIn,
      'joint-return': stack.returnTopIn,
      'joint-coil': stack.returnTopIn + 2 + newStackIn(stack) - 20,
    });
  });
  it('are level, reach past what they close on both sides alike, and none is drawn of a coil inside', () => {
    const lines = jointLines(EMPTY_STACK);
    expect(lines.map((j) => j.id)).toEqual(['joint-plenum', 'joint-return']);
    for (const { from, to } of lines) {
      expect(from[1]).toBe(to[1]);
      expect(from[0]).toBe(-to[0]);
      expect(to[0]).toBeGreaterThan(EMPTY_STACK.plenum.widthIn / 2);
    }
  });
});
