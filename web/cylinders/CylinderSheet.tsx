import { format, parseISO } from 'date-fns';
import { useState } from 'react';
import useSWR from 'swr';
import { v7 as uuid } from 'uuid';
import { HAND_MOVEMENTS } from '@/contract/circuit';
import {
  type CylinderMovement,
  cylinderChecks,
  cylinderFillOf,
  ledgerBalance,
  liquidShare,
} from '@/core/circuit/recovery/cylinder';
import { cylinderIdentity } from '@/core/circuit/recovery/cylinder-identity';
import { lbOz } from '@/core/circuit/weigh-in';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { type ApiProblem, get, post } from '@/web/api/http';
import { CylinderPicture } from '@/web/bench/cylinder/CylinderPicture';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { Trouble } from '@/web/kit/Notice';
import { numberFromText } from '@/web/kit/number-text';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { WeightField } from '@/web/kit/WeightField';
import { EMPTY_WEIGHT, ozFromText, weightTrouble } from '@/web/kit/weight-text';
import { CheckList } from '../phases/fit/CheckList';
import { CylinderForm } from './CylinderForm';
import type { CylinderRow } from './cylinder-row';

type Ledger = { cylinder: CylinderRow; movements: (CylinderMovement & { source: string; recipient: string | null })[] };
const HOT_F = 130;
const BASIS_F = 77;
const today = (): string => new Date().toISOString().slice(0, 10);

/** One cylinder: its picture, what stands against it, its ledger, and what a person writes into it. */
export function CylinderSheet({ id, onClose, onChanged }: { id: string; onClose: () => void; onChanged: () => void }) {
  const { data, mutate } = useSWR<Ledger, ApiProblem>(`/cylinders/${id}/movements`, get);
  const [editing, setEditing] = useState(false);
  if (!data)
    return (
      <Sheet open onClose={onClose} title="Cylinder">
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
  if (editing) return <CylinderForm cylinder={cylinder} onClose={() => setEditing(false)} onDone={changed} />;
  return (
    <Sheet open onClose={onClose} title={`Cylinder ${cylinder.tag}`}>
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
        <p className="mt-2 text-ink2">Empty and evacuated: it takes whatever refrigerant comes first.</p>
      )}
      {cylinder.refrigerant ? (
        <CheckList checks={cylinderChecks(cylinder, cylinder.refrigerant, undefined, today())} />
      ) : null}
      {cylinder.refrigerant && cylinder.contentsOz > 0 ? <Identity refrigerant={cylinder.refrigerant} /> : null}
      <MovementForm cylinder={cylinder} movements={movements.length} onDone={changed} />
      <Button tone="quiet" className="mt-1" onClick={() => setEditing(true)}>
        Change what is stamped on it
      </Button>
      <h2 className="mt-4 text-[15px] font-[680]">Ledger</h2>
      <ul>
        {[...movements].reverse().map((m) => (
          <li key={m.id} className="grid grid-cols-[1fr_auto] gap-2 border-b border-rule2 py-1.5">
            <span>
              {m.kind}
              {m.jobNumber ? `, job ${m.jobNumber}` : ''}
              {m.recipient ? `, ${m.recipient}` : ''}
              {m.note ? `: ${m.note}` : ''}
              <span className="block text-[13px] text-ink2">
                {format(parseISO(m.at), 'd MMM yyyy HH:mm')}, {m.by}
                {m.certificate ? ` (${m.certificate})` : ''}, {m.source}
              </span>
            </span>
            <b className="font-[640]">
              {m.oz > 0 ? '+' : ''}
              {m.oz.toFixed(1)} <small className="font-[450] text-ink2">oz</small>
            </b>
          </li>
        ))}
      </ul>
      {movements.length === 0 ? <p className="text-ink2">Nothing moved yet.</p> : null}
    </Sheet>
  );
}

