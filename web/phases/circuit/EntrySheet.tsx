import { useState } from 'react';
import useSWR from 'swr';
import type { Cylinder } from '@/core/circuit/recovery/cylinder';
import { grossByLedger } from '@/core/circuit/recovery/ledger-rules';
import { latestOf } from '@/core/phases/log/circuit-log';
import { type EntryBody, type EntryKind, REUSE_TROUBLES } from '@/core/phases/log/entry-bodies';
import { ENTRY_TITLES } from '@/core/phases/log/entry-words';
import { isEarlyLook } from '@/core/phases/pressure-test/early-look';
import { pressureView } from '@/core/phases/pressure-test/view';
import { value as stored } from '@/core/words/said';
import { get } from '@/web/api/http';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { Notice, Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { useKept } from '@/web/kit/use-kept';
import { WeightField } from '@/web/kit/WeightField';
import { lbOz, say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { CAUTIONS } from './cautions';
import { type CylinderUse, refusalOf } from './entry-check';
import { EDITED, entryDefaults, HIDDEN } from './entry-defaults';
import { ENTRY_FIELDS, type EntryField, type FieldValues } from './entry-fields';
import { readTyped, type Typed, typedOf } from './entry-text';
import { PairsField } from './PairsField';
import { PiecesField } from './PiecesField';
import { PressureField } from './PressureField';
import { TimeField } from './TimeField';
import { useEntries } from './use-entries';

type Props = {
  view: JobView;
  kind: EntryKind;
  /** The entry that this one puts right. */
  replaces?: string;
  /** Fields that the page knows already. */
  preset?: FieldValues;
  onClose: () => void;
};

/** What a person said on the form so far; beside it stands what the sheet knows. */
type Half = { said: FieldValues; typed: Record<string, Typed> };
const NOTHING: Half = { said: {}, typed: {} };

/** What a question that does not arise is stored as. */
const UNASKED: Record<string, string> = { metals: say(tell('web.copper-to-copper')), alloy: 'none' };

const shownText = (v: unknown): string => (v === null || v === undefined ? '' : String(v));

/** The form of one entry of the circuit log: what is asked, the caution that belongs there, one button. */
export function EntrySheet({ view, kind, preset, replaces, onClose }: Props) {
  const write = useEntries(view);
  const [known] = useState<FieldValues>(() => ({ ...entryDefaults(kind, view.sheet), ...preset }));
  const left = useKept<Half>(`${view.me.id}-${view.sheet.job.id}-${kind}-${replaces ?? ''}`, () => NOTHING);
  const { typed } = left.value;
  const values: FieldValues = { ...known, ...left.value.said };
  const [asked, setAsked] = useState(false);
  const { busy, problem, act } = useAct();
  const fields = (ENTRY_FIELDS[kind] ?? []).filter((f) => !f.when || f.when(values));
  const set = (name: string, value: unknown): void =>
    left.keep({ ...left.value, said: { ...left.value.said, [name]: value } });

  /** What would be sent: every number read from its text, hidden fields filled in. */
  function body(): { body: FieldValues; unreadable: Record<string, string> } {
    const unreadable: Record<string, string> = {};
    const out: FieldValues = { ...HIDDEN[kind] };
    for (const f of ENTRY_FIELDS[kind] ?? []) {
      const value = values[f.name];
      const text = typed[f.name];
      const nullable = 'nullable' in f && f.nullable;
      if (f.kind === 'number' || f.kind === 'weight' || f.kind === 'pressure') {
        const read: { value?: unknown; trouble?: string } = text === undefined ? { value } : readTyped(f, text);
        if (read.trouble) unreadable[f.name] = read.trouble;
        else out[f.name] = read.value ?? (nullable ? null : undefined);
      } else if (value === undefined && f.kind === 'text' && f.nullable) out[f.name] = null;
      // A question that was not asked is no; one that was asked and not answered is missing, never a silent no.
      else if (f.kind === 'yes') out[f.name] = f.when && !f.when(values) ? false : value;
      else if (f.kind === 'text') out[f.name] = f.nullable && !value ? null : (value ?? '');
      else if (f.kind === 'choice' && f.when && !f.when(values)) out[f.name] = value ?? UNASKED[f.name];
      else out[f.name] = value ?? (f.name === 'newRing' ? null : value);
    }
    return { body: { ...out, ...hiddenOf(preset) }, unreadable };
  }
  const hiddenOf = (p: FieldValues | undefined): FieldValues =>
    Object.fromEntries(Object.entries(p ?? {}).filter(([k]) => !(ENTRY_FIELDS[kind] ?? []).some((f) => f.name === k)));

  const checked = body();
  const refusals = refusalOf(kind, checked.body, checked.unreadable);

  async function send(): Promise<void> {
    setAsked(true);
    if (Object.keys(refusals).length) return;
    const newest = replaces ?? (EDITED.has(kind) ? latestOf(view.sheet.circuitLog, kind)?.id : undefined);
    if (!(await act(() => writeOrLook(newest ?? null)))) return;
    left.drop();
    onClose();
  }

  /** A reading before the hold is over is a look: the hold goes on. */
  function writeOrLook(supersedesId: string | null) {
    const { runId: _r, runSeconds: _s, ...look } = checked.body;
    const { holdMin } = pressureView(view.sheet);
    const early =
      kind === 'hold-end' &&
      isEarlyLook(view.sheet.circuitLog, checked.body as EntryBody<'hold-end'>, new Date().toISOString(), holdMin);
    return early ? write('hold-look', look) : write(kind, checked.body, supersedesId);
  }

  return (
    <Sheet open onClose={onClose} title={say(ENTRY_TITLES[kind])}>
      <form
        className="mt-3 grid gap-3"
        data-testid={`entry-form-${kind}`}
        onSubmit={(e) => {
          e.preventDefault();
          void send();
        }}
      >
        {left.left ? (
          <p className="flex items-center gap-2 text-[13.5px] text-ink2">
            {say(tell('web.as-you-left-it'))}
            <Button tone="quiet" onClick={() => left.keep(NOTHING)}>
              {say(tell('web.empty-it'))}
            </Button>
          </p>
        ) : null}
        {CAUTIONS[kind] ? <Notice kind="look-again">{CAUTIONS[kind]}</Notice> : null}
        {fields.map((f) => (
          <FieldOf
            key={f.name}
            field={f}
            value={values[f.name]}
            typed={typed[f.name] ?? typedOf(f, values[f.name])}
            error={asked ? refusals[f.name] : undefined}
            onTyped={(t) => left.keep({ ...left.value, typed: { ...typed, [f.name]: t } })}
            onValue={(v) => set(f.name, v)}
          />
        ))}
        {asked && refusals[''] ? <p className="text-[13px] font-[600] text-oxide">{refusals['']}</p> : null}
        <Trouble problem={problem} />
        <Button type="submit" tone="primary" disabled={busy}>
          {say(tell('web.write-it-down'))}
        </Button>
      </form>
    </Sheet>
  );
}

type FieldProps = {
  field: EntryField;
  value: unknown;
  typed: Typed;
  error: string | undefined;
  onTyped: (typed: Typed) => void;
  onValue: (value: unknown) => void;
};

function FieldOf({ field, value, typed, error, onTyped, onValue }: FieldProps) {
  switch (field.kind) {
    case 'number':
      return (
        <Field
          label={field.label}
          unit={field.unit}
          hint={field.hint}
          inputMode="decimal"
          value={typed.text}
          onChange={(e) => onTyped({ text: e.target.value })}
          error={error}
        />
      );
    case 'weight':
      return (
        <WeightField
          label={field.label}
          hint={field.hint}
          value={{ lb: typed.more ?? '', oz: typed.text }}
          onChange={({ lb, oz }) => onTyped({ text: oz, more: lb })}
          error={error}
        />
      );
    case 'pressure':
      return <PressureField label={field.label} hint={field.hint} typed={typed} error={error} onTyped={onTyped} />;
    case 'time':
      return <TimeField label={field.label} value={value} error={error} onValue={onValue} />;
    case 'text':
      return (
        <Field
          label={field.label}
          hint={field.hint}
          value={shownText(value)}
          onChange={(e) => onValue(e.target.value)}
          error={error}
        />
      );
    case 'yes':
      return (
        <Asked error={error} hint={field.hint}>
          <Choice
            label={field.label}
            value={value === undefined ? 'open' : value === true ? 'yes' : 'no'}
            options={[
              { value: 'yes', label: field.yes ?? say(tell('web.yes')) },
              { value: 'no', label: field.no ?? say(tell('web.no')) },
            ]}
            onChange={(v) => onValue(v === 'yes')}
          />
        </Asked>
      );
    case 'choice':
      return (
        <Asked error={error} hint={field.hint}>
          <Choice
            label={field.label}
            stacked={field.stacked}
            value={shownText(value)}
            options={field.options.map(([v, label]) => ({ value: String(v), label }))}
            onChange={(v) => onValue(field.options.find(([o]) => String(o) === v)?.[0])}
          />
        </Asked>
      );
    case 'cylinder':
      return <CylinderField field={field} value={shownText(value)} error={error} onValue={onValue} />;
    case 'pieces':
      return <PiecesField label={field.label} value={value} error={error} onValue={onValue} />;
    case 'pairs':
      return <PairsField label={field.label} value={value} error={error} onValue={onValue} />;
    case 'troubles':
      return (
        <fieldset>
          <legend className="text-[13px] font-[600]">{field.label}</legend>
          {REUSE_TROUBLES.map((t) => {
            const on = Array.isArray(value) && value.includes(t);
            return (
              <button
                key={t}
                type="button"
                aria-pressed={on}
                onClick={() =>
                  onValue(on ? (value as string[]).filter((x) => x !== t) : [...((value as string[]) ?? []), t])
                }
                className={`touch mt-1 mr-1 cursor-pointer border-[1.5px] px-3 text-[14px] ${on ? 'border-oxide font-[650] text-oxide' : 'border-rule'}`}
              >
                {t}
              </button>
            );
          })}
        </fieldset>
      );
  }
}

function Asked({ error, hint, children }: { error: string | undefined; hint?: string; children: React.ReactNode }) {
  return (
    <div>
      {children}
      {error ? (
        <p role="alert" className="mt-0.5 text-[12.5px] font-[600] text-oxide">
          {error}
        </p>
      ) : hint ? (
        <p className="mt-0.5 text-[12.5px] text-ink2">{hint}</p>
      ) : null}
    </div>
  );
}

function CylinderField({
  field,
  value,
  error,
  onValue,
}: {
  field: Extract<EntryField, { kind: 'cylinder' }>;
  value: string;
  error: string | undefined;
  onValue: (v: string) => void;
}) {
  const { data } = useSWR<{ cylinders: Cylinder[] }>('/cylinders', get);
  const use: CylinderUse = field.use;
  const list = (data?.cylinders ?? []).filter((c) => c.use === use && c.state === 'in use');
  return (
    <Asked
      error={error}
      hint={data && list.length === 0 ? say(tell('web.no-cylinder-is-on-ledger-add', { use })) : undefined}
    >
      <Choice
        stacked
        label={field.label}
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
