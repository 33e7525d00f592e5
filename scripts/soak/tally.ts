/** What a writer sent with an id and words of its own, and what it learned of it. */
export type Sent = { id: string; words: string; acknowledged: boolean };
/** What a sheet shows afterwards. */
export type Found = { id: string; words: string };
export type Tally = { acknowledged: number; lost: Sent[]; doubled: Found[] };

/**
 * Holds what was acknowledged against what is there. Lost: acknowledged and not there, or there with other words. Doubled:
 * the same words twice, under one id or under two. What was never acknowledged may be there once or not at all.
 */
export function tally(sent: readonly Sent[], found: readonly Found[]): Tally {
  const byId = new Map(found.map((f) => [f.id, f]));
  const seen = new Set<string>();
  const doubled = found.filter((f) => {
    const again = seen.has(f.words);
    seen.add(f.words);
    return again;
  });
  const acknowledged = sent.filter((s) => s.acknowledged);
  return {
    acknowledged: acknowledged.length,
    lost: acknowledged.filter((s) => byId.get(s.id)?.words !== s.words),
    doubled,
  };
}
