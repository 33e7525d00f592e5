import { expect, test } from '@playwright/test';
import { Crew } from './crew';

const PLACES = ['Jobs', 'Cylinders', 'Library', 'Company', 'Formulas'];

test('every room is one tap away, on a desk and on a phone; a list is found again as it was left', async ({ page }) => {
  const crew = new Crew(page);
  await crew.signIn();
  const bar = page.getByRole('navigation', { name: 'Main' });
  await test.step('on a desk, over a job too', async () => {
    await expect(page).toHaveTitle('Jobs · Mill Bridge');
    await crew.openJob(2147);
    // A tab is found among others by what it shows.
    await expect(page).toHaveTitle(/^[A-Z].+ · 2147 · .+ · Mill Bridge$/);
    for (const place of PLACES) {
      await bar.getByRole('link', { name: place }).click();
      await expect(bar.getByRole('link', { name: place })).toHaveAttribute('aria-current', 'page');
      await expect(page).toHaveTitle(`${place} · Mill Bridge`);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    }
  });
  await test.step('a row that is tapped in the middle of a search opens, however long its page is on its way', async () => {
    await page.goto('/jobs');
    await page.route(/\/assets\/JobPage/, async (route) => {
      await page.waitForTimeout(800);
      await route.continue();
    });
    const row = page.getByRole('link', { name: /^\d{4}/ }).first();
    const number = /\d{4}/.exec((await row.textContent())!)![0];
    await page.getByRole('searchbox').fill(number);
    await row.click();
    await expect(page).toHaveTitle(new RegExp(`· ${number} ·`));
    await expect(page).toHaveURL(/\/jobs\/[0-9a-f-]{36}/);
  });
  await test.step('a filtered library survives a reload, Back, and a link', async () => {
    await bar.getByRole('link', { name: 'Library' }).click();
    await page.getByRole('searchbox').fill('Ostrel');
    await page.getByRole('tab').nth(1).click();
    await expect(page).toHaveURL(/q=Ostrel/);
    const address = page.url();
    await page.reload();
    await expect(page.getByRole('searchbox')).toHaveValue('Ostrel');
    await expect(page.getByRole('tab').nth(1)).toHaveAttribute('aria-selected', 'true');
    await bar.getByRole('link', { name: 'Formulas' }).click();
    await page.goBack();
    await expect(page).toHaveURL(address);
    await expect(page.getByRole('searchbox')).toHaveValue('Ostrel');
  });
  await test.step('on a phone below the lists; in a job the next move has the bottom', async () => {
    await page.setViewportSize({ width: 390, height: 800 });
    await page.goto('/jobs');
    await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible();
    for (const place of PLACES) {
      const link = bar.getByRole('link', { name: place });
      const box = (await link.boundingBox())!;
      expect(box.height).toBeGreaterThanOrEqual(48);
      expect(box.y + box.height).toBeLessThanOrEqual(801);
      await link.click();
      await expect(link).toHaveAttribute('aria-current', 'page');
    }
    // Nothing of the last row hides under the bar. Rows are measured as they come into sight: the end may move once more.
    await page.goto('/jobs');
    const rows = page.getByRole('link', { name: /^\d{4}/ });
    await expect(rows.first()).toBeVisible();
    await expect(async () => {
      await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
      const last = (await rows.last().boundingBox())!;
      const top = (await bar.boundingBox())!.y;
      expect(last.y + last.height).toBeLessThanOrEqual(top + 1);
    }).toPass();
    // Other walks of this company made jobs too: the one that is meant is asked for.
    await crew.openJob(2147);
    await expect(bar).toHaveCount(0);
  });
});
