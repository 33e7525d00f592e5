import { describe, expect, it } from 'vitest';
import { freshSchema } from '@/server/testing/harness';
import { durabilityFaults, readDurability } from './durability';
import { openDatabase } from './pool';

const sound = { flushAtCommit: 1, doublewrite: 1, binlog: 0, syncBinlog: 0 };

describe('acknowledged means on disk', () => {
  it('is silent where it does', () => {
    expect(durabilityFaults(sound)).toEqual([]);
    expect(durabilityFaults({ ...sound, binlog: 1, syncBinlog: 1 })).toEqual([]);
  });
  it.each([
    [{ flushAtCommit: 0 }, /innodb_flush_log_at_trx_commit is 0, must be 1/],
    [{ flushAtCommit: 2 }, /innodb_flush_log_at_trx_commit is 2, must be 1/],
    [{ doublewrite: 0 }, /innodb_doublewrite is off/],
    [{ binlog: 1, syncBinlog: 100 }, /sync_binlog is 100, must be 1/],
  ])('names the setting and what it risks: %j', (change, said) => {
    const faults = durabilityFaults({ ...sound, ...change });
    expect(faults).toHaveLength(1);
    expect(faults[0]).toMatch(said);
  });
  it('reads them from the database: that of the tests waits for no disk, and says so', async () => {
    const schema = await freshSchema();
    const database = openDatabase(schema.uri);
    const settings = await readDurability(database);
    expect(settings).toMatchObject({ flushAtCommit: 0, doublewrite: 0, binlog: 0 });
    expect(durabilityFaults(settings)).toHaveLength(2);
    await database.close();
    await schema.drop();
  });
});
