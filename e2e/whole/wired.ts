import { expect, test } from '@playwright/test';
import { LAID } from '../wirer';
import { upstairs } from './upstairs';

/** From an old breaker that is too large to a signed wiring, with a hidden fault on the way. */
export const wired = () =>
  test('wire: an oversized old breaker, made safe, a hidden fault, every sheet and check', async ({ page }) => {
    const crew = await upstairs(page, 'wire', 'Wire');
    // The old breaker is above the new plate.
    await crew.press('Write the circuit');
    await crew.write(
      'power-circuit',
      { 'One way': '40', 'Hottest place it runs through': '86', Disconnect: '60', 'Supply, measured': '238' },
      { 'Protected by': 'Breaker', ...LAID, Copper: '10 AWG', 'Equipment ground': '10 AWG' },
    );
    await crew.say('Change it before power');
    await expect(page.getByTestId('circuit-outdoor')).toContainText('above the largest');
    await crew.press('Write the circuit');
    await crew.write('power-circuit', { 'Its rating': '20' });
    await expect(page.getByTestId('circuit-outdoor')).toContainText('fits the plate');
    await crew.press('Write the circuit');
    await crew.write(
      'power-circuit',
      {
        'Its rating': '60',
        'One way': '30',
        'Hottest place it runs through': '86',
        Disconnect: '60',
        'Supply, measured': '238',
      },
      {
        'Protected by': 'Breaker',
        ...LAID,
        Copper: '6 AWG',
        'Equipment ground': '10 AWG',
        'Both ends marked': '75 °C',
      },
    );
    // Every source, in its steps.
    await crew.press('Go step by step');
    await page.getByRole('dialog').getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByTestId('source-outdoor')).toBeVisible();
    await expect(page.getByTestId('source-outdoor').locator('li').nth(4).getByRole('textbox')).toHaveCount(0);
    await crew.makeSafe('outdoor');
    await crew.makeSafe('heat-1');
    // The plan is looked at with the diagram in hand; the valve is read, never guessed.
    await crew.press('Open the plan');
    await crew.write('wiring-plan', {
      'Whole conductors outdoors': '8',
      'Whole conductors to the thermostat': '8',
      Transformer: '60',
    });
    await crew.say('Read O or B');
    await crew.press('Open the plan');
    await crew.write('wiring-plan', {}, { 'Reversing valve is energized': 'In cooling (O)' });
    // A simulated cabinet with one hidden fault: read, named, mended, proven.
    await crew.say('Call for');
    await page.getByRole('button', { name: 'Connect a simulated cabinet' }).click();
    await expect(crew.next.getByRole('button', { name: 'Read the cabinet' })).toBeVisible();
    await crew.proveControls();
    await expect(page.getByTestId('proof-heat1')).toContainText('simulated');
    // Mistyped, taken back, tried again.
    await crew.takeBack(page.getByTestId('proof-fan'), 'read on the wrong job');
    await crew.press('Read the cabinet');
    await expect(page.getByTestId('proof-fan')).toContainText('seen: blower');
    // Thermostat, blower, checks.
    await crew.fillSheets({
      'As set': 'switch 2 on',
      'Set for a unit of': '5',
      'Air at full cooling': '800',
      'Air in heating': '800',
    });
    await crew.say('Set it for 2 tons, not 5');
    await crew.press('Open its sheet');
    await crew.write('blower-board', { 'Set for a unit of': '2' });
    await crew.press('Answer it');
    await page.getByTestId('wire-check-form').getByRole('radio', { name: 'As asked' }).click();
    await page.getByTestId('wire-check-form').getByRole('button', { name: 'Save', exact: true }).click();
    await crew.setAsAsked();
    await crew.press('Sign the wiring');
    await crew.say('Wiring signed');
    await crew.part('Checks');
    await expect(page.getByTestId('look-whip').getByRole('button')).toHaveCount(0);
  });
