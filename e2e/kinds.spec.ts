import { expect, type Page, test } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import { post, Surveyor } from './crew';
import { LAID, Wirer } from './wirer';

const jobOf = (page: Page): string => /\/jobs\/([^/]+)/.exec(page.url())![1]!;

test('a furnace alone under a coil that stays: released, read by hand, handed over, with no circuit asked for', async ({
  page,
}) => {
  const crew = new Wirer(page);
  await crew.signIn();
  await crew.openPart(2159, 'scope');
  const job = jobOf(page);
  await expect(page.getByTestId('item-coil-held')).toBeVisible();
  await expect(page.getByTestId('item-liquid-drier')).toHaveCount(0);
  await expect(crew.phase('Charge')).toHaveCount(0);
  await expect(page.getByTestId('not-needed').first()).toContainText('the refrigerant circuit stays closed');
  await crew.say('Take the pictures');
  for (const item of ['wiring', 'diagram', 'breaker', 'coil-face', 'drain', 'access', 'damage'])
    await post(page, `/jobs/${job}/waivers`, { id: uuid(), item, reason: 'Taken on paper before this test' });
  await page.reload();
  await crew.press('Release the removal');
  await crew.press('Go to set');
  await crew.setAsAsked();
  await crew.press('Sign the setting');
  await crew.press('Go on');
  // Wired by a crew that only types.
  await crew.press('Write the circuit');
  await crew.write(
    'power-circuit',
    {
      'Plate: minimum circuit ampacity': '9.5',
      'Plate: largest breaker': '15',
      'Its rating': '15',
      'One way': '40',
      'Hottest place it runs through': '86',
      Disconnect: '30',
      'Supply, measured': '121',
    },
    { 'Protected by': 'Breaker', ...LAID, Copper: '14 AWG', 'Equipment ground': '14 AWG' },
  );
  await crew.press('Go step by step');
  await page.getByRole('dialog').getByRole('button', { name: 'Save', exact: true }).click();
  await crew.makeSafe('indoor');
  await crew.press('Open the plan');
  const eight = { 'Whole conductors to the thermostat': '8', 'Whole conductors outdoors': '8' };
  await crew.write('wiring-plan', eight);
  await crew.proveByTaps();
  await crew.fillSheets({
    'As set': 'tap 3',
    'Set for a unit of': '3',
    'Air at full cooling': '1200',
    'Air in heating': '1000',
  });
  await crew.looksAsAsked();
  await crew.press('Sign the wiring');
  await crew.press('Go on');
  const form = page.getByRole('dialog');
  // The pipe before the fire. Mistyped, the valve under its test is a stop; put right, the test stands.
  await crew.say('Prove the gas pipe tight.');
  await crew.press('Type the readings');
  await form.getByRole('radio', { name: 'piping new or changed' }).click();
  await form.getByRole('radio', { name: 'under the test' }).click();
  for (const [label, value] of [
    ['Working pressure', '7'],
    ['Pressure at the start', '15'],
    ['Pipe at the start', '68'],
    ['Held for', '15'],
    ['Pressure at the end', '14.3'],
    ['Pipe at the end', '55'],
  ] as const)
    await form.getByLabel(label, { exact: true }).fill(value);
  await form.getByRole('radio', { name: 'no bubbles' }).click();
  await form.getByRole('radio', { name: 'outdoors', exact: true }).click();
  await form.getByRole('radio', { name: 'fitted last' }).click();
  await form.getByRole('button', { name: 'Save', exact: true }).click();
  await crew.say('Do not light it.');
  await page.getByTestId('entry-gas-test').getByRole('button', { name: 'Correct' }).click();
  await form.getByRole('radio', { name: 'disconnected or isolated' }).click();
  await form.getByRole('button', { name: 'Save', exact: true }).click();
  await crew.press('Type the readings');
  await form.getByRole('radio', { name: 'natural gas' }).click();
  await form.getByRole('radio', { name: 'clocked', exact: true }).click();
  await form.getByRole('radio', { name: 'sealed pipes' }).click();
  for (const [label, value] of [
    ['Inlet gas pressure', '7.1'],
    ['Manifold pressure', '3.5'],
    ['Manifold pressure on the plate', '3.5'],
    ['Temperature rise', '5600'],
    ['Rise on the plate, from', '35'],
    ['Rise on the plate, to', '65'],
    ['CO in the flue, air-free', '24'],
    ['CO in the room', '0'],
    ['Burning for', '15'],
    ['Test dial, one turn', '2'],
    ['Turns', '3'],
    ['In', '221'],
    ['Heating value of the gas', '1028'],
    ['Input on the plate', '100000'],
  ] as const)
    await form.getByLabel(label, { exact: true }).fill(value);
  for (const safety of ['High limit', 'Rollout switch', 'Pressure switch', 'Door switch'])
    await form
      .getByRole('radiogroup', { name: safety, exact: true })
      .getByRole('radio', { name: safety === 'Rollout switch' ? 'did not stop it' : 'stopped it', exact: true })
      .click();
  // Mistyped: told where and what is allowed, and nothing typed is lost.
  await form.getByRole('button', { name: 'Record the readings' }).click();
  await expect(form).toContainText('1 to 200 °F');
  await expect(form.getByLabel('Inlet gas pressure', { exact: true })).toHaveValue('7.1');
  await form.getByLabel('Temperature rise', { exact: true }).fill('56');
  await form.getByRole('button', { name: 'Record the readings' }).click();
  // A safety that does not stop it is a stop, whatever else is good.
  await crew.say('Gas and power off: it does not run before that safety is mended.');
  await page.getByRole('button', { name: 'Read it again' }).first().click();
  await form
    .getByRole('radiogroup', { name: 'Rollout switch', exact: true })
    .getByRole('radio', { name: 'stopped it', exact: true })
    .click();
  await form.getByRole('button', { name: 'Record the readings' }).click();
  // A furnace of two stages is read at both.
  await crew.say('Call the low stage alone');
  await crew.press('Read it again');
  await form.getByLabel('Low stage: manifold pressure', { exact: true }).fill('1.7');
  await form.getByLabel('Low stage: manifold on the plate', { exact: true }).fill('1.6');
  await form.getByLabel('Low stage: temperature rise', { exact: true }).fill('48');
  await form.getByRole('button', { name: 'Record the readings' }).click();
  await crew.press('Sign the hand-over');
  await crew.say('Handed over');
  await expect(page.getByRole('heading', { name: 'Furnace, as read' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Gas pipe test', exact: true })).toBeVisible();
  await expect(page.getByText('Signed and handed over')).toBeVisible();
});

test('a house of two systems: its own facts are walked once, everything else by system', async ({ page }) => {
  const crew = new Surveyor(page);
  await crew.signIn();
  await crew.openPart(2161, 'survey/gas-vent');
  const systems = page.getByRole('navigation', { name: 'Circuits' }).first();
  await systems.getByRole('link', { name: 'Downstairs' }).click();
  await expect(page.getByRole('heading', { name: 'Gas and vent' })).toBeVisible();
  await crew.say('Downstairs:');
  // Answered upstairs: it stands here too, says so, and put right here it is right there.
  const alarm = crew.fact('coAlarm');
  await expect(alarm).toContainText('the house: asked once');
  await expect(alarm.getByRole('button', { name: 'Yes', exact: true })).toHaveAttribute('aria-pressed', 'true');
  await crew.answer('coAlarm', 'No');
  await crew.answer('fuel', 'Natural gas');
  await systems.getByRole('link', { name: 'Upstairs' }).click();
  await expect(page.getByText('Tess Orlan').first()).toBeVisible();
  await page.goBack();
  await expect(crew.fact('fuel').getByRole('button', { name: 'Natural gas' })).toHaveAttribute('aria-pressed', 'true');
  await page.reload();
  await crew.phase('Scope').click();
  await crew.say(/Downstairs:\s*Finish and sign the survey first/);
  await expect(page.getByLabel('New outdoor unit')).toHaveValue('');
  await expect(page.getByRole('link', { name: 'Survey and scope as PDF' })).toHaveAttribute('href', /\?circuit=/);
  await systems.getByRole('link', { name: 'Upstairs' }).click();
  // A new carbon monoxide answer is found on the day there: the scope upstairs is signed.
  await expect(page.getByTestId('delta').first()).toContainText('Carbon monoxide alarm');
  await expect(page.getByLabel('New outdoor unit')).not.toHaveValue('');
  // Taken back in the house, the change is gone upstairs: what was signed there stands.
  await systems.getByRole('link', { name: 'Downstairs' }).click();
  await crew.go(page.url().replace(/\/scope.*/, '/survey/gas-vent'));
  await crew.answer('coAlarm', 'Yes');
  await systems.getByRole('link', { name: 'Upstairs' }).click();
  await crew.phase('Scope').click();
  await expect(page.getByTestId('delta')).toHaveCount(0);
});

test('a coil alone: the plate of the unit that stays is read where it stands, with what the survey saw', async ({
  page,
}) => {
  const crew = new Surveyor(page);
  await crew.signIn();
  const people = (await (await page.request.get('/api/people')).json()) as { people: { id: string; role: string }[] };
  const id = uuid();
  await post(page, '/jobs', {
    id,
    customerName: 'Coil Row 4',
    phone: null,
    customerLanguage: 'en',
    address: '4 Coil Row',
    town: 'Harrow Mill',
    elevationFt: 1180,
    systemName: 'Shop',
    leadId: people.people.find((p) => p.role === 'lead')!.id,
    scheduledFor: '2026-06-01',
    plate: null,
  });
  await crew.go(`/jobs/${id}/survey`);
  await crew.answer('systemType', 'Split cooling with furnace');
  await expect(crew.fact('replaced')).toBeVisible();
  await crew.answer('replaced', 'Cased coil alone');
  await crew.place('Outdoor unit');
  await expect(crew.fact('oldTons')).toBeVisible();
  await expect(crew.fact('pad')).toHaveCount(0);
  await crew.answer('oldTons', 3);
  await crew.answer('oldRefrigerant', 'R-410A');
  await crew.fact('outdoorModel').getByRole('textbox').fill('OAC-36');
  await crew.fact('outdoorModel').getByRole('textbox').press('Enter');
  await crew.phase('Scope').click();
  await expect(page.getByLabel('New indoor unit or coil')).toBeVisible();
  await expect(page.getByLabel('New outdoor unit')).toHaveCount(0);
  await crew.phase('Line set').click();
  await crew.say('Read the plate of the unit that stays');
  await crew.press('Type it');
  await expect(page.getByLabel('Model', { exact: true })).toHaveValue('OAC-36');
  await expect(page.getByLabel('Nominal size', { exact: true })).toHaveValue('3');
});
