import { type balancePoint, capacityAt, type HeatPumpLines, lossAt } from '@/core/sizing/balance-point';
import type { Selection } from '@/core/sizing/selection';
import type { Point } from '@/web/bench/sheet/shapes';

/** Pieces a line is drawn in; air beside the design day and the end of heating, °F; room above the highest value. */
const PIECES = 60;
const COLDER_F = 5;
const COLDEST_SHOWN_F = 10;
const WARMER_F = 2;
const ABOVE = 1.08;

/** What the pump gives and the house loses, for balancePoint; undefined without a load or a heat pump. */
export function heatPumpLines({ heatPump: h, load }: Selection): HeatPumpLines | undefined {
  if (!h || !load) return undefined;
  return {
    capacity47Btuh: h.capacity47Btuh,
    capacity17Btuh: h.capacity17Btuh,
    heatLossBtuh: load.heatLossBtuh,
    designF: load.winterDesignF,
    noLoadF: h.noLoadF,
    frostDent: h.frostDent,
  };
}

export type SelectionLines = {
  lowF: number;
  highF: number;
  mostBtuh: number;
  /** °F and Btu/h along each line. */
  loss: Point[];
  pump: Point[];
  /** What is missing between the design day and the balance point: down one line and back along the other. */
  missing: Point[];
};

export function selectionLines(
  lines: HeatPumpLines,
  { balanceF }: Pick<Extract<ReturnType<typeof balancePoint>, { ok: true }>['value'], 'balanceF'>,
): SelectionLines {
  const lowF = Math.min(lines.designF, COLDEST_SHOWN_F, balanceF) - COLDER_F;
  const highF = lines.noLoadF + WARMER_F;
  const along = (from: number, to: number, f: (t: number) => number): Point[] =>
    Array.from({ length: PIECES + 1 }, (_, i) => from + ((to - from) * i) / PIECES).map((t) => [t, f(t)]);
  const loss = (t: number): number => lossAt(lines, t);
  const pump = (t: number): number => capacityAt(lines, t);
  return {
    lowF,
    highF,
    mostBtuh: Math.max(loss(lowF), pump(highF)) * ABOVE,
    loss: along(lowF, highF, loss),
    pump: along(lowF, highF, pump),
    missing:
      balanceF > lines.designF
        ? [...along(lines.designF, balanceF, loss), ...along(lines.designF, balanceF, pump).reverse()]
        : [],
  };
}
