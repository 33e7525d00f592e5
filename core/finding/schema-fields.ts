import type { z } from 'zod';
import type { Label } from '@/core/words/said';

type SchemaNode = {
  shape?: Record<string, SchemaNode>;
  element?: SchemaNode;
  unwrap?: () => SchemaNode;
  description?: string;
  meta?: () => { allowed?: Label } | undefined;
};

/** What a node says it allows: in words for people, else the description that only a program reads. */
const allowedOf = (node: SchemaNode): Label | undefined => node.meta?.()?.allowed ?? node.description;

/** What the field at a path allows: through objects, arrays, and optional or defaulted wrappers. */
export function allowedAt(schema: z.ZodType, path: PropertyKey[]): Label | undefined {
  let at = nodeAt(schema, path);
  while (at && allowedOf(at) === undefined && at.unwrap && !at.element) at = at.unwrap();
  return at && allowedOf(at);
}

/** Names of what may stand at a path, where it is an object. */
export function namesAt(schema: z.ZodType, path: PropertyKey[]): string[] {
  let at = nodeAt(schema, path);
  while (at && !at.shape && at.unwrap) at = at.unwrap();
  return Object.keys(at?.shape ?? {});
}

function nodeAt(schema: z.ZodType, path: PropertyKey[]): SchemaNode | undefined {
  let at: SchemaNode | undefined = schema as unknown as SchemaNode;
  for (const key of path) {
    while (at && !at.shape && !at.element && at.unwrap) at = at.unwrap();
    at = typeof key === 'number' ? at?.element : at?.shape?.[String(key)];
    if (!at) return undefined;
  }
  return at;
}

/** The fields of a calculation's input: name, what is allowed, and whether it may be left out. */
export function fieldsOf(schema: z.ZodType): { name: string; allowed: Label; optional: boolean }[] {
  const shape = (schema as unknown as { shape: Record<string, z.ZodType> }).shape;
  return Object.entries(shape).map(([name, field]) => ({
    name,
    allowed: allowedAt(schema, [name]) ?? '',
    optional: field.safeParse(undefined).success,
  }));
}
