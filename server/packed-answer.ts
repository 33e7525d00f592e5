import { createHash } from 'node:crypto';
import { promisify } from 'node:util';
import { gunzip, gunzipSync, gzip } from 'node:zlib';
import type { Request, Response } from 'express';

/** An answer as JSON, ready to send: packed once for everybody who asks. */
export type PackedAnswer = { etag: string; gzipped: Buffer };

/** Quick rather than small: an answer shrinks to a tenth already. */
const LEVEL = 4;
const pack = promisify(gzip);
const unpack = promisify(gunzip);

export async function packedAnswer(value: unknown): Promise<PackedAnswer> {
  const text = JSON.stringify(value);
  return {
    etag: `"${createHash('sha1').update(text).digest('base64url')}"`,
    gzipped: await pack(text, { level: LEVEL }),
  };
}

/** Its JSON again. */
export const unpacked = async ({ gzipped }: PackedAnswer): Promise<string> => (await unpack(gzipped)).toString();

/** Sends it; nothing but its tag to a page that has this very one. */
export function sendPacked(request: Request, response: Response, { etag, gzipped }: PackedAnswer): void {
  response.setHeader('ETag', etag);
  // A page that asks whether its copy still holds says no-cache as well; Express would take that for "send it again".
  if (request.headers['if-none-match'] === etag) return void response.status(304).end();
  response.type('json');
  if (request.acceptsEncodings('gzip'))
    response.setHeader('Content-Encoding', 'gzip').vary('Accept-Encoding').send(gzipped);
  else response.send(gunzipSync(gzipped));
}
