import { v7 as uuid } from 'uuid';
import type { TakeOption } from '@/contract/before';
import { may } from '@/core/job/permissions';
import type { JobSheet } from '@/core/job/sheet';
import { keptOptions, toTake } from '@/core/phases/scope/offer/offer';
import { scopeOf } from '@/core/phases/scope/view';
import type { AsksJob } from '@/server/asks';
import { badInput, Problem } from '@/server/errors/problem';
import { sameOrStale } from '@/server/errors/stale';
import { changeOpenJob, mustNotBeHandedOver } from '@/server/features/jobs/jobs-service';
import { phasesStore } from '@/server/features/phases/phases-store';
import { recordKey } from '@/server/features/phases/record-key';
import { tell } from '@/server/words/tell';
import { scopesStore } from './scopes-store';

/** Puts a kept option in the place of the scope as it stands: its equipment, and each item that differs in or out. */
export async function takeOption(asks: AsksJob, body: TakeOption): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet, person, jobId, first, trail }) => {
    if (!(await first('option', body))) return;
    mustNotBeHandedOver(sheet);
    const option = keptOptions(sheet).find((o) => o.id === body.optionId)?.body;
    if (!option)
      throw badInput('optionId', tell('server.there-is-no-such-option'), tell('server.option-that-was-kept'));
    const { outdoorId, indoorId, furnaceId, heaterKitId, thermostatId } = option.choice;
    const there = new Set(sheet.scope.pieces?.map((p) => p.id));
    if ([outdoorId, indoorId, furnaceId, heaterKitId, thermostatId].some((id) => id && !there.has(id)))
      throw badInput('optionId', tell('server.there-is-no-such-equipment-in'), tell('server.option-that-was-kept'));
    const items = new Map(scopeOf(sheet).items.map((i) => [i.id, i]));
    const changes = toTake(sheet, option);
    const musts = changes.filter((c) => c.decision === 'out' && items.get(c.itemId)?.level === 'must');
    if (musts.length && !may(person.role, 'decline-must'))
      throw new Problem('not-allowed', { field: 'optionId', message: tell('server.must-goes-out-only-by-lead') });
    const key = { companyId: person.companyId, jobId, systemId: sheet.system.id };
    const done = await phasesStore.putRecord(
      db,
      recordKey(person, sheet, 'scope'),
      option.choice,
      body.version,
      person.id,
    );
    if (!done)
      return sameOrStale(
        tell('server.someone-changed-choice-after-you-read'),
        {
          yours: { version: body.version, choice: option.choice },
          stored: { version: sheet.scope.version, choice: sheet.scope.choice },
        },
        { sent: option.choice, kept: sheet.scope.choice },
      );
    for (const c of changes)
      await scopesStore.addDecision(db, key, { id: uuid(), ...c, reason: option.name, personId: person.id });
    await trail('option taken', { option: option.name, changes });
  });
}
