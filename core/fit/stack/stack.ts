import { z } from 'zod';
import { num, oneOf, yesNo } from '@/core/finding/quantity-field';

const size = num(2, 200, 'in');
const opening = z.strictObject({ widthIn: size, depthIn: size });
const unit = z.strictObject({ widthIn: size, depthIn: size, heightIn: size, supply: opening, return: opening });

/** The indoor equipment between the plenum and the return that stay: old beside new, in elevation. */
export const stackSchema = z.strictObject({
  /** Height of the flange of the plenum that stays, and of the top of the return that stays, above the floor. */
  plenumIn: num(6, 300, 'in'),
  returnTopIn: num(0, 200, 'in'),
  plenum: opening,
  returnOpening: opening,
  old: z.strictObject({ widthIn: size, depthIn: size, heightIn: size }),
  new: unit,
  /** A separate cased coil on top of the furnace; null when the coil is inside. */
  coilHeightIn: num(4, 60, 'in').nullable(),
  coilOnOilFurnace: yesNo,
  panHeightIn: num(0, 12, 'in'),
  /** A base under the new unit, on the return that stays: it moves part of the gap below. */
  raiseIn: num(0, 60, 'in'),
  /** Room in front to pull the blower or coil, and clear width of the closet; null when nothing is near. */
  frontRoomIn: num(0, 240, 'in').nullable(),
  frontNeededIn: num(0, 60, 'in'),
  closetWidthIn: num(4, 240, 'in').nullable(),
  /** Where the air goes: up, down, or lying on its side to the left or right. */
  flow: oneOf(['up', 'down', 'left', 'right']),
  hung: z
    .strictObject({
      weightLb: num(10, 3000, 'lb'),
      hangers: num(2, 12, 'hangers'),
      hangerLb: num(10, 5000, 'lb'),
      isolated: yesNo,
    })
    .nullable()
    .optional(),
  filter: z
    .strictObject({
      lengthIn: num(4, 60, 'in'),
      pullIn: num(0, 240, 'in'),
      toCoilIn: num(0, 120, 'in'),
      makerIn: num(0, 60, 'in').nullable(),
    })
    .nullable()
    .optional(),
  /** A distribution or return box that stays. */
  box: oneOf(['none', 'dry and sound', 'patched', 'bare fiber', 'wet or moldy']).optional(),
  /** The way to it in an attic or crawlspace, the floor before it, and whether storage stays free. */
  walk: z
    .strictObject({
      widthIn: num(0, 240, 'in'),
      platformIn: num(0, 240, 'in'),
      storageFree: yesNo,
    })
    .nullable()
    .optional(),
});
export type Stack = z.infer<typeof stackSchema>;

/** Room to pull a blower or a coil when the maker's book is not at hand (common practice), in. */
export const USUAL_FRONT_IN = 24;
/** Gap between an oil furnace and a coil above it, least (common practice 6 to 8; the maker's book rules), in. */
export const OIL_COIL_GAP_IN = 6;

export const EMPTY_STACK: Stack = {
  plenumIn: 78,
  returnTopIn: 18,
  plenum: { widthIn: 20, depthIn: 20 },
  returnOpening: { widthIn: 20, depthIn: 20 },
  old: { widthIn: 21, depthIn: 22, heightIn: 58 },
  new: {
    widthIn: 17.5,
    depthIn: 21,
    heightIn: 49,
    supply: { widthIn: 16, depthIn: 18 },
    return: { widthIn: 16, depthIn: 18 },
  },
  coilHeightIn: null,
  coilOnOilFurnace: false,
  panHeightIn: 2,
  raiseIn: 0,
  frontRoomIn: null,
  frontNeededIn: USUAL_FRONT_IN,
  closetWidthIn: null,
  flow: 'up',
  box: 'none',
};

export type StackEnd = {
  end: 'plenum' | 'return';
  gapIn: number;
  /** Sideways step per side, unit opening to what stays; positive widens towards what stays. */
  stepWidthIn: number;
  stepDepthIn: number;
  slopeDeg: number;
  closing: 'flange' | 'cap' | 'transition' | 'new plenum' | 'cut back';
  /** Height the transition would need for 20°. */
  wantedIn: number;
};

/** A gap up to this is a flange with a gasket; up to the second a flat cap with an opening (common practice), in. */
const FLANGE_GAP_IN = 1;
const CAP_GAP_IN = 3;
/** Openings within this count as the same (common practice), in. */
const SAME_IN = 1;
const LOOK_DEG = 20;
const LIMIT_DEG = 30;

const tan = (deg: number): number => Math.tan((deg * Math.PI) / 180);

/** What closes one end: the gap there against the step of the openings. */
export function closeEnd(
  end: StackEnd['end'],
  gapIn: number,
  from: { widthIn: number; depthIn: number },
  to: { widthIn: number; depthIn: number },
): StackEnd {
  const stepWidthIn = (to.widthIn - from.widthIn) / 2;
  const stepDepthIn = (to.depthIn - from.depthIn) / 2;
  const step = Math.max(Math.abs(stepWidthIn), Math.abs(stepDepthIn));
  const slopeDeg = gapIn > 0 ? (Math.atan(step / gapIn) * 180) / Math.PI : step > SAME_IN / 2 ? 90 : 0;
  const wantedIn = step / tan(LOOK_DEG);
  const same = step <= SAME_IN / 2;
  const closing: StackEnd['closing'] =
    gapIn < -0.05
      ? 'cut back'
      : same
        ? gapIn <= FLANGE_GAP_IN
          ? 'flange'
          : gapIn <= CAP_GAP_IN
            ? 'cap'
            : 'transition'
        : slopeDeg <= LIMIT_DEG
          ? 'transition'
          : gapIn <= FLANGE_GAP_IN && from.widthIn >= to.widthIn && from.depthIn >= to.depthIn
            ? 'cap'
            : 'new plenum';
  return { end, gapIn, stepWidthIn, stepDepthIn, slopeDeg, closing, wantedIn };
}

export const newStackIn = (s: Stack): number =>
  s.new.heightIn + (s.coilHeightIn ?? 0) + (s.coilOnOilFurnace && s.coilHeightIn !== null ? OIL_COIL_GAP_IN : 0);

/** Both ends of the new stack: what it is raised by below, the rest of the gap above. */
export function stackEnds(s: Stack): [StackEnd, StackEnd] {
  const room = s.plenumIn - s.returnTopIn;
  const gap = room - newStackIn(s) - s.raiseIn;
  // Lying down, the plenum end is the one the air leaves by.
  const down = s.flow === 'down';
  const upper = down ? s.new.return : s.new.supply;
  const lower = down ? s.new.supply : s.new.return;
  return [closeEnd('plenum', gap, upper, s.plenum), closeEnd('return', s.raiseIn, lower, s.returnOpening)];
}
export { LOOK_DEG as STACK_LOOK_DEG };
