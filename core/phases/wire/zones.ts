import { damperPosition } from '@/core/controls/low-voltage';
import { advise, type Finding } from '@/core/finding/finding';
import { WIRE_FINDING } from '@/core/job/acceptance';
import { latestOf } from '@/core/phases/log/circuit-log';
import { q } from '@/core/words/said';
import { COMMON, open } from './sheet-parts';
import type { WireSheet } from './wiring';
import { tell } from './words';

/** A damper without feedback is driven this far past its end (common practice), %. */
const REHOME_PCT = 125;

/** Zones: dampers find their end, and the lowest stage has somewhere to blow. */
export function zoneFindings(sheet: WireSheet): Finding[] {
  const b = latestOf(sheet.systemLog, 'zoning')?.body;
  if (!b) return [open('zones', tell('wire.zones-are-not-written'), tell('wire.write-the-zones'))];
  const excess = b.lowStageCfm - b.smallestOpenCfm - b.leakageCfm;
  const rehome = (100 * b.rehomeS) / b.strokeS;
  const taken = b.bypass !== 'none';
  const quarter = damperPosition({ runSeconds: b.strokeS / 4, strokeSeconds: b.strokeS });
  return [
    {
      id: `${WIRE_FINDING}zones:rehome`,
      verdict: rehome >= REHOME_PCT ? 'good' : 'look-again',
      claim: tell('wire.driven-past-its-end', { pct: q(rehome, 'pct', 0) }),
      because: tell('wire.slip-adds-up', {
        s: q(b.strokeS / 4, 's', 0),
        pct: q(quarter.ok ? quarter.value.percent : 0, 'pct', 0),
      }),
      source: COMMON,
      ...(rehome >= REHOME_PCT ? {} : { miss: 1, next: advise(tell('wire.drive-it-longer')) }),
    },
    {
      id: `${WIRE_FINDING}zones:excess`,
      verdict: excess <= 0 ? 'good' : 'look-again',
      claim: excess <= 0 ? tell('wire.zone-takes-it-all') : tell('wire.zone-excess', { cfm: q(excess, 'cfm') }),
      because: taken ? tell('wire.bypass-lets-the-coil-freeze') : tell('wire.what-the-zone-does-not-take-whistles'),
      source: COMMON,
      ...(excess <= 0 ? {} : { miss: excess / b.lowStageCfm, next: advise(tell('wire.open-more-or-smaller-steps')) }),
    },
  ];
}
