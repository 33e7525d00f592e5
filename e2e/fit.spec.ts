import { expect, test } from '@playwright/test';
import { Surveyor } from './crew';

test('roof curb: the unit is dragged over the curb, typed exactly, and wrong figures are told', async ({ page }) => {
  const crew = new Surveyor(page);
  await crew.signIn('Jory Vance');
  await crew.openPart(2148, 'fit/curb');
  const drawing = page.getByTestId('drawing-curb');
  await expect(drawing).toContainText('Supply 90 %');
  await expect(drawing).toContainText('432 in², 1333 fpm');
  await expect(page.getByTestId('check-slope-Supply')).toContainText('An adapter 22 in tall brings it to 20°');

  const height = page.getByLabel('Adapter height');
  await height.fill('-3');
  await height.press('Enter');
  await expect(page.getByText(/Outside the allowed range\. Allowed: 1 to 60 in/)).toBeVisible();
  await expect(height).toHaveValue('-3');
  await height.fill('22');
  await height.press('Enter');
  await expect(page.getByTestId('check-slope-Supply')).toContainText('20.0°');

  await page.getByTestId('curb-unit').scrollIntoViewIfNeeded();
  const unit = (await page.getByTestId('curb-unit').boundingBox())!;
  const perInch = unit.width / 88;
  await page.mouse.move(unit.x + 20, unit.y + 12);
  await page.mouse.down();
  await page.mouse.move(unit.x + 20 + 4 * perInch, unit.y + 12, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByLabel('Base, left edge')).toHaveValue('4');
  await expect(page.getByLabel('Supply, left edge').first()).toHaveValue('14');
  // Reloaded in the moment of the drop: what was not sent yet goes on, and is saved.
  await page.reload();
  await expect(page.getByLabel('Base, left edge')).toHaveValue('4');
  await expect(page.getByText(/^Saved\. Last by Jory/)).toBeVisible();
  await page.getByText('A sheet-metal tech on the roof to trim').click();
  await expect(page.getByTestId('check-lift')).toContainText('3 of 6');
});

test('the way in: a hatch that is wide enough fails under a low roof and says the ways out', async ({ page }) => {
  const crew = new Surveyor(page);
  await crew.signIn();
  await crew.openPart(2149, 'fit/route');
  await expect(page.getByTestId('check-stage-hatch')).toContainText('4 in to spare, the tightest');
  const roof = page.getByLabel('Roof above');
  await roof.fill('30');
  await roof.press('Enter');
  await crew.say(/Split it into modules/);
  await expect(page.getByTestId('check-stage-hatch')).toContainText(/short|cannot pass/);
  await roof.fill('52');
  await roof.press('Enter');
  await expect(page.getByTestId('check-stage-hatch')).toContainText('to spare');
  await page.getByRole('button', { name: 'Add a corner' }).click();
  const after = page.getByLabel('Corridor after').last();
  await after.fill('18');
  await after.press('Enter');
  await crew.say(/Corridor corner: .* short/);
});

test('the stack: assumed figures prove nothing until they are measured; the gap says what closes it', async ({
  page,
}) => {
  const crew = new Surveyor(page);
  await crew.signIn();
  await crew.openPart(2149, 'fit/stack');
  await expect(page.getByTestId('check-assumed')).toContainText('assumed, not measured');
  // The new air handler's size came from the library: nobody measures it again.
  await expect(page.getByLabel('Height', { exact: true }).last()).toHaveValue('49');
  for (const [label, inches] of [
    ['Floor to plenum flange', '68'],
    ['Floor to top of return', '14'],
    ['Room in front', '30'],
  ] as const) {
    await page.getByRole('textbox', { name: label }).fill(inches);
    await page.getByRole('textbox', { name: label }).press('Enter');
  }
  await expect(page.getByTestId('check-stack-plenum')).toContainText('5 in of gap');
  // Each assumed figure is confirmed by itself: nobody measures eight things with one tap.
  const confirm = page.getByRole('button', { name: /measured as it stands$/ });
  for (let left = await confirm.count(); left > 0; left--) {
    await confirm.first().click();
    await expect(confirm).toHaveCount(left - 1);
  }
  await expect(page.getByTestId('check-assumed')).toHaveCount(0);
  await page.getByLabel('Raised on a base').fill('5');
  await page.getByLabel('Raised on a base').press('Enter');
  await expect(page.getByTestId('check-stack-plenum')).toContainText('0 in of gap');
  await crew.phase('Scope').click();
  await expect(page.getByTestId('item-stack-plenum')).toBeVisible();
});

