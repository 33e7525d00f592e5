import { expect, type Locator, type Page } from '@playwright/test';
import { v7 as uuid } from 'uuid';

/** Time is moved on this device alone: the server, whose clock would be believed, does not say what time it is. */
export async function timeOnlyHere(page: Page): Promise<void> {
  await page.route('**/api/**', async (route) => {
    // Readings that keep coming have no end to wait for.
    if (/\/stream/.test(route.request().url())) return route.continue();
    const response = await route.fetch();
    return route.fulfill({ response, headers: { ...response.headers(), date: '' } });
  });
}

/** The language of a crew at work: what a person does with the sheet, on a desk or a phone. */
export class Crew {
  readonly next: Locator;
  constructor(readonly page: Page) {
    this.next = page.getByTestId('next-move');
  }

  async signIn(name = 'Tess Orlan'): Promise<void> {
    await this.page.goto('/');
    await this.page.getByRole('button', { name: new RegExp(name) }).click();
    await expect(this.page.getByRole('heading', { name: 'Jobs' })).toBeVisible();
  }

  /** Goes to another page as a link does; it is there when its title or heading is. The same page is loaded anew. */
  async go(path: string): Promise<void> {
    const to = new URL(path, this.page.url());
    if (to.pathname === new URL(this.page.url()).pathname) {
      await this.page.goto(path);
      return;
    }
    const was = await this.page.evaluate((to) => {
      const shown = `${document.title} ${document.querySelector('h1')?.textContent}`;
      window.history.pushState(null, '', to);
      window.dispatchEvent(new PopStateEvent('popstate'));
      return shown;
    }, path);
    await this.page.waitForFunction((was) => {
      const heading = document.querySelector('h1');
      return heading && `${document.title} ${heading.textContent}` !== was;
    }, was);
  }

  async openJob(number: number): Promise<void> {
    await this.page.getByRole('tab', { name: 'all' }).click();
    await this.page.getByRole('searchbox').fill(String(number));
    // The list moves while it narrows; the row is pressed once it stands alone.
    await expect(this.page.getByRole('link', { name: /^\d{4}\b/ })).toHaveCount(1);
    await this.page.getByRole('link', { name: new RegExp(`^${number}`) }).click();
    await expect(this.next).toBeVisible();
  }

  phase(name: string): Locator {
    return this.page.getByRole('navigation', { name: 'Phases' }).getByRole('link', { name: new RegExp(name) });
  }

  say(text: string | RegExp): Promise<void> {
    return expect(this.next).toContainText(text);
  }

  /** Presses the one button of the next move. */
  press(label: string | RegExp): Promise<void> {
    return this.next.getByRole('button', { name: label }).click();
  }

  /** The page taps this button of the next move in the very moment it appears, however slow the machine is. */
  tapAsSoonAs(label: string): Promise<void> {
    return this.next.evaluate((bar, label) => {
      const seen = new MutationObserver(() => {
        const button = [...bar.ownerDocument.querySelectorAll('button')].find((b) => b.textContent === label);
        if (!button) return;
        seen.disconnect();
        button.click();
        bar.ownerDocument.body.dataset.tapped = label;
      });
      seen.observe(bar.ownerDocument.body, { childList: true, subtree: true, characterData: true });
    }, label);
  }

  tab(name: string): Promise<void> {
    return this.page.getByRole('tab', { name }).click();
  }

  /** Withdraws what a row says, and waits until its sheet is gone with the focus it gives back. */
  async takeBack(row: Locator, why: string): Promise<void> {
    await row.getByRole('button', { name: 'Take back' }).click();
    await this.page.getByLabel('Why it does not hold').fill(why);
    await this.page.getByRole('button', { name: 'Withdraw it' }).click();
    await expect(this.page.getByRole('dialog')).toHaveCount(0);
  }

  closeSheet(): Promise<void> {
    return this.page.getByRole('button', { name: 'Close', exact: true }).click();
  }

  /** With the simulated scale that stands beside typing, until a scale is connected; then with that. Its time is let run. */
  async weighIn(): Promise<void> {
    await this.press(/^Weigh in/);
    await expect(this.next.getByRole('button', { name: 'Close the valve' })).toBeVisible();
    await this.page.getByRole('button', { name: /scale/i }).first().click();
    const faster = this.page.getByRole('radio', { name: '10×' });
    if (!(await faster.isChecked())) await faster.click();
    await this.closeSheet();
    await expect(this.next.getByRole('button', { name: 'Close the valve' })).toBeHidden({ timeout: 120_000 });
  }

