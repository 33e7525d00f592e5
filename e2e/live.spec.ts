import { gzipSync } from 'node:zlib';
import { expect, type Response, test } from '@playwright/test';
import { Crew, figure } from './crew';

test('a lost instrument and a silent stream are said, and no verdict stands on them', async ({ page }) => {
  // A cable that can be pulled: the stream stays open but nothing of it reaches the page.
  await page.addInitScript(() => {
    const add = EventSource.prototype.addEventListener as (type: string, listener: (event: Event) => void) => void;
    EventSource.prototype.addEventListener = function (this: EventSource, type: string, listener: unknown) {
      add.call(this, type, (event) => {
        if (!document.documentElement.hasAttribute('data-cut')) (listener as (event: Event) => void)(event);
      });
    };
  });
  const cut = (on: boolean) => page.evaluate((yes) => document.documentElement.toggleAttribute('data-cut', yes), on);
  const crew = new Crew(page);
  await crew.signIn('Jory Vance');
  await crew.openJob(2140);
  await crew.press('Connect instruments');
  await page.getByRole('button', { name: 'Connect simulated instruments' }).click();
  await page.getByRole('radio', { name: '10×' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Call for cooling' }).click();
  await page.getByLabel('A probe').selectOption('liquidPsig');
  await page.getByRole('radio', { name: 'no signal' }).click();
  await crew.closeSheet();
  await expect(page.getByText('Liquid pressure: instrument lost.')).toBeVisible();
  await crew.say(/Reconnect the liquid pressure probe, or type the reading/);
  await crew.press('Open the readings');
  await page.getByLabel('Liquid pressure', { exact: true }).fill('365');
  await expect(page.getByText('Liquid pressure: instrument lost.')).toBeHidden();

  await cut(true);
  await crew.say(/Instruments silent for \d+ s/);
  await expect(page.getByTestId('steady')).toContainText(/Stale/);
  await expect(page.getByText(/reading is stale/).first()).toBeVisible();
  await cut(false);
  await expect(page.getByTestId('steady')).not.toContainText(/Stale/, { timeout: 30_000 });
});

test('the trend draws, the keys work, the formulas are listed', async ({ page }) => {
  const crew = new Crew(page);
  await crew.signIn();
  await crew.openJob(2145);
  await page.keyboard.press('g');
  await page.keyboard.press('c');
  await expect(page).toHaveURL(/charge$/);
  await page.keyboard.press('?');
  await expect(page.getByRole('heading', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: 'Keys' })).toBeHidden();
  await page.keyboard.press('g');
  await page.keyboard.press('f');
  await expect(page.getByRole('heading', { name: 'Formulas and sources' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Target superheat, fixed orifice' })).toBeVisible();
  await page.goto('/jobs');
  await crew.openJob(2140);
  await crew.tab('trend');
  await expect(page.getByTestId('live-trend')).toContainText('Superheat');
});

test('figures: first paint, size of the first load, age of a live reading', async ({ browser }) => {
  const context = await browser.newContext({ serviceWorkers: 'block' });
  const page = await context.newPage();
  const scripts: Promise<number>[] = [];
  const weigh = (response: Response): void => {
    if (/\.js(\?|$)/.test(response.url())) scripts.push(response.body().then((b) => gzipSync(b).length));
  };
  page.on('response', weigh);
  await page.goto('/sign-in');
  await expect(page.getByRole('button', { name: /Tess Orlan/ })).toBeVisible();
  // What the next page loads is not of the first load, and its bodies may be gone before they are read.
  page.off('response', weigh);
  const paint = await page.evaluate(() => performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? 0);
  const usable = await page.evaluate(() => performance.now());
  const kB = (await Promise.all(scripts)).reduce((a, b) => a + b, 0) / 1000;
  figure('first contentful paint, cold', paint, 'ms');
  figure('sign-in usable, cold', usable, 'ms');
  figure('initial JavaScript, gzipped', kB, 'kB');
  expect(kB).toBeLessThan(200);

  const crew = new Crew(page);
  await crew.signIn('Jory Vance');
  await crew.openJob(2140);
  const ages: number[] = [];
  for (let i = 0; i < 12; i++) {
    await page.waitForTimeout(400);
    ages.push(Number(await page.getByTestId('steady').getAttribute('data-latency-ms')));
  }
  figure('age of a live reading when it reaches the screen, worst of 12', Math.max(...ages), 'ms');
  expect(ages.some((a) => a > 0)).toBe(true);
  // Once it is over its trend is a chart that is read with a finger.
  await crew.tab('trend');
  await expect(page.getByTestId('live-trend')).toContainText('Superheat');
  await page.getByRole('button', { name: /^Instruments/ }).click();
  await page.getByRole('button', { name: 'Disconnect' }).click();
  await crew.closeSheet();
  await expect(page.locator('.apexcharts-series path').first()).toBeVisible();
  await context.close();
});

test('signs of the trade render, none as an empty box', async ({ page }) => {
  await page.goto('/sign-in');
  await page.evaluate(() => document.fonts.load('400 40px "Archivo Variable"'));
  const same = await page.evaluate(() => {
    const draw = (text: string): string => {
      const canvas = document.createElement('canvas');
      canvas.width = 80;
      canvas.height = 80;
      const c = canvas.getContext('2d')!;
      c.font = '40px "Archivo Variable", sans-serif';
      c.fillText(text, 10, 50);
      return canvas.toDataURL();
    };
    // Two code points that no font has: their picture is the box of a missing glyph.
    const box = draw('\u{10FFFD}');
    const blank = draw(' ');
    return ['Δ', '≤', '−', '√', 'µ', '°', '×', '½'].filter((sign) => draw(sign) === box || draw(sign) === blank);
  });
  expect(same).toEqual([]);
});
