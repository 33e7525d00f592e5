import { useId, useState } from 'react';

type Props = {
  label: string;
  value: string;
  /** A text it returns says why the words cannot be used. */
  onCommit: (value: string) => unknown;
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
  // What is being typed, and nothing otherwise: an answer that lands meanwhile cannot take its place.
  const [typed, setTyped] = useState<string>();
  const [error, setError] = useState<string>();
  function commit(): void {
    if (typed === undefined) return;
    const tidy = typed.trim();
    const refused = tidy === value || (required && tidy === '') ? undefined : onCommit(tidy);
    setError(typeof refused === 'string' ? refused : undefined);
    if (typeof refused !== 'string') setTyped(undefined);
  }
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
        onChange={(e) => {
          setError(undefined);
          setTyped(e.target.value);
        }}
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
