import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

const DAY_MS = 86_400_000;
const NOON = Date.UTC(2026, 5, 1, 12);
const http = (ms: number): string => new Date(ms).toUTCString();

let clock: typeof import('./clock');
const kept = new Map<string, string>();
beforeEach(async () => {
  kept.clear();
  vi.stubGlobal('localStorage', {
    getItem: (k: string) => kept.get(k) ?? null,
    setItem: (k: string, v: string) => void kept.set(k, v),
  });
  vi.useFakeTimers({ now: NOON });
  vi.resetModules();
  clock = await import('./clock');
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('the clock of a device', () => {
  it.each([
    ['a day ahead', DAY_MS],
    ['a day behind', -DAY_MS],
    ['an hour ahead: a wrong time zone', 3_600_000],
    ['just over what is let go', 92_000],
  ])('%s is corrected, to the second the server tells', (_name, ahead) => {
    clock.heardTime(http(NOON - ahead), NOON);
    expect(Math.abs(clock.serverNow() - (NOON - ahead))).toBeLessThan(1000);
    expect(clock.nowIso()).toBe(new Date(clock.serverNow()).toISOString());
    expect(clock.todayAt('UTC')).toBe(new Date(NOON - ahead).toISOString().slice(0, 10));
  });
  it('what a clock may be off, and a slow answer, is no error of it', () => {
    clock.heardTime(http(NOON - 60_000), NOON);
    expect(clock.serverNow()).toBe(NOON);
    // Asked for two minutes: half of that is the way there.
    vi.setSystemTime(NOON + 120_000);
    clock.heardTime(http(NOON + 50_000), NOON);
    expect(clock.serverNow()).toBe(NOON + 120_000);
  });
  it('is remembered without a connection, and goes right again once it does', async () => {
    clock.heardTime(http(NOON - DAY_MS), NOON);
    vi.resetModules();
    const again = await import('./clock');
    expect(again.serverNow()).toBe(NOON - DAY_MS);
    again.heardTime(http(NOON), NOON);
    expect(again.serverNow()).toBe(NOON);
  });
  it('does not jump with the whole seconds of the answers', () => {
    clock.heardTime(http(NOON - DAY_MS), NOON);
    const first = clock.serverNow();
    clock.heardTime(http(NOON - DAY_MS + 1000), NOON);
    expect(clock.serverNow()).toBe(first);
  });
  it.each([null, '', 'yesterday'])('%s says nothing', (date) => {
    clock.heardTime(date, NOON);
    expect(clock.serverNow()).toBe(NOON);
  });
  it('what was kept and cannot be read is nothing', async () => {
    kept.set('mb-clock', 'soon');
    vi.resetModules();
    expect((await import('./clock')).serverNow()).toBe(NOON);
  });
});
