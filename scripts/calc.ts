import { CATALOG, findCalculation } from '@/core/catalog';

/** `npm run -s calc -- <id> '<json>'`: one calculation, JSON out, no database. A refused input exits 2. */
const [id, json] = process.argv.slice(2);

function refuse(field: string, message: string, allowed: string): never {
  process.stdout.write(`${JSON.stringify({ error: { field, message, allowed } })}\n`);
  process.exit(2);
}

const ids = CATALOG.map((c) => c.spec.id).join(', ');
if (!id) refuse('id', 'Name a calculation.', ids);
const calculation = findCalculation(id);
if (!calculation) refuse('id', `There is no calculation ${id}.`, ids);

let input: unknown;
try {
  input = JSON.parse(json ?? '{}');
} catch {
  refuse(
    'input',
    'The second argument is not JSON.',
    `for example '${JSON.stringify(calculation.spec.example.input)}'`,
  );
}
const outcome = calculation(input as never);
if (!outcome.ok) refuse(outcome.refused.field, outcome.refused.message, outcome.refused.allowed);
process.stdout.write(`${JSON.stringify(outcome.value)}\n`);
