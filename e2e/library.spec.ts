import { expect, test } from '@playwright/test';
import { Crew } from './crew';

test('equipment is typed in by its kind, put right, and told where its name is taken', async ({ page }) => {
  const crew = new Crew(page);
  await crew.signIn('Tess Orlan');
  await crew.go('/library?kind=furnace');
  await page.getByRole('button', { name: 'Type one in' }).click();
  const form = page.getByTestId('library-form');
  await expect(form.getByLabel('Heat output')).toBeVisible();
  await expect(form.getByLabel('Compressor RLA')).toHaveCount(0);
  for (const [label, value] of [
    ['Maker', 'Corvane'],
    ['Model', 'CF-76'],
    ['Thermostat wires', '6'],
    ['Width', '17.5'],
    ['Depth', '29'],
    ['Height', '34'],
    ['Weight, packed', '140'],
    ['Heat output', '96000'],
  ] as const)
    await form.getByLabel(label, { exact: true }).fill(value);
  await form.getByRole('radio', { name: '120', exact: true }).click();
  // A model of that name is there: it is brought up to date, as from a file; the name of another is refused below.
  await form.getByLabel('Model', { exact: true }).fill('CF-96');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form).toBeHidden();
  await expect(page.getByRole('button', { name: 'CF-96' })).toBeVisible();
  await page.getByRole('button', { name: 'CF-96' }).click();
  await expect(form.getByLabel('Heat output')).toHaveValue('96000');
  await form.getByLabel('Model', { exact: true }).fill('CF-76');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form).toContainText('in the library already');
  await form.getByLabel('Model', { exact: true }).fill('CF-97');
  await form.getByLabel('Heat output', { exact: true }).fill('96,500 Btu');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form).toContainText(/plain number/);
  await form.getByLabel('Heat output', { exact: true }).fill('96500');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form).toBeHidden();
  await expect(page.getByRole('button', { name: 'CF-97' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'CF-96' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Type one in' }).click();
});
