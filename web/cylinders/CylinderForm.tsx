import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { CYLINDER_STATES, CYLINDER_USES } from '@/core/circuit/recovery/cylinder';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { write } from '@/web/api/outbox/our-outbox';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { Trouble } from '@/web/kit/Notice';
import { numberFromText, typedTrouble } from '@/web/kit/number-text';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { WeightField } from '@/web/kit/WeightField';
import { ozFromText, weightText, weightTrouble } from '@/web/kit/weight-text';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import type { CylinderRow } from './cylinder-row';

const NUMBERS = [
  { name: 'waterCapacityLb', label: say(tell('web.water-capacity-stamped-wc')), unit: 'lb', low: 1, high: 2000 },
  { name: 'ratingPsig', label: say(tell('web.service-pressure')), unit: 'psig', low: 100, high: 1000 },
] as const;

/** What is read off the cylinder itself. */
const STAMPS = [
  ['flammableMark', say(tell('web.marked-for-flammable-refrigerant'))],
  ['dipTube', say(tell('web.dip-tube'))],
  ['disposable', say(tell('web.disposable'))],
] as const;
type Stamp = (typeof STAMPS)[number][0];

/** What is stamped on a cylinder. Its contents come from its movements only. */
export function CylinderForm({
  cylinder,
  onClose,
  onDone,
}: {
  cylinder?: CylinderRow;
  onClose: () => void;
  onDone: () => void;
}) {
  const [id] = useState(cylinder?.id ?? uuid());
  const [tag, setTag] = useState(cylinder?.tag ?? '');
  const [use, setUse] = useState(cylinder?.use ?? 'recovery');
  const [refrigerant, setRefrigerant] = useState<string>(cylinder?.refrigerant ?? 'empty');
  const [typed, setTyped] = useState<Record<string, string>>({
    waterCapacityLb: cylinder ? String(cylinder.waterCapacityLb) : '',
    ratingPsig: cylinder ? String(cylinder.ratingPsig) : '',
  });
  const [tare, setTare] = useState(weightText(cylinder?.tareOz));
  const [retestOn, setRetestOn] = useState(cylinder?.retestOn ?? '');
  const [stamped, setStamped] = useState<Partial<Record<Stamp, boolean>>>(
    cylinder
      ? { flammableMark: cylinder.flammableMark, dipTube: cylinder.dipTube, disposable: cylinder.disposable }
      : {},
  );
  const [state, setState] = useState(cylinder?.state ?? 'in use');
  const [asked, setAsked] = useState(false);
  const { busy, problem, act } = useAct();
  const wrong = (n: (typeof NUMBERS)[number]) => typedTrouble(typed[n.name] ?? '', n.low, n.high, n.unit);
  const badTare = weightTrouble(tare, 8, 32_000);
  const unsaid = STAMPS.some(([name]) => stamped[name] === undefined);
  const noRetest = use === 'recovery' && !retestOn;
  const yesNo = [
    { value: 'yes', label: say(tell('web.yes')) },
    { value: 'no', label: say(tell('web.no')) },
  ];
  return (
    <Sheet
      open
      onClose={onClose}
      title={cylinder ? say(tell('web.cylinder', { tag: cylinder.tag })) : say(tell('web.new-cylinder'))}
    >
      <form
        className="mt-3 grid gap-3"
        onSubmit={async (e) => {
          e.preventDefault();
          setAsked(true);
          if (!tag.trim() || NUMBERS.some(wrong) || badTare || noRetest || unsaid) return;
          const done = await act(() =>
            write('PUT', `/cylinders/${id}`, {
              id,
              version: cylinder?.version ?? 0,
              tag,
              use,
              refrigerant: refrigerant === 'empty' ? null : refrigerant,
              ...Object.fromEntries(NUMBERS.map((n) => [n.name, numberFromText(typed[n.name]!)])),
              tareOz: ozFromText(tare),
              retestOn: retestOn || null,
              ...stamped,
              state,
            }),
          );
          if (done) {
            onDone();
            onClose();
          }
        }}
      >
        <Field
          label={say(tell('web.tag-or-serial'))}
          value={tag}
          onChange={(e) => setTag(e.target.value)}
          error={asked && !tag.trim() ? say(tell('web.missing')) : undefined}
          allowed={say(tell('web.1-to-40-characters'))}
        />
        <Choice
          label={say(tell('web.used-for'))}
          value={use}
          options={CYLINDER_USES.map((u) => ({
            value: u,
            label: u === 'recovery' ? say(tell('web.recovery')) : say(tell('web.supply')),
          }))}
          onChange={setUse}
        />
        <Choice
          label={say(tell('web.refrigerant'))}
          value={refrigerant}
          options={['empty', ...REFRIGERANTS].map((r) => ({
            value: r,
            label: r === 'empty' ? say(tell('web.empty-evacuated')) : r,
          }))}
          onChange={setRefrigerant}
        />
        {NUMBERS.map((n) => (
          <Field
            key={n.name}
            label={n.label}
            unit={n.unit}
            inputMode="decimal"
            value={typed[n.name]}
            onChange={(e) => setTyped((t) => ({ ...t, [n.name]: e.target.value }))}
            error={asked ? wrong(n)?.message : undefined}
            allowed={wrong(n)?.allowed}
          />
        ))}
        <WeightField
          label={say(tell('web.tare-stamped-tw'))}
          value={tare}
          onChange={setTare}
          error={asked ? badTare?.message : undefined}
          allowed={badTare?.allowed}
        />
        <Field
          label={say(tell('web.retest-due'))}
          type="date"
          value={retestOn}
          onChange={(e) => setRetestOn(e.target.value)}
          error={asked && noRetest ? say(tell('web.cylinder-that-is-filled-here-needs')) : undefined}
          hint={say(tell('web.five-years-after-stamp-usually'))}
        />
        {STAMPS.map(([name, label]) => (
          <div key={name}>
            <Choice
              label={label}
              value={stamped[name] === undefined ? '' : stamped[name] ? 'yes' : 'no'}
              options={yesNo}
              onChange={(v) => setStamped((all) => ({ ...all, [name]: v === 'yes' }))}
            />
            {asked && stamped[name] === undefined ? (
              <p role="alert" className="text-[12.5px] font-[600] text-oxide">
                {say(tell('web.look-at-cylinder-and-say-so'))}
              </p>
            ) : null}
          </div>
        ))}
        <Choice
          label={say(tell('web.it-is'))}
          value={state}
          options={CYLINDER_STATES.map((s) => ({ value: s, label: s }))}
          onChange={setState}
        />
        <Trouble problem={problem} />
        <Button type="submit" tone="primary" disabled={busy}>
          {say(tell('web.keep-it'))}
        </Button>
      </form>
    </Sheet>
  );
}
