import { sizeAllowed } from '@/core/circuit/line/allowed-sizes';
import type { Finding } from '@/core/finding/finding';
import type { EntryBody } from '@/core/phases/log/entries';
import { list, q } from '@/core/words/said';
import type { JoinContext } from './line-run';
import { tell } from './words';

/** Line sizes against the unit's own: listed ones say nothing more, one of the maker's table is good, any other is looked at. */
export function sizeChecks(body: EntryBody<'line-run'>, { listed }: JoinContext): Finding[] {
  if (!listed) return [];
  const lines = [
    { name: 'liquid', is: body.liquidOdIn, wants: listed.liquidOdIn, also: listed.liquidSizes },
    { name: 'vapour', is: body.vaporOdIn, wants: listed.vaporOdIn, also: listed.vaporSizes },
  ] as const;
  const off = lines
    .filter((l) => l.wants !== null && l.is !== l.wants)
    .map((l) => ({ ...l, allowed: sizeAllowed(l.is, l.wants, l.also) }));
  if (off.length === 0) return [];
  const other = list(
    off.map((l) =>
      l.name === 'liquid'
        ? tell('join.liquid-line-listed', { liquidOdIn: q(l.is, 'od'), liquidOdIn2: q(l.wants, 'od') })
        : tell('join.vapour-line-listed', { vaporOdIn: q(l.is, 'od'), vaporOdIn2: q(l.wants, 'od') }),
    ),
    '; ',
  );
  if (off.every((l) => l.allowed === 'in-table'))
    return [
      {
        id: 'listed-size',
        verdict: 'good',
        claim: tell('join.another-size-that-its-table-allows', { other }),
        because: tell('join.loss-and-oil-return-are-judged-beside'),
        source: tell('join.makers-line-table-in-library'),
      },
    ];
  const refused = off.some((l) => l.allowed === 'not-in-table');
  return [
    {
      id: 'listed-size',
      verdict: 'look-again',
      claim: tell(refused ? 'join.another-size-that-its-table-does-not-have' : 'join.another-size-than-unit-lists', {
        other,
      }),
      because: tell('join.capacity-oil-return-and-charge-belong'),
      source: refused ? tell('join.makers-line-table-in-library') : tell('join.units-own-listing-makers-line-table'),
      next: { say: refused ? tell('join.lay-a-size-of-its-table') : tell('join.find-this-size-in-makers-line') },
      miss: refused ? 2 : 1,
    },
  ];
}
