import { useState } from 'react';
import { may } from '@/core/job/permissions';
import { TAKE_OVER, takeOverWords } from '@/core/phases/hand-over/take-over';
import type { Report } from '@/core/phases/report';
import { Button } from '@/web/kit/Button';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { CustomerSheet } from '../scope/CustomerSheet';

/** The customer's own signature under the five lines: what is said of it, its button, its sheet. Nothing before there is a report. */
export function useTakeOver(view: JobView, report: Report | undefined, after: () => unknown) {
  const [open, setOpen] = useState(false);
  if (!report?.five) return {};
  const { takenOver, five } = report;
  const button =
    may(view.me.role, 'choose-scope') && !view.sheet.cancelled ? (
      <Button onClick={() => setOpen(true)}>{t('web.customer-signs')}</Button>
    ) : null;
  const section = (
    <Part name={t('web.customer-takes-over')} data-testid="taken-over">
      <p className={`mb-1 ${takenOver?.ink ? '' : 'text-ink2'}`}>
        {takenOver ? say(takenOver.say) : t('web.nobody-signed-for-the-customer')}
      </p>
      {takenOver?.since ? <p className="font-[620] text-ochre">{say(takenOver.since)}</p> : null}
      {button}
    </Part>
  );
  const sheet = open ? (
    <CustomerSheet
      view={view}
      subject={TAKE_OVER}
      asks={{ title: tell('web.customer-takes-over'), words: takeOverWords(five), yes: tell('web.i-was-shown-this') }}
      onClose={() => {
        setOpen(false);
        void after();
      }}
    />
  ) : null;
  return { section, sheet, button: takenOver ? null : button };
}
