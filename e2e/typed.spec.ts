import { expect, test } from '@playwright/test';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import {
  BI_FLOW,
  BRAZED,
  BROKEN,
  DEAD,
  equippedJob,
  Fitter,
  OLD_CHARGE,
  OPENED,
  PUMP,
  PUMP_DOWN,
  REMOVAL_ANSWERS,
  STANDING,
} from './crew';

/** The clock some minutes ago, as a time box takes it. */
const ago = (minutes: number): string => new Date(Date.now() - minutes * 60_000).toTimeString().slice(0, 5);

test('a crew that only types: recovered, joined, tested, evacuated, charged, started and handed over, each reading with its time', async ({
  page,
}) => {
  test.setTimeout(300_000);
  const crew = new Fitter(page);
  await crew.signIn();
  const { id } = await equippedJob(page, 'Perrin Loft', sampleSheet().circuit.plate);
  const go = async (phase: string): Promise<void> => {
    await page.goto(`/jobs/${id}/${phase}`);
    await expect(crew.next).toBeVisible();
  };

  await test.step('recover: pumped down, proven dead, the rest weighed against the ledger', async () => {
    await go('recover');
    await crew.press('Old charge');
    // Closed by accident, then a reload: what was typed is still there.
    const half = crew.form('old-charge').getByLabel('Line length found', { exact: true });
    await half.fill('31');
    await page.keyboard.press('Escape');
    await page.reload();
    await crew.press('Old charge');
    await expect(half).toHaveValue('31');
    await expect(page.getByText('As you left it.')).toBeVisible();
    await crew.write('old-charge', ...OLD_CHARGE);
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
    await page.unroute('**/circuit-entries');
    await expect(page.getByTestId('waits')).toBeHidden();
    await expect(page.getByTestId('entry-removal-facts')).toHaveCount(1);
    await crew.press('Standing pressure');
    await crew.write('standing-read', ...STANDING);
    await crew.press('Choose the method');
    await crew.write('method', {}, PUMP_DOWN);
    await crew.press('Save the stop');
    await crew.write('pump-down', { 'Suction at the stop, both valves closed': 2, 'Ran for': 6 });
    await crew.press(/rebound/i);
    await crew.write('rebound', { 'Suction at the stop': 2, 'Suction now': 4, 'Minutes after the stop': 10 });
    await crew.pressWhen(/Verify absence of voltage/);
    await crew.write('dead-proof', ...DEAD);
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

  await test.step('join, each joint as it is made', async () => {
    await go('join');
    await crew.press('Log the opening');
    await crew.write('opened', ...OPENED);
    await crew.press('Draw the line set');
    await page.getByTestId('pieces').getByRole('button', { name: 'Add a piece' }).click();
    await page.getByRole('textbox', { name: 'Piece 1' }).fill('48');
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

  await test.step('pressure held, timed by its readings', async () => {
    await go('pressure-test');
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

  await test.step('a vacuum read at 0, 2, 5 and 10 min', async () => {
    await go('evacuate');
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

  await test.step('charged by two weights off the ledger', async () => {
    await go('charge');
    await crew.press('Vacuum broken');
    await crew.write('vacuum-broken', ...BROKEN);
    await crew.pressWhen('Cylinder');
    await crew
      .form('cylinder-used')
      .getByRole('radio', { name: /S-454-2/ })
      .click();
    await crew.write('cylinder-used', {}, { 'It leaves as': 'Liquid' });
    await crew.pressWhen('Room');
    await crew.write(
      'room',
      { 'Smallest room or area served': 900, 'Height where it would leak': 5.9 },
      { 'A leak detector starts the blower': 'No' },
    );
    const { cylinders } = (await (await page.request.get('/api/cylinders')).json()) as {
      cylinders: { tag: string; tareOz: number; contentsOz: number }[];
    };
    const c = cylinders.find((x) => x.tag === 'S-454-2')!;
    const gross = c.tareOz + c.contentsOz;
    await crew.pressWhen('Type the weights');
    await page.getByLabel('Cylinder at the start', { exact: true }).fill(gross.toFixed(1));
    await page.getByLabel('Cylinder at the end', { exact: true }).fill((gross - 25.7).toFixed(1));
    await page.getByRole('button', { name: 'Record this amount' }).click();
    await crew.pressWhen('It is marked');
    await crew.write(
      'label',
      { 'Total charge marked at': 'service panel' },
      { 'Service valves set as the maker asks': 'Yes', 'Caps and seals on, ports leak-checked': 'Yes' },
    );
    await crew.pressWhen('Sign the charge');
    await crew.say('Charge signed');
  });

  await test.step('started: two typed rounds ten minutes apart, airflow at any time, and signed', async () => {
    await go('start-up');
    const readings: [string, string][] = [
      ['Suction pressure', '117.5'],
      ['Liquid pressure', '370.5'],
      ['Suction line', '56'],
      ['Liquid line', '103.8'],
      ['Outdoor air entering', '94'],
      ['Return dry bulb', '76'],
      ['Return wet bulb', '63.5'],
      ['Supply dry bulb', '57'],
      ['Compressor amps', '11.9'],
      ['Outdoor fan amps', '1.1'],
      ['Line voltage', '238'],
    ];
    await crew.tab('readings');
    for (const [label, text] of readings) await page.getByLabel(label, { exact: true }).fill(text);
    await page.getByLabel('Compressor run time', { exact: true }).fill('24');
    // The first round was read six minutes ago; the second one now.
    await page.clock.setSystemTime(Date.now() - 6 * 60_000);
    await crew.pressWhen('Record this round');
    await crew.say('Take a second round');
    await page.getByRole('button', { name: 'Airflow', exact: true }).click();
    await page.getByLabel('Measured airflow').fill('1200');
    await page.getByRole('button', { name: 'Record this airflow' }).click();
    await page.clock.setSystemTime(Date.now());
    for (const [label, text] of readings) await page.getByLabel(label, { exact: true }).fill(text);
    await page.getByLabel('Compressor run time', { exact: true }).fill('30');
    for (let i = 0; i < 14; i++) {
      const text = ((await crew.next.textContent()) ?? '').replace(/\s+/g, ' ');
      if (/Start-up signed/.test(text)) break;
      const button = crew.next.getByRole('button').first();
      if (!(await button.isVisible())) break;
      await button.click();
      await page.waitForTimeout(600);
    }
    await crew.say('Start-up signed');
    await crew.press('Go to hand-over');
    await crew.pressWhen('Sign the hand-over');
    await crew.say('Handed over');
    // Nothing here came from a simulation, and the report says what was typed.
    await expect(page.getByText(/Contains simulated readings/)).toHaveCount(0);
  });
});
