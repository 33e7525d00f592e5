import type { Label } from '@/core/words/said';
import { NumberCell } from '@/web/kit/NumberCell';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type FigureSpec = {
  id: string;
  label: Label;
  unit: Label;
  low: number;
  high: number;
  standard: number;
  reason: Label;
};

/** A figure of the company's own: its range is told when it is left, the default stands beside it. */
export function Figure({
  figure: f,
  sign,
  stored,
  may,
  onSave,
}: {
  figure: FigureSpec;
  sign: string;
  stored: string | number | undefined;
  may: boolean;
  onSave: (change: Record<string, number>) => Promise<boolean>;
}) {
  return (
    <div className="grid items-start gap-x-6 gap-y-1 border-b border-rule py-3 md:grid-cols-[1.5fr_1fr]">
      <div className="max-w-[260px]">
        <NumberCell
          label={say(f.label)}
          unit={say(f.unit)}
          value={Number(stored ?? f.standard)}
          disabled={!may}
          onCommit={(v) => {
            if (v === null || v < f.low || v > f.high)
              return t('web.outside-allowed-range-allowed-to', { low: f.low, high: f.high, unit: f.unit });
            return onSave({ [f.id]: v });
          }}
        />
      </div>
      <p className="text-[13.5px] leading-snug text-ink2">
        {t('web.default', { sign, standard: f.standard, unit: f.unit, reason: f.reason })}
      </p>
    </div>
  );
}
