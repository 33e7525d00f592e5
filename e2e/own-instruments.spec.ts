import { expect, test } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { equippedJob, Fitter, ONE_HOSE, post } from './crew';

// Here the worker that opens the application without a network is at work.
test.use({ serviceWorkers: 'allow', viewport: { width: 390, height: 844 } });

/** A job before its charge, its vacuum typed, open on a phone that keeps the application. */
async function charging(crew: Fitter, house: string): Promise<string> {
  const { page } = crew;
  await crew.signIn();
  const { id } = await equippedJob(page, house, sampleSheet().circuit.plate);
  const vacuum = await page.request.put(`/api/jobs/${id}/vacuum`, {
    headers: { Origin: new URL(page.url()).origin },
    data: { version: 0, endMicrons: 310, heldMin: 12, reason: 'Recorded on the paper sheet of this walk.' },
  });
  expect(vacuum.ok(), await vacuum.text()).toBe(true);
  await crew.go(`/jobs/${id}/charge`);
  await expect(crew.next).toBeVisible();
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.reload();
  await crew.say(/Weigh in/);
  return id;
}

test('a basement without a signal: simulated instruments run on the phone, go on after a reload, and their run arrives whole', async ({
  page,
  context,
}) => {
  const crew = new Fitter(page);
  await crew.signIn();
  const { id } = await equippedJob(page, 'Basement Beech', sampleSheet().circuit.plate);
  await post(page, `/jobs/${id}/phases/evacuate/overrides`, {
    id: uuid(),
    gate: 'pressure-signed',
    reason: 'Tested on paper before this sheet was begun.',
  });
  await crew.go(`/jobs/${id}/evacuate`);
  await expect(crew.next).toBeVisible();
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.reload();
  await expect(crew.next).toBeVisible();
  await page.getByRole('button', { name: /^Instruments/ }).click();
  await expect(page.getByRole('button', { name: 'Connect simulated instruments' })).toBeVisible();
  await crew.closeSheet();

  await test.step('the signal goes: set up, connected on the phone itself, pumped down', async () => {
    await context.setOffline(true);
    await crew.press('Set up');
    await crew.write('pump-setup', ...ONE_HOSE);
    await crew.pressWhen('Blank-off reading');
    await crew.write('blank-off', { 'Pump blanked off, gauge on it': 38 });
    await page.getByRole('button', { name: /^Instruments/ }).click();
    await page.getByRole('button', { name: 'Connect simulated instruments on this device' }).click();
    await page.getByRole('radio', { name: '60×' }).click();
    await crew.closeSheet();
    await crew.pressWhen('Start the pump');
    await expect(page.getByText('Simulated', { exact: true }).first()).toBeVisible();
  });

  await test.step('a reload: it goes on with a gap', async () => {
    await page.reload();
    await expect(crew.next).toBeVisible();
    await crew.pressWhen('Valve off and test', 180_000);
    await crew.say('Leave it alone');
  });

  await test.step('the standing test is read and judged on the phone', async () => {
    await crew.pressWhen('Record the test', 180_000);
    await expect(page.getByTestId('check-standing')).toContainText('Tight');
    await page.getByRole('button', { name: /^Instruments/ }).click();
    await page.getByRole('button', { name: 'Disconnect' }).click();
    await crew.closeSheet();
  });

  await test.step('the signal is back: everything arrives, marked as simulated, without gaps or doubles', async () => {
    await context.setOffline(false);
    await expect(page.getByTestId('waits')).toBeHidden({ timeout: 60_000 });
    const arrived = async () =>
      (await (await page.request.get(`/api/jobs/${id}`)).json()) as {
        runs: { id: string; source: string; state: string }[];
        circuitLog: { kind: string; source: string; body: { runId?: string } }[];
      };
    // The line that tells of waiting is hidden too before the first of it is told.
    await expect.poll(async () => (await arrived()).circuitLog.some((e) => e.kind === 'standing')).toBe(true);
    const sheet = await arrived();
    const [run] = sheet.runs;
    expect(run).toMatchObject({ source: 'simulated', state: 'stopped' });
    expect(sheet.circuitLog.find((e) => e.kind === 'standing')).toMatchObject({
      source: 'simulated',
      body: { runId: run!.id },
    });
    await page.reload();
    await crew.pressWhen('Sign the evacuation');
    await crew.say('Evacuation signed');
  });
});

