import { expect, test } from '@playwright/test';
import { Fitter } from './crew';

const WALK = [
  'Thermostat: modes, schedule, emergency heat',
  'Filter: where it is, which way it goes, when to change it',
  'Disconnect and breakers',
  'Drain and float: water in the pan means off, then call',
  'Outdoor unit: keep it clear of leaves, snow and plants',
  'Carbon monoxide and smoke alarms',
  'Manuals and warranty papers',
  'Whom to call, also at night',
];

test('a job is handed over on a phone: the walk, a warranty, what stays open, the customer, then the lead', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const crew = new Fitter(page);
  await crew.signIn();
  await crew.openPart(2167, 'hand-over');
  const report = page.getByTestId('five-lines');
  await expect(report).toBeVisible();

  await page.getByRole('button', { name: 'Walk through with the owner' }).click();
  const picks = Object.fromEntries(WALK.map((w) => [w, 'shown']));
  await crew.write(
    'walkthrough',
    { 'Who was shown': 'M. Fenn' },
    { ...picks, 'Gas valve, and what to do at the smell of gas': 'none here' },
  );
  await expect(page.getByTestId('entry-walkthrough')).toContainText('M. Fenn was shown all of it');

  await page.getByRole('button', { name: 'Warranty of a part' }).click();
  await crew.write(
    'warranty-term',
    { 'Begins on': '2026-06-01', Years: 10, 'Given by': 'Corvane' },
    { Covers: 'compressor' },
  );
  await expect(page.getByTestId('entry-warranty-term')).toContainText('May 31, 2036');

  // Typed for the wrong day, put right, and it stays one item.
  await page.getByRole('button', { name: 'Add an open item' }).click();
  const item = { 'What is open': 'Hatch light', By: '2020-06-10', 'Next step': 'They come Tuesday' };
  await crew.write('open-item', item, { 'Who does it': 'electrician' });
  const open = page.getByTestId('item-open-item');
  await expect(open).toContainText('the company’s owner sees to it');
  await open.getByRole('button', { name: 'Correct' }).click();
  await crew.write('open-item', { By: '2099-06-10' });
  await expect(open).toHaveCount(1);
  await expect(open).toContainText('They come Tuesday');
  await page.reload();
  await expect(report).toContainText('Hatch light: electrician, by Jun 10, 2099.');

  // The customer first, under the words that stand on the sheet.
  await crew.next.getByRole('button', { name: 'Customer signs' }).click();
  await expect(page.getByTestId('signed-words')).toContainText('Hatch light');
  await crew.sign();
  await page.getByRole('dialog').getByRole('button', { name: 'Save the signature' }).click();
  await expect(page.getByTestId('taken-over')).toContainText('Marlow Fenn signed on');
  await crew.press('Sign the hand-over');
  await expect(crew.next).toContainText('Handed over');
  await expect(page.getByTestId('taken-over')).not.toContainText('changed after');

  // Afterwards the customer calls; the item is done.
  await page.getByRole('button', { name: 'Customer called back' }).click();
  const call = { 'Called on': '2026-06-20', 'What the customer says': 'Garage room warm', By: '2099-01-01' };
  await crew.write('call-back', call, {
    'Which check should have shown it': 'airflow: static, rise or split, balance',
  });
  await expect(page.getByTestId('open-items')).toContainText('Garage room warm');
  await open.getByRole('button', { name: 'Close it' }).click();
  await crew.write('open-closed', { 'Closed on': '2026-06-09', 'What was done': 'Light hung' });
  await expect(open).toContainText('Light hung');
  const mail = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Mail: For the customer' }).click();
  expect((await mail).suggestedFilename()).toBe('job-2167-customer.eml');
});

test('a vent that cannot carry the category is a stop nobody lets pass; put right on the same form, it is none', async ({
  page,
}) => {
  const crew = new Fitter(page);
  await crew.signIn();
  await crew.openPart(2159, 'hand-over');
  const gate = page.getByTestId('gate-vent-gas');
  await page.getByRole('button', { name: 'Vent and gas', exact: true }).click();
  const form = crew.form('vent-gas');
  const pick = (label: string, option: string) => crew.pick('vent-gas', label, option);
  await pick('Gas', 'natural gas');
  // Half an inch cannot carry this load so far.
  await pick('Smallest piece of it', '1/2 in');
  await pick('Category of the appliance', 'IV');
  await pick('It vents into', 'B-vent or lined chimney');
  await pick('Drop allowed, in. w.c.', '0.5');
  await form.getByLabel('All appliances on this pipe').fill('120000');
  await form.getByLabel('Left for later, 0 for none').fill('0');
  await form.getByLabel('Longest run').fill('60');
  await form.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(form).toBeHidden();
  await expect(gate).toBeVisible();
  await expect(gate.getByRole('button', { name: /Override/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Vent and gas', exact: true }).click();
  await pick('Smallest piece of it', '1 in');
  await pick('It vents into', 'sealed plastic');
  await form.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(form).toBeHidden();
  await page.reload();
  await expect(page.getByTestId('entry-vent-gas')).toContainText('1 in');
  await expect(gate).toContainText('No stop.');
});

test.describe('without a signal', () => {
  test.use({ serviceWorkers: 'allow', viewport: { width: 390, height: 844 } });
  test('an open item is written at the house, survives a reload, and is sent once the signal is back', async ({
    page,
    context,
  }) => {
    const crew = new Fitter(page);
    await crew.signIn();
    await crew.openPart(2139, 'hand-over');
    await page.evaluate(async () => void (await navigator.serviceWorker.ready));
    await page.reload();
    await expect(page.getByTestId('five-lines')).toBeVisible();
    await context.setOffline(true);
    await page.getByRole('button', { name: 'Add an open item' }).click();
    const item = { 'What is open': 'Roof boot', By: '2099-06-10', 'Next step': 'They come Tuesday' };
    await crew.write('open-item', item, { 'Who does it': 'roofer' });
    const open = page.getByTestId('item-open-item').filter({ hasText: 'Roof boot' });
    await expect(open).toHaveCount(1);
    await expect(page.getByTestId('waits')).toContainText('To be sent: 1.');
    await page.reload();
    await expect(open).toHaveCount(1);
    await context.setOffline(false);
    await expect(page.getByTestId('waits')).toBeHidden({ timeout: 30_000 });
    await page.reload();
    await expect(open).toHaveCount(1);
    await expect(page.getByTestId('five-lines')).toContainText('Roof boot');
  });
});
