import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/**
 * Third-party notices of what ships with the application: every package that the lock file installs for it, its licence and
 * its text. Written beside the built pages (dist/web/third-party-notices.txt); ends with 1 at a licence that asks for more
 * than a notice, so that nobody adds one unseen.
 */
process.chdir(path.resolve(import.meta.dirname, '..'));
const FREE =
  /^(MIT|MIT-0|ISC|0BSD|BSD-2-Clause|BSD-3-Clause|Apache-2\.0|Unlicense|CC0-1\.0|CC-BY-4\.0|BlueOak-1\.0\.0|Python-2\.0|Zlib|OFL-1\.1)$/;
/** One of several that are offered is enough. */
const isFree = (licence) =>
  licence
    .replace(/[()]/g, '')
    .split(/ OR /i)
    .some((one) => one.split(/ AND /i).every((part) => FREE.test(part.trim())));
const MIT_TEXT = /Permission is hereby granted, free of charge, to any person obtaining a copy/;
/** Told of by their package as "SEE LICENSE", or libraries called by a program of their own: looked at by hand. */
const BY_HAND = {
  '@img/sharp-libvips':
    'LGPL-3.0-or-later, a shared library that is called, not changed; its source: github.com/lovell/sharp-libvips',
};

const lock = JSON.parse(readFileSync('package-lock.json', 'utf8'));
const trouble = [];
const parts = [];
for (const [where, entry] of Object.entries(lock.packages)) {
  if (!where || entry.dev || entry.link || !existsSync(where)) continue;
  const name = where.replace(/^.*node_modules\//, '');
  const stated = JSON.parse(readFileSync(path.join(where, 'package.json'), 'utf8'));
  const file = readdirSync(where).find((f) => /^(licen[cs]e|copying|ofl)/i.test(f));
  const text = file
    ? readFileSync(path.join(where, file), 'utf8').trim()
    : '(The package brings no text of its licence.)';
  // Old packages state a list, or bring the text alone.
  const listed = stated.licenses?.map((l) => l.type).join(' AND ');
  const licence = String(
    entry.license ?? stated.license ?? listed ?? (MIT_TEXT.test(text.replace(/\s+/g, ' ')) ? 'MIT' : ''),
  );
  const byHand = Object.entries(BY_HAND).find(([prefix]) => name.startsWith(prefix))?.[1];
  if (!byHand && !isFree(licence)) trouble.push(`${name} ${entry.version}: ${licence || 'no licence stated'}`);
  parts.push(`${name} ${entry.version}\n${byHand ?? licence}\n\n${text}\n`);
}
mkdirSync('dist/web', { recursive: true });
writeFileSync('dist/web/third-party-notices.txt', parts.join(`\n${'-'.repeat(78)}\n\n`));
process.stdout.write(`${parts.length} notices\n`);
if (trouble.length) {
  process.stderr.write(`Licences that nobody has looked at:\n${trouble.join('\n')}\n`);
  process.exit(1);
}
