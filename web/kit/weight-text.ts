import { t } from '@/web/words/tell';
import { numberFromText } from './number-text';

/** A weight as it is typed: pounds and ounces, or ounces alone. */
export type WeightText = { lb: string; oz: string };

export const EMPTY_WEIGHT: WeightText = { lb: '', oz: '' };
const OZ_PER_LB = 16;

/** A weight in the boxes, pounds first where there is a pound. */
export function weightText(oz: number | null | undefined): WeightText {
  if (oz === null || oz === undefined) return EMPTY_WEIGHT;
  const lb = Math.floor(oz / OZ_PER_LB);
  return oz < OZ_PER_LB
    ? { lb: '', oz: String(oz) }
    : { lb: String(lb), oz: String(Math.round((oz - lb * OZ_PER_LB) * 100) / 100) };
}

/** Ounces of what is typed; undefined while it is empty or cannot be read. */
export function ozFromText({ lb, oz }: WeightText): number | undefined {
  if (lb.trim() === '' && oz.trim() === '') return undefined;
  const pounds = lb.trim() === '' ? 0 : numberFromText(lb);
  const ounces = oz.trim() === '' ? 0 : numberFromText(oz);
  return pounds === undefined || ounces === undefined ? undefined : pounds * OZ_PER_LB + ounces;
}

/** Why a typed weight cannot be used, or undefined when it can. */
export function weightTrouble(
  text: WeightText,
  lowOz: number,
  highOz: number,
): { message: string; allowed: string } | undefined {
  const allowed = t('web.to-oz', { lowOz, highOz });
  const value = ozFromText(text);
  if (value === undefined)
    return {
      message:
        text.lb.trim() || text.oz.trim()
          ? t('web.is-not-weight-leave-units-out', { trim: `${text.lb} ${text.oz}`.trim() })
          : t('web.missing'),
      allowed,
    };
  if (value < lowOz) return { message: t('web.too-light'), allowed };
  if (value > highOz) return { message: t('web.too-heavy'), allowed };
  return undefined;
}
