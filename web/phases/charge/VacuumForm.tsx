import { useMemo } from 'react';
import { formOf } from '@/core/form/field';
import { vacuumWantsReason } from '@/core/phases/circuit-kept';
import { vacuumFields } from '@/core/phases/evacuate/typed-vacuum';
import { FieldSheet } from '@/web/kit/form/FieldSheet';
import { Notice } from '@/web/kit/Notice';
import { t } from '@/web/words/tell';
import type { JobView } from '../job-context';

/** The standing-vacuum test as it was read off the gauge: a typed record that the charge gate reads. */
export function VacuumForm({ view, onClose }: { view: JobView; onClose: () => void }) {
  const { sheet } = view;
  const kept = sheet.vacuum;
  const wantsReason = vacuumWantsReason(sheet);
  const form = useMemo(
    () => formOf(vacuumFields(Number(sheet.circuitSchools.decayLimit), wantsReason)),
    [sheet.circuitSchools.decayLimit, wantsReason],
  );
  return (
    <FieldSheet
      title={t('web.standing-vacuum-test')}
      form={form}
      known={kept ?? {}}
      draft={`${view.me.id}-${sheet.circuit.id}-vacuum`}
      send={(body) => view.actions.replace(`/jobs/${sheet.job.id}/vacuum`, { version: kept?.version ?? 0, ...body })}
      save={t('web.record-test')}
      onClose={onClose}
    >
      <Notice kind="look-again">{t('web.never-energise-or-insulation-test-compressor')}</Notice>
    </FieldSheet>
  );
}
