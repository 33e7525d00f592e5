import { expect, type Page, test } from '@playwright/test';
import { timeOnlyHere } from '../crew';
import { upstairs } from './upstairs';

const READINGS: [string, string][] = [
  ['Suction pressure', '117.5'],
  ['Liquid pressure', '370.5'],
  ['Suction line', '56'],
  ['Liquid line', '103.8'],
  ['Outdoor air entering', '94'],
  ['Return dry bulb', '76'],
  ['Return wet bulb', '63.5'],
  ['Supply dry bulb', '57'],
  ['Compressor amps', '7.4'],
  ['Outdoor fan amps', '1.1'],
  ['Line voltage', '238'],
];

/** 10 kW at 238 V: 41.3 A (Ohm's law). */
async function readStrips(page: Page): Promise<void> {
  const form = page.getByTestId('entry-form-strip-run');
  await expect(form.getByLabel('Stage', { exact: true })).toHaveValue('1');
  for (const [label, text] of [
    ['Rated heat of this stage', '10'],
    ['At rated volts', '240'],
    ['Volts under load', '238'],
    ['Amps of this stage', '41.2'],
  ] as const)
    await form.getByLabel(label, { exact: true }).fill(text);
  await form.getByRole('radio', { name: 'Yes' }).click();
  await form.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(form).toBeHidden();
}

/** Two typed rounds ten minutes apart, airflow at any time, signed without an override. */
export const started = () =>
  test('start-up: two typed rounds, airflow, signed without an override', async ({ page }) => {
    await timeOnlyHere(page);
    const crew = await upstairs(page, 'start-up', 'Start-up');
    await crew.tab('readings');
    for (const [label, text] of READINGS) await page.getByLabel(label, { exact: true }).fill(text);
    await page.getByLabel('Compressor run time', { exact: true }).fill('24');
    // The first round was read six minutes ago; the second one now.
    await page.clock.setSystemTime(Date.now() - 6 * 60_000);
    await crew.pressWhen('Record this round');
    await crew.say('Take a second round');
    await page.getByRole('button', { name: 'Airflow', exact: true }).click();
    await page.getByLabel('Measured airflow').fill('800');
    await page.getByRole('button', { name: 'Record this airflow' }).click();
    await page.clock.setSystemTime(Date.now());
    for (const [label, text] of READINGS) await page.getByLabel(label, { exact: true }).fill(text);
    await page.getByLabel('Compressor run time', { exact: true }).fill('30');
    for (let i = 0; i < 14; i++) {
      const text = ((await crew.next.textContent()) ?? '').replace(/\s+/g, ' ');
      if (/Start-up signed/.test(text)) break;
      const button = crew.next.getByRole('button').first();
      if (!(await button.isVisible())) break;
      await button.click();
      // The new air handler has a heater kit: its one stage is run alone and read.
      if (/Run the electric heat alone/.test(text)) await readStrips(page);
      await page.waitForTimeout(600);
    }
    await crew.say('Start-up signed');
    await expect(page.getByText(/overridden/i)).toHaveCount(0);
    // The house has a second system: the hand-over waits for that one alone.
    await crew.phase('Hand-over').click();
    await crew.say('Start-up not signed: Downstairs');
    await expect(page.getByText(/38 ft/).first()).toBeVisible();
  });
