import type { Request } from 'express';

/** Signs a person in on this device: a session of its own, with what they need to know it by later. */
export async function openSession(request: Request, personId: string): Promise<void> {
  await new Promise<void>((done, fail) => request.session.regenerate((e) => (e ? fail(e) : done())));
  request.session.personId = personId;
  request.session.since = new Date().toISOString();
  request.session.address = request.ip ?? '';
  request.session.agent = String(request.headers['user-agent'] ?? '').slice(0, 200);
}
