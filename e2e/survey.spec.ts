import { expect, test } from '@playwright/test';
import sharp from 'sharp';
import { figure, Surveyor } from './crew';

const picture = async () => ({
  name: 'plate.jpg',
  mimeType: 'image/jpeg',
  buffer: await sharp({ create: { width: 2400, height: 1600, channels: 3, background: '#8a7' } })
    .jpeg()
    .toBuffer(),
});

test('on a phone: from an unknown system to a signed scope and the release to take the old one out', async ({
  browser,
}) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
  const page = await context.newPage();
  const crew = new Surveyor(page);
  await crew.signIn();

  await test.step('a job without equipment begins at its survey', async () => {
    await page.goto('/jobs/new');
    for (const [label, text] of [
      ['Customer', 'Ada Pennick'],
      ['Street and number', '5 Sluice Walk'],
      ['Town', 'Harrow Mill'],
      ['Elevation', '1180'],
      ['Which system', 'Attic'],
    ] as const)
      await page.getByLabel(label, { exact: true }).fill(text);
    await page.getByRole('button', { name: 'Create the job' }).click();
    await crew.say('Find out: what kind of system');
  });

  await test.step('outside: the answers lead, a picture stays beside its answer', async () => {
    await crew.answer('systemType', 'Split heat pump');
    await crew.answer('whyReplaced', 'Refrigerant leak');
    await crew.answer('oldYear', 2012);
    await crew.restNotSeen();
    await crew.press('Next place');
    await expect(page.getByRole('heading', { name: 'Outdoor unit' })).toBeVisible();
    await crew.fact('oldTons').getByRole('textbox').fill('3 tons');
    await crew.fact('oldTons').getByRole('textbox').press('Enter');
    await expect(page.getByText('“3 tons” is not a plain number; leave the unit out.')).toBeVisible();
    await crew.fact('oldTons').getByRole('textbox').fill('300');
    await crew.fact('oldTons').getByRole('textbox').press('Enter');
    await expect(page.getByText(/outside the allowed range\. Allowed: 0\.75 to 50 tons/)).toBeVisible();
    await crew.answer('oldTons', 3);
    await crew.answer('oldRefrigerant', 'R-410A');
    await page.getByTestId('photo-fact:outdoorModel').setInputFiles(await picture());
    await expect(crew.fact('outdoorModel').getByRole('img')).toBeVisible();
    await crew.restNotSeen();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  });

  await test.step('without a signal the walk goes on; the answers are sent when it is back', async () => {
    await crew.place('Line set');
    await context.setOffline(true);
    await crew.answer('liquidOdIn', '3/8 in');
    await crew.answer('vaporOdIn', '7/8 in');
    await expect(page.getByText('No connection.')).toBeVisible();
    await context.setOffline(false);
    await expect(page.getByText('No connection.')).toBeHidden({ timeout: 20_000 });
    await page.reload();
    await expect(crew.fact('vaporOdIn').getByRole('button', { name: '7/8 in' })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
    await crew.answer('lineLengthFt', 42);
    await crew.answer('lineState', 'Sound');
    await crew.restNotSeen();
  });

  await test.step('inside: a hazard stops the work where it is met', async () => {
    await crew.place('Ducts and filter');
    await crew.answer('asbestos', 'Suspected');
    await crew.say('Suspected asbestos. Stop.');
    await expect(page.getByRole('note').filter({ hasText: 'Leave it undisturbed' })).toBeVisible();
    await crew.answer('asbestos', 'None seen');
    await crew.restNotSeen();
    await crew.place('Indoor unit and coil');
    await crew.answer('coilRefrigerant', 'R-410A');
    await crew.answer('coilAgeYr', 12);
    await crew.answer('overFinished', 'Yes');
    await crew.restNotSeen();
    for (const place of ['Disconnect', 'Drain', 'Thermostat', 'Access route']) {
      await crew.place(place);
      await crew.restNotSeen();
    }
    await crew.say('Every question is answered. Sign the survey.');
    await crew.press('Sign the survey');
    await crew.say('Survey signed');
    await crew.press('Go to scope');
  });

  await test.step('the scope follows from the choice: decide, disclose, agree, sign', async () => {
    await crew.say('Choose the new equipment');
    await page.getByLabel('New outdoor unit').selectOption({ label: 'Ostrel OHP-36T · 3 tons · R-454B' });
    await page
      .getByLabel('New indoor unit or coil')
      .selectOption({ label: 'Air handler: Ostrel OAH-36 · 3 tons · R-454B · inverter · listed' });
    await expect(page.getByText('The pair is listed.')).toBeVisible();
    await expect(page.getByTestId('item-line-set-flush')).toBeVisible();
    await expect(page.getByTestId('item-pan-float')).toContainText('safety or law');
    await page.getByTestId('item-whip').getByRole('button', { name: 'Out' }).click();
    await page.getByLabel('Whose decision, and why').fill('The owner: it was new last year');
    await page.getByRole('button', { name: 'Take it out' }).click();
    await expect(page.getByTestId('item-whip')).toContainText('Declined: The owner: it was new last year');
    for (let i = 0; i < 12 && (await crew.next.textContent())?.startsWith('Decide'); i++) {
      const open = page
        .locator('[data-testid^="item-"]')
        .filter({ has: page.locator('fieldset') })
        .filter({ hasNot: page.locator('[aria-pressed="true"]') })
        .first();
      await open.getByRole('button', { name: 'In' }).click();
      await expect(page.getByText(/could not|Stop/)).toHaveCount(0);
      await page.waitForTimeout(250);
    }
    await crew.say(/Line set stays: let the customer sign/);
    await crew.press('Read and sign');
    await expect(page.getByTestId('signed-words')).toContainText('Line set stays');
    await expect(page.getByRole('button', { name: 'Save the signature' })).toBeDisabled();
    await crew.sign();
    await page.getByRole('button', { name: 'Save the signature' }).click();
    await crew.say(/The rest \(ducts, .*\) stays: let the customer sign/);
    await crew.press('Read and sign');
    await expect(page.getByTestId('signed-words')).toContainText('Disconnect');
    await crew.sign();
    await page.getByRole('button', { name: 'Save the signature' }).click();
    await crew.say('Let the customer read and sign the scope');
    await crew.press('Customer signs');
    await expect(page.getByTestId('signed-words')).toContainText('Offered and declined');
    await crew.sign();
    await page.getByRole('button', { name: 'Save the signature' }).click();
    await crew.say('Sign the scope');
    await crew.press('Sign the scope');
  });

  await test.step('nothing is taken out before its pictures', async () => {
    await crew.say('Take the pictures before anything is taken apart');
    await crew.press('Take pictures');
    const items = page.locator('[data-testid^="before-"]');
    await expect(items.first()).toBeVisible();
    const count = await items.count();
    for (let i = 0; i < count; i++) {
      const item = items.nth(i);
      if (i === 1) {
        await item.getByRole('button', { name: 'Waive' }).click();
        await page.getByLabel('Why this picture cannot or need not be taken').fill('The thermostat is gone');
        await page.getByRole('button', { name: 'Waive it' }).click();
        await expect(item).toContainText('Waived by');
      } else {
        await item.locator('input[type=file]').setInputFiles(await picture());
        await expect(item.getByRole('img')).toBeVisible();
      }
    }
    await crew.phase('Scope').click();
    await crew.say('Release the removal');
    await crew.press('Release the removal');
    await crew.say('Removal released');
    // The new unit's plate came with the scope: the charge knows it without typing.
    await crew.phase('Charge').click();
    await expect(page.getByTestId('left-oz')).toBeVisible();
    // The old system comes first, with what the survey knows of it.
    await crew.phase('Recover').click();
    await crew.say('Enter what the old system should hold');
  });
  await context.close();
});

