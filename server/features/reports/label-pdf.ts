import pdfmake from 'pdfmake';
import type { TDocumentDefinitions } from 'pdfmake/interfaces';
import './paper-fonts';
import { INK, INK2 } from './first-page';

/** What stands on the label of a system: its name, lines of what and figure, the code of its job. */
export type ToldLabel = { title: string; lines: [string, string][]; foot: string; qrSvg: string };

/** A label of 4 by 3 in, pt. */
const SIZE = { width: 288, height: 216 };

/** The label that goes onto the unit: what is in it, how much, who charged it, and the code of its job. */
export function labelPdf({ title, lines, foot, qrSvg }: ToldLabel): Promise<Buffer> {
  const document: TDocumentDefinitions = {
    info: { title, creator: 'Mill Bridge' },
    pageSize: SIZE,
    pageMargins: [14, 12, 14, 10],
    defaultStyle: { font: 'Roboto', fontSize: 8.5, color: INK },
    content: [
      { text: title, bold: true, fontSize: 12, margin: [0, 0, 0, 5] },
      {
        columns: [
          {
            width: '*',
            layout: 'noBorders',
            table: {
              widths: [70, '*'],
              body: lines.map(([what, figure]) => [
                { text: what, color: INK2 },
                { text: figure, bold: true },
              ]),
            },
          },
          { width: 74, svg: qrSvg, fit: [70, 70] },
        ],
        columnGap: 8,
      },
      { text: foot, fontSize: 7, color: INK2, margin: [0, 6, 0, 0] },
    ],
  };
  return pdfmake.createPdf(document).getBuffer();
}
