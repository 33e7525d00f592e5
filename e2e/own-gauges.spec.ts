import { expect, type Page, test } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { recoveryBench } from '../core/plant/bench/bench';
import { DEAD, Fitter, REMOVAL_ANSWERS } from './crew';
import { OwnGear } from './own-gear';

/** A fresh job with its equipment entered and nothing else. */
async function freshJob(page: Page): Promise<number> {
  const headers = { Origin: new URL(page.url()).origin };
  const { people } = (await (await page.request.get('/api/people')).json()) as {
    people: { id: string; role: string }[];
  };
  const reply = await page.request.post('/api/jobs', {
    headers,
    data: {
      id: uuid(),
      customerName: 'Tarn Street flats',
      phone: null,
      address: '5 Tarn Street',
      town: 'Harrow Mill',
      elevationFt: 1180,
      systemName: 'Second floor',
      leadId: people.find((p) => p.role === 'lead')!.id,
      scheduledFor: '2026-06-01',
      plate: sampleSheet().circuit.plate,
    },
  });
  expect(reply.status()).toBe(201);
  return ((await reply.json()) as { job: { number: number } }).job.number;
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
  await crew.write(
    'old-charge',
    { 'Factory charge': 104, 'Line length found': 30, Adder: 0.54, 'Inside volume of the outdoor unit': 0.34 },
    { 'Old refrigerant, from its plate': 'R-410A' },
  );
  await crew.press('What works');
  await crew.write('removal-facts', {}, { ...REMOVAL_ANSWERS, Compressor: 'scroll' });
  await crew.press('Choose the way');
  await crew.write('method', {});

  const gear = new OwnGear(
    recoveryBench(
      {
        seed: number,
        refrigerant: 'R-410A',
        barometerPsia: 14.1,
        outdoorF: 84,
        lowFt3: 0.33,
        outdoorFt3: 0.34,
        valveLeaks: 0,
        cylinderTareOz: 452,
        waterCapacityLb: 47.7,
        chilled: true,
      },
      7.2,
      0,
    ),
  );
  await page.getByRole('button', { name: /^Instruments/ }).click();
  await page.getByRole('button', { name: 'Wait for a recording' }).click();
  const token = await page.getByTestId('port-token').textContent();
  const address = await page
    .getByTestId('port-open')
    .getByText(/127\.0\.0\.1:\d+/)
    .textContent();
  await gear.connect(Number(address!.split(':')[1]), token!.trim());
  await crew.closeSheet();

  await test.step('pumped down by hand, told tap by tap', async () => {
    gear.hand({ kind: 'call', on: true });
    await crew.pressWhen('Cooling is called');
    await crew.say(/min to go/);
    await expect(crew.next.getByRole('button', { name: 'Liquid valve closed' })).toBeVisible({ timeout: 30_000 });
    gear.hand({ kind: 'liquid-valve', open: false });
    // A hand needs seconds; the pipes' time is slowed so that a tap here takes as long.
    gear.lineEveryMs = 200;
    await crew.press('Liquid valve closed');
    await expect(crew.next.getByRole('button', { name: 'Both closed, power is off' })).toBeVisible({ timeout: 60_000 });
    gear.hand({ kind: 'vapour-valve', open: false }, { kind: 'call', on: false });
    await crew.press('Both closed, power is off');
    gear.lineEveryMs = 30;
    gear.pace = 4;
    await crew.say('Rebound watch');
    await crew.pressWhen('Write it down');
    await expect(page.getByTestId('entry-rebound')).toContainText('replayed');
    await expect(page.getByTestId('check-too-deep')).toBeHidden();
  });

  await test.step('the low side by machine, weighed by the scale on the port', async () => {
    await crew.pressWhen('Prove it dead');
    await crew.write('dead-proof', ...DEAD);
    gear.pace = 2;
    await expect(crew.next.getByRole('button', { name: 'The machine runs' })).toBeVisible();
    gear.hand({ kind: 'machine', on: true });
    await crew.press('The machine runs');
    await expect(crew.next.getByRole('button', { name: 'Machine is off, weigh' })).toBeVisible({ timeout: 90_000 });
    gear.hand({ kind: 'machine', on: false });
    await crew.press('Machine is off, weigh');
    gear.pace = 4;
    await crew.pressWhen('Write the level down');
    await expect(page.getByTestId('entry-recovered')).toContainText('replayed');
    await expect(page.getByTestId('check-level')).toContainText(/held for \d+ min/);
  });
  gear.stop();
  await context.close();
});
