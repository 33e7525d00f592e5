import { useId } from 'react';
import { t } from '@/web/words/tell';
import type { WeightText } from './weight-text';

type Props = {
  label: string;
  value: WeightText;
  onChange: (value: WeightText) => void;
  hint?: string;
  error?: string;
  allowed?: string;
};

/** A weight in pounds and ounces, as a scale shows it; ounces alone do as well. */
export function WeightField({ label, value, onChange, hint, error, allowed }: Props) {
  const id = useId();
  const box = (part: keyof WeightText) => (
    <div
      className={`flex flex-1 items-center border-[1.5px] bg-sheet ${error ? 'border-oxide' : 'border-rule focus-within:border-ink'}`}
    >
      <input
        id={part === 'oz' ? id : undefined}
        aria-label={part === 'lb' ? t('web.lb-2', { label }) : undefined}
        aria-invalid={error ? true : undefined}
        aria-describedby={`${id}-say`}
        autoComplete="off"
        inputMode="decimal"
        value={value[part]}
        onChange={(e) => onChange({ ...value, [part]: e.target.value })}
        className="touch w-full min-w-0 bg-transparent px-2.5 text-[17px] font-[600] outline-none"
      />
      <span className="pr-2.5 text-[13px] text-ink2">{part}</span>
    </div>
  );
  return (
    <div>
      <label htmlFor={id} className="block text-[13px] font-[600]">
        {label}
      </label>
      <div className="mt-0.5 flex gap-2">
        {box('lb')}
        {box('oz')}
      </div>
      <p id={`${id}-say`} className="mt-0.5 min-h-[1.1em] text-[12.5px] leading-snug text-ink2">
        {error ? (
          <span className="font-[600] text-oxide">
            {error}
            {allowed ? t('web.allowed-2', { allowed }) : ''}
          </span>
        ) : (
          hint
        )}
      </p>
    </div>
  );
}
