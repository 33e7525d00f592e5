import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { Fitter } from './crew';

test('a house is found with every job at it and what was promised; the history is filtered, mistyped, put right, saved as CSV', async ({
  page,
}) => {
  const crew = new Fitter(page);
  await crew.signIn();
  await page.getByRole('link', { name: 'Houses and history' }).click();
  await page.getByLabel('Search what is remembered').fill('sawpit joiners');
  const house = page.getByTestId('house');
  await expect(house).toHaveCount(1);
  await expect(house).toContainText('Warranty on labor to');
  await house.getByRole('link', { name: '2138' }).click();
  await expect(crew.next).toBeVisible();
  await page.goBack();
  await page.getByRole('tab', { name: 'What stands' }).click();
  await expect(page.getByTestId('installed-ages')).toContainText('R-22');
  await page.getByRole('tab', { name: 'Job history' }).click();
  const count = page.getByTestId('history-count');
  await page.getByLabel('Search what is remembered').fill('pardee');
  await expect(count).toHaveText('1 jobs');
  await page.getByLabel('Refrigerant').selectOption('R-32');
  await expect(count).toHaveText('0 jobs');
  await page.getByLabel('Refrigerant').selectOption('R-454B');
  await expect(count).toHaveText('1 jobs');
  const saving = page.waitForEvent('download');
  await page.getByRole('link', { name: 'As CSV' }).click();
  const text = readFileSync((await (await saving).path())!, 'utf8');
  expect(text.trim().split('\r\n')).toHaveLength(2);
  expect(text).toContain('Pardee and Son');
});

test('on a phone the same house is read without scrolling sideways', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const crew = new Fitter(page);
  await crew.signIn();
  await crew.go('/houses');
  await expect(page.getByTestId('house').first()).toBeVisible();
  const wide = await page.evaluate(() => document.documentElement.scrollWidth > document.documentElement.clientWidth);
  expect(wide).toBe(false);
});
