import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { hasCircuit, plateOfKept } from '@/core/phases/survey/view';
import { ApiProblem } from '@/web/api/http';
import { useLibrary } from '@/web/api/use-library';
import { Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { AsLeft, useDraft } from '@/web/kit/use-draft';
import { PageLink } from '@/web/library/PageLink';
import { JobFrame } from '@/web/shell/JobFrame';
import { t, tell } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { CircuitList } from './CircuitList';
import { Conflict } from './Conflict';
import { FurnaceEquipment } from './FurnaceEquipment';
import { LikeSibling } from './LikeSibling';
import { PlateFields, showProblems } from './PlateFields';
import { PlateMove } from './PlateMove';
import { asStored, type PlateText, textOf } from './plate-form';
import type { Stored } from './stored-plate';

export default function EquipmentPage(view: JobView) {
  return hasCircuit(view.sheet) ? <PlatePage {...view} /> : <FurnaceEquipment {...view} />;
}

function PlatePage(view: JobView) {
  const { sheet } = view;
  const { circuit } = sheet;
  const seen = plateOfKept(sheet);
  const form = useForm<PlateText>({ defaultValues: asStored(circuit.plate, seen) });
  const draft = useDraft(form, `${view.me.id}-${circuit.id}-plate`, circuit.version);
  // The version that was read when the form was filled: a stale write must be noticed, not hidden by a refresh.
  const [version, setVersion] = useState(draft.version);
  const [stored, setStored] = useState<Stored>();
  const { busy, problem, act, clear } = useAct();
  const navigate = useNavigate();
  const { library } = useLibrary();
  const scoped = sheet.scope.outdoor;
  const signed = sheet.signOffs.some((s) => s.phase === 'charge');

  async function save(text: PlateText, atVersion: number): Promise<void> {
    const plate = showProblems(form, text);
    if (!plate) return;
    setStored(undefined);
    const done = await act(async () => {
      try {
        await view.actions.replace(`/jobs/${sheet.job.id}/plate`, { version: atVersion, plate });
      } catch (error) {
        if (error instanceof ApiProblem && error.code === 'stale-version') setStored(error.stored as Stored);
        throw error;
      }
    });
    if (!done) return;
    draft.drop();
    navigate('../charge', { relative: 'path' });
  }

  return (
    <JobFrame
      sheet={sheet}
      active="equipment"
      next={
        <PlateMove
          signed={signed}
          kept={seen !== undefined}
          busy={busy}
          onSave={form.handleSubmit((text) => save(text, version))}
        />
      }
    >
      <form className="px-4 py-3.5 lg:px-7" onSubmit={form.handleSubmit((text) => save(text, version))}>
        <h1 className="mb-3 text-[23px]">{t('web.equipment')}</h1>
        <AsLeft
          left={draft.left && !stored}
          empty={circuit.plate ? tell('web.take-stored-one') : undefined}
          onEmpty={() => {
            draft.empty();
            form.reset(asStored(circuit.plate, seen));
            setVersion(circuit.version);
          }}
        />
        {stored ? (
          <Conflict
            stored={stored}
            mine={form.getValues()}
            onMine={() => {
              clear();
              setVersion(stored.version);
              void save(form.getValues(), stored.version);
            }}
            onTheirs={() => {
              clear();
              setVersion(stored.version);
              form.reset(textOf(stored.plate));
              draft.drop();
              setStored(undefined);
            }}
          />
        ) : (
          <Trouble problem={problem} />
        )}
        {scoped && library?.pages.includes(scoped.id) ? <PageLink itemId={scoped.id} /> : null}
        <LikeSibling sheet={sheet} form={form} />
        <fieldset disabled={signed} className="mt-3">
          <PlateFields form={form} />
        </fieldset>
        <button type="submit" hidden />
      </form>
      <CircuitList view={view} />
    </JobFrame>
  );
}
