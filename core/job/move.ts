import type { Finding, FindingAction, Verdict } from '@/core/finding/finding';
import { tell } from '@/core/job/words';
import type { EntryKind } from '@/core/phases/log/entries';
import type { BenchOrder } from '@/core/plant/bench/bench';
import type { Said } from '@/core/words/said';

/** What the one button of a next move does, in every phase. */
export type Action =
  | FindingAction
  /** Another page of the job. */
  /** A page of the job; of another of its circuits where one is named. */
  | { kind: 'go'; to: string; circuitId?: string }
  /** The form of a log entry. */
  | { kind: 'write'; entry: EntryKind; preset?: Readonly<Record<string, unknown>> }
  /** Opens an entry of the log again, to put it right. */
  | { kind: 'correct'; entryId: string }
  /** Shows the joint that is next to be soap-tested. */
  | { kind: 'show-joint'; joint: string }
  /** Something typed that has a form of its own. */
  | { kind: 'type'; what: 'vacuum' | 'furnace-proof' | 'weights' }
  | { kind: 'type'; what: 'readings'; quantity?: string }
  /** What the customer reads and signs. */
  | { kind: 'customer'; subject: string }
  | { kind: 'release-removal' }
  | { kind: 'open-report' }
  | { kind: 'connect' }
  | { kind: 'close-valve' }
  | { kind: 'speed'; speed: number }
  | { kind: 'record'; stage: 'reading' | 'final'; sign: boolean }
  /** Orders to a simulated bench, or what the crew tells of its own gear; then an entry of the log, a form or a page. */
  | {
      kind: 'bench';
      orders: readonly (BenchOrder | { kind: 'cylinder'; cylinderId: string })[];
      entry?: { kind: EntryKind; body: Record<string, unknown> };
      form?: EntryKind;
      go?: string;
    };

export type Button = { label: Said; action: Action };

/** The next move: one sentence, why, and what its one button does. The same shape in every phase. */
export type Move = {
  kind: Verdict | 'now' | 'override';
  say: Said;
  because: Said;
  /** Without one there is nothing to press, or not by this person. */
  button?: Button;
  /** How long it takes, in words; or a wait that runs by the clock: since when, and how many minutes. */
  wait?: Said;
  since?: string;
  forMin?: number;
};

/** What a move asks for, without its figures: while it is the same there is nothing new to decide. */
export function shapeOf({ kind, say, button }: Move): string {
  const bare = (x: unknown): unknown =>
    typeof x === 'object' && x !== null && 'id' in x
      ? [
          (x as Said).id,
          ...Object.values((x as Said).with ?? {})
            .filter((v) => typeof v === 'object' && v !== null && 'id' in v)
            .map(bare),
        ]
      : null;
  return JSON.stringify([kind, bare(say), button ? [bare(button.label), button.action.kind] : null]);
}

/** Nothing is to be done but to wait. */
export const isWait = ({ button, wait, since }: Move): boolean =>
  button === undefined || wait !== undefined || since !== undefined;

/** Something is to be decided: there is a button to press with nothing to wait for, or a finding that was not there before. */
export const isDecision = (move: Move, before: string): boolean =>
  !isWait(move) || ((move.kind === 'stop' || move.kind === 'look-again') && shapeOf(move) !== before);

/** The move that a finding asks for: what to do before what is wrong. */
export function moveOf(finding: Finding, button?: Button): Move {
  const { next, claim, because, verdict } = finding;
  return {
    kind: verdict,
    say: next?.say ?? claim,
    because: next ? (next.because ?? tell('job.claim-because', { claim, because })) : because,
    ...(button ? { button } : {}),
  };
}

export const go = (to: string, label: Said): Button => ({ label, action: { kind: 'go', to } });
export const write = (entry: EntryKind, label: Said): Button => ({ label, action: { kind: 'write', entry } });
