import { GROUP_WORDS, type SetGroup } from '@/core/phases/set/asks';
import type { SetRow } from '@/core/phases/set/view';
import { Mark } from '@/web/kit/Mark';
import { say } from '@/web/words/say';

/** The whole sheet at a glance: one course of marks for each part of the work, as they are laid. */
export function Courses({ groups }: { groups: readonly (readonly [SetGroup, readonly SetRow[]])[] }) {
  return (
    <ul className="grid gap-x-6 border-[1.5px] border-rule bg-sheet/60 px-3 py-1.5 sm:grid-cols-2">
      {groups.map(([group, rows]) => (
        <li key={group}>
          <a href={`#set-${group}`} className="touch flex items-center justify-between gap-3">
            <span className="text-[15px] font-[620]">{say(GROUP_WORDS[group])}</span>
            <span className="flex flex-wrap justify-end gap-1" aria-hidden>
              {rows.map((r) => (
                <Mark key={r.check.id} kind={r.finding.verdict} size={14} />
              ))}
            </span>
          </a>
        </li>
      ))}
    </ul>
  );
}
