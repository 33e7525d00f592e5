import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import type { Outcome } from '@/core/finding/outcome';
import { airflowByHeatRise, airflowByStatic } from '@/core/startup/airflow';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { Trouble } from '@/web/kit/Notice';
import { numberFromText, typedTrouble } from '@/web/kit/number-text';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { useKept } from '@/web/kit/use-kept';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import type { EquippedView } from '../job-context';

type Method = 'grid' | 'strips' | 'static';
const METHODS = [
  { value: 'grid', label: say(tell('web.flow-grid-or-hood-about-5')) },
  { value: 'static', label: say(tell('web.static-with-blower-table-about-8')) },
  { value: 'strips', label: say(tell('web.strip-heat-rise-about-10-min')) },
] as const;

const FIELDS: Record<Method, { name: string; label: string; unit: string; low: number; high: number }[]> = {
  grid: [{ name: 'cfm', label: say(tell('web.measured-airflow')), unit: 'CFM', low: 100, high: 10000 }],
  strips: [
    { name: 'volts', label: say(tell('web.voltage-at-strips-under-load')), unit: 'V', low: 100, high: 600 },
    { name: 'amps', label: say(tell('web.amps-of-strips')), unit: 'A', low: 1, high: 200 },
    { name: 'riseF', label: say(tell('web.supply-over-return')), unit: '°F', low: 5.1, high: 120 },
  ],
  static: [
    { name: 'tespInWc', label: say(tell('web.total-external-static')), unit: say(tell('web.in-w-c')), low: 0, high: 2 },
    {
      name: 'lowStaticInWc',
      label: say(tell('web.table-point-below-static')),
      unit: say(tell('web.in-w-c')),
      low: 0,
      high: 2,
    },
    { name: 'lowStaticCfm', label: say(tell('web.table-point-below-airflow')), unit: 'CFM', low: 50, high: 5000 },
    {
      name: 'highStaticInWc',
      label: say(tell('web.table-point-above-static')),
      unit: say(tell('web.in-w-c')),
      low: 0,
      high: 2,
    },
    { name: 'highStaticCfm', label: say(tell('web.table-point-above-airflow')), unit: 'CFM', low: 50, high: 5000 },
  ],
};
const METHOD_NAMES = {
  grid: 'flow grid or hood',
  strips: 'strip-heat rise',
  static: 'static with blower table',
} as const;

function compute(method: Method, values: Record<string, number>, elevationFt: number): Outcome<{ airflowCfm: number }> {
  if (method === 'grid') return { ok: true, value: { airflowCfm: values.cfm! } };
  if (method === 'strips')
    return airflowByHeatRise({ volts: values.volts!, amps: values.amps!, riseF: values.riseF!, elevationFt });
  return airflowByStatic(values as Parameters<typeof airflowByStatic>[0]);
}

/** Proving the airflow: the quickest way first. The number and its method go on record together. */
export function AirflowSheet({ view, onClose }: { view: EquippedView; onClose: () => void }) {
  const { sheet, run, feed } = view;
  const [method, setMethod] = useState<Method>('grid');
  const half = useKept<Record<string, string>>(`${view.me.id}-${view.sheet.job.id}-airflow`, () => ({}));
  const { value: texts, keep: setTexts } = half;
  const [asked, setAsked] = useState(false);
  const { busy, problem, act } = useAct();
  const fields = FIELDS[method];
  const trouble = (name: string) => {
    const f = fields.find((x) => x.name === name)!;
    return typedTrouble(texts[name] ?? '', f.low, f.high, f.unit);
  };
  const filled = fields.every((f) => !trouble(f.name));
  const values = Object.fromEntries(fields.map((f) => [f.name, numberFromText(texts[f.name] ?? '') ?? Number.NaN]));
  const result = filled ? compute(method, values, sheet.site.elevationFt) : undefined;
  const streamed = feed.samples.at(-1)?.values.airflowCfm;
  return (
    <Sheet open onClose={onClose} title={say(tell('web.prove-airflow'))}>
      <form
        className="mt-3 grid gap-2.5"
        onSubmit={async (e) => {
          e.preventDefault();
          setAsked(true);
          if (!result?.ok) return;
          const id = uuid();
          const cfm = Math.round(result.value.airflowCfm);
          const done = await act(() =>
            view.actions.send(`/jobs/${sheet.job.id}/measurements`, {
              measurements: [
                {
                  id,
                  setId: id,
                  phase: 'start-up',
                  stage: 'airflow',
                  quantity: 'airflowCfm',
                  value: cfm,
                  occurredAt: new Date().toISOString(),
                  method: METHOD_NAMES[method],
                },
              ],
            }),
          );
          if (!done) return;
          half.drop();
          onClose();
        }}
      >
        <Choice label={say(tell('web.method'))} value={method} onChange={setMethod} options={METHODS} stacked />
        {method === 'grid' && run && typeof streamed === 'number' && streamed > 0 ? (
          <Button
            tone="primary"
            disabled={busy}
            onClick={async () => {
              const done = await act(() =>
                view.actions.now(`/runs/${run.id}/readings`, {
                  setId: uuid(),
                  stage: 'airflow',
                  quantities: ['airflowCfm'],
                }),
              );
              if (done) onClose();
            }}
          >
            {say(tell('web.take-simulated-flow-grids-reading'))}
          </Button>
        ) : null}
        {fields.map((f) => {
          const bad = asked ? trouble(f.name) : undefined;
          const refused = result && !result.ok && result.refused.field === f.name ? result.refused : undefined;
          return (
            <Field
              key={f.name}
              label={f.label}
              unit={f.unit}
              inputMode="decimal"
              value={texts[f.name] ?? ''}
              onChange={(e) => setTexts({ ...texts, [f.name]: e.target.value })}
              error={say(bad?.message ?? refused?.message)}
              allowed={say(bad?.allowed ?? refused?.allowed)}
            />
          );
        })}
        {method === 'strips' ? (
          <p className="text-[13px] text-ink2">{say(tell('web.compressor-off-all-strips-on-for'))}</p>
        ) : null}
        <p className="text-[19px] font-[640]">
          {result?.ok
            ? say(
                tell('web.cfm-ton', {
                  airflowCfm: result.value.airflowCfm.toFixed(0),
                  x: (result.value.airflowCfm / sheet.circuit.plate.nominalTons).toFixed(0),
                }),
              )
            : say(tell('web.airflow'))}
        </p>
        <Trouble problem={problem} />
        <Button type="submit" tone={method === 'grid' && run ? 'plain' : 'primary'} disabled={busy}>
          {say(tell('web.record-this-airflow'))}
        </Button>
      </form>
    </Sheet>
  );
}
