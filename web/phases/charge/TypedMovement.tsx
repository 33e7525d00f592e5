import { useMemo } from 'react';
import { v7 as uuid } from 'uuid';
import type { Answers } from '@/core/form/field';
import { keepsCircuitLog } from '@/core/phases/circuit-kept';
import { value } from '@/core/words/said';
import { nowIso } from '@/web/api/clock';
import { CertifiedBy, namedCertified } from '@/web/kit/CertifiedBy';
import { FieldSheet } from '@/web/kit/form/FieldSheet';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { movedOz, movementForm, wrongWay } from './movement-form';

type Props = { view: JobView; phase: 'charge' | 'start-up'; onClose: () => void };

/** A weighed amount typed from a scale that does not stream: start and end weight of the cylinder. */
export function TypedMovement({ view, phase, onClose }: Props) {
  const { sheet } = view;
  const keeps = keepsCircuitLog(sheet) && sheet.circuitLog.length > 0;
  const form = useMemo(() => movementForm(keeps), [keeps]);
  const record = (said: Answers): Promise<unknown> => {
    const id = uuid();
    const stage = said.way === 'out' ? 'recover' : phase === 'start-up' ? 'trim' : 'weigh-in';
    const { startOz, endOz, cylinderId } = said;
    return view.actions.send(`/jobs/${sheet.job.id}/measurements`, {
      measurements: [
        {
          id,
          setId: id,
          phase,
          stage,
          quantity: 'chargeMovementOz',
          value: Math.round((movedOz(said) ?? 0) * 100) / 100,
          occurredAt: nowIso(),
          startOz,
          endOz,
          ...(said.way === 'out' && cylinderId ? { cylinderId } : {}),
          ...namedCertified(),
        },
      ],
    });
  };
  return (
    <FieldSheet
      title={t('web.type-weighed-amount')}
      form={form}
      known={{}}
      draft={`${view.me.id}-${sheet.circuit.id}-weighed`}
      send={record}
      stands={(said) => ({ endOz: wrongWay(said) })}
      below={(said) => (
        <>
          <CertifiedBy />
          <p className="text-[17px] font-[620]">{moved(said)}</p>
        </>
      )}
      save={t('web.record-this-amount')}
      onClose={onClose}
    />
  );
}

function moved(said: Answers): string {
  const oz = movedOz(said);
  if (oz === undefined || wrongWay(said)) return t('web.moved');
  const way = said.way === 'in' ? tell('web.into-system-2') : value('recovered');
  return `${Math.abs(oz).toFixed(1)} oz ${say(way)}`;
}
