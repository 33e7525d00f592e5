import { expect, type Page, test } from '@playwright/test';
import { Surveyor } from './crew';

const file = (name: string, ...rows: string[]) => ({
  name,
  mimeType: 'text/csv',
  buffer: Buffer.from(rows.join('\r\n')),
});
const header = async (page: Page, list: string): Promise<string> =>
  (await (await page.request.get(`/api/${list}-template.csv`)).text()).replace('\ufeff', '').trim();

test('cylinders and customers come in as lists: what is wrong is told by its row, the rest is kept', async ({
  page,
}) => {
  const crew = new Surveyor(page);
  await crew.signIn('Oda Kerrick');

  await crew.go('/cylinders');
  await page
    .getByTestId('csv-file')
    .setInputFiles(
      file(
        'shop.csv',
        await header(page, 'cylinders'),
        'LS-1,supply,R-410A,26.2,400,208,,no,no,no,in use,320',
        'LS-2,recovery,,47.7,400,448,,no,no,yes,in use,0',
        'LS-3,supply,R-410A,26.2,400,208,,no,no,no,in use,9000',
        'LS-4,supply,R-410A,heavy,400,208,,no,no,no,in use,0',
      ),
    );
  await expect(page.getByRole('cell', { name: 'waterCapacityLb: “heavy” cannot be used.' })).toBeVisible();
  await page.getByRole('button', { name: 'Import the 3 good rows' }).click();
  await expect(page.getByText('1 added, 0 updated, 0 unchanged.')).toBeVisible();
  // What only the records can refuse is told by the row of the file too.
  await expect(page.getByRole('row', { name: /^3 retestOn/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /^4 contentsOz/ })).toBeVisible();
  await expect(page.getByTestId('cylinder-LS-1')).toContainText('20 lb');
  for (const tag of ['LS-2', 'LS-3', 'LS-4']) await expect(page.getByTestId(`cylinder-${tag}`)).toHaveCount(0);
  // Once more: what is there stays, its ledger too.
  const out = await (await page.request.get('/api/cylinders.csv')).text();
  await page
    .getByTestId('csv-file')
    .setInputFiles(file('again.csv', ...out.replace('\ufeff', '').trim().split('\r\n')));
  await page.getByRole('button', { name: /^Import the/ }).click();
  await expect(page.getByText(/^0 added, 0 updated, \d+ unchanged\.$/)).toBeVisible();

  await crew.go('/settings');
  await page
    .getByTestId('csv-file')
    .setInputFiles(
      file(
        'people.csv',
        await header(page, 'customers'),
        'Wendel Ashby,+1 555-0133,,14 Sluice Way,Fennick,420,Upstairs',
        'Wendel Ashby,+1 555-0133,,14 Sluice Way,Fennick,420,Downstairs',
        'No Town,,,1 Nowhere,,0,',
      ),
    );
  await expect(page.getByRole('cell', { name: 'town is missing.' })).toBeVisible();
  await page.getByRole('button', { name: 'Import the 2 good rows' }).click();
  await expect(page.getByText('1 added, 1 updated, 0 unchanged.')).toBeVisible();
});
