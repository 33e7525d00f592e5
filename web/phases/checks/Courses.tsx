import type { CheckRow } from '@/core/phases/checks/row';
import type { Said } from '@/core/words/said';
import { Mark } from '@/web/kit/Mark';
import { say } from '@/web/words/say';

/** One part of the work with its checks. */
export type Group = { id: string; title: Said; rows: readonly CheckRow[] };

/** The whole sheet at a glance: one course of marks for each part of the work, as they are laid. */
export function Courses({ groups }: { groups: readonly Group[] }) {
  return (
    <ul className="grid gap-x-6 border-[1.5px] border-rule bg-sheet/60 px-3 py-1.5 sm:grid-cols-2">
      {groups.map(({ id, title, rows }) => (
        <li key={id}>
          <a href={`#checks-${id}`} className="touch flex items-center justify-between gap-3">
            <span className="text-[15px] font-[620]">{say(title)}</span>
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
