import { expect, test } from '@playwright/test';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { equippedJob, Fitter } from './crew';

test.use({ serviceWorkers: 'allow' });
const DAY = { timeZone: 'America/New_York' };

test('without a signal a day is planned, a part drawn, an option kept and taken; all of it arrives once', async ({
  page,
  context,
}) => {
  const crew = new Fitter(page);
  await crew.signIn();
  const today = new Date().toLocaleDateString('en-CA', DAY);
  const { id } = await equippedJob(page, 'Low Cellar', sampleSheet().circuit.plate, today);
  await page.goto(`/jobs/${id}/plan`);
  await expect(crew.next).toBeVisible();
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.reload();
  await crew.say('Say who comes and when.');
  await context.setOffline(true);
  // The day: planned, its chart drawn here, still there after a reload.
  await crew.press('Plan the day');
  await crew.form('day-plan').getByRole('button', { name: 'Tess Orlan' }).click();
  await crew.write('day-plan', { Begins: '07:00', 'Should end': '18:00' });
  await expect(page.getByTestId('day-chart').first()).toBeVisible();
  await expect(page.getByTestId('chance')).toContainText('in 10');
  await page.reload();
  await expect(page.getByTestId('day-chart').first()).toBeVisible();
  // A part of sheet metal: flat, nested, tested by folding back.
  await page.goto(`/jobs/${id}/metal`);
  await page.getByRole('button', { name: 'Another part, typed' }).click();
  await crew.write(
    'metal-part',
    {
      'Which one': 'secondary pan',
      'Length (below)': '60',
      'Width (below)': '30',
      'Walls or flanges': '2',
      'Hem at the rim': '0.5',
      'How many': '1',
    },
    { 'What it is': 'pan', Gauge: '26 ga' },
  );
  await expect(page.getByTestId('pattern-test')).toContainText('Folded back');
  await expect(page.getByTestId('nest')).toContainText('1 of 48 × 96');
  // The offer: two options of the same scope, one of them taken.
  await page.goto(`/jobs/${id}/scope`);
  for (const name of ['As it stands', 'The same again']) {
    await page.getByRole('link', { name: 'Offer: options and total' }).click();
    await page.getByRole('button', { name: 'Keep the scope as an option' }).click();
    await crew.write('offer-option', { 'Name of the option': name });
    await page.getByRole('link', { name: 'Back to the scope' }).click();
  }
  await page.getByRole('link', { name: 'Offer: options and total' }).click();
  await expect(page.getByTestId('option-1')).toContainText('This is the scope now');
  await page.reload();
  await expect(page.getByTestId('option-1')).toContainText('This is the scope now');
  await expect(page.getByTestId('waits')).toContainText('To be sent: 4.');

  await context.setOffline(false);
  await expect(page.getByTestId('waits')).toBeHidden({ timeout: 30_000 });
  await page.reload();
  await expect(page.getByTestId('option-1')).toContainText('The same again');
  await expect(page.getByTestId('option-2')).toHaveCount(0);
  await page.goto(`/jobs/${id}/metal`);
  await expect(page.getByTestId('pattern-test')).toContainText('Folded back');
  await page.goto(`/jobs/${id}/plan`);
  await expect(page.getByTestId('day-chart').first()).toBeVisible();
});
