import { rowsOfBlock } from '@/core/plant/feed/block';
import { WHOLE_S } from '@/core/startup/steady-state';
import type { Deps } from '@/server/deps';
import { readRunData } from './run-data';
import type { RunRow } from './runs-store';

/** Before the hour that is judged, every tenth sample: for the picture alone. */
const THIN = 10;

/** Everything of a run so far, stored or not, with the place in the stream it reaches. */
export async function historyOf(deps: Deps, run: RunRow) {
  const active = deps.hall.get(run.id);
  const waiting = active?.undurable();
  const position = active?.position() ?? { seq: 0, durableSeq: 0 };
  const stored = await readRunData(deps.database, run.companyId, run.id);
  const bySecond = new Map(stored.samples.map((s) => [s.runSeconds, s]));
  for (const s of waiting ? rowsOfBlock(waiting.samples) : []) bySecond.set(s.runSeconds, s);
  const all = [...bySecond.values()].sort((a, b) => a.runSeconds - b.runSeconds);
  const end = all.at(-1)?.runSeconds ?? 0;
  const samples = all.filter((s, i) => end - s.runSeconds <= WHOLE_S || i % THIN === 0);
  return {
    run: { id: run.id, phase: run.phase, source: run.source, speed: run.speed },
    ...position,
    samples,
    events: [...stored.events, ...(waiting?.events ?? [])],
  };
}
