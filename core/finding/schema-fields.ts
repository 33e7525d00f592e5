import type { z } from 'zod';

type SchemaNode = {
  shape?: Record<string, SchemaNode>;
  element?: SchemaNode;
  unwrap?: () => SchemaNode;
  description?: string;
};

/** The description of the field at a path: through objects, arrays, and optional or defaulted wrappers. */
export function allowedAt(schema: z.ZodType, path: PropertyKey[]): string | undefined {
  let at: SchemaNode | undefined = schema as unknown as SchemaNode;
  for (const key of path) {
    while (at && !at.shape && !at.element && at.unwrap) at = at.unwrap();
    at = typeof key === 'number' ? at?.element : at?.shape?.[String(key)];
    if (!at) return undefined;
  }
  while (at && at.description === undefined && at.unwrap && !at.element) at = at.unwrap();
  return at?.description;
}

/** The fields of a calculation's input: name, what is allowed, and whether it may be left out. */
export function fieldsOf(schema: z.ZodType): { name: string; allowed: string; optional: boolean }[] {
  const shape = (schema as unknown as { shape: Record<string, z.ZodType> }).shape;
  return Object.entries(shape).map(([name, field]) => ({
    name,
    allowed: allowedAt(schema, [name]) ?? '',
    optional: field.safeParse(undefined).success,
  }));
}
