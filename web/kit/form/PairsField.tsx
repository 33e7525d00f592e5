import { useState } from 'react';
import { numberFromText } from '@/web/kit/number-text';
import { t } from '@/web/words/tell';

/** Reads "0 300, 5 340, 10 372", one pair a line or separated by commas or semicolons. */
export function pairsOf(text: string): { pairs: [number, number][]; bad: string | undefined } {
  const pairs: [number, number][] = [];
  for (const part of text.split(/[\n;]|,(?=\s*\d+(?:\.\d+)?\s+\d)/)) {
    const words = part
      .trim()
      .split(/[\s:]+/)
      .filter(Boolean);
    if (words.length === 0) continue;
    const [minute, microns] = words.map((w) => numberFromText(w));
    if (words.length !== 2 || minute === undefined || microns === undefined) return { pairs, bad: part.trim() };
    pairs.push([minute, microns]);
  }
  return { pairs, bad: undefined };
}

/** A few readings by hand: a minute and microns on each line. */
export function PairsField({
  label,
  value,
  error,
  onValue,
}: {
  label: string;
  value: unknown;
  error: string | undefined;
  onValue: (v: [number, number][]) => void;
}) {
  const [text, setText] = useState(() =>
    (Array.isArray(value) ? (value as [number, number][]) : []).map(([t, v]) => `${t} ${v}`).join('\n'),
  );
  const { bad } = pairsOf(text);
  return (
    <label className="block">
      <span className="text-[13px] font-[600]">{label}</span>
      <textarea
        rows={8}
        value={text}
        placeholder={'0 290\n1 300\n5 320\n10 335'}
        onChange={(e) => {
          setText(e.target.value);
          onValue(pairsOf(e.target.value).pairs);
        }}
        className="mt-0.5 w-full border-[1.5px] border-rule bg-sheet p-2.5 text-[17px] font-[600] outline-none focus:border-ink"
      />
      <span className="block text-[12.5px] text-ink2">
        {bad ? (
          <span className="font-[600] text-oxide">{t('web.is-not-minute-and-reading', { bad })}</span>
        ) : error ? (
          <span className="font-[600] text-oxide">{error}</span>
        ) : (
          t('web.one-reading-line-minute-then-microns')
        )}
      </span>
    </label>
  );
}
