import { z } from 'zod';
import { REFUSED, upTo } from '@/core/finding/allow';
import { eachOnce } from '@/core/finding/each-once';
import { chars, num, oneOf, yesNo } from '@/core/finding/quantity-field';
import { rectangleSchema } from '@/core/fit/curb/curb-overlap';

const size = num(4, 240, 'in');
const plan = num(-1200, 1200, 'in');
const text = chars(1, 60);

export const OBSTACLE_KINDS = ['wall', 'fence', 'plant', 'meter', 'vent', 'other'] as const;
/** Where the new outdoor unit stands: a plan in inches, y away from the house, and what is above and below. */
export const placementSchema = z.strictObject({
  unit: z.strictObject({ widthIn: size, depthIn: size, heightIn: size, discharge: oneOf(['up', 'side']) }),
  xIn: plan,
  yIn: plan,
  /** Which way the front looks. */
  front: oneOf(['north', 'east', 'south', 'west']),
  serviceSide: oneOf(['front', 'right', 'rear', 'left']),
  required: z.strictObject({
    serviceIn: num(0, 120, 'in'),
    otherIn: num(0, 120, 'in'),
    rearIn: num(0, 120, 'in'),
    /** Front of a side-discharge unit: only the maker's book knows. */
    frontIn: num(0, 240, 'in').nullable(),
    aboveIn: num(0, 240, 'in'),
    fromBook: yesNo,
  }),
  obstacles: z
    .array(
      z.strictObject({ id: text, label: text, kind: oneOf(OBSTACLE_KINDS), x0: plan, y0: plan, x1: plan, y1: plan }),
    )
    .max(30)
    .refine(eachOnce, REFUSED.idTwice)
    .meta(upTo(30, 'obstacles')),
  gates: z
    .array(
      z.strictObject({
        id: text,
        label: text,
        hingeXIn: plan,
        hingeYIn: plan,
        widthIn: size,
        closedDeg: num(-360, 360, '°'),
        swingDeg: num(-180, 180, '°'),
      }),
    )
    .max(6)
    .refine(eachOnce, REFUSED.idTwice)
    .meta(upTo(6, 'gates')),
  /** Clear height from grade to an eave or deck above the unit; null when nothing is above. */
  overheadIn: num(12, 600, 'in').nullable(),
  underRunoff: yesNo,
  dischargesOnto: oneOf(['nothing', 'walkway', 'neighbour window']),
  oldPad: rectangleSchema.nullable(),
  padRiseIn: num(0, 24, 'in').nullable(),
  looseFill: yesNo,
  heatPump: yesNo,
  flood: z
    .strictObject({
      designFloodFt: num(-1500, 15000, 'ft'),
      freeboardFt: num(0, 5, 'ft'),
      gradeFt: num(-1500, 15000, 'ft'),
    })
    .nullable(),
  designSnowIn: num(0, 200, 'in').nullable(),
  standIn: num(0, 120, 'in'),
  weightLb: num(10, 3000, 'lb, with packaging').nullable(),
  /** Clear floor before the disconnect, where a person stands to work on it. */
  disconnectSpace: z.strictObject({ widthIn: num(0, 240, 'in'), depthIn: num(0, 240, 'in') }).nullable(),
  /** Who hears it. */
  sound: z
    .strictObject({
      powerDb: num(40, 110, 'dB of sound power').nullable(),
      stands: oneOf(['open', 'wall', 'corner']),
      bedroomFt: num(1, 500, 'ft').nullable(),
      neighborFt: num(1, 500, 'ft').nullable(),
      barrier: yesNo,
      limitDba: num(30, 80, 'dBA'),
    })
    .nullable()
    .optional(),
  /** Over a unit that blows sideways. */
  eave: z
    .strictObject({ soffitAboveIn: num(0, 300, 'in'), projectionIn: num(0, 120, 'in') })
    .nullable()
    .optional(),
  /** On the wall instead of the ground. */
  bracket: z
    .strictObject({
      wall: oneOf(['masonry', 'studs', 'veneer', 'siding', 'foam', 'unknown']),
      brackets: num(1, 6, 'brackets'),
      standoffIn: num(2, 60, 'in'),
      spanIn: num(3, 60, 'in'),
      iceLb: num(0, 500, 'lb'),
      tensionLb: num(10, 10000, 'lb').nullable(),
      shearLb: num(10, 10000, 'lb').nullable(),
    })
    .nullable()
    .optional(),
  /** Another unit above, below or before it. */
  stacked: z
    .strictObject({
      gapIn: num(0, 300, 'in'),
      makerGapIn: num(0, 300, 'in').nullable(),
      drainsPast: yesNo,
    })
    .nullable()
    .optional(),
});
export type Placement = z.infer<typeof placementSchema>;

/** Clearances when the maker's book is not at hand (common practice; the book rules), in. */
export const USUAL_CLEARANCE = { serviceIn: 12, otherIn: 12, rearIn: 10, aboveIn: 60 } as const;
/** Rear of a slim side-discharge unit. */
export const SLIM_REAR_IN = 4;

export const EMPTY_PLACEMENT: Placement = {
  unit: { widthIn: 30, depthIn: 30, heightIn: 36, discharge: 'up' },
  xIn: 0,
  yIn: 40,
  front: 'north',
  serviceSide: 'right',
  required: { ...USUAL_CLEARANCE, frontIn: null, fromBook: false },
  obstacles: [{ id: 'house', label: 'House wall', kind: 'wall', x0: -120, y0: 0, x1: 120, y1: 0 }],
  gates: [],
  overheadIn: null,
  underRunoff: false,
  dischargesOnto: 'nothing',
  oldPad: null,
  padRiseIn: null,
  looseFill: false,
  heatPump: true,
  flood: null,
  designSnowIn: null,
  standIn: 0,
  weightLb: null,
  disconnectSpace: null,
};
