import { Link } from 'react-router';
import { PLACE_WORDS, type Place } from '@/core/scope/survey/fact';
import type { PlaceState } from '@/core/scope/survey/survey';
import { useShowCurrent } from '@/web/kit/use-show-current';
import { readerNow, say } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** The survey as a walk: one station a place, in the order the house is walked; filled as it is answered. */
export function Walk({
  base,
  places,
  active,
  before,
}: {
  base: string;
  places: readonly PlaceState[];
  active: string;
  before: { done: number; all: number };
}) {
  const strip = useShowCurrent<HTMLElement>(active);
  const stations = places.filter((p) => p.applies);
  return (
    <nav
      ref={strip}
      aria-label={t('web.places')}
      className="-mx-4 overflow-x-auto border-b border-rule px-4 lg:-mx-7 lg:px-7"
    >
      <ol className="flex min-w-max lg:min-w-0">
        {stations.map((p, i) => (
          <Station
            key={p.place}
            to={`${base}/survey/${p.place}`}
            label={say(PLACE_WORDS[p.place as Place])}
            on={active === p.place}
            done={p.answered + p.notSeen}
            all={p.asked}
            blind={p.notSeen}
            first={i === 0}
          />
        ))}
        <Station
          to={`${base}/survey/before`}
          label={t('web.before-dismantling')}
          on={active === 'before'}
          done={before.done}
          all={before.all}
          blind={0}
          first={stations.length === 0}
        />
      </ol>
    </nav>
  );
}

const R = 11;

function Station({
  to,
  label,
  on,
  done,
  all,
  blind,
  first,
}: {
  to: string;
  label: string;
  on: boolean;
  done: number;
  all: number;
  blind: number;
  first: boolean;
}) {
  const share = all === 0 ? 1 : done / all;
  return (
    <li className="lg:min-w-0 lg:flex-1">
      <Link
        to={to}
        aria-current={on ? 'page' : undefined}
        aria-label={t('web.of-answered', { label, done, all, blind: blind ? t('web.not-seen-4', { blind }) : '' })}
        className="touch block w-[84px] px-0.5 pt-2 pb-1.5 text-center aria-[current=page]:bg-sheet aria-[current=page]:shadow-[inset_0_-4px_0_var(--copper)] lg:w-auto"
      >
        <svg height={R * 2 + 6} className="block w-full overflow-visible" aria-hidden="true">
          {first ? null : (
            <line
              x1="0"
              x2="50%"
              y1={R + 3}
              y2={R + 3}
              stroke="var(--ink2)"
              strokeWidth="1.5"
              strokeDasharray="1 5"
              strokeLinecap="round"
            />
          )}
          <line
            x1="50%"
            x2="100%"
            y1={R + 3}
            y2={R + 3}
            stroke="var(--ink2)"
            strokeWidth="1.5"
            strokeDasharray="1 5"
            strokeLinecap="round"
          />
          <svg x="50%" y="3" overflow="visible">
            <rect
              x={-R}
              y="0"
              width={R * 2}
              height={R * 2}
              fill="var(--paper)"
              stroke={on ? 'var(--copper)' : 'var(--ink2)'}
              strokeWidth={on ? 2.6 : 1.6}
            />
            <rect
              x={-R + 3}
              y={3 + (R * 2 - 6) * (1 - share)}
              width={R * 2 - 6}
              height={(R * 2 - 6) * share}
              fill={blind && share === 1 ? 'var(--ink2)' : 'var(--pine)'}
            />
          </svg>
        </svg>
        <span
          lang={readerNow().language}
          className={`mt-0.5 block hyphens-auto text-[12.5px] leading-[1.15] lg:narrow ${on ? 'font-[700]' : 'font-[520]'}`}
        >
          {label}
        </span>
        <span className="block text-[12px] text-ink2">
          {done}/{all}
        </span>
      </Link>
    </li>
  );
}
