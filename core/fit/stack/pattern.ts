import type { TransitionShape } from '@/core/metal/transition';
import { type Stack, type StackEnd, stackEnds } from './stack';

/** A transition that closes a gap of the stack, in its own dimensions: the unit's opening to the house's. */
export type StackPattern = { end: StackEnd['end']; shape: TransitionShape };

/**
 * The transitions of a stack, from the figures of its own sheet; centers stand in line, as the sheet draws them.
 *
 * @returns one for each end that a transition closes
 */
export function stackPatterns(s: Stack): StackPattern[] {
  return stackEnds(s)
    .filter((e) => e.closing === 'transition' && e.gapIn > 0)
    .map((e) => {
      const unit = (e.end === 'plenum') === (s.flow === 'up') ? s.new.supply : s.new.return;
      const house = e.end === 'plenum' ? s.plenum : s.returnOpening;
      return {
        end: e.end,
        shape: {
          bottomIn: [unit.widthIn, unit.depthIn],
          topIn: [house.widthIn, house.depthIn],
          heightIn: e.gapIn,
          offsetIn: [0, 0],
        },
      };
    });
}
