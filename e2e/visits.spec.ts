import { expect, test } from '@playwright/test';
import { Surveyor } from './crew';

test('visits: planned, ended as the house was left, taken back; a picture of how it stands is on the report', async ({
  page,
}) => {
  const crew = new Surveyor(page);
  await crew.signIn();
  await crew.openJob(2141);
  await crew.go(page.url().replace(/\/[a-z-]+$/, '/hand-over'));
  // The demo plans it for a day after the one it is loaded on.
  const sheet = await page.request.get(`/api/jobs/${/jobs\/([^/]+)/.exec(page.url())![1]}`);
  const first = ((await sheet.json()) as { job: { scheduledFor: string } }).job.scheduledFor;
  const second = new Date(Date.parse(first) + 3 * 86_400_000).toISOString().slice(0, 10);
  const visits = page.getByRole('region', { name: 'Visits' });
  await expect(visits.getByTestId('visit-now')).toContainText('Visit 1 of 1');
  await visits.getByRole('button', { name: 'Plan a visit' }).click();
  const plan = page.getByTestId('entry-form-visit');
  await plan.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(plan.getByText(/Missing/).first()).toBeVisible();
  await plan.getByLabel('Planned for').fill(second);
  await plan.getByRole('radio', { name: 'finish' }).click();
  await plan.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(plan).toBeHidden();
  await expect(page.getByTestId('visit-line')).toContainText('Visit 1 of 2');

  await visits.getByRole('button', { name: 'End visit 1' }).click();
  const end = page.getByTestId('entry-form-visit-end');
  await end.getByLabel('Ended on').fill(first);
  await end.getByRole('radio', { name: 'not left safe' }).click();
  await end.getByRole('radio', { name: 'left dry', exact: true }).click();
  await end.getByRole('radio', { name: 'temporary heat or cooling' }).click();
  await end.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(end).toBeHidden();
  await expect(visits.getByText('The house was not left safe.')).toBeVisible();
  await page.reload();
  await expect(visits.getByTestId('visit-now')).toContainText('Visit 2 of 2');
  // Mistyped: put right, and what it said falls.
  await visits.getByTestId('entry-visit-end').getByRole('button', { name: 'Correct' }).click();
  await page.getByTestId('entry-form-visit-end').getByRole('radio', { name: 'left safe', exact: true }).click();
  await page.getByTestId('entry-form-visit-end').getByRole('button', { name: 'Save', exact: true }).click();
  await expect(visits.getByText('The house was not left safe.')).toBeHidden();

  const pictures = page.getByRole('region', { name: 'Pictures' });
  await pictures.getByRole('combobox').selectOption('how it stands');
  const [file] = await Promise.all([
    page.waitForEvent('filechooser'),
    pictures.getByRole('button', { name: 'Take a picture' }).click(),
  ]);
  await file.setFiles({ name: 'unit.png', mimeType: 'image/png', buffer: PIXEL });
  await expect(pictures.getByRole('img')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Pictures: Hand-over' })).toBeVisible();
  await expect(page.getByText(/^how it stands, Tess Orlan/)).toBeVisible();
});

/** One white pixel. */
const PIXEL = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8BQDwAEhQGAhKmMIQAAAABJRU5ErkJggg==',
  'base64',
);
