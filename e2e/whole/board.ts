import { expect, test } from '@playwright/test';
import { upstairs } from './upstairs';

/** The board before the power: broken, read, mended. */
export const board = () =>
  test('the board: break it, read the sentence, mend it; by hand, by key and dragged', async ({ page }) => {
    const crew = await upstairs(page, 'wire', 'Wire');
    const says = page.getByTestId('board-says');
    const side = page.getByTestId('call-side');
    await crew.part('Low voltage');
    await expect(side).toContainText('Runs as it must');
    // Y and O change places at the outdoor unit: cooling looks perfect, heating does not.
    await page.getByTestId('wire-outdoor:Y1').press('Enter');
    await page.getByTestId('conductor-sheet').getByRole('button', { name: 'O', exact: true }).last().click();
    await expect(says).toContainText('cooling looks perfect');
    await expect(says).toContainText('A meter shows it');
    await expect(side).toContainText('Runs as it must');
    await page.getByRole('radio', { name: 'Heat', exact: true }).click();
    await expect(side).toContainText('Compressor will not start');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(side).toContainText('Runs as it must');
    // A safety opened by key stops what it must.
    await page.getByTestId('switch-float').press('Enter');
    await expect(side).toContainText('Nothing runs');
    await page.getByTestId('switch-float').press(' ');
    // An end that is dragged onto the wrong terminal.
    const grip = page.getByTestId('end-stat:W2-b');
    await grip.scrollIntoViewIfNeeded();
    const from = (await grip.boundingBox())!;
    const to = (await page.getByTestId('terminal-in.G').boundingBox())!;
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 8 });
    await page.mouse.up();
    await expect(says).toContainText('brings no heat');
    // A reload loses nothing of it; it is nobody's record.
    await page.reload();
    await expect(says).toContainText('brings no heat');
    await page.getByRole('button', { name: 'Back to what is kept' }).click();
    await expect(says).toBeHidden();
    // What it is wired like is kept, stands on the sheet and is put right again.
    await page.getByTestId('terminal-out.OB').press('Enter');
    await page.getByRole('button', { name: /Try a short/ }).click();
    await expect(says).toBeVisible();
    await page.getByRole('button', { name: 'It is wired so' }).click();
    await expect(page.getByTestId('check-wire:controls:board')).not.toContainText('Wired as planned');
    await page.getByRole('button', { name: 'Put right as planned' }).click();
    await expect(page.getByTestId('check-wire:controls:board')).toContainText('Wired as planned');
  });
