import { t } from '@/web/words/tell';

/** One new piece, out of the library. */
export function PickUnit({
  label,
  value,
  options,
  onPick,
  disabled,
  none = t('web.not-chosen'),
}: {
  label: string;
  value: string | null;
  options: [string, string][];
  onPick: (id: string | null) => void;
  disabled: boolean;
  none?: string;
}) {
  return (
    <label className="block min-w-0">
      <span className="block text-[13px] font-[600]">{label}</span>
      <select
        value={value ?? ''}
        disabled={disabled}
        onChange={(e) => onPick(e.target.value || null)}
        className="touch mt-0.5 w-full border-[1.5px] border-rule bg-sheet px-2 text-[16px] font-[600] outline-none focus:border-ink"
      >
        <option value="">{none}</option>
        {options.map(([id, text]) => (
          <option key={id} value={id}>
            {text}
          </option>
        ))}
      </select>
    </label>
  );
}
