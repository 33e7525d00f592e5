import { expect, type Page, test } from '@playwright/test';
import { Surveyor } from './crew';
import { axeFinds, closedTo } from './everybody';

/** What a sentence that was never rendered leaves on a page: an object, a hole, an id of a catalogue. */
const BROKEN =
  /\[object |undefined|\bNaN\b|\b(?:web|job|work|fit|scope|survey|startup|join|joining|recover|recovery|vacuum|evacuate|pressure|charge|circuit|value|words|finding|server|wire|set|setting|live|log|power|air|furnace|equipment|controls|price|sizing|diagnosis|visit|balance|checks|after|alone|serial)\.[a-z0-9]+(?:-[a-z0-9]+)+/;
const PARTS = [
  'equipment',
  'survey/outdoor',
  'survey/before',
  'scope',
  'offer',
  'plan',
  'metal',
  'fit/placement',
  'fit/route',
  'fit/stack',
  'fit/drain',
  'recover',
  'set',
  'wire',
  'join',
  'pressure-test',
  'evacuate',
  'charge',
  'start-up',
  'hand-over',
];

test.afterEach(async ({ page }) => {
  await page.request.put('/api/me/language', { data: { language: 'en' } });
});

/** Those that have most to say: started, surveyed, recovering. */
const JOBS = [2146, 2149, 2152];
const ROOMS = [
  '/jobs',
  '/week',
  '/houses',
  '/cylinders',
  '/library',
  '/formulas',
  '/settings',
  '/settings/people',
  '/settings/instruments',
  '/settings/trail',
  '/practice',
  '/jobs/new',
];
/** These pages are also looked at for whom they would be closed: of each the job that has most on it. */
const TELLING: Readonly<Record<number, readonly string[]>> = {
  2146: ['equipment', 'set', 'join', 'pressure-test', 'evacuate', 'charge', 'start-up', 'hand-over'],
  2149: [
    'survey/outdoor',
    'survey/before',
    'scope',
    'offer',
    'plan',
    'metal',
    'fit/stack',
    'fit/drain',
    'recover',
    'wire',
  ],
};

/** A reader of Spanish opens each of these; what is broken of the words there, and who could not work there. */
async function brokenOn(
  page: Page,
  pages: (jobs: Map<number, string>) => string[],
  forEverybody: (where: string) => boolean,
  opened: 'by its address' | 'from another' = 'by its address',
): Promise<string[]> {
  const crew = new Surveyor(page);
  await crew.signIn('Oda Kerrick');
  await page.request.put('/api/me/language', { data: { language: 'es' } });
  const { jobs } = (await (await page.request.get('/api/jobs?state=all&offset=0&search=')).json()) as {
    jobs: { jobId: string; number: number }[];
  };
  const found: string[] = [];
  for (const [n, where] of pages(new Map(jobs.map((j) => [j.number, j.jobId]))).entries()) {
    // The page that was signed in on learns of the other language and loads itself again, in the middle of the first of these too.
    if (n === 0) await expect(() => page.goto(where)).toPass();
    // By its address, or from the page before it.
    else if (opened === 'by its address') await page.goto(where);
    else await crew.go(where);
    await page.waitForFunction(() => document.querySelector('h1, h2, [data-testid=next-move]'));
    const said = await page.evaluate(() => {
      const attributes = [...document.querySelectorAll('[aria-label], [title], [placeholder]')].flatMap((e) =>
        ['aria-label', 'title', 'placeholder'].map((a) => e.getAttribute(a) ?? ''),
      );
      const texts: string[] = [];
      const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
      while (walk.nextNode()) texts.push(walk.currentNode.textContent ?? '');
      return [...texts, ...attributes].join('\n');
    });
    const broken = said.split('\n').find((line) => BROKEN.test(line));
    if (broken) found.push(`${where}: ${broken.slice(0, 120)}`);
    if (forEverybody(where)) found.push(...(await closedTo(page)).map((f) => `${where}: ${f}`));
  }
  return found;
}

test('the rooms are made of words, for a reader of Spanish', async ({ page }) => {
  expect(
    await brokenOn(
      page,
      () => ROOMS,
      () => true,
    ),
  ).toEqual([]);
});

for (const number of JOBS) {
  test(`every page of job ${number} is made of words, for a reader of Spanish`, async ({ page }) => {
    const found = await brokenOn(
      page,
      (jobs) => {
        const jobId = jobs.get(number);
        expect(jobId).toBeDefined();
        return PARTS.map((part) => `/jobs/${jobId}/${part}`);
      },
      (where) => TELLING[number]?.some((part) => where.endsWith(`/${part}`)) ?? false,
      number === JOBS[0] ? 'by its address' : 'from another',
    );
    expect(found).toEqual([]);
  });
}

/** The pages with the most colors: every theme has its own. */
const COLORS = ['scope', 'start-up', 'hand-over'];
test('each theme can be read', async ({ page }) => {
  const crew = new Surveyor(page);
  await crew.signIn();
  await crew.openPart(2146, 'scope');
  const job = page.url().replace(/\/[^/]+$/, '');
  const found: string[] = [];
  for (const part of COLORS) {
    await page.goto(`${job}/${part}`);
    await expect(crew.next).toBeVisible();
    for (const theme of ['paper', 'attic', 'sunlight']) {
      await page.evaluate((t) => {
        document.documentElement.dataset.theme = t;
      }, theme);
      found.push(...(await axeFinds(page, ['color-contrast'])).map((f) => `${part}, ${theme}: ${f}`));
    }
  }
  expect(found).toEqual([]);
});
