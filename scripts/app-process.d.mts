export function startApp(
  port: number | string,
  options?: { empty?: boolean },
): Promise<{ exited: Promise<unknown>; code: Promise<string | undefined>; stop: () => Promise<void> }>;
