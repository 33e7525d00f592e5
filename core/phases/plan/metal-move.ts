import { go, type Move } from '@/core/job/move';
import type { DrawnPart } from './metal';
import { tell } from './words';

const APPROVED: readonly string[] = ['approved', 'approved with changes'];

/** What comes next in the shop: a first part, the answer to a drawing, or nothing before it is made. */
export function metalMove(parts: readonly DrawnPart[]): Move {
  if (parts.length === 0)
    return {
      kind: 'now',
      say: tell('metalpart.no-part-yet'),
      because: tell('metalpart.from-a-fit-sheet-or-typed'),
    };
  const open = parts.find((p) => !APPROVED.includes(p.answer?.body.said ?? ''));
  if (open)
    return {
      kind: 'now',
      say: tell('metalpart.have-it-approved', { name: open.part.body.name }),
      because: tell('metalpart.nothing-is-cut-before'),
      button: {
        label: tell('metalpart.write-the-answer'),
        action: { kind: 'write', entry: 'shop-drawing', preset: { partId: open.part.id } },
      },
    };
  return {
    kind: 'good',
    say: tell('metalpart.every-drawing-is-approved'),
    because: tell('metalpart.it-is-on-the-list'),
    button: go('plan/take', tell('metalpart.to-the-list')),
  };
}
