import type { OrderEvent } from '@/core/phases/live/stream';
import type { RunSample } from '@/core/startup/live';
import { OZ_PER_LB } from '@/core/units/units';
import { t } from '@/web/words/tell';
import { type Span, type StripPoint, thinStrip } from '../strip/span';

const S_PER_MIN = 60;
/** The suction is drawn at least down to here: a deep pull shows, and so does 0. */
const LOWEST_PSIG = -12;
const MOST_POINTS = 400;

export type RecoveryMark = { minute: number; word: string };
export type RecoveryLanes = {
  span: Span;
  suction: StripPoint[];
  /** Pounds in the cylinder since the machine last started; empty before. */
  pounds: StripPoint[];
  psig: [low: number, high: number];
  marks: RecoveryMark[];
};

/** Suction and recovered weight over the minutes of a run, and where valves and machine were moved. */
export function recoveryLanes(
  samples: readonly RunSample[],
  orders: readonly OrderEvent[],
  startGrossOz: number | undefined,
  aheadMin = 0,
): RecoveryLanes {
  const minute = (s: RunSample): number => s.runSeconds / S_PER_MIN;
  const suction = samples.flatMap((s): StripPoint[] =>
    typeof s.values.suctionPsig === 'number' ? [[minute(s), s.values.suctionPsig]] : [],
  );
  const machineMin =
    (orders.filter((o) => o.order === 'machine' && o.on !== false).at(-1)?.runSeconds ?? 0) / S_PER_MIN;
  const pounds =
    startGrossOz === undefined
      ? []
      : samples.flatMap((s): StripPoint[] =>
          typeof s.values.scaleOz === 'number' && minute(s) >= machineMin
            ? [[minute(s), Math.max(0, s.values.scaleOz - startGrossOz) / OZ_PER_LB]]
            : [],
        );
  const first = suction[0]?.[0] ?? 0;
  const last = suction.at(-1)?.[0] ?? 0;
  const span = { fromMin: first, toMin: Math.max(first + 5, last + Math.min(aheadMin, Math.max(5, last - first))) };
  const pressures = suction.map(([, p]) => p);
  return {
    span,
    suction: thinStrip(suction, MOST_POINTS),
    pounds: thinStrip(pounds, MOST_POINTS),
    psig: [Math.min(LOWEST_PSIG, ...pressures), Math.max(40, ...pressures) * 1.05],
    marks: marksOf(orders),
  };
}

function marksOf(orders: readonly OrderEvent[]): RecoveryMark[] {
  const words: Record<string, [on: string, off: string]> = {
    call: [t('web.cooling-called'), t('web.power-off')],
    'liquid-valve': [t('web.liquid-open'), t('web.liquid-shut')],
    'vapour-valve': [t('web.vapor-open'), t('web.vapour-shut')],
    machine: [t('web.machine-on'), t('web.machine-off')],
  };
  return orders.flatMap((o) => {
    const pair = words[o.order];
    return pair ? [{ minute: o.runSeconds / S_PER_MIN, word: pair[(o.on ?? o.open) === false ? 1 : 0] }] : [];
  });
}

/** A letter of a mark is about this wide, px. */
const LETTER_PX = 6.4;
const WORD_GAP_PX = 6;

/** Where each word stands: beside its line, left of it at the right edge, a row up where it would cover another. */
export function placeMarks(
  marks: readonly RecoveryMark[],
  x: (minute: number) => number,
  right: number,
): (RecoveryMark & { x: number; leftOf: boolean; row: number })[] {
  const ends: number[] = [];
  return marks.map((m) => {
    const at = x(m.minute);
    const width = m.word.length * LETTER_PX + WORD_GAP_PX;
    const leftOf = at + width > right;
    const from = leftOf ? at - width : at;
    let row = ends.findIndex((end) => from >= end);
    if (row < 0) row = ends.length;
    ends[row] = from + width;
    return { ...m, x: at, leftOf, row };
  });
}
