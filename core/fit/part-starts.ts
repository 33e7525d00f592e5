import type { FitSheets } from '@/core/fit/sheets';
import { stackPatterns } from '@/core/fit/stack/pattern';
import type { PartFigures, PartKind } from '@/core/metal/flat/part';

/** A part with the figures that a fit sheet knows of it; what it does not know is asked. */
export type PartStart = { part: PartKind; of: 'plenum' | 'return' | 'unit' | 'wall'; figures: Partial<PartFigures> };

/** A pan is so much larger than what stands in it, on every side (IMC 307, edition not checked), in. */
const PAN_MARGIN_IN = 3;
/** Walls of a secondary pan (IMC 307: 1½ in or more; common practice 2), in. */
const PAN_WALL_IN = 2;
const HEM_IN = 0.5;

/** Sheet-metal parts that the fit sheets of a system ask for, in their own figures. */
export function partStarts(fits: FitSheets): PartStart[] {
  const stack = fits.stack?.record;
  const packaged = fits.packaged?.record;
  const out: PartStart[] = [];
  if (stack) {
    for (const { end, shape } of stackPatterns(stack))
      out.push({
        part: 'transition',
        of: end,
        figures: {
          lengthIn: shape.bottomIn[0],
          widthIn: shape.bottomIn[1],
          topLengthIn: shape.topIn[0],
          topWidthIn: shape.topIn[1],
          heightIn: shape.heightIn,
          offsetXIn: shape.offsetIn[0],
          offsetYIn: shape.offsetIn[1],
        },
      });
    out.push({
      part: 'pan',
      of: 'unit',
      figures: {
        lengthIn: stack.new.widthIn + 2 * PAN_MARGIN_IN,
        widthIn: stack.new.depthIn + 2 * PAN_MARGIN_IN,
        wallIn: PAN_WALL_IN,
        hemIn: HEM_IN,
      },
    });
  }
  if (packaged?.hoodRunIn) out.push({ part: 'hood', of: 'wall', figures: { runIn: packaged.hoodRunIn } });
  return out;
}
