type App = { exited: Promise<unknown>; code: Promise<string | undefined>; stop: () => Promise<void> };

export function startApp(port: number | string, options?: { empty?: boolean }): Promise<App>;
export function startApps(ports: number[]): Promise<App[]>;
