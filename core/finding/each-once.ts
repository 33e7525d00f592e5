/** Rows of a list are told apart by their ids, in findings and on screen: no two may share one. */
export const eachOnce = (rows: readonly { id: string }[]): boolean =>
  new Set(rows.map((r) => r.id)).size === rows.length;
