import { readdirSync, readFileSync } from 'node:fs';
import { parseSync } from 'vite';
import { expect, it } from 'vitest';

/** Attributes whose text somebody reads or hears. */
const READ = new Set(['label', 'title', 'placeholder', 'aria-label', 'alt', 'hint', 'because', 'say']);
/** The same in every language: signs, units, names of parts and of the product. */
const SIGNS = /^(?:[^\p{L}]*|°?[A-Z]{1,4}|psig?|psia|oz|lb|ft|in|min|Mill|Bridge)$/u;
const hasWords = (text: string): boolean => text.split(/\s+/).some((word) => !SIGNS.test(word));

type Node = { type: string; start: number; [key: string]: unknown };
const isNode = (value: unknown): value is Node => typeof (value as Node | null)?.type === 'string';
const inside = (node: Node): Node[] => Object.values(node).flat().filter(isNode);

/** The text a piece of markup shows as it stands, without a catalogue. */
function shownBy(node: Node): string | undefined {
  if (node.type === 'JSXText') return node.value as string;
  if (node.type === 'Property' && READ.has((node.key as { name: string }).name)) return literal(node.value);
  if (node.type === 'JSXAttribute' && READ.has((node.name as { name: string }).name)) return literal(node.value);
  return undefined;
}
function literal(value: unknown): string | undefined {
  if (!isNode(value)) return undefined;
  if (value.type === 'JSXExpressionContainer') return literal(value.expression);
  return value.type === 'Literal' && typeof value.value === 'string' ? value.value : undefined;
}

/** Words that stand in a screen's code, as "file:line: words". */
function wordsIn(file: string, code: string): string[] {
  const found: string[] = [];
  const look = (node: Node): void => {
    const children = node.type === 'JSXElement' ? (node.children as Node[]) : [];
    for (const text of [
      shownBy(node),
      ...children.map((c) => (c.type === 'JSXExpressionContainer' ? literal(c) : undefined)),
    ])
      if (text !== undefined && hasWords(text))
        found.push(`${file}:${code.slice(0, node.start).split('\n').length}: ${text.trim()}`);
    inside(node).forEach(look);
  };
  look(parseSync(file, code).program as unknown as Node);
  return found;
}

it('finds words in text, in braces and in what is read aloud, and lets signs pass', () => {
  const code = '<p title="Next step" className="a b">\n<b>Weigh it in</b> {"Then sign"} {12} °F · {say(x)}</p>';
  expect(wordsIn('x.tsx', `const a = ${code};`)).toEqual([
    'x.tsx:1: Then sign',
    'x.tsx:1: Next step',
    'x.tsx:2: Weigh it in',
  ]);
});

it('no screen holds words of its own: what is read comes from a catalogue, in the reader’s language', () => {
  const screens = readdirSync('web', { recursive: true, encoding: 'utf8' }).filter(
    (f) => /\.tsx?$/.test(f) && !/words\.e[ns]\.ts$|\.test\.tsx?$/.test(f),
  );
  expect(screens.length).toBeGreaterThan(100);
  expect(screens.flatMap((f) => wordsIn(`web/${f}`, readFileSync(`web/${f}`, 'utf8')))).toEqual([]);
});
