import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import type { Plate } from '@/core/equipment/plate';
import { hasCircuit } from '@/core/job/before';
import { ApiProblem } from '@/web/api/http';
import { Button } from '@/web/kit/Button';
import { Notice, Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { JobFrame } from '@/web/shell/JobFrame';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import type { JobView } from '../job-context';
import { PlateFields, showProblems } from './PlateFields';
import { EMPTY_PLATE, type PlateText, textOf } from './plate-form';

type Stored = { version: number; plate: Plate };

export default function EquipmentPage(view: JobView) {
  return hasCircuit(view.sheet) ? <PlatePage {...view} /> : <FurnaceEquipment {...view} />;
}

/** A furnace alone has no refrigerant plate: what is installed comes from the scope. */
function FurnaceEquipment({ sheet }: JobView) {
  const navigate = useNavigate();
  const unit = sheet.scope.indoor ?? sheet.scope.outdoor;
  return (
    <JobFrame
      sheet={sheet}
      active="equipment"
      next={
        <NextMoveBar
          kind={unit ? 'good' : 'now'}
          say={unit ? 'The furnace comes from the scope.' : 'Choose the furnace in the scope.'}
          because="A furnace alone has no refrigerant: no charge, no line set, nothing to type here."
        >
          <Button tone="primary" onClick={() => navigate('../scope', { relative: 'path' })}>
            Go to scope
          </Button>
        </NextMoveBar>
      }
    >
      <div className="px-4 py-3.5 lg:px-7">
        <h1 className="mb-3 text-[23px]">Equipment</h1>
        {unit ? (
          <dl className="grid max-w-[520px] grid-cols-[150px_1fr] gap-y-1">
            <dt className="text-ink2">Furnace</dt>
            <dd className="font-[640]">
              {unit.maker} {unit.model}
            </dd>
            <dt className="text-ink2">Size</dt>
            <dd>
              {unit.widthIn} × {unit.depthIn} × {unit.heightIn} in, {unit.weightLb} lb
            </dd>
            <dt className="text-ink2">Power</dt>
            <dd>{unit.volts} V</dd>
          </dl>
        ) : (
          <p className="text-ink2">No furnace is chosen yet.</p>
        )}
      </div>
    </JobFrame>
  );
}

function PlatePage(view: JobView) {
  const { sheet } = view;
  const { circuit } = sheet;
  const form = useForm<PlateText>({ defaultValues: circuit.plate ? textOf(circuit.plate) : EMPTY_PLATE });
  // The version that was read when the form was filled: a stale write must be noticed, not hidden by a refresh.
  const [version, setVersion] = useState(circuit.version);
  const [stored, setStored] = useState<Stored>();
  const { busy, problem, act, clear } = useAct();
  const navigate = useNavigate();
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
    if (done) navigate('../charge', { relative: 'path' });
  }

  return (
    <JobFrame
      sheet={sheet}
      active="equipment"
      next={
        signed ? (
          <NextMoveBar
            kind="good"
            say="The charge is signed with this plate."
            because="What was signed stays as it was. Write an amendment at the hand-over instead."
          />
        ) : (
          <NextMoveBar
            kind="now"
            say="Check it against the plate, then save."
            because="Every number here feeds the charge, a verdict or the report."
          >
            <Button tone="primary" disabled={busy} onClick={form.handleSubmit((text) => save(text, version))}>
              Save the equipment
            </Button>
          </NextMoveBar>
        )
      }
    >
      <form className="px-4 py-3.5 lg:px-7" onSubmit={form.handleSubmit((text) => save(text, version))}>
        <h1 className="mb-3 text-[23px]">Equipment</h1>
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
              setStored(undefined);
            }}
          />
        ) : (
          <Trouble problem={problem} />
        )}
        <fieldset disabled={signed} className="mt-3">
          <PlateFields form={form} />
        </fieldset>
        <button type="submit" hidden />
      </form>
    </JobFrame>
  );
}

/** Two people changed the same equipment: both values side by side, and a choice. */
function Conflict({
  stored,
  mine,
  onMine,
  onTheirs,
}: {
  stored: Stored;
  mine: PlateText;
  onMine: () => void;
  onTheirs: () => void;
}) {
  const theirs = textOf(stored.plate);
  const differ = (Object.keys(theirs) as (keyof PlateText)[]).filter((k) => theirs[k] !== mine[k]);
  return (
    <div role="alert" className="grid gap-3">
      <Notice kind="look-again">
        <b>Someone changed this after you read it.</b>
        <table className="mt-2">
          <thead>
            <tr className="text-left text-[12.5px] text-ink2">
              <th className="pr-6 font-[550]">Field</th>
              <th className="pr-6 font-[550]">Yours</th>
              <th className="font-[550]">Stored now</th>
            </tr>
          </thead>
          <tbody>
            {differ.map((k) => (
              <tr key={k}>
                <td className="pr-6">{k}</td>
                <td className="pr-6 font-[640]">{mine[k] || '–'}</td>
                <td className="font-[640]">{theirs[k] || '–'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Notice>
      <div className="flex gap-3">
        <Button tone="primary" onClick={onMine}>
          Save mine over it
        </Button>
        <Button onClick={onTheirs}>Take the stored one</Button>
      </div>
    </div>
  );
}
