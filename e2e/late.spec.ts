import { expect, test } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { DEAD_PROOF, OLD_CHARGE } from '../demo/sample-entries';
import { DEAD, equippedJob, Fitter, post } from './crew';

test('written in the attic, sent after the signature: it stands beside it, the lead is told and reads it', async ({
  page,
  browser,
}) => {
  const lead = new Fitter(page);
  await lead.signIn('Jory Vance');
  const { id } = await equippedJob(page, 'Larch Cottage', sampleSheet().circuit.plate);
  const write = (kind: string, body: object) =>
    post(page, `/jobs/${id}/circuit-entries`, {
      id: uuid(),
      kind,
      body,
      supersedesId: null,
      occurredAt: new Date().toISOString(),
    });
  await write('old-charge', { ...OLD_CHARGE, outdoorFt3: null });
  await write('method', { method: 'nothing', reason: 'the old unit was empty' });
  await write('dead-proof', DEAD_PROOF);

  const phone = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const helper = new Fitter(await phone.newPage());
  await test.step('the helper proves the voltage away once more, without a signal', async () => {
    await helper.signIn('Pim Adeyo');
    await helper.page.goto(`/jobs/${id}/recover`);
    await expect(helper.next).toBeVisible();
    await phone.setOffline(true);
    await helper.page.getByRole('button', { name: 'Absence of voltage', exact: true }).click();
    await helper.write('dead-proof', ...DEAD);
    await expect(helper.page.getByTestId('waits')).toContainText('To be sent: 1.');
  });
  await test.step('the lead signs the recovery; then the signal is back', async () => {
    await post(page, `/jobs/${id}/phases/recover/sign-offs`, { id: uuid() });
    await phone.setOffline(false);
    await expect(helper.page.getByTestId('waits')).toBeHidden({ timeout: 30_000 });
    await expect(helper.page.getByTestId('entry-dead-proof')).toHaveCount(1);
  });
  await test.step('the list and every page of the job tell the lead, who reads it once', async () => {
    await page.goto('/jobs');
    const told = page.getByRole('note').filter({ hasText: 'Arrived after the signature' });
    await told.getByRole('link', { name: /Larch Cottage/ }).click();
    const bar = page.getByTestId('late-bar');
    await expect(bar).toBeVisible();
    const panel = page.getByTestId('late');
    await expect(panel).toContainText('Pim Adeyo');
    await expect(panel).toContainText('Absence of voltage');
    await expect(panel).toBeInViewport();
    await panel.getByRole('button', { name: 'I have read it' }).click();
    await expect(panel).toContainText('Looked at by Jory Vance');
    await expect(bar).toBeHidden();
    await page.goto('/jobs');
    await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible();
    await expect(told.filter({ hasText: 'Larch Cottage' })).toHaveCount(0);
  });
  await phone.close();
});
