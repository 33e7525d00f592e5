import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { KeptPiece, KeptRun } from '@/web/device-run/kept-run';
import type { Waiting } from './outbox/waiting';

/** A copy of what the server answered, for a time without a connection. */
export type Copy = { path: string; text: string; at: string; shape?: number };

interface Schema extends DBSchema {
  outbox: { key: number; value: Waiting; indexes: { person: string } };
  copies: { key: string; value: Copy };
  runs: { key: string; value: KeptRun };
  pieces: { key: [string, number]; value: KeptPiece; indexes: { run: string } };
}
export type DeviceStore = IDBPDatabase<Schema>;

let opened: Promise<DeviceStore> | undefined;

/** What this device keeps by itself: writes that wait for a connection, and copies of what was loaded. */
export function deviceStore(name = 'mill-bridge'): Promise<DeviceStore> {
  opened ??= openDB<Schema>(name, 2, {
    upgrade(db, from) {
      if (from < 2) {
        db.createObjectStore('runs', { keyPath: 'id' });
        db.createObjectStore('pieces', { keyPath: ['runId', 'seq'] }).createIndex('run', 'runId');
      }
      if (from >= 1) return;
      const outbox = db.createObjectStore('outbox', { keyPath: 'seq', autoIncrement: true });
      outbox.createIndex('person', 'personId');
      db.createObjectStore('copies', { keyPath: 'path' });
    },
  });
  return opened;
}
