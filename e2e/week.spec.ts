import { expect, test } from '@playwright/test';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { Crew, equippedJob } from './crew';

const MONDAY = '2094-03-01';
const { plate } = sampleSheet().circuit;

test('a two-crew week: a clash is named, a job is dragged to another crew and day, its history stays', async ({
  page,
}) => {
  const c = new Crew(page);
  await c.signIn('Hanne Brisk');
  const one = await equippedJob(page, 'Monday one', plate, MONDAY);
  const two = await equippedJob(page, 'Monday two', plate, MONDAY);
  await c.go(`/week?from=${MONDAY}`);
  const slot = page.getByTestId(`slot-${two.number}-1`).first();
  await expect(slot).toBeVisible();
  await slot.click();
  await expect(page.getByTestId('slot-sheet')).toContainText(`also on job ${one.number} at that time`);
  await c.closeSheet();
  // Down to Jory's Wednesday.
  const cell = page.locator('[data-testid^="cell-"][data-testid$=" 2094-03-03"]').nth(1);
  const from = (await slot.boundingBox())!;
  const to = (await cell.boundingBox())!;
  await page.mouse.move(from.x + 30, from.y + 8);
  await page.mouse.down();
  await page.mouse.move(to.x + 40, to.y + 30, { steps: 12 });
  await page.mouse.up();
  await expect(cell.getByTestId(`slot-${two.number}-1`)).toBeVisible();
  await page.reload();
  await expect(cell.getByTestId(`slot-${two.number}-1`)).toBeVisible();
  // For who does not drag: the form, with its reason; the job keeps where it was.
  await page.getByTestId(`slot-${two.number}-1`).first().click();
  await page.getByLabel('Move to').fill('2094-03-04');
  await page.getByLabel('Why it moves').fill('the curb comes a day late');
  await page.getByRole('button', { name: 'Move it', exact: true }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByTestId(`slot-${two.number}-1`).first().click();
  await page.getByRole('link', { name: 'Open its day plan' }).click();
  await expect(page.getByTestId('entry-rescheduled')).toHaveCount(2);
  await expect(page.getByTestId('entry-rescheduled').first()).toContainText('the curb comes a day late');
});

test('a helper looks at the week on a phone, moves nothing, and takes a calendar address', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const c = new Crew(page);
  await c.signIn('Pim Adeyo');
  await c.go('/week');
  await page
    .getByTestId('week-list')
    .getByTestId(/^slot-/)
    .first()
    .click();
  await expect(page.getByTestId('slot-sheet')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Move it', exact: true })).toHaveCount(0);
  await c.closeSheet();
  await page.getByRole('button', { name: 'My calendar' }).click();
  await page.getByRole('button', { name: 'Make an address' }).click();
  const address = (await page.getByTestId('calendar-address').textContent()) ?? '';
  const feed = await page.request.get(address);
  expect(await feed.text()).toContain('BEGIN:VCALENDAR');
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByTestId('calendar-address')).toHaveCount(0);
  expect((await page.request.get(address)).status()).toBe(404);
});

test('what jobs owe is one list by date; a visit is planned from it, and stands in the week', async ({ page }) => {
  const c = new Crew(page);
  await c.signIn('Hanne Brisk');
  await c.go('/week');
  const row = page.getByTestId('owed-2138-proof').first();
  await expect(row).toContainText('Proof of');
  await row.getByRole('button', { name: 'Plan it' }).click();
  await page.getByTestId('owed-sheet').getByLabel('On', { exact: true }).fill('2094-02-03');
  await page.getByTestId('owed-sheet').getByLabel('Who goes').fill('Jory Vance');
  await page.getByRole('button', { name: 'Plan the visit' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByTestId('owed-2138-proof').first()).toContainText('planned for');
  await c.go('/week?from=2094-02-01');
  await expect(page.getByTestId(/^slot-2138-/).first()).toBeVisible();
});
