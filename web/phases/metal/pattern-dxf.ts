import { Colors, DxfWriter, LWPolylineFlags, point2d, point3d, Units } from '@tarikjabiri/dxf';
import { CHECK_BAR_IN, type PatternText, setOut } from '@/core/metal/flat/pattern-svg';
import { boxOf, type Piece, type Point } from '@/core/metal/flat/piece';
import { tapeOf } from '@/core/metal/flat/tape';

const LAYERS = [
  ['CUT', Colors.White],
  ['BEND_UP', Colors.Red],
  ['BEND_DOWN', Colors.Green],
  ['MARK', Colors.Cyan],
  ['TEXT', Colors.Yellow],
] as const;
const TEXT_IN = 0.6;

/**
 * Flat pieces as DXF: inches 1:1 (`$INSUNITS` 1), one layer for what is cut, bent up, bent down, marked, written; a check bar of ten
 * inches.
 */
export function patternDxf(pieces: readonly Piece[], text: PatternText): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Inches);
  for (const [name, color] of LAYERS) dxf.addLayer(name, color, 'CONTINUOUS');
  const { starts } = setOut(pieces);
  const on = (layer: (typeof LAYERS)[number][0]): void => dxf.setCurrentLayerName(layer);
  for (const [i, p] of pieces.entries()) {
    const [ox, oy] = starts[i]!;
    const at = ([x, y]: Point): Point => [ox + x, oy + y];
    const line = (a: Point, b: Point): void => void dxf.addLine(point3d(...at(a)), point3d(...at(b)));
    on('CUT');
    dxf.addLWPolyline(
      p.cut.map((c) => ({ point: point2d(...at(c)) })),
      { flags: LWPolylineFlags.Closed },
    );
    for (const b of p.bends) {
      on(b.up ? 'BEND_UP' : 'BEND_DOWN');
      line(b.a, b.b);
    }
    on('MARK');
    for (const [a, b] of p.lines) line(a, b);
    for (const r of p.rings) dxf.addCircle(point3d(...at(r.at)), r.diameterIn / 2);
    on('TEXT');
    for (const l of p.lengths) dxf.addText(point3d(...at(l.at)), TEXT_IN, tapeOf(l.in));
    const box = boxOf(p.cut);
    dxf.addText(point3d(...at([box.left, box.top + TEXT_IN])), TEXT_IN, text.piece(p.id));
  }
  on('MARK');
  dxf.addLine(point3d(0, -2), point3d(CHECK_BAR_IN, -2));
  on('TEXT');
  dxf.addText(point3d(0, -4), TEXT_IN, text.title);
  dxf.addText(point3d(0, -5.5), TEXT_IN, text.warning);
  return dxf.stringify();
}
