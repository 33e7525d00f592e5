import { useSyncExternalStore } from 'react';
import { dayAt } from '@/core/words/calendar';

/** Less than this is how clocks are, and how long an answer takes, ms (design default): nothing is corrected. */
const SAME_MS = 90_000;
const KEPT = 'mb-clock';

const listeners = new Set<() => void>();
let aheadMs = kept();

function kept(): number {
  const text = typeof localStorage === 'undefined' ? null : localStorage.getItem(KEPT);
  const ms = Number(text ?? 0);
  return Number.isFinite(ms) ? ms : 0;
}

/** Every answer says what time it is; the device remembers how far it is ahead, also without a connection. */
export function heardTime(date: string | null, sentMs: number, nowMs = Date.now()): void {
  const server = date === null ? Number.NaN : Date.parse(date);
  if (!Number.isFinite(server)) return;
  const ahead = Math.round((sentMs + nowMs) / 2 - server);
  const next = Math.abs(ahead) < SAME_MS ? 0 : ahead;
  // The header counts whole seconds: it does not make the clock jump to and fro.
  if (next === aheadMs || (next !== 0 && Math.abs(next - aheadMs) < SAME_MS)) return;
  aheadMs = next;
  if (typeof localStorage !== 'undefined') localStorage.setItem(KEPT, String(next));
  for (const listener of listeners) listener();
}

/** The time as the server has it, ms: what is written and judged goes by it, whatever the clock of this device shows. */
export const serverNow = (): number => asServer(Date.now());
/** A moment by the clock of this device, as the server would have it, ms. */
export const asServer = (deviceMs: number): number => deviceMs - aheadMs;
export const nowIso = (): string => new Date(serverNow()).toISOString();
export const todayAt = (timeZone: string): string => dayAt(new Date(serverNow()), timeZone);

/** How far this device is ahead of the server, ms; below zero: behind; 0: it goes right. */
export const useClockAhead = (): number =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => aheadMs,
  );
