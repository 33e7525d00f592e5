import { expect, type Page, test } from '@playwright/test';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { recoveryBench } from '../core/plant/bench/bench';
import type { RigConfig } from '../core/plant/rig';
import { DEAD, equippedJob, Fitter, OLD_CHARGE, PUMP_DOWN, REMOVAL_ANSWERS, STANDING } from './crew';
import { benchGear, OwnGear, rigGear } from './own-gear';

const freshJob = async (page: Page): Promise<number> =>
  (await equippedJob(page, 'Tarn Street flats', sampleSheet().circuit.plate)).number;

/** Opens a run for the gear and lets it send. */
async function plugIn(crew: Fitter, button: RegExp, gear: { connect: OwnGear<never>['connect'] }): Promise<void> {
  const { page } = crew;
  await page.getByRole('button', { name: button }).click();
  await page.getByRole('button', { name: 'Wait for a recording' }).click();
  const token = await page.getByTestId('port-token').textContent();
  const address = await page
    .getByTestId('port-open')
    .getByText(/127\.0\.0\.1:\d+/)
    .textContent();
  await gear.connect(Number(address!.split(':')[1]), token!.trim());
  await crew.closeSheet();
}

test('on a phone, with gauges of one’s own: the guide follows the taps, the figures come off the port', async ({
  browser,
}) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const page = await context.newPage();
  const crew = new Fitter(page);
  await crew.signIn();
  const number = await freshJob(page);
  await page.reload();
  await crew.openPart(number, 'recover');
  await crew.press('Old charge');
  await crew.write('old-charge', ...OLD_CHARGE);
  await crew.press('What works');
  await crew.write('removal-facts', {}, { ...REMOVAL_ANSWERS, Compressor: 'scroll' });
  await crew.press('Standing pressure');
  await crew.write('standing-read', ...STANDING);
  await crew.press('Choose the method');
  await crew.write('method', {}, PUMP_DOWN);

  const gear = new OwnGear(
    benchGear(
      recoveryBench(
        {
          seed: number,
          refrigerant: 'R-410A',
          barometerPsia: 14.1,
          outdoorF: 84,
          lowFt3: 0.33,
          outdoorFt3: 0.34,
          valveLeaks: 0,
          cylinderId: null,
          cylinderLimitOz: 600,
          cylinderTareOz: 452,
          waterCapacityLb: 47.7,
          chilled: true,
        },
        7.2,
        0,
      ),
    ),
  );
  await plugIn(crew, /^Instruments/, gear);

  await test.step('pumped down by hand, told tap by tap', async () => {
    gear.hand({ kind: 'call', on: true });
    await crew.pressWhen('Cooling is called');
    await crew.say(/min to go/);
    await expect(crew.next.getByRole('button', { name: 'Liquid valve closed' })).toBeVisible({ timeout: 30_000 });
    gear.hand({ kind: 'liquid-valve', open: false });
    // The last pounds go in seconds, and a hand needs them.
    gear.waitFor = ({ suctionPsig }) => ((suctionPsig ?? 0) < 25 ? 1000 : undefined);
    await crew.press('Liquid valve closed');
    await expect(crew.next.getByRole('button', { name: 'Both closed, power is off' })).toBeVisible({ timeout: 60_000 });
    gear.hand({ kind: 'vapour-valve', open: false }, { kind: 'call', on: false });
    await crew.press('Both closed, power is off');
    gear.waitFor = undefined;
    gear.pace = 4;
    await crew.say('Rebound watch');
    await crew.pressWhen('Save');
    await expect(page.getByTestId('entry-rebound')).toContainText('replayed');
    await expect(page.getByTestId('check-too-deep')).toBeHidden();
  });

  await test.step('the low side by machine, weighed by the scale on the port', async () => {
    await crew.pressWhen('Verify absence of voltage');
    await crew.write('dead-proof', ...DEAD);
    gear.pace = 2;
    await crew.pressWhen(/ is on the scale$/);
    await crew.pressWhen('The machine runs');
    gear.hand({ kind: 'machine', on: true });
    await expect(crew.next.getByRole('button', { name: 'Machine is off, weigh' })).toBeVisible({ timeout: 90_000 });
    gear.hand({ kind: 'machine', on: false });
    await crew.press('Machine is off, weigh');
    gear.pace = 4;
    await crew.pressWhen('Save the level');
    await expect(page.getByTestId('entry-recovered')).toContainText('replayed');
    await expect(page.getByTestId('check-level')).toContainText(/held for \d+ min/);
  });
  gear.stop();
  await context.close();
});

test('a scale and probes of one’s own: weighed in between two taps, started, and judged when it is steady', async ({
  page,
}) => {
  const crew = new Fitter(page);
  await crew.signIn();
  const number = await freshJob(page);
  await page.reload();
  await crew.openPart(number, 'charge');
  await page.getByRole('button', { name: 'Vacuum test' }).click();
  await page.getByLabel('Vacuum at the end, pump valved off').fill('310');
  await page.getByLabel('Held for').fill('12');
  await page.getByRole('button', { name: 'Record the test' }).click();
  await expect(page.getByText('Missing. Allowed: 10 to 300 characters.')).toBeVisible();
  await page.getByLabel('Why nothing before it is on record').fill('Done on paper by the first crew.');
  await page.getByRole('button', { name: 'Record the test' }).click();
  await crew.say(/Weigh in \d/);

  // The plate of the sample sheet: 118 oz in the unit, 48 ft of line, a coil of 6 oz.
  const config: RigConfig = {
    seed: number,
    refrigerant: 'R-454B',
    metering: 'txv',
    tons: 3,
    mode: 'cooling',
    volts: 240,
    elevationFt: 1180,
    outdoorF: 92,
    indoorF: 79,
    indoorWetBulbF: 65.5,
    indoorEndF: 76,
    nominalChargeOz: 143.8,
    outdoorFanA: 1.05,
    indoorAir: 1,
    outdoorAir: 1,
    condenserClean: 1,
    meterOpening: 1,
    compressorHealth: 1,
    nonCondensablePsi: 0,
    probeFaults: {},
  };
  const gear = new OwnGear(rigGear(config, 118));
  await plugIn(crew, /^Connect a scale/, gear);
  for (let i = 0; i < 2; i++) {
    const button = crew.next.getByRole('button', { name: /^Weigh in [\d.]+ oz$/ });
    const label = (await button.textContent())!;
    await button.click();
    // A scale at rest may stand a tenth beside it.
    await crew.say(/Weighing in: −?0\.[0-2] oz/);
    gear.hand({ kind: 'weigh-in', oz: Number(label.match(/[\d.]+/)![0]) });
    await crew.say(/ 0\.[0-3] oz to go/);
    await crew.press('Close the valve');
    await expect(crew.next.getByRole('button', { name: 'Close the valve' })).toBeHidden();
  }
  await crew.pressWhen('Sign the charge');
  gear.stop();
  await crew.pressWhen('Go to start-up');

  const probes = new OwnGear(rigGear(config, 143.8));
  await plugIn(crew, /^Instruments/, probes);
  probes.hand({ kind: 'start' });
  await crew.pressWhen('It runs');
  probes.pace = 3;
  await expect(page.getByTestId('steady')).toContainText(/Steady/, { timeout: 90_000 });
  await crew.say(/airflow/i);
  probes.stop();
});
