export const en = {} as const;
