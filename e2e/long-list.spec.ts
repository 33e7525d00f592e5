import { expect, test } from '@playwright/test';
import { Crew } from './crew';

const PAGE = 50;
const PAGES = 6;

test('a list of three hundred jobs: only what is in sight is drawn, the last is reached, by finger and by key', async ({
  page,
}) => {
  const crew = new Crew(page);
  await crew.signIn();
  const own = (await (await page.request.get('/api/jobs?state=all&offset=0&search=')).json()) as {
    jobs: { number: number }[];
  };
  // A company that has more jobs than the demo: its own, again under later numbers.
  await page.route(/\/api\/jobs\?/, (route) => {
    const offset = Number(new URL(route.request().url()).searchParams.get('offset'));
    const jobs = Array.from({ length: PAGE }, (_, i) => ({
      ...own.jobs[i % own.jobs.length]!,
      number: 5000 + offset + i,
      scheduledFor: '2026-03-02',
      checkInDue: null,
    }));
    return route.fulfill({
      json: {
        jobs: jobs.map((j, i) => ({
          ...j,
          ...(i < own.jobs.length && offset === 0
            ? {}
            : { jobId: `0198a000-0000-7000-8000-${String(offset + i).padStart(12, '0')}` }),
        })),
        total: PAGE * PAGES,
      },
    });
  });
  await page.getByRole('tab', { name: 'all' }).click();
  const rows = page.getByRole('link', { name: /^5\d{3}\b/ });
  for (let n = 1; n < PAGES; n++) {
    // By the key: lines that are measured as they come into sight move the button under a finger that is on its way.
    await page.getByRole('button', { name: /Show more/ }).press('Enter');
    // A tap while the last one is under way asks for nothing more.
    await expect(page.locator(`li[aria-setsize="${PAGE * (n + 1)}"]`).first()).toBeAttached();
  }
  await expect(page.getByRole('button', { name: /Show more/ })).toHaveCount(0);
  await expect(page.locator('li[aria-setsize="300"]').first()).toBeAttached();
  expect(await rows.count()).toBeLessThan(100);
  // Lines are measured as they come into sight: the end may move once more.
  await expect(async () => {
    await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
    await expect(page.getByRole('link', { name: /^5299\b/ })).toBeInViewport({ timeout: 1000 });
  }).toPass();
  expect(await rows.count()).toBeLessThan(100);
  // By the keyboard too: the line before it has the focus next.
  await page.getByRole('link', { name: /^5299\b/ }).focus();
  await page.keyboard.press('Shift+Tab');
  await expect(page.getByRole('link', { name: /^5298\b/ })).toBeFocused();
});
