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
import { HOT_F } from '@/core/circuit/recovery/cylinder-fill';
import { cylinderIdentity } from '@/core/circuit/recovery/cylinder-identity';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { dayAt } from '@/core/words/calendar';
import { moment, value as stored } from '@/core/words/said';
import { type ApiProblem, get } from '@/web/api/http';
import { write } from '@/web/api/outbox/our-outbox';
import { useMe } from '@/web/api/use-me';
import { CylinderPicture } from '@/web/bench/cylinder/CylinderPicture';
import { Button } from '@/web/kit/Button';
import { CertifiedBy, namedCertified } from '@/web/kit/CertifiedBy';
import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { Trouble } from '@/web/kit/Notice';
import { numberFromText } from '@/web/kit/number-text';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { WeightField } from '@/web/kit/WeightField';
import { EMPTY_WEIGHT, ozFromText, weightTrouble } from '@/web/kit/weight-text';
import { lbOz, readerNow, say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { CheckList } from '../phases/fit/CheckList';
import { CylinderForm } from './CylinderForm';
import type { CylinderRow } from './cylinder-row';

type Ledger = { cylinder: CylinderRow; movements: (CylinderMovement & { source: string; recipient: string | null })[] };
const BASIS_F = 77;
const today = (): string => dayAt(new Date(), readerNow().timeZone);

/** One cylinder: its picture, what stands against it, its ledger, and what a person writes into it. */
export function CylinderSheet({ id, onClose, onChanged }: { id: string; onClose: () => void; onChanged: () => void }) {
  const { data, mutate } = useSWR<Ledger, ApiProblem>(`/cylinders/${id}/movements`, get);
  const { me } = useMe();
  const [editing, setEditing] = useState(false);
  if (!data)
    return (
      <Sheet open onClose={onClose} title={say(tell('web.cylinder-2'))}>
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
  if (editing)
    return (
      <CylinderForm personId={me?.id ?? ''} cylinder={cylinder} onClose={() => setEditing(false)} onDone={changed} />
    );
  return (
    <Sheet open onClose={onClose} title={say(tell('web.cylinder', { tag: cylinder.tag }))}>
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
        <p className="mt-2 text-ink2">{say(tell('web.empty-and-evacuated-it-takes-whatever'))}</p>
      )}
      {cylinder.refrigerant ? (
        <CheckList checks={cylinderChecks(cylinder, cylinder.refrigerant, undefined, today())} />
      ) : null}
      {cylinder.refrigerant && cylinder.contentsOz > 0 ? <Identity refrigerant={cylinder.refrigerant} /> : null}
      <MovementForm cylinder={cylinder} movements={movements.length} onDone={changed} />
      <Button tone="quiet" className="mt-1" onClick={() => setEditing(true)}>
        {say(tell('web.change-what-is-stamped-on-it'))}
      </Button>
      <h2 className="mt-4 text-[15px] font-[680]">{say(tell('web.ledger'))}</h2>
      <ul>
        {[...movements].reverse().map((m) => (
          <li key={m.id} className="grid grid-cols-[1fr_auto] gap-2 border-b border-rule2 py-1.5">
            <span>
              {say(stored(m.kind))}
              {m.jobNumber ? say(tell('web.job', { jobNumber: m.jobNumber })) : ''}
              {m.recipient ? `, ${m.recipient}` : ''}
              {m.note ? `: ${m.note}` : ''}
              <span className="block text-[13px] text-ink2">
                {say(moment(m.at))}, {m.by}
                {m.certificate ? ` (${m.certificate})` : ''}, {say(stored(m.source))}
              </span>
            </span>
            <b className="font-[640]">
              {m.oz > 0 ? '+' : ''}
              {m.oz.toFixed(1)} <small className="font-[450] text-ink2">{say(tell('web.oz'))}</small>
            </b>
          </li>
        ))}
      </ul>
      {movements.length === 0 ? <p className="text-ink2">{say(tell('web.nothing-moved-yet'))}</p> : null}
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
    <section aria-label={say(tell('web.pressure-at-rest'))} className="mt-4 border-t border-rule pt-3">
      <h2 className="text-[15px] font-[680]">{say(tell('web.does-pressure-fit-label'))}</h2>
      <p className="text-[13px] text-ink2">{say(tell('web.after-hours-at-one-temperature-valve'))}</p>
      <div className="mt-1 grid grid-cols-2 gap-3">
        <Field
          label={say(tell('web.cylinder-2'))}
          unit="°F"
          inputMode="decimal"
          value={temperature}
          onChange={(e) => setTemperature(e.target.value)}
        />
        <Field
          label={say(tell('web.its-pressure'))}
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
              <b className="font-[650] first-letter:uppercase inline-block">{found.value.reading}</b>
              {say(
                tell('web.stands-at-psig-here', {
                  refrigerant,
                  saturationPsig: found.value.saturationPsig.toFixed(0),
                  tolerancePsi: found.value.tolerancePsi.toFixed(0),
                  alsoFits: found.value.alsoFits
                    ? say(tell('web.would-fit-as-well-pressure-cannot', { alsoFits: found.value.alsoFits }))
                    : '',
                }),
              )}
            </>
          ) : (
            say(tell('web.allowed', { message: found.refused.message, allowed: found.refused.allowed }))
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
          write('POST', `/cylinders/${cylinder.id}/movements`, {
            id: uuid(),
            kind,
            oz: gross ? 0 : value,
            grossOz: gross ? value : null,
            recipient: kind === 'sent away' ? recipient : null,
            note: null,
            occurredAt: new Date().toISOString(),
            ...(gross ? {} : namedCertified()),
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
        label={say(tell('web.movement'))}
        value={kind}
        options={HAND_MOVEMENTS.filter((k) => k !== 'opening' || movements === 0).map((k) => ({
          value: k,
          label: say(stored(k)),
        }))}
        onChange={setKind}
      />
      <WeightField
        label={gross ? say(tell('web.gross-weight-on-scale')) : say(tell('web.refrigerant'))}
        value={amount}
        onChange={setAmount}
        error={asked ? wrong?.message : undefined}
        allowed={wrong?.allowed}
        hint={
          balance
            ? balance.balanced
              ? say(tell('web.agrees-with-ledger'))
              : say(
                  tell('web.oz-against-ledger-written-as-correction', {
                    differenceOz: balance.differenceOz > 0 ? '+' : '−',
                    differenceOz2: Math.abs(balance.differenceOz).toFixed(1),
                  }),
                )
            : say(
                tell('web.by-ledger-gross', {
                  contentsOz: lbOz(cylinder.contentsOz),
                  contentsOz2: lbOz(cylinder.contentsOz + cylinder.tareOz),
                }),
              )
        }
      />
      {kind === 'sent away' ? (
        <Field
          label={say(tell('web.received-by'))}
          value={recipient}
          onChange={(e) => setRecipient(e.target.value)}
          hint={say(tell('web.reclaimer-or-destruction-facility'))}
        />
      ) : null}
      {gross ? null : <CertifiedBy />}
      <Trouble problem={problem} />
      <Button type="submit" disabled={busy}>
        {say(tell('web.write-it-into-ledger'))}
      </Button>
    </form>
  );
}
