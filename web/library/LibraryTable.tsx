import type { MatchedPair } from '@/core/equipment/library-item';
import type { ModelPattern } from '@/core/equipment/model-pattern';
import type { PartRow } from '@/core/plan/take-off/part-row';
import { PairTable } from './PairTable';
import { PartTable } from './PartTable';
import { PatternTable } from './PatternTable';

type Props = {
  kind: 'pairs' | 'patterns' | 'parts';
  pairs: readonly MatchedPair[];
  patterns: readonly ModelPattern[];
  parts: readonly PartRow[];
};

/** The lists of the library that come as a file only. */
export function LibraryTable({ kind, pairs, patterns, parts }: Props) {
  if (kind === 'pairs') return <PairTable pairs={pairs} />;
  return kind === 'patterns' ? <PatternTable patterns={patterns} /> : <PartTable parts={parts} />;
}
