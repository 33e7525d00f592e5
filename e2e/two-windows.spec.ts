import { expect, test } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { equippedJob, Fitter, ONE_HOSE, post } from './crew';

test.use({ serviceWorkers: 'allow', viewport: { width: 390, height: 844 } });

test('a run of the phone in two windows: one reads it, the other says so and goes on with it, and it arrives once', async ({
  page,
  context,
}) => {
  const crew = new Fitter(page);
  await crew.signIn();
  const { id } = await equippedJob(page, 'Two Pane House', sampleSheet().circuit.plate);
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
  const instruments = async (of: Fitter) => {
    await of.page.getByRole('button', { name: /^Instruments/ }).click();
  };
  await instruments(crew);
  await expect(page.getByRole('button', { name: 'Connect simulated instruments' })).toBeVisible();
  await crew.closeSheet();

  await context.setOffline(true);
  await crew.press('Set up');
  await crew.write('pump-setup', ...ONE_HOSE);
  await crew.pressWhen('Blank-off reading');
  await crew.write('blank-off', { 'Pump blanked off, gauge on it': 38 });
  await instruments(crew);
  await page.getByRole('button', { name: 'Connect simulated instruments on this device' }).click();
  await expect(page.getByRole('button', { name: 'Disconnect' })).toBeVisible();
  await crew.closeSheet();

  const other = new Fitter(await context.newPage());
  await other.page.goto(`/jobs/${id}/evacuate`);
  await expect(other.next).toBeVisible();
  await test.step('the second window does not begin another run of the same gear', async () => {
    await instruments(other);
    await expect(other.page.getByTestId('run-elsewhere')).toBeVisible();
    await expect(other.page.getByRole('button', { name: /^Connect simulated/ })).toHaveCount(0);
  });
  await test.step('it goes on there, and the first one says so', async () => {
    await other.page.getByRole('button', { name: 'Go on in this window' }).click();
    await expect(other.page.getByRole('button', { name: 'Disconnect' })).toBeVisible();
    await instruments(crew);
    await expect(page.getByTestId('run-elsewhere')).toBeVisible();
    await crew.closeSheet();
    await other.closeSheet();
    await other.pressWhen('Start the pump');
    await instruments(other);
    await other.page.getByRole('button', { name: 'Disconnect' }).click();
    await expect(
      other.page.getByRole('button', { name: 'Connect simulated instruments on this device' }),
    ).toBeVisible();
  });
  await test.step('with a signal there is one run, whole', async () => {
    await context.setOffline(false);
    await expect(other.page.getByTestId('waits')).toBeHidden({ timeout: 60_000 });
    // What is on its way is told only once it takes long.
    await expect(async () => {
      const sheet = await (await page.request.get(`/api/jobs/${id}`)).json();
      expect(sheet.runs).toMatchObject([{ source: 'simulated', state: 'stopped' }]);
    }).toPass({ timeout: 60_000 });
  });
});
