import { useMemo } from 'react';
import { runCall, wiredFor } from '@/core/controls/control-network';
import type { CabinetView } from '@/core/practice/view';
import { Board } from '@/web/phases/wire/Board';
import { t } from '@/web/words/tell';

/** A transformer of the usual size, VA. */
const USUAL_VA = 40;
const NOTHING: ReadonlySet<string> = new Set();

type Props = { view: CabinetView; selected: string | undefined; onTerminal: (node: string) => void };

/** The board as the diagram has it: where the tips of a meter go. What the cabinet does is only told by calls and meter. */
export function CabinetBoard({ view, selected, onTerminal }: Props) {
  const { spec } = view;
  const board = useMemo(() => {
    const shown = wiredFor(spec);
    const is = runCall(shown, 'off');
    return { shown, is, want: is, open: [], toggle: () => undefined, edit: () => false };
  }, [spec]);
  return (
    <div>
      <p className="text-[13px] text-ink2">{t('web.board-as-the-diagram-has-it')}</p>
      <Board
        board={board}
        letters={{ valve: spec.valve, stages: spec.stages }}
        heatRow={spec.heat === 'strips' ? 'W2' : 'W1'}
        heads={{
          stat: t('web.thermostat'),
          in: t(spec.packaged ? 'web.packaged-unit-va' : 'web.indoor-unit-va', { va: spec.transformerVa ?? USUAL_VA }),
          out: t('web.outdoor-unit'),
        }}
        changed={NOTHING}
        markOf={() => undefined}
        selected={selected}
        onWire={() => undefined}
        onTerminal={onTerminal}
      />
    </div>
  );
}
