import type { Report, ReportTable } from '@/core/job/report';
import { Mark, type MarkKind } from '@/web/kit/Mark';

const VERDICTS: Record<string, MarkKind> = {
  Good: 'good',
  'Look again': 'look-again',
  Stop: 'stop',
  'Not proven': 'not-proven',
};

/** The commissioning report as it will be printed: the same tables. */
export function ReportSheet({ report }: { report: Report }) {
  return (
    <article className="mx-auto max-w-[760px] pb-8">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h1 className="text-[26px]">{report.title}</h1>
        <span className={`ml-auto font-[620] ${report.status === 'signed' ? 'text-pine' : 'text-ochre'}`}>
          {report.statusSay}
        </span>
      </div>
      {report.simulated ? (
        <p className="mt-2 border-[1.5px] border-dashed border-copper px-3 py-1.5 font-[620] text-copper">
          {report.simulated}
        </p>
      ) : null}
      <dl className="mt-3 grid grid-cols-[110px_1fr] gap-x-4 text-[14.5px] sm:grid-cols-[140px_1fr]">
        {report.facts.map(([label, value]) => (
          <div key={label} className="contents">
            <dt className="py-[3px] text-ink2">{label}</dt>
            <dd className="py-[3px]">{value}</dd>
          </div>
        ))}
      </dl>
      {report.tables.map((t) => (
        <Table key={t.title} table={t} />
      ))}
      <h2 className="mt-6 text-[17px]">Notes</h2>
      <ul className="mt-1 list-disc pl-5 text-[14px]">
        {report.notes.map((n) => (
          <li key={n}>{n}</li>
        ))}
      </ul>
    </article>
  );
}

function Table({ table }: { table: ReportTable }) {
  return (
    <section className="mt-6">
      <h2 className="text-[17px]">{table.title}</h2>
      <div className="overflow-x-auto">
        <table className="mt-1 w-full text-[14px]">
          <thead>
            <tr className="border-b-[1.5px] border-ink text-left text-[12.5px] text-ink2">
              {table.columns.map((c) => (
                <th key={c} className="py-1 pr-3 font-[550]">
                  {c}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {table.rows.map((row, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: rows of a frozen report never move
              <tr key={i} className="border-b border-rule align-top">
                {row.map((cell, k) => (
                  <td
                    key={table.columns[k]}
                    className={`py-1 pr-3 ${k === 0 ? 'font-[600]' : ''} ${/^[−\d]/.test(cell) && cell.length < 22 ? 'whitespace-nowrap' : ''}`}
                  >
                    {VERDICTS[cell] ? (
                      <span className="flex items-center gap-1.5 whitespace-nowrap">
                        <Mark kind={VERDICTS[cell]} size={13} /> {cell}
                      </span>
                    ) : (
                      cell
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
