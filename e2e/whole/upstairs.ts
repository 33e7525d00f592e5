import { expect, type Page } from '@playwright/test';
import { Wirer } from '../wirer';

/** The clock some minutes ago, as a time box takes it. */
export const ago = (minutes: number): string => new Date(Date.now() - minutes * 60_000).toTimeString().slice(0, 5);

/** A lead at one phase of the heat pump upstairs, on the job that is walked whole. */
export async function upstairs(page: Page, part: string, name = part): Promise<Wirer> {
  const crew = new Wirer(page);
  await crew.signIn();
  await crew.openPart(2161, part);
  await page.getByRole('navigation', { name: 'Circuits' }).first().getByRole('link', { name: 'Upstairs' }).click();
  await crew.phase(name).click();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  return crew;
}
