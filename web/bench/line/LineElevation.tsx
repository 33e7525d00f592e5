import { useState } from 'react';
import type { Verdict } from '@/core/finding/finding';
import { q, value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { Label } from '../sheet/Dim';
import { Paper } from '../sheet/Paper';
import { useDrag } from '../sheet/use-drag';
import { verdictColour } from '../verdict-colour';
import { besideRun, draggedFt, jointPlaces, lineShape, type Piece } from './line-layout';

export type LineJoint = { id: string; place: string; method: string; verdict: Verdict };
type Props = {
  pieces: readonly Piece[];
  liquidOdIn: number;
  vaporOdIn: number;
  suctionVerdict: Verdict;
  liquidVerdict: Verdict;
  joints: readonly LineJoint[];
  height: number;
  /** The new length of a piece whose end was dragged; undefined where it cannot be changed. */
  onPiece?: (index: number, ft: number) => void;
};

const PAD = { side: 100, top: 52, bottom: 40 };
const UNIT = { w: 66, h: 62 };
const COIL = { w: 62, h: 46 };
const LINE_GAP = 7;

/** The line set in elevation, outdoor unit left, coil right: heights to scale, joints on it, ends to drag. */
export function LineElevation(props: Props) {
  return (
    <Paper id="line" label={t('web.line-set-in-elevation')} height={(width) => drawnHeight(props, width)}>
      {(width, height) => <Drawing {...props} width={width} paperHeight={height} />}
    </Paper>
  );
}

type Scale = { acrossPx: number; upPx: number };
/** Heights may be drawn this much larger than lengths, so that a short rise in a long run is seen. */
const MOST_EXAGGERATED = 3;

/** Feet to pixels: lengths as large as the width allows, heights as large as the paper allows up to three times that. */
function scaleOf(pieces: readonly Piece[], width: number, most: number): Scale {
  const shape = lineShape(pieces);
  const pad = padOf(width);
  const acrossPx = (width - 2 * pad) / Math.max(6, shape.widthFt);
  const room = (most - PAD.top - PAD.bottom - UNIT.h) / Math.max(6, shape.highFt - shape.lowFt);
  const upPx = Math.min(room, acrossPx * MOST_EXAGGERATED);
  return { acrossPx: Math.min(acrossPx, upPx * MOST_EXAGGERATED), upPx };
}
const padOf = (width: number): number => (width < 560 ? 80 : PAD.side);

/** No taller than the run needs. */
function drawnHeight({ pieces, height }: Props, width: number): number {
  const shape = lineShape(pieces);
  const tall = (shape.highFt - shape.lowFt) * scaleOf(pieces, width, height).upPx;
  return Math.min(height, PAD.top + UNIT.h + tall + PAD.bottom);
}

function Drawing({
  pieces,
  liquidOdIn,
  vaporOdIn,
  suctionVerdict,
  liquidVerdict,
  joints,
  onPiece,
  width,
  height,
  paperHeight,
}: Props & { width: number; paperHeight: number }) {
  const [dragged, setDragged] = useState<{ index: number; ft: number }>();
  const drawn = pieces.map((p, i) => (dragged?.index === i ? { ...p, ft: dragged.ft } : p));
  const shape = lineShape(drawn);
  const { acrossPx, upPx } = scaleOf(drawn, width, height);
  const pad = padOf(width);
  const x = (ft: number): number => pad + ft * acrossPx;
  const y = (ft: number): number => PAD.top + UNIT.h / 2 + (shape.highFt - ft) * upPx;
  const path = (offset: number): string =>
    besideRun(shape.corners, ([a, b]) => [x(a), y(b)], offset)
      .map(([px, py], i) => `${i ? 'L' : 'M'}${px} ${py}`)
      .join('');
  const [endX, endY] = shape.corners[shape.corners.length - 1]!;
  const ground = y(Math.min(0, shape.lowFt)) + UNIT.h / 2 + 6;
  return (
    <g>
      <path d={`M8 ${Math.min(paperHeight - 8, ground)}H${width - 8}`} stroke="var(--rule)" strokeWidth={1.4} />
      <rect
        x={x(0) - UNIT.w - 14}
        y={y(0) - UNIT.h / 2}
        width={UNIT.w}
        height={UNIT.h}
        fill="url(#line-soft)"
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      <Label x={x(0) - UNIT.w / 2 - 14} y={y(0) + UNIT.h / 2 + 17} size={13}>
        {t('web.outdoor-2')}
      </Label>
      <path
        d={`M${x(endX) + 16} ${y(endY) + COIL.h / 2}l${COIL.w / 2} ${-COIL.h}l${COIL.w / 2} ${COIL.h}z`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.8}
        strokeLinejoin="round"
      />
      <Label x={x(endX) + 16 + COIL.w / 2} y={y(endY) + COIL.h / 2 + 17} size={13}>
        {t('web.coil')}
      </Label>
      <path d={`M${x(0) - 14} ${y(0)}H${x(0)}`} stroke="var(--ink)" strokeWidth={3} />
      <path
        d={path(LINE_GAP)}
        fill="none"
        stroke={verdictColour(suctionVerdict)}
        strokeWidth={5}
        strokeLinejoin="round"
      />
      <path
        d={path(-LINE_GAP / 2)}
        fill="none"
        stroke={verdictColour(liquidVerdict)}
        strokeWidth={2.2}
        strokeLinejoin="round"
      />
      <path d={`M${x(endX)} ${y(endY)}h16`} stroke="var(--ink)" strokeWidth={3} />
      {drawn.map((p, i) => {
        const [x0, y0] = shape.corners[i]!;
        const [x1, y1] = shape.corners[i + 1]!;
        const flat = p.way === 'along';
        const tight = Math.abs(x1 - x0) * acrossPx < 44 && flat;
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: a piece has no name but its place
          <g key={i}>
            {tight ? null : (
              <Label
                x={(x(x0) + x(x1)) / 2 + (flat ? 0 : p.way === 'down' && width < 560 ? -16 : 18)}
                y={(y(y0) + y(y1)) / 2 + (flat ? -14 : 5)}
                anchor={flat ? 'middle' : p.way === 'down' && width < 560 ? 'end' : 'start'}
                bold
                size={15}
              >
                {`${Number.isInteger(p.ft) ? p.ft : p.ft.toFixed(1)} ft${flat ? '' : ` ${say(value(p.way))}`}`}
              </Label>
            )}
            {onPiece ? (
              <Handle
                x={x(x1)}
                y={y(y1)}
                acrossPx={acrossPx}
                upPx={upPx}
                label={t('web.end-of-piece', { i: i + 1 })}
                onMove={(dx, dy, done) => {
                  const ft = draggedFt(pieces[i]!, dx, dy);
                  if (done) {
                    setDragged(undefined);
                    if (ft !== pieces[i]!.ft) onPiece(i, ft);
                  } else setDragged({ index: i, ft });
                }}
              />
            ) : null}
          </g>
        );
      })}
      {jointPlaces(shape, joints.length).map(([a, b], i) => {
        const j = joints[i]!;
        return (
          <g key={j.id} data-testid="drawn-joint">
            <title>{`${j.place}: ${j.method}`}</title>
            <rect
              x={x(a) - 9}
              y={y(b) - 9 + LINE_GAP / 2}
              width={18}
              height={18}
              fill="var(--paper)"
              stroke={verdictColour(j.verdict)}
              strokeWidth={2.2}
              transform={j.method === 'flare' ? `rotate(45 ${x(a)} ${y(b) + LINE_GAP / 2})` : undefined}
              rx={j.method === 'press' ? 9 : 0}
            />
            <text
              x={x(a)}
              y={y(b) + LINE_GAP / 2 + 4.5}
              textAnchor="middle"
              fontSize={12.5}
              fontWeight={650}
              fill="var(--ink)"
            >
              {i + 1}
            </text>
          </g>
        );
      })}
      <Label x={8} y={18} anchor="start" size={14} tone={verdictColour(suctionVerdict)} bold>
        {t('web.vapor-of', { od: q(vaporOdIn, 'od') })}
      </Label>
      <Label x={130} y={18} anchor="start" size={14} tone={verdictColour(liquidVerdict)} bold>
        {t('web.liquid-of', { od: q(liquidOdIn, 'od') })}
      </Label>
      <Label x={width - 8} y={18} anchor="end" size={14}>
        {`${shape.lengthFt.toFixed(0)} ft${upPx / acrossPx > 1.05 ? t('web.heights', { x: (upPx / acrossPx).toFixed(1) }) : t('web.in-all')}`}
      </Label>
    </g>
  );
}

function Handle({
  x,
  y,
  acrossPx,
  upPx,
  label,
  onMove,
}: {
  x: number;
  y: number;
  acrossPx: number;
  upPx: number;
  label: string;
  onMove: (acrossFt: number, upFt: number, done: boolean) => void;
}) {
  const drag = useDrag(1, true, (by, done) => onMove(by.x / acrossPx, by.y / upPx, done));
  return (
    <g {...drag} className="cursor-grab touch-none" aria-label={label}>
      <circle cx={x} cy={y} r={20} fill="transparent" />
      <circle cx={x} cy={y} r={6} fill="var(--copper)" />
    </g>
  );
}
