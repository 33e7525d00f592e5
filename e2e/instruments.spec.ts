import { expect, test } from '@playwright/test';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { Crew, equippedJob } from './crew';

test('an instrument is registered, taken in hand on a phone, and named beside what was read with it', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const crew = new Crew(page);
  await crew.signIn('Jory Vance');
  await crew.go('/settings/instruments');
  // What is overdue is told before anybody takes it.
  await expect(page.getByTestId('instrument-Gauges, van 2')).toContainText('calibration overdue since');
  await page.getByRole('button', { name: 'Add an instrument' }).click();
  const form = page.getByTestId('instrument-form');
  await form.getByRole('button', { name: 'Save', exact: true }).click();
  // Nothing is said for anybody: name and kind are asked.
  await expect(form.getByLabel('Name', { exact: true })).toBeVisible();
  await form.getByLabel('Name', { exact: true }).fill('Gauges, Jory');
  await form.getByRole('radio', { name: 'Gauges' }).click();
  await form.getByLabel('Calibrated to', { exact: true }).fill('2020-02-01');
  await form.getByRole('button', { name: 'Save', exact: true }).click();
  const row = page.getByTestId('instrument-Gauges, Jory');
  await expect(row).toContainText('calibration overdue since');
  await row.getByRole('button', { name: 'I have it' }).click();
  await expect(row.getByRole('button', { name: 'Lay it down' })).toBeVisible();
  const { id } = await equippedJob(page, 'Named gauges', sampleSheet().circuit.plate);
  await crew.go(`/jobs/${id}/start-up`);
  await expect(page.getByText(/^Calibration overdue: Gauges, Jory since/)).toBeVisible();
  // The year was a slip: put right.
  await crew.go('/settings/instruments');
  await row.getByRole('button', { name: 'Edit' }).click();
  await form.getByLabel('Calibrated to', { exact: true }).fill('2030-02-01');
  await form.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(row).toContainText('calibrated to');
  await page.reload();
  await expect(row.getByRole('button', { name: 'Lay it down' })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await crew.go(`/jobs/${id}/start-up`);
  await expect(crew.next).toBeVisible();
  await expect(page.getByText(/^Calibration overdue/)).toHaveCount(0);
  await crew.tab('readings');
  await page.getByLabel('Suction pressure', { exact: true }).fill('118');
  await page.getByRole('button', { name: 'Record', exact: true }).click();
  await expect
    .poll(async () => {
      const sheet = await (await page.request.get(`/api/jobs/${id}`)).json();
      return sheet.measurements.map(
        (m: { detail: { instrument?: { name: string } } | null }) => m.detail?.instrument?.name,
      );
    })
    .toEqual(['Gauges, Jory']);
  // Nobody else's tests read with it.
  await crew.go('/settings/instruments');
  await row.getByRole('button', { name: 'Lay it down' }).click();
  await expect(row.getByRole('button', { name: 'I have it' })).toBeVisible();
});
