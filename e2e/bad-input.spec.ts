import { expect, test } from '@playwright/test';
import { Crew } from './crew';

test('typed readings: nonsense is told at its field, impossible pairs become not proven with the probe named, nothing is lost', async ({
  page,
}) => {
  const crew = new Crew(page);
  await crew.signIn();
  await crew.openJob(2140);
  await crew.tab('readings');
  const field = (label: string) => page.getByLabel(label, { exact: true });
  await field('Suction pressure').fill('118 psig');
  await expect(
    page.getByText('“118 psig” is not a plain number; leave the unit out. Allowed: -10 to 300 psig.'),
  ).toBeVisible();
  await field('Suction pressure').fill('99999');
  await expect(page.getByText('99999 is too high. Allowed: -10 to 300 psig.')).toBeVisible();
  await field('Suction pressure').fill('-50');
  await expect(page.getByText('-50 is too low. Allowed: -10 to 300 psig.')).toBeVisible();

  const typed: [string, string][] = [
    ['Suction pressure', '117.5'],
    ['Liquid pressure', '370.5'],
    ['Suction line', '56'],
    ['Liquid line', '103.8'],
    ['Outdoor air entering', '94'],
    ['Return dry bulb', '76'],
    ['Return wet bulb', '79'],
    ['Supply dry bulb', '57'],
    ['Compressor amps', '7.9'],
    ['Outdoor fan amps', '1.05'],
    ['Line voltage', '238'],
    ['Compressor run time', '24'],
  ];
  for (const [label, text] of typed) await field(label).fill(text);
  await expect(page.getByText('Return wet bulb is above dry bulb.')).toBeVisible();
  await expect(page.getByText(/Air split not proven: a probe in it is suspect/)).toBeVisible();
  await crew.say(/Check the return wet-bulb probe/);

  await field('Return wet bulb').fill('63.5');
  await field('Liquid line').fill('125');
  await expect(page.getByText(/Liquid line .* °F hotter than saturation/)).toBeVisible();
  await field('Liquid line').fill('103.8');
  await field('Suction pressure').fill('299');
  await field('Liquid pressure').fill('120');
  await expect(page.getByText('Suction pressure is above liquid pressure.').first()).toBeVisible();
  await crew.say(/Check which hose is on which port/);

  await page.reload();
  await crew.tab('readings');
  await expect(field('Suction pressure')).toHaveValue('299');
  await expect(field('Compressor run time')).toHaveValue('24');
});

test('without instruments: a typed weigh-in, refused when it runs the wrong way, leads to a typed start-up', async ({
  page,
}) => {
  test.setTimeout(60_000);
  const crew = new Crew(page);
  await crew.signIn();
  await crew.openJob(2137);
  await crew.say(/Weigh in 8\.\d oz/);
  await crew.press('Type the weights');
  await page.getByLabel('Cylinder at the start', { exact: true }).fill('400');
  await page.getByLabel('Cylinder at the end', { exact: true }).fill('500');
  await page.getByRole('button', { name: 'Record this amount' }).click();
  await expect(page.getByText(/the end must be below the start/)).toBeVisible();
  await page.getByLabel('Cylinder at the end', { exact: true }).fill('391.7');
  await page.getByRole('button', { name: 'Record this amount' }).click();
  await crew.press('Sign the charge');
  await crew.press('Go to start-up');
  await crew.tab('readings');
  await page.getByLabel('Suction pressure', { exact: true }).fill('117');
  await crew.say(/Read the liquid pressure/);
});

test('equipment: every problem at its field; two people at once see both values', async ({ browser }) => {
  const one = await (await browser.newContext()).newPage();
  const two = await (await browser.newContext()).newPage();
  const tess = new Crew(one);
  const jory = new Crew(two);
  await tess.signIn('Tess Orlan');
  await jory.signIn('Jory Vance');
  await tess.openJob(2144);
  await jory.openJob(2144);
  await tess.phase('Equipment').click();
  await jory.phase('Equipment').click();
  await one.getByLabel('Nominal size').fill('five');
  await one.getByLabel('Factory charge').fill('-3');
  await tess.press('Save the equipment');
  await expect(one.getByText('“five” is not a plain number. Allowed: 0.75 to 25 tons.')).toBeVisible();
  await expect(one.getByText('Too low. Allowed: 1 to 2000 oz.')).toBeVisible();
  await one.getByLabel('Nominal size').fill('5');
  await one.getByLabel('Factory charge').fill('188');
  await tess.press('Save the equipment');
  await expect(one).toHaveURL(/charge$/);
  await two.getByLabel('Line length, one way').fill('61');
  await jory.press('Save the equipment');
  await expect(two.getByText('Someone changed this after you read it.')).toBeVisible();
  await expect(two.getByRole('row', { name: /Factory charge/ })).toContainText('186');
  await expect(two.getByRole('row', { name: /Factory charge/ })).toContainText('188');
  await two.getByRole('button', { name: 'Take the stored one' }).click();
  await expect(two.getByLabel('Factory charge')).toHaveValue('188');
});

