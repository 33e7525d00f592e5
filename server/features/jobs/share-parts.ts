const isPlain = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' &&
  value !== null &&
  (Array.isArray(value) || Object.getPrototypeOf(value) === Object.prototype);

/**
 * What is now, made of the very pieces that were before wherever they are alike: who remembers by a piece still knows it, and what
 * is the same is held once. Plain objects and arrays alone; anything else is itself.
 */
export function sharing<T>(before: unknown, now: T): T {
  if (!isPlain(now) || !isPlain(before) || Array.isArray(now) !== Array.isArray(before)) return now;
  const names = Object.keys(now);
  let same = names.length === Object.keys(before).length;
  for (const name of names) {
    const piece = sharing(before[name], now[name]);
    if (piece !== now[name] && !Object.isFrozen(now)) (now as Record<string, unknown>)[name] = piece;
    same &&= Object.hasOwn(before, name) && Object.is(piece, before[name]);
  }
  return same ? (before as T) : now;
}
