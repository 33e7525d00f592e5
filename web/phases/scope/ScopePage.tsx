import { useEffect, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { scopeOf } from '@/core/job/before';
import { removalGates } from '@/core/job/before-gates';
import { scopeMove } from '@/core/job/before-move';
import { sheetGates } from '@/core/job/sheet-gates';
import type { DecidedItem } from '@/core/scope/scope';
import { money } from '@/core/units/money';
import { useLibrary } from '@/web/api/use-library';
import { Notice, Trouble } from '@/web/kit/Notice';
import { ReasonSheet } from '@/web/kit/ReasonSheet';
import { useAct } from '@/web/kit/use-act';
import { JobFrame } from '@/web/shell/JobFrame';
import { MoveButton } from '@/web/shell/MoveButton';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import { useKeys } from '@/web/shell/use-keys';
import type { JobView } from '../job-context';
import { ChoiceForm } from './ChoiceForm';
import { CustomerSheet } from './CustomerSheet';
import { DeltaList } from './DeltaList';
import { ItemRow } from './ItemRow';
import { ScopeSide } from './ScopeSide';
import { useChoose } from './use-choose';

type Asked = { kind: 'customer'; subject: string } | { kind: 'decline'; item: DecidedItem };

/** The scope: what is chosen, what follows by rule and why, what the customer agrees to. */
export default function ScopePage(view: JobView) {
  const { sheet, me } = view;
  const { library } = useLibrary();
  const { hash } = useLocation();
  const navigate = useNavigate();
  const { busy, problem, act } = useAct();
  const [asked, setAsked] = useState<Asked>();
  const scope = scopeOf(sheet);
  const move = scopeMove(sheet);
  const gates = sheetGates(sheet, 'scope');
  const path = `/jobs/${sheet.job.id}`;
  const lit = hash.slice(1);
  useEffect(() => {
    if (lit) document.getElementById(lit)?.scrollIntoView({ block: 'center' });
  }, [lit]);

  const choose = useChoose(view, act);
  const sendDecision = (item: DecidedItem, decision: 'in' | 'out', reason: string | null): Promise<unknown> =>
    view.actions.send(`${path}/decisions`, { id: uuid(), itemId: item.id, decision, reason });

  function press(): void {
    const { action } = move;
    if (action.kind === 'go') navigate(`${path}/${action.to}`);
    if (action.kind === 'sign') void act(() => view.actions.send(`${path}/phases/scope/sign-offs`, { id: uuid() }));
    if (action.kind === 'customer') setAsked({ kind: 'customer', subject: 'scope' });
    if (action.kind === 'answer-change') setAsked({ kind: 'customer', subject: 'change' });
    if (action.kind === 'disclose') setAsked({ kind: 'customer', subject: `disclosure:${action.id}` });
    if (action.kind === 'remove') void act(() => view.actions.send(`${path}/removal`, {}));
  }
  useKeys({ n: () => !busy && press() });

  const signed = sheet.signOffs.find((s) => s.phase === 'scope');
  const may = me.role !== 'helper';
  const label = move.action.kind === 'none' ? undefined : move.action.label;
  const levels = [
    ['must', 'Must'],
    ['should', 'Should'],
    ['could', 'Could'],
  ] as const;

  return (
    <JobFrame
      sheet={sheet}
      active="scope"
      simulated={false}
      side={
        <ScopeSide
          view={view}
          scope={scope}
          gates={signed ? removalGates(sheet) : gates}
          gatesPhase={signed ? 'recover' : 'scope'}
          onSign={(subject) => setAsked({ kind: 'customer', subject })}
        />
      }
      next={
        <NextMoveBar kind={move.kind} say={move.say} because={move.because}>
          {label && may ? <MoveButton label={label} busy={busy} onPress={press} /> : null}
        </NextMoveBar>
      }
    >
      <div className="px-4 py-3.5 lg:px-7">
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h1 className="text-[23px]">Scope</h1>
          <p className="ml-auto text-[15px]">
            <b className="text-[21px] font-[700]" data-testid="scope-hours">
              {scope.total.hours.toFixed(1)}
            </b>{' '}
            <span className="text-ink2">h</span>{' '}
            <b className="ml-3 text-[21px] font-[700]" data-testid="scope-price">
              {money(scope.total.price)}
            </b>{' '}
            <span className="text-ink2">without equipment</span>
          </p>
        </div>
        <Trouble problem={problem} />
        {scope.change ? (
          <div className="mt-2">
            <Notice kind="look-again">
              <b className="font-[680]">Changed since the customer signed:</b>
              <DeltaList delta={scope.change.delta} />
            </Notice>
          </div>
        ) : null}
        <ChoiceForm
          choice={sheet.scope.choice}
          outdoor={sheet.scope.outdoor}
          indoor={sheet.scope.indoor}
          pairListed={sheet.scope.pairListed}
          library={library}
          known={scope.input.known}
          disabled={!may}
          onChange={choose}
        />
        {levels.map(([level, words]) => {
          const items = scope.items.filter((i) => i.level === level);
          if (items.length === 0) return null;
          return (
            <section key={level} aria-label={words} className="mt-5">
              <h2 className="border-b-[1.5px] border-ink pb-1 text-[16px]">
                {words} <span className="text-[13px] font-[450] text-ink2">{items.length}</span>
              </h2>
              <ul>
                {items.map((item) => (
                  <ItemRow
                    key={item.id}
                    item={item}
                    labour={sheet.scopeSchools.labourPerHour}
                    lit={lit === `item-${item.id}`}
                    may={may && !busy}
                    onIn={() => void act(() => sendDecision(item, 'in', null))}
                    onOut={() => setAsked({ kind: 'decline', item })}
                  />
                ))}
              </ul>
            </section>
          );
        })}
      </div>
      {asked?.kind === 'decline' ? (
        <ReasonSheet
          title="Take it out"
          label="Whose decision, and why"
          least={5}
          send="Take it out"
          onSend={(reason) => sendDecision(asked.item, 'out', reason)}
          onClose={() => setAsked(undefined)}
        >
          <p className="text-[16px] font-[640]">{asked.item.say}</p>
          <p className="mt-1 text-ink2">{asked.item.reason}</p>
          {asked.item.level === 'must' ? (
            <p className="mt-2 font-[620] text-ochre">
              A must taken out holds the hand-over until a lead overrides it.
            </p>
          ) : null}
        </ReasonSheet>
      ) : null}
      {asked?.kind === 'customer' ? (
        <CustomerSheet view={view} scope={scope} subject={asked.subject} onClose={() => setAsked(undefined)} />
      ) : null}
    </JobFrame>
  );
}
