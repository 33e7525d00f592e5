import { useState } from 'react';
import { laidWires, terminalsFor } from '@/core/controls/edits';
import type { Wire } from '@/core/controls/plan';
import { letterOf, terminalWords } from '@/core/phases/wire/names';
import { value } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Notice } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { Tap } from '@/web/kit/Taps';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import type { BoardState } from './use-board';

type Props = { board: BoardState; wire: Wire; letters: { valve: 'O' | 'B'; stages: 1 | 2 }; onClose: () => void };

/** What can be done with one conductor: an end onto another terminal, change it over with another one, cut it, mend it. */
export function ConductorSheet({ board, wire, letters, onClose }: Props) {
  const [end, setEnd] = useState<'a' | 'b'>('b');
  const { plan } = board.shown;
  const others = laidWires(plan).filter((w) => w.id !== wire.id && w.cable === wire.cable);
  const short = wire.id.startsWith('short:');
  const act = (change: Parameters<BoardState['edit']>[0]): void => {
    if (board.edit(change)) onClose();
  };
  const name = (node: string): string => say(terminalWords(node, letters));
  return (
    <Sheet
      open
      onClose={onClose}
      title={t('web.conductor-role', { role: letterOf(`x.${wire.role}`, letters), cable: value(wire.cable) })}
    >
      <div className="mt-3 grid gap-5" data-testid="conductor-sheet">
        <p>
          {name(wire.a)} – {name(wire.b)}
        </p>
        {board.refused ? (
          <Notice kind="stop">
            {say(board.refused.message)} <span className="text-ink2">{say(board.refused.allowed)}</span>
          </Notice>
        ) : null}
        {short ? (
          <Button tone="primary" onClick={() => act({ kind: 'unshort', a: wire.a, b: wire.b })}>
            {t('web.part-them')}
          </Button>
        ) : (
          <>
            <Button onClick={() => act({ kind: wire.open ? 'mend' : 'cut', wire: wire.id })}>
              {t(wire.open ? 'web.mend-it' : 'web.cut-it')}
            </Button>
            <Choice
              label={t('web.which-end')}
              value={end}
              options={(['a', 'b'] as const).map((e) => ({ value: e, label: name(wire[e]) }))}
              onChange={setEnd}
            />
            <section>
              <h3 className="text-[15px] font-[680]">{t('web.put-this-end-on')}</h3>
              <div className="mt-1 flex flex-wrap gap-1.5">
                {terminalsFor(plan, wire, end)
                  .filter((n) => n !== wire[end])
                  .map((n) => (
                    <Tap key={n} onPress={() => act({ kind: 'move', wire: wire.id, end, to: n })}>
                      {n.startsWith('odu.')
                        ? `${letterOf(n, letters)} ${t('web.behind-its-safety')}`
                        : letterOf(n, letters)}
                    </Tap>
                  ))}
              </div>
            </section>
            <section>
              <h3 className="text-[15px] font-[680]">{t('web.change-this-end-over-with')}</h3>
              <div className="mt-1 flex flex-wrap gap-1.5">
                {others.map((o) => (
                  <Tap key={o.id} onPress={() => act({ kind: 'swap', wire: wire.id, other: o.id, end })}>
                    {letterOf(`x.${o.role}`, letters)}
                  </Tap>
                ))}
              </div>
            </section>
          </>
        )}
      </div>
    </Sheet>
  );
}
