import { useState } from 'react';
import { ohmsBetween } from '@/core/controls/meter';
import type { Node } from '@/core/controls/plan';
import { CALL_WORDS, terminalWords } from '@/core/phases/wire/names';
import { TERMINAL_DOES } from '@/core/phases/wire/terminal-words';
import type { WireView } from '@/core/phases/wire/view';
import { ohmsIn, voltsIn } from '@/core/plant/cabinet/cabinet';
import { q } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { NumberCell } from '@/web/kit/NumberCell';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { useEntries } from '../circuit/use-entries';
import type { JobView } from '../job-context';
import type { BoardState } from './use-board';

type Props = {
  view: JobView;
  wire: WireView;
  board: BoardState;
  node: Node;
  letters: { valve: 'O' | 'B'; stages: 1 | 2 };
  signed: boolean;
  /** Where the other tip is held at first. */
  against?: Node | undefined;
  onClose: () => void;
};

/** One terminal: what it does here, what a meter must show on it, what it showed; a second one makes a short. */
export function TerminalSheet({ view, wire, board, node, letters, signed, against, onClose }: Props) {
  const write = useEntries(view);
  const { problem, act } = useAct();
  const [other, setOther] = useState<Node>(
    against ?? (node.startsWith('out.') ? 'out.C' : node.startsWith('stat.') ? 'stat.C' : 'in.C'),
  );
  const { call, open } = board;
  const trial = { call, open };
  const name = (n: Node): string => say(terminalWords(n, letters));
  const { cabinet } = wire.wiring;
  const terminals = [...new Set(board.shown.plan.wires.flatMap((w) => [w.a, w.b]))]
    .filter((n) => n !== node && !n.startsWith('odu.') && !n.startsWith('tr.'))
    .sort();
  const must = Math.abs(board.want.between(node, other));
  const drawn = Math.abs(board.is.between(node, other));
  const ohms = cabinet ? ohmsIn(cabinet, { a: node, b: other }) : ohmsBetween(board.shown.plan, node, other);
  const record = (volts: number, simulated: boolean): Promise<boolean> =>
    act(() => write('meter-reading', { ...trial, a: node, b: other, volts, simulated }));
  return (
    <Sheet open onClose={onClose} title={name(node)}>
      <div className="mt-2 grid gap-4" data-testid="terminal-sheet">
        <p>{say(TERMINAL_DOES[node.split('.')[1] ?? ''] ?? tell('web.a-terminal'))}</p>
        <label className="block">
          <span className="text-[13px] font-[600]">{t('web.other-tip-on')}</span>
          <select
            value={other}
            onChange={(e) => setOther(e.target.value)}
            className="touch mt-0.5 w-full border-[1.5px] border-rule bg-sheet px-2.5 text-[16px]"
          >
            {terminals.map((n) => (
              <option key={n} value={n}>
                {name(n)}
              </option>
            ))}
          </select>
        </label>
        <dl className="grid grid-cols-[1fr_auto] gap-y-1.5 border-y border-rule py-2">
          <dt>{t('web.must-show-in', { call: CALL_WORDS[call] })}</dt>
          <dd className="text-right font-[650]">{say(q(must, 'V', 1))}</dd>
          <dt>{t('web.shows-as-drawn')}</dt>
          <dd className="text-right font-[650]">{say(q(drawn, 'V', 1))}</dd>
          {cabinet ? (
            <>
              <dt>{t('web.simulated-meter')}</dt>
              <dd className="text-right font-[650]" data-testid="simulated-volts">
                {say(q(voltsIn(cabinet, trial, { a: node, b: other }), 'V', 1))}
              </dd>
            </>
          ) : null}
          <dt>{t('web.with-the-power-off')}</dt>
          <dd className="text-right font-[650]">
            {ohms === undefined ? t('web.open-line') : `${Math.round(ohms * 10) / 10} Ω`}
          </dd>
        </dl>
        <Trouble problem={problem} />
        {signed ? null : (
          <>
            {cabinet ? (
              <Button tone="primary" onClick={() => void record(voltsIn(cabinet, trial, { a: node, b: other }), true)}>
                {t('web.write-the-simulated-reading')}
              </Button>
            ) : null}
            <NumberCell
              label={t('web.meter-showed')}
              unit="V"
              value={null}
              nullable
              onCommit={(volts) => {
                if (volts === null) return undefined;
                if (volts < 0 || volts > 700) return t('web.reading-from-0-to', { most: 700, unit: 'V' });
                return record(volts, false);
              }}
            />
          </>
        )}
        <Button
          tone="stop"
          onClick={() => {
            board.edit({ kind: 'short', a: node, b: other });
            onClose();
          }}
        >
          {t('web.try-a-short-to', { other: terminalWords(other, letters) })}
        </Button>
      </div>
    </Sheet>
  );
}
