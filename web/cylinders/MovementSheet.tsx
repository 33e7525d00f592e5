import { useMemo } from 'react';
import { v7 as uuid } from 'uuid';
import { HAND_MOVEMENTS } from '@/contract/circuit';
import { ledgerBalance } from '@/core/circuit/recovery/cylinder';
import { type Answers, choice, formOf, is, onlyWhen, text, weight } from '@/core/form/field';
import { q, type Said } from '@/core/words/said';
import { nowIso } from '@/web/api/clock';
import { write } from '@/web/api/outbox/our-outbox';
import { CertifiedBy, namedCertified } from '@/web/kit/CertifiedBy';
import { FieldSheet } from '@/web/kit/form/FieldSheet';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import type { CylinderRow } from './cylinder-row';

const weighed = is('kind', 'weighed');
/** More than any cylinder of a service truck holds, oz. */
const MOST_OZ = 32_000;
const MOST_GROSS_OZ = 40_000;

/** A cylinder opens its ledger once, as the first thing written of it. */
function movementForm(cylinder: CylinderRow, first: boolean) {
  const kinds = HAND_MOVEMENTS.filter((k) => first || k !== 'opening') as [string, ...string[]];
  const byLedger = tell('web.by-ledger-gross', {
    contentsOz: q(cylinder.contentsOz, 'lbOz'),
    contentsOz2: q(cylinder.contentsOz + cylinder.tareOz, 'lbOz'),
  });
  const fields = {
    kind: choice(tell('web.movement'), kinds, { start: 'weighed' }),
    grossOz: onlyWhen(weighed, weight(tell('web.gross-weight-on-scale'), 0, MOST_GROSS_OZ, { hint: byLedger })),
    oz: onlyWhen((said) => !weighed(said), weight(tell('web.refrigerant'), 0, MOST_OZ, { hint: byLedger })),
    recipient: onlyWhen(
      is('kind', 'sent away'),
      text(tell('web.received-by'), 120, 1, { hint: tell('web.reclaimer-or-destruction-facility') }),
    ),
  };
  return formOf(fields);
}

type Props = { personId: string; cylinder: CylinderRow; first: boolean; onClose: () => void; onDone: () => void };

/** What a person writes into a cylinder's ledger by hand; movements to and from a system come with the job. */
export function MovementSheet({ personId, cylinder, first, onClose, onDone }: Props) {
  const form = useMemo(() => movementForm(cylinder, first), [cylinder, first]);
  const record = ({ kind, grossOz, oz, recipient }: Answers): Promise<unknown> =>
    write('POST', `/cylinders/${cylinder.id}/movements`, {
      id: uuid(),
      kind,
      oz: kind === 'weighed' ? 0 : oz,
      grossOz: kind === 'weighed' ? grossOz : null,
      recipient: kind === 'sent away' ? recipient : null,
      note: null,
      occurredAt: nowIso(),
      ...(kind === 'weighed' ? {} : namedCertified()),
    });
  return (
    <FieldSheet
      title={t('web.cylinder', { tag: cylinder.tag })}
      form={form}
      known={{}}
      draft={`${personId}-movement-${cylinder.id}`}
      send={record}
      below={(said) =>
        weighed(said) ? <p className="text-[14px]">{say(against(cylinder, said))}</p> : <CertifiedBy />
      }
      save={t('web.write-it-into-ledger')}
      onDone={onDone}
      onClose={onClose}
    />
  );
}

/** What the scale says against what the ledger says. */
function against(cylinder: CylinderRow, { grossOz }: Answers): Said | string {
  if (typeof grossOz !== 'number') return '';
  const { balanced, differenceOz } = ledgerBalance(cylinder, grossOz);
  return balanced
    ? tell('web.agrees-with-ledger')
    : tell('web.oz-against-ledger-written-as-correction', {
        differenceOz: differenceOz > 0 ? '+' : '−',
        differenceOz2: Math.abs(differenceOz).toFixed(1),
      });
}
