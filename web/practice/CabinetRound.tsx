import { useState } from 'react';
import type { FaultCode } from '@/core/controls/fault-codes';
import type { Call } from '@/core/controls/thermostat';
import { CALL_WORDS, terminalWords } from '@/core/phases/wire/names';
import { CABINET_MIN } from '@/core/practice/cabinet-round';
import { SYSTEM_WORDS, wiringWords } from '@/core/practice/labels';
import type { CabinetView } from '@/core/practice/view';
import { q, value } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Notice } from '@/web/kit/Notice';
import { MoveButton } from '@/web/shell/MoveButton';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { CabinetBoard } from './CabinetBoard';
import { MeterPanel } from './MeterPanel';
import { OneOfSheet } from './OneOfSheet';
import { RoundFrame } from './RoundFrame';
import { RoundLog } from './RoundLog';
import type { RoundState } from './use-round';

/** A control cabinet with one thing wrong: calls are made, a meter is held to it, the fault is named and mended. */
export function CabinetRound({ round, view }: { round: RoundState; view: CabinetView }) {
  const { busy, move, refused } = round;
  const [call, setCall] = useState<Call>('cool1');
  const [open, setOpen] = useState<readonly string[]>([]);
  const [tips, setTips] = useState<readonly string[]>([]);
  const [sheet, setSheet] = useState<'name' | 'mend'>();
  const showed = view.done.at(-1)?.showed;
  const tip = (node: string): void =>
    setTips(tips.includes(node) ? tips.filter((t) => t !== node) : [...tips, node].slice(-2));
  const chosen = (code: FaultCode | 'none'): void => {
    setSheet(undefined);
    if (sheet === 'name') move({ kind: 'name-wiring', code });
    else if (code !== 'none') move({ kind: 'mend', code });
  };
  return (
    <RoundFrame
      view={view}
      facts={say(SYSTEM_WORDS[view.system])}
      side={
        <div className="grid gap-5">
          {refused ? <Notice kind="stop">{say(refused.message)}</Notice> : null}
          <MeterPanel
            view={view}
            tips={tips}
            busy={busy}
            onVolts={(a, b) => move({ kind: 'volts', call, open: [...open], a, b })}
            onOhms={(a, b) => move({ kind: 'ohms', a, b })}
          />
          <RoundLog done={view.done} terminal={(node) => terminalWords(node, view.spec)} />
        </div>
      }
      next={
        <NextMoveBar
          kind="now"
          say={t(view.named ? 'web.mend-it-then-hand-over' : 'web.what-is-wrong-in-the-wiring')}
          because={t(view.named ? 'web.named-stands' : 'web.make-calls-hold-the-meter')}
        >
          <Button disabled={busy} onClick={() => setSheet('mend')}>
            {t('web.mend-a-conductor', { minutes: q(CABINET_MIN.mend, 'min', 0) })}
          </Button>
          {view.named ? (
            <MoveButton busy={busy} label={t('web.hand-over-2')} onPress={() => move({ kind: 'finish' })} />
          ) : (
            <MoveButton busy={busy} label={t('web.name-the-fault')} onPress={() => setSheet('name')} />
          )}
        </NextMoveBar>
      }
    >
      <div className="grid gap-4 p-4 lg:px-5">
        <div className="flex flex-wrap items-end gap-x-5 gap-y-3">
          <Choice
            label={t('web.call-to-make')}
            value={call}
            options={view.calls.map((c) => ({ value: c, label: say(CALL_WORDS[c]) }))}
            onChange={setCall}
          />
          <Button
            tone="primary"
            disabled={busy}
            onClick={() => move({ kind: 'try', call, open: [...open] })}
            data-testid="make-call"
          >
            {t('web.make-the-call', { minutes: q(CABINET_MIN.try, 'min', 0) })}
          </Button>
        </div>
        <div className="flex flex-wrap items-center gap-2">
          <span className="text-[14px] text-ink2">{t('web.held-open')}</span>
          {view.safeties.map((device) => (
            <button
              key={device}
              type="button"
              aria-pressed={open.includes(device)}
              onClick={() => setOpen(open.includes(device) ? open.filter((d) => d !== device) : [...open, device])}
              className={`touch cursor-pointer border-[1.5px] px-3 font-[560] ${open.includes(device) ? 'border-ink bg-sheet font-[680]' : 'border-rule'}`}
            >
              {say(value(device))}
            </button>
          ))}
        </div>
        {showed ? (
          <p aria-live="polite" className="text-[17px] font-[650]" data-testid="showed">
            {say(showed)}
          </p>
        ) : null}
        <CabinetBoard view={view} selected={tips.at(-1)} onTerminal={tip} />
      </div>
      {sheet ? (
        <OneOfSheet
          title={t(sheet === 'name' ? 'web.what-is-wrong-in-the-wiring' : 'web.mend-a-conductor-2')}
          note={t(sheet === 'name' ? 'web.it-counts-once' : 'web.a-right-wire-moved-costs')}
          names={sheet === 'name' ? view.names : view.names.filter((n) => n !== 'none')}
          words={wiringWords}
          onChoose={chosen}
          onClose={() => setSheet(undefined)}
        />
      ) : null}
    </RoundFrame>
  );
}
