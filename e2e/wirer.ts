import { expect, type Locator } from '@playwright/test';
import { Fitter, figure } from './crew';

/** How a circuit is laid, as somebody has to say it. */
export const LAID = { 'The plate says fuses only': 'No', Insulation: '90 °C', 'Runs as': 'in conduit' };

/** What a crew does on the wiring page. */
export class Wirer extends Fitter {
  part(name: string): Promise<void> {
    return this.page.getByRole('tab', { name }).click();
  }

  /** Makes one source safe, step by step, each pair read by itself on both sides. */
  async makeSafe(which: string): Promise<void> {
    const source = this.page.getByTestId(`source-${which}`);
    for (const step of [1, 2]) {
      const row = source.locator('li').nth(step);
      await row.getByRole('button', { name: 'Done', exact: true }).click();
      await expect(row.getByRole('button', { name: 'Done again' })).toBeVisible();
    }
    const live = async (step: number): Promise<void> => {
      await this.enter(source.locator('li').nth(step).getByRole('textbox').first(), '239');
      await expect(source.locator('li').nth(step)).toContainText(/\d:\d\d/);
    };
    await live(3);
    const dead = source.locator('li').nth(4).getByRole('textbox');
    // Counted once they are there: between two answers of the server the page may show fewer.
    await expect(dead.nth(1)).toBeVisible();
    const boxes = await dead.all();
    for (const box of boxes) await this.enter(box, '0.1');
    for (const box of boxes) if ((await box.inputValue()) !== '0.1') await this.enter(box, '0.1', true);
    await live(5);
    await expect(source).toContainText('Absence of voltage verified');
  }

  /** Typed and entered as a person does, who sees an empty box and types again: that is told. */
  private async enter(box: Locator, text: string, again = false): Promise<void> {
    await box.fill(text);
    if (again || (await box.inputValue()) !== text) {
      figure('typed again', 1, 'times');
      await box.fill(text);
    }
    await expect(box).toHaveValue(text);
    await box.press('Enter');
  }

  /** Every call and safety, each seen to pull in just what it must: by taps. */
  async proveByTaps(): Promise<void> {
    for (const row of await this.page.locator('li[data-testid^=proof-]').all()) {
      const tap = row.getByRole('button', { name: 'Just these' });
      if (!(await tap.isVisible())) continue;
      await tap.click();
      await expect(row).toContainText('seen:');
    }
  }

  /** Thermostat and blower: the sheets from their starts, read back from the wall. */
  async fillSheets(blower: Record<string, string>): Promise<void> {
    await this.press('Open its sheet');
    await this.write('thermostat-set', {});
    await this.press('Read it back');
    await this.page.getByTestId('read-back').getByRole('button', { name: 'The wall reads just so' }).click();
    await this.press('Open its sheet');
    await this.write('blower-board', blower, {
      'Blower is set by': 'Switches',
      'The board delays the compressor': 'Yes',
    });
  }

  /** Every look at the wiring as it is asked. */
  async looksAsAsked(): Promise<void> {
    await this.part('Checks');
    await this.setAsAsked();
  }

  /** Follows the proofs of a simulated cabinet: reads it, mends what is named, until the next move is another one. */
  async proveControls(most = 60): Promise<string[]> {
    const done: string[] = [];
    for (let i = 0; i < most; i++) {
      const button = this.next.getByRole('button').first();
      const label = ((await button.textContent()) ?? '').trim();
      if (!['Read the cabinet', 'It is put right', 'Hold the meter there'].includes(label)) return done;
      const before = await this.next.textContent();
      const proven = await this.page.getByRole('region', { name: 'Calls and safeties' }).textContent();
      await button.click();
      done.push(label);
      await expect
        .poll(async () =>
          [
            await this.next.textContent(),
            await this.page.getByRole('region', { name: 'Calls and safeties' }).textContent(),
          ].join(),
        )
        .not.toBe([before, proven].join());
    }
    throw new Error(`not proven after ${done.join(', ')}`);
  }
}
