import { expect, type Page, test } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import { HEALTHY, sampleSheet } from '../core/job/testing/sample-sheet';
import { equippedJob, Surveyor } from './crew';

/** A typed-only job at its start-up: all well, but the voltage of the house is high. */
async function highVoltage(page: Page): Promise<{ id: string; number: number }> {
  const job = await equippedJob(page, 'Alma Sedge', { ...sampleSheet().circuit.plate, refrigerant: 'R-410A' });
  const send = async (method: 'put' | 'post', path: string, data: object) => {
    const origin = new URL(page.url()).origin;
    const reply = await page.request[method](`/api/jobs/${job.id}${path}`, { headers: { Origin: origin }, data });
    expect(reply.ok(), `${path}: ${await reply.text()}`).toBe(true);
  };
  const reason = 'Recorded on the paper sheet of this job.';
  await send('put', '/vacuum', { version: 0, endMicrons: 310, heldMin: 12, reason });
  const held = await page.request.get(`/api/jobs/${job.id}/phases/charge/gates`);
  const { gates } = (await held.json()) as { gates: { id: string; met: boolean; overridable: boolean }[] };
  for (const gate of gates.filter((g) => g.overridable && !g.met))
    await send('post', '/phases/charge/overrides', { id: uuid(), gate: gate.id, reason });
  await send('post', '/phases/charge/sign-offs', { id: uuid() });
  for (const confirmation of ['filterClean', 'indoorCoilClean', 'outdoorCoilCleanDry', 'enclosureRestored'])
    await send('post', '/confirmations', { confirmation, confirmed: true });
  for (const minutesAgo of [30, 10]) {
    const setId = uuid();
    const occurredAt = new Date(Date.now() - minutesAgo * 60_000).toISOString();
    const measurements = Object.entries({ ...HEALTHY, lineVolts: 258 }).map(([quantity, value]) => ({
      id: uuid(),
      setId,
      phase: 'start-up',
      stage: 'reading',
      quantity,
      value,
      occurredAt,
    }));
    await send('post', '/measurements', { measurements });
  }
  return job;
}

test('against advice: what lead and customer let stand outlives a reload half typed, holds nothing more, is in the report', async ({
  page,
}) => {
  test.setTimeout(90_000);
  const crew = new Surveyor(page);
  await crew.signIn();
  const { id } = await highVoltage(page);
  await crew.go(`/jobs/${id}/start-up`);
  const advice = page.getByRole('region', { name: 'Against advice' });
  const openIt = (): Promise<void> =>
    advice.getByRole('listitem').filter({ hasText: /258/ }).getByRole('button', { name: 'Accept' }).click();
  await openIt();
  const reason = page.getByRole('textbox', { name: /Why it stays/ });
  await reason.fill('The power company comes on Monday.');
  await page.reload();
  await openIt();
  await expect(reason).toHaveValue('The power company comes on Monday.');
  await expect(page.getByTestId('signed-words')).toContainText('The power company comes on Monday.');
  const both = page.getByRole('dialog').getByRole('button', { name: /accept/i });
  await expect(both).toBeDisabled();
  await crew.sign();
  await both.click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(advice.getByText(/Alma Sedge/)).toBeVisible();
  // What is told next is what is still open: not proven, no longer what they let stand.
  await crew.press('Prove the airflow');
  await page.getByRole('textbox', { name: 'Measured airflow' }).fill('1200');
  // What holds the signature is asked for once the server has the reading, however long that takes.
  await page.route('**/rounds*', async (route) => {
    await page.waitForTimeout(1500);
    await route.continue();
  });
  await page.getByRole('button', { name: 'Record this airflow' }).click();
  await expect(page.getByRole('link', { name: /Start-up reading recorded/ })).toBeVisible();
  await crew.go('/jobs');
  await page.goBack();
  await expect(advice.getByText(/The power company comes on Monday/)).toBeVisible();
  await crew.say('Sign the start-up, with 1 accepted against advice.');
  await crew.press('Sign the start-up');
  await crew.say(/signed/i);
  await crew.go(`/jobs/${id}/hand-over`);
  await expect(page.getByRole('heading', { name: 'Accepted against advice' })).toBeVisible();
  await expect(page.getByText(/The power company comes on Monday/)).toBeVisible();
});
