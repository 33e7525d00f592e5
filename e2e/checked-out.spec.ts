import { expect, test } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { EMPTY_CYLINDER } from '../demo/sample-entries';
import { DEAD, equippedJob, Fitter, OLD_CHARGE, REMOVAL_ANSWERS, STANDING } from './crew';

// Here the worker that opens the application without a network is at work.
test.use({ serviceWorkers: 'allow', viewport: { width: 390, height: 844 } });

test('a cylinder is used without a signal by the device that has it checked out, and by no other', async ({
  page,
  context,
}) => {
  const crew = new Fitter(page);
  await crew.signIn();
  const { id } = await equippedJob(page, 'Rowan Cellar', sampleSheet().circuit.plate);
  const cylinderId = uuid();
  const tag = 'W-77';
  const added = await page.request.put(`/api/cylinders/${cylinderId}`, {
    headers: { Origin: new URL(page.url()).origin },
    data: { id: cylinderId, version: 0, tag, ...EMPTY_CYLINDER },
  });
  expect(added.ok(), await added.text()).toBe(true);
  await crew.go(`/jobs/${id}/recover`);
  await expect(crew.next).toBeVisible();
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.reload();
  await crew.press('Old charge');
  await crew.write('old-charge', ...OLD_CHARGE);
  await crew.press('What works');
  await crew.write('removal-facts', {}, { ...REMOVAL_ANSWERS, Compressor: 'scroll' });
  await crew.pressWhen('Standing pressure');
  await crew.write('standing-read', ...STANDING);

  await test.step('no signal and nothing checked out: said on the page', async () => {
    await context.setOffline(true);
    await expect(page.getByText(/no cylinder is checked out to this device/)).toBeVisible();
    await context.setOffline(false);
    await expect(page.getByText(/no cylinder is checked out to this device/)).toBeHidden({ timeout: 30_000 });
  });

  await test.step('checked out on the phone, and back', async () => {
    await crew.go('/cylinders');
    await page.getByTestId(`cylinder-${tag}`).click();
    const held = page.getByTestId('checked-out');
    await expect(held).toContainText('Not checked out');
    await held.getByRole('button', { name: 'Check out to this device' }).click();
    await expect(held).toContainText('Checked out to this device by Tess Orlan');
    await crew.closeSheet();
    await expect(page.getByTestId(`cylinder-${tag}`)).toContainText('Checked out: Tess Orlan');
    await crew.go(`/jobs/${id}/recover`);
    await expect(crew.next).toBeVisible();
  });

  await test.step('recovered into it without a signal, and it arrives in the ledger', async () => {
    await context.setOffline(true);
    await expect(page.getByText('No connection.').first()).toBeVisible();
    await expect(page.getByText(/no cylinder is checked out to this device/)).toBeHidden();
    await crew.pressWhen('Choose the method');
    await crew.write('method', {}, { Method: 'Recovery machine' });
    await crew.pressWhen('Verify absence of voltage');
    await crew.write('dead-proof', ...DEAD);
    await page.getByRole('button', { name: /^Instruments/ }).click();
    await page.getByRole('button', { name: 'Connect simulated instruments on this device' }).click();
    await page.getByRole('radio', { name: '60×' }).click();
    await crew.closeSheet();
    await crew.pressWhen('Start the machine');
    await crew.pressWhen('Machine off, weigh', 180_000);
    await expect(page.getByTestId('entry-recovered')).toContainText('simulated');
    await context.setOffline(false);
    await expect
      .poll(
        async () => {
          const reply = await page.request.get(`/api/cylinders/${cylinderId}/movements`);
          const { movements } = (await reply.json()) as { movements: { oz: number; source: string }[] };
          return movements.map((m) => [m.oz > 0, m.source]);
        },
        { timeout: 60_000 },
      )
      .toEqual([[true, 'simulated']]);
  });
});
