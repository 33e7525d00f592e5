import { useState } from 'react';
import { acceptable } from '@/core/job/acceptance';
import { askOf, GROUP_WORDS, SET_GROUPS } from '@/core/phases/set/asks';
import { nextCheck } from '@/core/phases/set/move';
import { set } from '@/core/phases/set/phase';
import { type SetRow, setView } from '@/core/phases/set/view';
import { Notice, Trouble } from '@/web/kit/Notice';
import { ReasonSheet } from '@/web/kit/ReasonSheet';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { AgainstAdvice } from '../AgainstAdvice';
import { CircuitFrame } from '../circuit/CircuitFrame';
import { useEntries } from '../circuit/use-entries';
import type { JobView } from '../job-context';
import { CheckSheet } from './CheckSheet';
import { Courses } from './Courses';
import { JointDrawing } from './JointDrawing';
import { SetRowLine } from './SetRowLine';

/** The new equipment in its place: every check as it was built, the poured water, the ducts. */
export default function SetPage(view: JobView) {
  const { sheet } = view;
  const write = useEntries(view);
  const { problem, act } = useAct();
  // As they stood when they were pressed: what is sent meanwhile does not close what somebody types in.
  const [open, setOpen] = useState<SetRow>();
  const [taking, setTaking] = useState<SetRow>();
  const { rows, answered, water, leakage, open: notGood } = setView(sheet);
  const stack = sheet.fits.stack?.record;
  const signed = sheet.signOffs.some((s) => s.phase === 'set');
  const groups = SET_GROUPS.map(
    (group) => [group, rows.filter((r) => askOf(r.check.id).group === group)] as const,
  ).filter(([, of]) => of.length > 0);
  return (
    <CircuitFrame
      view={view}
      phase={set}
      about={say(tell('web.answered-of', { answered, count: rows.length }))}
      checks={[...(water ? [water] : []), ...(leakage ? [leakage] : [])]}
      forms={{ 'set-check': () => setOpen(rows.find((r) => r.check.id === nextCheck(sheet))) }}
      logged={['water-test', 'duct-leakage']}
      beside={<AgainstAdvice view={view} ofSet acceptable={signed ? [] : acceptable(notGood)} />}
    >
      <Trouble problem={problem} />
      <Courses groups={groups} />
      {groups.map(([group, of]) => (
        <section key={group} id={`set-${group}`} aria-label={say(GROUP_WORDS[group])} className="mt-4 scroll-mt-4">
          <h2 className="border-b border-ink pb-1 text-[16px] font-[680]">{say(GROUP_WORDS[group])}</h2>
          {group === 'roof' && !signed ? (
            <div className="mt-2">
              <Notice kind="look-again">{say(tell('web.roof-edge-and-hoisting'))}</Notice>
            </div>
          ) : null}
          {group === 'ducts' && stack && of.some((r) => r.check.id === 'joint-plenum') ? (
            <JointDrawing stack={stack} rows={of} onTap={(id) => setOpen(of.find((r) => r.check.id === id))} />
          ) : null}
          <ul>
            {of.map((row) => (
              <SetRowLine
                key={row.check.id}
                view={view}
                row={row}
                signed={signed}
                act={act}
                onOpen={() => setOpen(row)}
                onTakeBack={() => setTaking(row)}
              />
            ))}
          </ul>
        </section>
      ))}
      {open ? <CheckSheet view={view} row={open} onClose={() => setOpen(undefined)} /> : null}
      {taking?.entry ? (
        <ReasonSheet
          title={say(tell('web.take-answer-back'))}
          label={say(tell('web.why-it-does-not-hold'))}
          least={5}
          send={say(tell('web.withdraw-it'))}
          tone="stop"
          onSend={(reason) => write('withdrawn', { reason }, taking.entry!.id)}
          onClose={() => setTaking(undefined)}
        >
          <p className="text-ink2">{say(askOf(taking.check.id).ask)}</p>
        </ReasonSheet>
      ) : null}
    </CircuitFrame>
  );
}
