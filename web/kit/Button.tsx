import type { ButtonHTMLAttributes } from 'react';

type Props = ButtonHTMLAttributes<HTMLButtonElement> & { tone?: 'primary' | 'plain' | 'quiet' | 'stop' };

const TONES = {
  primary: 'bg-copper text-on-copper font-[650] px-6',
  plain: 'border-[1.5px] border-ink text-ink font-[600] px-4 bg-transparent',
  quiet: 'text-copper font-[600] px-2 underline decoration-1 underline-offset-4',
  stop: 'border-[1.5px] border-oxide text-oxide font-[650] px-4',
};

/** A square-cornered button, at least 48 px high; copper is for the one thing to touch. */
export function Button({ tone = 'plain', className = '', type = 'button', ...rest }: Props) {
  return (
    <button
      type={type}
      className={`touch inline-flex cursor-pointer items-center justify-center gap-2 rounded-[3px] leading-tight disabled:cursor-default disabled:opacity-45 ${TONES[tone]} ${className}`}
      {...rest}
    />
  );
}
