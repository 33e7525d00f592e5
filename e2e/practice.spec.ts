import { expect, type Page, test } from '@playwright/test';
import { drawBenchRound } from '../core/practice/bench-round';
import { drawCabinetRound } from '../core/practice/cabinet-round';
import { LEVEL, nextSeed } from '../core/practice/levels';
import { drawSystemRound } from '../core/practice/system-round';
import { Crew } from './crew';

/** The demo's helper has played these; his next ladder round is known. */
const history = async (page: Page): Promise<{ level: string; seed: number; total: number; personName: string }[]> =>
  (await (await page.request.get('/api/practice')).json()).rounds;
const FAULT_NAMES: Record<string, RegExp> = {
  undercharge: /too little charge/i,
  overcharge: /too much charge/i,
  'low-indoor-airflow': /too little indoor air/i,
  'outdoor-coil-blocked': /blocked outdoor coil/i,
  healthy: /sound system/i,
};
const hiddenOf = (level: 'ladder' | 'two', seed: number): string[] => {
  const of = LEVEL[level];
  const faults = of.kind === 'system' ? drawSystemRound(of, seed).hidden.map((h) => h.fault) : [];
  return faults.length ? faults : ['healthy'];
};

async function nameIt(page: Page, faults: readonly string[]): Promise<void> {
  const sheet = page.getByTestId('name-sheet');
  for (const f of faults) await sheet.getByRole('button', { name: FAULT_NAMES[f]! }).click();
  await page.getByRole('button', { name: /^It is/ }).click();
}

test('a round on a desk: hung on, looked closer, mistyped, taken up after a reload and in a second window, handed over', async ({
  page,
  context,
}) => {
  const crew = new Crew(page);
  await crew.signIn('Pim Adeyo');
  const before = await history(page);
  expect(before.every((r) => r.personName === 'Pim Adeyo')).toBe(true);
  const seed = nextSeed(
    'ladder',
    before
      .filter((r) => r.level === 'ladder')
      .map((r) => r.seed)
      .reverse(),
  );
  const hidden = hiddenOf('ladder', seed);
  await page.getByRole('link', { name: 'Practice', exact: true }).click();
  await page.getByTestId('level-ladder').click();
  await crew.press(/All probes/);
  await expect(page.getByTestId('ladder')).toContainText('condensing');
  await expect(page.getByTestId('clock')).toHaveText('Minute 13');
  await page.getByTestId('follow-drier-drop').click();
  await expect(page.getByTestId('round-log')).toContainText('Over the drier it drops');
  // Ounces that no cylinder gives at once are refused where they are typed.
  await page.getByRole('button', { name: 'Put something right' }).click();
  const sheet = page.getByTestId('do-sheet');
  await sheet.getByRole('radio', { name: /Add charge/ }).click();
  await sheet.getByLabel('How much').fill('500');
  await sheet.getByLabel('How much').blur();
  await expect(sheet).toContainText('Allowed: 1 to 80 oz');
  await page.getByRole('button', { name: 'Close' }).click();
  // Nothing was done by it.
  await expect(page.getByTestId('clock')).toHaveText('Minute 16');
  await page.reload();
  await expect(page.getByTestId('clock')).toHaveText('Minute 16');
  const second = await context.newPage();
  await second.goto('/practice/ladder');
  await expect(second.getByTestId('clock')).toHaveText('Minute 16');
  await crew.press('Let it run 5 min');
  await expect(second.getByTestId('clock')).toHaveText('Minute 21');
  await second.close();
  await crew.press('Name the fault');
  await nameIt(page, hidden);
  await crew.say('Put it right, then hand over');
  await crew.press('Hand over');
  const result = page.getByTestId('result');
  await expect(result).toContainText('It was:');
  await expect(result.getByTestId('score')).toContainText('50 of 50');
  await expect(result.getByTestId('ph-sheet')).toBeVisible();
  const total = Number(await result.getByTestId('total').evaluate((e) => e.firstChild?.textContent));
  await expect.poll(async () => (await history(page)).length).toBe(before.length + 1);
  // The server played it again and came to the same.
  expect((await history(page))[0]).toMatchObject({ level: 'ladder', seed, total });
  await page.goBack();
  await expect(page.getByTestId('my-rounds')).toContainText(String(total));
  await page.getByTestId('level-ladder').click();
  await crew.press('Next round');
  await expect(page.getByTestId('clock')).toHaveText('Minute 0');
});

