import type { Field } from '@/core/form/field';
import { Choice } from '@/web/kit/Choice';
import { Field as Input } from '@/web/kit/Field';
import { WeightField } from '@/web/kit/WeightField';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { Asked } from './Asked';
import { ChartField } from './ChartField';
import { CodeField } from './CodeField';
import { CylinderField } from './CylinderField';
import { PairsField } from './PairsField';
import { PeopleField } from './PeopleField';
import { PiecesField } from './PiecesField';
import { PressureField } from './PressureField';
import { TimeField } from './TimeField';
import type { Typed } from './typed';

const shownText = (v: unknown): string => (v === null || v === undefined ? '' : String(v));

type FieldProps = {
  field: Field;
  value: unknown;
  typed: Typed;
  error: string | undefined;
  onTyped: (typed: Typed) => void;
  onValue: (value: unknown) => void;
};

export function FieldOf({ field, value, typed, error, onTyped, onValue }: FieldProps) {
  const { shown } = field;
  const label = say(field.label);
  const hint = field.hint && say(field.hint);
  switch (shown.kind) {
    case 'number':
      return (
        <Input
          label={label}
          unit={shown.unit}
          hint={hint}
          inputMode="decimal"
          value={typed.text}
          onChange={(e) => onTyped({ text: e.target.value })}
          error={error}
        />
      );
    case 'weight':
      return (
        <WeightField
          label={label}
          hint={hint}
          value={{ lb: typed.more ?? '', oz: typed.text }}
          onChange={({ lb, oz }) => onTyped({ text: oz, more: lb })}
          error={error}
        />
      );
    case 'pressure':
      return <PressureField label={label} hint={hint} typed={typed} error={error} onTyped={onTyped} />;
    case 'time':
      return <TimeField label={label} value={value} error={error} onValue={onValue} />;
    case 'text':
      return (
        <Input
          label={label}
          hint={hint}
          value={shownText(value)}
          onChange={(e) => onValue(e.target.value)}
          error={error}
        />
      );
    case 'code':
      return <CodeField label={label} hint={hint} value={shownText(value)} error={error} onValue={onValue} />;
    case 'people':
      return <PeopleField label={label} hint={hint} value={value} error={error} onValue={onValue} />;
    case 'clock':
    case 'date':
      return (
        <Input
          type={shown.kind === 'date' ? 'date' : 'time'}
          label={label}
          hint={hint}
          value={shownText(value)}
          onChange={(e) => onValue(e.target.value)}
          error={error}
        />
      );
    case 'yes':
      return (
        <Asked error={error} hint={hint}>
          <Choice
            label={label}
            value={value === undefined ? 'open' : value === true ? 'yes' : 'no'}
            options={[
              { value: 'yes', label: t('web.yes') },
              { value: 'no', label: t('web.no') },
            ]}
            onChange={(v) => onValue(v === 'yes')}
          />
        </Asked>
      );
    case 'choice':
      return (
        <Asked error={error} hint={hint}>
          <Choice
            label={label}
            stacked={shown.stacked}
            value={value === undefined ? '' : String(value)}
            options={shown.options.map(([v, words]) => ({ value: String(v), label: say(words) }))}
            onChange={(v) => onValue(shown.options.find(([o]) => String(o) === v)?.[0])}
          />
        </Asked>
      );
    case 'cylinder':
      return <CylinderField label={label} use={shown.use} value={shownText(value)} error={error} onValue={onValue} />;
    case 'pieces':
      return <PiecesField label={label} value={value} error={error} onValue={onValue} />;
    case 'chart':
      return <ChartField label={label} hint={hint} value={shownText(value)} error={error} onValue={onValue} />;
    case 'pairs':
      return <PairsField label={label} value={value} error={error} onValue={onValue} />;
    case 'several':
      return (
        <fieldset>
          <legend className="text-[13px] font-[600]">{label}</legend>
          {shown.options.map(([option, words]) => {
            const on = Array.isArray(value) && value.includes(option);
            return (
              <button
                key={String(option)}
                type="button"
                aria-pressed={on}
                onClick={() =>
                  onValue(
                    on ? (value as unknown[]).filter((x) => x !== option) : [...((value as unknown[]) ?? []), option],
                  )
                }
                className={`touch mt-1 mr-1 cursor-pointer border-[1.5px] px-3 text-[14px] ${on ? 'border-copper font-[650] text-copper' : 'border-rule'}`}
              >
                {say(words)}
              </button>
            );
          })}
          {error ? (
            <p role="alert" className="text-[12.5px] font-[600] text-oxide">
              {error}
            </p>
          ) : null}
        </fieldset>
      );
    case 'hidden':
      return null;
  }
}
