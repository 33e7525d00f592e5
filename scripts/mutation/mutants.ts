import { parseSync } from 'vite';

/** One seeded change of logic: the expression at `start…end` of a file, and what stands there instead. */
export type Mutant = { id: number; file: string; line: number; start: number; end: number; kind: Kind; to: string };

export type Kind = 'boundary' | 'equality' | 'logical' | 'not' | 'boolean' | 'arithmetic' | 'branches' | 'fallback';

type Node = { type: string; start: number; end: number; [key: string]: unknown };

const BINARY: Record<string, [Kind, string]> = {
  '<': ['boundary', '<='],
  '<=': ['boundary', '<'],
  '>': ['boundary', '>='],
  '>=': ['boundary', '>'],
  '===': ['equality', '!=='],
  '!==': ['equality', '==='],
  '+': ['arithmetic', '-'],
  '-': ['arithmetic', '+'],
  '*': ['arithmetic', '/'],
  '/': ['arithmetic', '*'],
};

/** Every change that can be made in a file, without its number; words and types are left alone. */
export function mutantsIn(file: string, code: string): Omit<Mutant, 'id'>[] {
  const out: Omit<Mutant, 'id'>[] = [];
  const text = (n: Node): string => code.slice(n.start, n.end);
  const add = (n: Node, kind: Kind, to: string): void => {
    const line = code.slice(0, n.start).split('\n').length;
    out.push({ file, line, start: n.start, end: n.end, kind, to });
  };
  const visit = (n: Node): void => {
    if (n.type.startsWith('TS') && !KEEPS_VALUE.has(n.type)) return;
    if (n.type === 'ImportDeclaration' || n.type === 'ExportAllDeclaration' || n.type === 'TemplateLiteral') return;
    if (n.type === 'ConditionalExpression' && isProse(n.consequent as Node) && isProse(n.alternate as Node)) return;
    const [left, right, test] = [n.left, n.right, n.test] as Node[];
    if (n.type === 'BinaryExpression') {
      const swap = BINARY[n.operator as string];
      // A plus that joins texts is a word, not logic.
      if (swap && !(n.operator === '+' && (isText(left!) || isText(right!))))
        add(n, swap[0], `(${text(left!)}) ${swap[1]} (${text(right!)})`);
    }
    if (n.type === 'LogicalExpression') {
      if (n.operator === '??') add(n, 'fallback', text(right!));
      else add(n, 'logical', `(${text(left!)}) ${n.operator === '&&' ? '||' : '&&'} (${text(right!)})`);
    }
    if (n.type === 'UnaryExpression' && n.operator === '!') add(n, 'not', `(${text(n.argument as Node)})`);
    if (n.type === 'Literal' && typeof n.value === 'boolean') add(n, 'boolean', String(!n.value));
    if (n.type === 'ConditionalExpression')
      add(n, 'branches', `(${text(test!)}) ? (${text(n.alternate as Node)}) : (${text(n.consequent as Node)})`);
    for (const [key, value] of Object.entries(n)) {
      if (SKIPPED_KEYS.has(key)) continue;
      for (const child of Array.isArray(value) ? value : [value])
        if (child && typeof child === 'object' && typeof (child as Node).type === 'string') visit(child as Node);
    }
  };
  visit(parseSync(file, code).program as unknown as Node);
  return out;
}

const KEEPS_VALUE = new Set(['TSAsExpression', 'TSSatisfiesExpression', 'TSNonNullExpression']);
const SKIPPED_KEYS = new Set(['typeAnnotation', 'returnType', 'typeParameters', 'typeArguments']);

function isText(n: Node): boolean {
  return (
    n.type === 'TemplateLiteral' ||
    (n.type === 'Literal' && typeof n.value === 'string') ||
    (n.type === 'BinaryExpression' && n.operator === '+' && (isText(n.left as Node) || isText(n.right as Node)))
  );
}

/** A sentence or a word joined into one: choosing between two of them is wording, not logic. */
function isProse(n: Node): boolean {
  if (n.type === 'TemplateLiteral') return true;
  if (n.type === 'ConditionalExpression') return isProse(n.consequent as Node) && isProse(n.alternate as Node);
  return n.type === 'Literal' && typeof n.value === 'string' && (n.value === '' || n.value.includes(' '));
}

/** The file with a switch at every one of its mutants (which must not overlap): `__mutant(id)` says which one is on. */
export function switched(code: string, mutants: readonly Mutant[]): string {
  let out = code;
  for (const m of [...mutants].sort((a, b) => b.start - a.start)) {
    const was = code.slice(m.start, m.end);
    out = `${out.slice(0, m.start)}(globalThis.__mutant?.(${m.id}) ? (${m.to}) : (${was}))${out.slice(m.end)}`;
  }
  return out;
}
