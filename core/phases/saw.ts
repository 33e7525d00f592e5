import type { Phase } from '@/core/job/phases';
import type { SheetWith } from '@/core/job/sheet';
import { wholeLog } from './log/circuit-log';

type Seen = SheetWith<'circuitLog' | 'jobLog' | 'measurements' | 'overrides' | 'systemLog'>;

/** FNV-1a, 32 bits: offset basis and prime (RFC 9923, from memory). */
const BASIS = 0x811c9dc5;
const PRIME = 0x01000193;

function fnv1a(text: string): number {
  let hash = BASIS;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), PRIME) >>> 0;
  return hash;
}

/**
 * What somebody who signs a phase has before them, as a short mark: the entries of its log, its readings and what a lead let
 * pass, by their ids in any order. Two sheets with the same have the same mark; whoever signs without a connection sends it
 * along, so that a signature never covers what its signer could not have seen. No proof against forgery: ids are not secret.
 * @returns the number of records and two hashes of eight hexadecimal digits, `12-0f3a…`
 */
export function sawOf(sheet: Seen, phase: Phase): string {
  const ids = [
    ...wholeLog(sheet).filter((e) => e.phase === phase),
    ...sheet.measurements.filter((m) => m.phase === phase),
    ...sheet.overrides.filter((o) => o.phase === phase),
  ]
    .map((x) => x.id)
    .sort();
  const text = ids.join(' ');
  const hex = (n: number): string => n.toString(16).padStart(8, '0');
  return `${ids.length}-${hex(fnv1a(text))}${hex(fnv1a([...text].reverse().join('')))}`;
}
