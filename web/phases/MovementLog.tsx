import { format, parseISO } from 'date-fns';
import { movementsOf } from '@/core/job/charge-sheet';
import type { JobSheet } from '@/core/job/sheet';
import { shown } from '@/core/units/format';

const WORDS: Record<string, string> = { 'weigh-in': 'Weighed in', trim: 'Trim added', recover: 'Recovered' };

/** Every ounce that moved, newest first, with its source. */
export function MovementLog({ sheet }: { sheet: JobSheet }) {
  const list = [...movementsOf(sheet.measurements)].reverse();
  if (list.length === 0) return null;
  return (
    <section aria-label="Refrigerant log">
      <h2 className="text-[15px] font-[680]">Refrigerant log</h2>
      <ul className="mt-1">
        {list.map((m) => (
          <li key={m.id} className="grid grid-cols-[1fr_auto] gap-2 border-b border-rule2 py-1.5">
            <span>
              {WORDS[m.stage] ?? m.stage}
              <span className="block text-[13px] text-ink2">
                {format(parseISO(m.occurredAt), 'HH:mm')}, {m.person}, {m.source}
              </span>
            </span>
            <b className="font-[640]">
              {shown(m.value, 'oz')} <small className="font-[450] text-ink2">oz</small>
            </b>
          </li>
        ))}
      </ul>
    </section>
  );
}
