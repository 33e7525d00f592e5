import pdfmake from 'pdfmake';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import './paper-fonts';
import { firstPage, INK, INK2, RULE } from './first-page';
import type { PaperPictures, PaperWords, ToldPicture, ToldReport, ToldTable } from './told-report';

const COPPER = '#a64f28';

/** The company's logo at the head, pt. */
const LOGO_PT: [number, number] = [180, 54];

const thinLines = {
  hLineWidth: (i: number) => (i === 1 ? 1 : 0.5),
  vLineWidth: () => 0,
  hLineColor: (i: number) => (i === 1 ? INK : RULE),
  paddingLeft: () => 0,
  paddingRight: () => 8,
  paddingTop: () => 2.5,
  paddingBottom: () => 2.5,
};

/** Longest text of a column decides whether it may stretch. */
function widths(table: ToldTable): (string | number)[] {
  const longest = table.columns.map((name, i) => Math.max(name.length, ...table.rows.map((r) => r[i]?.length ?? 0)));
  return longest.map((n) => (n > 34 ? '*' : 'auto'));
}

function tableContent(table: ToldTable): Content {
  return [
    { text: table.title, style: 'section' },
    {
      layout: thinLines,
      table: {
        headerRows: 1,
        keepWithHeaderRows: 1,
        dontBreakRows: true,
        widths: widths(table),
        body: [
          table.columns.map((c) => ({ text: c, color: INK2 })),
          ...table.rows.map((row) => row.map((cell) => ({ text: cell, noWrap: cell.length < 24 }))),
        ],
      },
    },
  ];
}

/** Pictures in a row of this paper, and their width, pt. */
const IN_A_ROW = 4;
const PICTURE_PT = 126;

function pictureContent(table: ToldTable, pictures: readonly ToldPicture[], { byId }: PaperPictures): Content {
  const cell = (p: ToldPicture | undefined): Content =>
    p
      ? {
          stack: [
            byId[p.id] ? { image: byId[p.id]!, fit: [PICTURE_PT, PICTURE_PT] } : { text: '–' },
            { text: p.caption, fontSize: 7, color: INK2, margin: [0, 2, 6, 6] as [number, number, number, number] },
          ],
        }
      : { text: '' };
  const rows = Array.from({ length: Math.ceil(pictures.length / IN_A_ROW) }, (_, r) =>
    Array.from({ length: IN_A_ROW }, (_, c) => cell(pictures[r * IN_A_ROW + c])),
  );
  return [
    { text: table.title, style: 'section' },
    { layout: 'noBorders', table: { widths: rows[0]!.map(() => PICTURE_PT), dontBreakRows: true, body: rows } },
  ];
}

export async function reportPdf(
  report: ToldReport,
  words: PaperWords,
  pictures: PaperPictures = { byId: {} },
): Promise<Buffer> {
  const document: TDocumentDefinitions = {
    info: { title: `${report.title} ${report.number}`, creator: 'Mill Bridge' },
    pageSize: 'LETTER',
    pageMargins: [40, 44, 40, 44],
    defaultStyle: { font: 'Roboto', fontSize: 8.5, color: INK, lineHeight: 1.15 },
    styles: { section: { fontSize: 12, bold: true, margin: [0, 14, 0, 4] } },
    footer: (page, pages) => ({
      columns: [
        { text: report.simulated ?? report.statusSay, color: report.simulated ? COPPER : INK2 },
        {
          text: words.page.replace('%p', String(page)).replace('%n', String(pages)),
          alignment: 'right',
          width: 110,
          color: INK2,
        },
      ],
      margin: [40, 14, 40, 0],
      fontSize: 7.5,
    }),
    content: [
      ...(pictures.logo
        ? [{ image: pictures.logo, fit: LOGO_PT, margin: [0, 0, 0, 8] as [number, number, number, number] }]
        : []),
      {
        columns: [
          { text: report.title, fontSize: 20, bold: true },
          { text: report.statusSay, alignment: 'right', margin: [0, 8, 0, 0] },
        ],
      },
      ...(report.simulated
        ? [
            {
              table: {
                widths: ['*'],
                body: [
                  [
                    {
                      text: report.simulated,
                      color: COPPER,
                      bold: true,
                      margin: [4, 3, 4, 3] as [number, number, number, number],
                    },
                  ],
                ],
              },
              layout: { hLineColor: () => COPPER, vLineColor: () => COPPER },
              margin: [0, 6, 0, 0] as [number, number, number, number],
            },
          ]
        : []),
      ...firstPage(report, pictures),
      {
        layout: 'noBorders',
        margin: [0, 10, 0, 0],
        table: { widths: [95, '*'], body: report.facts.map(([k, v]) => [{ text: k, color: INK2 }, { text: v }]) },
      },
      ...report.tables.map((t) => (t.pictures ? pictureContent(t, t.pictures, pictures) : tableContent(t))),
      { text: words.notes, style: 'section' },
      { ul: report.notes },
    ],
  };
  return pdfmake.createPdf(document).getBuffer();
}
