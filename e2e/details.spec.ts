import { expect, test } from '@playwright/test';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { equippedJob, Fitter } from './crew';

test('a job is put right, moved, cancelled and opened again; what is mistyped is told at its field', async ({
  page,
}) => {
  const crew = new Fitter(page);
  await crew.signIn();
  const { id, number } = await equippedJob(page, 'Marsh Row', sampleSheet().circuit.plate);
  await crew.go(`/jobs/${id}/recover`);
  await expect(crew.next).toBeVisible();
  const form = page.getByTestId('job-details');
  const save = page.getByRole('dialog').getByRole('button', { name: 'Save', exact: true });

  await test.step('edited, with a slip', async () => {
    await page.getByRole('button', { name: /Marsh Row/ }).click();
    await form.getByLabel('Customer', { exact: true }).fill('Marsh Row Dental');
    await form.getByLabel('Elevation', { exact: true }).fill('118000');
    await save.click();
    await expect(form.getByText(/1000 to 15,?000/)).toBeVisible();
    await form.getByLabel('Elevation', { exact: true }).fill('118');
    await form.getByLabel('Day', { exact: true }).fill('2026-12-04');
    await form.getByRole('radio', { name: 'Jory Vance' }).click();
    await save.click();
    await expect(form).toBeHidden();
    await expect(page.getByRole('button', { name: /Marsh Row Dental/ })).toBeVisible();
    await crew.go('/jobs');
    await page.getByRole('searchbox').fill(String(number));
    await expect(page.getByRole('link', { name: new RegExp(`^${number}`) })).toContainText('Marsh Row Dental');
  });

  await test.step('half typed, closed and come back to', async () => {
    await crew.go(`/jobs/${id}/recover`);
    await page.getByRole('button', { name: /Marsh Row Dental/ }).click();
    await form.getByLabel('Town', { exact: true }).fill('Cobble');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Keep as a draft' }).click();
    await page.getByRole('button', { name: /Marsh Row Dental/ }).click();
    await expect(form.getByLabel('Town', { exact: true })).toHaveValue('Cobble');
    await expect(page.getByText('As you left it.')).toBeVisible();
  });

  await test.step('cancelled: it says so, takes nothing more, and leaves the open list', async () => {
    await form.getByRole('button', { name: 'Cancel the job' }).click();
    await page.getByLabel('Why it does not go ahead').fill('roof is not safe before spring');
    await page.getByRole('dialog').getByRole('button', { name: 'Cancel the job' }).click();
    await crew.say('Cancelled by Tess Orlan');
    await crew.say('roof is not safe');
    await crew.go('/jobs');
    // The bar says so as soon as it is written here; the server has it a moment later.
    const open = async () =>
      (await (await page.request.get(`/api/jobs?state=open&offset=0&search=${number}`)).json()).jobs;
    await expect.poll(open).toEqual([]);
    await expect(page.getByRole('tab', { name: 'open' })).toHaveAttribute('aria-selected', 'true');
    await expect(page.getByRole('link', { name: new RegExp(`^${number}`) })).toHaveCount(0);
    // Whoever looks for its number finds it among all.
    await page.getByRole('searchbox').fill(String(number));
    await expect(page.getByRole('link', { name: new RegExp(`^${number}`) })).toContainText(
      'by Tess Orlan: roof is not safe',
    );
  });

  await test.step('and opened again', async () => {
    await crew.go(`/jobs/${id}/recover`);
    await page.getByRole('button', { name: 'Open it again' }).click();
    await page.getByLabel('What changed').fill('scaffold is up');
    await page.getByRole('dialog').getByRole('button', { name: 'Open it again' }).click();
    await expect(crew.next).not.toContainText('Cancelled');
    await crew.press('Old charge');
  });
});

test('a new job for a house that is known: found as one types, its system picked, its elevation not typed again', async ({
  page,
}) => {
  const crew = new Fitter(page);
  await crew.signIn();
  await crew.go('/jobs/new');
  await page.getByLabel('Customer', { exact: true }).fill('hollis');
  await page
    .getByRole('list', { name: 'Houses you know' })
    .getByRole('button', { name: /Hollis residence/ })
    .first()
    .click();
  await expect(page.getByLabel('Street and number', { exact: true })).toHaveValue('18 Tanner Row');
  await expect(page.getByLabel('Elevation', { exact: true })).toHaveValue('1180');
  // Taken by mistake: another customer, and what was taken can be typed over.
  await page.getByRole('button', { name: 'Another customer' }).click();
  await page.getByLabel('Customer', { exact: true }).fill('Hollis the younger');
  await page.getByLabel('Elevation', { exact: true }).fill('');
  await page.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByLabel('Elevation', { exact: true })).not.toHaveValue('');
  await page.getByLabel('Customer', { exact: true }).fill('hollis');
  await page
    .getByRole('list', { name: 'Houses you know' })
    .getByRole('button', { name: /Hollis residence/ })
    .first()
    .click();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Another customer' })).toBeVisible();
  await page.getByRole('button', { name: 'Create the job' }).click();
  await crew.say('Find out: what kind of system');
  await expect(page.getByText('Hollis residence').first()).toBeVisible();
});
