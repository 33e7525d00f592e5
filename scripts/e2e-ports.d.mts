export const WORKERS: number;
export function firstPort(): number;
