import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { t } from '@/web/words/tell';
import { type Typed, VACUUM } from './typed';

type Props = {
  label: string;
  hint?: string;
  typed: Typed;
  error: string | undefined;
  onTyped: (typed: Typed) => void;
};

/** A gauge that may stand in vacuum: pounds, or inches of mercury typed without a minus. */
export function PressureField({ label, hint, typed, error, onTyped }: Props) {
  const unit = typed.more === VACUUM ? VACUUM : 'psig';
  return (
    <div className="grid grid-cols-[1fr_auto] items-start gap-2">
      <Field
        label={label}
        unit={unit === VACUUM ? 'inHg' : 'psig'}
        hint={hint}
        inputMode="decimal"
        value={typed.text}
        onChange={(e) => onTyped({ ...typed, text: e.target.value })}
        error={error}
      />
      <div className="[&_div:first-child]:sr-only">
        <p aria-hidden="true" className="h-[19.5px]" />
        <Choice
          label={t('web.unit', { label })}
          value={unit}
          options={[
            { value: 'psig', label: 'psig' },
            { value: VACUUM, label: t('web.vacuum') },
          ]}
          onChange={(more) => onTyped({ ...typed, more })}
        />
      </div>
    </div>
  );
}
