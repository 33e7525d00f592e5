export class DatabaseTrouble extends Error {}
export type RunningDatabase = { uri(schema: string): string; stop(): Promise<void>; exited: Promise<number | null> };
export function startDatabase(folder: string, schemas: string[], grantPattern?: string): Promise<RunningDatabase>;
export function freePort(): Promise<number>;
