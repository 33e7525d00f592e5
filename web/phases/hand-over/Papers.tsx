import { isEquipped, type JobSheet } from '@/core/job/sheet';
import { READINGS } from '@/core/phases/readings';
import { value } from '@/core/words/said';
import { paperOf } from '@/web/api/circuit-path';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

/** The record on paper: as each reader needs it, and the label of the unit. */
export function Papers({ sheet, reported }: { sheet: JobSheet; reported: boolean }) {
  const pdf = `/api/jobs/${sheet.job.id}/report.pdf`;
  return (
    <section aria-label={say(tell('web.papers'))}>
      <h2 className="text-[15px] font-[680]">{say(tell('web.papers'))}</h2>
      <div className="mt-1 flex flex-wrap gap-2">
        {reported
          ? READINGS.map((r) => (
              <Paper
                key={r}
                href={r === 'file' ? pdf : `${pdf}?reading=${r}`}
                label={r === 'file' ? say(tell('web.report-as-pdf')) : say(tell('web.paper-for', { who: value(r) }))}
              />
            ))
          : null}
        {isEquipped(sheet) ? (
          <Paper href={paperOf(sheet, 'label.pdf')} label={say(tell('web.label-of-the-unit'))} />
        ) : null}
      </div>
    </section>
  );
}

const Paper = ({ href, label }: { href: string; label: string }) => (
  <a
    href={href}
    target="_blank"
    rel="noreferrer"
    className="touch inline-flex items-center rounded-[3px] border-[1.5px] border-ink px-3.5 font-[600]"
  >
    {label}
  </a>
);
