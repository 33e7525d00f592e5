import { chromium } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import { sampleSheet } from '../core/job/testing/sample-sheet';
import { Crew, equippedJob, post } from '../e2e/crew';
import { figure } from './figure';

/** npm run live-page: how busy a page is on which a run at 60× is drawn, on a processor that is slowed down to a quarter. */
const origin = process.argv[2]!;
const SLOWED = 4;
const SPEED = 60;
const SETTLES_MS = 4000;
const LOOKED_AT_MS = 15_000;

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  chromiumSandbox: false,
  args: ['--disable-gpu', '--no-first-run'],
});
const context = await browser.newContext({ viewport: { width: 390, height: 844 }, baseURL: origin });
const page = await context.newPage();
const crew = new Crew(page);
await crew.signIn();
const devtools = await context.newCDPSession(page);
await devtools.send('Performance.enable');

const metrics = async (): Promise<Record<string, number>> =>
  Object.fromEntries((await devtools.send('Performance.getMetrics')).metrics.map((m) => [m.name, m.value]));

async function look(what: string): Promise<void> {
  await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
  await page.waitForTimeout(SETTLES_MS);
  await page.evaluate(() => {
    const seen: number[] = [];
    new PerformanceObserver((list) => seen.push(...list.getEntries().map((e) => e.duration))).observe({
      type: 'longtask',
    });
    Object.assign(window, { longTasks: seen });
  });
  const before = await metrics();
  await page.waitForTimeout(LOOKED_AT_MS);
  const after = await metrics();
  const long = await page.evaluate(() => (window as unknown as { longTasks: number[] }).longTasks);
  await devtools.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  const share = (after.TaskDuration! - before.TaskDuration!) / (after.Timestamp! - before.Timestamp!);
  figure(`live page ${what}: main thread busy`, 100 * share, '%');
  figure(`live page ${what}: tasks above 50 ms in 15 s`, long.length, 'tasks');
  figure(`live page ${what}: longest task above 50 ms`, Math.max(0, ...long), 'ms');
}

/** A job whose instruments of a phase run at 60×. */
async function running(phase: string, gate: string, order: object): Promise<string> {
  const { id } = await equippedJob(page, `Busy ${phase}`, sampleSheet().circuit.plate);
  const reason = 'Passed, to look at the speed of its page.';
  await post(page, `/jobs/${id}/phases/${phase}/overrides`, { id: uuid(), gate, reason });
  const runId = uuid();
  await post(page, `/jobs/${id}/runs`, { id: runId, phase, speed: SPEED });
  const headers = { origin };
  const taken = await page.request.post(`/api/runs/${runId}/commands`, { data: order, headers });
  if (!taken.ok()) throw new Error(await taken.text());
  return `/jobs/${id}/${phase}`;
}

const startUp = await running('start-up', 'charge-signed', { kind: 'start' });
for (const tab of ['ladder', 'cycle', 'trend', 'readings', 'fault']) {
  await page.goto(startUp);
  await crew.tab(tab);
  await look(`start-up, ${tab}`);
}
await page.goto(await running('pressure-test', 'join-signed', { kind: 'pressurise', psig: 300 }));
await look('pressure test');
await page.goto(await running('evacuate', 'pressure-signed', { kind: 'pump', on: true }));
await look('evacuation');
await browser.close();
