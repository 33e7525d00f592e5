import type { Node, Runs, Wire } from '@/core/controls/plan';
import { letterOf, RUN_WORDS } from '@/core/phases/wire/names';
import { value } from '@/core/words/said';
import { Paper } from '@/web/bench/sheet/Paper';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { BoardSwitch } from './BoardSwitch';
import { BoardWire } from './BoardWire';
import { type BoardLayout, boardLayout, TERMINAL_PX } from './board-layout';
import { pressed } from './pressed';
import type { BoardState as AllOfIt } from './use-board';

/** What the board draws, and what a hand does to it. */
type BoardState = Pick<AllOfIt, 'shown' | 'is' | 'want' | 'open' | 'toggle' | 'edit'>;

/** What turns or pulls in, and where it is drawn: outdoors beside its row, indoors under the strip. */
const OUTDOOR_LOADS: readonly (readonly [Runs, terminal: string])[] = [
  ['CC', 'Y1'],
  ['S2', 'Y2'],
  ['RV', 'OB'],
];
const INDOOR_LOADS: readonly Runs[] = ['BL', 'EH', 'F1', 'F2'];
const LIVE_V = 18;
const FOOT_PX = 62;
const LOAD_PX = 26;
const NARROW_PX = 560;

type Props = {
  board: BoardState;
  letters: { valve: 'O' | 'B'; stages: 1 | 2 };
  heatRow: 'W1' | 'W2';
  heads: { stat: string; in: string; out: string };
  changed: ReadonlySet<string>;
  /** What becomes of old conductors; nothing where none were written down. */
  markOf: (wire: Wire) => string | undefined;
  selected: string | undefined;
  onWire: (id: string) => void;
  onTerminal: (node: Node) => void;
};

/** The low-voltage board: strips of terminals and the conductors between them, live or dead under the call that is made. */
export function Board(props: Props) {
  const { board, heatRow } = props;
  const rows = boardLayout(board.shown.plan, 640, heatRow).height;
  return (
    <Paper id="board" label={t('web.the-low-voltage-board')} height={rows + FOOT_PX}>
      {(width) => <Drawn {...props} layout={boardLayout(board.shown.plan, width, heatRow)} />}
    </Paper>
  );
}

function Drawn({
  board,
  letters,
  heads,
  changed,
  markOf,
  selected,
  onWire,
  onTerminal,
  layout,
}: Props & { layout: BoardLayout }) {
  const { is, want, shown } = board;
  const returns = (node: Node): Node => (node.startsWith('out.') && shown.plan.sources.length > 1 ? 'out.C' : 'in.C');
  const live = (node: Node): boolean => Math.abs(is.between(node, returns(node))) >= LIVE_V;
  const narrow = layout.width < NARROW_PX;
  const outputs = Object.keys(shown.plan.outputs) as Runs[];
  const outdoors = layout.terminals.some((t) => t.column === 'out');
  const load = (code: Runs, x: number, y: number, named: boolean) => {
    const [on, should] = [is.runs.has(code), want.runs.has(code)];
    const wrong = on !== should;
    return (
      <g key={code}>
        <rect
          x={x}
          y={y - LOAD_PX / 2}
          width={LOAD_PX}
          height={LOAD_PX}
          fill={on ? 'var(--ink)' : 'var(--sheet)'}
          stroke={wrong ? 'var(--oxide)' : 'var(--ink)'}
          strokeWidth={wrong ? 3.2 : 1.8}
        />
        {named ? (
          <text
            x={x + LOAD_PX + 7}
            y={y - 2}
            fontSize="14"
            fontWeight="680"
            fill={wrong ? 'var(--oxide)' : 'var(--ink)'}
          >
            {say(RUN_WORDS[code])}
            <tspan
              x={x + LOAD_PX + 7}
              dy="15"
              fontSize="12.5"
              fontWeight="500"
              fill={wrong ? 'var(--oxide)' : 'var(--ink2)'}
            >
              {t(wrong ? (on ? 'web.in-should-be-out' : 'web.out-should-be-in') : on ? 'web.pulled-in' : 'web.out')}
            </tspan>
          </text>
        ) : null}
      </g>
    );
  };
  const footY = layout.height + FOOT_PX / 2 - 6;
  const inside = INDOOR_LOADS.filter((code) => outputs.includes(code));
  return (
    <g>
      {(['stat', 'in', ...(outdoors ? (['out'] as const) : [])] as const).map((column) => (
        <g key={column}>
          <text
            x={layout.columns[column]}
            y={16}
            textAnchor={narrow && column === 'stat' ? 'start' : narrow && column === 'out' ? 'end' : 'middle'}
            dx={narrow && column === 'stat' ? -TERMINAL_PX / 2 : narrow && column === 'out' ? TERMINAL_PX / 2 : 0}
            fontSize="14.5"
            fontWeight="680"
            fill="var(--ink)"
          >
            {heads[column]}
          </text>
          <path d={`M${layout.columns[column]} 52V${layout.height - 6}`} stroke="var(--ink)" strokeWidth="2" />
        </g>
      ))}
      {layout.wires.map((d) => (
        <BoardWire
          key={d.wire.id}
          drawn={d}
          live={live(d.wire.a) && !d.wire.open}
          changed={changed.has(d.wire.id)}
          selected={selected === d.wire.id}
          mark={markOf(d.wire)}
          terminals={layout.terminals}
          onPress={() => onWire(d.wire.id)}
          onDrop={(end, to) => board.edit({ kind: 'move', wire: d.wire.id, end, to })}
          name={t('web.conductor-from-to', {
            from: letterOf(d.wire.a, letters),
            to: letterOf(d.wire.b, letters),
            cable: value(d.wire.cable),
          })}
        />
      ))}
      {layout.switches.map((s) => (
        <BoardSwitch
          key={`${s.device} ${s.node}`}
          drawn={s}
          open={board.open.includes(s.device)}
          onPress={() => board.toggle(s.device)}
        />
      ))}
      {layout.terminals.map(({ node, x, y }) => {
        const on = live(node) && !node.endsWith('.C');
        return (
          <g
            key={node}
            {...pressed(() => onTerminal(node))}
            aria-label={t('web.terminal-of', { letter: letterOf(node, letters), node })}
            data-testid={`terminal-${node}`}
          >
            <rect x={x - 22} y={y - 22} width={44} height={44} fill="transparent" />
            <rect
              x={x - TERMINAL_PX / 2}
              y={y - TERMINAL_PX / 2}
              width={TERMINAL_PX}
              height={TERMINAL_PX}
              fill={on ? 'var(--ink)' : 'var(--sheet)'}
              stroke={selected === node ? 'var(--copper)' : 'var(--ink)'}
              strokeWidth={selected === node ? 3.5 : 1.8}
            />
            <text
              x={x}
              y={y + 5}
              textAnchor="middle"
              fontSize="14"
              fontWeight="700"
              fill={on ? 'var(--paper)' : 'var(--ink)'}
            >
              {letterOf(node, letters)}
            </text>
          </g>
        );
      })}
      {OUTDOOR_LOADS.map(([code, terminal]) => {
        const node = `${outdoors ? 'out' : 'in'}.${terminal}`;
        const at = outputs.includes(code) && layout.terminals.find((t) => t.node === node);
        return at && !narrow ? load(code, at.x + (outdoors ? 36 : 36 + layout.safetyRoom), at.y, true) : null;
      })}
      {inside.map((code, i) =>
        load(code, (narrow ? 10 : layout.columns.in - 60) + i * (narrow ? 112 : 128), footY, true),
      )}
    </g>
  );
}
