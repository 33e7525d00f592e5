import { expect, test } from '@playwright/test';
import { PUMP } from '../crew';
import { ago, upstairs } from './upstairs';

/** Pressure held and a vacuum standing, each timed by its readings. */
export const tightAndDry = () => {
  test('pressure test: held, timed by its readings', async ({ page }) => {
    const crew = await upstairs(page, 'pressure-test', 'Pressure test');
    await crew.press('Plan the test');
    await crew.write(
      'test-plan',
      {
        'Low-side limit on the coil’s plate': 450,
        'Gauge, hoses, valves rated': 800,
        'Test at': 450,
        'Gauge repeats within': 0.5,
        'Thermometer within': 0.5,
      },
      { 'Under test': 'Lines and coil, unit shut' },
    );
    await crew.pressWhen('Start the hold');
    await crew.write('hold-start', { Pressure: 450, 'Pipe, shaded': 74, 'Read at': ago(50) });
    await crew.say('Hold it 30 min');
    await expect(page.getByTestId('wait-clock')).toContainText('30 min are up');
    await crew.press('Read it');
    await crew.write('hold-end', { Pressure: 449.8, 'Pipe, shaded': 74, 'Read at': ago(40) });
    await crew.say('Hold it 30 min');
    await crew.press('Read it');
    await crew.write('hold-end', { Pressure: 449.7, 'Pipe, shaded': 74, 'Read at': ago(5) });
    await expect(page.getByTestId('check-hold')).toContainText('No leak detected');
    await page.getByTestId('bubble-row').getByRole('button', { name: 'None' }).click();
    await crew.pressWhen('Sign the pressure test');
    await crew.say('Pressure test signed');
  });

  test('vacuum: read at 0, 2, 5 and 10 min', async ({ page }) => {
    const crew = await upstairs(page, 'evacuate', 'Evacuate');
    await crew.press('Set up');
    await crew.write('pump-setup', ...PUMP);
    await crew.pressWhen('Blank-off reading');
    await crew.write('blank-off', { 'Pump blanked off, gauge on it': 34 });
    await crew.pressWhen('Valve off and test');
    await crew.write('isolated', { 'The gauge shows': 280, 'Read at': ago(14) });
    await crew.say('Read it at 0, 2, 5, 10 min');
    await crew.press('Type the readings');
    const form = crew.form('standing');
    await form.getByRole('textbox').first().fill('0 280\n2 300\n10 325');
    await crew.write('standing', {});
    await expect(page.getByTestId('check-standing')).toContainText('No reading at 5 min');
    await crew.offer('Standing test');
    await form.getByRole('textbox').first().fill('0 280\n2 300\n5 312\n10 325');
    await crew.write('standing', {});
    await expect(page.getByTestId('check-standing')).toContainText('Tight');
    await crew.pressWhen('Sign the evacuation');
    await crew.say('Evacuation signed');
  });
};
