import { expect, test } from '@playwright/test';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { DEAD, equippedJob, Fitter, OLD_CHARGE, REMOVAL_ANSWERS } from './crew';

// Here the worker that opens the application without a network is at work.
test.use({ serviceWorkers: 'allow', viewport: { width: 390, height: 844 } });

test('a basement without a signal: the job opens, what is written is kept in order, a reload loses nothing, and it is sent when the signal is back', async ({
  page,
  context,
}) => {
  const crew = new Fitter(page);
  await crew.signIn();
  const { id } = await equippedJob(page, 'Perrin Loft', sampleSheet().circuit.plate);
  await page.goto('/jobs');
  await expect(page.getByRole('link', { name: /Perrin Loft/ })).toBeVisible();
  await page.goto(`/jobs/${id}/recover`);
  await expect(crew.next).toBeVisible();
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.reload();
  await expect(crew.next).toBeVisible();
  const waits = page.getByTestId('waits');

  await test.step('the signal goes: written, shown, judged, and told as waiting', async () => {
    await context.setOffline(true);
    await crew.press('Old charge');
    await crew.write('old-charge', ...OLD_CHARGE);
    await crew.press('What works');
    for (const [label, option] of Object.entries({ ...REMOVAL_ANSWERS, Compressor: 'scroll' }))
      await crew.pick('removal-facts', label, option);
    await crew.form('removal-facts').getByRole('button', { name: 'Save', exact: true }).click();
    await crew.say(/standing pressure/);
    await expect(waits).toContainText('No connection.');
    await expect(waits).toContainText('To be sent: 2.');
  });

  await test.step('a reload, another phase and Back: everything is still there', async () => {
    await page.reload();
    await crew.say(/standing pressure/);
    await expect(waits).toContainText('Shown as of');
    await page.goto(`/jobs/${id}/evacuate`);
    await crew.say(/Sign the recovery first|No evacuation|first/);
    await page.goBack();
    await crew.say(/standing pressure/);
    await waits.click();
    await expect(page.getByText('Old charge', { exact: true }).last()).toBeVisible();
    await crew.closeSheet();
    // The list says what of which job nobody else has.
    await page.goto('/jobs');
    await expect(page.getByRole('link', { name: /Perrin Loft/ })).toContainText('On this device only: 2');
    await page.goBack();
    await crew.say(/standing pressure/);
  });

  await test.step('the signal is back: sent in order, each once', async () => {
    await context.setOffline(false);
    await expect(waits).toBeHidden({ timeout: 30_000 });
    await page.reload();
    await expect(page.getByTestId('entry-old-charge')).toHaveCount(1);
    await expect(page.getByTestId('entry-removal-facts')).toHaveCount(1);
    await crew.say(/standing pressure/);
  });

  await test.step('what the server will not have is told with its reason, and holds nothing back', async () => {
    await context.setOffline(true);
    await page.getByRole('button', { name: 'Recovery method', exact: true }).click();
    await crew.write('method', {}, { Method: 'Recovery machine' });
    await page.getByRole('button', { name: 'Absence of voltage', exact: true }).click();
    await crew.write('dead-proof', ...DEAD);
    // The server judges it when it arrives, and will not have the first of the two.
    await page.route('**/circuit-entries', async (route) => {
      if ((route.request().postData() ?? '').includes('"method"'))
        return route.fulfill({ status: 422, json: { code: 'bad-input', message: 'Not so.', field: 'method' } });
      return route.continue();
    });
    await context.setOffline(false);
    await expect(waits).toContainText('Not accepted: 1.', { timeout: 30_000 });
    await waits.click();
    await expect(page.getByText('Not so.')).toBeVisible();
    await page.getByRole('button', { name: 'Discard' }).click();
    await crew.closeSheet();
    await expect(waits).toBeHidden();
    await page.reload();
    await expect(page.getByTestId('entry-dead-proof')).toHaveCount(1);
    await expect(page.getByTestId('entry-method')).toHaveCount(0);
  });
});
