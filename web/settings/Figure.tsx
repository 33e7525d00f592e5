import { NumberCell } from '@/web/kit/NumberCell';

type FigureSpec = {
  id: string;
  label: string;
  unit: string;
  low: number;
  high: number;
  standard: number;
  reason: string;
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
  onSave: (change: Record<string, number>) => void;
}) {
  return (
    <div className="grid items-start gap-x-6 gap-y-1 border-b border-rule py-3 md:grid-cols-[1.5fr_1fr]">
      <div className="max-w-[260px]">
        <NumberCell
          label={f.label}
          unit={f.unit}
          value={Number(stored ?? f.standard)}
          disabled={!may}
          onCommit={(v) => {
            if (v === null || v < f.low || v > f.high)
              return `Outside the allowed range. Allowed: ${f.low} to ${f.high} ${f.unit}.`;
            onSave({ [f.id]: v });
            return undefined;
          }}
        />
      </div>
      <p className="text-[13.5px] leading-snug text-ink2">
        Default: {sign}
        {f.standard} {f.unit}. {f.reason}
      </p>
    </div>
  );
}
