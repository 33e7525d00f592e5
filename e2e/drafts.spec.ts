import { expect, test } from '@playwright/test';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { equippedJob, Fitter } from './crew';

const left = 'As you left it.';

test('A page that is filled outlives Back and a reload; saved or emptied, nothing is left', async ({ page }) => {
  const crew = new Fitter(page);
  await crew.signIn();
  const customer = page.getByLabel('Customer', { exact: true });
  await test.step('a page only looked at leaves nothing', async () => {
    await page.goto('/jobs/new');
    await expect(customer).toBeVisible();
    await page.reload();
    await expect(customer).toBeVisible();
    await expect(page.getByText(left)).toBeHidden();
  });
  await test.step('half a job is there after Back and after a reload', async () => {
    await customer.fill('Orla Fennimore');
    await page.getByText('Known already').click();
    await page.getByLabel('Model', { exact: true }).first().fill('QX-24');
    await page.goto('/jobs');
    await page.goBack();
    await expect(customer).toHaveValue('Orla Fennimore');
    await page.reload();
    await expect(page.getByText(left)).toBeVisible();
    await expect(customer).toHaveValue('Orla Fennimore');
    await page.getByText('Known already').click();
    await expect(page.getByLabel('Model', { exact: true }).first()).toHaveValue('QX-24');
  });
  await test.step('emptied, it is gone', async () => {
    await page.getByRole('button', { name: 'Empty it' }).click();
    await expect(customer).toHaveValue('');
    await page.reload();
    await expect(customer).toHaveValue('');
  });
});

test('An equipment draft begun before another saved is not saved over him', async ({ page }) => {
  const crew = new Fitter(page);
  await crew.signIn();
  const plate = sampleSheet().circuit.plate!;
  const { id } = await equippedJob(page, 'Dunmore Mews', plate);
  const model = page.getByLabel('Model', { exact: true }).first();
  await page.goto(`/jobs/${id}/equipment`);
  await model.fill('MINE-1');
  const sheet = (await (await page.request.get(`/api/jobs/${id}`)).json()) as { circuit: { version: number } };
  const reply = await page.request.put(`/api/jobs/${id}/plate`, {
    headers: { Origin: new URL(page.url()).origin },
    data: { version: sheet.circuit.version, plate: { ...plate, model: 'THEIRS-1' } },
  });
  expect(reply.ok()).toBe(true);
  await page.reload();
  await expect(page.getByText(left)).toBeVisible();
  await expect(model).toHaveValue('MINE-1');
  await crew.press('Save the equipment');
  await expect(page.getByText('THEIRS-1')).toBeVisible();
  await page.getByRole('button', { name: 'Take the stored one' }).click();
  await expect(model).toHaveValue('THEIRS-1');
  await page.reload();
  await expect(model).toHaveValue('THEIRS-1');
  await expect(page.getByText(left)).toBeHidden();
});
