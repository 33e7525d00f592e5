import { expect, type Page, test } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { Crew, equippedJob, post } from './crew';

/** Answers of a survey, past its screens. */
const surveyed = (page: Page, id: string, facts: Record<string, unknown>): Promise<void> =>
  post(page, `/jobs/${id}/observations`, {
    observations: Object.entries(facts).map(([fact, value]) => ({
      id: uuid(),
      fact,
      value,
      method: 'seen',
      source: 'site',
      confidence: 'high',
      note: null,
      photoId: null,
      occurredAt: new Date().toISOString(),
    })),
  });

test('zones on a phone: each alone and all together; a zone too small is told, a slip corrected, the network gone meanwhile', async ({
  page,
  context,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const crew = new Crew(page);
  await crew.signIn();
  const { id } = await equippedJob(page, 'Two zones', sampleSheet().circuit.plate);
  await surveyed(page, id, { zones: 2 });
  await crew.go(`/jobs/${id}/start-up`);
  const proofs = page.getByRole('region', { name: 'Proofs by hand' });
  const findings = page.getByRole('region', { name: 'Findings' });
  const form = page.getByTestId('entry-form-zone-run');
  const zone = async (name: string | undefined, figures: Record<string, string>): Promise<void> => {
    await proofs.getByRole('button', { name: 'Zones', exact: true }).click();
    await form.getByRole('radio', { name: name ? 'one zone alone' : 'all zones' }).click();
    if (name) await form.getByLabel('Zone', { exact: true }).fill(name);
    await form.getByRole('radio', { name: 'cooling' }).click();
    for (const [label, text] of Object.entries(figures)) await form.getByLabel(label, { exact: true }).fill(text);
    if (name) await form.getByRole('radio', { name: 'shut', exact: true }).click();
    await form.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(form).toHaveCount(0);
  };
  await zone('Upstairs', { 'External static pressure': '0.72', Air: '640', 'Supply dry bulb': '41' });
  await expect(findings.getByText(/The supply reads 41/)).toBeVisible();
  await expect(findings.getByText(/1 of 2/)).toBeVisible();
  await context.setOffline(true);
  await zone('Downstairs', { 'External static pressure': '0.48', Air: '900', 'Supply dry bulb': '54' });
  await zone(undefined, { 'External static pressure': '0.41', Air: '1180', 'Supply dry bulb': '55' });
  await expect(findings.getByText(/1 of 2/)).toHaveCount(0);
  await context.setOffline(false);
  await expect
    .poll(async () => {
      const sheet = await (await page.request.get(`/api/jobs/${id}`)).json();
      return sheet.systemLog.filter((e: { kind: string }) => e.kind === 'zone-run').length;
    })
    .toBe(3);
  // The damper was not open yet: read again, and the newest of that zone counts.
  await zone('upstairs', { 'External static pressure': '0.5', Air: '880', 'Supply dry bulb': '53' });
  await expect(findings.getByText(/The supply reads 41/)).toHaveCount(0);
  await page.reload();
  await expect(proofs.getByText(/upstairs: 0.50 in. w.c./)).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('a leak detector at a desk: a blower that does not answer is a stop until it is tripped again', async ({
  page,
}) => {
  const crew = new Crew(page);
  await crew.signIn();
  const { id } = await equippedJob(page, 'Leak detector', sampleSheet().circuit.plate);
  await post(page, `/jobs/${id}/circuit-entries`, {
    id: uuid(),
    kind: 'room',
    body: {
      areaFt2: 900,
      releaseHeightFt: 6,
      detector: true,
      circulationCfm: 400,
      makerLimitLb: null,
    },
    supersedesId: null,
    occurredAt: new Date().toISOString(),
  });
  await crew.go(`/jobs/${id}/start-up`);
  const proofs = page.getByRole('region', { name: 'Proofs by hand' });
  const findings = page.getByRole('region', { name: 'Findings' });
  await proofs.getByRole('button', { name: 'Leak detector' }).click();
  const form = page.getByTestId('entry-form-a2l-trip');
  await expect(form.getByText(/never release refrigerant/i)).toBeVisible();
  await form.getByRole('radio', { name: /test mode/ }).click();
  await form.getByRole('radio', { name: 'Yes' }).first().click();
  await form.getByRole('radio', { name: 'No', exact: true }).nth(1).click();
  await form.getByLabel('Both within', { exact: true }).fill('12');
  await form.getByLabel('Air at that speed', { exact: true }).fill('620');
  await form.getByRole('radio', { name: 'has none' }).click();
  await form.getByLabel('Blower ran on after clearing', { exact: true }).fill('6');
  await form.getByRole('radio', { name: 'acts as a leak' }).click();
  await form.getByRole('button', { name: 'Save', exact: true }).click();
  await crew.say(/Leave it off/);
  await proofs.getByTestId('entry-a2l-trip').getByRole('button', { name: 'Correct' }).click();
  await form.getByRole('radio', { name: 'Yes' }).nth(1).click();
  await form.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(findings.getByText('Leak detector: proven.')).toBeVisible();
  await page.goBack();
  // Forward once it is there: a page that still goes back cannot be sent on.
  await page.waitForLoadState();
  // The page of the job without the form that was open, or the list before it, by how quickly the form was gone.
  await expect(crew.next.or(page.getByRole('heading', { name: 'Jobs', exact: true }))).toBeVisible();
  await page.goForward();
  await expect(findings.getByText('Leak detector: proven.')).toBeVisible();
});

test('a furnace that stays under a new coil: CO that nobody may breathe is a stop, whatever a lead would write', async ({
  page,
}) => {
  const crew = new Crew(page);
  await crew.signIn();
  const { id } = await equippedJob(page, 'Kept furnace', { ...sampleSheet().circuit.plate, heatPump: false });
  await surveyed(page, id, { systemType: 'split-ac', indoorType: 'gas-furnace', replaced: 'both-units' });
  await crew.go(`/jobs/${id}/start-up`);
  const proofs = page.getByRole('region', { name: 'Proofs by hand' });
  const findings = page.getByRole('region', { name: 'Findings' });
  await proofs.getByRole('button', { name: 'Furnace that stays' }).click();
  const form = page.getByTestId('entry-form-kept-furnace');
  for (const [label, text] of [
    ['External static pressure', '0.46'],
    ['Rated static on its plate', '0.5'],
    ['Temperature rise', '52'],
    ['Rise on its plate, from', '40'],
    ['Rise on its plate, to', '70'],
    ['CO in the flue, air-free', '450'],
    ['CO in the room', '0'],
    ['Burning for', '15'],
  ] as const)
    await form.getByLabel(label, { exact: true }).fill(text);
  await form.getByRole('radio', { name: 'looked at and sound' }).click();
  await form.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(findings.getByText(/450 ppm of CO in the flue/)).toBeVisible();
  await crew.say(/off|shut/i);
  await proofs.getByTestId('entry-kept-furnace').getByRole('button', { name: 'Correct' }).click();
  await form.getByLabel('CO in the flue, air-free', { exact: true }).fill('45');
  await form.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(findings.getByText('Furnace that stays: proven.')).toBeVisible();
  await expect(findings.getByText(/450 ppm/)).toHaveCount(0);
});

test('airflow by three ways: two contradict each other, the third names the odd one; two faults are asked for', async ({
  page,
}) => {
  const crew = new Crew(page);
  await crew.signIn();
  const { id } = await equippedJob(page, 'Three ways of air', sampleSheet().circuit.plate);
  await crew.go(`/jobs/${id}/start-up`);
  await crew.tab('readings');
  for (const [label, text] of Object.entries({
    'Suction pressure': '103',
    'Liquid pressure': '430',
    'Suction line': '50',
    'Liquid line': '101',
    'Outdoor air entering': '94',
    'Return dry bulb': '77',
    'Return wet bulb': '64',
    'Supply dry bulb': '51',
    'Compressor amps': '12.4',
    'Outdoor fan amps': '1.1',
    'Line voltage': '238',
  }))
    await page.getByLabel(label, { exact: true }).fill(text);
  const measure = async (how: RegExp, figures: Record<string, string>): Promise<void> => {
    await page.getByRole('button', { name: 'Airflow', exact: true }).click();
    await page.getByRole('radio', { name: how }).click();
    for (const [label, text] of Object.entries(figures)) await page.getByRole('textbox', { name: label }).fill(text);
    await page.getByRole('button', { name: 'Record this airflow' }).click();
    await expect(page.getByRole('button', { name: 'Record this airflow' })).toHaveCount(0);
  };
  const findings = page.getByRole('region', { name: 'Findings' });
  await measure(/Flow grid/, { 'Measured airflow': '820' });
  await measure(/Drop over/, {
    'Drop that was read': '0.22',
    'Drop of its table': '0.2',
    'Airflow at that drop': '1200',
  });
  await expect(findings.getByText(/contradict each other/)).toBeVisible();
  await measure(/Strip-heat/, {
    'Voltage at the strips': '238',
    'Amps of the strips': '40',
    'Supply over return': '37',
  });
  await expect(findings.getByText(/drop over coil or filter 1,259 CFM is the odd one/)).toBeVisible();
  await crew.tab('fault');
  await page.getByRole('button', { name: 'Two faults at once?' }).click();
  await expect(page.getByTestId('two-faults')).toContainText('too little indoor air');
});
