import { z } from 'zod';
import { tell } from '@/core/air/words';
import { upTo } from '@/core/finding/allow';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { q as amount } from '@/core/words/said';
import { cfmField, frictionField, frictionOf, ROUGHNESS_FT } from './friction';
import { diameterFor, tradeDiameter } from './round-size';

export type TrunkSection = { cfm: number; diameterIn: number; tradeSizeIn: number; fpm: number };

/**
 * A trunk section by section: what leaves at the plenum or along the way no longer runs downstream.
 *
 * @param totalCfm at the plenum · @param plenumCfm taken straight off the plenum · @param takeOffsCfm along the trunk, in order
 * @returns sections before each take-off, sized at the friction rate; leftCfm runs on past the last one
 * @example trunkSections({ totalCfm: 1200, plenumCfm: [100, 100, 100], takeOffsCfm: [], inWcPer100ft: 0.08 }) // 900 CFM: 14 in
 */
export const trunkSections = calculation({
  id: 'trunk-sections',
  title: 'Trunk after its take-offs',
  what: 'Sizes each section of a trunk for the air that is still in it.',
  formula: 'section CFM = total − everything taken off upstream; then the round size at the friction rate',
  source: 'conservation of flow; ASHRAE friction, edition not checked',
  notCovered: 'Fitting losses and static regain.',
  input: z.strictObject({
    totalCfm: cfmField,
    plenumCfm: z.array(cfmField).max(40).meta(upTo(40, 'flows')).default([]),
    takeOffsCfm: z.array(cfmField).max(40).meta(upTo(40, 'flows')).default([]),
    inWcPer100ft: frictionField,
  }),
  compute: ({ totalCfm, plenumCfm, takeOffsCfm, inWcPer100ft }) => {
    const offPlenum = plenumCfm.reduce((sum, q) => sum + q, 0);
    const wanted = offPlenum + takeOffsCfm.reduce((sum, q) => sum + q, 0);
    if (wanted > totalCfm + 1e-6) {
      return refuse(
        'takeOffsCfm',
        tell('air.branches-ask-for', { wanted: amount(wanted, 'cfm') }),
        tell('air.or-less-in-all', { totalCfm: amount(totalCfm, 'cfm') }),
      );
    }
    let left = totalCfm - offPlenum;
    const sections: TrunkSection[] = [];
    for (const q of takeOffsCfm.length ? takeOffsCfm : [0]) {
      if (left <= 0) break;
      const diameterIn = diameterFor(left, inWcPer100ft, ROUGHNESS_FT.metal);
      const tradeSizeIn = diameterIn === undefined ? undefined : tradeDiameter(diameterIn);
      if (diameterIn === undefined || tradeSizeIn === undefined) {
        return refuse(
          'totalCfm',
          tell('air.no-round-duct-carries-at-this', { left: amount(left, 'cfm') }),
          tell('air.another-flow-or-friction-rate'),
        );
      }
      sections.push({ cfm: left, diameterIn, tradeSizeIn, fpm: frictionOf(left, tradeSizeIn, ROUGHNESS_FT.metal).fpm });
      left -= q;
    }
    return ok({
      sections,
      trunkCfm: totalCfm - offPlenum,
      leftCfm: totalCfm - wanted,
      firstTradeSizeIn: sections[0]?.tradeSizeIn ?? 0,
    });
  },
  example: {
    input: { totalCfm: 1200, plenumCfm: [100, 100, 100], takeOffsCfm: [], inWcPer100ft: 0.08 },
    expected: { trunkCfm: 900, firstTradeSizeIn: 14 },
    tolerance: 0,
  },
});
