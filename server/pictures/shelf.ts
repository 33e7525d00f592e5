/** Where the bytes of pictures lie outside the database. The same key always holds the same bytes, and nothing is taken away. */
export type Shelf = {
  /** As it is named at the start and in the log. */
  readonly name: string;
  /** Durable when it resolves. */
  put(key: string, bytes: Buffer): Promise<void>;
  /** Undefined: there is nothing under this key. Throws when the shelf does not answer. */
  get(key: string): Promise<Buffer | undefined>;
};

export type PictureSize = 'image' | 'thumbnail';

/** The key holds the hash: another picture under the same id cannot take its place. */
export const shelfKey = (
  { companyId, id, contentHash }: { companyId: string; id: string; contentHash: string },
  size: PictureSize,
): string => `${companyId}/${id}/${contentHash}${size === 'thumbnail' ? '-small' : ''}.jpg`;
