import { tell } from '@/core/phases/plan/words';
import { lower, type Said, value } from '@/core/words/said';
import type { MetalPart } from './metal';

/** What stands on the drawing of a part: its head, the warning, what each piece is. */
export function metalPatternText({ body }: MetalPart, number: number) {
  const sides = [body.lengthIn, body.widthIn].filter((v) => v !== null);
  return {
    title: tell('metalpart.title', {
      number: String(number),
      name: body.name,
      part: lower(value(body.part)),
      size: sides.map((v) => String(v)).join(' × '),
      gauge: body.gauge,
      count: String(body.count),
    }),
    warning: tell('metalpart.test-strip-first'),
    piece: (id: string): Said => PIECES[id] ?? tell('metalpart.side', { id }),
  };
}
const PIECES: Readonly<Record<string, Said>> = {
  A: tell('metalpart.half', { id: 'A' }),
  B: tell('metalpart.half', { id: 'B' }),
  pan: tell('metalpart.blank'),
  cap: tell('metalpart.blank'),
  'side cap': tell('metalpart.blank'),
  top: tell('metalpart.top'),
  bottom: tell('metalpart.bottom'),
  left: tell('metalpart.left'),
  right: tell('metalpart.right'),
  wrapper: tell('metalpart.wrapper'),
};
