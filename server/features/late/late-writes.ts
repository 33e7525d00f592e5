import { createHash } from 'node:crypto';
import type { ErrorRequestHandler, Request } from 'express';
import { v5 as uuidv5 } from 'uuid';
import { LATE_KINDS, type LateKind } from '@/core/phases/late';
import type { Deps } from '@/server/deps';
import { Problem } from '@/server/errors/problem';
import { changeOpenJob } from '@/server/features/jobs/jobs-service';
import { moveLate } from './late-refrigerant';
import { lateStore } from './late-store';

/** How long ago a write was made, s, by the clock of the device alone: one that is wrong by a day measures a span all the same. */
export const WRITTEN_AGO = 'X-Written-Ago';
export const writtenAgoS = (request: Pick<Request, 'get'>): number | undefined => {
  const header = request.get(WRITTEN_AGO);
  return header && /^\d{1,9}(\.\d{1,3})?$/.test(header) ? Math.min(Number(header), MOST_AGO_S) : undefined;
};
/** What waited this long on a device, s, was written without a connection: who wrote it could not know of the signature. */
export const WITHOUT_CONNECTION_S = 60;
const MOST_AGO_S = 366 * 86_400;
/** A span that a phone measured and a slow line carried is known to this, s (design default). */
const SPAN_S = 5;
/** Writes without an id of their own: the same of the same person after the same signature is one. */
const LATE_IDS = '8f1a2f0e-6d0a-4c59-9a55-0d3f8e5b7c21';
const PATH = /^\/jobs\/([0-9a-f-]{36})\/(?:movements\/([0-9a-f-]{36})\/)?([a-z-]+)$/;

export type Signed = { signOffId: string; phase: string; at: string };

type Late = {
  jobId: string;
  circuitId: string | undefined;
  what: LateKind;
  measurementId: string | undefined;
  body: Record<string, unknown>;
  signed: Signed;
  writtenAt: Date;
};

/** What came after the signature of its phase and was written before it, or where nobody could know of it. */
function lateOf(error: unknown, request: Request): Late | undefined {
  const signed =
    error instanceof Problem && error.code === 'already-signed' ? (error.detail.signed as Signed) : undefined;
  const ago = writtenAgoS(request);
  const [, jobId, measurementId, what] = PATH.exec(request.path) ?? [];
  if (!signed || !jobId || ago === undefined) return undefined;
  const writtenAt = new Date(Date.now() - ago * 1000);
  if (!(LATE_KINDS as readonly unknown[]).includes(what)) return undefined;
  // Of two signatures one stands: whoever sent the other learns of it.
  if (what === 'rounds' && request.body.sign !== null) return undefined;
  if (ago < WITHOUT_CONNECTION_S && writtenAt.getTime() >= Date.parse(signed.at) + SPAN_S * 1000) return undefined;
  const { circuit } = request.query;
  return {
    jobId,
    circuitId: typeof circuit === 'string' ? circuit : undefined,
    what: what as LateKind,
    measurementId,
    body: request.body as Record<string, unknown>,
    signed,
    writtenAt,
  };
}

const hashOf = (value: unknown): string => createHash('sha256').update(JSON.stringify(value)).digest('hex');

function idOf({ what, body, signed }: Late, personId: string): string {
  const [first] = [body.measurements, body.observations].flatMap((l) => (Array.isArray(l) ? l : [])) as {
    id: string;
  }[];
  return String(
    body.id ?? body.setId ?? first?.id ?? uuidv5(`${signed.signOffId} ${what} ${personId} ${hashOf(body)}`, LATE_IDS),
  );
}

/** Keeps what comes after its signature beside it, instead of turning it away: nothing that was written is lost. */
export function lateWrites({ database }: Pick<Deps, 'database'>): ErrorRequestHandler {
  return async (error, request, response, next) => {
    const late = request.person && lateOf(error, request);
    if (!late) return next(error);
    const person = request.person!;
    const { jobId, circuitId, what, body, signed, writtenAt } = late;
    const at = circuitId === undefined ? { jobId } : { jobId, circuitId };
    const [id, bodyHash] = [idOf(late, person.id), hashOf(body)];
    const sheet = await changeOpenJob({ database, person, at }, async ({ db, sheet, trail }) => {
      const there = await lateStore.find(db, id);
      if (there && (there.jobId !== jobId || there.companyId !== person.companyId || there.bodyHash !== bodyHash))
        throw new Problem('other-body');
      if (there) return;
      await moveLate(db, person, sheet, late);
      await lateStore.add(db, {
        id,
        companyId: person.companyId,
        jobId,
        circuitId: sheet.circuit.id,
        signOffId: signed.signOffId,
        what,
        body,
        bodyHash,
        personId: person.id,
        writtenAt,
      });
      await trail('arrived late', { id, what, phase: signed.phase });
    });
    response.status(201).json(sheet);
  };
}
