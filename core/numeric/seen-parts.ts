/** What a piece of work looked at, part by part, and what it came to. */
export type Seen<Made> = { parts: ReadonlyMap<PropertyKey, unknown>; made: Made };

/** Works on an object and notes every part of it that was looked at. `made` must not hold the object it was given. */
export function seeing<Of extends object, Made>(of: Of, work: (of: Of) => Made): Seen<Made> {
  const parts = new Map<PropertyKey, unknown>();
  const watched = new Proxy(of, {
    get(target, part) {
      const value = Reflect.get(target, part);
      parts.set(part, value);
      return value;
    },
  });
  const made = work(watched);
  return { parts, made };
}

const still = (value: unknown): boolean => typeof value !== 'object' || value === null || Object.isFrozen(value);

/** Whether the same work on this object would look at the very same things: then it comes to the same. Of what can still change nobody knows. */
export const holdsFor = <Of extends object>({ parts }: Seen<unknown>, of: Of): boolean =>
  [...parts].every(([part, value]) => still(value) && Reflect.get(of, part) === value);
