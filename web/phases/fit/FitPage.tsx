import { Navigate, useNavigate, useParams } from 'react-router';
import { verdictOf } from '@/core/finding/order';
import type { Curb } from '@/core/fit/curb/judge-curb';
import { FIT_WORDS, type FitKind, judgeFit, withStand } from '@/core/fit/sheets';
import { isHandedOver } from '@/core/job/sheet';
import { fitContextOf, scopeInputOf } from '@/core/phases/scope/view';
import { fitKindsFor } from '@/core/scope/fit-start';
import { pagesOf } from '@/web/api/circuit-path';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { JobFrame } from '@/web/shell/JobFrame';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { FitConflict } from './FitConflict';
import { FitDrawing } from './FitDrawing';
import { FitFields } from './FitFields';
import { FitSide } from './FitSide';
import { FitTabs } from './FitTabs';
import { LiftList } from './LiftList';
import { StandHeight } from './StandHeight';
import { useFit } from './use-fit';

/** The fit sheet: does the new equipment go where the old one stood? One drawing to scale for each question. */
export default function FitPage(view: JobView) {
  const { part } = useParams();
  const kinds = fitKindsFor(scopeInputOf(view.sheet).known);
  const kind = kinds.find((k) => k === part);
  if (!kind) return <Navigate to={`${pagesOf(view.sheet)}/fit/${kinds[0] ?? 'route'}`} replace />;
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
  const base = pagesOf(sheet);
  const following = kinds[kinds.indexOf(kind) + 1];

  return (
    <JobFrame
      sheet={sheet}
      active="fit"
      side={<FitSide view={view} kind={kind} edit={edit} checks={checks} />}
      next={
        <NextMoveBar
          kind={first ? first.verdict : 'good'}
          say={first ? say(first.next?.say ?? first.claim) : t('web.everything-holds', { fitWords: FIT_WORDS[kind] })}
          because={first ? `${say(first.claim)} ${say(first.because)}` : t('web.measured-and-nothing-is-short')}
        >
          <Button tone="primary" onClick={() => navigate(following ? `${base}/fit/${following}` : `${base}/scope`)}>
            {say(following ? FIT_WORDS[following] : tell('web.go-to-scope'))}
          </Button>
        </NextMoveBar>
      }
    >
      <div className="px-4 pb-6 lg:px-7">
        <FitTabs view={view} kind={kind} kinds={kinds} checks={checks} />
        <h1 className="sr-only">{say(FIT_WORDS[kind])}</h1>
        <div className="mt-2 grid gap-2">
          {edit.conflict ? (
            <FitConflict kind={kind} edit={edit} conflict={edit.conflict} />
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
