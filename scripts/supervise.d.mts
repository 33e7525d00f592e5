import type { ChildProcess } from 'node:child_process';

export function isOurs(pid: number | undefined, part: string): boolean;
export function endProcess(pid: number): Promise<void>;
export function supervise(options: {
  start: () => ChildProcess;
  started?: (child: ChildProcess) => void;
  say: (line: string) => void;
  waitMs?: number;
}): { stop: () => Promise<void>; gaveUp: Promise<number> };
