import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { strFromU8, unzipSync } from 'fflate';
import { Fitter } from './crew';

/** A foreign logger: it tells of itself first, counts by the clock, in °C and bar, with a comma; one cell is broken. */
const LOG = [
  'Logger 7;site 4',
  'Time;LP pressure (bar gauge);HP pressure (bar gauge);Suction temp (°C);Liquid temp (°C);Ambient (°C);Comp current (A)',
  ...Array.from({ length: 200 }, (_, i) => {
    const clock = new Date(Date.UTC(2026, 5, 1, 13, 0, 3 * i)).toISOString().slice(11, 19);
    const suction = i === 40 ? '7x9' : '7,9';
    return `${clock};${suction};24,5;12,2;36,1;33,0;12,6`;
  }),
].join('\r\n');

test('a recording of a foreign logger: its columns are guessed, put right, looked at, and taken, marked as replayed', async ({
  page,
}) => {
  const crew = new Fitter(page);
  await crew.signIn();
  await crew.openPart(2157, 'start-up');
  await page
    .getByRole('button', { name: /^(Instruments|Connect)/ })
    .first()
    .click();
  const file = { name: 'roof.csv', mimeType: 'text/csv', buffer: Buffer.from(LOG) };
  await page.getByTestId('log-file').setInputFiles(file);
  const sheet = page.getByRole('dialog').filter({ hasText: 'roof.csv: 200 rows' });
  await expect(sheet.getByText('roof.csv: 200 rows')).toBeVisible();
  const map = (channel: string) => sheet.getByTestId(`map-${channel}`);
  await expect(map('suctionPsig').getByRole('combobox').nth(1)).toHaveValue('bar gauge');
  await expect(map('suctionLineF').getByRole('combobox').nth(1)).toHaveValue('°C');
  // 7.9 bar is 114.6 psig, 12.2 °C is 54.0 °F (handbook conversions).
  await expect(sheet.getByTestId('log-preview')).toContainText('114.6');
  await expect(sheet.getByTestId('log-preview')).toContainText('54.0');
  await expect(sheet.getByTestId('log-troubles')).toContainText('Row 42');
  // Taken for the wrong column, and put right again.
  await map('outdoorDryBulbF').getByRole('combobox').first().selectOption('');
  await expect(sheet.getByTestId('log-preview')).not.toContainText('91.4');
  await map('outdoorDryBulbF').getByRole('combobox').first().selectOption({ label: 'Ambient (°C)' });
  await expect(sheet.getByTestId('log-preview')).toContainText('91.4');
  if (process.env.LOOK) await page.screenshot({ path: '/tmp/look/log.png' });
  await sheet.getByRole('button', { name: 'Take the recording' }).click();
  await expect(page.getByText('roof.csv: 200 rows')).toHaveCount(0);
  await expect(page.getByText('A recording is played back')).toBeVisible();
  await crew.closeSheet();
  await page.reload();
  // What the recording says stands there, marked, and does not go stale.
  await expect(page.getByText('Replayed instruments')).toBeVisible();
  await expect(page.getByText('54.0').first()).toBeVisible();
  await expect(crew.next).not.toContainText('silent');
});

test('a job goes out as one open file and is brought in again: the same is told, a changed one refused', async ({
  page,
}) => {
  const crew = new Fitter(page);
  await crew.signIn('Oda Kerrick');
  await crew.openPart(2145, 'hand-over');
  const saving = page.waitForEvent('download');
  await page.getByRole('link', { name: 'The whole job as a file (zip)' }).click();
  const saved = await saving;
  expect(saved.suggestedFilename()).toBe('job-2145.zip');
  const data = readFileSync((await saved.path())!);
  expect(JSON.parse(strFromU8(unzipSync(data)['manifest.json']!)).format).toBe('mill-bridge-job/1');
  await page.goto('/settings');
  const bring = page.getByTestId('bring-job');
  const give = (buffer: Buffer, name = 'job-2145.zip') =>
    bring.locator('input').setInputFiles({ name, mimeType: 'application/zip', buffer });
  await give(data);
  await expect(bring).toContainText('Job 2145 was here already, the same.');
  if (process.env.LOOK) await page.screenshot({ path: '/tmp/look/bring.png', fullPage: true });
  const changed = Buffer.from(data);
  changed[Math.floor(changed.length / 2)]! ^= 0xff;
  await give(changed);
  await expect(bring).toContainText(/was changed after it was written|not a zip file/);
  await expect(bring.getByRole('link')).toHaveCount(0);
  await give(Buffer.from('hello'), 'hello.zip');
  await expect(bring).toContainText('not a zip file');
});
