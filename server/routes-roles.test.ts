import { readdirSync, readFileSync } from 'node:fs';
import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { type Act, MAY, ROLES, type Role } from '@/core/job/permissions';
import { type Client, movement, newJob, passVacuum, startServer } from './testing/harness';

/**
 * Every write of the server with the act it asks for; `everyone` where any signed-in person may, `nobody signed in`
 * where no person is needed, and `by rule` where more than the role decides (each has tests of its own below).
 */
const ROUTES: Record<string, Act | 'everyone' | 'nobody signed in' | 'by rule'> = {
  'POST /setup': 'nobody signed in',
  'POST /invitations/:token': 'nobody signed in',
  'POST /company/people': 'keep-people',
  'PUT /company/people/:id': 'keep-people',
  'PUT /company/people/:id/blocked': 'keep-people',
  'POST /company/people/:id/invitation': 'keep-people',
  'PUT /company': 'keep-company',
  'POST /company/logo': 'keep-company',
  'POST /company/logo/removal': 'keep-company',
  'POST /sign-in': 'nobody signed in',
  'POST /sign-out': 'nobody signed in',
  'POST /sessions/:id/revoke': 'everyone',
  'PUT /me/language': 'everyone',
  'POST /calculations/:id': 'nobody signed in',
  'POST /jobs': 'add-job',
  'POST /jobs/bundle': 'bring-job',
  'PUT /jobs/:jobId/details': 'edit-job',
  'PUT /jobs/:jobId/schedule': 'edit-job',
  'POST /me/calendar': 'everyone',
  'POST /me/calendar/removal': 'everyone',
  'POST /jobs/:jobId/cancellation': 'cancel-job',
  'POST /jobs/:jobId/reopening': 'cancel-job',
  'POST /jobs/:jobId/circuits': 'add-circuit',
  'POST /jobs/:jobId/circuits/:circuitId/removal': 'add-circuit',
  'PUT /jobs/:jobId/plate': 'by rule',
  'PUT /jobs/:jobId/customer-language': 'everyone',
  'PUT /jobs/:jobId/mode': 'everyone',
  'PUT /jobs/:jobId/vacuum': 'by rule',
  'PUT /jobs/:jobId/furnace': 'everyone',
  'POST /jobs/:jobId/confirmations': 'everyone',
  'POST /jobs/:jobId/phases/:phase/overrides': 'override',
  'POST /jobs/:jobId/phases/:phase/sign-offs': 'sign-work',
  'POST /sign-offs/:signOffId/amendments': 'amend',
  'POST /late/:lateId/seen': 'amend',
  'POST /jobs/:jobId/observations': 'everyone',
  'POST /jobs/:jobId/waivers': 'waive-picture',
  'POST /jobs/:jobId/photos': 'everyone',
  'PUT /jobs/:jobId/fits/:kind': 'everyone',
  'PUT /jobs/:jobId/choice': 'choose-scope',
  'POST /jobs/:jobId/decisions': 'choose-scope',
  'POST /jobs/:jobId/scope-lines': 'choose-scope',
  'POST /jobs/:jobId/acceptances': 'accept-finding',
  'POST /jobs/:jobId/option': 'choose-scope',
  'POST /jobs/:jobId/customer-signatures': 'choose-scope',
  'POST /jobs/:jobId/removal': 'release-removal',
  'POST /jobs/:jobId/circuit-entries': 'by rule',
  'POST /jobs/:jobId/measurements': 'by rule',
  'POST /jobs/:jobId/rounds': 'by rule',
  'POST /jobs/:jobId/movements/:measurementId/withdrawal': 'everyone',
  'POST /jobs/:jobId/runs': 'everyone',
  'POST /jobs/:jobId/instrument-runs': 'everyone',
  'POST /jobs/:jobId/device-runs': 'everyone',
  'POST /runs/:runId/device-log': 'everyone',
  'POST /runs/:runId/commands': 'by rule',
  'POST /runs/:runId/stop': 'by rule',
  'POST /runs/:runId/resume': 'everyone',
  'POST /runs/:runId/log': 'everyone',
  'POST /cylinders': 'keep-cylinders',
  'POST /library/patterns': 'edit-library',
  'POST /library/parts': 'edit-library',
  'POST /customers': 'keep-company',
  'PUT /cylinders/:cylinderId': 'keep-cylinders',
  'PUT /cylinders/:cylinderId/holder': 'by rule',
  'PUT /register/:instrumentId': 'keep-instruments',
  'PUT /register/:instrumentId/keeper': 'everyone',
  'POST /practice/rounds': 'everyone',
  'POST /cylinders/:cylinderId/movements': 'keep-cylinders',
  'POST /library/items': 'edit-library',
  'POST /library/items/:itemId/page': 'edit-library',
  'POST /library/items/:itemId/page/removal': 'edit-library',
  'POST /library/pairs': 'edit-library',
  'PUT /settings': 'edit-settings',
};

const as = {} as Record<Role, Client>;
const server = await startServer();
for (const role of ROLES) as[role] = await server.as(`alder-${role}`);
const birch = await server.as('birch-lead');
afterAll(() => server.stop());

