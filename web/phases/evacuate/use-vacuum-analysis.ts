import { useEffect, useRef, useState } from 'react';
import type { VacuumAnswer, VacuumQuestion } from '@/web/workers/vacuum-analysis';

/** Asks at most this often, however fast the gauge streams. */
const ASK_EVERY_MS = 700;

/** Fits the vacuum in a worker: the newest question is asked as soon as the last one is answered. */
export function useVacuumAnalysis(question: Omit<VacuumQuestion, 'id'>): VacuumAnswer | undefined {
  const worker = useRef<Worker>(undefined);
  const [answer, setAnswer] = useState<VacuumAnswer>();
  const waiting = useRef(false);
  const newest = useRef(question);
  newest.current = question;
  const asked = useRef<{ at: number; points: number; isolatedMin: number | null }>({
    at: 0,
    points: -1,
    isolatedMin: null,
  });
  const count = question.points.length;
  const { isolatedMin } = question;

  useEffect(() => {
    const made = new Worker(new URL('../../workers/vacuum-worker.ts', import.meta.url), { type: 'module' });
    made.onmessage = (e: MessageEvent<VacuumAnswer>) => {
      waiting.current = false;
      setAnswer(e.data);
    };
    worker.current = made;
    return () => made.terminate();
  }, []);

  useEffect(() => {
    const ask = (): void => {
      const q = newest.current;
      if (waiting.current || q.points.length === 0) return;
      asked.current = { at: Date.now(), points: q.points.length, isolatedMin: q.isolatedMin };
      waiting.current = true;
      worker.current?.postMessage({ ...q, id: asked.current.at });
    };
    const changed = count !== asked.current.points || isolatedMin !== asked.current.isolatedMin;
    if (!changed) return;
    const due = asked.current.at + ASK_EVERY_MS - Date.now();
    if (due <= 0) {
      ask();
      return;
    }
    const timer = setTimeout(ask, due);
    return () => clearTimeout(timer);
  }, [count, isolatedMin]);
  return count > 0 ? answer : undefined;
}
