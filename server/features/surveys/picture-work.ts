import { createHash } from 'node:crypto';
import sharp, { type Sharp } from 'sharp';
import { badInput, Problem } from '@/server/errors/problem';
import { tell } from '@/server/words/tell';

/** Long side of a stored picture and of its thumbnail, px: a plate stays readable, a roof stays uploadable. */
const PICTURE_PX = 1600;
const THUMBNAIL_PX = 320;
/** More than this is no photograph of a phone (design default); it is told from the header, before anything is unpacked. */
const MOST_PIXELS = 50_000_000;
const MOST_SECONDS = 10;
/** Pictures are worked one after the other, so that signing in and everything else keep their threads; more than these wait outside. */
const MOST_WAITING = 12;

// One thread a picture: the others belong to passwords and files.
sharp.concurrency(1);
sharp.cache(false);

const TAKEN = 'JPEG, PNG, WebP or AVIF, up to 20 MB and 50 megapixels';

/** What a file is by its first bytes, whatever its name says. */
export function pictureKind(file: Buffer): 'jpeg' | 'png' | 'webp' | 'avif' | 'heic' | undefined {
  if (file.length < 16) return undefined;
  if (file[0] === 0xff && file[1] === 0xd8 && file[2] === 0xff) return 'jpeg';
  if (file.subarray(0, 8).equals(Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]))) return 'png';
  const text = (from: number, to: number): string => file.subarray(from, to).toString('latin1');
  if (text(0, 4) === 'RIFF' && text(8, 12) === 'WEBP') return 'webp';
  if (text(4, 8) !== 'ftyp') return undefined;
  const brands = text(8, Math.min(file.length, 64));
  if (/avif|avis/.test(brands)) return 'avif';
  return /heic|heix|hevc|hevx|mif1|msf1/.test(brands) ? 'heic' : undefined;
}

export type WorkedPicture = {
  image: Buffer;
  thumbnail: Buffer;
  widthPx: number;
  heightPx: number;
  bytes: number;
  contentHash: string;
};

let waiting = 0;
let line: Promise<unknown> = Promise.resolve();

/** Turns a picture upright, makes it small and drops its place and camera data; one at a time, with a bound on the line. */
export const workPicture = (file: Buffer): Promise<WorkedPicture> => inLine(file, resized);

/** Size of a logo on paper, px. */
const LOGO_PX = { width: 900, height: 300 } as const;

/** A company's logo: made small, on white, as PNG. */
export const workLogo = (file: Buffer): Promise<{ image: Buffer; contentHash: string }> =>
  inLine(file, async (picture) => {
    try {
      const image = await (await opened(picture))
        .resize({ ...LOGO_PX, fit: 'inside', withoutEnlargement: true })
        .flatten({ background: '#ffffff' })
        .png()
        .toBuffer();
      return { image, contentHash: createHash('sha256').update(image).digest('hex') };
    } catch (error) {
      throw unreadable(error);
    }
  });

function inLine<T>(file: Buffer, doing: (file: Buffer) => Promise<T>): Promise<T> {
  const kind = pictureKind(file);
  if (kind === 'heic') throw badInput('photo', tell('server.heic-pictures-cannot-be-read-here'), TAKEN);
  if (!kind) throw badInput('photo', tell('server.file-is-not-picture-that-can'), TAKEN);
  if (waiting >= MOST_WAITING)
    throw new Problem('too-many', {
      field: 'photo',
      message: tell('server.many-pictures-are-being-worked-on'),
    });
  waiting += 1;
  const work = line.then(() => doing(file));
  line = work
    .catch(() => undefined)
    .finally(() => {
      waiting -= 1;
    });
  return work;
}

/** The picture upright, its size told from the header before anything is unpacked. */
async function opened(file: Buffer): Promise<Sharp> {
  const { width = 0, height = 0, pages = 1 } = await sharp(file, { limitInputPixels: false }).metadata();
  if (width * height * pages > MOST_PIXELS)
    throw badInput(
      'photo',
      tell('server.picture-has-megapixels', { width: Math.round((width * height * pages) / 1e6) }),
      TAKEN,
    );
  return sharp(file, { limitInputPixels: MOST_PIXELS, failOn: 'error', pages: 1 })
    .timeout({ seconds: MOST_SECONDS })
    .rotate();
}

const unreadable = (error: unknown): unknown =>
  error instanceof Problem ? error : badInput('photo', tell('server.file-is-not-picture-that-can'), TAKEN);

async function resized(file: Buffer): Promise<WorkedPicture> {
  try {
    const { data: image, info } = await (await opened(file))
      .resize({ width: PICTURE_PX, height: PICTURE_PX, fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: 80, mozjpeg: true })
      .toBuffer({ resolveWithObject: true });
    // From the small one: the large one is unpacked only once.
    const thumbnail = await sharp(image)
      .resize({ width: THUMBNAIL_PX, height: THUMBNAIL_PX, fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: 72 })
      .toBuffer();
    return {
      image,
      thumbnail,
      widthPx: info.width,
      heightPx: info.height,
      bytes: image.length,
      contentHash: createHash('sha256').update(image).digest('hex'),
    };
  } catch (error) {
    throw unreadable(error);
  }
}
