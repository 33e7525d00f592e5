import { readFileSync, writeFileSync } from 'node:fs';
import { coreEnglish as speak } from '@/contract/words/english';
import { CATALOG } from '@/core/catalog';
import { fieldsOf } from '@/core/finding/schema-fields';
import { POLICY } from '@/core/policy/figures';
import { REFRIGERANT_FACTS, REFRIGERANTS } from '@/core/refrigerant/refrigerants';

/** Writes docs/sources.md from the catalogue; with --check only says whether it is current. */
const FILE = 'docs/sources.md';

const cell = (text: string): string => text.replaceAll('|', '\\|');

export function sourcesText(): string {
  const lines = [
    '# Formulas and sources',
    '',
    'Generated from `core/catalog.ts` by `npm run sources`. Each worked example is also a test.',
    '',
    '## Refrigerants',
    '',
    '| refrigerant | safety group | equation |',
    '|---|---|---|',
    ...REFRIGERANTS.map(
      (r) => `| ${r} | ${REFRIGERANT_FACTS[r].safetyGroup} | ${cell(REFRIGERANT_FACTS[r].equationSource)} |`,
    ),
    '',
    'Enthalpy and entropy are zero for saturated liquid at -40 °F. Saturation is defined from -60 to 150 °F.',
    '',
    '## Figures that several places judge by',
    '',
    '| figure | value | source | set by |',
    '|---|---|---|---|',
    ...Object.entries(POLICY).map(([id, f]) => `| ${id} | ${f.value} ${f.unit} | ${cell(f.source)} | ${f.owner} |`),
    '',
    'Where the company sets it, this is its default. Prices and hours of the scope: `core/policy/prices.ts`.',
    '',
    '## Calculations',
    '',
  ];
  for (const { spec } of CATALOG) {
    const fields = fieldsOf(spec.input);
    lines.push(
      `### ${spec.title} (\`${spec.id}\`)`,
      '',
      spec.what,
      '',
      `- Formula: ${spec.formula}`,
      `- Source: ${spec.source}`,
      `- Not covered: ${spec.notCovered}`,
      `- Takes: ${fields.map((f) => `\`${f.name}\`${f.optional ? ' (optional)' : ''} ${speak(f.allowed)}`.trim()).join('; ')}`,
      `- Example: \`${JSON.stringify(spec.example.input)}\` gives \`${JSON.stringify(spec.example.expected)}\` (± ${spec.example.tolerance})`,
      '',
    );
  }
  return `${lines.join('\n').trimEnd()}\n`;
}

const text = sourcesText();
if (process.argv.includes('--check')) {
  const current = readFileSync(FILE, 'utf8') === text;
  process.stdout.write(current ? 'docs/sources.md is current\n' : 'docs/sources.md is out of date: npm run sources\n');
  process.exit(current ? 0 : 1);
}
writeFileSync(FILE, text);
process.stdout.write(`${FILE} written\n`);
