import type { Finding } from '@/core/finding/finding';
import { worstOf } from '@/core/finding/order';
import { Mark } from '@/web/kit/Mark';
import { useShowCurrent } from '@/web/kit/use-show-current';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { PART_WORDS, WIRE_PARTS, type WirePart } from './parts';

type Props = {
  part: WirePart;
  findings: Readonly<Record<WirePart, readonly Finding[]>>;
  onPart: (part: WirePart) => void;
};

/** The parts of the wiring, each with where it stands. */
export function PartTabs({ part, findings, onPart }: Props) {
  const strip = useShowCurrent<HTMLDivElement>(part);
  return (
    <div
      ref={strip}
      role="tablist"
      aria-label={t('web.parts-of-the-wiring')}
      className="-mx-4 mb-3 flex overflow-x-auto border-b border-rule px-4 lg:-mx-5 lg:px-5"
    >
      {WIRE_PARTS.map((p) => (
        <button
          key={p}
          type="button"
          role="tab"
          aria-selected={p === part}
          aria-current={p === part ? 'page' : undefined}
          onClick={() => onPart(p)}
          className="touch flex shrink-0 cursor-pointer items-center gap-2 border-b-[3px] border-transparent px-3 font-[560] aria-selected:border-copper aria-selected:font-[680]"
        >
          <Mark kind={findings[p].length ? worstOf(findings[p]) : 'to-come'} size={14} />
          {say(PART_WORDS[p])}
        </button>
      ))}
    </div>
  );
}
