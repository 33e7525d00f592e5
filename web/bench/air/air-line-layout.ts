import type { AirPlan, SizedBranch } from '@/core/air/duct/plan-air';
import { t } from '@/web/words/tell';

export type DuctShape = {
  id: string;
  label: string;
  note: string;
  short: boolean;
  x0: number;
  y0: number;
  x1: number;
  y1: number;
  thick: number;
};
export type AirLine = {
  width: number;
  height: number;
  plenum: { x: number; y: number; w: number; h: number };
  trunk: DuctShape[];
  branches: DuctShape[];
};

/** Drawn thickness of a duct, px per inch of diameter, and its least. */
const PX_PER_IN = 1.7;
const LEAST_PX = 5;
const ROW = 42;
const PLENUM_W = 62;

const thick = (inches: number): number => Math.max(LEAST_PX, inches * PX_PER_IN);
const note = (b: SizedBranch, narrow: boolean): string =>
  t('web.in-cfm', {
    sizeIn: b.sizeIn,
    cfm: b.cfm.toFixed(0),
    narrow: narrow ? '' : t('web.fpm', { fpm: b.fpm.toFixed(0) }),
  });

/** The one-line sketch: plenum on the left, its own runs upward, the trunk to the right with its runs below, widths to scale. */
export function layoutAirLine(plan: AirPlan, width: number, heightIn: number | null = null): AirLine {
  const narrow = width < 560;
  const upRows = plan.plenum.length;
  const topH = Math.max(40, upRows * ROW + 16);
  const trunkY = topH + 42;
  const plenum = { x: 8, y: 14, w: PLENUM_W, h: trunkY + 34 - 14 };
  const runX = plenum.x + plenum.w;
  const end = width - 12;
  const branches: DuctShape[] = plan.plenum.map((b, i) => ({
    id: b.id,
    label: b.name,
    note: note(b, narrow),
    short: b.short,
    thick: thick(b.sizeIn),
    x0: runX,
    y0: 36 + i * ROW,
    x1: runX + (narrow ? 70 : 130),
    y1: 36 + i * ROW,
  }));
  const step = plan.sections.length ? (end - runX) / plan.sections.length : 0;
  const trunk: DuctShape[] = plan.sections.map((s, i) => ({
    id: `trunk-${i}`,
    label: s.madeWidthIn === undefined ? `${s.sizeIn} in` : t('web.in', { madeWidthIn: s.madeWidthIn, heightIn }),
    // A phone has no room for more than the flow.
    note: narrow ? s.cfm.toFixed(0) : t('web.cfm-fpm', { cfm: s.cfm.toFixed(0), fpm: s.fpm.toFixed(0) }),
    short: s.short,
    thick: thick(s.sizeIn),
    x0: runX + i * step,
    y0: trunkY,
    x1: runX + (i + 1) * step,
    y1: trunkY,
  }));
  plan.trunk.forEach((b, i) => {
    const x = runX + (i + 1) * step - (i === plan.trunk.length - 1 ? thick(b.sizeIn) / 2 : 0);
    const row = narrow ? i : i % 2;
    branches.push({
      id: b.id,
      label: b.name,
      note: note(b, narrow),
      short: b.short,
      thick: thick(b.sizeIn),
      x0: x,
      y0: trunkY,
      x1: x,
      y1: trunkY + 52 + row * ROW,
    });
  });
  const rows = narrow ? plan.trunk.length : Math.min(2, plan.trunk.length);
  return { width, height: trunkY + 64 + rows * ROW, plenum, trunk, branches };
}
