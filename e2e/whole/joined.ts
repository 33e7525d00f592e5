import { expect, test } from '@playwright/test';
import { BI_FLOW, BRAZED, OPENED } from '../crew';
import { upstairs } from './upstairs';

/** Each joint as it is made; its length is what the survey paced until it is drawn. */
export const joined = () =>
  test('line set: opened cold, drawn by pieces, each joint as it is made', async ({ page }) => {
    const crew = await upstairs(page, 'join', 'Line set');
    await crew.press('Log the opening');
    await crew.write('opened', ...OPENED);
    await crew.press('Draw the line set');
    await expect(page.getByRole('textbox', { name: 'Piece 1' })).toHaveValue('38');
    await page.getByRole('button', { name: 'Piece 1 along' }).click();
    await crew.write(
      'line-run',
      { Elbows: 4, 'Insulation on the vapor line': 0.75 },
      { 'Line set': 'Cut and joined here', 'The old line set stays': 'No' },
    );
    await crew.pressWhen('Log a joint');
    await crew.write('joint', { Where: 'coil, vapor', 'Nitrogen flowing': 4 }, BRAZED, ['reamed', 'cleaned']);
    await crew.pressWhen('Log the drier');
    await crew.write('drier', { 'Rated for': 5 }, BI_FLOW);
    await crew.pressWhen('Say how the valve is open');
    await crew.write('expansion-open', {}, { 'For test and vacuum it is': 'not needed' });
    await crew.pressWhen('Log the fire watch');
    await crew.write('fire-watch', { 'Watched after the last flame': 60 }, { 'Extinguisher at hand': 'Yes' });
    await crew.pressWhen('Sign the line set');
    await crew.say('Line set signed off');
  });
