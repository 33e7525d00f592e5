import { Choice } from '@/web/kit/Choice';

type SchoolSpec = {
  id: string;
  label: string;
  options: readonly (readonly [string, string])[];
  standard: string;
  reason: string;
};

/** One school: its options, the default and why. */
export function School({
  school: s,
  stored,
  may,
  onSave,
}: {
  school: SchoolSpec;
  stored: string | number | undefined;
  may: boolean;
  onSave: (change: Record<string, string>) => void;
}) {
  return (
    <div className="grid gap-x-6 gap-y-1 border-b border-rule py-3 md:grid-cols-[1.5fr_1fr]">
      <Choice
        label={s.label}
        value={String(stored ?? s.standard)}
        options={s.options.map(([value, label]) => ({ value, label }))}
        onChange={(v) => may && onSave({ [s.id]: v })}
      />
      <p className="text-[13.5px] leading-snug text-ink2">
        Default: {s.options.find(([v]) => v === s.standard)?.[1]}. {s.reason}
      </p>
    </div>
  );
}