/** Does the pressure of the cylinder at rest fit its label? */
function Identity({ refrigerant }: { refrigerant: Refrigerant }) {
  const [temperature, setTemperature] = useState('');
  const [pressure, setPressure] = useState('');
  const temperatureF = numberFromText(temperature);
  const psig = numberFromText(pressure);
  const found =
    temperatureF !== undefined && psig !== undefined
      ? cylinderIdentity({ refrigerant, temperatureF, psig })
      : undefined;
  return (
    <section aria-label="Pressure at rest" className="mt-4 border-t border-rule pt-3">
      <h2 className="text-[15px] font-[680]">Does the pressure fit the label?</h2>
      <p className="text-[13px] text-ink2">After hours at one temperature, valve shut.</p>
      <div className="mt-1 grid grid-cols-2 gap-3">
        <Field
          label="Cylinder"
          unit="°F"
          inputMode="decimal"
          value={temperature}
          onChange={(e) => setTemperature(e.target.value)}
        />
        <Field
          label="Its pressure"
          unit="psig"
          inputMode="decimal"
          value={pressure}
          onChange={(e) => setPressure(e.target.value)}
        />
      </div>
      {found ? (
        <p className="text-[14px] leading-snug" data-testid="identity">
          {found.ok ? (
            <>
              <b className="font-[650] first-letter:uppercase inline-block">{found.value.reading}</b>: {refrigerant}{' '}
              stands at {found.value.saturationPsig.toFixed(0)} ± {found.value.tolerancePsi.toFixed(0)} psig here.
              {found.value.alsoFits
                ? ` ${found.value.alsoFits} would fit as well: pressure cannot tell them apart.`
                : ''}
            </>
          ) : (
            `${found.refused.message} Allowed: ${found.refused.allowed}.`
          )}
        </p>
      ) : null}
    </section>
  );
}

function MovementForm({
  cylinder,
  movements,
  onDone,
}: {
  cylinder: CylinderRow;
  movements: number;
  onDone: () => void;
}) {
  const [kind, setKind] = useState<(typeof HAND_MOVEMENTS)[number]>('weighed');
  const [amount, setAmount] = useState(EMPTY_WEIGHT);
  const [recipient, setRecipient] = useState('');
  const [asked, setAsked] = useState(false);
  const { busy, problem, act } = useAct();
  const gross = kind === 'weighed';
  const wrong = weightTrouble(amount, 0, gross ? 40_000 : 32_000);
  const value = ozFromText(amount);
  const balance = gross && value !== undefined ? ledgerBalance(cylinder, value) : undefined;
  return (
    <form
      className="mt-4 grid gap-2 border-t border-rule pt-3"
      onSubmit={async (e) => {
        e.preventDefault();
        setAsked(true);
        if (wrong || value === undefined) return;
        const done = await act(() =>
          post(`/cylinders/${cylinder.id}/movements`, {
            id: uuid(),
            kind,
            oz: gross ? 0 : value,
            grossOz: gross ? value : null,
            recipient: kind === 'sent away' ? recipient : null,
            note: null,
            occurredAt: new Date().toISOString(),
          }),
        );
        if (done) {
          setAmount(EMPTY_WEIGHT);
          setAsked(false);
          onDone();
        }
      }}
    >
      <Choice
        label="Write down"
        value={kind}
        options={HAND_MOVEMENTS.filter((k) => k !== 'opening' || movements === 0).map((k) => ({ value: k, label: k }))}
        onChange={setKind}
      />
      <WeightField
        label={gross ? 'Gross weight on the scale' : 'Refrigerant'}
        value={amount}
        onChange={setAmount}
        error={asked ? wrong?.message : undefined}
        allowed={wrong?.allowed}
        hint={
          balance
            ? balance.balanced
              ? 'Agrees with the ledger.'
              : `${balance.differenceOz > 0 ? '+' : '−'}${Math.abs(balance.differenceOz).toFixed(1)} oz against the ledger: written as a correction.`
            : `By the ledger ${lbOz(cylinder.contentsOz)}, gross ${lbOz(cylinder.contentsOz + cylinder.tareOz)}.`
        }
      />
      {kind === 'sent away' ? (
        <Field
          label="Received by"
          value={recipient}
          onChange={(e) => setRecipient(e.target.value)}
          hint="reclaimer or destruction facility"
        />
      ) : null}
      <Trouble problem={problem} />
      <Button type="submit" disabled={busy}>
        Write it into the ledger
      </Button>
    </form>
  );
}
