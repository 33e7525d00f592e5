import { expect, test } from '@playwright/test';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { equippedJob, Fitter, PUMP } from './crew';

test('a lead who overrides: in four phases every gate that may be let pass is, and the next move is the signature', async ({
  page,
}) => {
  const crew = new Fitter(page);
  await crew.signIn();
  const plate = { ...sampleSheet().circuit.plate, refrigerant: 'R-410A' };
  const { id } = await equippedJob(page, 'Garnet Yard', plate);
  for (const [phase, sign] of [
    ['join', 'Sign the line set'],
    ['pressure-test', 'Sign the pressure test'],
    ['evacuate', 'Sign the evacuation'],
    ['charge', 'Sign the charge'],
  ] as const) {
    await crew.go(`/jobs/${id}/${phase}`);
    await expect(crew.next).toBeVisible();
    if (phase === 'evacuate') {
      // Nobody lets pass that the compressor may start in a vacuum.
      await crew.offer('Pump set-up');
      await crew.write('pump-setup', ...PUMP);
    }
    const open = page.getByRole('button', { name: 'Override', exact: true });
    // The list comes with the sheet; the last one let pass leaves none.
    await expect(open.first()).toBeVisible();
    for (let left = await open.count(); left > 0; left = await open.count()) {
      await open.first().click();
      await page.getByRole('textbox', { name: /reason|Why/i }).fill('Done by another crew, on its paper sheet.');
      await page
        .getByRole('dialog')
        .getByRole('button', { name: /Override/ })
        .click();
      await expect(open).toHaveCount(left - 1);
    }
    await crew.say(/overridden/);
    await crew.say('Done by another crew, on its paper sheet.');
    await crew.press(sign);
    await crew.say('signed');
  }
});
