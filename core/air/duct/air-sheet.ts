import { z } from 'zod';
import { REFUSED, upTo } from '@/core/finding/allow';
import { eachOnce } from '@/core/finding/each-once';
import { chars, num, oneOf, yesNo } from '@/core/finding/quantity-field';
import { cfmPerTonField, STANDARD_CFM_PER_TON, tonsField } from './airflow-per-ton';
import { pathSchema } from './path';

const name = chars(1, 60);
const id = chars(1, 40);
const flow = num(10, 20000, 'CFM');
const loss = num(0, 3, 'in. w.c.');

/** One run off the plenum or the trunk, as it is there or as it will be made. */
const branch = z.strictObject({
  id,
  name,
  cfm: flow,
  kind: oneOf(['flex', 'metal']),
  /** What hangs there now; null: to be made. */
  existingIn: num(3, 60, 'in').nullable(),
  slackPct: num(0, 30, '%'),
});
export type Branch = z.infer<typeof branch>;

/** The air side of a system: flow, budget, trunk with its branches, returns, zones. */
export const airSheetSchema = z
  .strictObject({
    tons: tonsField,
    cfmPerTon: cfmPerTonField,
    budget: z.strictObject({
      ratedEspInWc: num(0.05, 3, 'in. w.c.'),
      coilInWc: loss,
      filterInWc: loss,
      grilleInWc: loss,
      registerInWc: loss,
      dampersInWc: loss,
      longestFt: num(20, 1000, 'ft'),
    }),
    /** The longest way piece by piece; then it stands in the place of the typed length. */
    path: pathSchema.nullable().optional(),
    plenum: z.array(branch).max(24).meta(upTo(24, 'branches')),
    trunk: z.array(branch).max(24).meta(upTo(24, 'branches')),
    trunkExistingIn: num(4, 60, 'in').nullable(),
    /** Height there is for a rectangular trunk; null: round. */
    trunkHeightIn: num(4, 40, 'in').nullable(),
    returns: z
      .array(
        z.strictObject({
          id,
          name,
          widthIn: num(4, 60, 'in'),
          heightIn: num(4, 60, 'in'),
          filter: yesNo,
          freeShare: num(0.3, 1, 'of the gross area'),
        }),
      )
      .max(12)
      .refine(eachOnce, REFUSED.idTwice)
      .meta(upTo(12, 'returns')),
    /** A media cabinet at the unit, when there is one. */
    cabinet: z.strictObject({ widthIn: num(4, 60, 'in'), heightIn: num(4, 60, 'in') }).nullable(),
    zoning: z
      .strictObject({
        smallestZoneCfm: flow,
        equipmentMinCfm: flow.nullable(),
        bypassShare: num(0, 0.8, 'of the air'),
        returnF: num(55, 95, '°F'),
        coilDropF: num(5, 35, '°F'),
      })
      .nullable(),
  })
  .refine((air) => eachOnce([...air.plenum, ...air.trunk]), { error: REFUSED.idTwice, path: ['trunk'] });
export type AirSheet = z.infer<typeof airSheetSchema>;

export const EMPTY_AIR: AirSheet = {
  tons: 3,
  cfmPerTon: STANDARD_CFM_PER_TON,
  budget: {
    ratedEspInWc: 0.5,
    coilInWc: 0.18,
    filterInWc: 0.1,
    grilleInWc: 0.03,
    registerInWc: 0.03,
    dampersInWc: 0,
    longestFt: 220,
  },
  plenum: [],
  trunk: [],
  trunkExistingIn: null,
  trunkHeightIn: null,
  returns: [],
  cabinet: null,
  zoning: null,
};
