import { newStackIn, type Stack } from '@/core/fit/stack/stack';
import type { SetCheckId } from '@/core/phases/set/asks';
import type { Point } from '@/web/bench/sheet/shapes';

/** A joint runs this far past what it closes on either side, so that it can be tapped, in. */
const BEYOND_IN = 5;

export type JointLine = { id: SetCheckId; from: Point; to: Point };

/** The joints of a stack as lines across it, upright, in inches above the floor; of a coil only where one stands by itself. */
export function jointLines(stack: Stack): JointLine[] {
  const across = (id: SetCheckId, yIn: number, widthIn: number): JointLine => ({
    id,
    from: [-widthIn / 2 - BEYOND_IN, yIn],
    to: [widthIn / 2 + BEYOND_IN, yIn],
  });
  const coil = stack.coilHeightIn ?? 0;
  const top = stack.returnTopIn + stack.raiseIn + newStackIn(stack);
  return [
    across('joint-plenum', stack.plenumIn, stack.plenum.widthIn),
    ...(coil > 0 ? [across('joint-coil', top - coil, stack.new.widthIn)] : []),
    across('joint-return', stack.returnTopIn, stack.returnOpening.widthIn),
  ];
}
