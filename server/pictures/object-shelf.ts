import { GetObjectCommand, NoSuchKey, PutObjectCommand, S3Client } from '@aws-sdk/client-s3';
import type { Shelf } from './shelf';

/** A store that does not answer within these is told as such, ms: a crew waits in front of it. */
const CONNECT_MS = 2000;
const ANSWER_MS = 10_000;

export type ObjectPlace = {
  bucket: string;
  /** Before every key; empty: none. */
  prefix: string;
  /** Undefined: the store's own by region. */
  endpoint?: string;
  region: string;
  /** Undefined: where the client looks by itself (environment, its files, the machine's role). */
  credentials?: { accessKeyId: string; secretAccessKey: string };
};

/** A bucket of an object store that speaks the S3 protocol. */
export function objectShelf({ bucket, prefix, endpoint, region, credentials }: ObjectPlace): Shelf & { close(): void } {
  const client = new S3Client({
    region,
    ...(endpoint ? { endpoint, forcePathStyle: true } : {}),
    ...(credentials ? { credentials } : {}),
    // Stores of other houses do not all know the newer checksums.
    requestChecksumCalculation: 'WHEN_REQUIRED',
    responseChecksumValidation: 'WHEN_REQUIRED',
    requestHandler: { connectionTimeout: CONNECT_MS, requestTimeout: ANSWER_MS, throwOnRequestTimeout: true },
  });
  const at = (key: string) => ({ Bucket: bucket, Key: prefix ? `${prefix}/${key}` : key });
  return {
    name: `s3://${[bucket, prefix].filter(Boolean).join('/')}`,
    async put(key, bytes) {
      await client.send(new PutObjectCommand({ ...at(key), Body: bytes, ContentType: 'image/jpeg' }));
    },
    async get(key) {
      try {
        const { Body } = await client.send(new GetObjectCommand(at(key)));
        return Body && Buffer.from(await Body.transformToByteArray());
      } catch (error) {
        if (error instanceof NoSuchKey) return undefined;
        throw error;
      }
    },
    close: () => client.destroy(),
  };
}
