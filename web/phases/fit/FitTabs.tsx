import { Link } from 'react-router';
import type { Finding } from '@/core/finding/finding';
import { worstOf } from '@/core/finding/order';
import { FIT_WORDS, type FitKind, judgeFit } from '@/core/fit/sheets';
import { fitContextOf } from '@/core/phases/scope/view';
import { pagesOf } from '@/web/api/circuit-path';
import { Mark } from '@/web/kit/Mark';
import { useShowCurrent } from '@/web/kit/use-show-current';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import type { JobView } from '../job-context';

type Props = { view: JobView; kind: FitKind; kinds: readonly FitKind[]; checks: readonly Finding[] };

/** The fit sheets of this job, each with where it stands. */
export function FitTabs({ view: { sheet }, kind, kinds, checks }: Props) {
  const strip = useShowCurrent<HTMLElement>(kind);
  const context = fitContextOf(sheet);
  const base = pagesOf(sheet);
  return (
    <nav
      ref={strip}
      aria-label={t('web.fit-sheets')}
      className="-mx-4 flex overflow-x-auto border-b border-rule px-4 lg:-mx-7 lg:px-7"
    >
      {kinds.map((k) => (
        <Link
          key={k}
          to={`${base}/fit/${k}`}
          aria-current={k === kind ? 'page' : undefined}
          className="touch flex shrink-0 items-center gap-2 border-b-[3px] border-transparent px-3 font-[560] aria-[current=page]:border-copper aria-[current=page]:font-[680]"
        >
          <Mark
            kind={k === kind ? worstOf(checks) : sheet.fits[k] ? worstOf(judgeFit(sheet.fits[k], context)) : 'to-come'}
            size={14}
          />
          {say(FIT_WORDS[k])}
        </Link>
      ))}
    </nav>
  );
}
