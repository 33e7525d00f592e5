import { range } from '@/core/finding/allow';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** As a tape is read: 22 1/2, 22-1/2 or 1/2, down to sixty-fourths. */
const TAPE = /^(?:(\d+)[\s-]+)?(\d+)\/(2|4|8|16|32|64)$/;

/** Reads what a person typed as a number: spaces, a decimal comma, a true minus and fractions are understood; units are not. */
export function numberFromText(text: string): number | undefined {
  const tidy = text.trim().replace(/[−–]/g, '-').replace(',', '.');
  const tape = TAPE.exec(tidy);
  if (tape) return Number(tape[1] ?? 0) + Number(tape[2]) / Number(tape[3]);
  if (!/^[-+]?(\d+\.?\d*|\.\d+)$/.test(tidy)) return undefined;
  return Number(tidy);
}

/** Why a typed text cannot be used, or undefined when it can. */
export function typedTrouble(
  text: string,
  low: number,
  high: number,
  unit: string,
): { message: string; allowed: string } | undefined {
  const allowed = say(range(low, high, unit).allowed);
  const value = numberFromText(text);
  if (value === undefined) {
    return {
      message: /[a-z°]/i.test(text)
        ? t('web.is-not-plain-number-leave-unit-2', { text })
        : t('web.is-not-number', { text }),
      allowed,
    };
  }
  if (value < low) return { message: t('web.is-too-low', { text }), allowed };
  if (value > high) return { message: t('web.is-too-high', { text }), allowed };
  return undefined;
}
