import { expect, test } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import { Surveyor } from './crew';

test('one who works alone: begins the calls, says all is well, leaves; silence is loud on every page, also without a network', async ({
  page,
  context,
}) => {
  await page.clock.install();
  // Time passes on this device alone: the server, whose clock would be believed, does not say what time it is.
  let signal = true;
  await page.route('**/api/**', async (route) => {
    if (!signal) return route.abort();
    const response = await route.fetch();
    return route.fulfill({ response, headers: { ...response.headers(), date: '' } });
  });
  const crew = new Surveyor(page);
  await crew.signIn();
  await crew.openJob(2149);
  const id = page.url().match(/jobs\/([0-9a-f-]{36})/)![1]!;
  const origin = new URL(page.url()).origin;
  const facts = { worksAlone: true, workPlace: 'attic' };
  const observations = Object.entries(facts).map(([fact, value]) => ({
    id: uuid(),
    fact,
    value,
    method: 'seen',
    source: 'site',
    confidence: 'high',
    note: null,
    photoId: null,
    occurredAt: new Date().toISOString(),
  }));
  const reply = await page.request.post(`/api/jobs/${id}/observations`, {
    headers: { Origin: origin },
    data: { observations },
  });
  expect(reply.ok(), await reply.text()).toBe(true);
  await page.reload();
  const bar = page.getByTestId('check-in');
  await expect(bar).toContainText('Every 30 min');
  await bar.getByRole('button', { name: 'Begin' }).click();
  await expect(bar).toContainText('next call by');
  await page.clock.fastForward('31:00');
  await expect(bar).toContainText('Call now');
  signal = false;
  await context.setOffline(true);
  await bar.getByRole('button', { name: 'All is well' }).click();
  await expect(bar).toContainText('next call by');
  signal = true;
  await context.setOffline(false);
  await page.clock.fastForward('41:00');
  await expect(bar).toContainText('No word from Tess Orlan');
  await expect(bar).toHaveAttribute('role', 'alert');
  // Whoever reads the list sees it too.
  await page.goto('/jobs');
  const missed = page.getByRole('listitem').filter({ hasText: '2149' });
  await expect(missed.getByRole('alert')).toContainText('Missed the call due');
  await expect(page.getByRole('heading', { name: 'Missed check-ins' })).toBeVisible();
  await missed.getByRole('link').click();
  await bar.getByRole('button', { name: 'I left the site' }).click();
  await expect(bar).toBeHidden();
});
