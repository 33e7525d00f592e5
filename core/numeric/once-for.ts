/**
 * `work` that is not done again for the very parts it was done for last: a sheet is read again part by part, and what nobody
 * wrote in stays what it was. It remembers by parts that cannot change alone (those of a kept sheet are frozen); of any other
 * it is worked out each time. The first part is what it is looked up by.
 */
export function onceFor<Of, Made>(parts: (of: Of) => readonly [object, ...object[]], work: (of: Of) => Made) {
  const known = new WeakMap<object, { parts: readonly object[]; made: Made }>();
  return (of: Of): Made => {
    const now = parts(of);
    const there = known.get(now[0]);
    if (there?.parts.every((part, i) => part === now[i])) return there.made;
    const made = work(of);
    if (now.every((part) => Object.isFrozen(part))) known.set(now[0], { parts: now, made });
    return made;
  };
}
