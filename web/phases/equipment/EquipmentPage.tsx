import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import type { Plate } from '@/core/equipment/plate';
import { hasCircuit } from '@/core/phases/survey/view';
import { ApiProblem } from '@/web/api/http';
import { Button } from '@/web/kit/Button';
import { Notice, Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { JobFrame } from '@/web/shell/JobFrame';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
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
          say={unit ? say(tell('web.furnace-comes-from-scope')) : say(tell('web.choose-furnace-in-scope'))}
          because={say(tell('web.furnace-alone-has-no-refrigerant-no'))}
        >
          <Button tone="primary" onClick={() => navigate('../scope', { relative: 'path' })}>
            {say(tell('web.go-to-scope'))}
          </Button>
        </NextMoveBar>
      }
    >
      <div className="px-4 py-3.5 lg:px-7">
        <h1 className="mb-3 text-[23px]">{say(tell('web.equipment'))}</h1>
        {unit ? (
          <dl className="grid max-w-[520px] grid-cols-[150px_1fr] gap-y-1">
            <dt className="text-ink2">{say(tell('web.furnace'))}</dt>
            <dd className="font-[640]">
              {unit.maker} {unit.model}
            </dd>
            <dt className="text-ink2">{say(tell('web.size'))}</dt>
            <dd>
              {say(
                tell('web.in-lb', {
                  widthIn: unit.widthIn,
                  depthIn: unit.depthIn,
                  heightIn: unit.heightIn,
                  weightLb: unit.weightLb,
                }),
              )}
            </dd>
            <dt className="text-ink2">{say(tell('web.power'))}</dt>
            <dd>{say(tell('web.v', { volts: unit.volts }))}</dd>
          </dl>
        ) : (
          <p className="text-ink2">{say(tell('web.no-furnace-is-chosen-yet'))}</p>
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
            say={say(tell('web.charge-is-signed-with-this-plate'))}
            because={say(tell('web.what-was-signed-stays-as-it-2'))}
          />
        ) : (
          <NextMoveBar
            kind="now"
            say={say(tell('web.check-it-against-plate-then-save'))}
            because={say(tell('web.every-number-here-feeds-charge-verdict'))}
          >
            <Button tone="primary" disabled={busy} onClick={form.handleSubmit((text) => save(text, version))}>
              {say(tell('web.save-equipment'))}
            </Button>
          </NextMoveBar>
        )
      }
    >
      <form className="px-4 py-3.5 lg:px-7" onSubmit={form.handleSubmit((text) => save(text, version))}>
        <h1 className="mb-3 text-[23px]">{say(tell('web.equipment'))}</h1>
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
        <b>{say(tell('web.someone-changed-this-after-you-read'))}</b>
        <table className="mt-2">
          <thead>
            <tr className="text-left text-[12.5px] text-ink2">
              <th className="pr-6 font-[550]">{say(tell('web.field'))}</th>
              <th className="pr-6 font-[550]">{say(tell('web.yours'))}</th>
              <th className="font-[550]">{say(tell('web.stored-now'))}</th>
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
          {say(tell('web.save-mine-over-it'))}
        </Button>
        <Button onClick={onTheirs}>{say(tell('web.take-stored-one'))}</Button>
      </div>
    </div>
  );
}
