import { useCallback, useEffect, useRef, useState } from 'react';
import { v7 as uuid } from 'uuid';
import type { Refusal } from '@/core/finding/outcome';
import { type LevelId, nextSeed } from '@/core/practice/levels';
import type { Move } from '@/core/practice/moves';
import type { RoundView } from '@/core/practice/view';
import { nowIso } from '@/web/api/clock';
import { write } from '@/web/api/outbox/our-outbox';
import { useAct } from '@/web/kit/use-act';
import { readKept, useKept } from '@/web/kit/use-kept';
import type { PracticeAnswer } from '@/web/workers/practice-worker';
import PracticeWorker from '@/web/workers/practice-worker?worker';

/** A round under way on this device, until it is handed over: it outlives Back and a reload. */
export type KeptRound = { id: string; seed: number; moves: readonly Move[]; finishedAt?: string; sent?: true };
export const roundKey = (personId: string, level: LevelId): string => `practice-${personId}-${level}`;
export const keptRound = (personId: string, level: LevelId): KeptRound | undefined =>
  readKept<KeptRound>(roundKey(personId, level));

/** Plays a round: every move goes to the simulated system in its worker, and is kept on the device. */
export function useRound(level: LevelId, personId: string, played: readonly number[]) {
  const fresh = (): KeptRound => ({ id: uuid(), seed: nextSeed(level, played), moves: [] });
  const { value: round, keep } = useKept<KeptRound>(roundKey(personId, level), fresh);
  const [view, setView] = useState<RoundView>();
  const [refused, setRefused] = useState<Refusal>();
  const [busy, setBusy] = useState(true);
  const [broken, setBroken] = useState(false);
  const { problem, act } = useAct();
  const worker = useRef<Worker>(undefined);
  const asked = useRef(0);

  useEffect(() => {
    const made = new PracticeWorker();
    worker.current = made;
    return () => made.terminate();
  }, []);

  useEffect(() => {
    const made = worker.current;
    if (!made) return;
    const id = ++asked.current;
    setBusy(true);
    made.onmessage = ({ data }: MessageEvent<PracticeAnswer>) => {
      if (data.id !== asked.current) return;
      setBusy(false);
      setView(data.view);
      setRefused(data.refused);
      // A move that could not be made is not one.
      if (data.refused) keep({ ...round, moves: round.moves.slice(0, data.view.done.length) });
    };
    // A round that this application cannot play any more is told, not waited for.
    made.onerror = () => {
      setBusy(false);
      setBroken(true);
    };
    made.postMessage({ id, level, seed: round.seed, moves: round.moves });
  }, [level, round, keep]);

  // Another window of the same person plays the same round.
  useEffect(() => {
    const follow = (e: StorageEvent): void => {
      const other = e.key?.endsWith(roundKey(personId, level)) ? keptRound(personId, level) : undefined;
      if (other) keep(other);
    };
    window.addEventListener('storage', follow);
    return () => window.removeEventListener('storage', follow);
  }, [personId, level, keep]);

  // Kept first and sent from there: a reload in between sends it again under the same id.
  useEffect(() => {
    if (!round.finishedAt || round.sent) return;
    const { id, seed, moves, finishedAt } = round;
    void act(() => write('POST', '/practice/rounds', { id, level, seed, moves, finishedAt })).then((taken) => {
      if (taken) keep({ ...round, sent: true });
    });
  }, [round, level, keep, act]);

  const move = useCallback(
    (made: Move): void => {
      if (busy || round.finishedAt) return;
      const ended = made.kind === 'finish' ? { finishedAt: nowIso() } : {};
      keep({ ...round, moves: [...round.moves, made], ...ended });
    },
    [busy, round, keep],
  );
  return {
    view,
    refused,
    problem,
    sent: round.sent === true,
    busy,
    broken,
    move,
    again: () => {
      setBroken(false);
      keep({ id: uuid(), seed: nextSeed(level, [...played, round.seed]), moves: [] });
    },
  };
}
export type RoundState = ReturnType<typeof useRound>;