test('the air side draws itself as it is edited, and no pressure left is an error', async ({ page }) => {
  const crew = new Surveyor(page);
  await crew.signIn();
  await crew.openPart(2149, 'fit/air');
  const drawing = page.getByTestId('drawing-air');
  await expect(drawing).toContainText('930 CFM');
  await page.getByRole('button', { name: 'Add a run' }).first().click();
  await expect(drawing).toContainText('Room');
  await expect(page.getByTestId('check-unassigned')).toContainText('100 CFM more than the system moves');
  await page.getByLabel('Made rectangular, height').fill('8');
  await page.getByLabel('Made rectangular, height').press('Enter');
  await expect(drawing).toContainText(/\d+ × 8 in/);
  await page.getByLabel('Wet coil').fill('0.6');
  await page.getByLabel('Wet coil').press('Enter');
  await expect(page.getByText('No pressure left for the ducts; cut component losses.').first()).toBeVisible();
});

test('two people on one sheet: the second sees that it changed and chooses', async ({ browser }) => {
  const one = new Surveyor(await (await browser.newContext()).newPage());
  const two = new Surveyor(await (await browser.newContext()).newPage());
  await one.signIn();
  await two.signIn('Jory Vance');
  await one.openPart(2149, 'fit/drain');
  await two.openPart(2149, 'fit/drain');
  await one.page.getByLabel('Fall, end to end').fill('6');
  await one.page.getByLabel('Fall, end to end').press('Enter');
  await expect(one.page.getByText(/^Saved\. Last by Tess/)).toBeVisible();
  await two.page.getByLabel('Run', { exact: true }).fill('30');
  await two.page.getByLabel('Run', { exact: true }).press('Enter');
  const conflict = two.page.getByRole('alert');
  await expect(conflict).toContainText('Someone changed this after you read it.');
  // What the other put stands beside what was typed here.
  await expect(conflict.getByRole('row', { name: /Fall, end to end/ })).toContainText('6 in');
  await expect(conflict.getByRole('row', { name: /Run/ })).toContainText('30 ft');
  await expect(two.page.getByLabel('Run', { exact: true })).toHaveValue('30');
  await two.page.getByRole('button', { name: 'Take the stored one' }).click();
  await expect(two.page.getByLabel('Fall, end to end')).toHaveValue('6');
  await expect(two.page.getByLabel('Run', { exact: true })).toHaveValue('22');
});

test('library: a file with bad rows names each, keeps the good ones, and a school changes the scope', async ({
  page,
}) => {
  const crew = new Surveyor(page);
  await crew.signIn('Oda Kerrick');
  await crew.go('/library');
  const template = await (await page.request.get('/api/library/equipment.csv')).text();
  const [header, , second] = template.replace('\ufeff', '').trim().split('\r\n');
  const rows = [
    header,
    second!.replace(/^([^,]+),([^,]+),([^,]+)/, '$1,$2,NEW-1'),
    second!.replace(/^([^,]+),([^,]+),([^,]+),[^,]+/, '$1,$2,NEW-2,three'),
  ];
  await page
    .getByTestId('csv-file')
    .setInputFiles({ name: 'spring.csv', mimeType: 'text/csv', buffer: Buffer.from(rows.join('\r\n')) });
  await expect(page.getByRole('region', { name: 'Import' })).toContainText('1 good');
  await expect(page.getByRole('cell', { name: 'tons: “three” cannot be used.' })).toBeVisible();
  await page.getByRole('button', { name: 'Import the 1 good row' }).click();
  await expect(page.getByText('1 added, 0 updated, 0 unchanged.')).toBeVisible();
  await page
    .getByTestId('csv-file')
    .setInputFiles({ name: 'wrong.csv', mimeType: 'text/csv', buffer: Buffer.from('colour,size\nred,9\n') });
  await expect(page.getByText('The columns are not those of the template.')).toBeVisible();
  await crew.go('/settings');
  await page.getByRole('radio', { name: 'Into the pan with a float' }).click();
  await expect(page.getByRole('radio', { name: 'Into the pan with a float' })).toBeChecked();
  await crew.page.goto('/jobs');
  await crew.openPart(2149, 'scope');
  await expect(page.getByTestId('item-pan-float')).toBeVisible();
  await expect(page.getByTestId('item-secondary')).toHaveCount(0);
  await crew.go('/settings');
  await page.getByRole('radio', { name: 'Its own conspicuous end' }).click();
  await expect(page.getByRole('radio', { name: 'Its own conspicuous end' })).toBeChecked();
});
