import { mutate } from 'swr';
import type { JobSheet } from '@/core/job/sheet';
import { forgetOldest, keepCopy } from '@/web/api/copies';
import { deviceStore } from '@/web/api/device-store';
import { ApiProblem, direct } from '@/web/api/http';
import { upload } from '@/web/api/upload';
import { t } from '@/web/words/tell';
import { pathOfSheet, sheetPath, splitPath } from '../circuit-path';
import { withJobOf } from '../job-parts';
import { type Carrier, Outbox } from './outbox';
import { jobOf, type Outcome, type Waiting } from './waiting';

const RETRY_MS = 5_000;

/** Trouble that passes: no connection, a server that is down, a session that ran out, too many at once. */
export const passes = (e: unknown): boolean =>
  e instanceof ApiProblem && (e.code === 'offline' || e.status >= 500 || e.status === 401 || e.status === 429);

const isSheet = (answer: unknown): answer is JobSheet =>
  typeof answer === 'object' && answer !== null && 'circuitLog' in answer && 'signOffs' in answer;

/** The sheet that the server answered with, on every screen and in this device's copy. */
export function takeSheet(sheet: JobSheet): void {
  const path = pathOfSheet(sheet);
  void keepCopy(path, JSON.stringify(sheet));
  void mutate(path, sheet, { revalidate: false });
  if (sheet.circuits.length < 2) return;
  // What is the job's stands on the sheet of every circuit of it: there at once, then as the server has it.
  const job = sheetPath(sheet.job.id);
  void mutate(
    (key) => typeof key === 'string' && key !== path && splitPath(key).path === job,
    (seen: JobSheet | undefined) => seen && withJobOf(seen, sheet),
  );
}

function answered(write: Pick<Waiting, 'path'>, answer: unknown): void {
  const job = jobOf(write.path);
  if (isSheet(answer)) takeSheet(answer);
  else if (job) void mutate((key) => typeof key === 'string' && splitPath(key).path === sheetPath(job));
  else void mutate((key) => typeof key === 'string' && key.startsWith(`/${write.path.split('/')[1]}`));
}

/** A picture goes as a form, everything else as JSON. */
function send({ method, path, body, at, deviceMs }: Parameters<Carrier['send']>[0]): Promise<unknown> {
  if (!(body.photo instanceof Blob)) return direct(method, path, body, deviceMs ?? Date.parse(at));
  const form = new FormData();
  for (const [name, value] of Object.entries(body)) form.set(name, value instanceof Blob ? value : String(value));
  return upload(path, form, () => undefined, new AbortController().signal);
}

let ours: Promise<Outbox> | undefined;
let whose: string | undefined;
let stop = (): void => undefined;

/** The outbox of whoever is signed in on this device. */
export function outboxOf(personId: string): Promise<Outbox> {
  if (ours && whose === personId) return ours;
  stop();
  whose = personId;
  // Asked for once: what waits here must not be thrown away to make room for something else.
  void navigator.storage?.persist?.();
  ours = deviceStore().then(async (store) => {
    const box = new Outbox(store, personId, {
      send,
      passes,
      refusedBy: (e) => ({
        message: (e as Error).message,
        field: (e as ApiProblem).field,
        allowed: (e as ApiProblem).allowed,
      }),
      answered,
      makeRoom: forgetOldest,
      noRoom: () => new ApiProblem({ code: 'no-room', message: t('web.no-room-on-this-device') }, 0),
    });
    await box.load();
    const again = (): void => void (box.list().some((w) => !w.refused) && box.flush());
    window.addEventListener('online', again);
    const timer = setInterval(again, RETRY_MS);
    stop = () => {
      window.removeEventListener('online', again);
      clearInterval(timer);
    };
    again();
    return box;
  });
  return ours;
}

/** The outbox that is open now; who is not signed in has none. */
export function openOutbox(): Promise<Outbox> {
  return ours ?? Promise.reject(new Error('nobody is signed in'));
}

/** Every write of the screens: kept on the device first, then sent. */
export const write = async (method: Waiting['method'], path: string, body: object): Promise<Outcome> =>
  (await openOutbox()).write(method, path, body);
