import { type Browser, expect, type Locator, type Page, test } from '@playwright/test';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { Crew, equippedJob } from './crew';

const HOME = 'America/New_York';
const hourIn = (zone: string): number =>
  Number(new Date().toLocaleTimeString('en-GB', { timeZone: zone, hour: '2-digit' }).slice(0, 2));
// A day is walked by daylight: at night, the company goes by a clock where it is still afternoon.
const ZONE = hourIn(HOME) >= 3 && hourIn(HOME) < 20 ? HOME : 'Pacific/Honolulu';
test.use({ timezoneId: ZONE });

async function companyClock(browser: Browser, timeZone: string): Promise<void> {
  const page = await browser.newPage();
  await new Crew(page).signIn('Oda Kerrick');
  const company = (await (await page.request.get('/api/company')).json()) as {
    name: string;
    customerLanguage: string;
    version: number;
  };
  const { name, customerLanguage, version } = company;
  const headers = { origin: new URL(page.url()).origin };
  const reply = await page.request.put('/api/company', {
    data: { name, customerLanguage, version, timeZone },
    headers,
  });
  expect(reply.status(), await reply.text()).toBe(200);
  await page.close();
}
if (ZONE !== HOME) {
  test.beforeAll(({ browser }) => companyClock(browser, ZONE));
  test.afterAll(({ browser }) => companyClock(browser, HOME));
}

/** The clock of the house, so many hours from now, as a form takes it; within today. */
function clock(hours: number): string {
  const now = new Date();
  const [h, m] = now
    .toLocaleTimeString('en-GB', { timeZone: ZONE, hour: '2-digit', minute: '2-digit' })
    .split(':')
    .map(Number);
  const minutes = Math.min(24 * 60 - 1, Math.max(0, h! * 60 + m! + Math.round(hours * 60)));
  return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
}
const today = (): string => new Date().toLocaleDateString('en-CA', { timeZone: ZONE });

async function jobOfToday(c: Crew, name: string): Promise<void> {
  const { plate } = sampleSheet().circuit;
  const { number } = await equippedJob(c.page, name, plate, today());
  await c.go('/jobs');
  await c.openJob(number);
  await c.phase('Day').click();
  await c.say('Say who comes and when.');
}

async function planDay(c: Crew, who: string[]): Promise<void> {
  await c.press('Plan the day');
  const form = c.page.getByTestId('entry-form-day-plan');
  await form.getByLabel('Begins').fill(clock(-2));
  await form.getByLabel('Should end').fill(clock(7));
  for (const name of who) await form.getByRole('button', { name }).click();
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(c.page.getByRole('dialog')).toHaveCount(0);
}

/** Types when a piece was begun and done. */
async function typeTimes(page: Page, from: string, to: string): Promise<Locator> {
  await page.getByRole('button', { name: 'Type the times' }).click();
  const form = page.getByTestId('piece-form-work');
  await form.getByLabel('Started at').fill(from);
  await form.getByLabel('Done at').fill(to);
  await form.getByRole('button', { name: 'Save' }).click();
  return form;
}

async function laneOf(page: Page, piece: RegExp): Promise<string> {
  const lane = await page
    .getByTestId(piece)
    .first()
    .evaluate((el) => el.closest('[data-testid^="lane-"]')?.getAttribute('data-testid') ?? '');
  return lane.replace('lane-', '');
}

/** The wiring goes to the other of the two, and back. */
async function dragAndTakeBack(page: Page): Promise<void> {
  const wire = /^piece-wire/;
  const was = await laneOf(page, wire);
  const to = was === 'Tess Orlan' ? 'Pim Adeyo' : 'Tess Orlan';
  const from = (await page.getByTestId(wire).first().boundingBox())!;
  const box = (await page.getByTestId(`lane-${to}`).first().boundingBox())!;
  await page.mouse.move(from.x + 10, from.y + 18);
  await page.mouse.down();
  await page.mouse.move(from.x + 12, box.y + 25, { steps: 10 });
  await page.mouse.up();
  await expect.poll(() => laneOf(page, wire)).toBe(to);
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect.poll(() => laneOf(page, wire)).toBe(was);
}

