import { v7 as uuid } from 'uuid';
import type { Answers } from '@/core/form/field';
import { latestOf } from '@/core/phases/log/circuit-log';
import { airflowsSoFar } from '@/core/phases/start-up/airflow-since';
import { q, value } from '@/core/words/said';
import { nowIso } from '@/web/api/clock';
import { Button } from '@/web/kit/Button';
import { FieldSheet } from '@/web/kit/form/FieldSheet';
import { Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import type { EquippedView } from '../job-context';
import { readOf, sendRound } from '../send-round';
import { AIRFLOW_FORM, airflowOf, isGrid, isStrips } from './airflow-form';

/** Proving the airflow: the quickest way first. The number and its method go on record together. */
export function AirflowSheet({ view, onClose }: { view: EquippedView; onClose: () => void }) {
  const { sheet } = view;
  const { elevationFt } = sheet.site;
  const record = (said: Answers): Promise<unknown> => {
    const flow = airflowOf(said, elevationFt);
    if (!flow?.ok) return Promise.reject(flow?.refused);
    const id = uuid();
    const value = Math.round(flow.value.airflowCfm);
    const occurredAt = nowIso();
    const head = { id, setId: id, phase: 'start-up', stage: 'airflow', quantity: 'airflowCfm' };
    return view.actions.send(`/jobs/${sheet.job.id}/measurements`, {
      measurements: [{ ...head, value, occurredAt, method: said.method }],
    });
  };
  return (
    <FieldSheet
      title={t('web.prove-airflow')}
      form={AIRFLOW_FORM}
      known={{}}
      draft={`${view.me.id}-${sheet.circuit.id}-airflow`}
      send={record}
      stands={(said) => {
        const flow = airflowOf(said, elevationFt);
        return flow && !flow.ok ? { [flow.refused.field]: flow.refused.message } : {};
      }}
      below={(said) => <Below view={view} said={said} onClose={onClose} />}
      save={t('web.record-this-airflow')}
      onClose={onClose}
    />
  );
}

/** What the answers come to, and the simulated grid's own reading where one streams. */
function Below({ view, said, onClose }: { view: EquippedView; said: Answers; onClose: () => void }) {
  const { sheet, run, feed } = view;
  const { busy, problem, act } = useAct();
  const streamed = feed.samples.at(-1)?.values.airflowCfm;
  const flow = airflowOf(said, sheet.site.elevationFt);
  const take = async (): Promise<void> => {
    if (!run) return;
    const read = { setId: uuid(), stage: 'airflow', typed: [], run: readOf(view, run, ['airflowCfm']), sign: null };
    if (await act(() => sendRound(view, read))) onClose();
  };
  const so = airflowsSoFar(sheet);
  const set = latestOf(sheet.systemLog, 'blower-board')?.body;
  return (
    <>
      {set ? (
        <p className="text-[14px] text-ink2">
          {t('web.blower-is-set-for', { cfm: q(set.coolCfm, 'cfm'), setting: set.setting })}
        </p>
      ) : null}
      {so.length ? (
        <div className="text-[15px]" data-testid="air-so-far">
          <h3 className="font-[640]">{t('web.measured-so-far')}</h3>
          <ul>
            {so.map((m) => (
              <li key={m.method} className="flex justify-between border-b border-rule2 py-1">
                <span className="first-letter:uppercase">{say(value(m.method))}</span>
                <b className="font-[640]">{say(q(m.cfm, 'cfm'))}</b>
              </li>
            ))}
          </ul>
        </div>
      ) : null}
      {isGrid(said) && run && typeof streamed === 'number' && streamed > 0 ? (
        <Button disabled={busy} onClick={() => void take()}>
          {t('web.take-simulated-flow-grids-reading')}
        </Button>
      ) : null}
      {isStrips(said) ? <p className="text-[13px] text-ink2">{t('web.compressor-off-all-strips-on-for')}</p> : null}
      <p className="text-[19px] font-[640]">
        {say(
          flow?.ok
            ? tell('web.cfm-ton', {
                airflowCfm: q(flow.value.airflowCfm, 'number', 0),
                x: q(flow.value.airflowCfm / sheet.circuit.plate.nominalTons, 'number', 0),
              })
            : tell('web.airflow'),
        )}
      </p>
      <Trouble problem={problem} />
    </>
  );
}
