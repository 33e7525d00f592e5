import type { Nested } from '@/core/phases/plan/metal';
import { t } from '@/web/words/tell';

/** Room between two sheets and around them, in. */
const ROOM_IN = 4;
const TEXT_IN = 4.2;
/** A letter is about so wide by its size: a name that does not go on its piece is left to the list. */
const LETTER_WIDE = 0.56;
/** What is left is worth keeping from this size on, in (common practice). */
const KEPT_IN = 6;

/** Each sheet with its pieces where they are cut out; the long side lies across. */
export function NestPicture({ nested: { sheets, sheetIn } }: { nested: Nested }) {
  const [high, wide] = sheetIn;
  if (sheets.length === 0) return null;
  const step = high + ROOM_IN;
  const kept = sheets.flatMap((s) => s.left.filter((l) => l.w >= KEPT_IN && l.h >= KEPT_IN));
  return (
    <>
      <svg
        viewBox={`0 0 ${wide + ROOM_IN} ${step * sheets.length + ROOM_IN}`}
        className="mt-1 w-full max-w-[420px]"
        role="img"
        aria-label={t('web.where-pieces-lie')}
        data-testid="nest-picture"
      >
        {sheets.map(({ cuts }, n) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a sheet is its place in the row
          <g key={n} transform={`translate(${ROOM_IN / 2} ${ROOM_IN / 2 + n * step})`}>
            <rect width={wide} height={high} fill="url(#nest-left)" stroke="var(--ink)" strokeWidth="0.5" />
            {cuts.map((c) => (
              <g key={`${c.x}-${c.y}`} transform={`translate(${c.y} ${c.x})`}>
                <rect width={c.h} height={c.w} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="0.7" />
                {c.name.length * TEXT_IN * LETTER_WIDE < c.h && TEXT_IN < c.w ? (
                  <text
                    x={c.h / 2}
                    y={c.w / 2}
                    fontSize={TEXT_IN}
                    textAnchor="middle"
                    dominantBaseline="central"
                    fill="var(--ink)"
                  >
                    {c.name}
                  </text>
                ) : null}
              </g>
            ))}
          </g>
        ))}
        <defs>
          <pattern id="nest-left" width="3" height="3" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <path d="M0 0V3" stroke="var(--rule)" strokeWidth="0.8" />
          </pattern>
        </defs>
      </svg>
      {kept.length ? (
        <p className="text-[13px] text-ink2">
          {t('web.offcuts-to-keep', { list: kept.map((l) => `${inches(l.h)} × ${inches(l.w)}`).join(', ') })}
        </p>
      ) : null}
    </>
  );
}

const inches = (v: number): string => String(Math.floor(v * 4) / 4);
