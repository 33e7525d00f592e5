export class DatabaseTrouble extends Error {}
export type RunningDatabase = {
  uri(schema: string): string;
  pid: number;
  stop(): Promise<void>;
  exited: Promise<number | null>;
};
export function startDatabase(
  folder: string,
  schemas: string[],
  options?: {
    grantPattern?: string;
    say?: (text: string) => void;
    scratch?: boolean;
    port?: number;
    memoryMb?: number;
    also?: string[];
  },
): Promise<RunningDatabase>;
export function freePort(): Promise<number>;
