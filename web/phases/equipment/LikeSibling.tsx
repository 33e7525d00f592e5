import type { UseFormReturn } from 'react-hook-form';
import { circuitName, type JobSheet, otherCircuits } from '@/core/job/sheet';
import { sheetPath } from '@/web/api/circuit-path';
import { get } from '@/web/api/http';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { t } from '@/web/words/tell';
import { type PlateText, textOf } from './plate-form';

/** Two circuits of one unit share most of its plate: filled in from the other, but for what each has of its own. */
export function LikeSibling({ sheet, form }: { sheet: JobSheet; form: UseFormReturn<PlateText> }) {
  const { busy, problem, act } = useAct();
  const sibling = otherCircuits(sheet).find((c) => c.equipped && c.systemId === sheet.system.id);
  if (sheet.circuit.plate || !sibling) return null;
  const fill = (): void =>
    void act(async () => {
      const first = sheet.circuits[0]!.id === sibling.id;
      const { circuit } = await get<JobSheet>(sheetPath(sheet.job.id, first ? undefined : sibling.id));
      // The charge, and what is in it now, is each circuit's own: nobody has read it yet.
      if (circuit.plate)
        form.reset({ ...textOf(circuit.plate), factoryChargeOz: '', unitState: '' }, { keepDefaultValues: true });
    });
  return (
    <div className="mb-3">
      <Button disabled={busy} onClick={fill}>
        {t('web.start-from-plate-of', { circuit: circuitName(sheet, sibling) })}
      </Button>
      <Trouble problem={problem} />
    </div>
  );
}
