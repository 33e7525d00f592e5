import { useState } from 'react';
import { METERING_WORDS } from '@/core/equipment/plate';
import { BASE_PROBES, minutesOf } from '@/core/practice/probes';
import type { SystemView } from '@/core/practice/view';
import { q } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { MoveButton } from '@/web/shell/MoveButton';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { NameSheet } from './NameSheet';
import { PracticeBench } from './PracticeBench';
import { RoundFrame } from './RoundFrame';
import { SystemSide } from './SystemSide';
import type { RoundState } from './use-round';

const SETTLE_MIN = 5;

/** A running system with something wrong: measure, look closer, do, and name it. */
export function SystemRound({ round, view }: { round: RoundState; view: SystemView }) {
  const [naming, setNaming] = useState(false);
  const { facts } = view;
  const told = t('web.round-facts', {
    tons: q(facts.tons, 'tons', 'as is'),
    refrigerant: facts.refrigerant,
    meter: METERING_WORDS[facts.metering],
    rla: q(facts.ratedLoadA, 'A', 1),
    outdoor: q(facts.outdoorF, 'F', 0),
    elevation: q(facts.elevationFt, 'ft', 0),
  });
  return (
    <RoundFrame
      view={view}
      facts={told}
      side={<SystemSide round={round} view={view} />}
      next={<Next round={round} view={view} onName={() => setNaming(true)} />}
    >
      <PracticeBench view={view} />
      {naming ? (
        <NameSheet
          faults={view.faults}
          two={view.level === 'two'}
          onName={(faults) => {
            setNaming(false);
            round.move({ kind: 'name', faults });
          }}
          onClose={() => setNaming(false)}
        />
      ) : null}
    </RoundFrame>
  );
}

function Next({ round, view, onName }: { round: RoundState; view: SystemView; onName: () => void }) {
  const { busy, move } = round;
  const missing = BASE_PROBES.filter((id) => !view.placed.includes(id));
  if (!view.running)
    return (
      <NextMoveBar
        kind={view.cutout === 'none' ? 'not-proven' : 'stop'}
        say={t(view.cutout === 'high-pressure' ? 'web.it-tripped-on-high-pressure' : 'web.it-tripped-on-low')}
        because={t('web.find-why-before-it-starts-again')}
      >
        <Button onClick={onName}>{t('web.name-the-fault')}</Button>
        <MoveButton busy={busy} label={t('web.start-it')} onPress={() => move({ kind: 'restart' })} />
      </NextMoveBar>
    );
  if (view.named)
    return (
      <NextMoveBar kind="now" say={t('web.put-it-right-then-hand-over')} because={t('web.named-stands')}>
        <MoveButton busy={busy} label={t('web.hand-over-2')} onPress={() => move({ kind: 'finish' })} />
      </NextMoveBar>
    );
  if (view.placed.length === 0)
    return (
      <NextMoveBar kind="now" say={t('web.hang-on-what-you-need')} because={t('web.every-minute-counts-a-little')}>
        <MoveButton
          busy={busy}
          label={t('web.all-probes-min', { minutes: q(minutesOf(missing), 'min', 0) })}
          onPress={() => move({ kind: 'place', probes: [...missing] })}
        />
      </NextMoveBar>
    );
  return (
    <NextMoveBar
      kind={view.steady.state === 'steady' ? 'good' : 'not-proven'}
      say={t('web.what-is-wrong-with-it')}
      because={say(view.steady.say)}
    >
      <Button disabled={busy} onClick={() => move({ kind: 'wait', minutes: SETTLE_MIN })}>
        {t('web.let-it-run', { minutes: q(SETTLE_MIN, 'min', 0) })}
      </Button>
      <MoveButton busy={busy} label={t('web.name-the-fault')} onPress={onName} />
    </NextMoveBar>
  );
}
