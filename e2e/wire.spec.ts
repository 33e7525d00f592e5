import { expect, test } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { equippedJob, post } from './crew';
import { Wirer } from './wirer';

test('a phone: the board, a conductor, a proof by taps; Back closes the sheet first', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const crew = new Wirer(page);
  await crew.signIn();
  await crew.openPart(2149, 'wire');
  await page.getByTestId('wire-stat:G').press('Enter');
  await expect(page.getByTestId('conductor-sheet')).toBeVisible();
  await page.goBack();
  await expect(page.getByTestId('conductor-sheet')).toBeHidden();
  await expect(page.getByRole('heading', { name: 'Wire', exact: true })).toBeVisible();
  await page.getByTestId('proof-fan').getByRole('button', { name: 'Otherwise' }).click();
  await page.getByTestId('proof-form').getByRole('button', { name: 'Contactor' }).click();
  await page.getByTestId('proof-form').getByRole('button', { name: 'This was seen' }).click();
  await expect(page.getByTestId('proof-fan')).toContainText('seen: contactor');
  const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(wide).toBeLessThanOrEqual(0);
});

test('a soft starter: bridged is told, the leads by their roles, the start out of a log and a simulated clamp', async ({
  page,
}) => {
  const crew = new Wirer(page);
  await crew.signIn();
  await crew.openPart(2150, 'wire');
  await page.getByRole('button', { name: 'Soft starter', exact: true }).click();
  await crew.write(
    'soft-starter',
    {
      Model: 'Slowlatch 32',
      'Rated up to RLA': '32',
      'Rated up to LRA': '160',
      'Compressor’s LRA, off its plate': '80',
    },
    {
      'It interrupts': 'The run lead',
      'It has its own start capacitor': 'Yes',
      'The compressor’s maker allows it': 'Yes',
    },
  );
  await crew.part('Sheets');
  const drawing = page.getByTestId('compressor-drawing');
  await drawing.getByRole('button', { name: 'It is wired like this' }).click();
  await expect(page.getByTestId('check-wire:starter:before')).toContainText('every role where it belongs');
  await drawing.getByRole('radio', { name: 'With the starter' }).click();
  await page.getByTestId('node-T1').press('Enter');
  await page.getByTestId('node-COMP.R').press('Enter');
  await expect(drawing).toContainText('the starter is bridged');
  await drawing.getByRole('button', { name: 'Back to what is kept' }).click();
  await expect(drawing).not.toContainText('bridged');
  await drawing.getByRole('button', { name: 'It is wired like this' }).click();
  await expect(page.getByTestId('check-wire:starter:after')).toContainText('where its drawing puts it');
  // The start is captured on the running system, at the hand-over.
  await crew.go(page.url().replace(/\/wire.*/, '/hand-over'));
  const clamp = page.getByTestId('clamp');
  await expect(clamp).toContainText('Inrush before the starter is missing');
  await clamp.getByTestId('csv-before').setInputFiles({
    name: 'log.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('s,a\n0,1\n0.001,two'),
  });
  await expect(clamp).toContainText('in row 3');
  for (const n of [0, 1]) {
    await clamp.getByRole('button', { name: 'Simulated clamp' }).nth(n).click();
    await expect(clamp).toContainText('simulated');
    await clamp.getByRole('button', { name: 'Keep this start' }).click();
    await expect(clamp.getByRole('button', { name: 'Keep this start' })).toBeHidden();
  }
  await expect(clamp).toContainText('% less');
});

test('a voltage that the server will not have stays where it was typed, its reason in sight; Enter sends it again', async ({
  page,
}) => {
  const crew = new Wirer(page);
  await crew.signIn();
  const { id } = await equippedJob(page, 'Held Figure House', sampleSheet().circuit.plate);
  const entry = (kind: string, body: object) =>
    post(page, `/jobs/${id}/circuit-entries`, {
      id: uuid(),
      kind,
      body,
      supersedesId: null,
      occurredAt: new Date().toISOString(),
    });
  await entry('sources', { list: ['outdoor', 'indoor'] });
  for (const step of ['opened and locked', 'waited'])
    await entry('isolation-step', { which: 'outdoor', step, volts: null, microfarads: null, meter: null });
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/jobs/${id}/wire?part=safe`);
  const row = page.getByTestId('source-outdoor').locator('li').nth(3);
  const box = row.getByRole('textbox').first();
  let answer: () => void = () => undefined;
  const held = new Promise<void>((done) => {
    answer = done;
  });
  await page.route('**/circuit-entries', async (route) => {
    await held;
    await route.fulfill({
      status: 400,
      contentType: 'application/problem+json',
      body: JSON.stringify({ code: 'bad-input', status: 400, field: 'volts', message: 'not this time' }),
    });
  });
  await box.fill('239');
  await box.press('Enter');
  await expect(row).toContainText(/\d:\d\d/);
  await expect(box).toHaveValue('239');
  answer();
  // Refused: the step is not done, the figure stands, and why is on the screen.
  await expect(row).not.toContainText(/\d:\d\d/);
  await expect(box).toHaveValue('239');
  await expect(page.getByRole('alert').filter({ hasText: 'not this time' })).toBeInViewport();
  await page.unroute('**/circuit-entries');
  await box.press('Enter');
  await expect(row).toContainText(/\d:\d\d/);
  await expect(page.getByRole('alert').filter({ hasText: 'not this time' })).toHaveCount(0);
  await expect(box).toHaveValue('239');
});
