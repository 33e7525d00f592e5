import { FURNACE_FIELDS, furnaceProofSchema } from '@/core/furnace/furnace-proof';
import { FieldSheet } from '@/web/kit/form/FieldSheet';
import { Notice } from '@/web/kit/Notice';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import type { JobView } from '../job-context';

const FORM = { fields: FURNACE_FIELDS, schema: furnaceProofSchema };

/** What newly burns fuel shows, typed off its instruments. */
export function FurnaceSheet({ view, onClose }: { view: JobView; onClose: () => void }) {
  const { sheet } = view;
  const kept = sheet.furnace;
  return (
    <FieldSheet
      title={say(tell('web.what-furnace-shows'))}
      form={FORM}
      known={kept ?? {}}
      draft={`${view.me.id}-${sheet.system.id}-furnace`}
      send={(proof) => view.actions.replace(`/jobs/${sheet.job.id}/furnace`, { version: kept?.version ?? 0, proof })}
      save={say(tell('web.record-readings'))}
      onClose={onClose}
    >
      <Notice kind="look-again">{say(tell('web.gas-and-combustion-are-licensed-work'))}</Notice>
    </FieldSheet>
  );
}
