import { changedWires, stackedOn } from '@/core/controls/edits';
import type { Node, Runs } from '@/core/controls/plan';
import { carriedOver } from '@/core/phases/wire/carry-over';
import { sentenceOf } from '@/core/phases/wire/controls';
import { CALL_WORDS, terminalWords } from '@/core/phases/wire/names';
import type { WireView } from '@/core/phases/wire/view';
import { list, q, value } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Notice, Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { useEntries } from '../circuit/use-entries';
import type { JobView } from '../job-context';
import { Board } from './Board';
import { CallStrip } from './CallStrip';
import { ConductorSheet } from './ConductorSheet';
import { TerminalSheet } from './TerminalSheet';
import type { BoardState } from './use-board';

type Props = {
  view: JobView;
  wire: WireView;
  board: BoardState;
  signed: boolean;
  /** A terminal that is looked at, and where the meter's other tip is held. */
  picked: Picked | undefined;
  onPick: (picked: Picked | undefined) => void;
};
export type Picked = { wire: string } | { node: Node; against?: Node };

/** The board with its calls: what is tried on it is told at once, and kept only when somebody says that it is wired so. */
export function BoardPart({ view, wire, board, signed, picked, onPick: setPicked }: Props) {
  const write = useEntries(view);
  const { problem, act } = useAct();
  const { spec, healthy, body, edits, cabinet } = wire.wiring;
  const letters = { valve: spec.valve, stages: spec.stages };
  const changed = new Set(changedWires(healthy.plan, board.shown.plan).map(({ was, is }) => (is ?? was)!.id));
  const conductor = picked && 'wire' in picked ? board.shown.plan.wires.find((w) => w.id === picked.wire) : undefined;
  const { systemLog } = view.sheet;
  const noted = systemLog.some((e) => e.kind === 'found-wire');
  const stacked = stackedOn(board.shown.plan);
  const keep = (kept: typeof edits) =>
    act(async () => {
      await write('as-wired', { edits: kept });
      board.reset();
    });
  return (
    <div>
      <Trouble problem={problem} />
      <CallStrip board={board} />
      <div className="mt-3">
        <Board
          board={board}
          letters={letters}
          heatRow={spec.heat === 'strips' ? 'W2' : 'W1'}
          heads={{
            stat: t('web.thermostat'),
            in: t(spec.packaged ? 'web.packaged-unit-va' : 'web.indoor-unit-va', { va: body.transformerVa }),
            out: t('web.outdoor-unit'),
          }}
          changed={changed}
          markOf={(w) => (noted ? say(value(carriedOver(systemLog, w))) : undefined)}
          selected={picked && ('wire' in picked ? picked.wire : picked.node)}
          onWire={(id) => setPicked({ wire: id })}
          onTerminal={(node) => setPicked({ node })}
        />
      </div>
      <p className="text-[13px] text-ink2">{t('web.thick-live-dashed-dead')}</p>
      {board.wrong && (board.trying.length > 0 || edits.length > 0) ? (
        <div className="mt-2" data-testid="board-says">
          <Notice kind={board.wrong.breaches.length ? 'stop' : 'look-again'}>
            <b className="font-[680]">{say(sentenceOf(board.wrong.e, board.wrong.breaches))}</b>
            {board.wrong.e.telling ? (
              <span className="block">
                {t('web.a-meter-shows', {
                  call: CALL_WORDS[board.wrong.e.telling.call],
                  a: terminalWords(board.wrong.e.telling.a, letters),
                  b: terminalWords(board.wrong.e.telling.b, letters),
                  is: q(board.wrong.e.telling.faultyV, 'V', 1),
                  must: q(board.wrong.e.telling.healthyV, 'V', 1),
                })}
              </span>
            ) : null}
          </Notice>
        </div>
      ) : board.trying.length > 0 ? (
        <div className="mt-2" data-testid="board-says">
          <Notice kind="good">{t('web.it-runs-as-planned')}</Notice>
        </div>
      ) : null}
      {stacked.length ? (
        <p className="mt-2 text-[14px] font-[620]">
          {t('web.two-on-one-screw', { terminals: list(stacked.map((n) => terminalWords(n, letters))) })}
        </p>
      ) : null}
      <div className="mt-2 flex flex-wrap gap-2">
        {board.trying.length > 0 ? (
          <>
            <Button onClick={board.undo}>{t('web.undo')}</Button>
            <Button onClick={board.reset}>{t('web.back-to-what-is-kept')}</Button>
            {signed || board.found ? null : (
              <Button tone="primary" onClick={() => void keep([...edits, ...board.trying])}>
                {t('web.it-is-wired-so')}
              </Button>
            )}
          </>
        ) : edits.length > 0 && !signed ? (
          <Button tone="primary" onClick={() => void keep([])}>
            {t('web.put-right-as-planned')}
          </Button>
        ) : null}
        {signed || cabinet || spec.communicating ? null : (
          <Button
            tone="quiet"
            onClick={() =>
              void act(() => write('cabinet', { seed: Math.floor(Math.random() * 1_000_000), simulated: true }))
            }
          >
            {t('web.connect-simulated-cabinet')}
          </Button>
        )}
      </div>
      {conductor ? (
        <ConductorSheet board={board} wire={conductor} letters={letters} onClose={() => setPicked(undefined)} />
      ) : null}
      {picked && 'node' in picked ? (
        <TerminalSheet
          view={view}
          wire={wire}
          board={board}
          key={`${picked.node} ${picked.against ?? ''}`}
          node={picked.node}
          against={picked.against}
          letters={letters}
          signed={signed}
          onClose={() => setPicked(undefined)}
        />
      ) : null}
    </div>
  );
}

export const outputsOf = (wire: WireView): Runs[] => Object.keys(wire.wiring.healthy.plan.outputs) as Runs[];
