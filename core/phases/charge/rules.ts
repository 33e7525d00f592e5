import { cylinderChecks, refusesCylinder } from '@/core/circuit/recovery/cylinder';
import type { Refusal } from '@/core/finding/outcome';
import { refusal } from '@/core/finding/outcome';
import { passes, withOverrides } from '@/core/job/gates';
import type { JobSheet, SheetWith } from '@/core/job/sheet';
import { tell } from '@/core/phases/charge/words';
import { standingGate } from '@/core/phases/evacuate/gates';
import type { EntryBody } from '@/core/phases/log/entries';
import type { EntryRules, Written } from '@/core/phases/phase';
import { REFRIGERANT_FACTS, type Refrigerant } from '@/core/refrigerant/refrigerants';
export function cylinderUsed(
  sheet: JobSheet,
  body: EntryBody<'cylinder-used'>,
  { cylinder, today }: Written,
): Refusal | undefined {
  const refrigerant: Refrigerant | undefined = sheet.circuit.plate?.refrigerant;
  if (!refrigerant || !cylinder) return undefined;
  if (cylinder.use === 'recovery')
    return refusal(
      'cylinderId',
      tell('work.cylinder-holds-recovered-refrigerant', { tag: cylinder.tag }),
      tell('work.supply-cylinder'),
    );
  if (cylinder.refrigerant === null)
    return refusal(
      'cylinderId',
      tell('work.cylinder-is-empty', { tag: cylinder.tag }),
      tell('work.cylinder-of', { refrigerant }),
    );
  const refused = refusesCylinder(cylinderChecks(cylinder, refrigerant, undefined, today));
  if (refused)
    return refusal(
      'cylinderId',
      tell('work.claim-because', { claim: refused.claim, because: refused.because }),
      refused.next?.say ?? tell('work.another-cylinder-2'),
    );
  if (REFRIGERANT_FACTS[refrigerant].blend && body.leavesAs === 'vapour')
    return refusal('leavesAs', tell('work.is-blend-as-vapour-its-make', { refrigerant }), tell('work.liquid'));
  return undefined;
}

/** No refrigerant before a passed standing-vacuum test, or a lead's written override of it. */
function vacuumBroken(
  sheet: SheetWith<'circuitLog' | 'circuitSchools' | 'overrides' | 'survey'>,
  body: EntryBody<'vacuum-broken'>,
): Refusal | undefined {
  const gate = withOverrides(sheet.overrides.filter((o) => o.phase === 'evacuate' || o.phase === 'charge'))(
    standingGate(sheet),
  );
  if (!passes(gate))
    return refusal(
      'by',
      tell('work.no-refrigerant-before-passed-standing-vacuum-2', { say: gate.say }),
      tell('work.passed-test-or-leads-override-with'),
    );
  return body.gaugeProtected
    ? undefined
    : refusal(
        'gaugeProtected',
        tell('work.close-vacuum-gauge-off-before-pressure'),
        tell('work.gauge-valved-off-or-rated-for'),
      );
}

export const CHARGE_RULES: EntryRules = { 'cylinder-used': cylinderUsed, 'vacuum-broken': vacuumBroken };
