import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { Waiting } from './outbox/waiting';

/** A copy of what the server answered, for a time without a connection. */
export type Copy = { path: string; text: string; at: string; shape?: number };

interface Schema extends DBSchema {
  outbox: { key: number; value: Waiting; indexes: { person: string } };
  copies: { key: string; value: Copy };
}
export type DeviceStore = IDBPDatabase<Schema>;

let opened: Promise<DeviceStore> | undefined;

/** What this device keeps by itself: writes that wait for a connection, and copies of what was loaded. */
export function deviceStore(name = 'mill-bridge'): Promise<DeviceStore> {
  opened ??= openDB<Schema>(name, 1, {
    upgrade(db) {
      const outbox = db.createObjectStore('outbox', { keyPath: 'seq', autoIncrement: true });
      outbox.createIndex('person', 'personId');
      db.createObjectStore('copies', { keyPath: 'path' });
    },
  });
  return opened;
}
