import { Plus, X } from 'lucide-react';
import { Button } from '@/web/kit/Button';
import { NumberCell } from '@/web/kit/NumberCell';
import { t } from '@/web/words/tell';

/** As it is typed: length and way are empty until somebody says them. */
type Piece = { ft: number | null; way: 'along' | 'up' | 'down' | null };
const WAYS: [NonNullable<Piece['way']>, string][] = [
  ['along', t('web.along')],
  ['up', t('web.up')],
  ['down', t('web.down')],
];
const LEAST_FT = 0.5;
const MOST_FT = 300;

/** The pieces of a line set in their order, each with its length and its way. */
export function PiecesField({
  label,
  value,
  error,
  onValue,
}: {
  label: string;
  value: unknown;
  error: string | undefined;
  onValue: (v: Piece[]) => void;
}) {
  const pieces = (Array.isArray(value) ? value : []) as Piece[];
  const put = (i: number, change: Partial<Piece>): void =>
    onValue(pieces.map((p, k) => (k === i ? { ...p, ...change } : p)));
  return (
    <fieldset data-testid="pieces">
      <legend className="text-[13px] font-[600]">{label}</legend>
      {pieces.map((p, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: pieces have no name but their place
        <div key={i} className="mt-1 grid grid-cols-[1fr_auto_48px] items-start gap-1.5">
          <NumberCell
            label={t('web.piece', { i: i + 1 })}
            hideLabel
            unit="ft"
            value={p.ft}
            onCommit={(v) => {
              if (v === null || v < LEAST_FT || v > MOST_FT)
                return t('web.allowed-to-ft', { leastFt: LEAST_FT, mostFt: MOST_FT });
              put(i, { ft: v });
              return undefined;
            }}
          />
          <span className="flex">
            {WAYS.map(([way, word]) => (
              <button
                key={way}
                type="button"
                aria-pressed={p.way === way}
                aria-label={t('web.piece-2', { i: i + 1, word: word.toLowerCase() })}
                onClick={() => put(i, { way })}
                className={`touch -ml-[1.5px] cursor-pointer border-[1.5px] px-2.5 text-[14px] ${p.way === way ? 'z-10 border-ink bg-sheet font-[680] shadow-[inset_0_-4px_0_var(--copper)]' : 'border-rule'}`}
              >
                {word}
              </button>
            ))}
          </span>
          <button
            type="button"
            aria-label={t('web.take-piece-out', { i: i + 1 })}
            onClick={() => onValue(pieces.filter((_, k) => k !== i))}
            className="touch grid cursor-pointer place-items-center disabled:opacity-30"
          >
            <X size={18} />
          </button>
        </div>
      ))}
      <Button tone="quiet" className="mt-1" onClick={() => onValue([...pieces, { ft: null, way: null }])}>
        <Plus size={16} /> {t('web.add-piece')}
      </Button>
      {error ? <p className="text-[12.5px] font-[600] text-oxide">{error}</p> : null}
    </fieldset>
  );
}