  /** Does what the sheet says, one move after the other, until the start-up is signed. Returns the moves made. */
  async followToSignature(most = 60): Promise<string[]> {
    const moves: string[] = [];
    for (let i = 0; i < most; i++) {
      // On a phone a figure that is looked at lies over the page.
      const figure = this.page.getByRole('dialog').getByRole('heading', { name: 'Working' });
      if (await figure.isVisible()) await this.closeSheet();
      await expect(this.next).not.toContainText(/Instruments silent/);
      const text = ((await this.next.textContent()) ?? '').replace(/\s+/g, ' ');
      if (/Start-up signed/.test(text)) return moves;
      const label = await this.pressed(text);
      if (label && moves.at(-1) !== label) moves.push(label);
      await this.page.waitForTimeout(label ? 500 : 1200);
    }
    throw new Error(`not signed after: ${moves.join(' → ')}`);
  }

  private async pressed(text: string): Promise<string | undefined> {
    // The move's own button; simulated time may run ahead beside it.
    const button = this.next.locator('button:not([data-testid=ahead])').first();
    if (!(await button.isVisible())) return undefined;
    const label = ((await button.textContent()) ?? '').trim();
    // Signed between the reading of the text and here: the next loop sees it.
    if (label === 'Close the valve' || label === 'Go to hand-over') return undefined;
    const pressed = await this.next
      .getByRole('button', { name: label, exact: true })
      .click({ timeout: 3000 })
      .then(
        () => true,
        // The move changed under the finger, pressed or not: then no sheet is waited for.
        () => false,
      );
    if (pressed && label === 'Prove the airflow')
      await this.page.getByRole('button', { name: /simulated flow grid/ }).click();
    if (pressed && label === 'Connect instruments') {
      await this.page.getByRole('button', { name: 'Connect simulated instruments' }).click();
      await expect(this.page.getByRole('radio', { name: '60×' })).toBeVisible();
      await this.closeSheet();
    }
    return /^Record and sign/.test(label) ? `${label} (${text.slice(0, 40)})` : label;
  }
}

/** What an estimator or lead does before the work. */
export class Surveyor extends Crew {
  fact(key: string): Locator {
    return this.page.getByTestId(`fact-${key}`);
  }

  /** Taps an answer, types a number, or says it could not be seen; waits until it stands. */
  async answer(key: string, value: string | number | null): Promise<void> {
    const row = this.fact(key);
    if (value === null) {
      await row.getByRole('button', { name: 'Not seen' }).click();
      await expect(row.getByRole('button', { name: 'Not seen' })).toHaveAttribute('aria-pressed', 'true');
    } else if (typeof value === 'number') {
      const field = row.getByRole('textbox').first();
      await field.fill(String(value));
      await field.press('Enter');
      await expect(row).toContainText(/Orlan|Vance/);
    } else {
      const tap = row.getByRole('button', { name: value, exact: true });
      await tap.click();
      await expect(tap).toHaveAttribute('aria-pressed', 'true');
    }
  }

  /** Goes to a place, and is there: its questions are on screen, not those of the place before. */
  async place(name: string): Promise<void> {
    await this.page
      .getByRole('navigation', { name: 'Places' })
      .getByRole('link', { name: new RegExp(`^${name}`) })
      .click();
    await expect(this.page.getByRole('heading', { level: 1, name: new RegExp(`^${name}`) })).toBeVisible();
  }

  /** Every question of the place on screen that nobody answered yet: not seen. */
  async restNotSeen(): Promise<void> {
    const rows = this.page.locator('[data-testid^="fact-"]');
    for (let i = 0; i < (await rows.count()); i++) {
      const row = rows.nth(i);
      if (!/how it is known/.test((await row.textContent()) ?? '')) continue;
      await row.getByRole('button', { name: 'Not seen' }).click();
      await expect(row.getByRole('button', { name: 'Not seen' })).toHaveAttribute('aria-pressed', 'true');
    }
  }

  /** Draws a signature with the finger. */
  async sign(): Promise<void> {
    const pad = this.page.getByTestId('signature');
    await pad.scrollIntoViewIfNeeded();
    const box = (await pad.boundingBox())!;
    await this.page.mouse.move(box.x + 30, box.y + 90);
    await this.page.mouse.down();
    for (let i = 1; i < 9; i++)
      await this.page.mouse.move(box.x + 30 + i * 25, box.y + (i % 2 ? 50 : 95), { steps: 3 });
    await this.page.mouse.up();
  }

