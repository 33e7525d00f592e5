import { expect, request, test } from '@playwright/test';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { equippedJob, Fitter, OLD_CHARGE } from './crew';

// Here the worker that opens the application without a network is at work.
test.use({ serviceWorkers: 'allow', viewport: { width: 390, height: 844 } });

test('a lost phone is signed out from a desk: it shows nothing more, keeps what was written, and sends it when its person signs in again', async ({
  page,
  context,
  baseURL,
}) => {
  const crew = new Fitter(page);
  await crew.signIn();
  const { id } = await equippedJob(page, 'Lost Lane', sampleSheet().circuit.plate);
  await page.goto(`/jobs/${id}/recover`);
  await expect(crew.next).toBeVisible();
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.reload();
  await expect(crew.next).toBeVisible();

  await context.setOffline(true);
  await crew.press('Old charge');
  await crew.write('old-charge', ...OLD_CHARGE);
  await expect(page.getByTestId('waits')).toContainText('To be sent: 1.');

  await test.step('at a desk the same person ends every other sign-in', async () => {
    const desk = await request.newContext({ baseURL: baseURL!, extraHTTPHeaders: { Origin: baseURL! } });
    const { demo, demoPassword } = (await (await desk.get('/api/sign-in')).json()) as {
      demo: { signIn: string; fullName: string }[];
      demoPassword: string;
    };
    const { signIn } = demo.find((p) => p.fullName === 'Tess Orlan')!;
    const data = { signIn, password: demoPassword, language: 'en' };
    expect((await desk.post('/api/sign-in', { data })).ok()).toBe(true);
    const { sessions } = (await (await desk.get('/api/sessions')).json()) as {
      sessions: { id: string; here: boolean }[];
    };
    for (const s of sessions.filter((s) => !s.here))
      expect((await desk.post(`/api/sessions/${s.id}/revoke`)).ok()).toBe(true);
    await desk.dispose();
  });

  await test.step('the phone has a signal again: signed out, nothing of the job is shown, nothing was sent', async () => {
    await context.setOffline(false);
    await page.reload();
    await expect(page.getByRole('button', { name: /Tess Orlan/ })).toBeVisible();
    await page.goto(`/jobs/${id}/recover`);
    await expect(page.getByRole('button', { name: /Tess Orlan/ })).toBeVisible();
  });

  await test.step('found again: its person signs in, and what was written is sent once', async () => {
    await crew.signIn();
    await expect(page.getByTestId('waits')).toBeHidden({ timeout: 60_000 });
    const kinds = async () =>
      ((await (await page.request.get(`/api/jobs/${id}`)).json()) as { circuitLog: { kind: string }[] }).circuitLog.map(
        (e) => e.kind,
      );
    await expect.poll(kinds).toEqual(['old-charge']);
  });
});
