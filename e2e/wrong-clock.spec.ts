import { expect, test } from '@playwright/test';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { equippedJob, Fitter, OLD_CHARGE } from './crew';

const DAY_MS = 86_400_000;
/** A slow machine takes its time between a tap and the look at what was stored, ms. */
const MEANWHILE_MS = 120_000;

test('a phone whose clock is a day ahead: it is told, and what is written carries the right time, with a signal and without', async ({
  page,
  context,
}) => {
  await page.clock.install({ time: Date.now() + DAY_MS });
  const crew = new Fitter(page);
  await crew.signIn();
  const { id } = await equippedJob(page, 'Fastclock Farm', sampleSheet().circuit.plate);
  await page.goto(`/jobs/${id}/recover`);
  await expect(crew.next).toBeVisible();
  const waits = page.getByTestId('waits');
  await expect(waits).toContainText('clock is');
  await expect(waits).toContainText('fast');
  const entries = async () => {
    const reply = await page.request.get(`/api/jobs/${id}`);
    return ((await reply.json()) as { circuitLog: { kind: string; at: string }[] }).circuitLog;
  };
  const right = (at: string) => expect(Math.abs(Date.parse(at) - Date.now())).toBeLessThan(MEANWHILE_MS);

  await crew.press('Old charge');
  await crew.write('old-charge', ...OLD_CHARGE);
  await expect.poll(async () => (await entries()).length).toBe(1);
  right((await entries())[0]!.at);

  await context.setOffline(true);
  await page.getByRole('button', { name: 'Recovery method', exact: true }).click();
  await crew.write('method', {}, { Method: 'Recovery machine' });
  await expect(waits).toContainText('To be sent: 1.');
  await context.setOffline(false);
  await page.clock.runFor(6_000);
  await expect.poll(async () => (await entries()).length).toBe(2);
  right((await entries())[1]!.at);
  await expect(waits).not.toContainText('To be sent');
});
