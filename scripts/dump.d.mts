export class DumpTrouble extends Error {}
export function tool(name: string): string;
export function dump(uri: string, file: string): Promise<void>;
export function load(uri: string, file: string): Promise<void>;
