import { mkdir, open, readFile, rename, rm } from 'node:fs/promises';
import path from 'node:path';
import { v7 as uuid } from 'uuid';
import type { Shelf } from './shelf';

/** Keys are made of ids and hashes; anything else would leave the folder. */
const PART = /^[\w-][\w.-]*$/;

const syncFolder = async (folder: string): Promise<void> => {
  const handle = await open(folder, 'r');
  await handle.sync().finally(() => handle.close());
};

/** A folder of this machine, or one that several mount. A picture is written beside, synced and then named: never half of one. */
export function folderShelf(root: string): Shelf {
  const fileOf = (key: string): string => {
    const parts = key.split('/');
    if (!parts.every((part) => PART.test(part))) throw new Error(`${key} is no key of a picture`);
    return path.join(root, ...parts);
  };
  return {
    name: root,
    async put(key, bytes) {
      const file = fileOf(key);
      const folder = path.dirname(file);
      await mkdir(folder, { recursive: true, mode: 0o750 });
      const beside = `${file}.${uuid()}`;
      const handle = await open(beside, 'wx', 0o640);
      try {
        await handle.writeFile(bytes);
        await handle.sync();
      } catch (error) {
        await rm(beside, { force: true });
        throw error;
      } finally {
        await handle.close();
      }
      await rename(beside, file);
      // Its name, and the names of the folders above it, are on the disk too.
      for (let at = folder; at.startsWith(root); at = path.dirname(at)) await syncFolder(at);
    },
    async get(key) {
      try {
        return await readFile(fileOf(key));
      } catch (error) {
        if ((error as NodeJS.ErrnoException).code === 'ENOENT') return undefined;
        throw error;
      }
    },
  };
}
