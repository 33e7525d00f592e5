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
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import type { JobView } from '../job-context';

type Name = Exclude<keyof FurnaceProof, 'fuel'>;
const FIELDS: readonly { name: Name; label: string; unit: string; gas?: true; hint?: string }[] = [
  {
    name: 'inletInWc',
    label: say(tell('web.inlet-gas-pressure')),
    unit: say(tell('web.in-w-c')),
    gas: true,
    hint: say(tell('web.everything-on-line-burning')),
  },
  { name: 'manifoldInWc', label: say(tell('web.manifold-pressure')), unit: say(tell('web.in-w-c')), gas: true },
  {
    name: 'plateManifoldInWc',
    label: say(tell('web.manifold-pressure-on-plate')),
    unit: say(tell('web.in-w-c')),
    gas: true,
  },
  {
    name: 'riseF',
    label: say(tell('web.temperature-rise')),
    unit: '°F',
    hint: say(tell('web.supply-out-of-sight-of-heat')),
  },
  { name: 'plateRiseLowF', label: say(tell('web.rise-on-plate-from')), unit: '°F' },
  { name: 'plateRiseHighF', label: say(tell('web.rise-on-plate-to')), unit: '°F' },
  { name: 'coAirFreePpm', label: say(tell('web.co-in-flue-air-free')), unit: 'ppm' },
  { name: 'roomCoPpm', label: say(tell('web.co-in-room')), unit: 'ppm' },
  { name: 'ranMin', label: say(tell('web.burning-for')), unit: 'min' },
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
        ? say(tell('web.missing'))
        : say(tell('web.not-allowed'))
      : undefined;
  const allowed = (name: Name): string => furnaceProofSchema.shape[name].description ?? '';
  return (
    <Sheet open onClose={onClose} title={say(tell('web.what-furnace-shows'))}>
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
        <Notice kind="look-again">{say(tell('web.gas-and-combustion-are-licensed-work'))}</Notice>
        <div>
          <Choice
            label={say(tell('web.fuel'))}
            value={fuel}
            options={FURNACE_FUELS.map((f) => ({ value: f as string, label: f }))}
            onChange={(next) => half.keep({ fuel: next, texts })}
          />
          {bad('fuel') ? (
            <p role="alert" className="text-[12.5px] font-[600] text-oxide">
              {say(tell('web.say-which-fuel-it-burns'))}
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
          {say(tell('web.record-readings'))}
        </Button>
      </form>
    </Sheet>
  );
}
