import { expect, test } from '@playwright/test';
import { startApp } from '../scripts/app-process.mjs';
import { freePort } from '../scripts/database.mjs';

const PASSWORD = 'over the mill bridge at dawn';

test('a firm that starts from nothing: the code, the company, its people, an invitation taken', async ({ browser }) => {
  const port = await freePort();
  const app = await startApp(port, { empty: true });
  try {
    const code = await app.code;
    const context = await browser.newContext({ baseURL: `http://127.0.0.1:${port}` });
    const page = await context.newPage();
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'Begin your company' })).toBeVisible();
    const box = (label: string) => page.getByLabel(label, { exact: true });
    await box('Code from the terminal').fill('AAAAA-AAAAA');
    await box('Name of the company').fill('Weir and Daughter');
    await page.getByLabel('Time zone of the company').selectOption('America/Chicago');
    await box('Your name').fill('Maud Weir');
    await box('Sign-in name').fill('maud');
    await box('Password').fill('password1234');
    await page.getByRole('button', { name: 'Begin', exact: true }).click();
    // Told at its field, and nothing typed is lost.
    await expect(page.getByText('everybody tries this one first').first()).toBeVisible();
    await box('Password').fill(PASSWORD);
    await page.getByRole('button', { name: 'Begin', exact: true }).click();
    await expect(page.getByText('That is not the code.').first()).toBeVisible();
    await expect(box('Name of the company')).toHaveValue('Weir and Daughter');
    await box('Code from the terminal').fill(code!.toLowerCase());
    await page.getByRole('button', { name: 'Begin', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Weir and Daughter' })).toBeVisible();

    await test.step('people come by a link that is good once', async () => {
      await page.getByRole('link', { name: 'People' }).click();
      await page.getByRole('button', { name: 'Add a person' }).click();
      const form = page.getByTestId('person-form');
      await form.getByLabel('Full name').fill('Ines Marl');
      await form.getByLabel('Sign-in name').fill('ines');
      await form.getByRole('radio', { name: 'Universal' }).click();
      await form.getByLabel('Certificate number').fill('U-77');
      await form.getByRole('button', { name: 'Save' }).click();
      const link = page.getByTestId('invitation-link');
      await expect(link).toContainText('/invitation/');
      const path = new URL((await link.textContent())!.trim()).pathname;
      const other = await browser.newContext({
        baseURL: `http://127.0.0.1:${port}`,
        viewport: { width: 390, height: 844 },
      });
      const phone = await other.newPage();
      await phone.goto(path);
      await expect(phone.getByRole('heading', { name: 'Welcome to Weir and Daughter' })).toBeVisible();
      await phone.getByLabel('Password', { exact: true }).fill(PASSWORD);
      await phone.getByRole('button', { name: 'Come in' }).click();
      await expect(phone.getByRole('heading', { name: 'Jobs' })).toBeVisible();
      await expect(phone.getByText('No open jobs')).toBeVisible();
      await page.getByRole('button', { name: 'Close', exact: true }).click();
      await page.reload();
      await expect(page.getByTestId('person-ines')).toContainText('Signs in');
      await page.getByTestId('person-ines').getByRole('button', { name: 'Block' }).click();
      await expect(page.getByTestId('person-ines')).toContainText('Blocked');
      await phone.reload();
      await expect(phone.getByRole('button', { name: 'Sign in' })).toBeVisible();
      await other.close();
    });
    await context.close();
  } finally {
    await app.stop();
  }
});
