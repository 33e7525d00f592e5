import useSWR from 'swr';
import type { Cylinder } from '@/core/circuit/recovery/cylinder';
import { grossByLedger } from '@/core/circuit/recovery/ledger-rules';
import { value as stored } from '@/core/words/said';
import { get } from '@/web/api/http';
import { Choice } from '@/web/kit/Choice';
import { lbOz, say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
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
  const { data } = useSWR<{ cylinders: Cylinder[] }>('/cylinders', get);
  const list = (data?.cylinders ?? []).filter((c) => c.use === use && c.state === 'in use');
  return (
    <Asked
      error={error}
      hint={data && list.length === 0 ? say(tell('web.no-cylinder-is-on-ledger-add', { use: stored(use) })) : undefined}
    >
      <Choice
        stacked
        label={label}
        value={value}
        options={list.map((c) => ({
          value: c.id,
          label: say(
            tell('web.on-scale', {
              tag: c.tag,
              refrigerant: c.refrigerant ?? stored('empty'),
              contentsOz: c.contentsOz > 0 ? `, ${lbOz(c.contentsOz)}` : '',
              c: lbOz(grossByLedger(c)),
            }),
          ),
        }))}
        onChange={onValue}
      />
    </Asked>
  );
}
