import { useEffect, useState } from 'react';
import { useLocation } from 'react-router';
import { v7 as uuid } from 'uuid';
import { may } from '@/core/job/permissions';
import { nextMoveOf } from '@/core/phases/phase';
import { removalGates } from '@/core/phases/scope/gates';
import { scope as scopePhase } from '@/core/phases/scope/phase';
import { scopeOf } from '@/core/phases/scope/view';
import { sheetGates } from '@/core/phases/standing';
import type { DecidedItem } from '@/core/scope/scope';
import { money } from '@/core/units/money';
import { useLibrary } from '@/web/api/use-library';
import { Notice, Trouble } from '@/web/kit/Notice';
import { ReasonSheet } from '@/web/kit/ReasonSheet';
import { JobFrame } from '@/web/shell/JobFrame';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { NextMove } from '../NextMove';
import { usePress } from '../use-press';
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
  const [asked, setAsked] = useState<Asked>();
  const scope = scopeOf(sheet);
  const mayChoose = may(me.role, 'choose-scope');
  const move = nextMoveOf(scopePhase, sheet, { maySign: mayChoose });
  const gates = sheetGates(sheet, 'scope');
  const path = `/jobs/${sheet.job.id}`;
  const lit = hash.slice(1);
  useEffect(() => {
    if (lit) document.getElementById(lit)?.scrollIntoView({ block: 'center' });
  }, [lit]);

  const sendDecision = (item: DecidedItem, decision: 'in' | 'out', reason: string | null): Promise<unknown> =>
    view.actions.send(`${path}/decisions`, { id: uuid(), itemId: item.id, decision, reason });

  const { press, busy, problem, act } = usePress(view, 'scope', {
    customer: ({ subject }) => setAsked({ kind: 'customer', subject }),
  });
  const choose = useChoose(view, act);

  const signed = sheet.signOffs.find((s) => s.phase === 'scope');
  const levels = [
    ['must', say(tell('web.must'))],
    ['should', say(tell('web.should'))],
    ['could', say(tell('web.could'))],
  ] as const;

  return (
    <JobFrame
      sheet={sheet}
      active="scope"
      side={
        <ScopeSide
          view={view}
          scope={scope}
          gates={signed ? removalGates(sheet) : gates}
          gatesPhase={signed ? 'recover' : 'scope'}
          onSign={(subject) => setAsked({ kind: 'customer', subject })}
        />
      }
      next={<NextMove move={mayChoose ? move : { ...move, button: undefined }} busy={busy} press={press} />}
    >
      <div className="px-4 py-3.5 lg:px-7">
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h1 className="text-[23px]">{say(tell('web.scope'))}</h1>
          <p className="ml-auto text-[15px]">
            <b className="text-[21px] font-[700]" data-testid="scope-hours">
              {scope.total.hours.toFixed(1)}
            </b>{' '}
            <span className="text-ink2">{say(tell('web.h'))}</span>{' '}
            <b className="ml-3 text-[21px] font-[700]" data-testid="scope-price">
              {money(scope.total.price)}
            </b>{' '}
            <span className="text-ink2">{say(tell('web.without-equipment'))}</span>
          </p>
        </div>
        <Trouble problem={problem} />
        {scope.change ? (
          <div className="mt-2">
            <Notice kind="look-again">
              <b className="font-[680]">{say(tell('web.changed-since-customer-signed'))}</b>
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
          disabled={!mayChoose}
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
                    may={mayChoose && !busy}
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
          title={say(tell('web.take-it-out'))}
          label={say(tell('web.whose-decision-and-why'))}
          least={5}
          send={say(tell('web.take-it-out'))}
          onSend={(reason) => sendDecision(asked.item, 'out', reason)}
          onClose={() => setAsked(undefined)}
        >
          <p className="text-[16px] font-[640]">{say(asked.item.say)}</p>
          <p className="mt-1 text-ink2">{say(asked.item.reason)}</p>
          {asked.item.level === 'must' ? (
            <p className="mt-2 font-[620] text-ochre">{say(tell('web.must-taken-out-holds-hand-over'))}</p>
          ) : null}
        </ReasonSheet>
      ) : null}
      {asked?.kind === 'customer' ? (
        <CustomerSheet view={view} scope={scope} subject={asked.subject} onClose={() => setAsked(undefined)} />
      ) : null}
    </JobFrame>
  );
}
