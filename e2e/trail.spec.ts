import { expect, test } from '@playwright/test';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { equippedJob, Fitter } from './crew';

test('who looked and who changed: the owner reads it of one job, narrows it to a person, comes back to it; a lead may not', async ({
  page,
}) => {
  const crew = new Fitter(page);
  await crew.signIn();
  const { id, number } = await equippedJob(page, 'Trail House', sampleSheet().circuit.plate);
  await crew.go(`/jobs/${id}/recover`);
  await expect(crew.next).toBeVisible();
  await crew.go('/settings/trail');
  await expect(page.getByText('Only an owner or the office sees who looked at what.')).toBeVisible();
  await page.context().clearCookies();

  await crew.signIn('Oda Kerrick');
  await crew.go(`/jobs/${id}/recover`);
  await page.getByRole('button', { name: /Trail House/ }).click();
  await page.getByRole('link', { name: 'Who saw it, who changed it' }).click();
  const lines = page.getByTestId('trail').getByRole('listitem');
  await expect(lines.filter({ hasText: 'Tess Orlan' }).filter({ hasText: 'Created the job' })).toHaveCount(1);
  // A look is on the trail two seconds later.
  await expect(async () => {
    await page.reload();
    await expect(lines.filter({ hasText: 'Looked at the job' }).first()).toBeVisible({ timeout: 2000 });
  }).toPass();
  await page.getByLabel('Person').selectOption({ label: 'Tess Orlan' });
  await expect(lines.filter({ hasText: 'Oda Kerrick' })).toHaveCount(0);
  await expect(lines.filter({ hasText: 'Tess Orlan' }).first()).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Person')).toHaveValue(/.{36}/);
  await page.getByLabel('Show who only looked').uncheck();
  await expect(lines.filter({ hasText: 'Looked at the job' })).toHaveCount(0);
  await lines
    .first()
    .getByRole('link', { name: `Job ${number}` })
    .click();
  await expect(crew.next).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('button', { name: 'Show every job' })).toBeVisible();
});
