import { expect, test } from '@playwright/test';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { Crew, equippedJob } from './crew';

/** A dry, cold coil behind plenty of liquid: what a crew types. */
const STARVED: Record<string, string> = {
  'Suction pressure': '78',
  'Liquid pressure': '345',
  'Suction line': '66',
  'Liquid line': '98',
  'Outdoor air entering': '94',
  'Return dry bulb': '78',
  'Return wet bulb': '65',
  'Supply dry bulb': '65',
  'Compressor amps': '10.9',
  'Outdoor fan amps': '1.1',
  'Line voltage': '238',
};

test('which fault it is, by typed readings on a phone: the follow-up that it asks for settles it, outlives a reload, is taken back', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const crew = new Crew(page);
  await crew.signIn();
  const { id } = await equippedJob(page, 'Olin Marsh', sampleSheet().circuit.plate);
  await crew.go(`/jobs/${id}/start-up`);
  await expect(crew.next).toBeVisible();
  await crew.tab('fault');
  await expect(page.getByText(/takes every reading of a round/)).toBeVisible();
  await crew.tab('readings');
  for (const [label, text] of Object.entries(STARVED)) await page.getByLabel(label, { exact: true }).fill(text);
  await crew.tab('fault');
  const faults = page.getByTestId('faults');
  await expect(faults.getByRole('heading')).toContainText('Most likely');
  await expect(faults).toContainText('these readings cannot tell them apart');
  await expect(faults).toContainText('Clamp both sides of the drier');
  const drop = faults.getByLabel('Drop over the drier');
  await drop.fill('eleven');
  await expect(faults).toContainText('0 to 80');
  await drop.fill('11');
  await expect(faults.getByRole('heading')).toContainText('Most likely: a restriction in the liquid line');
  await page.reload();
  await crew.tab('fault');
  await expect(drop).toHaveValue('11');
  await drop.fill('0.5');
  await expect(faults.getByRole('heading')).toContainText('Most likely: a valve that does not open');
  await drop.fill('');
  await expect(faults).toContainText('these readings cannot tell them apart');
  // A round is recorded, then the follow-up by itself: it adds to the round and takes nothing's place.
  await page.getByRole('button', { name: 'Record', exact: true }).click();
  await expect(drop).toBeVisible();
  await drop.fill('11');
  await page.getByRole('button', { name: 'Record', exact: true }).click();
  await expect(faults.getByRole('heading')).toContainText('Most likely: a restriction in the liquid line');
  await crew.tab('ladder');
  await expect(page.getByTestId('ladder')).toContainText('66.0suction line');
  await page.reload();
  await crew.tab('fault');
  await expect(faults.getByRole('heading')).toContainText('Most likely: a restriction in the liquid line');
  await crew.tab('cycle');
  await expect(page.getByTestId('cycle')).toContainText('Discharge, estimated');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
