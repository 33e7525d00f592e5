export const SERVER: string[];