test('two faults on a phone without a network: played, kept, sent when there is one; seen by the lead', async ({
  page,
  context,
  browser,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const crew = new Crew(page);
  await crew.signIn('Pim Adeyo');
  await page.goto('/practice');
  await page.getByTestId('level-two').click();
  await crew.press(/All probes/);
  await expect(page.getByTestId('clock')).toHaveText('Minute 13');
  const seed = await page.evaluate(() => {
    const key = Object.keys(localStorage).find((k) => k.startsWith('mb-kept-practice-') && k.endsWith('-two'));
    return JSON.parse(localStorage.getItem(key ?? '') ?? '{}').seed as number;
  });
  await context.setOffline(true);
  await page.getByRole('button', { name: 'Put something right' }).click();
  await page
    .getByTestId('do-sheet')
    .getByRole('radio', { name: /New filter/ })
    .click();
  await page.getByRole('button', { name: 'Do it' }).click();
  await expect(page.getByTestId('clock')).toHaveText('Minute 25');
  await crew.press('Name the fault');
  await nameIt(page, ['undercharge', 'outdoor-coil-blocked']);
  await crew.press('Hand over');
  await expect(page.getByTestId('result')).toBeVisible();
  await expect(page.getByText(/To be sent: 1/)).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await context.setOffline(false);
  await expect.poll(async () => (await history(page)).some((r) => r.level === 'two' && r.seed === seed)).toBe(true);
  const lead = await (await browser.newContext()).newPage();
  await new Crew(lead).signIn('Tess Orlan');
  await lead.goto('/practice');
  await expect(lead.getByTestId('crew-practice')).toContainText('Pim Adeyo');
  await lead.context().close();
});

test('a cabinet on a phone: calls made, the meter held to it, the fault mended and named', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const crew = new Crew(page);
  await crew.signIn('Pim Adeyo');
  const of = LEVEL.wires;
  const seed = nextSeed('wires', []);
  const hidden = of.kind === 'cabinet' ? drawCabinetRound(of, seed).hidden : 'none';
  await page.goto('/practice/wires');
  await page.getByTestId('make-call').click();
  await expect(page.getByTestId('showed')).toContainText(/pulled in/i);
  await page.getByTestId('terminal-in.Y1').click();
  await page.getByTestId('terminal-in.C').click();
  await page.getByRole('button', { name: /^Volts/ }).click();
  await expect(page.getByTestId('round-log')).toContainText('The meter shows');
  expect(hidden).toBe('YO_SWAP');
  await crew.press(/^Mend/);
  await page
    .getByTestId('one-of-sheet')
    .getByRole('radio', { name: /Y and O/ })
    .click();
  await page.getByRole('button', { name: 'That is it' }).click();
  await crew.press('Name the fault');
  await page
    .getByTestId('one-of-sheet')
    .getByRole('radio', { name: /Y and O/ })
    .click();
  await page.getByRole('button', { name: 'That is it' }).click();
  await crew.press('Hand over');
  await expect(page.getByTestId('score')).toContainText('50 of 50');
  await expect(page.getByTestId('score')).toContainText('20 of 20');
  await expect(page.getByTestId('retraced')).toContainText('One wiring is left.');
});

test('a line on a phone: watched, tried, named and put right, over a reload', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const crew = new Crew(page);
  await crew.signIn('Pim Adeyo');
  await page.goto('/practice/lines');
  const { bench, hidden } = drawBenchRound(nextSeed('lines', []));
  expect([bench, hidden]).toEqual(['vacuum', 'sound']);
  await expect(page.getByTestId('vacuum-strip')).toBeVisible();
  await page.getByRole('button', { name: /^Close the valve to the pump/ }).click();
  await expect(page.getByTestId('clock')).toHaveText('Minute 1');
  await page.getByRole('button', { name: '15 min', exact: true }).click();
  await expect(page.getByTestId('clock')).toHaveText('Minute 16');
  await page.reload();
  await expect(page.getByTestId('clock')).toHaveText('Minute 16');
  await page.getByRole('button', { name: /^Change the gauge/ }).click();
  await expect(page.getByTestId('showed')).toContainText('the other gauge reads the same');
  await crew.press('Name it');
  await page.getByTestId('one-of-sheet').getByRole('radio', { name: 'tight and dry' }).click();
  await page.getByRole('button', { name: 'That is it' }).click();
  await crew.press('Hand over');
  await expect(page.getByTestId('score')).toContainText('50 of 50');
  await expect(page.getByTestId('retraced')).toContainText('Then it is: tight and dry');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await expect.poll(async () => (await history(page)).some((r) => r.level === 'lines')).toBe(true);
});
