/** Mean score of some rounds; none of none. */
export const meanOf = (rounds: readonly { total: number }[]): number =>
  rounds.reduce((sum, r) => sum + r.total, 0) / Math.max(1, rounds.length);
