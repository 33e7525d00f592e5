import { useState } from 'react';
import { FURNACE_FUELS, type FurnaceProof, furnaceProofSchema } from '@/core/furnace/furnace-proof';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { Notice, Trouble } from '@/web/kit/Notice';
import { numberFromText } from '@/web/kit/number-text';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { useKept } from '@/web/kit/use-kept';
import type { JobView } from '../job-context';

type Name = Exclude<keyof FurnaceProof, 'fuel'>;
const FIELDS: readonly { name: Name; label: string; unit: string; gas?: true; hint?: string }[] = [
  {
    name: 'inletInWc',
    label: 'Inlet gas pressure',
    unit: 'in. w.c.',
    gas: true,
    hint: 'everything on the line burning',
  },
  { name: 'manifoldInWc', label: 'Manifold pressure', unit: 'in. w.c.', gas: true },
  { name: 'plateManifoldInWc', label: 'Manifold pressure on the plate', unit: 'in. w.c.', gas: true },
  { name: 'riseF', label: 'Temperature rise', unit: '°F', hint: 'supply out of sight of the heat exchanger' },
  { name: 'plateRiseLowF', label: 'Rise on the plate, from', unit: '°F' },
  { name: 'plateRiseHighF', label: 'Rise on the plate, to', unit: '°F' },
  { name: 'coAirFreePpm', label: 'CO in the flue, air-free', unit: 'ppm' },
  { name: 'roomCoPpm', label: 'CO in the room', unit: 'ppm' },
  { name: 'ranMin', label: 'Burning for', unit: 'min' },
];

/** What a furnace that was installed alone shows, typed off its instruments. */
export function FurnaceSheet({ view, onClose }: { view: JobView; onClose: () => void }) {
  const kept = view.sheet.furnace;
  const half = useKept<{ fuel: string; texts: Partial<Record<Name, string>> }>(
    `${view.me.id}-${view.sheet.job.id}-furnace`,
    () => ({
      fuel: kept?.fuel ?? '',
      texts: kept
        ? Object.fromEntries(FIELDS.map((f) => [f.name, kept[f.name] === null ? '' : String(kept[f.name])]))
        : {},
    }),
  );
  const { fuel, texts } = half.value;
  const [asked, setAsked] = useState(false);
  const { busy, problem, act } = useAct();
  const shown = FIELDS.filter((f) => !f.gas || fuel !== 'oil');
  const proof = {
    fuel,
    ...Object.fromEntries(
      FIELDS.map((f) => {
        const text = (texts[f.name] ?? '').trim();
        if (f.gas && (fuel === 'oil' || text === '')) return [f.name, null];
        return [f.name, numberFromText(text)];
      }),
    ),
  };
  const checked = furnaceProofSchema.safeParse(proof);
  const bad = (name: string): string | undefined =>
    asked && !checked.success && checked.error.issues.some((i) => i.path[0] === name)
      ? (texts[name as Name] ?? '').trim() === ''
        ? 'Missing.'
        : 'Not allowed.'
      : undefined;
  const allowed = (name: Name): string => furnaceProofSchema.shape[name].description ?? '';
  return (
    <Sheet open onClose={onClose} title="What the furnace shows">
      <form
        className="mt-3 grid gap-2"
        onSubmit={async (e) => {
          e.preventDefault();
          setAsked(true);
          if (!checked.success) return;
          const body = { version: kept?.version ?? 0, proof: checked.data };
          if (!(await act(() => view.actions.replace(`/jobs/${view.sheet.job.id}/furnace`, body)))) return;
          half.drop();
          onClose();
        }}
      >
        <Notice kind="look-again">
          Gas and combustion are licensed work. Smell of gas, or CO in the room: out, ventilate, call. The maker’s
          instructions and local code come first.
        </Notice>
        <div>
          <Choice
            label="Fuel"
            value={fuel}
            options={FURNACE_FUELS.map((f) => ({ value: f as string, label: f }))}
            onChange={(next) => half.keep({ fuel: next, texts })}
          />
          {bad('fuel') ? (
            <p role="alert" className="text-[12.5px] font-[600] text-oxide">
              Say which fuel it burns.
            </p>
          ) : null}
        </div>
        {shown.map((f) => (
          <Field
            key={f.name}
            label={f.label}
            unit={f.unit}
            hint={f.hint}
            inputMode="decimal"
            value={texts[f.name] ?? ''}
            onChange={(e) => half.keep({ fuel, texts: { ...texts, [f.name]: e.target.value } })}
            error={bad(f.name)}
            allowed={allowed(f.name)}
          />
        ))}
        <Trouble problem={problem} />
        <Button type="submit" tone="primary" disabled={busy}>
          Record the readings
        </Button>
      </form>
    </Sheet>
  );
}
