import { Radio, RadioGroup } from '@headlessui/react';

type Option<T> = { value: T; label: string };

/** A few exclusive choices side by side, each a full touch target. */
export function Choice<T extends string | number>({
  label,
  value,
  options,
  onChange,
  stacked = false,
}: {
  label: string;
  value: T;
  options: readonly Option<T>[];
  onChange: (value: T) => void;
  stacked?: boolean;
}) {
  return (
    <div>
      <div className="text-[13px] font-[600]">{label}</div>
      <RadioGroup
        value={value}
        onChange={onChange}
        aria-label={label}
        className={`mt-0.5 flex ${stacked ? 'flex-col' : 'flex-wrap'}`}
      >
        {options.map((o) => (
          <Radio
            key={String(o.value)}
            value={o.value}
            className={`touch -mt-[1.5px] -ml-[1.5px] flex cursor-pointer items-center border-[1.5px] border-rule px-3 leading-tight font-[520] data-checked:z-10 data-checked:border-ink data-checked:bg-sheet data-checked:font-[680] ${stacked ? '' : 'data-checked:shadow-[inset_0_-4px_0_var(--copper)]'}`}
          >
            {stacked ? (
              <span className="mr-2 inline-block size-[13px] border-[2px] border-current [[data-checked]_&]:bg-copper" />
            ) : null}
            {o.label}
          </Radio>
        ))}
      </RadioGroup>
    </div>
  );
}
