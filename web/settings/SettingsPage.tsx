import { Link } from 'react-router';
import useSWR from 'swr';
import { CIRCUIT_SCHOOLS } from '@/core/circuit/schools';
import { TRANSITION_RULES } from '@/core/circuit/transition-rules';
import { TOLERANCES } from '@/core/job/settings';
import { SCOPE_FIGURES, SCOPE_SCHOOLS } from '@/core/scope/schools';
import { type ApiProblem, get, put } from '@/web/api/http';
import { useMe } from '@/web/api/use-me';
import { Choice } from '@/web/kit/Choice';
import { Trouble } from '@/web/kit/Notice';
import { NumberCell } from '@/web/kit/NumberCell';
import { useAct } from '@/web/kit/use-act';
import { PersonMenu } from '@/web/shell/TopBar';

type Stored = { settings: Record<string, string | number>; version: number };

/** Where good practitioners differ, the company picks: default and reason stand beside each choice. */
export default function SettingsPage() {
  const { me } = useMe();
  const { data, mutate } = useSWR<Stored, ApiProblem>('/settings', get);
  const { problem, act } = useAct();
  const may = me?.role === 'owner' || me?.role === 'office';
  const save = (change: Record<string, string | number>): void =>
    void act(async () => {
      if (!data) return;
      await mutate(
        await put<Stored>('/settings', { version: data.version, settings: { ...data.settings, ...change } }),
        { revalidate: false },
      );
    });
  return (
    <div className="mx-auto max-w-[980px] px-4 pb-10 lg:px-7">
      <header className="flex items-center gap-4 border-b-[1.5px] border-ink py-2">
        <Link to="/jobs" className="touch inline-flex items-center text-copper underline underline-offset-4">
          Jobs
        </Link>
        <span className="ml-auto" />
        <PersonMenu />
      </header>
      <h1 className="mt-4 text-[26px]">Schools and settings</h1>
      <p className="mt-1 max-w-[60ch] text-ink2">
        Good practitioners differ in these. What is picked here is named in each finding and item that uses it. The
        maker’s instructions and local code come before any school.{may ? '' : ' The owner or the office changes them.'}
      </p>
      <Trouble problem={problem} />
      {data ? (
        <>
          <h2 className="mt-5 border-b-[1.5px] border-ink pb-1 text-[16px]">Scope</h2>
          {SCOPE_SCHOOLS.map((s) => (
            <School key={s.id} school={s} stored={data.settings[s.id]} may={may} onSave={save} />
          ))}
          {SCOPE_FIGURES.map((f) => (
            <Figure key={f.id} figure={f} sign="" stored={data.settings[f.id]} may={may} onSave={save} />
          ))}
          <h2 className="mt-5 border-b-[1.5px] border-ink pb-1 text-[16px]">Refrigerant circuit</h2>
          {CIRCUIT_SCHOOLS.map((s) => (
            <School key={s.id} school={s} stored={data.settings[s.id]} may={may} onSave={save} />
          ))}
          <h2 className="mt-5 border-b-[1.5px] border-ink pb-1 text-[16px]">Rules of the refrigerant transition</h2>
          <p className="mt-1 text-[13.5px] text-ink2">
            In general terms and from memory: check the current rule before you rely on one.
          </p>
          {TRANSITION_RULES.map((r) => (
            <div key={r.id} className="grid gap-x-6 border-b border-rule py-2.5 md:grid-cols-[1.5fr_1fr]">
              <p className="text-[15px] leading-snug font-[560]">{r.rule}</p>
              <p className="text-[13.5px] leading-snug text-ink2">
                {r.from ? `From ${r.from}. ` : ''}
                {r.source}. {r.verifiedOn ? `Verified ${r.verifiedOn}.` : 'Not verified.'}
              </p>
            </div>
          ))}
          <h2 className="mt-5 border-b-[1.5px] border-ink pb-1 text-[16px]">Start-up</h2>
          {TOLERANCES.map((t) => (
            <Figure key={t.id} figure={t} sign="± " stored={data.settings[t.id]} may={may} onSave={save} />
          ))}
        </>
      ) : null}
    </div>
  );
}

type SchoolSpec = {
  id: string;
  label: string;
  options: readonly (readonly [string, string])[];
  standard: string;
  reason: string;
};

/** One school: its options, the default and why. */
function School({
  school: s,
  stored,
  may,
  onSave,
}: {
  school: SchoolSpec;
  stored: string | number | undefined;
  may: boolean;
  onSave: (change: Record<string, string>) => void;
}) {
  return (
    <div className="grid gap-x-6 gap-y-1 border-b border-rule py-3 md:grid-cols-[1.5fr_1fr]">
      <Choice
        label={s.label}
        value={String(stored ?? s.standard)}
        options={s.options.map(([value, label]) => ({ value, label }))}
        onChange={(v) => may && onSave({ [s.id]: v })}
      />
      <p className="text-[13.5px] leading-snug text-ink2">
        Default: {s.options.find(([v]) => v === s.standard)?.[1]}. {s.reason}
      </p>
    </div>
  );
}

type FigureSpec = {
  id: string;
  label: string;
  unit: string;
  low: number;
  high: number;
  standard: number;
  reason: string;
};

/** A figure of the company's own: its range is told when it is left, the default stands beside it. */
function Figure({
  figure: f,
  sign,
  stored,
  may,
  onSave,
}: {
  figure: FigureSpec;
  sign: string;
  stored: string | number | undefined;
  may: boolean;
  onSave: (change: Record<string, number>) => void;
}) {
  return (
    <div className="grid items-start gap-x-6 gap-y-1 border-b border-rule py-3 md:grid-cols-[1.5fr_1fr]">
      <div className="max-w-[260px]">
        <NumberCell
          label={f.label}
          unit={f.unit}
          value={Number(stored ?? f.standard)}
          disabled={!may}
          onCommit={(v) => {
            if (v === null || v < f.low || v > f.high)
              return `Outside the allowed range. Allowed: ${f.low} to ${f.high} ${f.unit}.`;
            onSave({ [f.id]: v });
            return undefined;
          }}
        />
      </div>
      <p className="text-[13.5px] leading-snug text-ink2">
        Default: {sign}
        {f.standard} {f.unit}. {f.reason}
      </p>
    </div>
  );
}
