import { createHash } from 'node:crypto';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';

/**
 * A small stand-in of an object store: puts and gets objects of a bucket by the S3 protocol's paths, asks for its key, checks
 * what came against the hash in its signed head, and can be made to fail. It does not check the signature itself.
 */
export class ObjectStore {
  readonly objects = new Map<string, Buffer>();
  /** Answers that are made instead of its own: how it fails. */
  failing: number | 'silent' | undefined;
  private readonly server = createServer((request, response) => {
    const chunks: Buffer[] = [];
    request.on('data', (chunk: Buffer) => chunks.push(chunk));
    request.on('end', () => {
      if (this.failing === 'silent') return void request.socket.destroy();
      const say = (status: number, code: string): void => {
        response.writeHead(status, { 'Content-Type': 'application/xml' });
        response.end(
          `<?xml version="1.0" encoding="UTF-8"?><Error><Code>${code}</Code><Message>${code}</Message></Error>`,
        );
      };
      if (this.failing) return say(this.failing, 'SlowDown');
      const signed = new RegExp(`^AWS4-HMAC-SHA256 Credential=${this.accessKeyId}/\\d{8}/[\\w-]+/s3/aws4_request, `);
      if (!signed.test(request.headers.authorization ?? '')) return say(403, 'AccessDenied');
      const key = decodeURIComponent(new URL(request.url!, 'http://store').pathname);
      if (!key.startsWith(`/${this.bucket}/`)) return say(404, 'NoSuchBucket');
      if (request.method === 'PUT') {
        const body = Buffer.concat(chunks);
        if (request.headers['x-amz-content-sha256'] !== createHash('sha256').update(body).digest('hex'))
          return say(400, 'XAmzContentSHA256Mismatch');
        this.objects.set(key, body);
        response.writeHead(200, { ETag: '"stored"' }).end();
      } else {
        const object = this.objects.get(key);
        if (!object) return say(404, 'NoSuchKey');
        response.writeHead(200, { 'Content-Type': 'image/jpeg', 'Content-Length': object.length }).end(object);
      }
    });
  });

  constructor(
    readonly bucket: string,
    readonly accessKeyId: string,
  ) {}

  async open(): Promise<string> {
    await new Promise<void>((done) => this.server.listen(0, '127.0.0.1', done));
    return `http://127.0.0.1:${(this.server.address() as AddressInfo).port}`;
  }

  close(): void {
    this.server.closeAllConnections();
    this.server.close();
  }
}