test('a charge without a signal: weighed in on the phone itself, signed, and all of it arrives with its readings', async ({
  page,
  context,
}) => {
  const crew = new Fitter(page);
  const id = await charging(crew, 'Birch Cellar');
  await page.getByRole('button', { name: /scale/i }).first().click();
  await expect(page.getByRole('button', { name: 'Connect simulated instruments' })).toBeVisible();
  await crew.closeSheet();

  await context.setOffline(true);
  await page.getByRole('button', { name: /scale/i }).first().click();
  await page.getByRole('button', { name: 'Connect simulated instruments on this device' }).click();
  await crew.closeSheet();
  await crew.weighIn();
  await page.reload();
  await expect(page.getByText('Simulated', { exact: true }).first()).toBeVisible();
  await crew.weighIn();
  await crew.pressWhen('Sign the charge');
  await crew.say('Charge signed');
  await expect(page.getByTestId('signed-here')).toContainText('Charge');

  await context.setOffline(false);
  const stored = async () => {
    const sheet = (await (await page.request.get(`/api/jobs/${id}`)).json()) as {
      measurements: { quantity: string; source: string; value: number; runId: string }[];
      signOffs: { phase: string }[];
      runs: { id: string; source: string }[];
    };
    const oz = sheet.measurements.filter((m) => m.quantity === 'chargeMovementOz');
    return {
      weighings: oz.length,
      simulated: oz.every((m) => m.source === 'simulated' && sheet.runs.some((r) => r.id === m.runId)),
      sum: Math.round(oz.reduce((s, m) => s + m.value, 0)),
      signed: sheet.signOffs.map((s) => s.phase),
    };
  };
  await expect
    .poll(stored, { timeout: 60_000 })
    .toEqual({ weighings: 2, simulated: true, sum: 26, signed: ['charge'] });
});

test('a start-up without a signal: run, proven and signed on the phone, and the server finds the same in its pieces', async ({
  page,
  context,
}) => {
  const crew = new Fitter(page);
  const id = await charging(crew, 'Larch Attic');

  await context.setOffline(true);
  await page.getByRole('button', { name: /scale/i }).first().click();
  await page.getByRole('button', { name: 'Connect simulated instruments on this device' }).click();
  await crew.closeSheet();
  await crew.weighIn();
  await crew.weighIn();
  await crew.pressWhen('Sign the charge');
  await crew.pressWhen('Go to start-up');
  await crew.say('Connect the instruments');
  await crew.followToSignature();
  await expect(page.getByTestId('signed-here')).toContainText('Start-up');
  await crew.tab('ladder');
  const figures = await page.getByTestId('ladder').textContent();
  await page.reload();
  await crew.say('Start-up signed');
  await expect(page.getByTestId('signed-here')).toContainText('Start-up');
  expect(await page.getByTestId('ladder').textContent()).toBe(figures);

  await test.step('the customer signs under the five lines that the phone writes itself, and the lead after him', async () => {
    await crew.press('Go to hand-over');
    await expect(page.getByTestId('five-lines')).toContainText('Subcooling');
    await crew.next.getByRole('button', { name: 'Customer signs' }).click();
    await expect(page.getByTestId('signed-words')).toContainText('Subcooling');
    await crew.sign();
    await page.getByRole('dialog').getByRole('button', { name: 'Save the signature' }).click();
    await expect(page.getByTestId('taken-over')).toContainText('Larch Attic signed on');
    await crew.press('Sign the hand-over');
    await crew.say('Handed over');
    await expect(page.getByTestId('taken-over')).not.toContainText('changed after');
  });

  await context.setOffline(false);
  const stored = async () => {
    const sheet = (await (await page.request.get(`/api/jobs/${id}`)).json()) as {
      measurements: { quantity: string; stage: string; source: string; runId: string; detail: { steady?: string } }[];
      signOffs: { phase: string; contentHash: string }[];
      runs: { id: string; phase: string }[];
    };
    const ofRun = sheet.measurements.filter((m) => m.stage === 'final');
    return {
      signed: sheet.signOffs.filter((s) => s.contentHash !== '').map((s) => s.phase),
      steady: [...new Set(ofRun.map((m) => m.detail.steady))],
      simulated: ofRun.every((m) => m.source === 'simulated'),
      runs: sheet.runs.map((r) => r.phase),
    };
  };
  await expect.poll(stored, { timeout: 90_000 }).toEqual({
    signed: ['charge', 'start-up', 'hand-over'],
    steady: ['steady'],
    simulated: true,
    runs: ['charge', 'start-up'],
  });
  await expect(page.getByTestId('signed-here')).toBeHidden({ timeout: 60_000 });
  await page.reload();
  await expect(page.getByTestId('taken-over')).toContainText('Larch Attic signed on');
  await expect(page.getByTestId('taken-over')).not.toContainText('changed after');
});
