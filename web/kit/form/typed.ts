import type { Field } from '@/core/form/field';
import { PSI_PER_INHG } from '@/core/units/units';
import { numberFromText } from '@/web/kit/number-text';
import { ozFromText, type WeightText, weightText } from '@/web/kit/weight-text';
import { t } from '@/web/words/tell';

/** What stands in the boxes of one field; the second box is pounds of a weight, or the unit of a pressure. */
export type Typed = { text: string; more?: string };

/** A gauge below atmosphere is read in inches of mercury, without a minus. */
export const VACUUM = 'inHg';

const tenth = (v: number): number => Math.round(v * 10) / 10;

/** How a known value stands in its boxes. */
export function typedOf({ shown }: Pick<Field, 'shown'>, value: unknown): Typed {
  if (value === null || value === undefined || value === '') return { text: '' };
  if (shown.kind === 'weight' && typeof value === 'number') {
    const { lb, oz } = weightText(value);
    return { text: oz, more: lb };
  }
  if (shown.kind === 'pressure' && typeof value === 'number' && value < 0)
    return { text: String(tenth(-value / PSI_PER_INHG)), more: VACUUM };
  return { text: String(value) };
}

/** The value of what is typed: a number, nothing, or why it cannot be read. */
export function readTyped(
  { shown }: Pick<Field, 'shown'>,
  { text, more = '' }: Typed,
): { value?: number; trouble?: string } {
  if (shown.kind === 'weight') {
    const weight: WeightText = { lb: more, oz: text };
    if (`${more}${text}`.trim() === '') return {};
    const value = ozFromText(weight);
    return value === undefined
      ? { trouble: t('web.is-not-plain-number-leave-unit-3', { trim: `${more} ${text}`.trim() }) }
      : { value };
  }
  if (text.trim() === '') return {};
  const number = numberFromText(text);
  if (number === undefined) return { trouble: t('web.is-not-plain-number-leave-unit-2', { text }) };
  return { value: shown.kind === 'pressure' && more === VACUUM ? -Math.abs(number) * PSI_PER_INHG : number };
}
