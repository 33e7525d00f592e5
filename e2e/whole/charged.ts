import { test } from '@playwright/test';
import { BROKEN } from '../crew';
import { upstairs } from './upstairs';

/** Charged by two weights off the ledger: as much as the page asks for. */
export const charged = () =>
  test('charge: two weights off the ledger', async ({ page }) => {
    const crew = await upstairs(page, 'charge', 'Charge');
    await crew.press('Vacuum broken');
    await crew.write('vacuum-broken', ...BROKEN);
    await crew.pressWhen('Cylinder');
    await crew
      .form('cylinder-used')
      .getByRole('radio', { name: /S-454-2/ })
      .click();
    await crew.write('cylinder-used', {}, { 'It leaves as': 'Liquid' });
    await crew.pressWhen('Room');
    await crew.write(
      'room',
      { 'Smallest room or area served': 900, 'Height where it would leak': 5.9 },
      { 'A leak detector starts the blower': 'No' },
    );
    const { cylinders } = (await (await page.request.get('/api/cylinders')).json()) as {
      cylinders: { tag: string; tareOz: number; contentsOz: number }[];
    };
    const c = cylinders.find((x) => x.tag === 'S-454-2')!;
    const gross = c.tareOz + c.contentsOz;
    const left = Number(/[\d.]+/.exec((await page.getByTestId('left-oz').textContent()) ?? '')![0]);
    await crew.pressWhen('Type the weights');
    await page.getByLabel('Cylinder at the start', { exact: true }).fill(gross.toFixed(1));
    await page.getByLabel('Cylinder at the end', { exact: true }).fill((gross - left).toFixed(1));
    await page.getByRole('button', { name: 'Record this amount' }).click();
    await crew.pressWhen('It is marked');
    await crew.write(
      'label',
      { 'Total charge marked at': 'service panel' },
      { 'Service valves set as the maker asks': 'Yes', 'Caps and seals on, ports leak-checked': 'Yes' },
    );
    await crew.pressWhen('Sign the charge');
    await crew.say('Charge signed');
  });
