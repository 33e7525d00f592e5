import { expect, test } from '@playwright/test';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { equippedJob, Fitter } from './crew';

test('a rooftop of two circuits: the second is added, gets its own plate and log, and the sheet says which one is meant', async ({
  page,
}) => {
  const crew = new Fitter(page);
  await crew.signIn();
  const { id } = await equippedJob(page, 'Twin Works', { ...sampleSheet().circuit.plate, model: 'ORT-120' });
  const circuits = page.getByRole('navigation', { name: 'Circuits' });
  await page.goto(`/jobs/${id}/equipment`);
  await expect(crew.next).toBeVisible();
  await expect(circuits).toHaveCount(0);

  await test.step('added by mistake, taken off, and added again', async () => {
    const list = page.getByRole('region', { name: 'Circuits' });
    const form = page.getByTestId('add-circuit');
    for (const name of ['Circuit 2', 'Circuit B']) {
      await list.getByRole('button', { name: 'Add a circuit' }).click();
      await expect(form.getByLabel('Name of the circuit')).toHaveValue('Circuit 2');
      await form.getByLabel('Name of the circuit').fill(name);
      await page.getByRole('button', { name: 'Add a circuit' }).last().click();
      await expect(form).toBeHidden();
      await expect(page).toHaveURL(/\/circuits\/[0-9a-f-]{36}\/equipment$/);
      await expect(list.getByRole('link', { name: new RegExp(name) })).toHaveAttribute('aria-current', 'true');
      if (name === 'Circuit B') break;
      await list.getByRole('button', { name: 'Take off this job' }).click();
      await expect(page).toHaveURL(new RegExp(`/jobs/${id}/equipment$`));
      await expect(list.getByRole('listitem')).toHaveCount(0);
    }
  });

  await test.step('its plate starts from the other one, but for the charge', async () => {
    await expect(page.getByLabel('Model', { exact: true })).toHaveValue('');
    await page.getByRole('button', { name: 'Start from the plate of Circuit 1' }).click();
    await expect(page.getByLabel('Model', { exact: true })).toHaveValue('ORT-120');
    await crew.press('Save the equipment');
    // The charge was not read yet: it is asked for at its field.
    await expect(page.getByText(/Factory charge/).first()).toBeVisible();
    await page.getByLabel('Factory charge', { exact: true }).fill('96');
    await page.getByRole('radio', { name: /^Factory charge held/ }).click();
    await crew.press('Save the equipment');
    await expect(page).toHaveURL(/\/circuits\/[0-9a-f-]{36}\/charge$/);
  });

  await test.step('what is written for one is not on the other', async () => {
    await crew.phase('Recover').click();
    await expect(crew.next).toContainText('Circuit B:');
    await crew.offer('Old charge');
    await page.keyboard.press('Escape');
    await circuits.getByRole('link', { name: 'Circuit 1' }).click();
    await expect(page).toHaveURL(new RegExp(`/jobs/${id}/recover$`));
    await expect(crew.next).toContainText('Circuit 1:');
    await page.goBack();
    await expect(crew.next).toContainText('Circuit B:');
    await page.reload();
    await expect(crew.next).toContainText('Circuit B:');
  });

  await test.step('what is the job’s stands on both at once', async () => {
    await page.goto(`/jobs/${id}/recover`);
    await circuits.getByRole('link', { name: 'Circuit B' }).click();
    const pages = page.url().replace(/\/recover$/, '');
    await page.goto(`${pages}/survey/start`);
    const tap = page.locator('[data-testid^="fact-"]').getByRole('button', { name: 'Not seen' }).first();
    await tap.click();
    await expect(tap).toHaveAttribute('aria-pressed', 'true');
    await circuits.getByRole('link', { name: 'Circuit 1' }).click();
    await page.goto(`/jobs/${id}/survey/start`);
    await expect(tap).toHaveAttribute('aria-pressed', 'true');
  });

  await test.step('the head of the job, from the page of the second circuit, without a network', async () => {
    await page.goto(`/jobs/${id}/recover`);
    await circuits.getByRole('link', { name: 'Circuit B' }).click();
    await page.getByRole('button', { name: /Twin Works/ }).click();
    await page.context().setOffline(true);
    await page.getByLabel('Customer', { exact: true }).fill('Twin Works North');
    await page.getByRole('dialog').getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByRole('button', { name: /Twin Works North/ })).toBeVisible();
    await expect(page.getByTestId('waits')).toContainText('To be sent: 1.');
    await page.context().setOffline(false);
    await expect(page.getByTestId('waits')).toBeHidden({ timeout: 30_000 });
    await circuits.getByRole('link', { name: 'Circuit 1' }).click();
    await expect(page.getByRole('button', { name: /Twin Works North/ })).toBeVisible();
  });

  await test.step('the hand-over waits for both', async () => {
    await page.goto(`/jobs/${id}/hand-over`);
    await expect(page.getByText(/signed start-up of every circuit/).first()).toBeVisible();
    await crew.say('Held: a signed charge');
  });
});
