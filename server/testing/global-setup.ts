import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { build } from 'vite';
import type { TestProject } from 'vitest/node';
import { startDatabase } from '../../scripts/database.mjs';
import { schemaImage } from './schema-image';

declare module 'vitest' {
  export interface ProvidedContext {
    databaseUri: string;
    schemaImage: string;
  }
}

/** A private MariaDB of its own for the tests; DATABASE_URL is never looked at. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  // The plant worker and the restart test run the bundled server, as a user does.
  if (process.env.MB_BUILT !== '1') await build({ configFile: 'vite.server.config.ts', logLevel: 'error' });
  const folder = mkdtempSync(path.join(tmpdir(), 'mb-test-'));
  const database = await startDatabase(folder, [], { grantPattern: 'mb\\_test\\_%', scratch: true });
  project.provide('databaseUri', database.uri('SCHEMA'));
  project.provide('schemaImage', await schemaImage(database.uri('')));
  return async () => {
    await database.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
