import { z } from 'zod';
import { characters, REFUSED } from '@/core/finding/allow';
import { chars, num, oneOf } from '@/core/finding/quantity-field';

export const PATTERN_PARTS = ['outdoor', 'compressor'] as const;
export const PATTERN_CONFIDENCE = ['high', 'medium', 'low'] as const;

/** More of them fit almost anything, and take long to try. */
const MOST_STARS = 3;

/**
 * How a maker writes the size into a model number: `#` is a digit of the size, `?` any one sign, `*` any signs. Tons are the digits
 * over `perTon`: 12 where they are thousands of Btu/h. A company fills its own table; how sure it is of a row is kept with it.
 */
export const modelPatternSchema = z.strictObject({
  part: oneOf(PATTERN_PARTS),
  pattern: z
    .string()
    .trim()
    .min(2)
    .max(60)
    .refine((p) => /#/.test(p) && !/#[^#]+#/.test(p), REFUSED.sizeDigits)
    .refine((p) => p.split('*').length - 1 <= MOST_STARS, REFUSED.stars)
    .meta(characters(2, 60)),
  perTon: num(0.1, 12_000, 'per ton'),
  confidence: oneOf(PATTERN_CONFIDENCE),
  source: chars(1, 120),
});
export type ModelPattern = z.infer<typeof modelPatternSchema>;

const escaped = (s: string): string => s.replace(/[.+^${}()|[\]\\/-]/g, '\\$&');

/** The pattern as a rule over a whole model number; its digits of size in the one group. */
function ruleOf(pattern: string): RegExp {
  const body = escaped(pattern.trim())
    .replace(/#+/g, (digits) => `(\\d{${digits.length}})`)
    .replace(/\?/g, '.')
    .replace(/\*/g, '.*?');
  return new RegExp(`^${body}$`, 'i');
}

export type ModelSize = { tons: number; pattern: ModelPattern };

/** Sizes that a system can have, tons; a digit group that gives another is no size. */
const TONS = { low: 0.5, high: 60 } as const;

/** What a model number says of the size, by the table; the surest row that fits, the longest pattern where several are as sure. */
export function sizeOfModel(
  patterns: readonly ModelPattern[],
  part: ModelPattern['part'],
  model: unknown,
): ModelSize | undefined {
  if (typeof model !== 'string' || model.trim() === '') return undefined;
  const found = patterns
    .filter((p) => p.part === part)
    .flatMap((pattern) => {
      const digits = ruleOf(pattern.pattern).exec(model.trim())?.[1];
      const tons = digits === undefined ? Number.NaN : Number(digits) / pattern.perTon;
      return tons >= TONS.low && tons <= TONS.high ? [{ tons, pattern }] : [];
    });
  const rank = ({ pattern: p }: ModelSize): number =>
    100 * PATTERN_CONFIDENCE.indexOf(p.confidence) - p.pattern.replaceAll('*', '').length;
  return found.sort((a, b) => rank(a) - rank(b))[0];
}
