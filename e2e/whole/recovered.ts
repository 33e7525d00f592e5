import { expect, test } from '@playwright/test';
import { DEAD, PUMP_DOWN, REMOVAL_ANSWERS, STANDING } from '../crew';
import { upstairs } from './upstairs';

/** Released with its pictures, pumped down, both feeds proven dead, the rest weighed against the ledger. */
export const recovered = () =>
  test('from the signed scope: released, pumped down, both feeds dead, the rest weighed', async ({ page }) => {
    const crew = await upstairs(page, 'scope', 'Scope');
    await crew.press('Take pictures');
    await crew.takePictures();
    await crew.phase('Scope').click();
    // The side cap is only promised: what is not there yet holds the removal until somebody says it came.
    await crew.say('No-go: nothing is taken out yet');
    await crew.press('Go to the day plan');
    await page
      .getByTestId('arrivals')
      .getByRole('button', { name: /sheet metal/ })
      .click();
    const came = crew.form('delivery');
    await expect(came.getByLabel('Which one')).toHaveValue('side cap, 24 ga');
    await came.getByRole('radio', { name: 'there, matches' }).click();
    await came.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByTestId('go-verdict')).not.toHaveText('No-go');
    await crew.phase('Scope').click();
    await crew.press('Release the removal');
    await crew.say('Removal released');
    await crew.phase('Recover').click();
    // What the survey saw stands in the form; only what nobody knew is asked.
    await crew.press('Old charge');
    const old = crew.form('old-charge');
    await expect(old.getByLabel('Factory charge, lb')).toHaveValue('5');
    await expect(old.getByLabel('Factory charge', { exact: true })).toHaveValue('8');
    await expect(old.getByLabel('Line length found')).toHaveValue('38');
    await expect(old.getByRole('radio', { name: 'R-410A' })).toBeChecked();
    // Closed by accident, then a reload: what was typed is still there.
    const includes = old.getByLabel('Line length it includes');
    await includes.fill('15');
    await page.keyboard.press('Escape');
    await page.reload();
    await crew.press('Old charge');
    await expect(includes).toHaveValue('15');
    await expect(page.getByText('As you left it.')).toBeVisible();
    await crew.write(
      'old-charge',
      { Adder: 0.54, 'Inside volume of the outdoor unit': 0.34 },
      { Appliance: 'Comfort cooling', 'It leaks: a vacuum would draw air in': 'No' },
    );
    await crew.press('What works');
    // The server hears it and every answer is lost: it is kept, sent again by itself, and is still one entry.
    await page.route('**/circuit-entries', async (route) => {
      await route.fetch();
      await route.abort();
    });
    const facts = crew.form('removal-facts');
    for (const [label, option] of Object.entries({ ...REMOVAL_ANSWERS, Compressor: 'scroll' }))
      await crew.pick('removal-facts', label, option);
    await facts.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(facts).toBeHidden();
    await expect(page.getByTestId('waits')).toContainText('To be sent: 1.');
    // What is being swallowed in this moment is let end first.
    await page.unrouteAll({ behavior: 'wait' });
    await expect(page.getByTestId('waits')).toBeHidden();
    await expect(page.getByTestId('entry-removal-facts')).toHaveCount(1);
    await crew.press('Standing pressure');
    await crew.write('standing-read', ...STANDING);
    await crew.press('Choose the method');
    await crew.write('method', {}, PUMP_DOWN);
    await crew.press('Save the stop');
    await crew.write('pump-down', { 'Suction at the stop, both valves closed': 2, 'Ran for': 6 });
    await crew.press(/rebound/i);
    await crew.write('rebound', { 'Suction now': 4, 'Minutes after the stop': 10 });
    await crew.pressWhen(/Verify absence of voltage/);
    await crew.write(
      'dead-proof',
      {
        ...DEAD[0],
        'Second feed, line to line': 0.2,
        'Second feed, one line to ground': 0.1,
        'Second feed, other line to ground': 0.1,
      },
      DEAD[1],
    );
    await crew.press('Read the level');
    const level = crew.form('level');
    for (const box of ['Gauge when the machine stopped, unit', 'Gauge after the wait, unit'])
      await level.getByLabel(box).getByRole('radio', { name: 'vacuum' }).click();
    await crew.write('level', { 'Gauge when the machine stopped': 12, 'Gauge after the wait': 11, Waited: 6 });
    await crew.say('Weigh what the machine took');
    await crew.press('Weigh what came back');
    const form = crew.form('recovered');
    await form.getByRole('radio', { name: /RC-11/ }).click();
    await form.getByRole('radiogroup', { name: 'Oil came with it' }).getByRole('radio', { name: 'No' }).click();
    await form.getByLabel('Scale', { exact: true }).fill('scale 2');
    await form.getByLabel('Cylinder before', { exact: true }).fill('10');
    await form.getByLabel('Cylinder after', { exact: true }).fill('130');
    await form.getByRole('button', { name: 'Save', exact: true }).click();
    const told = form.getByText(/By the ledger cylinder RC-11 weighs (\d+) lb/).first();
    await expect(told).toBeVisible();
    const pounds = Number(((await told.textContent()) ?? '').match(/weighs (\d+) lb/)![1]);
    await crew.write('recovered', {
      'Cylinder before, lb': pounds,
      'Cylinder before': 4.5,
      'Cylinder after, lb': pounds,
      'Cylinder after': 15.5,
    });
    await crew.pressWhen('Sign the recovery');
    await crew.say('Recovery signed');
  });
