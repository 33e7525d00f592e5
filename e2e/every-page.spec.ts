import { expect, test } from '@playwright/test';
import { Surveyor } from './crew';

/** What a sentence that was never rendered leaves on a page: an object, a hole, an id of a catalogue. */
const BROKEN =
  /\[object |undefined|\bNaN\b|\b(?:web|job|work|fit|scope|survey|startup|join|joining|recovery|vacuum|circuit|value|words|finding|server)\.[a-z0-9]+(?:-[a-z0-9]+)+/;
const PARTS = [
  'equipment',
  'survey/outdoor',
  'survey/before',
  'scope',
  'fit/placement',
  'fit/route',
  'fit/stack',
  'fit/drain',
  'recover',
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

test('every page of the demo is made of words, for a reader of Spanish', async ({ page }) => {
  test.setTimeout(240_000);
  const crew = new Surveyor(page);
  await crew.signIn();
  await page.request.put('/api/me/language', { data: { language: 'es' } });
  const { jobs } = (await (await page.request.get('/api/jobs?state=all&offset=0&search=')).json()) as {
    jobs: { jobId: string; number: number }[];
  };
  // Those that have most to say: started, surveyed, recovering.
  const few = jobs.filter((j) => [2146, 2149, 2152].includes(j.number));
  expect(few.length).toBe(3);
  const found: string[] = [];
  const look = async (where: string): Promise<void> => {
    await page.goto(where);
    await expect(page.locator('h1, h2, [data-testid=next-move]').first()).toBeAttached();
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
  };
  for (const where of ['/jobs', '/cylinders', '/library', '/formulas', '/settings', '/jobs/new']) await look(where);
  for (const { jobId } of few) for (const part of PARTS) await look(`/jobs/${jobId}/${part}`);
  expect(found).toEqual([]);
});
