import { inkSvg } from '@/contract/ink-svg';
import { VERDICT_WORDS, type Verdict } from '@/core/finding/finding';
import { chartSvg } from '@/core/job/chart-svg';
import type { ReportPicture } from '@/core/job/report-parts';
import type { Report, ReportTable } from '@/core/phases/report';
import { type Cell, isSaid, moment, type Said } from '@/core/words/said';
import { Mark } from '@/web/kit/Mark';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** A cell that is a verdict carries its mark. */
const verdictIn = (cell: Cell): Verdict | undefined =>
  isSaid(cell) ? VERDICTS.find((v) => VERDICT_WORDS[v].id === cell.id) : undefined;
const VERDICTS = Object.keys(VERDICT_WORDS) as Verdict[];

/** From here on the whole record stands open; on a phone its first page comes first. */
const WIDE = '(min-width: 1024px)';

/** The commissioning report as it will be printed: the same tables. */
export function ReportSheet({ report }: { report: Report }) {
  return (
    <article className="mx-auto max-w-[760px] pb-8">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h1 className="text-[26px]">{say(report.title)}</h1>
        <span className={`ml-auto font-[620] ${report.status === 'signed' ? 'text-pine' : 'text-ochre'}`}>
          {say(report.statusSay)}
        </span>
      </div>
      {report.simulated ? (
        <p className="mt-2 border-[1.5px] border-dashed border-copper px-3 py-1.5 font-[620] text-copper">
          {say(report.simulated)}
        </p>
      ) : null}
      <FirstPage report={report} />
      <dl className="mt-3 grid grid-cols-[110px_1fr] gap-x-4 text-[14.5px] sm:grid-cols-[140px_1fr]">
        {report.facts.map(([label, value]) => (
          <div key={say(label)} className="contents">
            <dt className="py-[3px] text-ink2">{say(label)}</dt>
            <dd className="py-[3px]">{say(value)}</dd>
          </div>
        ))}
      </dl>
      <details open={window.matchMedia(WIDE).matches} className="mt-4">
        <summary className="touch cursor-pointer py-2 font-[640] lg:hidden">
          {t('web.the-whole-record', { n: report.tables.length })}
        </summary>
        {report.tables.map((t) =>
          t.pictures ? (
            <Pictures key={say(t.title)} title={t.title} pictures={t.pictures} />
          ) : (
            <Table key={say(t.title)} table={t} />
          ),
        )}
      </details>
      <h2 className="mt-6 text-[17px]">{t('web.notes')}</h2>
      <ul className="mt-1 list-disc pl-5 text-[14px]">
        {report.notes.map((n) => (
          <li key={say(n)}>{say(n)}</li>
        ))}
      </ul>
    </article>
  );
}

/** Five lines and the curves, as they stand on the first page. */
function FirstPage({ report: { five, charts, takenOver } }: { report: Report }) {
  if (!five) return null;
  return (
    <>
      <dl className="mt-3 border-t-[1.5px] border-ink" data-testid="five-lines">
        {five.map((l) => (
          <div key={l.id} className="grid gap-x-4 border-b border-rule py-2 sm:grid-cols-[110px_1fr]">
            <dt className="font-[680]">{say(l.label)}</dt>
            <dd className="leading-snug">{l.said.map((it) => say(it)).join(' ')}</dd>
          </div>
        ))}
      </dl>
      {takenOver ? (
        <div className="mt-2 flex flex-wrap items-center gap-3 text-[14px]">
          {takenOver.ink ? (
            <img
              src={`data:image/svg+xml;charset=utf-8,${encodeURIComponent(inkSvg(takenOver.ink))}`}
              alt=""
              className="h-[52px] border-b-[1.5px] border-ink bg-sheet"
            />
          ) : null}
          <span>
            {say(takenOver.say)} {takenOver.since ? say(takenOver.since) : null}
          </span>
        </div>
      ) : null}
      {charts?.length ? (
        <div className="mt-4 grid gap-4 sm:grid-cols-2">
          {charts.map((c) => (
            <figure key={say(c.title)} className="min-w-0">
              <figcaption className="text-[14px] font-[650]">{say(c.title)}</figcaption>
              <img
                src={`data:image/svg+xml;charset=utf-8,${encodeURIComponent(chartSvg(c, say))}`}
                alt={say(c.title)}
                className="w-full"
              />
            </figure>
          ))}
        </div>
      ) : null}
    </>
  );
}

/** Pictures at their place: what each shows, who took it and when. */
function Pictures({ title, pictures }: { title: Said; pictures: readonly ReportPicture[] }) {
  return (
    <section className="mt-6">
      <h2 className="text-[17px]">{say(title)}</h2>
      <div className="mt-1 grid grid-cols-2 gap-3 sm:grid-cols-4">
        {pictures.map((p) => (
          <figure key={p.id} className="min-w-0">
            <a href={`/api/photos/${p.id}/image`} target="_blank" rel="noreferrer">
              <img
                src={`/api/photos/${p.id}/thumbnail`}
                alt={say(p.say)}
                loading="lazy"
                className="aspect-[4/3] w-full border border-ink object-cover"
              />
            </a>
            <figcaption className="mt-0.5 text-[12.5px] leading-snug text-ink2">
              {say(p.say)}, {p.by}, {say(moment(p.at))}
            </figcaption>
          </figure>
        ))}
      </div>
    </section>
  );
}

function Table({ table }: { table: ReportTable }) {
  return (
    <section className="mt-6">
      <h2 className="text-[17px]">{say(table.title)}</h2>
      <div className="overflow-x-auto">
        <table className="mt-1 w-full text-[14px]">
          <thead>
            <tr className="border-b-[1.5px] border-ink text-left text-[12.5px] text-ink2">
              {table.columns.map((c) => (
                <th key={say(c)} className="py-1 pr-3 font-[550]">
                  {say(c)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {table.rows.map((row, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: rows of a frozen report never move
              <tr key={i} className="border-b border-rule align-top">
                {row.map((cell, k) => {
                  const verdict = verdictIn(cell);
                  const text = say(cell);
                  const short = /^[−\d]/.test(text) && text.length < 22;
                  return (
                    <td
                      key={say(table.columns[k])}
                      className={`py-1 pr-3 ${k === 0 ? 'font-[600]' : ''} ${short ? 'whitespace-nowrap' : ''}`}
                    >
                      {verdict ? (
                        <span className="flex items-center gap-1.5 whitespace-nowrap">
                          <Mark kind={verdict} size={13} /> {text}
                        </span>
                      ) : (
                        text
                      )}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
