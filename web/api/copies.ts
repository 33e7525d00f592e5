import { deviceStore } from './device-store';

/** What may be looked at without a connection: the person, jobs and what their pages ask for. */
const KEPT = /^\/(me|jobs|jobs\/[0-9a-f-]{36}|cylinders|library|people|settings|jobs\?.*)$/;

/** Keeps what the server answered, for a time without a connection. Without room it is simply not kept. */
export async function keepCopy(path: string, text: string): Promise<void> {
  if (!KEPT.test(path)) return;
  try {
    const store = await deviceStore();
    await store.put('copies', { path, text, at: new Date().toISOString() });
  } catch {
    // A private window, or no room.
  }
}

export async function copyOf(path: string): Promise<{ text: string; at: string } | undefined> {
  try {
    return await (await deviceStore()).get('copies', path);
  } catch {
    return undefined;
  }
}

/** Nothing that one person loaded is shown to the next. */
export async function forgetCopies(): Promise<void> {
  try {
    await (await deviceStore()).clear('copies');
  } catch {
    // There was none.
  }
}