/** The routes as the server's files say them. */
function written(): string[] {
  const out: string[] = [];
  for (const folder of readdirSync('server/features'))
    for (const file of readdirSync(`server/features/${folder}`).filter((f) => f.endsWith('-routes.ts')))
      for (const [, method, path] of readFileSync(`server/features/${folder}/${file}`, 'utf8').matchAll(
        /router?\.(post|put|patch|delete)\(\s*'([^']+)'/g,
      ))
        out.push(`${method!.toUpperCase()} ${path}`);
  return out.sort();
}
const at = (path: string, ids: Record<string, string>): string =>
  path.replace(/:(\w+)/g, (_, name: string) => ids[name] ?? uuid());
const call = (client: Client, route: string, ids: Record<string, string> = {}, body: unknown = {}) => {
  const [method, path] = route.split(' ') as [string, string];
  return client.call(method, at(path, { phase: 'charge', kind: 'drain', ...ids }), body);
};

describe('who may write what', () => {
  it('the table knows every route that writes', () => {
    expect(written()).toEqual(Object.keys(ROUTES).sort());
  });
  it.each(Object.entries(ROUTES).filter(([, act]) => act !== 'nobody signed in'))(
    '%s: nobody without a session',
    async (route) => {
      expect((await call(server.anyone(), route)).status).toBe(401);
    },
  );
  it.each(Object.entries(ROUTES).filter(([, act]) => act in MAY))('%s asks for %s', async (route, act) => {
    for (const role of ROLES) {
      const reply = await call(as[role], route);
      const allowed = (MAY[act as Act] as readonly Role[]).includes(role);
      if (allowed) expect([400, 404, 409], `${role} ${reply.status}`).toContain(reply.status);
      else expect(reply, role).toMatchObject({ status: 403, body: { code: 'not-allowed' } });
    }
  });
  it('what everyone may is refused to no role', async () => {
    for (const [route, act] of Object.entries(ROUTES))
      if (act === 'everyone')
        for (const role of ROLES) expect((await call(as[role], route)).status, `${route} ${role}`).not.toBe(403);
  });
  it('another company’s ids are not there, whatever the role, and nothing breaks', async () => {
    const { id } = await newJob(as.lead);
    const before = await as.lead.sheet(id);
    for (const route of Object.keys(ROUTES)) {
      if (!route.includes(':jobId')) continue;
      const reply = await call(birch, route, { jobId: id });
      expect([400, 404], `${route} ${reply.status}`).toContain(reply.status);
    }
    expect((await birch.get(`/jobs/${id}`)).status).toBe(404);
    expect(await as.lead.sheet(id)).toEqual(before);
  });
});

describe('what more than the role decides', () => {
  it('a job is led by a lead or the owner, never by a helper', async () => {
    const people = (await as.lead.get('/people')).body.people as unknown as { id: string; role: Role }[];
    const { body } = await newJob(as.lead);
    for (const role of ROLES) {
      const leadId = people.find((p) => p.role === role)!.id;
      const reply = await as.office.post('/jobs', { ...body, id: uuid(), leadId });
      if (role === 'lead' || role === 'owner') expect(reply.status, role).toBe(201);
      else expect(reply, role).toMatchObject({ status: 400, body: { field: 'leadId' } });
    }
  });
  it('a helper stops their own run, not that of another; a lead stops any', async () => {
    const { id } = await newJob(as.lead);
    const start = async (who: Client): Promise<string> => {
      const run = uuid();
      expect((await who.post(`/jobs/${id}/runs`, { id: run, phase: 'start-up', speed: 1 })).status).toBeLessThan(300);
      return run;
    };
    const leads = await start(as.lead);
    for (const role of ['helper', 'office'] as const)
      expect(await as[role].post(`/runs/${leads}/stop`)).toMatchObject({ status: 403 });
    expect((await as.owner.post(`/runs/${leads}/stop`)).status).toBeLessThan(300);
    const helpers = await start(as.helper);
    expect((await as.helper.post(`/runs/${helpers}/stop`)).status).toBeLessThan(300);
    const again = await start(as.helper);
    expect((await as.lead.post(`/runs/${again}/stop`)).status).toBeLessThan(300);
  });
  it('refrigerant is weighed under a certified name, and the record says whose', async () => {
    const { id } = await newJob(as.lead);
    await passVacuum(as.lead, id);
    const people = (await as.lead.get('/people')).body.people as unknown as { id: string; role: Role }[];
    const idOf = (role: Role): string => people.find((p) => p.role === role)!.id;
    const weigh = (certifiedId?: string) =>
      as.helper.post(`/jobs/${id}/measurements`, { measurements: [{ ...movement(8), certifiedId }] });
    expect(await weigh()).toMatchObject({ status: 400, body: { field: 'certifiedId' } });
    expect(await weigh(idOf('owner'))).toMatchObject({ status: 400, body: { field: 'certifiedId' } });
    const others = (await birch.get('/people')).body.people as unknown as { id: string; role: Role }[];
    expect(await weigh(others.find((p) => p.role === 'lead')!.id)).toMatchObject({ status: 400 });
    expect((await as.lead.sheet(id)).measurements).toEqual([]);
    expect((await weigh(idOf('lead'))).status).toBeLessThan(300);
    const [stored] = (await as.lead.sheet(id)).measurements;
    expect(stored).toMatchObject({ person: 'alder helper', detail: { certifiedBy: 'alder lead' } });
    expect((await as.lead.post(`/jobs/${id}/measurements`, { measurements: [movement(2)] })).status).toBeLessThan(300);
    expect((await as.lead.sheet(id)).measurements.at(-1)!.detail ?? {}).not.toHaveProperty('certifiedBy');
  });
});
