import { expect, test } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { equippedJob, Fitter, ONE_HOSE, post } from './crew';
import { ago } from './whole/upstairs';

// Here the worker that opens the application without a network is at work.
test.use({ serviceWorkers: 'allow', viewport: { width: 390, height: 844 } });

test('signed in a basement without a signal: marked as such, the next phase goes on, and it stands with both moments once it arrived', async ({
  page,
  context,
}) => {
  const crew = new Fitter(page);
  await crew.signIn();
  const { id } = await equippedJob(page, 'Slate Cellar', sampleSheet().circuit.plate);
  await post(page, `/jobs/${id}/phases/evacuate/overrides`, {
    id: uuid(),
    gate: 'pressure-signed',
    reason: 'Tested on paper before this sheet was begun.',
  });
  await page.goto(`/jobs/${id}/evacuate`);
  await expect(crew.next).toBeVisible();
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.reload();
  await expect(crew.next).toBeVisible();
  const here = page.getByTestId('signed-here');

  await test.step('the signal goes: pumped down, tested and signed by typing', async () => {
    await context.setOffline(true);
    await crew.press('Set up');
    await crew.write('pump-setup', ...ONE_HOSE);
    await crew.pressWhen('Blank-off reading');
    await crew.write('blank-off', { 'Pump blanked off, gauge on it': 38 });
    await crew.pressWhen('Valve off and test');
    await crew.write('isolated', { 'The gauge shows': 280, 'Read at': ago(14) });
    await crew.press('Type the readings');
    const form = crew.form('standing');
    await form.getByRole('textbox').first().fill('0 280\n2 300\n5 312\n10 325');
    await crew.write('standing', {});
    await expect(page.getByTestId('check-standing')).toContainText('Tight');
    await crew.pressWhen('Sign the evacuation');
    await crew.say('Evacuation signed');
    await expect(here).toContainText('not yet on the server: Evacuate');
    await expect(page.getByTestId('waits')).toContainText('No connection.');
  });

  await test.step('a reload, the next phase: it stands on what was signed here', async () => {
    await page.reload();
    await crew.say('Evacuation signed');
    await expect(here).toBeVisible();
    await crew.phase('Charge').click();
    await expect(here).toBeVisible();
    await expect(page.getByTestId('gate-evacuate-signed')).toContainText('signed off');
  });

  await test.step('the signal is back: the server has it', async () => {
    await context.setOffline(false);
    await expect(page.getByTestId('waits')).toBeHidden({ timeout: 60_000 });
    await expect(here).toBeHidden();
    const stored = async () =>
      (
        (await (await page.request.get(`/api/jobs/${id}`)).json()) as {
          signOffs: { phase: string; contentHash: string }[];
        }
      ).signOffs;
    const frozen = expect.stringMatching(/^[0-9a-f]{64}$/);
    await expect.poll(stored).toMatchObject([{ phase: 'evacuate', contentHash: frozen }]);
  });
});

test('somebody else wrote while it was signed without a signal: it is not taken, both are there, looked at and signed again', async ({
  page,
  context,
}) => {
  const crew = new Fitter(page);
  await crew.signIn();
  const { id } = await equippedJob(page, 'Slate Loft', sampleSheet().circuit.plate);
  await post(page, `/jobs/${id}/phases/evacuate/overrides`, {
    id: uuid(),
    gate: 'pressure-signed',
    reason: 'Tested on paper before this sheet was begun.',
  });
  await page.goto(`/jobs/${id}/evacuate`);
  await crew.press('Set up');
  await crew.write('pump-setup', ...ONE_HOSE);
  await crew.pressWhen('Blank-off reading');
  await crew.write('blank-off', { 'Pump blanked off, gauge on it': 38 });
  await crew.pressWhen('Valve off and test');
  await crew.write('isolated', { 'The gauge shows': 280, 'Read at': ago(14) });
  await crew.press('Type the readings');
  await crew.form('standing').getByRole('textbox').first().fill('0 280\n2 300\n5 312\n10 325');
  await crew.write('standing', {});
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.reload();
  await expect(crew.next.getByRole('button', { name: 'Sign the evacuation' })).toBeVisible();
  await context.setOffline(true);
  await crew.press('Sign the evacuation');
  await crew.say('Evacuation signed');

  // Another device of the company, with a signal: a second gauge was read.
  const other = await context.request.post(`/api/jobs/${id}/circuit-entries`, {
    headers: { Origin: new URL(page.url()).origin },
    data: {
      id: uuid(),
      kind: 'blank-off',
      body: { microns: 44 },
      supersedesId: null,
      occurredAt: new Date().toISOString(),
    },
  });
  expect(other.status(), await other.text()).toBe(201);
  await context.setOffline(false);
  const waits = page.getByTestId('waits');
  await expect(waits).toContainText('Not accepted: 1', { timeout: 60_000 });
  await expect(page.getByTestId('signed-here')).toBeHidden();
  await waits.click();
  await expect(page.getByText('that was not on the device when you signed it')).toBeVisible();
  await page.getByRole('button', { name: 'Discard' }).click();
  await crew.closeSheet();
  await crew.press('Sign the evacuation');
  await crew.say('Evacuation signed');
  await expect(waits).toBeHidden();
});
