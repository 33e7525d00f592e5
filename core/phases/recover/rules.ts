import { refusesRecovered, refusesStartWeight } from '@/core/circuit/recovery/ledger-rules';
import type { Refusal } from '@/core/finding/outcome';
import { refusal } from '@/core/finding/outcome';
import { certificationCovers } from '@/core/job/gates';
import type { JobSheet } from '@/core/job/sheet';
import { latestOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import type { EntryRules, Written } from '@/core/phases/phase';
import { tell } from '@/core/phases/recover/words';
import { q } from '@/core/words/said';
export function recovered(
  sheet: JobSheet,
  body: EntryBody<'recovered'>,
  { cylinder, today, typed }: Written,
): Refusal | undefined {
  const old = latestOf(sheet.circuitLog, 'old-charge');
  if (!old)
    return refusal('cylinderId', tell('work.say-first-what-old-system-holds'), tell('work.old-charge-on-record'));
  if (!certificationCovers(sheet.certification))
    return refusal('cylinderId', tell('work.refrigerant-is-recovered-only-by-someone'), tell('work.certified-person'));
  if (body.endGrossOz < body.startGrossOz)
    return refusal(
      'endGrossOz',
      tell('work.cylinder-weighs-less-after-than-before'),
      tell('work.at-least', { startGrossOz: q(body.startGrossOz, 'oz', 'as is') }),
    );
  if (!cylinder) return undefined;
  const wrongWeight = typed ? refusesStartWeight(cylinder, body.startGrossOz) : undefined;
  if (wrongWeight) return wrongWeight;
  return refusesRecovered(cylinder, old.body.refrigerant, body.endGrossOz - body.startGrossOz, today);
}

export const RECOVER_RULES: EntryRules = {
  recovered,
  level: (_sheet, { reachedPsig, afterPsig }) =>
    afterPsig < reachedPsig - 1
      ? refusal(
          'afterPsig',
          tell('work.lower-after-machine-stopped-than-while'),
          tell('work.at-or-above-what-was-reached'),
        )
      : undefined,
};
