import { useId } from 'react';
import { t } from '@/web/words/tell';
import { numberFromText } from './number-text';
import { type Taken, useCell } from './use-cell';

type Props = {
  label: string;
  unit?: string;
  value: number | null | undefined;
  /** Null when the cell is emptied and that is allowed. */
  onCommit: (value: number | null) => Taken;
  nullable?: boolean;
  /** Nobody measured it: drawn with a dashed edge. */
  assumed?: boolean;
  hideLabel?: boolean;
  disabled?: boolean;
  hint?: string;
};

const text = (v: number | null | undefined): string =>
  v === null || v === undefined ? '' : String(Math.round(v * 1000) / 1000);

/** One number that is taken when the field is left or Enter is pressed; what cannot be used stays, with what is allowed. */
export function NumberCell({
  label,
  unit,
  value,
  onCommit,
  nullable = false,
  assumed = false,
  hideLabel = false,
  disabled = false,
  hint,
}: Props) {
  const id = useId();
  const { typed, error, type, say, commit } = useCell((typed) => {
    if (typed.trim() === '') return nullable ? onCommit(null) : undefined;
    const number = numberFromText(typed);
    return number === undefined ? t('web.is-not-plain-number-leave-unit', { typed }) : onCommit(number);
  });

  return (
    <div>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'block truncate text-[13px] font-[600]'} title={label}>
        {label}
      </label>
      <div
        className={`flex items-center border-[1.5px] bg-sheet ${hideLabel ? '' : 'mt-0.5'} ${error ? 'border-oxide' : assumed ? 'border-dashed border-ink2' : 'border-rule focus-within:border-ink'}`}
      >
        <input
          id={id}
          value={typed ?? text(value)}
          disabled={disabled}
          inputMode="decimal"
          autoComplete="off"
          placeholder={nullable ? '–' : ''}
          aria-invalid={error ? true : undefined}
          aria-describedby={`${id}-say`}
          onChange={(e) => type(e.target.value)}
          onBlur={() => !error && commit()}
          onKeyDown={(e) => {
            if (e.key === 'Enter') {
              e.preventDefault();
              commit();
            }
          }}
          className={`touch w-full min-w-0 bg-transparent px-2.5 text-[16px] outline-none placeholder:text-faint disabled:opacity-60 ${assumed ? 'font-[450] text-ink2 italic' : 'font-[620]'}`}
        />
        {unit ? <span className="pr-2 text-[12.5px] whitespace-nowrap text-ink2">{unit}</span> : null}
        {assumed && !disabled && typeof value === 'number' && typed === undefined ? (
          <button
            type="button"
            aria-label={t('web.measured-as-it-stands', { label })}
            onClick={() => {
              const taken = onCommit(value);
              say(typeof taken === 'string' ? taken : undefined);
            }}
            className="touch cursor-pointer border-l border-dashed border-ink2 px-2 text-[12.5px] font-[600] text-copper"
          >
            {t('web.confirm')}
          </button>
        ) : null}
      </div>
      <p
        id={`${id}-say`}
        role={error ? 'alert' : undefined}
        className="text-[12.5px] leading-snug text-ink2 empty:hidden"
      >
        {error ? <span className="font-[600] text-oxide">{error}</span> : hint}
      </p>
    </div>
  );
}
