import { useEffect } from 'react';
import { deviceStore } from './device-store';
import { getForLater } from './http';
import type { Me } from './use-me';

/** So many jobs are on a device whole: those of the next days, and those that were looked at (design default). */
const MOST_JOBS = 12;
/** What was fetched so lately is not fetched again, ms. */
const FRESH_MS = 10 * 60_000;
/** The page that is looked at comes first, ms. */
const AFTER_MS = 3_000;
const MOST_PICTURES = 60;

/** What every job's pages ask for besides its sheet. */
const SHARED = ['/cylinders', '/library', '/people', '/settings', '/plan/hours'];

/** A job in the list, as much as decides whether it is kept. */
type Listed = { jobId: string; leadName: string; state: string; scheduledFor: string };
type Kept = { circuits: readonly { id: string }[]; survey: { photos: readonly { id: string }[] } };

/** Those that this person leads, the soonest first, then those that this device knows already. */
export function jobsToKeep(
  rows: readonly Listed[],
  me: Pick<Me, 'fullName'>,
  onDevice: ReadonlySet<string>,
  today: string,
): string[] {
  const open = rows.filter((r) => r.state === 'open');
  const far = (r: Listed): number => Math.abs(Date.parse(r.scheduledFor) - Date.parse(today));
  const mine = open.filter((r) => r.leadName === me.fullName).sort((a, b) => far(a) - far(b));
  const known = open.filter((r) => onDevice.has(r.jobId));
  return [...new Set([...mine, ...known].map((r) => r.jobId))].slice(0, MOST_JOBS);
}

/** When what was fetched last, over reloads: a phone pays for what it fetches. */
const MARKS = 'mb-kept-whole';
type Marks = Record<string, number>;

/** Marks that still count; none where the device keeps nothing of that kind. */
export function freshMarks(text: string | null, nowMs: number): Marks {
  try {
    const all = Object.entries(JSON.parse(text ?? '{}') as Marks);
    return Object.fromEntries(all.filter(([, at]) => typeof at === 'number' && nowMs - at < FRESH_MS && at <= nowMs));
  } catch {
    return {};
  }
}

let line: Promise<unknown> = Promise.resolve();

/** A job with all of its circuits; one request after the other, and none where there is no connection. */
async function keepJob(jobId: string): Promise<void> {
  const sheet = await getForLater<Kept>(`/jobs/${jobId}`);
  for (const { id } of sheet.circuits.slice(1)) await getForLater(`/jobs/${jobId}?circuit=${id}`);
}

/** Its pictures: the worker that opens the application keeps what passes through it, and answers from there the next time. */
async function keepPictures(jobId: string): Promise<void> {
  const copy = await (await deviceStore()).get('copies', `/jobs/${jobId}`);
  const { survey } = JSON.parse(copy!.text) as Kept;
  for (const { id } of survey.photos.slice(0, MOST_PICTURES))
    for (const size of ['thumbnail', 'image']) await fetch(`/api/photos/${id}/${size}`);
}

/** Asked for by the list of jobs: what this person will work on is on the device before its signal is gone. */
export function useKeepWhole(rows: readonly Listed[], me: Me | undefined, today: string): void {
  const names = rows.map((r) => `${r.jobId}${r.state}${r.scheduledFor}`).join();
  // biome-ignore lint/correctness/useExhaustiveDependencies: the list is another array every ten seconds, with the same jobs
  useEffect(() => {
    if (!me || rows.length === 0) return;
    // It goes on when the list is left: who taps a job at once has it, and the others, all the same.
    const later = new Promise((done) => setTimeout(done, AFTER_MS));
    line = Promise.all([line, later])
      .then(() => keepAll(rows, me, today))
      .catch(() => undefined);
  }, [names, me?.id, today]);
}

async function keepAll(rows: readonly Listed[], me: Me, today: string): Promise<void> {
  const copies = await (await deviceStore()).getAllKeys('copies');
  const onDevice = new Set(copies.flatMap((path) => /^\/jobs\/([0-9a-f-]{36})/.exec(path)?.[1] ?? []));
  const there = new Set<string>(copies);
  const once = async (path: string, what: string, work: () => Promise<unknown>): Promise<void> => {
    const mark = `${me.id} ${path} ${what}`;
    const marks = freshMarks(localStorage.getItem(MARKS), Date.now());
    if (there.has(path) && mark in marks) return;
    await work();
    localStorage.setItem(MARKS, JSON.stringify({ ...marks, [mark]: Date.now() }));
    there.add(path);
  };
  for (const path of SHARED) await once(path, '', () => getForLater(path));
  for (const jobId of jobsToKeep(rows, me, onDevice, today)) {
    await once(`/jobs/${jobId}`, '', () => keepJob(jobId));
    // Without that worker nobody keeps them.
    if (navigator.serviceWorker?.controller) await once(`/jobs/${jobId}`, 'pictures', () => keepPictures(jobId));
  }
}
