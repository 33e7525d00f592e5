import { expect, it } from 'vitest';
import { deviceWords } from './device-words';

// The forms in which browsers announce themselves, from memory.
it.each([
  ['Mozilla/5.0 (Linux; Android 14) AppleWebKit/537.36 Chrome/120.0 Mobile Safari/537.36', 'Chrome on Android'],
  [
    'Mozilla/5.0 (iPhone; CPU iPhone OS 17_0 like Mac OS X) AppleWebKit/605 Version/17.0 Safari/604',
    'Safari on iPhone',
  ],
  ['Mozilla/5.0 (Windows NT 10.0) AppleWebKit/537.36 Chrome/120.0 Safari/537.36 Edg/120.0', 'Edge on Windows'],
  ['Mozilla/5.0 (X11; Linux x86_64; rv:120.0) Gecko/20100101 Firefox/120.0', 'Firefox on Linux'],
  ['node', 'Another program'],
])('%s', (agent, words) => {
  expect(deviceWords(agent)).toBe(words);
});