test('a rooftop without its nameplate: the size is pieced together, and the item that disagrees is named', async ({
  page,
}) => {
  const crew = new Surveyor(page);
  await crew.signIn('Jory Vance');
  await crew.openPart(2148, 'survey/outdoor');
  const side = page.getByRole('region', { name: 'Size' });
  await expect(side).toContainText('10.3');
  await expect(side).toContainText('high confidence');
  await expect(side).toContainText('not a selection');
  const before = Date.now();
  await crew.answer('compressorTons', 5);
  await expect(side).toContainText('Evidence conflicts');
  figure('answer to redrawn evidence', Date.now() - before, 'ms');
  await expect(side.getByText(/disagrees/).first()).toBeVisible();
  await crew.answer('compressorTons', 10);
  await expect(side).not.toContainText('Evidence conflicts');
});

test('found on the day: the change is told, the customer says no, and the hand-over knows', async ({ page }) => {
  const crew = new Surveyor(page);
  await crew.signIn();
  await crew.openPart(2150, 'scope');
  await crew.say('The scope changed: 1 new');
  await expect(page.getByTestId('delta').first()).toContainText('Put the crossed ducts right');
  await expect(page.getByTestId('delta').first()).toContainText('+6.0 h');
  await crew.press('Ask the customer');
  await page.getByRole('radio', { name: 'No' }).click();
  await expect(page.getByRole('button', { name: 'Save the answer' })).toBeDisabled();
  await page.getByLabel('The customer’s reason').fill('Wait for spring');
  await page.getByRole('button', { name: 'Save the answer' }).click();
  await expect(page.getByTestId('item-crossover')).toContainText('Declined: Wait for spring');
  const pdf = await page.request.get(
    (await page.getByRole('link', { name: 'Survey and scope as PDF' }).getAttribute('href'))!,
  );
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  await crew.phase('Hand-over').click();
  await expect(page.getByRole('region', { name: 'Gates' })).toContainText('Declined: Put the crossed ducts right');
});
