import { CHART_EXAMPLE, type MakerChart, readChart } from '@/core/equipment/chart/read-chart';
import { list, value as word } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type Props = {
  label: string;
  hint: string | undefined;
  value: string;
  error: string | undefined;
  onValue: (v: string) => void;
};

/** A maker's chart as text: what cannot be read is told by its line while it is typed, what is read by its size. */
export function ChartField({ label, hint, value, error, onValue }: Props) {
  const read = value.trim() ? readChart(value) : undefined;
  const trouble = read && !read.ok ? say(read.refused) : error;
  return (
    <label className="block">
      <span className="text-[13px] font-[600]">{label}</span>
      <textarea
        rows={6}
        wrap="off"
        spellCheck={false}
        value={value}
        placeholder={CHART_EXAMPLE}
        onChange={(e) => onValue(e.target.value)}
        aria-invalid={trouble ? true : undefined}
        className="mt-0.5 w-full border-[1.5px] border-rule bg-sheet p-2.5 text-[15px] tabular-nums outline-none focus:border-ink"
      />
      <span className={`block text-[12.5px] ${trouble ? 'font-[600] text-oxide' : 'text-ink2'}`}>
        {trouble ?? (read?.ok ? sizeOf(read.chart) : hint)}
      </span>
    </label>
  );
}

const sizeOf = ({ rows }: MakerChart): string =>
  t('web.points-of-chart', {
    count: rows.length,
    calls: list([...new Set(rows.map((r) => r.call))].map(word)),
  });
