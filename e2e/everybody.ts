import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

/** A finger in a glove: what is pressed is at least this high, px (house rule). */
const LEAST_PX = 48;
const NARROWEST = { width: 320, height: 700 };
/** 1280 px at a zoom of 200 %. */
const ZOOMED = { width: 640, height: 400 };

/** What of a page is closed to somebody: rules of axe, too small for a glove, wider than a narrow screen, moving where nothing should. */
export async function closedTo(page: Page): Promise<string[]> {
  return [...(await axeFinds(page)), ...(await tooSmall(page)), ...(await tooWide(page)), ...(await moving(page))];
}

/** The rules of axe, all of them or those named. */
export async function axeFinds(page: Page, rules?: string[]): Promise<string[]> {
  // What scrolls is reached by the keyboard without our help in every browser of today.
  const axe = new AxeBuilder({ page })
    // No frames here: one run in the page itself, and of what holds nothing is told.
    .setLegacyMode(true)
    .options({ resultTypes: ['violations'] })
    .disableRules(['scrollable-region-focusable']);
  if (rules) axe.withRules(rules);
  const { violations } = await axe.analyze();
  return violations.flatMap((v) => v.nodes.map((n) => `${v.id}: ${n.target.join(' ')} ${n.html.slice(0, 120)}`));
}

/** Words in a running text may be links of their own height; everything else is pressed with a glove. */
const tooSmall = (page: Page): Promise<string[]> =>
  page.evaluate((least) => {
    const pressed = 'button, a[href], input, select, textarea, [role=button], [role=tab], [role=radio]';
    return [...document.querySelectorAll(pressed)]
      .filter((e) => {
        const box = e.getBoundingClientRect();
        const shown = box.width > 1 && box.height > 1;
        return shown && box.height < least && getComputedStyle(e).display !== 'inline' && !e.closest('label, p, td');
      })
      .map((e) => `${Math.round(e.getBoundingClientRect().height)} px high: ${e.outerHTML.slice(0, 120)}`);
  }, LEAST_PX);

/** Who asked their device for less motion sees none: nothing here moves by itself but figures and lines that are read. */
async function moving(page: Page): Promise<string[]> {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  const found = await page.evaluate(() =>
    document.getAnimations().map((a) => `moves: ${(a.effect as KeyframeEffect).target?.outerHTML.slice(0, 120)}`),
  );
  await page.emulateMedia({ reducedMotion: null });
  return found;
}

async function tooWide(page: Page): Promise<string[]> {
  const before = page.viewportSize()!;
  const found: string[] = [];
  for (const size of [NARROWEST, ZOOMED]) {
    await page.setViewportSize(size);
    const width = await page.evaluate(async () => {
      await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
      return document.documentElement.scrollWidth;
    });
    if (width > size.width) found.push(`${width} px wide on a screen of ${size.width}`);
  }
  await page.setViewportSize(before);
  return found;
}
