import { advise, type Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { PAN_MARGIN_IN } from '@/core/fit/drain/pan-margin';
import { tell } from '@/core/fit/words';
import { q, type Said, value } from '@/core/words/said';
import { newStackIn, OIL_COIL_GAP_IN, STACK_LOOK_DEG, type Stack, type StackEnd, stackEnds } from './stack';
import { stackMore } from './stack-more';

const CLOSING_WORDS: Record<StackEnd['closing'], Said> = {
  flange: tell('fit.flange-and-gasket-close-it'),
  cap: tell('fit.flat-cap-with-opening-closes-it'),
  transition: tell('fit.one-new-transition-closes-it'),
  'new plenum': tell('fit.new-plenum-is-needed'),
  'cut back': tell('fit.plenum-must-be-cut-back-or'),
};
export const closingWords = (e: StackEnd): Said =>
  e.end === 'return' && e.closing === 'new plenum' ? tell('fit.new-return-box-is-needed') : CLOSING_WORDS[e.closing];

function endCheck(e: StackEnd, flow: Stack['flow']): Finding {
  const lying = flow === 'left' || flow === 'right';
  const where =
    e.end === 'plenum'
      ? tell(lying ? 'fit.at-the-supply' : 'fit.above')
      : tell(lying ? 'fit.at-the-return' : 'fit.below');
  const step = Math.max(Math.abs(e.stepWidthIn), Math.abs(e.stepDepthIn));
  const gap =
    e.gapIn < 0 ? tell('fit.too-tall', { gapIn: q(-e.gapIn, 'in') }) : tell('fit.of-gap', { gapIn: q(e.gapIn, 'in') });
  const trouble =
    e.closing === 'cut back' ||
    e.closing === 'new plenum' ||
    (e.closing === 'transition' && e.slopeDeg > STACK_LOOK_DEG);
  return {
    id: `stack-${e.end}`,
    verdict: trouble ? 'look-again' : 'good',
    claim: tell('fit.where-gap-e', { where, gap, e: closingWords(e) }),
    because:
      step > 0.5
        ? tell('fit.openings-step-side-in-that-height', {
            step: q(step, 'in'),
            slopeDeg: q(e.slopeDeg, 'number', 0),
            wantedIn: q(e.wantedIn, 'in'),
          })
        : tell('fit.openings-match'),
    source: tell('fit.20-and-30-sides-common-practice'),
    next: advise(
      e.closing === 'cut back'
        ? tell('fit.cut-plenum-up-by-and-make', { gapIn: q(-e.gapIn + e.wantedIn, 'in') })
        : e.closing === 'new plenum' && e.end === 'return'
          ? tell('fit.raise-unit-on-transition-over-return', { wantedIn: q(Math.max(e.wantedIn, 2), 'in') })
          : e.closing === 'new plenum'
            ? tell('fit.cut-back-to-above-equipment-and', { wantedIn: q(Math.max(e.wantedIn, 2), 'in') })
            : trouble
              ? tell('fit.raise-transition-or-accept-loss-and')
              : undefined,
    ),
    miss: Math.max(0, -e.gapIn) + step,
  };
}

/** The commonest surprise of a changeout: does the new one stand between the plenum and the return that stay? */
export function judgeStack(s: Stack): Finding[] {
  const [upper, lower] = stackEnds(s);
  const checks: Finding[] = [endCheck(upper, s.flow), endCheck(lower, s.flow)];
  const difference = newStackIn(s) - s.old.heightIn;
  checks.push({
    id: 'stack-height',
    verdict: 'good',
    claim: tell('fit.new-stack-old', {
      s: q(newStackIn(s), 'in'),
      heightIn: q(s.old.heightIn, 'in'),
      difference: q(Math.abs(difference), 'in'),
      difference2: value(difference > 0 ? 'taller' : 'shorter'),
    }),
    because: tell('fit.between-plenum-and-return', {
      plenumIn: q(s.plenumIn - s.returnTopIn, 'in'),
      coilOnOilFurnace:
        s.coilOnOilFurnace && s.coilHeightIn !== null
          ? tell('fit.kept-between-oil-furnace-and-coil', { oilCoilGapIn: q(OIL_COIL_GAP_IN, 'in', 'as is') })
          : '',
    }),
    source: tell('fit.geometry'),
  });
  if (s.coilOnOilFurnace && s.coilHeightIn !== null) {
    checks.push({
      id: 'oil-pan',
      verdict: 'look-again',
      claim: tell('fit.coil-over-oil-furnace-high-temperature'),
      because: tell('fit.ordinary-plastic-pan-softens-over-oil'),
      source: tell('fit.makers-instructions'),
      next: { say: tell('fit.order-coil-with-high-temperature-pan') },
    });
  }
  if (s.closetWidthIn !== null) {
    const spare = s.closetWidthIn - s.new.widthIn;
    checks.push({
      id: 'closet',
      verdict: spare < 2 ? 'look-again' : 'good',
      claim:
        spare < 0
          ? tell('fit.too-wide-for-closet', { spare: q(-spare, 'in') })
          : tell('fit.to-spare-across-closet', { spare: q(spare, 'in') }),
      because: tell('fit.clearances-to-combustibles-are-on-plate'),
      source: tell('fit.geometry-makers-plate-rules'),
      next: spare < 2 ? { say: tell('fit.choose-narrower-cabinet-or-widen-closet') } : undefined,
      miss: -spare,
    });
  }
  if (s.frontRoomIn === null) {
    checks.push({
      id: 'service-room',
      verdict: 'not-proven',
      claim: tell('fit.room-in-front-not-measured'),
      because: tell('fit.blower-and-coil-must-come-out'),
      source: tell('fit.common-practice-makers-book'),
      next: { say: tell('fit.measure-from-front-panel-to-next') },
    });
  } else {
    const short = s.frontNeededIn - s.frontRoomIn;
    checks.push({
      id: 'service-room',
      verdict: short > 0 ? 'look-again' : 'good',
      claim:
        short > 0
          ? tell('fit.short-of-room-to-serve-it', { short: q(short, 'in', 0) })
          : tell('fit.in-front-it-can-be-served', { frontRoomIn: q(s.frontRoomIn, 'in', 0) }),
      because: tell('fit.wanted-to-pull-blower-or-coil', { frontNeededIn: q(s.frontNeededIn, 'in', 0) }),
      source: tell('fit.common-practice-makers-book-rules'),
      next: short > 0 ? { say: tell('fit.turn-unit-or-make-access') } : undefined,
      miss: Math.max(0, short),
    });
  }
  checks.push(...stackMore(s));
  checks.push({
    id: 'pan-size',
    verdict: 'good',
    claim: tell('fit.pan-at-least-under-it', {
      widthIn: q(s.new.widthIn + 2 * PAN_MARGIN_IN, 'number', 1),
      depthIn: q(s.new.depthIn + 2 * PAN_MARGIN_IN, 'in'),
    }),
    because: tell('fit.3-in-past-unit-each-side'),
    source: tell('fit.imc-307-from-memory'),
  });
  return orderFindings(checks);
}
