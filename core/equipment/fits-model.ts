/**
 * Whether an accessory is listed for a model, by the list that its maker gives: names apart by commas, semicolons or lines; `*` stands
 * for any signs. Undefined where no list was typed: nobody said.
 */
export function fitsModel(fits: string | null | undefined, model: string): boolean | undefined {
  const names = (fits ?? '')
    .split(/[,;\n]/)
    .map((n) => n.trim())
    .filter(Boolean);
  if (names.length === 0) return undefined;
  return names.some((name) => {
    const parts = name.split('*').map((p) => p.replace(/[.+?^${}()|[\]\\/-]/g, '\\$&'));
    return new RegExp(`^${parts.join('.*?')}$`, 'i').test(model.trim());
  });
}
