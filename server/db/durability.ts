import type { Db } from './pool';

/** What decides whether a commit that was acknowledged outlives a power cut. */
export type DurabilitySettings = {
  flushAtCommit: number;
  doublewrite: number;
  binlog: number;
  syncBinlog: number;
};

/**
 * What is wrong with them, in words for whoever runs the database; none where acknowledged means on disk.
 * Source: MariaDB documentation, innodb_flush_log_at_trx_commit (1: flushed at every commit), sync_binlog (1: with it).
 */
export function durabilityFaults({ flushAtCommit, doublewrite, binlog, syncBinlog }: DurabilitySettings): string[] {
  return [
    ...(flushAtCommit === 1
      ? []
      : [`innodb_flush_log_at_trx_commit is ${flushAtCommit}, must be 1: a power cut may lose what was acknowledged`]),
    ...(doublewrite ? [] : ['innodb_doublewrite is off, must be on: a power cut may tear a page']),
    ...(binlog && syncBinlog !== 1
      ? [`sync_binlog is ${syncBinlog}, must be 1: a copy or a restored backup may lack what was acknowledged`]
      : []),
  ];
}

export async function readDurability(db: Db): Promise<DurabilitySettings> {
  const [row] = await db.rows<DurabilitySettings>(
    `select @@innodb_flush_log_at_trx_commit as flushAtCommit, @@innodb_doublewrite as doublewrite,
       @@log_bin as binlog, @@sync_binlog as syncBinlog`,
  );
  const { flushAtCommit, doublewrite, binlog, syncBinlog } = row!;
  return {
    flushAtCommit: Number(flushAtCommit),
    doublewrite: Number(doublewrite),
    binlog: Number(binlog),
    syncBinlog: Number(syncBinlog),
  };
}
