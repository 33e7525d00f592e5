import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';

const css = readFileSync('web/styles.css', 'utf8');

function theme(selector: string): Record<string, string> {
  const block = css.slice(css.indexOf(`${selector} {`)).split('}')[0]!;
  return Object.fromEntries([...block.matchAll(/--([a-z0-9-]+): (#[0-9a-f]{6})/g)].map((m) => [m[1]!, m[2]!]));
}

/** Relative luminance and contrast ratio: WCAG 2.1. */
function luminance(hex: string): number {
  const [r, g, b] = [1, 3, 5].map((i) => {
    const c = Number.parseInt(hex.slice(i, i + 2), 16) / 255;
    return c <= 0.03928 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!;
}
const contrast = (a: string, b: string): number => {
  const [x, y] = [luminance(a), luminance(b)].sort((p, q) => q - p);
  return (x! + 0.05) / (y! + 0.05);
};

describe('contrast of every theme (WCAG 2.1: 4.5 to 1 for text)', () => {
  it.each([':root', '[data-theme="attic"]', '[data-theme="sunlight"]'])('%s', (selector) => {
    const t = theme(selector);
    for (const ground of ['paper', 'sheet']) {
      for (const text of ['ink', 'ink2', 'copper', 'pine', 'ochre', 'oxide']) {
        expect(contrast(t[text]!, t[ground]!), `${text} on ${ground}`).toBeGreaterThanOrEqual(4.5);
      }
    }
    expect(contrast(t['on-copper']!, t.copper!)).toBeGreaterThanOrEqual(4.5);
  });
  it('sunlight has the most', () => {
    expect(contrast(theme('[data-theme="sunlight"]').ink2!, '#ffffff')).toBeGreaterThan(12);
  });
});
