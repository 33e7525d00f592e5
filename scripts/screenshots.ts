import { chromium, type Page } from '@playwright/test';
import { Surveyor } from '../e2e/crew';

/** npm run screenshots: one current picture of each main view, from fresh demo data. */
const origin = process.argv[2]!;
const DIR = 'docs/screenshots';
const DESK = { width: 1280, height: 800 };

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  chromiumSandbox: false,
  args: ['--disable-gpu', '--no-first-run'],
});

async function person(name: string, viewport = DESK, theme = 'paper'): Promise<{ page: Page; crew: Surveyor }> {
  const context = await browser.newContext({ viewport, baseURL: origin });
  await context.addInitScript((t) => localStorage.setItem('mb-theme', t), theme);
  const page = await context.newPage();
  const crew = new Surveyor(page);
  await crew.signIn(name);
  return { page, crew };
}
const shoot = async (page: Page, name: string): Promise<void> => {
  await page.waitForTimeout(900);
  await page.screenshot({ path: `${DIR}/${name}.png` });
};
const at = async (crew: Surveyor, number: number, phase: string): Promise<void> => {
  await crew.page.goto('/jobs');
  await crew.openJob(number);
  await crew.phase(phase).click();
};
const part = async (c: Surveyor, number: number, where: string): Promise<void> => {
  await c.page.goto('/jobs');
  await c.openPart(number, where);
  await c.page.waitForTimeout(700);
};

/** The demo's coming jobs lie in the days after today: from tomorrow on a week holds them. */
function nextMonday(): string {
  const day = new Date(Date.now() + 86_400_000);
  return day.toISOString().slice(0, 10);
}

const { page, crew } = await person('Tess Orlan');
await shoot(page, 'jobs');
await at(crew, 2146, 'Start-up');
await page.getByTestId('ladder').waitFor();
await shoot(page, 'start-up');
await part(crew, 2148, 'survey/outdoor');
await shoot(page, 'survey');
await part(crew, 2149, 'scope');
await shoot(page, 'scope');
await part(crew, 2149, 'offer');
await shoot(page, 'offer');
await part(crew, 2149, 'metal');
await shoot(page, 'sheet-metal');
await part(crew, 2151, 'fit/stack');
await shoot(page, 'fit-stack');
await part(crew, 2152, 'recover');
await shoot(page, 'recover');
await part(crew, 2156, 'join');
await shoot(page, 'join');
await part(crew, 2153, 'pressure-test');
await shoot(page, 'pressure-test');
await part(crew, 2154, 'evacuate');
await page.waitForTimeout(1500);
await shoot(page, 'evacuate');
await part(crew, 2154, 'plan');
await page.getByTestId('chance').getByText('in 10').waitFor();
await shoot(page, 'day');
await page.goto(`/week?from=${nextMonday()}`);
await page.getByTestId('week-grid').waitFor();
await page.waitForTimeout(1500);
await shoot(page, 'week');
await page.goto('/jobs');
await at(crew, 2139, 'Hand-over');
await page.getByText('Commissioning report').waitFor();
await shoot(page, 'hand-over');
await part(crew, 2161, 'set');
await page.getByRole('navigation', { name: 'Circuits' }).first().getByRole('link', { name: 'Upstairs' }).click();
await crew.phase('Set').click();
for (const id of ['pad-bears', 'anchors', 'base-holes'])
  await page.getByTestId(`look-${id}`).getByRole('button', { name: 'As asked' }).click();
for (const [id, value] of [
  ['pad-rise', '2'],
  ['unit-level', '0.1'],
] as const) {
  await page.getByTestId(`look-${id}`).getByRole('textbox').fill(value);
  await page.getByTestId(`look-${id}`).getByRole('textbox').press('Enter');
}
await page.getByTestId('look-joint-return').getByRole('button', { name: 'Closed with …' }).click();
await page.getByTestId('look-joint-return').getByRole('button', { name: 'gasket' }).click();
await page.mouse.move(600, 300);
await page.mouse.wheel(0, -5000);
await shoot(page, 'set');
await part(crew, 2150, 'wire');
await page.getByRole('radio', { name: 'Heat', exact: true }).click();
await shoot(page, 'wire');
await at(crew, 2156, 'Charge');
await crew.press(/^Weigh in/);
await page.waitForTimeout(8_000);
await shoot(page, 'charge');

const apprentice = await person('Pim Adeyo');
await apprentice.page.goto('/practice/ladder');
await apprentice.crew.press(/All probes/);
await apprentice.page.getByTestId('ladder').waitFor();
await apprentice.page.getByTestId('follow-airflow').click();
await shoot(apprentice.page, 'practice');

const phone = await person('Jory Vance', { width: 390, height: 844 });
await at(phone.crew, 2146, 'Start-up');
await phone.page.getByTestId('ladder').waitFor();
await shoot(phone.page, 'phone');
await browser.close();
