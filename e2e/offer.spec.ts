import { expect, test } from '@playwright/test';
import { Fitter } from './crew';

const offer = (crew: Fitter) => crew.page.getByRole('link', { name: 'Offer: options and total' }).click();

async function keepAs(crew: Fitter, name: string): Promise<void> {
  await offer(crew);
  await crew.page.getByRole('button', { name: 'Keep the scope as an option' }).click();
  await crew.write('offer-option', { 'Name of the option': name });
  await expect(crew.page.getByRole('heading', { name })).toBeVisible();
  await crew.page.getByRole('link', { name: 'Back to the scope' }).click();
}

/** Takes in every advised item as it is asked. */
async function decideAll(crew: Fitter): Promise<void> {
  for (let i = 0; i < 30; i++) {
    const text = ((await crew.next.textContent()) ?? '').trim();
    if (!/^Decide:/.test(text)) return;
    await crew.press('Show it');
    const row = crew.page.locator(new URL(crew.page.url()).hash);
    await row.getByRole('button', { name: 'In', exact: true }).click();
    await expect(crew.next).not.toContainText(text.slice(0, 40));
  }
}

test('an offer of two options is made on a phone, one is taken and signed with its total and deposit', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const crew = new Fitter(page);
  await crew.signIn();
  await crew.go('/jobs');
  await crew.openPart(2160, 'scope');
  await decideAll(crew);
  await keepAs(crew, 'Everything advised');
  // Changed on the same page it was made on: one advised item goes out, and that is another option.
  const item = page.locator('[id^="item-"]').filter({
    has: page.getByRole('button', { name: 'Out', exact: true, pressed: false }),
  });
  await item.last().getByRole('button', { name: 'Out', exact: true }).click();
  const asked = page.getByRole('dialog');
  await asked.getByRole('textbox').fill('not this year');
  await asked.getByRole('button').last().click();
  await expect(asked).toHaveCount(0);
  await keepAs(crew, 'Without the last item');
  await offer(crew);
  const first = page.getByTestId('option-0');
  const second = page.getByTestId('option-1');
  await expect(second).toContainText('This is the scope now');
  await first.getByRole('button', { name: 'Take this option' }).click();
  await expect(first).toContainText('This is the scope now');
  await page.reload();
  await expect(first).toContainText('This is the scope now');
  const total = (await first.getByTestId('option-total').textContent())!;
  expect(total).toMatch(/^\$[\d,]+\.\d\d$/);
  for (let i = 0; i < 6; i++) {
    const text = (await crew.next.textContent()) ?? '';
    if (/Customer signs/.test(text)) break;
    await crew.press(/Read and sign/);
    await crew.sign();
    await page.getByRole('button', { name: 'Save the signature' }).click();
    await expect(page.getByRole('dialog')).toHaveCount(0);
  }
  await crew.press('Customer signs');
  const words = page.getByTestId('signed-words');
  await expect(words).toContainText(`Total: ${total}`);
  await expect(words).toContainText('Deposit with the order: $');
  await expect(words).toContainText(/Also offered, not chosen:\s+· Without the last item: \$/);
  await crew.sign();
  await page.getByRole('button', { name: 'Save the signature' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('link', { name: 'Back to the scope' }).click();
  await expect(page.getByRole('region', { name: 'Customer' })).toContainText('yes');
});
