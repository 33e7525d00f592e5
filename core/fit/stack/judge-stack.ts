import { advise, type Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { newStackIn, OIL_COIL_GAP_IN, STACK_LOOK_DEG, type Stack, type StackEnd, stackEnds } from './stack';

const CLOSING_WORDS: Record<StackEnd['closing'], string> = {
  flange: 'a flange and gasket close it',
  cap: 'a flat cap with an opening closes it',
  transition: 'one new transition closes it',
  'new plenum': 'a new plenum is needed',
  'cut back': 'the plenum must be cut back or the equipment be shorter',
};
export const closingWords = (e: StackEnd): string =>
  e.end === 'return' && e.closing === 'new plenum' ? 'a new return box is needed' : CLOSING_WORDS[e.closing];

/** Pan beyond the equipment on each side, so that a leak lands in it (IMC 307: 3 in larger, from memory). */
const PAN_BEYOND_IN = 1.5;

function endCheck(e: StackEnd): Finding {
  const where = e.end === 'plenum' ? 'Above' : 'Below';
  const step = Math.max(Math.abs(e.stepWidthIn), Math.abs(e.stepDepthIn));
  const gap = e.gapIn < 0 ? `${(-e.gapIn).toFixed(1)} in too tall` : `${e.gapIn.toFixed(1)} in of gap`;
  const trouble =
    e.closing === 'cut back' ||
    e.closing === 'new plenum' ||
    (e.closing === 'transition' && e.slopeDeg > STACK_LOOK_DEG);
  return {
    id: `stack-${e.end}`,
    verdict: trouble ? 'look-again' : 'good',
    claim: `${where}: ${gap}; ${closingWords(e)}.`,
    because:
      step > 0.5
        ? `The openings step ${step.toFixed(1)} in a side: ${e.slopeDeg.toFixed(0)}° in that height. 20° wants ${e.wantedIn.toFixed(1)} in.`
        : 'The openings match.',
    source: '20° and 30° sides: common practice',
    next: advise(
      e.closing === 'cut back'
        ? `Cut the plenum up by ${(-e.gapIn + e.wantedIn).toFixed(1)} in and make a new start, or order shorter equipment.`
        : e.closing === 'new plenum' && e.end === 'return'
          ? `Raise the unit ${Math.max(e.wantedIn, 2).toFixed(1)} in on a transition over the return, or build a new return box.`
          : e.closing === 'new plenum'
            ? `Cut back to ${Math.max(e.wantedIn, 2).toFixed(1)} in above the equipment and build a new plenum start.`
            : trouble
              ? 'Raise the transition or accept the loss and say so on the fit sheet.'
              : undefined,
    ),
    miss: Math.max(0, -e.gapIn) + step,
  };
}

/** The commonest surprise of a changeout: does the new one stand between the plenum and the return that stay? */
export function judgeStack(s: Stack): Finding[] {
  const [upper, lower] = stackEnds(s);
  const checks: Finding[] = [endCheck(upper), endCheck(lower)];
  const difference = newStackIn(s) - s.old.heightIn;
  checks.push({
    id: 'stack-height',
    verdict: 'good',
    claim: `New stack ${newStackIn(s).toFixed(1)} in, old ${s.old.heightIn.toFixed(1)}: ${Math.abs(difference).toFixed(1)} in ${difference > 0 ? 'taller' : 'shorter'}.`,
    because: `${(s.plenumIn - s.returnTopIn).toFixed(1)} in between plenum and return${s.coilOnOilFurnace && s.coilHeightIn !== null ? `; ${OIL_COIL_GAP_IN} in kept between oil furnace and coil` : ''}.`,
    source: 'geometry',
  });
  if (s.coilOnOilFurnace && s.coilHeightIn !== null) {
    checks.push({
      id: 'oil-pan',
      verdict: 'look-again',
      claim: 'Coil over an oil furnace: high-temperature pan.',
      because: 'An ordinary plastic pan softens over the oil furnace’s heat.',
      source: 'maker’s instructions',
      next: { say: 'Order the coil with a high-temperature pan and keep the maker’s gap.' },
    });
  }
  if (s.closetWidthIn !== null) {
    const spare = s.closetWidthIn - s.new.widthIn;
    checks.push({
      id: 'closet',
      verdict: spare < 2 ? 'look-again' : 'good',
      claim:
        spare < 0
          ? `${(-spare).toFixed(1)} in too wide for the closet.`
          : `${spare.toFixed(1)} in to spare across the closet.`,
      because: 'Clearances to combustibles are on the plate.',
      source: 'geometry; the maker’s plate rules',
      next: spare < 2 ? { say: 'Choose a narrower cabinet, or widen the closet.' } : undefined,
      miss: -spare,
    });
  }
  if (s.frontRoomIn === null) {
    checks.push({
      id: 'service-room',
      verdict: 'not-proven',
      claim: 'Room in front not measured.',
      because: 'The blower and coil must come out towards someone.',
      source: 'common practice; the maker’s book',
      next: { say: 'Measure from the front panel to the next wall.' },
    });
  } else {
    const short = s.frontNeededIn - s.frontRoomIn;
    checks.push({
      id: 'service-room',
      verdict: short > 0 ? 'look-again' : 'good',
      claim:
        short > 0
          ? `${short.toFixed(0)} in short of room to serve it.`
          : `${s.frontRoomIn.toFixed(0)} in in front: it can be served.`,
      because: `${s.frontNeededIn.toFixed(0)} in wanted to pull the blower or coil.`,
      source: 'common practice; the maker’s book rules',
      next: short > 0 ? { say: 'Turn the unit, or make an access.' } : undefined,
      miss: Math.max(0, short),
    });
  }
  checks.push({
    id: 'pan-size',
    verdict: 'good',
    claim: `Pan at least ${(s.new.widthIn + 2 * PAN_BEYOND_IN).toFixed(1)} × ${(s.new.depthIn + 2 * PAN_BEYOND_IN).toFixed(1)} in under it.`,
    because: '3 in larger than the unit, 1½ in deep.',
    source: 'IMC 307, from memory',
  });
  return orderFindings(checks);
}
