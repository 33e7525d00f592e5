import { createInterface } from 'node:readline';
import { coreEnglish as speak } from '@/contract/words/english';
import { spoken } from '@/contract/words/speaker';
import { CATALOG, findCalculation } from '@/core/catalog';

/**
 * `npm run -s calc -- <id> '<json>'`: one calculation, JSON out, no database. A refused input exits 2.
 * `npm run -s calc -- --lines`: JSON lines `{"id","in"}` in, one answer a line, in order; refusals as `{"error":…}`.
 */
type Refused = { field: string; message: string; allowed: string };
type Answer = { ok: true; value: unknown } | { ok: false; refused: Refused };

const ids = CATALOG.map((c) => c.spec.id).join(', ');
const refuse = (field: string, message: string, allowed: string): Answer => ({
  ok: false,
  refused: { field, message, allowed },
});

function answer(id: unknown, input: unknown): Answer {
  if (typeof id !== 'string' || !id) return refuse('id', 'Name a calculation.', ids);
  const calculation = findCalculation(id);
  if (!calculation) return refuse('id', `There is no calculation ${id}.`, ids);
  const outcome = calculation(input as never);
  return outcome.ok
    ? { ok: true, value: spoken(outcome.value, speak) }
    : { ok: false, refused: spoken(outcome.refused, speak) as Refused };
}

const line = (a: Answer): string => `${JSON.stringify(a.ok ? a.value : { error: a.refused })}\n`;

function answerLine(text: string): Answer {
  let asked: unknown;
  try {
    asked = JSON.parse(text);
  } catch {
    return refuse('line', 'The line is not JSON.', '{"id": …, "in": {…}}');
  }
  if (typeof asked !== 'object' || asked === null || Array.isArray(asked))
    return refuse('line', 'The line is not an object.', '{"id": …, "in": {…}}');
  const { id, in: input } = asked as { id?: unknown; in?: unknown };
  return answer(id, input ?? {});
}

async function lines(): Promise<void> {
  let out = '';
  for await (const text of createInterface({ input: process.stdin, crlfDelay: Number.POSITIVE_INFINITY })) {
    if (text.trim() === '') continue;
    out += line(answerLine(text));
    // Written in blocks: thousands a second, not a system call a line.
    if (out.length > BLOCK) {
      process.stdout.write(out);
      out = '';
    }
  }
  process.stdout.write(out);
}
const BLOCK = 65_536;

function one(id: string | undefined, json: string | undefined): void {
  let input: unknown;
  try {
    input = JSON.parse(json ?? '{}');
  } catch {
    const example = findCalculation(id ?? '')?.spec.example.input ?? {};
    finish(refuse('input', 'The second argument is not JSON.', `for example '${JSON.stringify(example)}'`));
    return;
  }
  finish(answer(id, input));
}

function finish(a: Answer): void {
  process.stdout.write(line(a));
  if (!a.ok) process.exitCode = 2;
}

const [first, second] = process.argv.slice(2);
if (first === '--lines') await lines();
else one(first, second);
