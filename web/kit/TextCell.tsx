import { useId } from 'react';
import { type Taken, useCell } from './use-cell';

type Props = {
  label: string;
  value: string;
  /** A text it returns says why the words cannot be used. */
  onCommit: (value: string) => Taken;
  hideLabel?: boolean;
  required?: boolean;
  most?: number;
  disabled?: boolean;
};

/** A few words that are taken when the field is left; what cannot be used stays, with what is allowed. */
export function TextCell({
  label,
  value,
  onCommit,
  hideLabel = false,
  required = false,
  most = 200,
  disabled = false,
}: Props) {
  const id = useId();
  const { typed, error, type, commit } = useCell((typed) => {
    const tidy = typed.trim();
    return tidy === value || (required && tidy === '') ? undefined : onCommit(tidy);
  });
  return (
    <div>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'block truncate text-[13px] font-[600]'}>
        {label}
      </label>
      <input
        id={id}
        value={typed ?? value}
        maxLength={most}
        disabled={disabled}
        aria-invalid={error ? true : undefined}
        onChange={(e) => type(e.target.value)}
        onBlur={() => !error && commit()}
        className={`touch w-full border-[1.5px] bg-sheet px-2.5 text-[16px] font-[560] outline-none focus:border-ink disabled:opacity-60 ${hideLabel ? '' : 'mt-0.5'} ${error ? 'border-oxide' : 'border-rule'}`}
      />
      {error ? (
        <p role="alert" className="text-[12.5px] leading-snug font-[600] text-oxide">
          {error}
        </p>
      ) : null}
    </div>
  );
}
