import { Link } from 'react-router';
import { day, q } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import type { Row } from './rows';

const HEADS = [
  tell('web.job-number'),
  tell('web.customer-and-system'),
  tell('web.unit-there'),
  tell('web.refrigerant'),
  tell('web.year-of-unit'),
  tell('web.when-done'),
  tell('web.hours-worked'),
  tell('web.over-plate'),
] as const;

/** Circuits of jobs as a table: what stands there, since when, and how the job went. */
export function RowTable({ rows }: { rows: readonly Row[] }) {
  return (
    <div className="mt-3 overflow-x-auto">
      <table className="w-full min-w-[820px] text-[14.5px]">
        <thead>
          <tr className="border-b-[1.5px] border-ink text-left text-[12.5px] text-ink2">
            {HEADS.map((h) => (
              <th key={h.id} className="py-1 pr-3 font-[550]">
                {say(h)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((r) => (
            <tr key={`${r.jobId}-${r.circuitId}`} className="border-b border-rule2 align-top" data-testid="memory-row">
              <td className="py-2 pr-3">
                <Link to={`/jobs/${r.jobId}`} className="font-[700] underline">
                  {r.number}
                </Link>
              </td>
              <td className="py-2 pr-3">
                {r.customer}
                <span className="block text-[13px] text-ink2">{r.systemName}</span>
              </td>
              <td className="py-2 pr-3">
                {r.unit ?? '–'}
                <span className="block text-[13px] text-ink2">
                  {t('web.tons-there', { tons: q(r.tons, 'tons', 'as is') })}
                </span>
              </td>
              <td className="py-2 pr-3">{r.refrigerant ?? '–'}</td>
              <td className="py-2 pr-3">{r.year ?? '–'}</td>
              <td className="py-2 pr-3 whitespace-nowrap">
                {r.doneOn ? t('web.figure-of-row', { it: day(r.doneOn) }) : '–'}
              </td>
              <td className="py-2 pr-3">{t('web.figure-of-row', { it: q(r.workedH, 'h', 1) })}</td>
              <td className="py-2 pr-3">{t('web.figure-of-row', { it: q(r.overPlateOz, 'oz', 1) })}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
