import { Link, Navigate, useNavigate, useParams } from 'react-router';
import type { AirSheet } from '@/core/air/duct/air-sheet';
import { type VerdictOf, verdictOf, worstOf } from '@/core/finding/order';
import type { Route } from '@/core/fit/access/route';
import { type Curb, LIFT_CHECK_IDS, LIFT_CHECKS } from '@/core/fit/curb/judge-curb';
import type { DrainSheet } from '@/core/fit/drain/drain-sheet';
import type { Placement } from '@/core/fit/outdoor/placement';
import type { Packaged } from '@/core/fit/packaged/duct-sides';
import { FIT_WORDS, type FitKind, type FitRecord, judgeFit, withStand } from '@/core/fit/sheets';
import type { Stack } from '@/core/fit/stack/stack';
import { isHandedOver } from '@/core/job/sheet';
import { fitContextOf, scopeInputOf } from '@/core/phases/scope/view';
import { fitKindsFor } from '@/core/scope/fit-start';
import type { Selection } from '@/core/sizing/selection';
import { clock } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { Notice, Trouble } from '@/web/kit/Notice';
import { NumberCell } from '@/web/kit/NumberCell';
import { useAct } from '@/web/kit/use-act';
import { useShowCurrent } from '@/web/kit/use-show-current';
import { JobFrame } from '@/web/shell/JobFrame';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { useChoose } from '../scope/use-choose';
import { PhotoButton, Thumbs } from '../survey/PhotoButton';
import { AirDrawing } from './AirDrawing';
import { CheckList } from './CheckList';
import { CurbDrawing } from './CurbDrawing';
import { DrainDrawing } from './DrainDrawing';
import { FitFields } from './FitFields';
import { PackagedDrawing } from './PackagedDrawing';
import { PlacementDrawing } from './PlacementDrawing';
import { RouteDrawing } from './RouteDrawing';
import { SelectionDrawing } from './SelectionDrawing';
import { StackDrawing } from './StackDrawing';
import { type FitEdit, useFit } from './use-fit';

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
            {say(following ? FIT_WORDS[following] : 'Go to scope')}
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
        <Drawing kind={kind} record={withStand(edit.record, context.standIn)} verdict={verdictOf(checks)} edit={edit} />
        {kind === 'placement' || kind === 'packaged' ? <StandHeight view={view} disabled={locked} /> : null}
        {kind === 'curb' ? <LiftList record={edit.record as Curb} edit={edit} disabled={locked} /> : null}
        <FitFields kind={kind} edit={edit} disabled={locked} />
      </div>
    </JobFrame>
  );
}

/** Each drawing is coloured by the verdicts of the list beside it, so that the two never disagree. */
function Drawing({
  kind,
  record,
  verdict,
  edit,
}: {
  kind: FitKind;
  record: FitRecord;
  verdict: VerdictOf;
  edit: FitEdit;
}) {
  switch (kind) {
    case 'placement':
      return (
        <PlacementDrawing
          record={record as Placement}
          verdict={verdict}
          onMove={(xIn, yIn) => edit.putAll({ xIn, yIn })}
          onObstacle={(i, to) =>
            edit.putAll(Object.fromEntries(Object.entries(to).map(([k, v]) => [`obstacles.${i}.${k}`, v])))
          }
        />
      );
    case 'route':
      return <RouteDrawing record={record as Route} verdict={verdict} />;
    case 'stack':
      return (
        <StackDrawing record={record as Stack} verdict={verdict} onRaise={(raiseIn) => edit.put('raiseIn', raiseIn)} />
      );
    case 'packaged':
      return <PackagedDrawing record={record as Packaged} verdict={verdict} />;
    case 'curb':
      return (
        <CurbDrawing
          record={record as Curb}
          verdict={verdict}
          onMove={(by, from) =>
            edit.putAll(
              Object.fromEntries(
                (['unitBase', 'unitSupply', 'unitReturn'] as const).flatMap((r) => [
                  [`${r}.x0`, from[r].x0 + by.x],
                  [`${r}.x1`, from[r].x1 + by.x],
                  [`${r}.y0`, from[r].y0 + by.y],
                  [`${r}.y1`, from[r].y1 + by.y],
                ]),
              ),
            )
          }
        />
      );
    case 'air':
      return <AirDrawing record={record as AirSheet} />;
    case 'drain':
      return <DrainDrawing record={record as DrainSheet} verdict={verdict} />;
    case 'selection':
      return <SelectionDrawing record={record as Selection} />;
  }
}

/** The stand is chosen once, in the scope; here it is changed where its effect is seen. */
function StandHeight({ view, disabled }: { view: JobView; disabled: boolean }) {
  const { scope } = view.sheet;
  const { problem, act } = useAct();
  const choose = useChoose(view, act);
  return (
    <div className="mt-2 grid max-w-[420px] grid-cols-[150px_1fr] items-end gap-3">
      <NumberCell
        label={say(tell('web.stand-height'))}
        unit="in"
        value={scope.choice.standIn}
        disabled={disabled}
        onCommit={(v) => {
          if (v === null || v < 0 || v > 120) return say(tell('web.outside-what-can-be-built-allowed'));
          choose({ standIn: v });
          return undefined;
        }}
      />
      <p className="pb-3 text-[13px] text-ink2">{say(tell('web.from-scope-it-lifts-openings-drain'))}</p>
      <Trouble problem={problem} />
    </div>
  );
}

/** What is looked at before the crane is called. */
function LiftList({ record, edit, disabled }: { record: Curb; edit: FitEdit; disabled: boolean }) {
  return (
    <fieldset className="mt-3">
      <legend className="w-full border-b-[1.5px] border-ink pb-0.5 text-[15px] font-[680]">
        {say(tell('web.before-lift'))}
      </legend>
      <p className="mt-1 text-[13px] text-ink2">{say(tell('web.rigging-crane-and-roof-edge-are'))}</p>
      {LIFT_CHECK_IDS.map((id) => (
        <label key={id} className="touch flex cursor-pointer items-center gap-2.5 border-b border-rule2">
          <input
            type="checkbox"
            className="peer sr-only"
            disabled={disabled}
            checked={record.lift.includes(id)}
            onChange={(e) =>
              edit.put('lift', e.target.checked ? [...record.lift, id] : record.lift.filter((x) => x !== id))
            }
          />
          <span className="grid size-[26px] shrink-0 place-items-center border-[1.5px] border-ink bg-sheet peer-focus-visible:outline-3 peer-focus-visible:outline-copper">
            {record.lift.includes(id) ? <span className="size-[14px] bg-copper" /> : null}
          </span>
          {say(LIFT_CHECKS[id])}
        </label>
      ))}
    </fieldset>
  );
}
