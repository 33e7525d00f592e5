import { mkdirSync } from 'node:fs';
import path from 'node:path';
import type { Shelf } from './shelf';

/** Regions matter to the large stores alone; a store of one's own takes any. */
const ANY_REGION = 'us-east-1';

/**
 * The shelf that the settings name: `MB_PICTURES=<folder>` or `MB_PICTURES=s3://<bucket>[/<prefix>]` with
 * `MB_PICTURES_ENDPOINT` and `AWS_REGION`; none: pictures lie in the database.
 * @throws when the setting is neither, or the folder cannot be made.
 */
export async function openShelf(env: NodeJS.ProcessEnv): Promise<Shelf | undefined> {
  const where = env.MB_PICTURES;
  if (!where) return undefined;
  const [, bucket, prefix = ''] = /^s3:\/\/([a-z0-9.-]{3,63})(?:\/(.*))?$/.exec(where) ?? [];
  if (bucket) {
    // The client is large: only who uses it loads it.
    const { objectShelf } = await import('./object-shelf');
    return objectShelf({
      bucket,
      prefix: prefix.replace(/\/+$/, ''),
      endpoint: env.MB_PICTURES_ENDPOINT,
      region: env.AWS_REGION ?? ANY_REGION,
    });
  }
  if (!path.isAbsolute(where)) throw new Error(`MB_PICTURES is ${where}: name a whole path, or s3://<bucket>`);
  const { folderShelf } = await import('./folder-shelf');
  mkdirSync(where, { recursive: true, mode: 0o750 });
  return folderShelf(path.resolve(where));
}
