import { type InputHTMLAttributes, type ReactNode, useId } from 'react';
import { unitShown } from '@/web/words/say';
import { t } from '@/web/words/tell';

type Props = {
  label: string;
  unit?: string;
  hint?: ReactNode;
  error?: string;
  allowed?: string;
  warning?: string;
} & InputHTMLAttributes<HTMLInputElement>;

/** One labelled input. An error says what is wrong and what is allowed, right under it; what was typed stays. */
export function Field({ label, unit, hint, error, allowed, warning, className = '', ...input }: Props) {
  const id = useId();
  return (
    <div className={className}>
      <label htmlFor={id} className="block text-[13px] font-[600]">
        {label}
      </label>
      <div
        className={`mt-0.5 flex items-center border-[1.5px] bg-sheet ${error ? 'border-oxide' : 'border-rule focus-within:border-ink'}`}
      >
        <input
          id={id}
          aria-invalid={error ? true : undefined}
          aria-describedby={`${id}-say`}
          autoComplete="off"
          className="touch w-full min-w-0 bg-transparent px-2.5 text-[17px] font-[600] outline-none placeholder:font-[450] placeholder:text-faint"
          {...input}
        />
        {unit ? <span className="pr-2.5 text-[13px] whitespace-nowrap text-ink2">{unitShown(unit)}</span> : null}
      </div>
      <p id={`${id}-say`} className="mt-0.5 min-h-[1.1em] text-[12.5px] leading-snug text-ink2">
        {error ? (
          <span className="font-[600] text-oxide">
            {error}
            {allowed ? t('web.allowed-2', { allowed }) : ''}
          </span>
        ) : warning ? (
          <span className="font-[600] text-ochre">{warning}</span>
        ) : (
          hint
        )}
      </p>
    </div>
  );
}
