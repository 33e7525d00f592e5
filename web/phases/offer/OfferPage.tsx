import { useState } from 'react';
import { Link } from 'react-router';
import { v7 as uuid } from 'uuid';
import { may } from '@/core/job/permissions';
import { nextMoveOf } from '@/core/phases/phase';
import { noClearWinner, offersOf, optionNow } from '@/core/phases/scope/offer/offer';
import { scope as scopePhase } from '@/core/phases/scope/phase';
import { scopeOf } from '@/core/phases/scope/view';
import { pagesOf, paperOf } from '@/web/api/circuit-path';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { JobFrame } from '@/web/shell/JobFrame';
import { t } from '@/web/words/tell';
import { EntryLog } from '../circuit/EntryLog';
import { EntrySheet } from '../circuit/EntrySheet';
import type { JobView } from '../job-context';
import { NextMove } from '../NextMove';
import { ScopeCustomerSheet } from '../scope/CustomerSheet';
import { usePress } from '../use-press';
import { Options } from './Options';

/** The offer: options kept from the scope, side by side, one of them taken and signed. */
export default function OfferPage(view: JobView) {
  const { sheet, me } = view;
  const [keeping, setKeeping] = useState(false);
  const [signing, setSigning] = useState<string>();
  const offers = offersOf(sheet);
  const mayChoose = may(me.role, 'choose-scope');
  const open = mayChoose && !sheet.signOffs.some((s) => s.phase === 'scope');
  const move = nextMoveOf(scopePhase, sheet, { maySign: mayChoose });
  const { press, busy, problem, act } = usePress(view, 'scope', { customer: ({ subject }) => setSigning(subject) });
  const take = (optionId: string): void =>
    void act(() =>
      view.actions.send(`/jobs/${sheet.job.id}/option`, { id: uuid(), optionId, version: sheet.scope.version }),
    );
  return (
    <JobFrame
      sheet={sheet}
      active="scope"
      side={
        <div className="grid gap-5 p-4 lg:p-5">
          <p className="text-[14px] text-ink2">{t('web.how-options-work')}</p>
          <EntryLog view={view} phase="scope" ofSystem kinds={['offer-option']} />
          {noClearWinner(offers) ? <p className="text-[14px]">{t('web.no-clear-winner')}</p> : null}
          <a
            href={paperOf(sheet, 'offer.pdf')}
            target="_blank"
            rel="noreferrer"
            className="touch inline-flex w-fit items-center rounded-[3px] border-[1.5px] border-ink px-4 font-[600]"
          >
            {t('web.offer-as-pdf')}
          </a>
        </div>
      }
      next={<NextMove move={mayChoose ? move : { ...move, button: undefined }} busy={busy} press={press} />}
    >
      <div className="px-4 py-3.5 lg:px-7">
        <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
          <h1 className="text-[23px]">{t('web.offer')}</h1>
          <Link to={`${pagesOf(sheet)}/scope`} className="touch inline-flex items-center text-copper underline">
            {t('web.back-to-the-scope')}
          </Link>
          {open ? (
            <Button className="ml-auto" onClick={() => setKeeping(true)}>
              {t('web.keep-scope-as-an-option')}
            </Button>
          ) : null}
        </div>
        <Trouble problem={problem} />
        <Options offers={offers} schools={sheet.scopeSchools} {...(open ? { onTake: take } : {})} busy={busy} />
      </div>
      {keeping ? (
        <EntrySheet view={view} kind="offer-option" preset={optionNow(sheet)} onClose={() => setKeeping(false)} />
      ) : null}
      {signing ? (
        <ScopeCustomerSheet
          view={view}
          scope={scopeOf(sheet)}
          subject={signing}
          onClose={() => setSigning(undefined)}
        />
      ) : null}
    </JobFrame>
  );
}
