/** The field a signature is kept on. */
export const INK_WIDTH = 400;
export const INK_HEIGHT = 140;

/** The pen's strokes as one path on a 400 by 140 field: moves and lines, whole numbers. */
export function inkOf(
  strokes: readonly { points: readonly { x: number; y: number }[] }[],
  width: number,
  height: number,
): string | null {
  const path = strokes
    .map(({ points }) => {
      const at = points.map(
        (p) => `${Math.round((p.x / width) * INK_WIDTH)} ${Math.round((p.y / height) * INK_HEIGHT)}`,
      );
      // A dot is a line to itself.
      return at.length === 0 ? '' : `M${at[0]}L${(at.length > 1 ? at.slice(1) : at).join('L')}`;
    })
    .join('');
  return path === '' ? null : path;
}
