import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { formOf } from '@/core/form/field';
import { circuitFields, NEW_SYSTEM } from '@/core/job/circuit-form';
import { may } from '@/core/job/permissions';
import { type CircuitStanding, circuitName, isHandedOver } from '@/core/job/sheet';
import { pagesOfCircuit } from '@/web/api/circuit-path';
import { Button } from '@/web/kit/Button';
import { circuitMark } from '@/web/kit/circuit-mark';
import { FieldSheet } from '@/web/kit/form/FieldSheet';
import { Mark } from '@/web/kit/Mark';
import { Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { t } from '@/web/words/tell';
import type { JobView } from '../job-context';

/** The circuits this job works on; one more of the same system, or of another one of the house. */
export function CircuitList({ view }: { view: JobView }) {
  const { sheet, me, actions } = view;
  const [adding, setAdding] = useState(false);
  const { busy, problem, act } = useAct();
  const navigate = useNavigate();
  const mayChange = may(me.role, 'add-circuit') && !isHandedOver(sheet);
  const several = sheet.circuits.length > 1;
  if (!several && !mayChange) return null;
  const pages = (id: string): string => pagesOfCircuit(sheet, id);
  const remove = (c: CircuitStanding): void =>
    void act(async () => {
      await actions.now(`/jobs/${sheet.job.id}/circuits/${c.id}/removal`, {});
      if (c.id === sheet.circuit.id) navigate(`/jobs/${sheet.job.id}/equipment`, { replace: true });
    });
  return (
    <section aria-label={t('web.circuits')} className="mx-4 mt-6 border-t border-rule pt-3 pb-8 lg:mx-7">
      <h2 className="text-[17px]">{t('web.circuits-of-this-job')}</h2>
      <p className="max-w-[60ch] text-[13.5px] text-ink2">{t('web.each-circuit-has-its-own')}</p>
      {several ? (
        <ul className="mt-2">
          {sheet.circuits.map((c, i) => (
            <li key={c.id} className="flex items-center gap-3 border-b border-rule py-1.5">
              <Mark kind={circuitMark(c)} />
              <Link
                to={`${pages(c.id)}/equipment`}
                aria-current={c.id === sheet.circuit.id ? 'true' : undefined}
                className="touch flex min-w-0 flex-1 items-center aria-[current=true]:font-[700]"
              >
                <span className="truncate">
                  {circuitName(sheet, c)}{' '}
                  <span className="ml-2 text-[13px] font-[450] text-ink2">
                    {t(c.equipped ? 'web.equipment-entered' : 'web.no-equipment-yet')}
                  </span>
                </span>
              </Link>
              {mayChange && i > 0 && c.signed.length === 0 ? (
                <Button tone="quiet" disabled={busy} onClick={() => remove(c)}>
                  {t('web.take-off')}
                </Button>
              ) : null}
            </li>
          ))}
        </ul>
      ) : null}
      <Trouble problem={problem} />
      {mayChange ? (
        <Button className="mt-3" onClick={() => setAdding(true)}>
          {t('web.add-circuit')}
        </Button>
      ) : null}
      {adding ? (
        <AddCircuit view={view} onClose={() => setAdding(false)} onAdded={(id) => navigate(`${pages(id)}/equipment`)} />
      ) : null}
    </section>
  );
}

function AddCircuit({ view, onClose, onAdded }: { view: JobView; onClose: () => void; onAdded: (id: string) => void }) {
  const { sheet } = view;
  const [id] = useState(() => uuid());
  const form = useMemo(() => formOf(circuitFields(sheet.circuits)), [sheet.circuits]);
  return (
    <FieldSheet
      title={t('web.add-circuit')}
      form={form}
      known={{
        system: sheet.circuits[0]!.systemId,
        name: t('web.circuit-n', { n: sheet.circuits.length + 1 }),
      }}
      draft={`${view.me.id}-${sheet.job.id}-circuit`}
      testId="add-circuit"
      send={({ system, systemName, name }) =>
        view.actions.now(`/jobs/${sheet.job.id}/circuits`, {
          id,
          name,
          systemId: system === NEW_SYSTEM ? null : system,
          systemName:
            system === NEW_SYSTEM ? systemName : sheet.circuits.find((c) => c.systemId === system)!.systemName,
        })
      }
      save={t('web.add-circuit')}
      onDone={() => onAdded(id)}
      onClose={onClose}
    />
  );
}
