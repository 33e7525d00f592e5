import type { CircuitSchools } from '@/core/circuit/schools';
import type { Move } from '@/core/job/move';
import type { LiveStream } from '@/core/phases/live/stream';
import { liveMachine, type Recovering } from './live-machine';
import { livePumpDown, liveRebound } from './live-pump-down';

/** The live move of a recovery: pump-down, rebound, then the machine once it is proven dead. */
export function liveRecover(on: Recovering, stream: LiveStream, schools: CircuitSchools): Move | undefined {
  const { rec } = on;
  const method = rec.method?.body.method;
  if (!method || method === 'nothing' || !stream.switches) return undefined;
  if (stream.switches.running && method === 'pump-down') return livePumpDown(rec, stream, schools);
  if (rec.checks.find((c) => c.id === 'dead')?.verdict === 'good') return liveMachine(on, stream);
  if (method !== 'pump-down') return undefined;
  const last = rec.attempts.at(-1);
  if (!last) return livePumpDown(rec, stream, schools);
  if (!last.rebound) return liveRebound(rec, stream);
  return last.verdict?.next === 'repeat' ? livePumpDown(rec, stream, schools) : undefined;
}
