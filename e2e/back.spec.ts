import { expect, test } from '@playwright/test';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { equippedJob, Fitter } from './crew';
import { Wirer } from './wirer';

test.use({ viewport: { width: 390, height: 844 } });

test('Back on a phone: the sheet first, then the page; a changed sheet asks, keeps its draft, and gives it back', async ({
  page,
}) => {
  const crew = new Fitter(page);
  await crew.signIn();
  const { id } = await equippedJob(page, 'Corran Loft', sampleSheet().circuit.plate);
  await crew.go(`/jobs/${id}/recover`);
  await expect(crew.next).toBeVisible();
  const form = crew.form('old-charge');
  const length = form.getByLabel('Line length found', { exact: true });
  const asks = page.getByTestId('unsaved');

  await test.step('an untouched sheet closes at once, and the page stays', async () => {
    await crew.press('Old charge');
    await expect(form).toBeVisible();
    await page.goBack();
    await expect(form).toBeHidden();
    await expect(page).toHaveURL(/recover$/);
  });
  await test.step('a changed one asks; going on keeps it open', async () => {
    await crew.press('Old charge');
    await length.fill('31');
    await page.goBack();
    await expect(asks).toBeVisible();
    await page.getByRole('button', { name: 'Go on typing' }).click();
    await expect(length).toHaveValue('31');
    await page.goBack();
    await page.getByRole('button', { name: 'Keep as a draft' }).click();
    await expect(form).toBeHidden();
  });
  await test.step('the draft is there in another window of this person too, and is dropped when it is discarded', async () => {
    const other = await page.context().newPage();
    await other.goto(`/jobs/${id}/recover`);
    await other.getByTestId('next-move').getByRole('button', { name: 'Old charge' }).click();
    await expect(other.getByLabel('Line length found', { exact: true })).toHaveValue('31');
    await other.close();
    await crew.press('Old charge');
    await expect(page.getByText('As you left it.')).toBeVisible();
    await length.fill('32');
    await page.keyboard.press('Escape');
    await asks.getByRole('button', { name: 'Discard' }).click();
    await crew.press('Old charge');
    await expect(length).toHaveValue('');
    await crew.closeSheet();
  });
  await test.step('after sheets that closed by themselves one Back leaves the page', async () => {
    await crew.go('/cylinders');
    await page.getByRole('button', { name: 'Add a cylinder' }).click();
    await crew.closeSheet();
    await page.goBack();
    await expect(page).toHaveURL(/recover$/);
  });
});

test('Back and forward between phases after a sheet was saved and a part was chosen: one step each', async ({
  page,
}) => {
  const crew = new Wirer(page);
  await crew.signIn();
  await crew.openPart(2160, 'wire');
  const heading = (name: string) => page.getByRole('heading', { name, exact: true });
  await page.getByRole('button', { name: 'Plan of the controls', exact: true }).click();
  await crew.write('wiring-plan', {});
  await crew.part('Checks');
  await crew.phase('Survey').click();
  await expect(heading('Wire')).toBeHidden();
  await page.goBack();
  await expect(page.getByRole('tab', { name: 'Checks' })).toHaveAttribute('aria-selected', 'true');
  await page.goForward();
  await expect(heading('Wire')).toBeHidden();
  await page.goBack();
  await expect(heading('Wire')).toBeVisible();
  await page.goBack();
  await expect(heading('Wire')).toBeHidden();
});
