import { z } from 'zod';
import { oneOf } from '@/core/finding/quantity-field';
import { hidden } from '@/core/form/field';
import { checkEntry } from '@/core/phases/checks/entry';
import { entry } from '@/core/phases/log/entry';
import { COMPRESSOR_NODES } from '@/core/power/starter-nodes';
import { q, value } from '@/core/words/said';
import { WIRE_ASKS, WIRE_CHECK_IDS } from './asks';
import { BLOWER_FIELDS, STARTER_FIELDS, STAT_FIELDS, ZONE_FIELDS } from './sheet-fields';
import { tell } from './words';

const ofSystem = { ofSystem: true } as const;
const tapped = { ofSystem: true, byTap: true } as const;

/** The sheets of thermostat, blower, soft starter and zones, and every look at the wiring. */
export const sheetEntries = {
  'wire-check': checkEntry(WIRE_CHECK_IDS, WIRE_ASKS),
  'thermostat-set': entry(tell('wire.thermostat-is-to-be-set'), STAT_FIELDS, statLine, { ...ofSystem, edited: true }),
  'thermostat-read': entry(tell('wire.read-back-from-the-wall'), STAT_FIELDS, statLine, { ...ofSystem, edited: true }),
  'blower-board': entry(
    tell('wire.blower-and-boards'),
    BLOWER_FIELDS,
    (b) =>
      tell('wire.blower-line', {
        cool: q(b.coolCfm, 'cfm'),
        heat: q(b.heatCfm, 'cfm'),
        tons: q(b.setForTons, 'number', 'as is'),
      }),
    { ...ofSystem, edited: true },
  ),
  'soft-starter': entry(
    tell('wire.soft-starter'),
    STARTER_FIELDS,
    (b) =>
      tell('wire.starter-line', { model: b.model, rlaA: q(b.maxRlaA, 'A', 'as is'), lraA: q(b.maxLraA, 'A', 'as is') }),
    { ...ofSystem, edited: true, caution: tell('wire.roles-from-the-drawing-never-lead-colors') },
  ),
  'starter-wiring': entry(
    tell('wire.compressor-circuit'),
    {
      when: hidden(oneOf(['before', 'after'])),
      joints: hidden(z.array(z.tuple([oneOf(COMPRESSOR_NODES), oneOf(COMPRESSOR_NODES)])).max(40)),
    },
    (b) => tell('wire.compressor-circuit-line', { when: value(b.when), count: b.joints.length }),
    tapped,
  ),
  zoning: entry(
    tell('wire.zones'),
    ZONE_FIELDS,
    (b) => tell('wire.zone-line', { low: q(b.lowStageCfm, 'cfm'), zone: q(b.smallestOpenCfm, 'cfm') }),
    { ...ofSystem, edited: true },
  ),
};
function statLine(b: {
  systemType: string;
  valve: string | null;
  compressorStages: string;
  compressorMinOffMin: number;
}) {
  return tell('wire.stat-line', {
    system: value(b.systemType),
    valve: b.valve ?? '–',
    stages: b.compressorStages,
    rest: q(b.compressorMinOffMin, 'min', 'as is'),
  });
}