  /** Every picture that is asked for before the old system is taken apart. */
  async takePictures(): Promise<void> {
    const items = this.page.locator('[data-testid^="before-"]');
    await expect(items.first()).toBeVisible();
    for (const item of await items.all()) {
      if (await item.getByRole('img').count()) continue;
      await item.locator('input[type=file]').setInputFiles('docs/screenshots/jobs.png');
      await expect(item.getByRole('img')).toBeVisible();
    }
  }

  async openPart(number: number, part: string): Promise<void> {
    const found = await this.page.request.get(`/api/jobs?state=all&offset=0&search=${number}`);
    const { jobs } = (await found.json()) as { jobs: { jobId: string; number: number }[] };
    await this.go(`/jobs/${jobs.find((j) => j.number === number)!.jobId}/${part}`);
    await expect(this.next).toBeVisible();
  }

  /** Answers every check of the set sheet that is still open as it is asked: taps, readings at their band, seals, pictures. */
  async setAsAsked(): Promise<void> {
    const rows = this.page.locator('li[data-testid^=look-]');
    await expect(rows.first()).toBeVisible();
    for (const row of await rows.all()) {
      const text = (await row.textContent()) ?? '';
      const tap = row.getByRole('button', { name: 'As asked' });
      const closed = row.getByRole('button', { name: 'Closed with …' });
      const box = row.getByRole('textbox');
      if (await tap.isVisible()) await tap.click();
      else if (await closed.isVisible()) {
        await closed.click();
        await row.getByRole('button', { name: 'mastic', exact: true }).click();
      } else if (await box.isVisible()) {
        await box.fill(/at (?:least|most) ([\d.]+)/.exec(text)?.[1] ?? '0');
        await box.press('Enter');
      } else continue;
      await expect(row.getByRole('button', { name: 'Change' })).toBeVisible();
      const picture = row.locator('input[type=file]');
      if (await picture.count()) {
        await picture.setInputFiles('docs/screenshots/jobs.png');
        await expect(row).not.toContainText('Take its picture');
      }
    }
  }
}

/** Forms and instruments of the refrigerant circuit. */
export class Fitter extends Surveyor {
  form(kind: string): Locator {
    return this.page.getByTestId(`entry-form-${kind}`);
  }

  /** Fills the open form: text into fields, "label: option" by tapping it; then writes it down. */
  async write(
    kind: string,
    answers: Record<string, string | number>,
    picks: Record<string, string> = {},
    ticks: readonly string[] = [],
  ): Promise<void> {
    const form = this.form(kind);
    await expect(form).toBeVisible();
    for (const [label, option] of Object.entries(picks)) await this.pick(kind, label, option);
    for (const name of ticks) await form.getByRole('button', { name, exact: true }).click();
    for (const [label, value] of Object.entries(answers))
      await form.getByLabel(label, { exact: true }).fill(String(value));
    await form.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(form).toBeHidden();
  }

  pick(kind: string, label: string, option: string): Promise<void> {
    return this.form(kind)
      .getByRole('radiogroup', { name: label, exact: true })
      .getByRole('radio', { name: option, exact: true })
      .click();
  }

  offer(title: string): Promise<void> {
    return this.page
      .getByRole('region', { name: 'Add an entry' })
      .getByRole('button', { name: title, exact: true })
      .click();
  }

  /** Connects the simulated bench and lets its time run. */
  async connect(speed = '60×', more?: () => Promise<void>): Promise<void> {
    await this.page.getByRole('button', { name: /^Instruments/ }).click();
    await this.page.getByRole('button', { name: 'Connect simulated instruments' }).click();
    await this.page.getByRole('radio', { name: speed }).click();
    await more?.();
    await this.closeSheet();
  }

  /** Simulated time runs to the next decision. */
  async ahead(): Promise<void> {
    await this.next.getByRole('button', { name: 'To the next decision' }).click();
  }

  /** Presses the next move once it shows this label. */
  async pressWhen(label: string | RegExp, timeout = 90_000): Promise<void> {
    const button = this.next.getByRole('button', { name: label });
    await expect(button).toBeVisible({ timeout });
    await button.click();
  }
}

/** Reports a figure in the test's output, as one JSON line. */
export function figure(what: string, value: number, unit: string): void {
  process.stdout.write(`${JSON.stringify({ what, value: Math.round(value * 10) / 10, unit })}\n`);
}

