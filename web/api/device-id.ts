import { v4 as uuid } from 'uuid';

const KEY = 'mb-device';

/** The name of this device, for as long as its browser keeps it: what is checked out to it is used here without a connection. */
export function deviceId(): string {
  const kept = localStorage.getItem(KEY);
  if (kept) return kept;
  const made = uuid();
  localStorage.setItem(KEY, made);
  return made;
}
