import { Link, Navigate, useNavigate, useParams } from 'react-router';
import { verdictOf, worstOf } from '@/core/finding/order';
import type { Curb } from '@/core/fit/curb/judge-curb';
import { FIT_WORDS, type FitKind, judgeFit, withStand } from '@/core/fit/sheets';
import { isHandedOver } from '@/core/job/sheet';
import { fitContextOf, scopeInputOf } from '@/core/phases/scope/view';
import { fitKindsFor } from '@/core/scope/fit-start';
import { clock } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { Notice, Trouble } from '@/web/kit/Notice';
import { useShowCurrent } from '@/web/kit/use-show-current';
import { JobFrame } from '@/web/shell/JobFrame';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { PhotoButton, Thumbs } from '../survey/PhotoButton';
import { CheckList } from './CheckList';
import { FitDrawing } from './FitDrawing';
import { FitFields } from './FitFields';
import { LiftList } from './LiftList';
import { StandHeight } from './StandHeight';
import { useFit } from './use-fit';

/** The fit sheet: does the new equipment go where the old one stood? One drawing to scale for each question. */
export default function FitPage(view: JobView) {
  const { part } = useParams();
  const kinds = fitKindsFor(scopeInputOf(view.sheet).known);
  const kind = kinds.find((k) => k === part);
  if (!kind) return <Navigate to={`/jobs/${view.sheet.job.id}/fit/${kinds[0] ?? 'route'}`} replace />;
  return <FitBench key={kind} view={view} kind={kind} kinds={kinds} />;
}

function FitBench({ view, kind, kinds }: { view: JobView; kind: FitKind; kinds: FitKind[] }) {
  const { sheet } = view;
  const edit = useFit(view, kind);
  const navigate = useNavigate();
  const context = fitContextOf(sheet);
  const now = { kind, record: edit.record, measured: [...edit.measured] };
  const checks = judgeFit(now, context);
  const [first] = checks.filter((c) => c.verdict !== 'good');
  const locked = isHandedOver(sheet);
  const base = `/jobs/${sheet.job.id}`;
  const following = kinds[kinds.indexOf(kind) + 1];
  const subject = `fit:${kind}`;
  const strip = useShowCurrent<HTMLElement>(kind);

  return (
    <JobFrame
      sheet={sheet}
      active="fit"
      side={
        <div className="grid gap-5 p-4 lg:p-5">
          <CheckList checks={checks} />
          <section aria-label={say(tell('web.pictures'))}>
            <h2 className="text-[15px] font-[680]">{say(tell('web.pictures-of-it'))}</h2>
            <div className="mt-1 flex flex-wrap items-center gap-2">
              <Thumbs view={view} subject={subject} />
              <PhotoButton
                view={view}
                subject={subject}
                label={say(tell('web.picture', { fitWords: FIT_WORDS[kind] }))}
              />
            </div>
          </section>
          <p className="text-[12.5px] text-ink2">
            {say(
              tell('web.makers-instructions-and-local-code-come', {
                saving:
                  edit.saving !== 'no'
                    ? say(tell('web.saving'))
                    : edit.stored
                      ? say(tell('web.saved-last-by', { by: sheet.fits[kind]?.by }))
                      : say(tell('web.nothing-saved-yet-first-figure-you')),
              }),
            )}
          </p>
        </div>
      }
      next={
        <NextMoveBar
          kind={first ? first.verdict : 'good'}
          say={
            first
              ? say(first.next?.say ?? first.claim)
              : say(tell('web.everything-holds', { fitWords: FIT_WORDS[kind] }))
          }
          because={first ? `${say(first.claim)} ${say(first.because)}` : say(tell('web.measured-and-nothing-is-short'))}
        >
          <Button tone="primary" onClick={() => navigate(following ? `${base}/fit/${following}` : `${base}/scope`)}>
            {say(following ? FIT_WORDS[following] : tell('web.go-to-scope'))}
          </Button>
        </NextMoveBar>
      }
    >
      <div className="px-4 pb-6 lg:px-7">
        <nav
          ref={strip}
          aria-label={say(tell('web.fit-sheets'))}
          className="-mx-4 flex overflow-x-auto border-b border-rule px-4 lg:-mx-7 lg:px-7"
        >
          {kinds.map((k) => (
            <Link
              key={k}
              to={`${base}/fit/${k}`}
              aria-current={k === kind ? 'page' : undefined}
              className="touch flex shrink-0 items-center gap-2 border-b-[3px] border-transparent px-3 font-[560] aria-[current=page]:border-copper aria-[current=page]:font-[680]"
            >
              <Mark
                kind={
                  k === kind ? worstOf(checks) : sheet.fits[k] ? worstOf(judgeFit(sheet.fits[k], context)) : 'to-come'
                }
                size={14}
              />
              {say(FIT_WORDS[k])}
            </Link>
          ))}
        </nav>
        <h1 className="sr-only">{say(FIT_WORDS[kind])}</h1>
        <div className="mt-2 grid gap-2">
          {edit.conflict ? (
            <Notice kind="look-again">
              <b>{say(tell('web.someone-changed-this-sheet-after-you'))}</b>{' '}
              {say(tell('web.by-at', { by: edit.conflict.by, at: clock(edit.conflict.at) }))}
              <div className="mt-2 flex flex-wrap gap-3">
                <Button tone="primary" onClick={edit.keepMine}>
                  {say(tell('web.save-mine-over-it'))}
                </Button>
                <Button onClick={edit.takeStored}>{say(tell('web.take-stored-one'))}</Button>
              </div>
            </Notice>
          ) : (
            <Trouble problem={edit.problem} />
          )}
        </div>
        <FitDrawing
          kind={kind}
          record={withStand(edit.record, context.standIn)}
          verdict={verdictOf(checks)}
          edit={edit}
        />
        {kind === 'placement' || kind === 'packaged' ? <StandHeight view={view} disabled={locked} /> : null}
        {kind === 'curb' ? <LiftList record={edit.record as Curb} edit={edit} disabled={locked} /> : null}
        <FitFields kind={kind} edit={edit} disabled={locked} />
      </div>
    </JobFrame>
  );
}