/** Answers that prove a unit dead, and those that allow its pump-down. */
export const DEAD: [Record<string, number>, Record<string, string>] = [
  { 'Line to line': 0.2, 'One line to ground': 0.1, 'Other line to ground': 0.1 },
  {
    'Tester read a known live source first': 'Yes',
    'Tester read the live source again': 'Yes',
    'Locked and tagged': 'Yes',
  },
];
export const REMOVAL_ANSWERS: Record<string, string> = {
  ...Object.fromEntries(
    ['The compressor runs', 'Both service valves close', 'The indoor blower runs', 'It can be held in cooling'].map(
      (q) => [q, 'Yes'],
    ),
  ),
  ...Object.fromEntries(
    ['Burnout or acid', 'A mixture is suspected', 'The low side leaks', 'The maker forbids a pump-down'].map((q) => [
      q,
      'No',
    ]),
  ),
};

/** What the old system held: a plate of six and a half pounds, thirty feet of line. */
export const OLD_CHARGE: [Record<string, number>, Record<string, string>] = [
  {
    'Factory charge, lb': 6,
    'Factory charge': 8,
    'Line length it includes': 15,
    'Line length found': 30,
    Adder: 0.54,
    'Inside volume of the outdoor unit': 0.34,
  },
  {
    'Old refrigerant, from its plate': 'R-410A',
    Appliance: 'Comfort cooling',
    'It leaks: a vacuum would draw air in': 'No',
  },
];
/** What stood in it before it was opened: liquid, at rest. */
export const STANDING: [Record<string, number>, Record<string, string>] = [
  { 'Pressure of the system at rest': 221, 'Coldest part': 75, 'Hottest part': 78, 'Off, valves open, for': 3 },
  { 'The gauge reads below zero too': 'Yes' },
];
/** How it was opened: a breath of nitrogen, cut cold, capped. */
export const OPENED: [Record<string, number>, Record<string, string>] = [
  { 'Nitrogen in it': 1.5 },
  { 'Opened with': 'Tube cutter or wrench', 'Open ends': 'Capped at once' },
];
export const PUMP_DOWN = { Method: 'Pump-down into the old unit' };

/** A pump of two hoses far from its gauge, the compressor locked out. */
export const PUMP: [Record<string, number>, Record<string, string>] = [
  { Pump: 6, 'Hose length': 36, 'Hoses side by side': 2, 'Coldest pipe': 70 },
  {
    Method: 'One deep pull',
    'Hose bore, in': '0.43',
    'Valve cores': 'Out',
    'Micron gauge': 'far from the pump',
    'The compressor cannot start: locked out': 'Yes',
  },
];
/** The same with one hose of the usual bore. */
export const ONE_HOSE: typeof PUMP = [
  { ...PUMP[0], 'Hoses side by side': 1 },
  { ...PUMP[1], 'Hose bore, in': '0.31' },
];
export const BRAZED = {
  'On the': 'Vapor line',
  'Made by': 'braze',
  'Tube OD, in': '7/8',
  Metals: 'copper to copper',
  Alloy: 'copper-phosphorus',
  'Heat kept off valves and bulbs': 'Yes',
};
export const BI_FLOW = {
  'In the': 'Liquid line',
  Flows: 'both ways',
  'The old drier': 'cut out cold',
  'The unit has its own drier besides': 'No',
};
export const BROKEN: [Record<string, number>, Record<string, string>] = [
  { To: 3 },
  { With: 'The factory charge, service valve cracked', 'The vacuum gauge was closed off first': 'Yes' },
];

/** A job with its equipment typed and nothing else; gives its id. */
export async function equippedJob(
  page: Page,
  customerName: string,
  plate: object,
  scheduledFor = '2026-06-01',
): Promise<{ id: string; number: number }> {
  const { people } = (await (await page.request.get('/api/people')).json()) as {
    people: { id: string; role: string }[];
  };
  const id = uuid();
  const reply = await page.request.post('/api/jobs', {
    headers: { Origin: new URL(page.url()).origin },
    data: {
      id,
      customerName,
      phone: null,
      address: '5 Tarn Street',
      town: 'Harrow Mill',
      elevationFt: 1180,
      systemName: 'Second floor',
      leadId: people.find((p) => p.role === 'lead')!.id,
      scheduledFor,
      plate,
    },
  });
  expect(reply.status()).toBe(201);
  return { id, number: ((await reply.json()) as { job: { number: number } }).job.number };
}

/** Writes something down past the screens, where it is not what the test is about. */
export async function post(page: Page, path: string, data: object): Promise<void> {
  const reply = await page.request.post(`/api${path}`, { data, headers: { origin: new URL(page.url()).origin } });
  expect(reply.status(), await reply.text()).toBe(201);
}
