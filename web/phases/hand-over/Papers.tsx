import { may } from '@/core/job/permissions';
import { isEquipped, type JobSheet } from '@/core/job/sheet';
import { READINGS, type Reading } from '@/core/phases/readings';
import { value } from '@/core/words/said';
import { paperOf } from '@/web/api/circuit-path';
import { useConnection } from '@/web/api/connection';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import type { JobView } from '../job-context';

/** The record on paper: as each reader needs it, to print, to mail, to share; and the label of the unit. */
export function Papers({ sheet, reported, me }: { sheet: JobSheet; reported: boolean; me: JobView['me'] }) {
  const { lost } = useConnection();
  const title = <h2 className="text-[15px] font-[680]">{t('web.papers')}</h2>;
  if (lost)
    return (
      <section aria-label={t('web.papers')}>
        {title}
        <p className="text-ink2">{t('web.papers-need-a-connection')}</p>
      </section>
    );
  return (
    <section aria-label={t('web.papers')}>
      {title}
      <ul className="mt-1">{reported ? READINGS.map((r) => <Readings key={r} sheet={sheet} reading={r} />) : null}</ul>
      {isEquipped(sheet) ? <Paper href={paperOf(sheet, 'label.pdf')} label={t('web.label-of-the-unit')} shown /> : null}
      {may(me.role, 'edit-job') ? (
        <Paper href={`/api/jobs/${sheet.job.id}/bundle.zip`} label={t('web.the-job-as-a-file')} />
      ) : null}
    </section>
  );
}

function Readings({ sheet, reading }: { sheet: JobSheet; reading: Reading }) {
  const { problem, busy, act } = useAct();
  const asked = reading === 'file' ? '' : `?reading=${reading}`;
  const report = `/api/jobs/${sheet.job.id}/report`;
  const who = value(reading);
  const name = reading === 'file' ? tell('web.report-as-pdf') : tell('web.paper-for', { who });
  const share = () =>
    act(async () => {
      const blob = await (await fetch(`${report}.pdf${asked}`)).blob();
      const title = `${sheet.job.number} ${say(name)}`;
      await navigator.share({ title, files: [new File([blob], `${title}.pdf`, { type: 'application/pdf' })] });
    });
  return (
    <li className="flex flex-wrap items-center gap-x-2 border-b border-rule2 py-1">
      <Paper href={`${report}.pdf${asked}`} label={say(name)} shown />
      <Paper href={`${report}.eml${asked}`} label={t('web.as-mail')} name={t('web.mail-of', { name })} />
      {maySharePdf() ? (
        <Button tone="quiet" disabled={busy} aria-label={t('web.share-of', { name })} onClick={() => void share()}>
          {t('web.share')}
        </Button>
      ) : null}
      <Trouble problem={problem} />
    </li>
  );
}

/** Phones hand a file on to mail or messages themselves; most desks do not. */
const maySharePdf = (): boolean =>
  navigator.canShare?.({ files: [new File([], 'a.pdf', { type: 'application/pdf' })] }) ?? false;

type PaperProps = { href: string; label: string; name?: string; shown?: true };
const Paper = ({ href, label, name, shown }: PaperProps) => (
  <a
    href={href}
    {...(shown ? { target: '_blank', rel: 'noreferrer' } : { download: '' })}
    aria-label={name}
    className={`touch inline-flex items-center px-3 font-[600] ${shown ? 'min-w-[11rem] rounded-[3px] border-[1.5px] border-ink' : 'underline'}`}
  >
    {label}
  </a>
);
