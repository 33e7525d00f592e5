import { readFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';

/** What a phone loads before anything is seen: the scripts and styles that the page names, gzipped. Ends with 1 above the limit. */
const MOST_KB = 200;
const web = path.resolve(import.meta.dirname, '../dist/web');
const page = readFileSync(path.join(web, 'index.html'), 'utf8');
const named = [...page.matchAll(/(?:src|href)="(\/assets\/[^"]+\.(?:js|css))"/g)].map((m) => m[1]);
const sizes = named.map((name) => ({ name, kB: gzipSync(readFileSync(path.join(web, name))).length / 1000 }));
const scripts = sizes.filter((s) => s.name.endsWith('.js')).reduce((sum, s) => sum + s.kB, 0);
for (const { name, kB } of sizes) process.stdout.write(`${kB.toFixed(1).padStart(8)} kB  ${name}\n`);
process.stdout.write(
  `${JSON.stringify({ what: 'initial JS, gzipped', value: Number(scripts.toFixed(1)), unit: 'kB' })}\n`,
);
if (named.length === 0 || scripts > MOST_KB) {
  process.stderr.write(`The scripts of the first page may be ${MOST_KB} kB at most, gzipped.\n`);
  process.exit(1);
}
