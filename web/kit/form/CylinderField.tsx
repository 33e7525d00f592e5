import { onThisDevice } from '@/core/circuit/recovery/checked-out';
import { grossByLedger } from '@/core/circuit/recovery/ledger-rules';
import { value as stored } from '@/core/words/said';
import { useConnection } from '@/web/api/connection';
import { deviceId } from '@/web/api/device-id';
import { useCylinderList } from '@/web/api/use-cylinders';
import { Choice } from '@/web/kit/Choice';
import { lbOz, say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { Asked } from './Asked';
export function CylinderField({
  label,
  use,
  value,
  error,
  onValue,
}: {
  label: string;
  use: 'recovery' | 'supply';
  value: string;
  error: string | undefined;
  onValue: (v: string) => void;
}) {
  const { data } = useCylinderList();
  const { lost } = useConnection();
  const usable = (data?.cylinders ?? []).filter((c) => c.use === use && c.state === 'in use');
  // What was moved is written down whichever it was; where nobody answers those of this device stand first.
  const here = lost ? onThisDevice(usable, deviceId()) : usable;
  const list = [...here, ...usable.filter((c) => !here.includes(c))];
  const hint =
    data && list.length === 0
      ? tell('web.no-cylinder-is-on-ledger-add', { use: stored(use) })
      : here.length < list.length
        ? tell('web.others-are-not-checked-out-here', { count: here.length })
        : undefined;
  return (
    <Asked error={error} hint={hint && say(hint)}>
      <Choice
        stacked
        label={label}
        value={value}
        options={list.map((c) => ({
          value: c.id,
          label: t('web.on-scale', {
            tag: c.tag,
            refrigerant: c.refrigerant ?? stored('empty'),
            contentsOz: c.contentsOz > 0 ? `, ${lbOz(c.contentsOz)}` : '',
            c: lbOz(grossByLedger(c)),
          }),
        }))}
        onChange={onValue}
      />
    </Asked>
  );
}