test('a lead plans a day; a piece is begun, done, dragged to another and taken back; it survives a reload', async ({
  page,
}) => {
  const c = new Crew(page);
  await c.signIn();
  await jobOfToday(c, 'The planned day');
  await planDay(c, ['Tess Orlan', 'Pim Adeyo']);
  await expect(page.getByTestId('day-chart').first()).toBeVisible();
  await expect(page.getByTestId('chance')).toContainText('in 10');
  // Two hours of the day are gone and nothing was begun.
  await expect(page.getByTestId('day-ends')).toContainText('behind');
  // A piece that lies over midnight is drawn on both days.
  await page.getByTestId('piece-unload').first().click();
  await page.getByRole('button', { name: 'Start now' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByTestId('piece-unload').first().click();
  await expect(page.getByTestId('piece-sheet')).toContainText('Under way');
  await expect(await typeTimes(page, clock(-1.9), clock(-0.4))).toHaveCount(0);
  await c.closeSheet();
  await expect(page.getByTestId('moved')).toContainText('Unload, protect the house');
  await expect(page.getByTestId('moved')).toContainText('took longer than planned');

  // Late in the evening the wiring lies on a day that nobody planned yet: there is no lane to drag it to.
  if (clock(0) < '17:00') await dragAndTakeBack(page);
  await page.reload();
  await page.getByTestId('piece-unload').first().click();
  await expect(page.getByTestId('piece-sheet')).toContainText('Done, as typed on this day.');
});

test('a crew that types on a phone mistypes a time, puts it right, and takes it back', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const c = new Crew(page);
  await c.signIn();
  await jobOfToday(c, 'The typed day');
  await planDay(c, ['Pim Adeyo']);
  // A certificate for small appliances covers no circuit of the trade.
  await expect(page.getByTestId('check-day-certificate')).toBeVisible();
  await page.getByTestId('row-unload').click();
  const form = await typeTimes(page, clock(-0.5), clock(-1));
  await expect(form.getByRole('alert')).toContainText('It ends before it begins.');
  await form.getByLabel('Done at').fill(clock(-0.1));
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form).toHaveCount(0);
  await page.getByRole('button', { name: 'Take it back' }).click();
  await page.getByLabel('Why it does not hold').fill('tapped on the wrong line');
  await page.getByRole('button', { name: 'Withdraw it' }).click();
  await expect(page.getByRole('button', { name: 'Start now' })).toBeVisible();
});

test('what comes wrong stops the day before anything is taken out; what fits is marked so', async ({ page }) => {
  const c = new Crew(page);
  await c.signIn();
  await jobOfToday(c, 'The wrong kit');
  await planDay(c, ['Tess Orlan', 'Jory Vance']);
  await page.getByRole('button', { name: 'Delivery', exact: true }).click();
  const form = page.getByTestId('entry-form-delivery');
  await form.getByRole('radio', { name: 'heater kit' }).click();
  await form.getByRole('radio', { name: 'there, wrong' }).click();
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form.getByRole('alert').first()).toBeVisible();
  await form.getByLabel('What is wrong').fill('15 kW came, 10 kW was ordered');
  await form.getByRole('button', { name: 'Save' }).click();
  await c.say('Sort it out before anything is taken out');
  await expect(page.getByTestId('go-verdict')).toHaveText('No-go');
  await page.getByRole('button', { name: 'Answer go / no-go' }).click();
  const check = page.getByTestId('entry-form-go-check');
  for (const answer of ['has room for the old charge', 'too little', 'fits', 'hours agreed', 'agreed, we get in'])
    await check.getByRole('radio', { name: answer, exact: true }).click();
  await check.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByTestId('go-go-nitrogen')).toContainText('There is too little nitrogen.');
  await expect(page.getByTestId('arrivals')).toContainText('heater kit');
});

test('what to take is counted, ticked as it is loaded, and what goes back is written down', async ({ page }) => {
  const c = new Crew(page);
  await c.signIn();
  await c.go('/jobs');
  await c.openJob(2161);
  await c.phase('Day').click();
  await page.getByRole('tab', { name: 'what to take' }).click();
  const copper = page.getByTestId('take-rod').getByRole('button');
  await expect(copper).toContainText('Silver solder');
  await copper.click();
  await expect(copper).toHaveAttribute('aria-pressed', 'true');
  await page.reload();
  await expect(page.getByTestId('take-rod').getByRole('button')).toHaveAttribute('aria-pressed', 'true');
  await page.getByTestId('take-rod').getByRole('button').click();
  await expect(page.getByTestId('take-rod').getByRole('button')).toHaveAttribute('aria-pressed', 'false');
  await page.getByRole('button', { name: 'Write down a return' }).click();
  const form = page.getByTestId('entry-form-part-return');
  await form.getByLabel('Which part').fill('heater kit, 15 kW');
  await form.getByRole('radio', { name: 'wrong part' }).click();
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByTestId('entry-part-return')).toContainText('wrong part');
});
