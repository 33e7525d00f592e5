import type { Label } from '@/core/words/said';
import { Choice } from '@/web/kit/Choice';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type SchoolSpec = {
  id: string;
  label: Label;
  options: readonly (readonly [string, Label])[];
  standard: string;
  reason: Label;
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
        label={say(s.label)}
        value={String(stored ?? s.standard)}
        options={s.options.map(([value, label]) => ({ value, label: say(label) }))}
        onChange={(v) => may && onSave({ [s.id]: v })}
      />
      <p className="text-[13.5px] leading-snug text-ink2">
        {t('web.default-2', { x: s.options.find(([v]) => v === s.standard)?.[1], reason: s.reason })}
      </p>
    </div>
  );
}