test('gates: a failed vacuum holds the charge; a helper cannot sign or override; a lead overrides with a reason that stays visible', async ({
  page,
  browser,
}) => {
  const helper = new Crew(await (await browser.newContext()).newPage());
  await helper.signIn('Pim Adeyo');
  await helper.openJob(2143);
  await expect(helper.page.getByText(/940 µm after 10 min/).first()).toBeVisible();
  await expect(helper.page.getByRole('button', { name: 'Override' })).toHaveCount(0);

  const crew = new Crew(page);
  await crew.signIn();
  await crew.openJob(2143);
  await crew.say('Prove the vacuum first');
  await page.getByRole('button', { name: 'Override' }).first().click();
  await page.getByLabel('Reason, in your words').fill('Second gauge read 410 at 10 min, first is fouled');
  await page.getByRole('button', { name: 'Override with this reason' }).click();
  await expect(page.getByText(/Overridden by Tess Orlan: Second gauge read 410/)).toBeVisible();
  await crew.say(/Weigh in/);
});

const PLATE_CHOICES = [
  ['Plate voltage', '208/230'],
  ['Built as', 'Split'],
  ['Heat pump', 'Yes'],
  ['Inverter', 'No'],
  ['Refrigerant', 'R-454B'],
  ['Metering device', 'TXV'],
  ['The target comes from', 'Plate'],
  ['What is in the unit before weighing', 'Factory charge held behind closed service valves'],
  ['Liquid line OD, in', '3/8'],
  ['Vapor line OD, in', '3/4'],
] as const;

test('a new job from an empty form', async ({ page }) => {
  const crew = new Crew(page);
  await crew.signIn('Hanne Brisk');
  await page.getByRole('link', { name: 'New job' }).click();
  await page.getByRole('button', { name: 'Create the job' }).click();
  await expect(page.getByText('Missing.').first()).toBeVisible();
  const fill: [string, string][] = [
    ['Customer', 'Wren cottage'],
    ['Street and number', '3 Sluice Lane'],
    ['Town', 'Harrow Mill'],
    ['Elevation', '1,2'],
    ['Which system', 'Upstairs'],
    ['Maker', 'Ostrel'],
    ['Model', 'OHP-24T'],
    ['Nominal size', '2'],
    ['Compressor RLA', '9.4'],
    ['Outdoor fan FLA', '1.2'],
    ['Factory charge', '5'],
    ['Target subcooling', '10'],
    ['Line length, one way', '30'],
    ['Line length it includes', '15'],
  ];
  await page.getByRole('radio', { name: 'Known already, type its plate' }).click();
  const choose = (group: string, option: string): Promise<void> =>
    page
      .getByRole('radiogroup', { name: group, exact: true })
      .getByRole('radio', { name: option, exact: true })
      .click();
  // Nothing is answered beforehand: the plate says it.
  await expect(page.getByRole('radio', { name: 'R-454B' })).not.toBeChecked();
  for (const [group, option] of PLATE_CHOICES) await choose(group, option);
  for (const [label, text] of fill) await page.getByLabel(label, { exact: true }).fill(text);
  await expect(page.getByText(/Pounds typed as ounces/)).toBeVisible();
  await page.getByLabel('Factory charge').fill('80');
  await page.getByLabel('Elevation').fill('1200');
  await page.getByRole('button', { name: 'Create the job' }).click();
  await expect(page).toHaveURL(/\/recover$/);
  await crew.say('Enter what the old system should hold');
  await crew.phase('Charge').click();
  await expect(page.getByRole('img', { name: 'Charge build-up' })).toBeVisible();
  await crew.say('Sign the evacuation first');
});
