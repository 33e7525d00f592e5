import { type AsyncZippable, unzip, zip } from 'fflate';

/** What the files of a bundle hold in all, unpacked, at most: a packed file can say little and hold much. */
export const MOST_UNPACKED_BYTES = 400 * 1024 * 1024;
const MOST_FILES = 20_000;
/** Pictures are packed already. */
const AS_IT_IS = /\.jpg$/;

export type Files = Readonly<Record<string, Uint8Array>>;

/** Packs files on threads of their own. */
export const pack = (files: Files, at: Date): Promise<Uint8Array> =>
  new Promise((done, failed) => {
    const asked: AsyncZippable = Object.fromEntries(
      Object.entries(files).map(([name, data]) => [name, [data, { level: AS_IT_IS.test(name) ? 0 : 6, mtime: at }]]),
    );
    zip(asked, (error, data) => (error ? failed(error) : done(data)));
  });

/** Unpacks a file; undefined where it is no zip, or would hold more than a job's file may. */
export const unpack = (data: Uint8Array): Promise<Files | undefined> =>
  new Promise((done) => {
    let bytes = 0;
    let count = 0;
    const filter = ({ originalSize }: { originalSize: number }): boolean => {
      bytes += originalSize;
      count += 1;
      return bytes <= MOST_UNPACKED_BYTES && count <= MOST_FILES;
    };
    try {
      unzip(data, { filter }, (error, files) =>
        done(error || bytes > MOST_UNPACKED_BYTES || count > MOST_FILES ? undefined : files),
      );
    } catch {
      done(undefined);
    }
  });
