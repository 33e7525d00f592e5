import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { Fitter } from './crew';

test('a part is drawn with one tap from the fit sheet, folded, saved as DXF, its drawing approved', async ({
  page,
}) => {
  const crew = new Fitter(page);
  await crew.signIn();
  await crew.go('/jobs');
  await crew.openPart(2151, 'fit/stack');
  await page.getByRole('link', { name: 'Sheet-metal parts' }).click();
  await page
    .getByRole('button', { name: /^transition, / })
    .first()
    .click();
  const form = crew.form('metal-part');
  await expect(form.getByLabel('Length above')).not.toHaveValue('');
  await form.getByLabel('Which one').fill('supply transition');
  await form.getByRole('radio', { name: '26 ga' }).click();
  await form.getByLabel('How many').fill('1');
  // A slip: without its height it cannot be drawn, and what was typed stays.
  const height = form.getByLabel('Height', { exact: true });
  const was = await height.inputValue();
  await height.fill('');
  await form.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(form).toContainText('This figure is needed to draw it.');
  await height.fill(was);
  await form.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByTestId('pattern-test')).toContainText('Folded back');
  await expect(page.getByTestId('nest')).toContainText('1 of 48 × 96');
  const saved = page.waitForEvent('download');
  await page.getByRole('link', { name: 'DXF' }).click();
  const dxf = readFileSync(await (await saved).path(), 'utf8');
  expect(dxf).toContain('BEND_UP');
  await expect(page.getByTestId('approval')).toContainText('Nobody approved');
  await page.getByTestId('next-move').getByRole('button', { name: 'Write the answer' }).click();
  await crew.write('shop-drawing', { 'By whom': 'Brisk Metal' }, { 'What was said': 'approved' });
  await page.reload();
  await expect(page.getByTestId('approval')).toContainText('Drawing approved: Brisk Metal');
  const href = (await page.getByRole('link', { name: 'Shop drawing' }).getAttribute('href'))!;
  expect((await page.request.get(href)).status()).toBe(200);
});
