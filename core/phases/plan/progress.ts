import type { JobSheet } from '@/core/job/sheet';
import { entriesOf, wholeLog } from '@/core/phases/log/circuit-log';
import type { Span } from '@/core/plan/day/calendar';
import type { PlanPiece } from '@/core/plan/day/make';
import { stepOf } from '@/core/plan/day/steps';

/** How a piece stands: when it was begun and done, who did it, and who says so. */
export type Progress = {
  begun?: number;
  done?: number;
  who?: readonly string[];
  /** Typed on the day sheet, signed in its phase, or known because what comes after it has begun. */
  by: 'typed' | 'phase' | 'what follows';
};

/** Phases that more than one step of a day belongs to: that one was begun does not say which. */
const SHARED_PHASES: ReadonlySet<string> = new Set(['set', 'wire']);

/**
 * Where every piece stands: what was typed counts first, then what its phase says by its first entry and its signature; a
 * piece that others came after is done by then.
 *
 * @param clock a moment on the plan's clock
 */
export function progressOf(
  pieces: readonly PlanPiece[],
  sheets: readonly JobSheet[],
  clock: (at: string) => number,
): Map<string, Progress> {
  const out = new Map<string, Progress>();
  for (const { body } of entriesOf(sheets[0]!.jobLog, 'plan-work'))
    out.set(body.piece, {
      ...(body.startedAt ? { begun: clock(body.startedAt) } : {}),
      ...(body.doneAt ? { done: clock(body.doneAt) } : {}),
      who: body.who,
      by: 'typed',
    });
  for (const p of pieces) {
    const typed = out.get(p.id);
    if (typed?.done !== undefined) continue;
    const told = byPhase(p, sheets, clock);
    if (told) out.set(p.id, { ...told, ...typed, ...(typed ? { by: 'typed' } : {}) });
  }
  // Backward: what is later in the list comes after what is earlier.
  for (const p of [...pieces].reverse()) {
    if (out.get(p.id)?.done !== undefined) continue;
    const followers = pieces.filter((x) => x.after.includes(p.id)).flatMap((x) => startOf(out.get(x.id)) ?? []);
    if (followers.length) out.set(p.id, { ...out.get(p.id), by: 'what follows', done: Math.min(...followers) });
  }
  return out;
}

const startOf = (p: Progress | undefined): number | undefined => p?.begun ?? p?.done;

/** What the phase of a piece says of it on the sheet of its circuit. */
function byPhase(p: PlanPiece, sheets: readonly JobSheet[], clock: (at: string) => number): Progress | undefined {
  const { phase } = stepOf(p.step);
  const sheet = sheets.find(
    (s) =>
      (p.circuitId === undefined || s.circuit.id === p.circuitId) &&
      (p.systemId === undefined || s.system.id === p.systemId),
  );
  if (!sheet) return undefined;
  if (p.step === 'furnace-proof') return sheet.furnace ? { done: clock(sheet.furnace.at), by: 'phase' } : undefined;
  if (!phase) return undefined;
  const signed = sheet.signOffs.find((s) => s.phase === phase);
  const first = SHARED_PHASES.has(phase) || phase === 'hand-over' ? undefined : firstOf(sheet, phase);
  if (!signed && first === undefined) return undefined;
  return {
    ...(first === undefined ? {} : { begun: clock(first) }),
    ...(signed ? { done: clock(signed.at) } : {}),
    by: 'phase',
  };
}

/** When the first thing of a phase was written, read or run. */
const firstOf = (sheet: JobSheet, phase: string): string | undefined =>
  [
    ...wholeLog(sheet)
      .filter((e) => e.phase === phase)
      .map((e) => e.at),
    ...sheet.measurements.filter((m) => m.phase === phase).map((m) => m.occurredAt),
    ...sheet.runs.filter((r) => r.phase === phase).map((r) => r.startedAt),
  ].sort()[0];

/** A piece that is done in its span; where only its end is known it took its hours, where nobody said when it stands at a moment. */
export const doneSpan = ({ begun, done, by }: Progress, hours: number): Span | undefined =>
  done === undefined ? undefined : [Math.min(done, begun ?? done - (by === 'what follows' ? 0 : hours)), done];
