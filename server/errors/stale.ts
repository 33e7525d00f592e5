import { isDeepStrictEqual } from 'node:util';
import type { Said } from '@/core/words/said';
import { Problem } from './problem';

const plain = (value: unknown): unknown => (value === undefined ? null : JSON.parse(JSON.stringify(value)));

/**
 * After a write that lost its version. What is stored is what was sent: its answer was lost on the way and it came again,
 * nothing to do. Anything else is refused with both, so that nothing typed is lost.
 */
export function sameOrStale(
  message: Said,
  versions: { yours: unknown; stored: unknown },
  content: { sent: unknown; kept: unknown },
): void {
  if (!isDeepStrictEqual(plain(content.sent), plain(content.kept)))
    throw new Problem('stale-version', { message, ...versions });
}

/** A record without who wrote it, when, and its version. */
export function contentOf(record: { by?: unknown; at?: unknown; version?: unknown } | null): unknown {
  const { by: _by, at: _at, version: _version, ...content } = record ?? {};
  return content;
}
