/** A write that the server has not confirmed yet. It carries its own id, so that sending it twice is the same as once. */
export type Waiting = {
  seq: number;
  /** Who wrote it: what one left on a shared device is never sent in the name of the next. */
  personId: string;
  method: 'POST' | 'PUT';
  path: string;
  body: Readonly<Record<string, unknown>>;
  /** When it was written, as the server would have it. */
  at: string;
  /** The same by the clock of this device, ms: how long it waited is measured by that alone. */
  deviceMs?: number;
  /** An earlier change of the same thing that was under way: this one follows on the version that it makes. */
  after?: number;
  /** What the server said when it would not have it, and nobody stood by to read it. */
  refused?: Refused;
};
export type Refused = { message: string; field?: string; allowed?: string };

/** What came of a write: stored with the server's answer, or kept until there is a connection. */
export type Outcome = { kind: 'stored'; answer: unknown } | { kind: 'waits' };

/** Answers of one walk are sent together: the name of the list in the body, by the end of the path. */
const TOGETHER: Readonly<Record<string, string>> = { observations: 'observations' };
const MOST_TOGETHER = 100;

const listOf = (path: string): string | undefined => TOGETHER[path.split('/').at(-1) ?? ''];

/** The next write with what can go along with it, oldest first. */
export function nextTogether(waiting: readonly Waiting[]): Waiting[] {
  const [first, ...rest] = waiting;
  if (!first) return [];
  if (first.method !== 'POST' || !listOf(first.path)) return [first];
  const others = rest.findIndex((w) => w.path !== first.path);
  return [first, ...rest.slice(0, others < 0 ? rest.length : others)].slice(0, MOST_TOGETHER);
}

/** One body for several writes. */
export function bodyTogether(writes: readonly Waiting[]): Readonly<Record<string, unknown>> {
  const [first] = writes;
  const list = first && listOf(first.path);
  if (!first || !list || writes.length === 1) return first?.body ?? {};
  return { [list]: writes.flatMap((w) => w.body[list] as unknown[]) };
}

/** The job that a path is about. */
export const jobOf = (path: string): string | undefined => /^\/jobs\/([^/]+)\//.exec(path)?.[1];
