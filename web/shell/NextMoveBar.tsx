import { type ReactNode, useContext } from 'react';
import { Mark, type MarkKind } from '@/web/kit/Mark';
import { t } from '@/web/words/tell';
import { CircuitTag } from './circuit-tag';

/** One sentence, one button, the because underneath. */
export function NextMoveBar({
  kind,
  say: sentence,
  because,
  children,
}: {
  kind: MarkKind;
  say: string;
  because: string;
  children?: ReactNode;
}) {
  const tag = useContext(CircuitTag);
  return (
    <section
      aria-label={t('web.next-move')}
      data-testid="next-move"
      className="flex flex-col gap-2 border-t-[1.5px] border-ink bg-sheet px-4 py-2.5 pb-[max(10px,env(safe-area-inset-bottom))] sm:flex-row sm:items-center sm:gap-5 lg:min-h-[84px] lg:px-5"
    >
      <div className="flex min-w-0 items-start gap-3.5 sm:items-center">
        <Mark kind={kind} size={28} />
        <p className="min-w-0 text-[18px] leading-tight font-[640] lg:text-[20px]" style={{ fontStretch: '93%' }}>
          {tag ? <span className="mr-2 text-copper">{tag}:</span> : null}
          {sentence}
          <small
            className="mt-1 line-clamp-2 block text-[13.5px] leading-snug font-[450] text-ink2"
            style={{ fontStretch: '100%' }}
          >
            {because}
          </small>
        </p>
      </div>
      <div className="flex shrink-0 items-center justify-end gap-3 sm:ml-auto [&>button]:flex-1 [&>button]:text-[17px] sm:[&>button]:flex-none [&>button]:lg:min-h-[56px]">
        {children}
      </div>
    </section>
  );
}
