import { useState } from 'react';
import useSWR from 'swr';
import { type CylinderMovement, cylinderChecks, cylinderFillOf, liquidShare } from '@/core/circuit/recovery/cylinder';
import { HOT_F } from '@/core/circuit/recovery/cylinder-fill';
import { moment, value as stored } from '@/core/words/said';
import { todayAt } from '@/web/api/clock';
import { type ApiProblem, get } from '@/web/api/http';
import { useMe } from '@/web/api/use-me';
import { CylinderPicture } from '@/web/bench/cylinder/CylinderPicture';
import { Button } from '@/web/kit/Button';
import { Sheet } from '@/web/kit/Sheet';
import { readerNow, say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { CheckList } from '../phases/fit/CheckList';
import { CheckOut } from './CheckOut';
import { CylinderForm } from './CylinderForm';
import type { CylinderRow } from './cylinder-row';
import { Identity } from './Identity';
import { MovementSheet } from './MovementSheet';

type Ledger = { cylinder: CylinderRow; movements: (CylinderMovement & { source: string; recipient: string | null })[] };
const BASIS_F = 77;
const today = (): string => todayAt(readerNow().timeZone);

/** One cylinder: its picture, what stands against it, its ledger, and what a person writes into it. */
export function CylinderSheet({ id, onClose, onChanged }: { id: string; onClose: () => void; onChanged: () => void }) {
  const { data, mutate } = useSWR<Ledger, ApiProblem>(`/cylinders/${id}/movements`, get);
  const { me } = useMe();
  const [open, setOpen] = useState<'stamp' | 'movement'>();
  if (!data)
    return (
      <Sheet open onClose={onClose} title={t('web.cylinder-2')}>
        {null}
      </Sheet>
    );
  const { cylinder, movements } = data;
  const changed = (): void => {
    void mutate();
    onChanged();
  };
  const fill = cylinder.refrigerant ? cylinderFillOf(cylinder, cylinder.refrigerant) : undefined;
  const share = (f: number): number | undefined =>
    cylinder.refrigerant ? liquidShare(cylinder, cylinder.refrigerant, f) : undefined;
  const form = { personId: me?.id ?? '', cylinder, onClose: () => setOpen(undefined), onDone: changed };
  if (open === 'stamp') return <CylinderForm {...form} />;
  if (open === 'movement') return <MovementSheet {...form} first={movements.length === 0} />;
  return (
    <Sheet open onClose={onClose} title={t('web.cylinder', { tag: cylinder.tag })}>
      {fill ? (
        <CylinderPicture
          tag={cylinder.tag}
          refrigerant={cylinder.refrigerant}
          contentsOz={cylinder.contentsOz}
          limitOz={fill.limitOz}
          liquidShare={share(BASIS_F)}
          hotShare={share(HOT_F)}
          expectedOz={undefined}
          psig={undefined}
          temperatureF={undefined}
          width={330}
          height={230}
        />
      ) : (
        <p className="mt-2 text-ink2">{t('web.empty-and-evacuated-it-takes-whatever')}</p>
      )}
      {cylinder.refrigerant ? (
        <CheckList checks={cylinderChecks(cylinder, cylinder.refrigerant, undefined, today())} />
      ) : null}
      {cylinder.refrigerant && cylinder.contentsOz > 0 ? <Identity refrigerant={cylinder.refrigerant} /> : null}
      <div className="mt-4 flex flex-wrap gap-3">
        <Button onClick={() => setOpen('movement')}>{t('web.weigh-cylinder')}</Button>
        <Button tone="quiet" onClick={() => setOpen('stamp')}>
          {t('web.change-what-is-stamped-on-it')}
        </Button>
      </div>
      <CheckOut cylinderId={id} />
      <h2 className="mt-4 text-[15px] font-[680]">{t('web.ledger')}</h2>
      <ul>
        {[...movements].reverse().map((m) => (
          <li key={m.id} className="grid grid-cols-[1fr_auto] gap-2 border-b border-rule2 py-1.5">
            <span>
              {say(stored(m.kind))}
              {m.jobNumber ? t('web.job', { jobNumber: m.jobNumber }) : ''}
              {m.recipient ? `, ${m.recipient}` : ''}
              {m.note ? `: ${m.note}` : ''}
              <span className="block text-[13px] text-ink2">
                {say(moment(m.at))}, {m.by}
                {m.certificate ? ` (${m.certificate})` : ''}, {say(stored(m.source))}
              </span>
            </span>
            <b className="font-[640]">
              {m.oz > 0 ? '+' : ''}
              {m.oz.toFixed(1)} <small className="font-[450] text-ink2">{t('web.oz')}</small>
            </b>
          </li>
        ))}
      </ul>
      {movements.length === 0 ? <p className="text-ink2">{t('web.nothing-moved-yet')}</p> : null}
    </Sheet>
  );
}
