import type { Content, TableCell } from 'pdfmake/interfaces';
import type { PaperPictures, ToldReport } from './told-report';

/** Letters and rules of every paper. */
export const INK = '#1b2928';
export const INK2 = '#5d6763';
export const RULE = '#d9d0bd';

/** A drawing over the whole width, and one of two beside each other, pt. */
const DRAWING_PT: [number, number] = [530, 380];
const CHART_PT: [number, number] = [256, 170];
const QR_PT: [number, number] = [64, 64];
const INK_PT: [number, number] = [110, 40];

const between = {
  hLineWidth: (i: number) => (i === 0 ? 0 : 0.5),
  vLineWidth: () => 0,
  hLineColor: () => RULE,
  paddingLeft: () => 0,
  paddingRight: () => 8,
  paddingTop: () => 5,
  paddingBottom: () => 5,
};

/** Five lines, the curves, the code of the job: what a reader sees before anything else. Nothing where a report has none of it. */
export function firstPage({ five, charts, drawings, takenOver }: ToldReport, { qr }: PaperPictures): Content[] {
  const pairs = Array.from({ length: Math.ceil(charts.length / 2) }, (_, i) => charts.slice(2 * i, 2 * i + 2));
  return [
    ...(five.length
      ? [
          {
            layout: between,
            margin: [0, 8, 0, 4] as [number, number, number, number],
            table: {
              widths: [78, '*'],
              dontBreakRows: true,
              body: five.map((l): TableCell[] => [
                { text: l.label, bold: true, fontSize: 10.5 },
                { text: l.said, fontSize: 10 },
              ]),
            },
          },
        ]
      : []),
    ...(takenOver
      ? [
          {
            unbreakable: true,
            margin: [0, 4, 0, 4] as [number, number, number, number],
            columns: [
              ...(takenOver.svg ? [{ svg: takenOver.svg, fit: INK_PT, width: INK_PT[0] + 10 }] : []),
              { text: takenOver.say, fontSize: 9, margin: [0, 12, 0, 0] as [number, number, number, number] },
            ],
          },
        ]
      : []),
    ...pairs.map(
      (pair): Content => ({
        unbreakable: true,
        margin: [0, 8, 0, 0],
        columns: pair.map((c) => ({
          width: CHART_PT[0],
          stack: [
            { text: c.title, bold: true, fontSize: 10, margin: [0, 0, 0, 3] as [number, number, number, number] },
            { svg: c.svg, fit: CHART_PT },
          ],
        })),
        columnGap: 18,
      }),
    ),
    ...(qr
      ? [
          {
            unbreakable: true,
            margin: [0, 10, 0, 0] as [number, number, number, number],
            columns: [
              { svg: qr.svg, fit: QR_PT, width: 76 },
              { text: qr.say, fontSize: 8, color: INK2, margin: [0, 4, 0, 0] as [number, number, number, number] },
            ],
          },
        ]
      : []),
    ...drawings.flatMap((d): Content[] => [
      { text: d.title, style: 'section' },
      { svg: d.svg, fit: DRAWING_PT },
    ]),
  ];
}
