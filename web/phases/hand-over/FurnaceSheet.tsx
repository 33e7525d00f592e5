import { useState } from 'react';
import type { Answers } from '@/core/form/field';
import { FURNACE_FIELDS, furnaceProofSchema } from '@/core/furnace/furnace-proof';
import { newPieces } from '@/core/phases/scope/view';
import { readFurnace } from '@/core/plant/air/stand-in';
import { Button } from '@/web/kit/Button';
import { FieldSheet } from '@/web/kit/form/FieldSheet';
import { Notice } from '@/web/kit/Notice';
import { t } from '@/web/words/tell';
import type { JobView } from '../job-context';

/** A furnace of the usual size, and the gas that a cubic foot of its air carries. */
const USUAL_INPUT_BTUH = 80_000;
const BTUH_A_CFM = 66;

const FORM = { fields: FURNACE_FIELDS, schema: furnaceProofSchema };

/** What newly burns fuel shows, typed off its instruments. */
export function FurnaceSheet({ view, onClose }: { view: JobView; onClose: () => void }) {
  const { sheet } = view;
  const kept = sheet.furnace;
  const [read, setRead] = useState<Answers>();
  const simulated = (): void => {
    const { furnace: unit } = newPieces(sheet);
    const inputBtuh = unit?.inputBtuh ?? USUAL_INPUT_BTUH;
    // Air enough for a rise in the middle of what plates give.
    const cfm = inputBtuh / BTUH_A_CFM;
    setRead(readFurnace({ inputBtuh, elevationFt: sheet.site.elevationFt, cfm }, unit?.heatStages ?? 1));
  };
  return (
    <FieldSheet
      key={read ? 'read' : 'typed'}
      title={t('web.what-furnace-shows')}
      form={FORM}
      known={{ ...kept, ...read }}
      draft={`${view.me.id}-${sheet.system.id}-furnace`}
      send={(proof) => view.actions.replace(`/jobs/${sheet.job.id}/furnace`, { version: kept?.version ?? 0, proof })}
      save={t('web.record-readings')}
      onClose={onClose}
    >
      <Notice kind="look-again">{t('web.gas-and-combustion-are-licensed-work')}</Notice>
      {kept || read ? null : (
        <Button tone="quiet" onClick={simulated}>
          {t('web.read-the-simulated-furnace')}
        </Button>
      )}
    </FieldSheet>
  );
}
