import { SHEET_VERSION } from '@/contract/answers/version';
import { nowIso } from '@/web/api/clock';
import { deviceStore } from './device-store';

/** What may be looked at without a connection: the person, jobs and what their pages ask for. */
const SHEET = /^\/jobs\/[0-9a-f-]{36}(\?circuit=[0-9a-f-]{36})?$/;
const KEPT =
  /^\/(me|jobs|jobs\/[0-9a-f-]{36}(\?circuit=[0-9a-f-]{36})?|cylinders|library|people|settings|owed|plan\/hours|week\?from=[\d-]{10}|jobs\?.*)$/;

/** Keeps what the server answered, for a time without a connection. Without room it is simply not kept. */
export async function keepCopy(path: string, text: string): Promise<void> {
  if (!KEPT.test(path)) return;
  try {
    const store = await deviceStore();
    await store.put('copies', { path, text, at: nowIso(), shape: SHEET_VERSION });
  } catch {
    // A private window, or no room.
  }
}

/** A sheet that this version of the app cannot read is no copy: better none than one that breaks the page. */
async function readable(path: string, text: string): Promise<boolean> {
  if (!SHEET.test(path)) return true;
  const { readSheet } = await import('@/contract/answers/sheet');
  return readSheet(JSON.parse(text)) !== undefined;
}

export async function copyOf(path: string): Promise<{ text: string; at: string } | undefined> {
  try {
    const copy = await (await deviceStore()).get('copies', path);
    return copy?.shape === SHEET_VERSION && (await readable(path, copy.text)) ? copy : undefined;
  } catch {
    return undefined;
  }
}

/** The device is full: the older half of the copies goes, of which the server has the original; who is signed in stays known. */
export async function forgetOldest(): Promise<void> {
  const store = await deviceStore();
  const copies = (await store.getAll('copies'))
    .filter((c) => c.path !== '/me')
    .sort((a, b) => a.at.localeCompare(b.at));
  for (const { path } of copies.slice(0, Math.ceil(copies.length / 2))) await store.delete('copies', path);
}

/** Nothing that one person loaded is shown to the next. */
export async function forgetCopies(): Promise<void> {
  try {
    await (await deviceStore()).clear('copies');
  } catch {
    // There was none.
  }
}
